"""Finding classes and their students, for the teachers of a class."""

import uuid

from django.db.models import QuerySet

from server import may
from server.accounts.models import User
from server.classes.models import Class, Student
from server.may import Right
from velum.sentence import Sentence

_NO_CLASS = Sentence("class.missing", "There is no such class of yours.")
_NO_STUDENT = Sentence("student.missing", "There is no such student in a class of yours.")


def find_class(teacher: User, class_id: uuid.UUID, right: Right) -> Class:
    """A class that a teacher may do this with. Raises Missing."""
    return may.get(Class.objects.filter(may.class_of(teacher, right)), class_id, _NO_CLASS)


def find_student(teacher: User, student_id: uuid.UUID, right: Right) -> Student:
    """A student who is in a class of the teacher's. Raises Missing."""
    mine = Class.objects.filter(may.class_of(teacher, right))
    # An erased or moved student is not found by a class they have left.
    there = Student.objects.filter(enrolments__left_at=None, enrolments__of_class__in=mine).distinct()
    return may.get(there, student_id, _NO_STUDENT)


def students_in(of_class: Class) -> "QuerySet[Student]":
    """Who is in a class now, with their cards."""
    there = Student.objects.filter(enrolments__of_class=of_class, enrolments__left_at=None)
    return there.select_related("card")
