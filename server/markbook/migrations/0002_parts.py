from django.db import migrations, models


class Migration(migrations.Migration):
    dependencies = [("markbook", "0001_initial")]

    operations = [migrations.AddField("overrule", "part", models.CharField(default="", max_length=32))]
