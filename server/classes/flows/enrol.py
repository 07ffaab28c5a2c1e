"""Taking a roster into a class. It is said before what it changes, and nobody's work is lost by it."""

import secrets
import uuid
from collections.abc import Iterable, Mapping, Sequence
from datetime import datetime

from django.db import transaction
from pydantic import ValidationError

from server.accounts.models import User
from server.classes.flows.find import find_class, find_student, students_in
from server.classes.models import Card, Class, Enrolment, Student
from server.entrance.errors import Refused
from server.may import Right
from velum.cards import new_secret
from velum.rosters.changes import Changes, Known, changes_of
from velum.rosters.roster import LONGEST_NAME, MOST_STUDENTS
from velum.rosters.roster import Student as StudentValue

AT_ONCE = 500
"""How many values a query names."""
_PARTS = ("given", "family", "number", "email", "source")


def meaning_of(of_class: Class, read: Sequence[StudentValue]) -> Changes[uuid.UUID]:
    """What a roster would change in a class; nothing is changed yet.

    Somebody of the school who is not in the class is found by a number, an address or a source, not by a name.
    """
    there = list(students_in(of_class).order_by("made_at", "pk"))
    known = [Known(student.pk, student.value) for student in there]
    own = {student.pk for student in there}
    others = [student for student in _of_school(of_class, read) if student.pk not in own]
    return changes_of(known + [Known(student.pk, student.value, outside=True) for student in others], read)


@transaction.atomic
def take_roster(
    teacher: User, class_id: uuid.UUID, read: Sequence[StudentValue], now: datetime, *, take_out: bool = False
) -> Changes[uuid.UUID]:
    """Have a class be what a roster says; who is missing in it stays, unless they are to be taken out.

    Raises Missing, and Refused when the class would have too many students.
    """
    found = find_class(teacher, class_id, Right.OWN)
    # Two rosters that are taken at once would else each make the same students.
    of_class = Class.objects.select_for_update(no_key=True).get(pk=found.pk)
    changes = meaning_of(of_class, read)
    if students_in(of_class).count() + len(changes.new) > MOST_STUDENTS:
        raise Refused("class.full", "A class may have {most} students. Nothing was changed.", {"most": MOST_STUDENTS})
    for was, student in changes.changed:
        _rename(was.key, student)
    enrol(of_class, [each.key for each in changes.joining])
    made = [Student(school_id=of_class.school_id, **student.model_dump()) for student in changes.new]
    Student.objects.bulk_create(made)
    Card.objects.bulk_create(new_card_of(student, now) for student in made)
    enrol(of_class, [student.pk for student in made])
    if take_out:
        leave(of_class, [each.key for each in changes.missing], now)
    return changes


def enrol(of_class: Class, students: Iterable[uuid.UUID]) -> None:
    """Put students into a class, which nobody else changes meanwhile; who had left it comes back."""
    students = list(students)
    there = dict(of_class.enrolments.values_list("student", "place"))
    first = max(there.values(), default=-1) + 1
    new = [student for student in students if student not in there]
    # In no order: rosters and borrowed names both have one, by which each could be told from the other.
    secrets.SystemRandom().shuffle(new)
    Enrolment.objects.bulk_create(
        Enrolment(of_class=of_class, student_id=student, place=first + number) for number, student in enumerate(new)
    )
    of_class.enrolments.filter(student__in=students).update(left_at=None)


def leave(of_class: Class, students: Iterable[uuid.UUID], now: datetime) -> None:
    """Take students out of a class. What they have done in it stays."""
    of_class.enrolments.filter(student__in=list(students), left_at=None).update(left_at=now)


def correct(teacher: User, student_id: uuid.UUID, parts: Mapping[str, str]) -> Student:
    """Write parts of a student anew. Raises Missing, and Refused for somebody without a name."""
    student = find_student(teacher, student_id, Right.OWN)
    try:
        value = student.value.changed(**parts)
    except ValidationError:
        raise Refused(
            "student.no_name", "A student needs a name of at most {most} letters.", {"most": LONGEST_NAME}
        ) from None
    with transaction.atomic():
        _rename(student.pk, value)
    return find_student(teacher, student_id, Right.OWN)


def new_card_of(student: Student, now: datetime, number: int = 1) -> Card:
    """A card that nobody has, not saved yet."""
    return Card(student=student, token=secrets.token_urlsafe(18), secret=new_secret(), number=number, made_at=now)


def _rename(student_id: uuid.UUID, value: StudentValue) -> None:
    student = Student.objects.select_for_update().get(pk=student_id)
    for part in _PARTS:
        setattr(student, part, getattr(value, part))
    student.save(update_fields=_PARTS)
    # Copies bear the name that lists show.
    student.copies.update(name=student.name)


def _of_school(of_class: Class, students: Sequence[StudentValue]) -> list[Student]:
    """Who of the school shares what is surer than a name with any of these."""
    found: dict[uuid.UUID, Student] = {}
    for part in ("source", "number", "email"):
        wanted = [value for student in students if (value := getattr(student, part))]
        for start in range(0, len(wanted), AT_ONCE):
            there = of_class.school.students.filter(**{f"{part}__in": wanted[start : start + AT_ONCE]})
            found |= {student.pk: student for student in there.order_by("made_at", "pk")}
    return list(found.values())
