import uuid

import django.db.models.deletion
from django.db import migrations, models


def name_people(apps, schema_editor):
    """Whoever joined is somebody, by the id of their copy: cookies of before name the copy."""
    Guest, Copy = apps.get_model("copies", "Guest"), apps.get_model("copies", "Copy")
    waiting = []
    for copy in Copy.objects.filter(guest=None, student=None).iterator():
        waiting.append(
            Guest(
                id=copy.pk,
                handout_id=copy.handout_id,
                name=copy.name,
                folded_name=copy.folded_name,
                return_code=copy.return_code,
            )
        )
    Guest.objects.bulk_create(waiting, batch_size=500)
    Copy.objects.filter(guest=None, student=None).update(guest_id=models.F("id"))


class Migration(migrations.Migration):
    dependencies = [
        ("classes", "0001_initial"),
        ("handouts", "0008_audience"),
        ("copies", "0008_handings_in_so_far"),
    ]

    operations = [
        migrations.CreateModel(
            name="Guest",
            fields=[
                ("id", models.UUIDField(default=uuid.uuid4, editable=False, primary_key=True, serialize=False)),
                ("name", models.CharField(max_length=60)),
                ("folded_name", models.TextField()),
                ("return_code", models.CharField(max_length=12)),
                (
                    "handout",
                    models.ForeignKey(
                        on_delete=django.db.models.deletion.CASCADE, related_name="people", to="handouts.handout"
                    ),
                ),
            ],
            options={
                "constraints": [
                    models.UniqueConstraint(
                        models.F("handout"), models.F("return_code"), name="one_guest_a_return_code"
                    )
                ],
            },
        ),
        migrations.AddField(
            model_name="copy",
            name="guest",
            field=models.ForeignKey(
                null=True, on_delete=django.db.models.deletion.CASCADE, related_name="copies", to="copies.guest"
            ),
        ),
        migrations.AddField(
            model_name="copy",
            name="student",
            field=models.ForeignKey(
                null=True, on_delete=django.db.models.deletion.PROTECT, related_name="copies", to="classes.student"
            ),
        ),
        migrations.RunPython(name_people, migrations.RunPython.noop),
    ]
