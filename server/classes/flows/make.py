"""Making a class, and what its teachers settle about it."""

import uuid
from collections.abc import Mapping
from datetime import datetime
from typing import Any

from django.db import transaction
from django.db.models import ProtectedError

from server.accounts.models import User
from server.classes.flows.enrol import enrol
from server.classes.flows.find import find_class
from server.classes.models import Class, Student, Teaching
from server.entrance.codes import CLASS_LENGTH, new_code
from server.entrance.errors import Conflict, Refused
from server.may import Right, Role
from velum.outside_text import one_line

LONGEST_NAME = 60
MOST_CLASSES = 500
"""Of one teacher."""


@transaction.atomic
def make_class(teacher: User, name: str, year: str = "", source: str = "") -> Class:
    """A class of the teacher's school, which the teacher owns. Raises Refused."""
    if teacher.teachings.count() >= MOST_CLASSES:
        raise Refused("class.too_many", "You have {most} classes; no more can be made.", {"most": MOST_CLASSES})
    code = new_code(CLASS_LENGTH)
    while Class.objects.filter(code=code).exists():
        code = new_code(CLASS_LENGTH)
    made = Class.objects.create(
        school_id=teacher.school_id, name=_named(name), year=one_line(year)[:20], code=code, source=one_line(source)
    )
    Teaching.objects.create(of_class=made, teacher=teacher, role=Role.OWNS)
    return made


def settle_class(teacher: User, class_id: uuid.UUID, settings: Mapping[str, Any], now: datetime) -> Class:
    """Change a class's ``name``, ``year`` or how ``names`` are shown, or whether it is ``archived``.

    Raises Missing and Refused.
    """
    of_class = find_class(teacher, class_id, Right.OWN)
    if "name" in settings:
        of_class.name = _named(settings["name"])
    if "year" in settings:
        of_class.year = one_line(settings["year"])[:20]
    if "names" in settings:
        of_class.names = settings["names"]
    if "archived" in settings:
        of_class.archived_at = (of_class.archived_at or now) if settings["archived"] else None
    of_class.save(update_fields=["name", "year", "names", "archived_at"])
    return of_class


@transaction.atomic
def copy_class(teacher: User, class_id: uuid.UUID, name: str, year: str) -> Class:
    """The same students in a class for the next year. Their cards stay as they are. Raises Missing and Refused."""
    of_class = find_class(teacher, class_id, Right.OWN)
    copied = make_class(teacher, name, year)
    there = of_class.enrolments.filter(left_at=None).order_by("place")
    enrol(copied, there.values_list("student", flat=True))
    return copied


def remove_class(teacher: User, class_id: uuid.UUID) -> None:
    """Remove a class to which nothing was handed out. Raises Missing, and Conflict for another."""
    of_class = find_class(teacher, class_id, Right.OWN)
    students = list(of_class.enrolments.values_list("student", flat=True))
    try:
        with transaction.atomic():
            of_class.delete()
            # Who was only in this class, and has done nothing, is nobody's any more.
            Student.objects.filter(pk__in=students, enrolments=None, copies=None).delete()
    except ProtectedError:
        raise Conflict(
            "class.has_work",
            "This class has been handed worksheets. Archive it: its work stays, and nothing new comes.",
        ) from None


def _named(name: str) -> str:
    name = one_line(name)
    if not name:
        raise Refused("class.no_name", "Give the class a name, such as the one on its door.")
    if len(name) > LONGEST_NAME:
        raise Refused("class.long_name", "This name is too long: {most} letters fit.", {"most": LONGEST_NAME})
    return name
