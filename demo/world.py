"""The sample world: what its teachers and students did, done again through the same flows."""

import io
import uuid
from datetime import timedelta
from types import ModuleType
from typing import Any

from allauth.account.models import EmailAddress
from django.db import transaction
from django.utils import timezone

from demo import explaining, making, moving
from demo.papers import keepers_log, tide_table
from demo.students import KESTRELS
from demo.teachers import EVERYBODY, SignIn
from demo.worksheets import KEEPERS_LOG, TIDE_TABLE, Laid, edits
from server.accounts.models import User
from server.copies.flows.answer import Change, save_answers
from server.copies.flows.check import check
from server.copies.flows.hand_in import hand_in
from server.copies.flows.join import join
from server.handouts.flows.hand_out import hand_out
from server.markbook.flows.settle import settle
from server.pictures.flows.keep import keep_from_library
from server.worksheets import documents
from server.worksheets.flows.bring_in import bring_in
from server.worksheets.flows.edit import edit
from server.worksheets.models import Worksheet
from velum.document.edits import Rename
from velum.kinds.part import PartRef


def is_empty() -> bool:
    """Whether nobody lives in this database yet."""
    return not User.objects.exists()


@transaction.atomic
def load(*, everything: bool = True) -> None:
    """Fill an empty database, wholly or not at all. Journeys begin with the first two worksheets alone."""
    maren, _ = [_teacher(sign_in) for sign_in in EVERYBODY]
    _worksheet(maren, keepers_log, KEEPERS_LOG)
    tides = _worksheet(maren, tide_table, TIDE_TABLE)
    _hand_out_to_kestrels(maren, tides)
    if everything:
        lay_more(maren)


def _teacher(sign_in: SignIn) -> User:
    user = User.objects.create_user(sign_in.email, sign_in.password)
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


def _hand_out_to_kestrels(teacher: User, worksheet: Worksheet) -> None:
    handout = hand_out(teacher, worksheet.pk)
    handout = settle(teacher, handout.pk, {"may_check": True}, timezone.now())
    now = timezone.now()
    for student in KESTRELS:
        copy = join(handout, student.name, now)
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
