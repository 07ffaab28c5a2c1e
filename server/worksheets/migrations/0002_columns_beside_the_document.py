import django.db.models.deletion
from django.conf import settings
from django.db import migrations, models

from velum.document.reading import DocumentUnreadable, read_document


def fill(apps, schema_editor):
    """What lists show, from documents of any version; also from those that cannot be read."""
    Worksheet, Edition = (apps.get_model("worksheets", name) for name in ("Worksheet", "Edition"))
    for worksheet in Worksheet.objects.only("document").iterator(chunk_size=100):
        Worksheet.objects.filter(pk=worksheet.pk).update(**columns(worksheet.document))
    for edition in Edition.objects.only("document").iterator(chunk_size=100):
        Edition.objects.filter(pk=edition.pk).update(title=title(edition.document))


def columns(data):
    try:
        document = read_document(data)
    except DocumentUnreadable:
        return {"title": title(data), "unreadable": True}
    return {
        "title": document.title,
        "page_count": len(document.pages),
        "field_count": len(document.fields),
        "keyed_count": len(document.keys),
        "cover_page": document.pages[0].id,
        "cover_look": str(document.pages[0].look),
    }


def title(data):
    found = data.get("title") if isinstance(data, dict) else None
    return str(found or "Worksheet").replace("\0", "")[:200]


class Migration(migrations.Migration):
    dependencies = [
        ("worksheets", "0001_initial"),
        migrations.swappable_dependency(settings.AUTH_USER_MODEL),
    ]

    operations = [
        migrations.RemoveField("worksheet", "last_batch"),
        migrations.AddField("sourcefile", "unused_since", models.DateTimeField(null=True)),
        migrations.AddField("worksheet", "title", models.CharField(default="", max_length=200), preserve_default=False),
        migrations.AddField("worksheet", "page_count", models.PositiveIntegerField(default=0), preserve_default=False),
        migrations.AddField("worksheet", "field_count", models.PositiveIntegerField(default=0), preserve_default=False),
        migrations.AddField("worksheet", "keyed_count", models.PositiveIntegerField(default=0), preserve_default=False),
        migrations.AddField(
            "worksheet", "cover_page", models.CharField(default="", max_length=32), preserve_default=False
        ),
        migrations.AddField(
            "worksheet", "cover_look", models.CharField(default="", max_length=200), preserve_default=False
        ),
        migrations.AddField("worksheet", "unreadable", models.BooleanField(default=False)),
        migrations.AddField("edition", "title", models.CharField(default="", max_length=200), preserve_default=False),
        migrations.RunPython(fill, migrations.RunPython.noop),
        migrations.CreateModel(
            name="AppliedBatch",
            fields=[
                ("id", models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name="ID")),
                ("batch", models.UUIDField()),
                ("revision", models.PositiveIntegerField()),
                (
                    "worksheet",
                    models.ForeignKey(
                        on_delete=django.db.models.deletion.CASCADE, related_name="batches", to="worksheets.worksheet"
                    ),
                ),
            ],
            options={
                "constraints": [
                    models.UniqueConstraint(models.F("worksheet"), models.F("batch"), name="each_batch_once")
                ],
            },
        ),
        migrations.CreateModel(
            name="Upload",
            fields=[
                ("id", models.UUIDField(primary_key=True, serialize=False)),
                ("pages", models.JSONField(default=list)),
                ("at", models.DateTimeField(auto_now_add=True)),
                (
                    "owner",
                    models.ForeignKey(
                        on_delete=django.db.models.deletion.CASCADE, related_name="+", to=settings.AUTH_USER_MODEL
                    ),
                ),
                (
                    "worksheet",
                    models.ForeignKey(
                        null=True,
                        on_delete=django.db.models.deletion.CASCADE,
                        related_name="uploads",
                        to="worksheets.worksheet",
                    ),
                ),
            ],
        ),
    ]
