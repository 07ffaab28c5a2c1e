"""Signing in with a card: by its QR code, or by the class's code, one's name and the card's pictures."""

import uuid
from collections.abc import Iterable
from datetime import datetime

from django.db import transaction
from django.utils.crypto import constant_time_compare

from server.accounts.models import User
from server.classes.flows.enrol import new_card_of
from server.classes.flows.find import find_class, find_student, students_in
from server.classes.models import Card, Class, Student
from server.entrance.codes import CLASS_LENGTH, read_code
from server.entrance.errors import Missing
from server.may import Right
from velum.cards import read_secret
from velum.names import folded
from velum.outside_text import one_line


def class_of_code(typed: str) -> Class:
    """The class with this code. Raises Missing, for one that is archived too."""
    code = read_code(typed)
    found = Class.objects.filter(code=code, archived_at=None).first() if len(code) == CLASS_LENGTH else None
    if found is None:
        raise Missing("class.unknown_code", "No class has this code. Look at it again, letter by letter.")
    return found


def card_of_token(token: str) -> Card:
    """The card with this QR code. Raises Missing, also for one whose place another has taken."""
    card = Card.objects.select_related("student").filter(token=one_line(token)[:40]).first()
    if card is None:
        raise Missing("card.stopped", "This card does not open anything any more. Ask your teacher for a new one.")
    return card


def named_in(of_class: Class, name: str) -> list[Student]:
    """Who is called so in a class: by the whole name, or by the given name alone."""
    wanted = folded(name)
    students = list(students_in(of_class))
    whole = [student for student in students if folded(student.name) == wanted]
    turned = [student for student in students if folded(f"{student.family} {student.given}") == wanted]
    given = [student for student in students if folded(student.given) == wanted]
    return whole or turned or given


def card_of_secret(students: Iterable[Student], picked: str) -> Card:
    """The card of whichever of these students has this secret. Raises Missing."""
    secret = read_secret(picked)
    fitting = [student.card for student in students if constant_time_compare(student.card.secret, secret)]
    if len(fitting) != 1:
        raise Missing(
            "card.wrong_secret",
            "This name and these pictures do not belong together. Look at your card, and try again.",
        )
    return fitting[0]


@transaction.atomic
def make_new_card(teacher: User, student_id: uuid.UUID, now: datetime) -> Card:
    """A new card for a student; the old one opens nothing from now on. Raises Missing."""
    student = find_student(teacher, student_id, Right.MARK)
    old = Card.objects.select_for_update().get(student=student)
    new = new_card_of(student, now, old.number + 1)
    new.pk = old.pk
    new.save()
    return new


@transaction.atomic
def make_new_cards(teacher: User, class_id: uuid.UUID, now: datetime) -> int:
    """New cards for a whole class. Raises Missing."""
    of_class = find_class(teacher, class_id, Right.OWN)
    students = list(students_in(of_class))
    for student in students:
        make_new_card(teacher, student.pk, now)
    return len(students)
