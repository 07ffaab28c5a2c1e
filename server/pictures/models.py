from django.conf import settings
from django.db import models
from django.db.models import F


class KeptPicture(models.Model):
    """A picture that can be laid on pages, kept once for each content."""

    sha256 = models.CharField(max_length=64, primary_key=True)
    media_type = models.CharField(max_length=40)
    width = models.FloatField()
    height = models.FloatField()

    def __str__(self) -> str:
        return self.sha256

    @property
    def name(self) -> str:
        """Where the storage keeps it."""
        return f"pictures/{self.sha256[:2]}/{self.sha256}"


class OwnPicture(models.Model):
    """A picture among a teacher's own. Put away, it is no longer offered; pages that show it go on showing it."""

    owner = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="pictures")
    picture = models.ForeignKey(KeptPicture, models.PROTECT, related_name="owners")
    alternative = models.CharField(max_length=500)
    uploaded = models.BooleanField()
    """Whether it came from the teacher, and not from the library."""
    put_away = models.BooleanField(default=False)
    used_at = models.DateTimeField(auto_now=True)

    class Meta:
        ordering = ("-used_at",)
        constraints = (models.UniqueConstraint(F("owner"), F("picture"), name="each_picture_once"),)

    def __str__(self) -> str:
        return self.alternative
