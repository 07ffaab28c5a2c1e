import uuid
from datetime import timedelta

from django.conf import settings
from django.db import models

from server.classes.models import Student
from server.handouts.models import Handout
from velum.rosters.roster import LONGEST_WHOLE_NAME

LONGEST_REASON = 300
"""Letters of a reason that are kept in English."""


class Guest(models.Model):
    """Somebody who joined a handout with its code, and has no card. They are known by the name that they gave."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    handout = models.ForeignKey(Handout, models.CASCADE, related_name="people")
    name = models.CharField(max_length=60)
    folded_name = models.TextField()
    """What equal names have in common (velum/names.py)."""
    return_code = models.CharField(max_length=12)
    """What they type to come back on another device."""

    class Meta:
        constraints = (models.UniqueConstraint("handout", "return_code", name="one_guest_a_return_code"),)

    def __str__(self) -> str:
        return self.name


class Copy(models.Model):
    """One student's, or one guest's, own filled-in worksheet of a handout."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    handout = models.ForeignKey(Handout, models.CASCADE, related_name="copies")
    student = models.ForeignKey(Student, models.PROTECT, related_name="copies", null=True)
    guest = models.ForeignKey(Guest, models.CASCADE, related_name="copies", null=True)
    name = models.CharField(max_length=LONGEST_WHOLE_NAME)
    """What whoever works on it is called."""
    joined_at = models.DateTimeField(auto_now_add=True)
    begun_at = models.DateTimeField(null=True)
    """When its student began; what a limit of time runs from."""
    more_time = models.DurationField(default=timedelta)
    """How much longer than the others it has."""
    until = models.DateTimeField(null=True)
    """Until when it may be worked on, whatever holds for the others."""
    time_up_at = models.DateTimeField(null=True)
    """When its limit is over (velum/times.py), kept so that a save asks nothing else; None: there is none."""
    saved_at = models.DateTimeField(null=True)
    handed_in_at = models.DateTimeField(null=True)
    """The newest of ``handings_in`` that was not taken back."""
    saves = models.PositiveIntegerField(default=0)
    """Counts what is written: who has computed something from the answers sees whether they are still the same."""
    marked_by = models.CharField(max_length=60, default="")
    """By which key the stored marks were made (documents.py); marks made by another are computed anew when shown."""

    class Meta:
        ordering = ("name", "joined_at")
        verbose_name_plural = "copies"
        constraints = (
            models.UniqueConstraint("handout", "student", name="one_copy_a_student"),
            models.CheckConstraint(
                condition=models.Q(student=None) ^ models.Q(guest=None), name="a_copy_is_of_a_student_or_a_guest"
            ),
        )

    def __str__(self) -> str:
        return self.name


class HandingIn(models.Model):
    """A copy was handed in. Added to, never taken away: a student who is let go on hands in once more."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="handings_in")
    at = models.DateTimeField()
    taken_back_at = models.DateTimeField(null=True)
    taken_back_by = models.ForeignKey(settings.AUTH_USER_MODEL, models.PROTECT, related_name="+", null=True)
    """Who let the student go on."""

    class Meta:
        verbose_name_plural = "handings in"
        ordering = ("at", "pk")

    def __str__(self) -> str:
        return f"{self.copy_id} {self.at}"


class Answer(models.Model):
    """What a student answers one field with now, or one entry of it. ``revision`` is the student's count of changes."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="answers")
    field_id = models.CharField(max_length=32)
    entry = models.CharField(max_length=32, default="")
    """What of the answer it is, where it is kept entry by entry; empty: all of it."""
    revision = models.PositiveIntegerField()
    value = models.JSONField()
    typed_at = models.DateTimeField()
    device = models.CharField(max_length=32, default="")

    class Meta:
        constraints = (models.UniqueConstraint("copy", "field_id", "entry", name="one_answer_an_entry"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}"


class AnswerChange(models.Model):
    """The log of answers: added to, never changed. ``kept`` is false where a newer answer stood already.

    ``late``: it came after the copy was handed in or closed, so it stands nowhere else. ``after_end``: it counts, and
    came when the time was over already; it was typed before, as its device says.
    """

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="changes")
    field_id = models.CharField(max_length=32)
    entry = models.CharField(max_length=32, default="")
    revision = models.PositiveIntegerField()
    value = models.JSONField()
    typed_at = models.DateTimeField()
    kept = models.BooleanField()
    late = models.BooleanField(default=False)
    after_end = models.BooleanField(default=False)
    device = models.CharField(max_length=32, default="")
    order = models.PositiveBigIntegerField(default=0)
    """The device's own count of its changes to this entry, which orders them however they arrive."""

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id} {self.revision}"


class Try(models.Model):
    """A student checked a part of an answer: what it was and what the verdict said."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="tries")
    field_id = models.CharField(max_length=32)
    part = models.CharField(max_length=32, default="")
    place = models.PositiveIntegerField(default=0)
    """Which try of the part it is, from 0: no two at once can be the same."""
    value = models.JSONField()
    """The whole answer of the field, as it was."""
    verdict = models.CharField(max_length=10)
    reason = models.CharField(max_length=LONGEST_REASON, default="")
    sentence = models.JSONField(null=True)
    at = models.DateTimeField(auto_now_add=True)

    class Meta:
        verbose_name_plural = "tries"
        constraints = (models.UniqueConstraint("copy", "field_id", "part", "place", name="each_try_once"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}: {self.verdict}"


class ShownHelp(models.Model):
    """A student asked for a help of a field, and saw what it says."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="shown_help")
    field_id = models.CharField(max_length=32)
    help_id = models.CharField(max_length=32)
    at = models.DateTimeField(auto_now_add=True)

    class Meta:
        verbose_name_plural = "shown help"
        constraints = (models.UniqueConstraint("copy", "field_id", "help_id", name="each_help_once"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}: {self.help_id}"


class StoredMark(models.Model):
    """What the core said of one part of a copy that was handed in. Fractions are kept exactly, as "1/2"."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="marks")
    field_id = models.CharField(max_length=32)
    part = models.CharField(max_length=32, default="")
    verdict = models.CharField(max_length=10)
    earned = models.CharField(max_length=40)
    points = models.CharField(max_length=40)
    reason_code = models.CharField(max_length=60)
    reason = models.CharField(max_length=LONGEST_REASON)
    """In English: what marks are compared by."""
    sentence = models.JSONField(null=True)
    """The reason as it is said in any language; releases that knew one language kept none."""

    class Meta:
        constraints = (models.UniqueConstraint("copy", "field_id", "part", name="one_mark_a_part"),)

    def __str__(self) -> str:
        return f"{self.copy_id}/{self.field_id}: {self.verdict}"


class AnswerFile(models.Model):
    """A file that a student puts into an answer, such as a photo. Its content is kept once."""

    copy = models.ForeignKey(Copy, models.CASCADE, related_name="files")
    sha256 = models.CharField(max_length=64)
    media_type = models.CharField(max_length=40)
    size = models.PositiveIntegerField()
    """Bytes."""
    kept_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        constraints = (models.UniqueConstraint("copy", "sha256", name="each_file_once_a_copy"),)

    def __str__(self) -> str:
        return self.sha256

    @property
    def name(self) -> str:
        """Where the storage keeps it."""
        return f"answers/{self.sha256[:2]}/{self.sha256}"
