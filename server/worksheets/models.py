import uuid

from django.conf import settings
from django.db import models
from django.db.models import F


class SourceFile(models.Model):
    """An uploaded file, kept once for each content. ``pages`` holds [width, height] in points for each page."""

    sha256 = models.CharField(max_length=64, primary_key=True)
    size = models.PositiveBigIntegerField()
    pages = models.JSONField()
    kept_at = models.DateTimeField(auto_now_add=True)

    def __str__(self) -> str:
        return self.sha256

    @property
    def name(self) -> str:
        """Where the storage keeps it."""
        return f"sources/{self.sha256[:2]}/{self.sha256}"


class Worksheet(models.Model):
    """A teacher's worksheet. ``document`` is the core's document; every edit raises ``revision`` by one."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    owner = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="worksheets")
    document = models.JSONField()
    revision = models.PositiveIntegerField(default=1)
    last_batch = models.UUIDField(null=True)
    """The batch of edits that made this revision, so that a batch sent again is recognised."""
    created_at = models.DateTimeField(auto_now_add=True)
    changed_at = models.DateTimeField(auto_now=True)

    class Meta:
        ordering = ("-changed_at",)

    def __str__(self) -> str:
        return str(self.document["title"])


class Edition(models.Model):
    """A worksheet frozen as a handout uses it. Never changed."""

    worksheet = models.ForeignKey(Worksheet, models.CASCADE, related_name="editions")
    revision = models.PositiveIntegerField()
    document = models.JSONField()
    frozen_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        constraints = (models.UniqueConstraint(F("worksheet"), F("revision"), name="one_edition_a_revision"),)

    def __str__(self) -> str:
        return f"{self.document['title']} ({self.revision})"
