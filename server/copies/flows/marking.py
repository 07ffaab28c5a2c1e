"""Having the core mark a copy."""

import uuid
from collections import Counter
from collections.abc import Iterable
from fractions import Fraction

from server.copies.models import Answer, Copy, Mark, Try
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
from velum.document.worksheet import Worksheet
from velum.kinds import Answer as AnswerValue
from velum.kinds import kind_of
from velum.kinds.kind import AnswerRefused
from velum.marking.copies import UNREADABLE, FieldMark, Marker, Unreadable
from velum.marking.mark import Verdict

NOT_RIGHT = (Verdict.WRONG, Verdict.PARTLY)
"""What a check says of an answer when it has not found it right. What waits for the teacher is neither."""


def marker_of(handout: Handout) -> Marker:
    """What marks the copies of a handout."""
    return Marker(document_of(handout), Fraction(handout.try_cost, 100))


def marks_now(copy: Copy, answers: Iterable[Answer], marker: Marker | None = None) -> list[FieldMark]:
    """The marks of a copy as it stands, computed anew; the same answers and tries always give the same marks.

    Who marks many copies hands over the handout's ``marker``, which remembers what it has marked.
    """
    marker = marker or marker_of(copy.handout)
    tries = tries_not_right(copy.tries.all()) if copy.handout.try_cost else None
    return marker.mark(read_answers(document_of(copy.handout), answers), tries)


def mark_of(worksheet: Worksheet, answers: Iterable[Answer], field_id: str) -> FieldMark | None:
    """The mark of one field whenever it is given; ``answers`` are its own and those it is marked together with."""
    return Marker(worksheet).mark_field(read_answers(worksheet, answers), field_id)


def tries_not_right(tries: Iterable[Try]) -> Counter[str]:
    """How many checks did not find a field right, by the field's name."""
    return Counter(attempt.field_id for attempt in tries if attempt.verdict in NOT_RIGHT)


def stored(copy_id: uuid.UUID, marked: FieldMark) -> Mark:
    """A mark as it is kept."""
    return Mark(copy_id=copy_id, field_id=marked.field_id, **said_by(marked))


def said_by(marked: FieldMark) -> dict[str, str]:
    """What is kept of a mark, by the names of the columns."""
    return {
        "verdict": marked.mark.verdict.value,
        "earned": str(marked.earned),
        "points": str(marked.points),
        "reason_code": marked.mark.reason.code,
        "reason": marked.mark.reason.words,
    }


def read_answer(worksheet: Worksheet, field_id: str, value: object) -> AnswerValue | Unreadable | None:
    """An answer that was kept; UNREADABLE when this release cannot read it, None when the field is not there."""
    field = worksheet.field(field_id)
    if field is None:
        return None
    try:
        answer: AnswerValue = kind_of(field).read_answer(field, value)
    except AnswerRefused:
        return UNREADABLE
    return answer


def read_answers(worksheet: Worksheet, answers: Iterable[Answer]) -> dict[str, AnswerValue | Unreadable]:
    """Answers that were kept, by their fields."""
    read = ((answer.field_id, read_answer(worksheet, answer.field_id, answer.value)) for answer in answers)
    return {field_id: answer for field_id, answer in read if answer is not None}
