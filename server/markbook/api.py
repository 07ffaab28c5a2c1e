import uuid
from dataclasses import asdict
from datetime import timedelta
from fractions import Fraction
from typing import Annotated, Any

from ninja import Query, Router, Status
from pydantic import AwareDatetime, Field

from server.accounts.teacher import Teacher
from server.copies.flows.hand_in import let_go_on
from server.entrance.arrival import arrived_at
from server.entrance.errors import ErrorOut
from server.entrance.schemas import Incoming
from server.handouts.flows.hand_out import find_handout
from server.handouts.incoming import HandoutSettings
from server.handouts.show import HandoutOut, handout_out
from server.markbook.flows.accept import accept_answer
from server.markbook.flows.newest_key import preview, use_newest_key
from server.markbook.flows.overrule import Share, find_copy_of_teacher, overrule
from server.markbook.flows.settle import give_time, let_until, meaning_of, settle
from server.markbook.flows.student_data import erase
from server.markbook.show import (
    AcceptedOut,
    ChangesOut,
    CopyRow,
    MeaningOut,
    NewKeyOut,
    NewKeyPreviewOut,
    ResultsOut,
    ReviewOut,
    changes_of,
    new_key_preview_out,
    results_of,
    review_of,
    row_of,
)
from server.may import Right
from velum.kinds.part import PartId, PartRef

router = Router()


class TimeIn(Incoming):
    """Exceptions for one copy; what is left out stays as it is. ``more`` is in minutes, and added to what was given."""

    more: Annotated[int, Field(ge=-10_000, le=10_000)] = 0
    until: AwareDatetime | None = None


class OverruleIn(Incoming):
    """``earned`` in points, or a share of the part's; None goes back to the machine's mark."""

    field_id: Annotated[str, Field(max_length=32)]
    part: PartId = ""
    earned: Annotated[float, Field(ge=0, le=100, multiple_of=0.25, allow_inf_nan=False)] | Share | None
    note: Annotated[str, Field(max_length=500)] = ""


class AcceptIn(Incoming):
    field_id: Annotated[str, Field(max_length=32)]
    part: PartId = ""


@router.get(
    "/handouts/{uuid:handout_id}/results", response={200: ResultsOut, 404: ErrorOut}, operation_id="get_results"
)
def get_results(request: Teacher, handout_id: uuid.UUID) -> ResultsOut:
    return results_of(request, find_handout(request.user, handout_id, Right.LOOK))


@router.get(
    "/handouts/{uuid:handout_id}/changes",
    response={200: ChangesOut, 204: None, 404: ErrorOut},
    operation_id="get_changes",
)
def get_changes(
    request: Teacher, handout_id: uuid.UUID, since: Annotated[int, Query(ge=0, le=9_007_199_254_740_991)] = 0
) -> Any:
    """What happened to a handout after the happening of that number; nothing happened: no content."""
    return changes_of(request, find_handout(request.user, handout_id, Right.LOOK), since) or Status(204, None)


@router.get(
    "/handouts/{uuid:handout_id}/newest-key",
    response={200: NewKeyPreviewOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="preview_newest_key",
)
def preview_newest_key(request: Teacher, handout_id: uuid.UUID) -> NewKeyPreviewOut:
    """What marking by the newest key would mean; nothing is changed yet."""
    handout = find_handout(request.user, handout_id, Right.OWN)
    return new_key_preview_out(handout, preview(handout))


@router.post(
    "/handouts/{uuid:handout_id}/newest-key", response={200: NewKeyOut, 404: ErrorOut}, operation_id="use_newest_key"
)
def mark_by_newest_key(request: Teacher, handout_id: uuid.UUID) -> NewKeyOut:
    changed = use_newest_key(request.user, handout_id)
    return NewKeyOut(changed=changed, results=results_of(request, find_handout(request.user, handout_id, Right.LOOK)))


@router.get("/copies/{uuid:copy_id}", response={200: ReviewOut, 404: ErrorOut}, operation_id="get_review")
def get_review(request: Teacher, copy_id: uuid.UUID) -> ReviewOut:
    return review_of(request, find_copy_of_teacher(request.user, copy_id, Right.LOOK))


@router.post(
    "/copies/{uuid:copy_id}/overrules",
    response={201: ReviewOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="overrule",
)
def overrule_mark(request: Teacher, copy_id: uuid.UUID, body: OverruleIn) -> Status[ReviewOut]:
    earned = Fraction(body.earned) if isinstance(body.earned, float) else body.earned
    overrule(request.user, copy_id, PartRef(body.field_id, body.part), earned, body.note)
    return Status(201, review_of(request, find_copy_of_teacher(request.user, copy_id, Right.LOOK)))


@router.post(
    "/copies/{uuid:copy_id}/accepted",
    response={201: AcceptedOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="accept_answer",
)
def accept(request: Teacher, copy_id: uuid.UUID, body: AcceptIn) -> Status[AcceptedOut]:
    """Count what a copy answers as right, for everybody."""
    changed = accept_answer(request.user, copy_id, PartRef(body.field_id, body.part))
    return Status(
        201,
        AcceptedOut(
            changed=changed,
            review=review_of(request, find_copy_of_teacher(request.user, copy_id, Right.LOOK)),
        ),
    )


@router.post("/copies/{uuid:copy_id}/let-go-on", response={200: ReviewOut, 404: ErrorOut}, operation_id="let_go_on")
def let_student_go_on(request: Teacher, copy_id: uuid.UUID) -> ReviewOut:
    copy = find_copy_of_teacher(request.user, copy_id, Right.MARK)
    let_go_on(request.user, copy, arrived_at(request))
    return review_of(request, copy)


@router.patch(
    "/copies/{uuid:copy_id}/time", response={200: CopyRow, 404: ErrorOut, 422: ErrorOut}, operation_id="give_time"
)
def give_copy_time(request: Teacher, copy_id: uuid.UUID, body: TimeIn) -> CopyRow:
    """Make exceptions of the times of a handout for one copy."""
    if body.more:
        give_time(request.user, copy_id, timedelta(minutes=body.more), arrived_at(request))
    if "until" in body.model_fields_set:
        let_until(request.user, copy_id, body.until, arrived_at(request))
    return row_of(find_copy_of_teacher(request.user, copy_id, Right.LOOK), arrived_at(request))


@router.post(
    "/handouts/{uuid:handout_id}/meaning",
    response={200: MeaningOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="meaning_of_settings",
)
def meaning_of_settings(request: Teacher, handout_id: uuid.UUID, body: HandoutSettings) -> MeaningOut:
    """What settings would mean for those who have begun; nothing is changed yet."""
    settings = body.model_dump(exclude_unset=True)
    return MeaningOut(**asdict(meaning_of(request.user, handout_id, settings, arrived_at(request))))


@router.patch(
    "/handouts/{uuid:handout_id}",
    response={200: HandoutOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="settle_handout",
)
def settle_handout(request: Teacher, handout_id: uuid.UUID, body: HandoutSettings) -> HandoutOut:
    handout = settle(request.user, handout_id, body.model_dump(exclude_unset=True), arrived_at(request))
    return handout_out(request, find_handout(request.user, handout.pk, Right.LOOK))


@router.post(
    "/students/{uuid:student_id}/erasure",
    response={204: None, 404: ErrorOut, 409: ErrorOut},
    operation_id="erase_student",
)
def erase_student(request: Teacher, student_id: uuid.UUID) -> Status[None]:
    """Erase all that is kept of a student. That it was done stays on record, and not who it was."""
    erase(request.user, student_id, arrived_at(request))
    return Status(204, None)
