import json
import uuid
from collections import Counter
from collections.abc import Iterable
from datetime import datetime
from fractions import Fraction
from typing import Annotated

from ninja import Router, Schema, Status
from pydantic import Field

from server.config.errors import ErrorOut
from server.config.schemas import Incoming
from server.copies.flows.hand_in import let_go_on
from server.copies.flows.marking import read_answer
from server.copies.models import Answer as StoredAnswer
from server.copies.models import AnswerChange, Copy
from server.handouts.api import HandoutOut, handout_out
from server.handouts.codes import shown
from server.handouts.flows.documents import document_of
from server.handouts.flows.hand_out import find as find_handout
from server.handouts.models import Handout
from server.markbook.flows.newest_key import key_is_newest, preview, use_newest_key
from server.markbook.flows.overrule import Part, find_copy, overrule
from server.markbook.flows.results import CountedMark, copies_with_marks, counted_marks
from server.worksheets.api import Teacher
from velum.document.numbering import numbers_of
from velum.document.worksheet import Worksheet as Document
from velum.document.worksheet import points_of
from velum.kinds import Answer
from velum.marking.copies import Unreadable
from velum.marking.mark import Verdict
from velum.marking.points import show

router = Router()


class MarkOut(Schema):
    """A mark as it is shown: ``earned`` and ``points`` are rounded for reading; ``most`` is what it may earn."""

    field_id: str
    verdict: Verdict
    reason: str
    earned: str
    points: str
    most: float
    tries: int
    overruled: bool


class CopyRow(Schema):
    """A student in the results. ``total`` is what the marks add up to so far."""

    id: uuid.UUID
    name: str
    joined_at: datetime
    saved_at: datetime | None
    handed_in_at: datetime | None
    marks: list[MarkOut]
    total: str
    waiting: int
    late: int
    """Answers that came after it was handed in or closed."""


class FieldOut(Schema):
    field_id: str
    number: str


class ResultsOut(Schema):
    """A handout, the fields that are worth points in order, and a row for each copy.

    ``opinions`` are the numbers of the other fields.
    """

    handout: HandoutOut
    key_is_newest: bool
    fields: list[FieldOut]
    opinions: list[str]
    points: str
    rows: list[CopyRow]


class DoubtOut(Schema):
    """A question whose newest key names something that the students' sheet does not have."""

    number: str
    words: str


class NewKeyPreviewOut(Schema):
    """The numbers of questions whose right answer is another by the newest key, and what is doubtful of it."""

    changed: list[str]
    doubtful: list[DoubtOut]


class NewKeyOut(Schema):
    """How many marks are others by the new key, and the results as they are now."""

    changed: int
    results: ResultsOut


class RulingOut(Schema):
    """An entry of the record: who decided what, when. ``earned`` is None where it went back to the machine's mark."""

    field_id: str
    earned: str | None
    note: str
    by: str
    at: datetime


class AnswerOut(Schema):
    """``answer`` is None where this release cannot read it; ``kept`` is then what is kept, as it is."""

    field_id: str
    answer: Answer | None
    kept: str
    typed_at: datetime


class ReviewOut(Schema):
    """A copy as its student left it, with the key and the marks."""

    handout: uuid.UUID
    row: CopyRow
    return_code: str
    points: str
    document: Document
    answers: list[AnswerOut]
    late: list[AnswerOut]
    """What came after the copy was handed in or closed, and is no part of it."""
    record: list[RulingOut]
    next: uuid.UUID | None
    previous: uuid.UUID | None


class OverruleIn(Incoming):
    """``earned`` in points, or a part of the field's; None goes back to the machine's mark."""

    field_id: Annotated[str, Field(max_length=32)]
    earned: Annotated[float, Field(ge=0, le=100, multiple_of=0.25, allow_inf_nan=False)] | Part | None
    note: Annotated[str, Field(max_length=500)] = ""


def _mark(mark: CountedMark) -> MarkOut:
    return MarkOut(
        field_id=mark.field_id,
        verdict=mark.verdict,
        reason=mark.reason.words,
        earned=show(mark.earned),
        points=show(mark.points),
        most=float(mark.points),
        tries=mark.tries,
        overruled=mark.overruled is not None and mark.overruled.earned is not None,
    )


def _total(points: Iterable[Fraction]) -> str:
    return show(sum(points, Fraction(0)))


def _row(copy: Copy, marks: list[CountedMark], late: int) -> CopyRow:
    return CopyRow(
        id=copy.pk,
        name=copy.name,
        joined_at=copy.joined_at,
        saved_at=copy.saved_at,
        handed_in_at=copy.handed_in_at,
        marks=[_mark(mark) for mark in marks],
        total=_total(mark.earned for mark in marks),
        waiting=sum(mark.verdict is Verdict.TEACHER for mark in marks),
        late=late,
    )


def _points_of(document: Document) -> str:
    return _total(points_of(document).values())


def results_of(request: Teacher, handout: Handout) -> ResultsOut:
    document = document_of(handout)
    points, numbers = points_of(document), numbers_of(document.fields)
    late = Counter(AnswerChange.objects.filter(copy__handout=handout, late=True).values_list("copy_id", flat=True))
    return ResultsOut(
        handout=handout_out(request, handout),
        key_is_newest=key_is_newest(handout),
        fields=[FieldOut(field_id=name, number=number) for name, number in numbers.items() if points[name]],
        opinions=[number for name, number in numbers.items() if not points[name]],
        points=_points_of(document),
        rows=[_row(copy, marks, late[copy.pk]) for copy, marks in copies_with_marks(handout)],
    )


def _answer(document: Document, kept: StoredAnswer | AnswerChange) -> AnswerOut:
    answer = read_answer(document, kept.field_id, kept.value)
    readable = None if isinstance(answer, Unreadable) else answer
    text = "" if readable else json.dumps(kept.value, ensure_ascii=False)
    return AnswerOut(field_id=kept.field_id, answer=readable, kept=text, typed_at=kept.typed_at)


def review_of(copy: Copy) -> ReviewOut:
    document = document_of(copy.handout)
    order = list(copy.handout.copies.values_list("pk", flat=True))
    place = order.index(copy.pk)
    late = list(copy.changes.filter(late=True).order_by("pk"))
    return ReviewOut(
        handout=copy.handout.pk,
        row=_row(copy, counted_marks(copy), len(late)),
        return_code=shown(copy.return_code),
        points=_points_of(document),
        document=document,
        answers=[_answer(document, answer) for answer in copy.answers.all()],
        late=[_answer(document, change) for change in late],
        record=[
            RulingOut(
                field_id=ruling.field_id,
                earned=None if ruling.earned is None else show(Fraction(ruling.earned)),
                note=ruling.note,
                by=str(ruling.by),
                at=ruling.at,
            )
            for ruling in copy.overrules.select_related("by")
        ],
        previous=order[place - 1] if place > 0 else None,
        next=order[place + 1] if place + 1 < len(order) else None,
    )


@router.get(
    "/handouts/{uuid:handout_id}/results", response={200: ResultsOut, 404: ErrorOut}, operation_id="get_results"
)
def get_results(request: Teacher, handout_id: uuid.UUID) -> ResultsOut:
    return results_of(request, find_handout(request.user, handout_id))


@router.get(
    "/handouts/{uuid:handout_id}/newest-key",
    response={200: NewKeyPreviewOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="preview_newest_key",
)
def preview_newest_key(request: Teacher, handout_id: uuid.UUID) -> NewKeyPreviewOut:
    """What marking by the newest key would mean; nothing is changed yet."""
    found = preview(request.user, handout_id)
    numbers = numbers_of(document_of(find_handout(request.user, handout_id)).fields)
    return NewKeyPreviewOut(
        changed=[numbers[name] for name in found.changed],
        doubtful=[DoubtOut(number=numbers[name], words=words) for name, words in found.doubtful.items()],
    )


@router.post(
    "/handouts/{uuid:handout_id}/newest-key", response={200: NewKeyOut, 404: ErrorOut}, operation_id="use_newest_key"
)
def mark_by_newest_key(request: Teacher, handout_id: uuid.UUID) -> NewKeyOut:
    changed = use_newest_key(request.user, handout_id)
    return NewKeyOut(changed=changed, results=results_of(request, find_handout(request.user, handout_id)))


@router.get("/copies/{uuid:copy_id}", response={200: ReviewOut, 404: ErrorOut}, operation_id="get_review")
def get_review(request: Teacher, copy_id: uuid.UUID) -> ReviewOut:
    return review_of(find_copy(request.user, copy_id))


@router.post(
    "/copies/{uuid:copy_id}/overrules",
    response={201: ReviewOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="overrule",
)
def overrule_mark(request: Teacher, copy_id: uuid.UUID, body: OverruleIn) -> Status[ReviewOut]:
    earned = Fraction(body.earned) if isinstance(body.earned, float) else body.earned
    overrule(request.user, copy_id, body.field_id, earned, body.note)
    return Status(201, review_of(find_copy(request.user, copy_id)))


@router.post("/copies/{uuid:copy_id}/let-go-on", response={200: ReviewOut, 404: ErrorOut}, operation_id="let_go_on")
def let_student_go_on(request: Teacher, copy_id: uuid.UUID) -> ReviewOut:
    copy = find_copy(request.user, copy_id)
    let_go_on(copy)
    return review_of(copy)
