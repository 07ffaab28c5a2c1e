import uuid

from django.db import models

from server.worksheets.models import Edition, Worksheet


class Handout(models.Model):
    """One handing-out of a worksheet to anybody with the code."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    worksheet = models.ForeignKey(Worksheet, models.PROTECT, related_name="handouts")
    edition = models.ForeignKey(Edition, models.PROTECT, related_name="handouts")
    code = models.CharField(max_length=12, unique=True)
    open = models.BooleanField(default=True)
    may_check = models.BooleanField(default=False)
    """Whether students may check an answer before they hand in."""
    created_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        ordering = ("-created_at",)

    def __str__(self) -> str:
        return f"{self.worksheet} ({self.code})"
