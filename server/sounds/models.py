from django.conf import settings
from django.db import models
from django.db.models import F


class OwnSound(models.Model):
    """A sound of a teacher's, such as instructions that were recorded. Its content is kept once, whoever's it is."""

    owner = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="sounds")
    sha256 = models.CharField(max_length=64)
    media_type = models.CharField(max_length=40)
    size = models.PositiveIntegerField()
    """Bytes."""
    kept_at = models.DateTimeField(auto_now=True)
    unused_since = models.DateTimeField(null=True)
    """When cleaning first found that no worksheet uses it; what is used again is used."""

    class Meta:
        constraints = (models.UniqueConstraint(F("owner"), F("sha256"), name="each_sound_once"),)

    def __str__(self) -> str:
        return self.sha256

    @property
    def name(self) -> str:
        """Where the storage keeps it."""
        return f"sounds/{self.sha256[:2]}/{self.sha256}"
