import django.db.models.deletion
from django.db import migrations, models


class Migration(migrations.Migration):
    dependencies = [("accounts", "0002_schools")]

    operations = [
        migrations.AlterField(
            model_name="user",
            name="school",
            field=models.ForeignKey(
                on_delete=django.db.models.deletion.PROTECT, related_name="teachers", to="accounts.school"
            ),
        ),
    ]
