"""What teachers are shown of classes."""

import uuid
from collections.abc import Iterable
from datetime import datetime

from django.db.models import Count, Q
from ninja import Schema

from server import may
from server.accounts.models import User
from server.classes.flows.find import students_in
from server.classes.models import Class, Invitation, Student
from server.entrance.codes import shown
from server.may import Right, Role
from server.words.say import say
from velum.cards import PICTURES
from velum.names import sort_key
from velum.rosters.changes import Changes
from velum.rosters.roster import Roster
from velum.rosters.roster import Student as StudentValue
from velum.shown_names import Names

CARDS_AT_ONCE = 200
"""How many cards are printed in one go: as many as are drawn while somebody waits."""


class ClassRow(Schema):
    """A class in a list. ``role`` is what the teacher is to it."""

    id: uuid.UUID
    name: str
    year: str
    students: int
    role: Role
    archived: bool


class CardPictureOut(Schema):
    """A drawing of the library, and what it is called."""

    name: str
    word: str


class StudentOut(Schema):
    """A student, and the pictures of their card, in order."""

    id: uuid.UUID
    given: str
    family: str
    name: str
    number: str
    email: str
    card: list[CardPictureOut]
    card_made_at: datetime


class TeacherOut(Schema):
    """A teacher of a class, or somebody who is ``invited`` to be one."""

    email: str
    role: Role
    invited: bool


class InvitationOut(Schema):
    """What a teacher is asked: to teach this class, by whom."""

    token: str
    name: str
    by: str
    role: Role


class ClassOut(Schema):
    id: uuid.UUID
    name: str
    year: str
    code: str
    role: Role
    archived_at: datetime | None
    names: Names
    """How names are shown where others see them."""
    students: list[StudentOut]
    cards_at_once: int
    """How many cards are printed in one go."""
    teachers: list[TeacherOut]


class LeftOutRowOut(Schema):
    row: int
    text: str
    why: str


class RosterDoubtOut(Schema):
    student: int
    why: str


class RosterOut(Schema):
    """What was read of a list: nothing is taken yet."""

    title: str
    source: str
    students: list[StudentValue]
    left_out: list[LeftOutRowOut]
    doubts: list[RosterDoubtOut]


class RenamedOut(Schema):
    was: str
    now: str


class RosterMeaningOut(Schema):
    """What a roster changes in a class."""

    new: list[str]
    changed: list[RenamedOut]
    joining: list[str]
    same: int
    missing: list[str]


def students_in_order(students: Iterable[Student]) -> list[Student]:
    """Students in the order in which people look for them, as copies stand in results."""
    return sorted(students, key=lambda student: (sort_key(student.name), student.made_at, student.pk))


def classes_of(teacher: User) -> list[ClassRow]:
    """A teacher's classes, those that are archived last."""
    roles = dict(teacher.teachings.values_list("of_class", "role"))
    there = Count("enrolments", filter=Q(enrolments__left_at=None))
    rows = Class.objects.filter(may.class_of(teacher, Right.LOOK)).annotate(there=there)
    found = [
        ClassRow(
            id=row.pk,
            name=row.name,
            year=row.year,
            students=row.there,
            role=Role(roles[row.pk]),
            archived=row.archived_at is not None,
        )
        for row in rows
    ]
    return sorted(found, key=lambda row: (row.archived, sort_key(row.name)))


def student_out(student: Student, *, with_card: bool = True) -> StudentOut:
    """A student; who only looks at a class is not shown what opens their work."""
    pictures = student.card.secret.split() if with_card else []
    return StudentOut(
        id=student.pk,
        given=student.given,
        family=student.family,
        name=student.name,
        number=student.number,
        email=student.email,
        card=[CardPictureOut(name=name, word=say(PICTURES[name])) for name in pictures],
        card_made_at=student.card.made_at,
    )


def class_out(teacher: User, of_class: Class) -> ClassOut:
    teachings = of_class.teachings.select_related("teacher").order_by("since", "pk")
    role = next(Role(each.role) for each in teachings if each.teacher_id == teacher.pk)
    cards = role is not Role.LOOKS
    students = [student_out(student, with_card=cards) for student in students_in_order(students_in(of_class))]
    teachers = [TeacherOut(email=each.teacher.email, role=Role(each.role), invited=False) for each in teachings]
    asked = of_class.invitations.order_by("at", "pk")
    teachers += [TeacherOut(email=each.email, role=Role(each.role), invited=True) for each in asked]
    return ClassOut(
        id=of_class.pk,
        name=of_class.name,
        year=of_class.year,
        code=shown(of_class.code),
        role=role,
        archived_at=of_class.archived_at,
        names=Names(of_class.names),
        students=students,
        cards_at_once=CARDS_AT_ONCE,
        teachers=teachers,
    )


def invitation_out(invitation: Invitation) -> InvitationOut:
    return InvitationOut(
        token=invitation.token, name=invitation.of_class.name, by=invitation.by.email, role=Role(invitation.role)
    )


def roster_out(roster: Roster) -> RosterOut:
    return RosterOut(
        title=roster.title,
        source=roster.source,
        students=list(roster.students),
        left_out=[LeftOutRowOut(row=each.row, text=each.text, why=say(each.why)) for each in roster.left_out],
        doubts=[RosterDoubtOut(student=each.student, why=say(each.why)) for each in roster.doubts],
    )


def roster_meaning_out(changes: Changes[uuid.UUID]) -> RosterMeaningOut:
    return RosterMeaningOut(
        new=[student.name for student in changes.new],
        changed=[RenamedOut(was=_said(was.student), now=_said(now)) for was, now in changes.changed],
        joining=[each.student.name for each in changes.joining],
        same=len(changes.same),
        missing=[each.student.name for each in changes.missing],
    )


def _said(student: StudentValue) -> str:
    return " · ".join(filter(None, (student.name, student.number, student.email)))
