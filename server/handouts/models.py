import uuid

from django.db import models

from server.worksheets.models import Edition, Worksheet


class Handout(models.Model):
    """One handing-out of a worksheet to anybody with the code."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    worksheet = models.ForeignKey(Worksheet, models.PROTECT, related_name="handouts")
    edition = models.ForeignKey(Edition, models.PROTECT, related_name="handouts")
    key_edition = models.ForeignKey(Edition, models.PROTECT, related_name="+", null=True)
    """Whose key counts, where it was changed after the handing-out; None: that of ``edition``."""
    code = models.CharField(max_length=12, unique=True)
    open = models.BooleanField(default=True)
    may_check = models.BooleanField(default=False)
    """Whether students may check an answer before they hand in."""
    tries_allowed = models.PositiveSmallIntegerField(null=True)
    """How many checks of a field may not find it right; None: any number."""
    try_cost = models.PositiveSmallIntegerField(default=0)
    """What such a check takes from the points of its field, in hundredths."""
    shows_reasons = models.BooleanField(default=False)
    """Whether a check says why."""
    shows_hints = models.BooleanField(default=True)
    """Whether a check that does not find an answer right shows the field's hint."""
    created_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        ordering = ("-created_at",)

    def __str__(self) -> str:
        return f"{self.worksheet} ({self.code})"
