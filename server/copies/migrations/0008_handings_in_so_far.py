"""What was handed in before handings in were rows."""

from typing import Any

from django.db import migrations


def note(apps: Any, schema_editor: Any) -> None:
    copies = apps.get_model("copies", "Copy").objects.filter(handed_in_at__isnull=False)
    handing_in = apps.get_model("copies", "HandingIn")
    rows = copies.values_list("pk", "handed_in_at").iterator(chunk_size=1_000)
    handing_in.objects.bulk_create((handing_in(copy_id=copy_id, at=at) for copy_id, at in rows), batch_size=1_000)


class Migration(migrations.Migration):
    dependencies = (("copies", "0007_times"),)
    operations = (migrations.RunPython(note, migrations.RunPython.noop),)
