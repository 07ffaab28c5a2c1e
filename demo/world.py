"""The sample world: what its teachers and students did, done again through the same flows."""

import io
import uuid
from collections.abc import Iterable, Sequence
from datetime import timedelta
from types import ModuleType
from typing import Any

from allauth.account.models import EmailAddress
from django.db import transaction
from django.utils import timezone

from demo import explaining, making, moving
from demo.papers import keepers_log, tide_table
from demo.papers import weather as weather_paper
from demo.students import ABSENT, HERONS, KESTRELS, Student
from demo.teachers import EVERYBODY, SignIn
from demo.worksheets import KEEPERS_LOG, TIDE_TABLE, Laid, edits
from server.accounts.models import School, User
from server.classes.flows.enrol import take_roster
from server.classes.flows.find import students_in
from server.classes.flows.make import make_class
from server.classes.models import Class, Teaching
from server.copies.flows.answer import Change, save_answers
from server.copies.flows.check import check
from server.copies.flows.hand_in import hand_in
from server.copies.flows.join import copy_for, join
from server.copies.models import Copy
from server.handouts.flows.hand_out import ANYBODY, To, hand_out, hand_out_to
from server.handouts.models import Handout
from server.markbook.flows.settle import settle
from server.may import Role
from server.pictures.flows.keep import keep_from_library
from server.worksheets import documents
from server.worksheets.flows.bring_in import bring_in
from server.worksheets.flows.edit import edit
from server.worksheets.models import Worksheet
from velum.document.edits import Rename
from velum.kinds.part import PartRef
from velum.rosters.columns import split_name
from velum.rosters.roster import Student as Named


def is_empty() -> bool:
    """Whether nobody lives in this database yet."""
    return not User.objects.exists()


@transaction.atomic
def load(*, everything: bool = True) -> None:
    """Fill an empty database, wholly or not at all. Journeys begin with the first two worksheets alone, and no classes:
    the Kestrels have joined with the code.
    """
    gullhaven = School.objects.create(name="Gullhaven School")
    maren, tobias = [_teacher(sign_in, gullhaven) for sign_in in EVERYBODY]
    log = _worksheet(maren, keepers_log, KEEPERS_LOG)
    tides = _worksheet(maren, tide_table, TIDE_TABLE)
    if everything:
        lay_more(maren)
        _teach(maren, tobias, tides, log)
    else:
        handout = hand_out(maren, tides.pk)
        _answer(maren, handout, [(student, join(handout, student.name, timezone.now())) for student in KESTRELS])


def _teach(maren: User, tobias: User, tides: Worksheet, log: Worksheet) -> None:
    """The two classes, and what is handed out to them: done, due tomorrow, and to some of them with a limit of time."""
    now = timezone.now()
    kestrels = _class(maren, "Kestrels", [student.name for student in KESTRELS] + ABSENT)
    Teaching.objects.create(of_class=kestrels, teacher=tobias, role=Role.MARKS)
    _class(maren, "Herons", HERONS)
    said = {"message": "The boat must not touch the ground!", "may_check": True}
    _, done = hand_out_to(maren, tides.pk, [ANYBODY, To(kestrels.pk)], said)
    by_name = {student.name: student for student in students_in(kestrels)}
    _answer(maren, done, [(student, copy_for(done, by_name[student.name], now)) for student in KESTRELS])
    rest = {"due_at": now + timedelta(days=1), "may_check": True}
    weather = Worksheet.objects.get(owner=maren, title=weather_paper.TITLE)
    hand_out_to(maren, weather.pk, [To(kestrels.pk)], rest)
    some = [by_name[name].pk for name in ABSENT]
    hand_out_to(maren, log.pk, [To(kestrels.pk, some)], {"minutes": 40})


def _class(teacher: User, name: str, students: Sequence[str]) -> Class:
    made = make_class(teacher, name, "2026/27")
    take_roster(teacher, made.pk, [Named.model_validate(split_name(student)) for student in students], timezone.now())
    return made


def _teacher(sign_in: SignIn, school: School) -> User:
    user = User.objects.create_user(sign_in.email, sign_in.password, school=school)
    EmailAddress.objects.create(user=user, email=sign_in.email, verified=True, primary=True)
    return user


def _worksheet(teacher: User, paper: ModuleType, boxes: tuple[Laid, ...]) -> Worksheet:
    worksheet = bring_in(teacher, io.BytesIO(paper.draw()), "paper.pdf").worksheet
    laid = edits(documents.read(worksheet), boxes)
    return edit(teacher, worksheet.pk, 1, uuid.uuid4(), [Rename(title=paper.TITLE), *laid])


def lay_more(teacher: User) -> None:
    """The worksheets whose answers are moved, and those on which students make things."""

    def draw(name: str) -> str:
        return keep_from_library(teacher, name, name).picture_id

    for paper, lay in (*moving.papers(), *making.papers()):
        worksheet = bring_in(teacher, io.BytesIO(paper.draw()), "paper.pdf").worksheet
        document = documents.read(worksheet)
        laid = moving.edits(document, paper, lay(document, draw))
        edit(teacher, worksheet.pk, 1, uuid.uuid4(), [*laid, *explaining.edits(paper)])


def _answer(teacher: User, handout: Handout, copies: Iterable[tuple[Student, Copy]]) -> None:
    """What the Kestrels did with the tide table."""
    now = timezone.now()
    settle(teacher, handout.pk, {"may_check": True}, now)
    for student, copy in copies:
        copy.handout.may_check = True
        for box, tried in student.tries:
            save_answers(copy.pk, [_written(box, 1, tried)], now)
            check(copy, PartRef(f"box{box:03}"), now)
        changes = [_written(box, 2, answer) for box, answer in enumerate(student.answers) if answer is not None]
        if changes:
            save_answers(copy.pk, changes, now)
        if student.handed_in:
            hand_in(copy.pk, [], now)


def _written(box: int, revision: int, text: str) -> Change:
    value: dict[str, Any] = {"kind": "answer_box", "text": text}
    return Change(f"box{box:03}", revision, value, timedelta())
