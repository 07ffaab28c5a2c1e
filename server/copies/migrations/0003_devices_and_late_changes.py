from collections import Counter

from django.db import migrations, models


def number_tries(apps, schema_editor):
    """Which try of its field each is, from 0."""
    Try = apps.get_model("copies", "Try")
    places = Counter()
    for attempt in Try.objects.order_by("pk").only("pk", "copy_id", "field_id").iterator(chunk_size=1_000):
        place = places[attempt.copy_id, attempt.field_id]
        places[attempt.copy_id, attempt.field_id] += 1
        if place:
            Try.objects.filter(pk=attempt.pk).update(place=place)


def name_keys(apps, schema_editor):
    """Stored marks were made by the key that their handout has."""
    for handout in apps.get_model("handouts", "Handout").objects.all():
        key = f"{handout.key_edition_id or handout.edition_id}/{handout.try_cost}"
        handout.copies.filter(handed_in_at__isnull=False).update(marked_by=key)


class Migration(migrations.Migration):
    dependencies = [
        ("copies", "0002_checking"),
        ("handouts", "0002_checking"),
    ]

    operations = [
        migrations.AddField("copy", "saves", models.PositiveIntegerField(default=0)),
        migrations.AddField("copy", "marked_by", models.CharField(default="", max_length=60)),
        migrations.AddField("answer", "device", models.CharField(default="", max_length=32)),
        migrations.AddField("answerchange", "late", models.BooleanField(default=False)),
        migrations.AddField("answerchange", "device", models.CharField(default="", max_length=32)),
        migrations.AddField("answerchange", "order", models.PositiveBigIntegerField(default=0)),
        migrations.AddField("try", "place", models.PositiveIntegerField(default=0)),
        migrations.RunPython(number_tries, migrations.RunPython.noop),
        migrations.RunPython(name_keys, migrations.RunPython.noop),
        migrations.AddConstraint(
            "try",
            models.UniqueConstraint(models.F("copy"), models.F("field_id"), models.F("place"), name="each_try_once"),
        ),
    ]
