from django.core.management import call_command
from django.db import migrations


def make_table(apps, schema_editor):
    """For the cache that ships (settings.CACHES), which counts guesses; another cache leaves it empty."""
    call_command("createcachetable", "velum_cache", database=schema_editor.connection.alias, verbosity=0)


class Migration(migrations.Migration):
    dependencies = []

    operations = [migrations.RunPython(make_table, migrations.RunPython.noop)]
