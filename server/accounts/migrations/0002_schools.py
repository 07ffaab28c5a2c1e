import uuid

import django.db.models.deletion
from django.db import migrations, models


def found_schools(apps, schema_editor):
    """Give each teacher a school of their own."""
    School = apps.get_model("accounts", "School")
    for teacher in apps.get_model("accounts", "User").objects.filter(school=None).iterator():
        teacher.school = School.objects.create()
        teacher.save(update_fields=["school"])


class Migration(migrations.Migration):
    dependencies = [("accounts", "0001_initial")]

    operations = [
        migrations.CreateModel(
            name="School",
            fields=[
                ("id", models.UUIDField(default=uuid.uuid4, editable=False, primary_key=True, serialize=False)),
                ("name", models.CharField(blank=True, default="", max_length=80)),
                ("made_at", models.DateTimeField(auto_now_add=True)),
            ],
        ),
        migrations.AddField(
            model_name="user",
            name="school",
            field=models.ForeignKey(
                null=True, on_delete=django.db.models.deletion.PROTECT, related_name="teachers", to="accounts.school"
            ),
        ),
        migrations.RunPython(found_schools, migrations.RunPython.noop),
    ]
