"""Whom a handout is for."""

from django.db.models import Exists, OuterRef, Q, QuerySet

from server.classes.flows.find import students_in
from server.classes.models import Student
from server.handouts.models import Handout

_Named = Handout.recipients.through


def for_student(student: Student) -> Q:
    """Handouts that are for a student: to a class of theirs now, and to all of it or to them by name."""
    named = _Named.objects.filter(handout=OuterRef("pk"))
    classes = student.enrolments.filter(left_at=None, of_class__archived_at=None).values("of_class")
    return Q(to_class__in=classes) & (~Exists(named) | Exists(named.filter(student=student.pk)))


def is_for(handout: Handout, student: Student) -> bool:
    """Whether a handout is for a student."""
    return Handout.objects.filter(for_student(student), pk=handout.pk).exists()


def students_of(handout: Handout) -> "QuerySet[Student]":
    """The students whom a handout is for now."""
    if handout.to_class is None:
        return Student.objects.none()
    there = students_in(handout.to_class)
    named = handout.recipients.values("pk")
    return there.filter(pk__in=named) if named.exists() else there
