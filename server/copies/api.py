import uuid
from dataclasses import asdict
from datetime import datetime, timedelta
from typing import Annotated, Any

from django.http import HttpRequest
from ninja import Router, Schema, Status
from ninja.security import APIKeyCookie
from pydantic import Field

from server.config.arrival import arrived_at
from server.config.errors import ErrorOut
from server.config.schemas import Incoming
from server.copies import cookies
from server.copies.flows.answer import Change, Outcome, TooLate, save_answers
from server.copies.flows.check import all_checked, check
from server.copies.flows.find import find_copy
from server.copies.flows.hand_in import hand_in
from server.copies.flows.marking import read_answer
from server.copies.models import Answer as StoredAnswer
from server.copies.models import Copy
from server.handouts.codes import shown
from server.worksheets import surveys
from server.worksheets.flows.freeze import read_edition
from server.worksheets.pictures import covers_on
from velum.document.worksheet import Sheet, Worksheet, sheet_of
from velum.kinds import Answer
from velum.marking.copies import Unreadable
from velum.marking.mark import Verdict

router = Router()


class Student(HttpRequest):
    auth: uuid.UUID
    """The copy that is the student's own."""


class CopyCookie(APIKeyCookie):
    """Whoever holds the cookie of the copy in the address may use it."""

    param_name = "copy"

    def authenticate(self, request: HttpRequest, key: str | None) -> uuid.UUID | None:
        assert request.resolver_match is not None
        copy_id: uuid.UUID = request.resolver_match.kwargs["copy_id"]
        return copy_id if cookies.holds(request, copy_id) else None


class SavedAnswer(Schema):
    """``answer`` is None where this release cannot read what is kept: the student is told, and so is the teacher."""

    field_id: str
    revision: int
    answer: Answer | None


class CheckedAnswer(Schema):
    """What the last check said of an answer, which may be another by now, as far as the teacher lets it be seen.

    ``tries`` counts the checks there were, ``left`` those that there may still be: None for any number.
    """

    field_id: str
    answer: Answer | None
    verdict: Verdict
    tries: int
    left: int | None
    reason: str | None
    hint: str | None


class CopyOut(Schema):
    """A copy as its student has it. No key, no mark."""

    id: uuid.UUID
    name: str
    return_code: str
    open: bool
    may_check: bool
    tries_allowed: int | None
    handed_in_at: datetime | None
    sheet: Sheet
    answers: list[SavedAnswer]
    checked: list[CheckedAnswer]


class ChangeIn(Incoming):
    """An answer as the device has it. ``age`` is how many milliseconds ago it was typed.

    ``order`` rises with each change that ``device`` makes to the field, so that a save which comes late is told as old.
    """

    field_id: Annotated[str, Field(max_length=32)]
    revision: Annotated[int, Field(ge=1, le=1_000_000_000)]
    answer: dict[str, Any]
    age: Annotated[int, Field(ge=0, le=366 * 24 * 3600 * 1000)] = 0
    device: Annotated[str, Field(pattern=r"^[a-z0-9]{0,32}$")] = ""
    order: Annotated[int, Field(ge=0, le=9_007_199_254_740_991)] = 0


class AnswersIn(Incoming):
    changes: Annotated[list[ChangeIn], Field(max_length=2_000)]


class ChangeOut(Schema):
    """What stands for a field now, or why the change was refused."""

    field_id: str
    revision: int
    answer: Answer | None
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


class CheckIn(Incoming):
    field_id: Annotated[str, Field(max_length=32)]


def _saved(document: Worksheet, saved: StoredAnswer) -> SavedAnswer:
    answer = read_answer(document, saved.field_id, saved.value)
    readable = None if isinstance(answer, Unreadable) else answer
    return SavedAnswer(field_id=saved.field_id, revision=saved.revision, answer=readable)


def copy_out(copy: Copy) -> CopyOut:
    document = read_edition(copy.handout.edition_id)
    return CopyOut(
        id=copy.pk,
        name=copy.name,
        return_code=shown(copy.return_code),
        open=copy.handout.open,
        may_check=copy.handout.may_check,
        tries_allowed=copy.handout.tries_allowed,
        handed_in_at=copy.handed_in_at,
        sheet=sheet_of(document),
        answers=[_saved(document, answer) for answer in copy.answers.all() if document.field(answer.field_id)],
        checked=[CheckedAnswer.model_validate(asdict(checked)) for checked in all_checked(copy)],
    )


def _changes(body: AnswersIn) -> list[Change]:
    return [
        Change(
            change.field_id,
            change.revision,
            change.answer,
            timedelta(milliseconds=change.age),
            change.device,
            change.order,
        )
        for change in body.changes
    ]


def _outcome(outcome: Outcome) -> ChangeOut:
    refused = outcome.refused
    return ChangeOut.model_validate(
        {
            "field_id": outcome.field_id,
            "revision": outcome.revision,
            "answer": outcome.value,
            "refused": {"code": refused.code, "message": refused.message} if refused else None,
        }
    )


@router.get("/{uuid:copy_id}/copy", response={200: CopyOut, 401: ErrorOut, 404: ErrorOut}, operation_id="get_copy")
def get_copy(request: Student, copy_id: uuid.UUID) -> CopyOut:
    return copy_out(find_copy(request.auth))


@router.get("/{uuid:copy_id}/texts", response={200: list[str], 401: ErrorOut, 404: ErrorOut}, operation_id="get_texts")
def get_texts(request: Student, copy_id: uuid.UUID) -> list[str]:
    """What can be read on each page, for those who listen to the sheet."""
    document = read_edition(find_copy(request.auth).handout.edition_id)
    return [surveys.seen_text_of(page, covers_on(document, page.id)) for page in document.pages]


@router.post(
    "/{uuid:copy_id}/answers",
    response={200: AnswersOut, 401: ErrorOut, 404: ErrorOut, 409: TooLateOut, 422: ErrorOut},
    operation_id="save_answers",
)
def save(request: Student, copy_id: uuid.UUID, body: AnswersIn) -> AnswersOut | Status[TooLateOut]:
    try:
        outcomes = save_answers(request.auth, _changes(body), arrived_at(request))
    except TooLate as late:
        noted = [_outcome(outcome) for outcome in late.outcomes]
        out = TooLateOut(code=late.code, message=late.message, handed_in_at=late.handed_in_at, changes=noted)
        return Status(409, out)
    return AnswersOut(changes=[_outcome(outcome) for outcome in outcomes])


@router.post(
    "/{uuid:copy_id}/check",
    response={200: CheckedAnswer, 204: None, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut, 422: ErrorOut},
    operation_id="check_answer",
)
def check_answer(request: Student, copy_id: uuid.UUID, body: CheckIn) -> Any:
    """Check the saved answer of a field. A blank one has no verdict."""
    checked = check(find_copy(request.auth), body.field_id)
    return CheckedAnswer.model_validate(asdict(checked)) if checked else Status(204, None)


@router.post(
    "/{uuid:copy_id}/hand-in",
    response={200: HandedIn, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut, 422: ErrorOut},
    operation_id="hand_in",
)
def hand_in_copy(request: Student, copy_id: uuid.UUID, body: AnswersIn) -> HandedIn:
    """Save the last changes and hand in, both or neither."""
    done = hand_in(request.auth, _changes(body), arrived_at(request))
    return HandedIn(handed_in_at=done.at, late=[_outcome(outcome) for outcome in done.late])
