from django.db import migrations


class Migration(migrations.Migration):
    dependencies = [
        ("handouts", "0003_key_sets"),
        ("copies", "0004_parts_and_entries"),
    ]

    operations = [migrations.RemoveField("handout", "key_edition")]
