import uuid
from datetime import timedelta
from typing import Annotated, Any

from django.http import HttpRequest
from ninja import Query, Router, Status
from ninja.security import APIKeyCookie
from pydantic import Field

from server.copies import people
from server.copies.flows.answer import Change, TooLate, save_answers
from server.copies.flows.begin import check_seen
from server.copies.flows.check import check
from server.copies.flows.files import keep_file
from server.copies.flows.find import find_copy
from server.copies.flows.hand_in import hand_in
from server.copies.flows.help import show_help
from server.copies.show import (
    AnswersOut,
    CheckedAnswer,
    CopyOut,
    FileOut,
    HandedIn,
    ShownHelpOut,
    TextsOut,
    TimeOut,
    TooLateOut,
    change_out,
    checked_answer,
    copy_out,
    file_out,
    shown_help_out,
    texts_out,
    time_out,
)
from server.entrance.arrival import arrived_at
from server.entrance.errors import ErrorOut
from server.entrance.schemas import A_FILE, Incoming
from server.words.say import say
from server.worksheets.flows.freeze import read_edition
from velum.kinds.help import HelpRef
from velum.kinds.part import PartId, PartRef

router = Router()


class Student(HttpRequest):
    auth: uuid.UUID
    """The copy that is the student's own."""


class OwnCopy(APIKeyCookie):
    """Whoever works on the copy in the address may use it."""

    param_name = "copy"

    def authenticate(self, request: HttpRequest, key: str | None) -> uuid.UUID | None:
        assert request.resolver_match is not None
        copy_id: uuid.UUID = request.resolver_match.kwargs["copy_id"]
        return copy_id if people.works_on(request, copy_id) else None


EntryName = Annotated[str, Field(pattern=r"^[a-z0-9]{0,32}$")]


class ChangeIn(Incoming):
    """An answer as the device has it, or an entry of one. ``age`` is how many milliseconds ago it was typed.

    ``order`` rises with each change that ``device`` makes to it, so that a save which comes late is told as old.
    """

    field_id: Annotated[str, Field(max_length=32)]
    entry: EntryName = ""
    revision: Annotated[int, Field(ge=1, le=1_000_000_000)]
    answer: dict[str, Any]
    age: Annotated[int, Field(ge=0, le=366 * 24 * 3600 * 1000)] = 0
    device: Annotated[str, Field(pattern=r"^[a-z0-9]{0,32}$")] = ""
    order: Annotated[int, Field(ge=0, le=9_007_199_254_740_991)] = 0


class AnswersIn(Incoming):
    changes: Annotated[list[ChangeIn], Field(max_length=2_000)]


class HelpIn(Incoming):
    field_id: Annotated[str, Field(max_length=32)]
    help_id: Annotated[str, Field(max_length=32)]


class CheckIn(Incoming):
    field_id: Annotated[str, Field(max_length=32)]
    part: PartId = ""


def _changes(body: AnswersIn) -> list[Change]:
    return [
        Change(
            change.field_id,
            change.revision,
            change.answer,
            timedelta(milliseconds=change.age),
            change.device,
            change.order,
            change.entry,
        )
        for change in body.changes
    ]


@router.get(
    "/{uuid:copy_id}/copy",
    response={200: CopyOut, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut},
    operation_id="get_copy",
)
def get_copy(request: Student, copy_id: uuid.UUID) -> CopyOut:
    copy = find_copy(request.auth)
    check_seen(copy, arrived_at(request))
    return copy_out(copy, arrived_at(request))


@router.get("/{uuid:copy_id}/time", response={200: TimeOut, 401: ErrorOut, 404: ErrorOut}, operation_id="get_time")
def get_time(request: Student, copy_id: uuid.UUID) -> TimeOut:
    """How the copy stands by the server's clock, which may have been settled anew."""
    return time_out(find_copy(request.auth), arrived_at(request))


@router.get(
    "/{uuid:copy_id}/texts",
    response={200: TextsOut, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut},
    operation_id="get_texts",
)
def get_texts(request: Student, copy_id: uuid.UUID) -> TextsOut:
    """What can be read on each page and about each question, for those who listen to the sheet."""
    copy = find_copy(request.auth)
    check_seen(copy, arrived_at(request))
    return texts_out(read_edition(copy.handout.edition_id))


@router.post(
    "/{uuid:copy_id}/answers",
    response={200: AnswersOut, 401: ErrorOut, 404: ErrorOut, 409: TooLateOut, 422: ErrorOut},
    operation_id="save_answers",
)
def save(request: Student, copy_id: uuid.UUID, body: AnswersIn) -> AnswersOut | Status[TooLateOut]:
    try:
        outcomes = save_answers(request.auth, _changes(body), arrived_at(request))
    except TooLate as late:
        noted = [change_out(outcome) for outcome in late.outcomes]
        out = TooLateOut(code=late.code, message=say(late.sentence), handed_in_at=late.handed_in_at, changes=noted)
        return Status(409, out)
    return AnswersOut(changes=[change_out(outcome) for outcome in outcomes])


@router.post(
    "/{uuid:copy_id}/files",
    response={201: FileOut, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="keep_file",
    openapi_extra=A_FILE,
)
def keep_answer_file(
    request: Student, copy_id: uuid.UUID, field_id: Annotated[str, Query(max_length=32)]
) -> Status[FileOut]:
    """Keep the file that is the body of the request, so that an answer may speak of it."""
    return Status(201, file_out(keep_file(find_copy(request.auth), field_id, request, arrived_at(request))))


@router.post(
    "/{uuid:copy_id}/check",
    response={200: CheckedAnswer, 204: None, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut, 422: ErrorOut},
    operation_id="check_answer",
)
def check_answer(request: Student, copy_id: uuid.UUID, body: CheckIn) -> Any:
    """Check a part of the saved answer of a field. A blank one has no verdict."""
    checked = check(find_copy(request.auth), PartRef(body.field_id, body.part), arrived_at(request))
    return checked_answer(checked) if checked else Status(204, None)


@router.post(
    "/{uuid:copy_id}/help",
    response={200: ShownHelpOut, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut, 422: ErrorOut},
    operation_id="show_help",
)
def show_a_help(request: Student, copy_id: uuid.UUID, body: HelpIn) -> ShownHelpOut:
    """What a help says. That it was asked for is on record, and may cost points: the sheet says so before."""
    ref = HelpRef(body.field_id, body.help_id)
    return shown_help_out(ref, show_help(find_copy(request.auth), ref, arrived_at(request)))


@router.post(
    "/{uuid:copy_id}/hand-in",
    response={200: HandedIn, 401: ErrorOut, 404: ErrorOut, 409: ErrorOut, 422: ErrorOut},
    operation_id="hand_in",
)
def hand_in_copy(request: Student, copy_id: uuid.UUID, body: AnswersIn) -> HandedIn:
    """Save the last changes and hand in, both or neither."""
    done = hand_in(request.auth, _changes(body), arrived_at(request))
    return HandedIn(handed_in_at=done.at, late=[change_out(outcome) for outcome in done.late])
