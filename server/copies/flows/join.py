"""Joining a handout."""

from datetime import datetime

from django.db import transaction

from server.classes.models import Student
from server.copies.flows.when import times_of
from server.copies.models import Copy, Guest
from server.entrance.codes import new_code, read_code
from server.entrance.errors import Conflict, Missing, Refused
from server.handouts.flows.happen import What, happen
from server.handouts.models import Handout
from velum.names import folded
from velum.outside_text import one_line

MOST_COPIES = 2_000
LONGEST_NAME = 60


class NameTaken(Conflict):
    """Somebody of this name has joined; it may be the same person on another device."""


def handout_of_code(typed: str) -> Handout:
    """The handout of a join code. Raises Missing."""
    try:
        return Handout.objects.select_related("edition").get(code=read_code(typed))
    except Handout.DoesNotExist:
        raise Missing("join.unknown_code", "No worksheet has this code. Look at it again, letter by letter.") from None


@transaction.atomic
def join(handout: Handout, name: str, now: datetime, *, namesake: bool = False) -> Copy:
    """A copy of one's own. Raises Refused, and NameTaken unless this is a ``namesake`` of somebody who joined."""
    name = one_line(name)
    if not name:
        raise Refused("join.no_name", "Write your name, so that your teacher knows whose work this is.")
    if len(name) > LONGEST_NAME:
        raise Refused("join.long_name", "This name is too long: {most} letters fit.", {"most": LONGEST_NAME})
    # On PostgreSQL two of one name would else not see each other; SQLite lets one in at a time anyhow. Without its key,
    # which rows that speak of the handout hold while they are written: each would wait for the other for ever.
    handout = Handout.objects.select_for_update(no_key=True).get(pk=handout.pk)
    if not may_join(handout, now):
        raise Refused("join.closed", "This worksheet is closed. Ask your teacher to open it.")
    if not handout.guests:
        raise Refused("join.for_a_class", "This worksheet is for a class. Sign in with your card to open it.")
    if not namesake and handout.people.filter(folded_name=folded(name)).exists():
        raise NameTaken("join.name_taken", "Somebody called {name} has joined already.", {"name": name})
    if handout.copies.count() >= MOST_COPIES:
        raise Refused("join.full", "{most} students have joined; no more can.", {"most": MOST_COPIES})
    return_code = new_code()
    while handout.people.filter(return_code=return_code).exists():
        return_code = new_code()
    guest = Guest.objects.create(handout=handout, name=name, folded_name=folded(name), return_code=return_code)
    copy = Copy.objects.create(handout=handout, guest=guest, name=name)
    happen(handout.pk, What.JOINED, now, copy.pk)
    return copy


def copy_for(handout: Handout, student: Student, now: datetime) -> Copy:
    """The copy of a student whom a handout is for, made when they come for the first time. Raises Refused."""
    has = handout.copies.filter(student=student).first()
    return has or _copy_made(handout, student, now)


@transaction.atomic
def _copy_made(handout: Handout, student: Student, now: datetime) -> Copy:
    # Twice at once, on two devices, is once.
    handout = Handout.objects.select_for_update(no_key=True).get(pk=handout.pk)
    has = handout.copies.filter(student=student).first()
    if has:
        return has
    if not may_join(handout, now):
        raise Refused("join.closed", "This worksheet is closed. Ask your teacher to open it.")
    copy = Copy.objects.create(handout=handout, student=student, name=student.name)
    happen(handout.pk, What.JOINED, now, copy.pk)
    return copy


def may_join(handout: Handout, now: datetime) -> bool:
    """Whether somebody new may come; also before it opens."""
    ends = times_of(handout).ends
    return handout.open and (ends is None or now <= ends)


def come_back(handout: Handout, typed: str) -> Copy:
    """The copy with this return code. Raises Missing."""
    try:
        return handout.copies.get(guest__return_code=read_code(typed))
    except Copy.DoesNotExist:
        raise Missing("join.unknown_return_code", "Nobody's work has this return code.") from None
