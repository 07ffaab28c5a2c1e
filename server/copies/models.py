import uuid

from django.db import models

from server.handouts.models import Handout


class Copy(models.Model):
    """One student's own filled-in worksheet of a handout."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    handout = models.ForeignKey(Handout, models.CASCADE, related_name="copies")
    name = models.CharField(max_length=60)
    return_code = models.CharField(max_length=12)
    """What the student types to come back on another device."""
    joined_at = models.DateTimeField(auto_now_add=True)
    saved_at = models.DateTimeField(null=True)
    handed_in_at = models.DateTimeField(null=True)
    saves = models.PositiveIntegerField(default=0)
    """Counts what is written: who has computed something from the answers sees whether they are still the same."""
    marked_by = models.CharField(max_length=60, default="")
    """By which key the stored marks were made (documents.py); marks made by another are computed anew when shown."""

    class Meta:
        ordering = ("name", "joined_at")
        constraints = (models.UniqueConstraint("handout", "return_code", name="one_copy_a_return_code"),)

    def __str__(self) -> str:
        return self.name


class Answer(models.Model):
    """What a student answers one field with now. ``revision`` is the student's count of changes to it."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="answers")
    field_id = models.CharField(max_length=32)
    revision = models.PositiveIntegerField()
    value = models.JSONField()
    typed_at = models.DateTimeField()
    device = models.CharField(max_length=32, default="")

    class Meta:
        constraints = (models.UniqueConstraint("copy", "field_id", name="one_answer_a_field"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}"


class AnswerChange(models.Model):
    """The log of answers: added to, never changed. ``kept`` is false where a newer answer stood already.

    ``late``: it came after the copy was handed in or closed, so it stands nowhere else.
    """

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="changes")
    field_id = models.CharField(max_length=32)
    revision = models.PositiveIntegerField()
    value = models.JSONField()
    typed_at = models.DateTimeField()
    kept = models.BooleanField()
    late = models.BooleanField(default=False)
    device = models.CharField(max_length=32, default="")
    order = models.PositiveBigIntegerField(default=0)
    """The device's own count of its changes to this field, which orders them however they arrive."""

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id} {self.revision}"


class Try(models.Model):
    """A student checked an answer: what it was and what the verdict said."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="tries")
    field_id = models.CharField(max_length=32)
    place = models.PositiveIntegerField(default=0)
    """Which try of the field it is, from 0: no two at once can be the same."""
    value = models.JSONField()
    verdict = models.CharField(max_length=10)
    reason = models.CharField(max_length=300, default="")
    at = models.DateTimeField(auto_now_add=True)

    class Meta:
        verbose_name_plural = "tries"
        constraints = (models.UniqueConstraint("copy", "field_id", "place", name="each_try_once"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}: {self.verdict}"


class Mark(models.Model):
    """What the core said of one field of a copy that was handed in. Fractions are kept exactly, as "1/2"."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="marks")
    field_id = models.CharField(max_length=32)
    verdict = models.CharField(max_length=10)
    earned = models.CharField(max_length=40)
    points = models.CharField(max_length=40)
    reason_code = models.CharField(max_length=60)
    reason = models.CharField(max_length=300)

    class Meta:
        constraints = (models.UniqueConstraint("copy", "field_id", name="one_mark_a_field"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}: {self.verdict}"
