import uuid

from django.conf import settings
from django.db import models

from server.accounts.models import School
from velum.rosters.roster import Student as StudentValue
from velum.shown_names import Names


class Class(models.Model):
    """A class of a school."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    school = models.ForeignKey(School, models.PROTECT, related_name="classes")
    name = models.CharField(max_length=60)
    year = models.CharField(max_length=20, default="", blank=True)
    """The school year, as people write it."""
    code = models.CharField(max_length=12, unique=True)
    """What students without their card's QR code type before their name and secret."""
    source = models.CharField(max_length=100, default="", blank=True)
    """Its id in the program that its roster came from."""
    names = models.CharField(max_length=10, default=Names.FULL.value)
    """How the names of its students are shown where others see them (velum/shown_names.py)."""
    archived_at = models.DateTimeField(null=True)
    made_at = models.DateTimeField(auto_now_add=True)

    class Meta:
        verbose_name_plural = "classes"
        ordering = ("name", "made_at")

    def __str__(self) -> str:
        return self.name


class Teaching(models.Model):
    """A teacher of a class. ``role`` is one of server/may.py."""

    of_class = models.ForeignKey(Class, models.CASCADE, related_name="teachings")
    teacher = models.ForeignKey(settings.AUTH_USER_MODEL, models.PROTECT, related_name="teachings")
    role = models.CharField(max_length=10)
    since = models.DateTimeField(auto_now_add=True)

    class Meta:
        constraints = (models.UniqueConstraint("of_class", "teacher", name="each_teacher_once_a_class"),)

    def __str__(self) -> str:
        return f"{self.teacher_id} {self.role} {self.of_class_id}"


class Invitation(models.Model):
    """A teacher is asked to teach a class too, by mail. It is gone once it is taken up or taken back."""

    of_class = models.ForeignKey(Class, models.CASCADE, related_name="invitations")
    email = models.EmailField()
    role = models.CharField(max_length=10)
    token = models.CharField(max_length=40, unique=True)
    by = models.ForeignKey(settings.AUTH_USER_MODEL, models.CASCADE, related_name="+")
    at = models.DateTimeField()

    class Meta:
        constraints = (models.UniqueConstraint("of_class", "email", name="each_address_once_a_class"),)

    def __str__(self) -> str:
        return f"{self.email} to {self.of_class_id}"


class Student(models.Model):
    """A student of a school, in one class or several."""

    id = models.UUIDField(primary_key=True, default=uuid.uuid4, editable=False)
    school = models.ForeignKey(School, models.PROTECT, related_name="students")
    given = models.CharField(max_length=80, default="", blank=True)
    family = models.CharField(max_length=80, default="", blank=True)
    number = models.CharField(max_length=100, default="", blank=True, db_index=True)
    """The school's own number."""
    email = models.CharField(max_length=100, default="", blank=True)
    source = models.CharField(max_length=100, default="", blank=True, db_index=True)
    """Their id in the program that a roster came from."""
    made_at = models.DateTimeField(auto_now_add=True)

    def __str__(self) -> str:
        return self.name

    @property
    def name(self) -> str:
        return f"{self.given} {self.family}".strip()

    @property
    def value(self) -> StudentValue:
        """As rosters name them."""
        return StudentValue(
            given=self.given, family=self.family, number=self.number, email=self.email, source=self.source
        )


class Enrolment(models.Model):
    """A student is in a class, or was: who leaves it keeps their work."""

    of_class = models.ForeignKey(Class, models.CASCADE, related_name="enrolments")
    student = models.ForeignKey(Student, models.CASCADE, related_name="enrolments")
    since = models.DateTimeField(auto_now_add=True)
    left_at = models.DateTimeField(null=True)
    place = models.PositiveIntegerField()
    """Which of the class they are, from 0, by chance among those who came together: what a borrowed name hangs on."""

    class Meta:
        constraints = (
            models.UniqueConstraint("of_class", "student", name="each_student_once_a_class"),
            models.UniqueConstraint("of_class", "place", name="each_place_once_a_class"),
        )

    def __str__(self) -> str:
        return f"{self.student_id} in {self.of_class_id}"


class Card(models.Model):
    """A student's sign-in card. A new one takes the old one's place, which then opens nothing."""

    student = models.OneToOneField(Student, models.CASCADE, related_name="card")
    token = models.CharField(max_length=40, unique=True)
    """What its QR code says. Kept as it is, for cards are printed again."""
    secret = models.CharField(max_length=60)
    """Its pictures (velum/cards.py)."""
    number = models.PositiveIntegerField(default=1)
    """Which card of the student it is: a browser that signed in with an earlier one is signed out."""
    made_at = models.DateTimeField()

    def __str__(self) -> str:
        return f"{self.student_id} {self.number}"


class Erasure(models.Model):
    """A record that all of a student was erased, which does not say who it was."""

    school = models.ForeignKey(School, models.CASCADE, related_name="erasures")
    by = models.ForeignKey(settings.AUTH_USER_MODEL, models.PROTECT, related_name="+")
    at = models.DateTimeField()
    classes = models.TextField(blank=True)
    """The names of the classes that they were in, one a line."""
    copies = models.PositiveIntegerField()
    """How many copies were erased with them."""

    def __str__(self) -> str:
        return f"{self.school_id} {self.at}"
