import django.db.models.deletion
from django.conf import settings
from django.db import migrations, models


def keep_keys(apps, schema_editor):
    """What each handout is marked by: the key of its edition, with the newer one where that counted instead.

    Documents are taken as they are kept: whatever reads them reads key sets of the same version too.
    """
    for handout in apps.get_model("handouts", "Handout").objects.select_related("edition", "key_edition"):
        layout = handout.edition.document
        newer = handout.key_edition.document if handout.key_edition else layout
        handout.key_sets.create(place=0, value=_keys(layout, newer), why="handed_out")


def _keys(layout, newer):
    """The newer keys of the fields that both have; those of the others only where both are of one version."""
    try:
        kinds = {field["id"]: field["kind"] for field in newer["fields"]}
        keys = dict(layout.get("keys", {})) if layout["version"] == newer["version"] else {}
        for field in layout["fields"]:
            if kinds.get(field["id"]) == field["kind"]:
                keys.pop(field["id"], None)
                if field["id"] in newer.get("keys", {}):
                    keys[field["id"]] = newer["keys"][field["id"]]
        return {
            "version": newer["version"],
            "keys": keys,
            "decimal": newer.get("decimal", "."),
            "groups": layout.get("groups", []),
        }
    except (AttributeError, KeyError, TypeError):
        return newer  # it could not be read before either, and is kept as it is


class Migration(migrations.Migration):
    dependencies = [
        ("handouts", "0002_checking"),
        migrations.swappable_dependency(settings.AUTH_USER_MODEL),
    ]

    operations = [
        migrations.CreateModel(
            name="KeySet",
            fields=[
                ("id", models.BigAutoField(auto_created=True, primary_key=True, serialize=False, verbose_name="ID")),
                ("place", models.PositiveIntegerField()),
                ("value", models.JSONField()),
                ("why", models.CharField(max_length=20)),
                ("at", models.DateTimeField(auto_now_add=True)),
                (
                    "by",
                    models.ForeignKey(
                        null=True,
                        on_delete=django.db.models.deletion.PROTECT,
                        related_name="+",
                        to=settings.AUTH_USER_MODEL,
                    ),
                ),
                (
                    "handout",
                    models.ForeignKey(
                        on_delete=django.db.models.deletion.CASCADE, related_name="key_sets", to="handouts.handout"
                    ),
                ),
            ],
            options={"ordering": ("place",)},
        ),
        migrations.AddConstraint(
            "keyset", models.UniqueConstraint(models.F("handout"), models.F("place"), name="each_key_set_once")
        ),
        migrations.RunPython(keep_keys, migrations.RunPython.noop),
    ]
