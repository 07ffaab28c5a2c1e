import unicodedata

import django.db.models.deletion
from django.db import migrations, models


def name_keys(apps, schema_editor):
    """Marks that were made by the key that counts are named after its key set; the others are made anew when shown."""
    for handout in apps.get_model("handouts", "Handout").objects.all():
        before = f"{handout.key_edition_id or handout.edition_id}/{handout.try_cost}"
        after = f"keys {handout.key_sets.get().pk}/{handout.try_cost}"
        handout.copies.filter(marked_by=before).update(marked_by=after)


def fold_names(apps, schema_editor):
    Copy = apps.get_model("copies", "Copy")
    for copy in Copy.objects.only("pk", "name").iterator(chunk_size=1_000):
        name = unicodedata.normalize("NFKC", unicodedata.normalize("NFKC", copy.name).casefold())
        Copy.objects.filter(pk=copy.pk).update(folded_name=" ".join(name.split()))


def once(model, name, *columns):
    return migrations.AddConstraint(model, models.UniqueConstraint(*map(models.F, columns), name=name))


class Migration(migrations.Migration):
    dependencies = [
        ("copies", "0003_devices_and_late_changes"),
        ("handouts", "0003_key_sets"),
    ]

    operations = [
        migrations.RemoveConstraint("answer", "one_answer_a_field"),
        migrations.AddField("answer", "entry", models.CharField(default="", max_length=32)),
        once("answer", "one_answer_an_entry", "copy", "field_id", "entry"),
        migrations.AddField("answerchange", "entry", models.CharField(default="", max_length=32)),
        migrations.RemoveConstraint("try", "each_try_once"),
        migrations.AddField("try", "part", models.CharField(default="", max_length=32)),
        once("try", "each_try_once", "copy", "field_id", "part", "place"),
        migrations.RemoveConstraint("mark", "one_mark_a_field"),
        migrations.RenameModel("Mark", "StoredMark"),
        migrations.AddField("storedmark", "part", models.CharField(default="", max_length=32)),
        once("storedmark", "one_mark_a_part", "copy", "field_id", "part"),
        migrations.CreateModel(
            name="AnswerFile",
            fields=[
                ("id", models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name="ID")),
                ("sha256", models.CharField(max_length=64)),
                ("media_type", models.CharField(max_length=40)),
                ("size", models.PositiveIntegerField()),
                ("kept_at", models.DateTimeField(auto_now_add=True)),
                (
                    "copy",
                    models.ForeignKey(
                        on_delete=django.db.models.deletion.CASCADE, related_name="files", to="copies.copy"
                    ),
                ),
            ],
        ),
        once("answerfile", "each_file_once_a_copy", "copy", "sha256"),
        migrations.AddField("copy", "folded_name", models.TextField(default="")),
        migrations.RunPython(fold_names, migrations.RunPython.noop),
        migrations.RunPython(name_keys, migrations.RunPython.noop),
    ]
