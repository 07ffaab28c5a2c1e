"""What students are shown: no key, and no mark that was not released."""

import uuid
from datetime import datetime

from django.conf import settings
from ninja import Schema

from server.copies.flows.answer import Outcome
from server.copies.flows.check import Checked, all_checked
from server.copies.flows.help import all_shown
from server.copies.flows.read import in_order, read_entry
from server.copies.flows.when import ends_at, phase_of
from server.copies.models import Answer as StoredAnswer
from server.copies.models import AnswerFile, Copy
from server.entrance.codes import shown
from server.entrance.errors import ErrorOut
from server.words.say import say
from server.worksheets import surveys
from server.worksheets.flows.freeze import read_edition
from server.worksheets.pictures import covers_on
from velum.document.document import Document
from velum.document.listening import Asked, Region, asked_on, regions_of
from velum.document.sheet import Sheet, seen_fixtures, sheet_of
from velum.kinds import Answer, Entry
from velum.kinds.help import Help, HelpRef
from velum.mark import Verdict
from velum.marking.unit import Unreadable
from velum.times import Phase


class SavedAnswer(Schema):
    """An answer, or an entry of one.

    ``answer`` is None where this release cannot read what is kept: the student is told, and so is the teacher.
    """

    field_id: str
    entry: str
    revision: int
    answer: Entry | None


class CheckedAnswer(Schema):
    """What the last check said of an answer, which may be another by now, as far as the teacher lets it be seen.

    ``tries`` counts the checks there were, ``left`` those that there may still be: None for any number.
    """

    field_id: str
    part: str
    answer: Answer | None
    verdict: Verdict
    tries: int
    left: int | None
    reason: str | None
    hint: str | None


class ShownHelpOut(Schema):
    """A help that was asked for, and what it says."""

    field_id: str
    help: Help


class TimeOut(Schema):
    """How a copy stands by the server's clock, at ``now``. ``seconds_left``: until its end; None: nothing ends it."""

    now: datetime
    open: bool
    seconds_left: float | None
    limited: bool
    """Whether its time runs from when it was begun."""
    due_at: datetime | None


class CopyOut(Schema):
    """A copy as its student has it. No key, no mark."""

    id: uuid.UUID
    name: str
    return_code: str | None
    """None: a student with a card needs none."""
    trial: bool
    """Whether its teacher tries it out."""
    message: str
    """What the teacher says to students beside the worksheet."""
    time: TimeOut
    may_check: bool
    tries_allowed: int | None
    handed_in_at: datetime | None
    stand_in_microphone: bool
    """Whether there is one for devices that have none, as in the demo."""
    sheet: Sheet
    answers: list[SavedAnswer]
    checked: list[CheckedAnswer]
    help: list[ShownHelpOut]
    """The help that was asked for."""


class ChangeOut(Schema):
    """What stands for an answer or an entry now, or why the change was refused."""

    field_id: str
    entry: str
    revision: int
    answer: Entry | None
    refused: ErrorOut | None


class AnswersOut(Schema):
    changes: list[ChangeOut]


class TooLateOut(ErrorOut):
    """The copy was handed in or closed before these changes came. ``changes`` are those that were noted all the same:
    they are no part of it, but the teacher can see them, so no device need keep them.
    """

    handed_in_at: datetime | None = None
    changes: list[ChangeOut] = []


class HandedIn(Schema):
    """``late`` are changes that came when it was handed in already, by another device: noted, but no part of it."""

    handed_in_at: datetime
    late: list[ChangeOut]


class FileOut(Schema):
    """A file by whose name an answer may speak of it."""

    file: str
    media_type: str
    size: int


class PageTextOut(Schema):
    """What can be read on a page: all of it, line by line, and in regions, with what is laid on it."""

    text: str
    regions: list[Region]


class TextsOut(Schema):
    pages: list[PageTextOut]
    asked: list[Asked]


def texts_out(document: Document) -> TextsOut:
    out = TextsOut(pages=[], asked=[])
    for page in document.pages:
        lines = surveys.seen_lines_of(page, covers_on(document, page.id))
        regions = regions_of(lines, seen_fixtures(document, page.id))
        out.pages.append(PageTextOut(text="\n".join(line.text for line in lines), regions=regions))
        out.asked += asked_on(document, page.id, regions)
    return out


def file_out(kept: AnswerFile) -> FileOut:
    return FileOut(file=kept.sha256, media_type=kept.media_type, size=kept.size)


def _saved(document: Document, saved: StoredAnswer) -> SavedAnswer:
    answer = read_entry(document, saved.field_id, saved.entry, saved.value)
    readable = None if isinstance(answer, Unreadable) else answer
    return SavedAnswer(field_id=saved.field_id, entry=saved.entry, revision=saved.revision, answer=readable)


def checked_answer(checked: Checked) -> CheckedAnswer:
    return CheckedAnswer(
        field_id=checked.ref.field,
        part=checked.ref.part,
        answer=checked.answer,
        verdict=checked.verdict,
        tries=checked.tries,
        left=checked.left,
        reason=say(checked.reason) if checked.reason else None,
        hint=checked.hint,
    )


def shown_help_out(ref: HelpRef, help: Help) -> ShownHelpOut:
    return ShownHelpOut(field_id=ref.field, help=help)


def time_out(copy: Copy, now: datetime) -> TimeOut:
    handout, end = copy.handout, ends_at(copy)
    return TimeOut(
        now=now,
        open=handout.open and phase_of(copy, now) is Phase.OPEN,
        seconds_left=None if end is None else max(0.0, (end - now).total_seconds()),
        limited=handout.minutes is not None,
        due_at=handout.due_at,
    )


def copy_out(copy: Copy, now: datetime) -> CopyOut:
    document = read_edition(copy.handout.edition_id)
    return CopyOut(
        id=copy.pk,
        name=copy.name,
        return_code=shown(copy.guest.return_code) if copy.guest else None,
        trial=copy.handout.trial,
        message=copy.handout.message,
        time=time_out(copy, now),
        may_check=copy.handout.may_check,
        tries_allowed=copy.handout.tries_allowed,
        handed_in_at=copy.handed_in_at,
        stand_in_microphone=settings.DEMO,
        sheet=sheet_of(document),
        answers=[
            _saved(document, answer) for answer in in_order(copy.answers.all()) if document.field(answer.field_id)
        ],
        checked=[checked_answer(checked) for checked in all_checked(copy)],
        help=[shown_help_out(ref, help) for ref, help in all_shown(copy)],
    )


def change_out(outcome: Outcome) -> ChangeOut:
    refused = outcome.refused
    return ChangeOut.model_validate(
        {
            "field_id": outcome.of[0],
            "entry": outcome.of[1],
            "revision": outcome.revision,
            "answer": outcome.value,
            "refused": {"code": refused.code, "message": say(refused.sentence)} if refused else None,
        }
    )
