import uuid

from django.conf import settings
from django.db import models

from server.classes.models import Class, Student
from server.worksheets.models import Edition, Worksheet


class Handout(models.Model):
    """One handing-out of a worksheet: to a class, or some of its students, to anybody with the code, or to both."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    worksheet = models.ForeignKey(Worksheet, models.PROTECT, related_name="handouts")
    edition = models.ForeignKey(Edition, models.PROTECT, related_name="handouts")
    """What students work on. What they are marked by is the newest of ``key_sets``."""
    code = models.CharField(max_length=12, unique=True)
    to_class = models.ForeignKey(Class, models.PROTECT, related_name="handouts", null=True)
    recipients = models.ManyToManyField(Student, related_name="+")
    """The students of the class that it is for; none named: all of them, also those who come later."""
    guests = models.BooleanField(default=True)
    """Whether anybody with the code may join, by name."""
    trial = models.BooleanField(default=False)
    """Whether the teacher tries the worksheet out alone: it is in no list and counts nowhere."""
    message = models.CharField(max_length=1_000, default="")
    """What the teacher says to students beside the worksheet, in lines."""
    open = models.BooleanField(default=True)
    """Whether the teacher has not closed it by hand."""
    opens_at = models.DateTimeField(null=True)
    due_at = models.DateTimeField(null=True)
    takes_late = models.BooleanField(default=True)
    """Whether work is taken after it is due."""
    closes_at = models.DateTimeField(null=True)
    minutes = models.PositiveSmallIntegerField(null=True)
    """How long each copy has from when it is begun; None: as long as it is open."""
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


class KeySet(models.Model):
    """What the copies of a handout are marked by. Added to, never changed: the newest stands, the others are a record.

    ``value`` is the core's key set. It depends on no draft and on no layout.
    """

    handout = models.ForeignKey(Handout, models.CASCADE, related_name="key_sets")
    place = models.PositiveIntegerField()
    """Which of its handout it is, from 0: two that are made at once cannot both follow the same one."""
    value = models.JSONField()
    by = models.ForeignKey(settings.AUTH_USER_MODEL, models.PROTECT, related_name="+", null=True)
    why = models.CharField(max_length=20)
    """How it came about: ``handed_out``, ``newest_key``, ``accepted``."""
    at = models.DateTimeField(auto_now_add=True)

    class Meta:
        ordering = ("place",)
        constraints = (models.UniqueConstraint("handout", "place", name="each_key_set_once"),)

    def __str__(self) -> str:
        return f"{self.handout_id} {self.place}"


class Happening(models.Model):
    """Something happened to a handout, or to a copy of it. Added to, never changed.

    ``number`` counts a handout's happenings in the order in which they were committed (flows/happen.py), so whoever has
    read as far as one of them has missed none before it.
    """

    handout = models.ForeignKey(Handout, models.CASCADE, related_name="happenings", db_index=False)
    number = models.PositiveBigIntegerField()
    what = models.CharField(max_length=12)
    copy = models.UUIDField(null=True)
    """Which copy it is about; None: about all of them. What happened is known also of a copy that is gone."""
    fields = models.JSONField(default=list)
    """The ids of the fields that it is about, where it is about some."""
    at = models.DateTimeField()

    class Meta:
        ordering = ("number",)
        constraints = (models.UniqueConstraint("handout", "number", name="each_number_once"),)

    def __str__(self) -> str:
        return f"{self.handout_id} {self.number} {self.what}"
