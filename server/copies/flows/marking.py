"""Having the core mark a copy."""

import uuid
from collections import Counter
from collections.abc import Iterable
from fractions import Fraction

from django.db import transaction

from server.copies.models import Answer, Copy, Mark, Try
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
from velum.document.worksheet import Worksheet
from velum.kinds import Answer as AnswerValue
from velum.kinds import kind_of
from velum.marking.copies import FieldMark, Marker, mark_copy
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
    return marker.mark(_values(document_of(copy.handout), answers), tries)


def marks_of_answers(worksheet: Worksheet, answers: Iterable[Answer]) -> list[FieldMark]:
    """The marks that answers have whenever they are given."""
    return mark_copy(worksheet, _values(worksheet, answers))


def tries_not_right(tries: Iterable[Try]) -> Counter[str]:
    """How many checks did not find a field right, by the field's name."""
    return Counter(attempt.field_id for attempt in tries if attempt.verdict in NOT_RIGHT)


@transaction.atomic
def store_marks(copy: Copy) -> None:
    """Mark a copy and keep the marks, each with its reason."""
    copy.marks.all().delete()
    Mark.objects.bulk_create(stored(copy.pk, marked) for marked in marks_now(copy, copy.answers.all()))


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


def _values(worksheet: Worksheet, answers: Iterable[Answer]) -> dict[str, AnswerValue]:
    fields = {field.id: field for field in worksheet.fields}
    return {
        answer.field_id: kind_of(fields[answer.field_id]).read_answer(answer.value)
        for answer in answers
        if answer.field_id in fields
    }
