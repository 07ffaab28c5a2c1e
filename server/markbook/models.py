from django.conf import settings
from django.db import models

from server.copies.models import Copy


class Overrule(models.Model):
    """A teacher decides what a part of a copy earns. Added to, never changed: the newest of a part stands.

    ``earned`` is an exact fraction of points, as "1/2"; None gives the field back to the machine's mark.
    """

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="overrules")
    field_id = models.CharField(max_length=32)
    part = models.CharField(max_length=32, default="")
    earned = models.CharField(max_length=40, null=True)  # noqa: DJ001 (an empty string would be no number)
    note = models.CharField(max_length=500, blank=True)
    by = models.ForeignKey(settings.AUTH_USER_MODEL, models.PROTECT, related_name="+")
    at = models.DateTimeField(auto_now_add=True)

    class Meta:
        ordering = ("pk",)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}: {self.earned}"
