import uuid

from django.conf import settings
from django.db import models
from django.db.models import F


class SourceFile(models.Model):
    """An uploaded file, kept once for each content.

    ``pages`` holds [width, height] in points for each page, or null for one that cannot be shown.
    """

    sha256 = models.CharField(max_length=64, primary_key=True)
    size = models.PositiveBigIntegerField()
    pages = models.JSONField()
    kept_at = models.DateTimeField(auto_now_add=True)
    unused_since = models.DateTimeField(null=True)
    """When cleaning first found that nothing uses it; what is used again is used."""

    def __str__(self) -> str:
        return self.sha256

    @property
    def name(self) -> str:
        """Where the storage keeps it."""
        return f"sources/{self.sha256[:2]}/{self.sha256}"


class Worksheet(models.Model):
    """A teacher's worksheet. ``document`` is the core's document; every edit raises ``revision`` by one.

    What lists show of it stands in columns beside it, which documents.py keeps.
    """

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    owner = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="worksheets")
    document = models.JSONField()
    title = models.CharField(max_length=200)
    page_count = models.PositiveIntegerField()
    field_count = models.PositiveIntegerField()
    keyed_count = models.PositiveIntegerField()
    """Fields that have a right answer."""
    cover_page = models.CharField(max_length=32)
    cover_look = models.CharField(max_length=200)
    """The first page, and how it is shown."""
    unreadable = models.BooleanField(default=False)
    """Whether this release could not read the document when it last tried."""
    revision = models.PositiveIntegerField(default=1)
    created_at = models.DateTimeField(auto_now_add=True)
    changed_at = models.DateTimeField(auto_now=True)

    class Meta:
        ordering = ("-changed_at",)

    def __str__(self) -> str:
        return self.title


class AppliedBatch(models.Model):
    """A batch of edits that was applied, so that it is recognised when it is sent again."""

    worksheet = models.ForeignKey(Worksheet, models.CASCADE, related_name="batches")
    batch = models.UUIDField()
    revision = models.PositiveIntegerField()
    """The revision that it made."""

    class Meta:
        constraints = (models.UniqueConstraint(F("worksheet"), F("batch"), name="each_batch_once"),)

    def __str__(self) -> str:
        return str(self.batch)


class Upload(models.Model):
    """An upload that was brought in, or cancelled: whichever came first. Its id is the browser's."""

    id = models.UUIDField(primary_key=True)
    owner = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="+")
    worksheet = models.ForeignKey(Worksheet, models.CASCADE, null=True, related_name="uploads")
    """What it was brought into; None: it was cancelled."""
    pages = models.JSONField(default=list)
    """The ids of the pages that it became."""
    at = models.DateTimeField(auto_now_add=True)

    def __str__(self) -> str:
        return str(self.pk)


class Edition(models.Model):
    """A worksheet frozen as a handout uses it. Never changed."""

    worksheet = models.ForeignKey(Worksheet, models.CASCADE, related_name="editions")
    revision = models.PositiveIntegerField()
    document = models.JSONField()
    title = models.CharField(max_length=200)
    frozen_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        constraints = (models.UniqueConstraint(F("worksheet"), F("revision"), name="one_edition_a_revision"),)

    def __str__(self) -> str:
        return f"{self.title} ({self.revision})"
