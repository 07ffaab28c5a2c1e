from django.db import migrations


class Migration(migrations.Migration):
    dependencies = [("pictures", "0001_initial")]

    operations = [migrations.RenameModel("Picture", "KeptPicture")]
