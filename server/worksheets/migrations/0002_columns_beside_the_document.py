import django.db.models.deletion
from django.conf import settings
from django.db import migrations, models

from velum.document.worksheet import Page


def fill(apps, schema_editor):
    """What lists show, from documents of any version; also from those that cannot be read."""
    Worksheet, Edition = (apps.get_model("worksheets", name) for name in ("Worksheet", "Edition"))
    for model in (Worksheet, Edition):
        for row in model.objects.iterator(chunk_size=100):
            document = row.document if isinstance(row.document, dict) else {}
            row.title = str(document.get("title") or "Worksheet").replace("\0", "")[:200]
            if model is Worksheet:
                pages, fields, keys = (document.get(name) or [] for name in ("pages", "fields", "keys"))
                row.page_count, row.field_count, row.keyed_count = len(pages), len(fields), len(keys)
                try:
                    first = Page.model_validate(pages[0])
                    row.cover_page, row.cover_look = first.id, str(first.look)
                except (LookupError, TypeError, ValueError):
                    row.unreadable = True
            model.objects.filter(pk=row.pk).update(
                **{
                    field.attname: getattr(row, field.attname)
                    for field in model._meta.concrete_fields
                    if field.name in COLUMNS
                }
            )


COLUMNS = ("title", "page_count", "field_count", "keyed_count", "cover_page", "cover_look", "unreadable")


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
