"""Having the core mark copies."""

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
from velum.marking.copies import FieldMark, mark_copy
from velum.marking.mark import Verdict

_NOT_RIGHT = (Verdict.WRONG, Verdict.PARTLY)


def marks_now(copy: Copy, answers: Iterable[Answer]) -> list[FieldMark]:
    """The marks of a copy as it stands, computed anew; the same answers and tries always give the same marks."""
    return _marks(copy, answers, document_of(copy.handout), copy.handout)


def marks_of_answers(worksheet: Worksheet, answers: Iterable[Answer]) -> list[FieldMark]:
    """The marks that answers have whenever they are given."""
    return mark_copy(worksheet, _values(worksheet, answers))


def tries_not_right(tries: Iterable[Try]) -> Counter[str]:
    """How many checks did not find a field right, by the field's name. What waits for the teacher is none of them."""
    return Counter(attempt.field_id for attempt in tries if attempt.verdict in _NOT_RIGHT)


@transaction.atomic
def store_marks(copy: Copy) -> None:
    """Mark a copy and keep the marks, each with its reason."""
    copy.marks.all().delete()
    Mark.objects.bulk_create(_stored(copy, marked) for marked in marks_now(copy, copy.answers.all()))


@transaction.atomic
def mark_again(handout: Handout) -> int:
    """Mark all copies of a handout that were handed in; returns how many marks are others now."""
    worksheet = document_of(handout)
    gone: list[int] = []
    new: list[Mark] = []
    copies = handout.copies.filter(handed_in_at__isnull=False).prefetch_related("answers", "tries", "marks")
    for copy in copies:
        before = {mark.field_id: mark for mark in copy.marks.all()}
        for marked in _marks(copy, copy.answers.all(), worksheet, handout):
            mark, old = _stored(copy, marked), before.pop(marked.field_id, None)
            if old is None or _said(old) != _said(mark):
                new.append(mark)
                gone += [old.pk] if old else []
        gone += [old.pk for old in before.values()]
    Mark.objects.filter(pk__in=gone).delete()
    Mark.objects.bulk_create(new)
    return len(new)


def _marks(copy: Copy, answers: Iterable[Answer], worksheet: Worksheet, handout: Handout) -> list[FieldMark]:
    tries = tries_not_right(copy.tries.all()) if handout.try_cost else None
    return mark_copy(worksheet, _values(worksheet, answers), tries, Fraction(handout.try_cost, 100))


def _values(worksheet: Worksheet, answers: Iterable[Answer]) -> dict[str, AnswerValue]:
    fields = {field.id: field for field in worksheet.fields}
    return {
        answer.field_id: kind_of(fields[answer.field_id]).read_answer(answer.value)
        for answer in answers
        if answer.field_id in fields
    }


def _stored(copy: Copy, marked: FieldMark) -> Mark:
    return Mark(
        copy=copy,
        field_id=marked.field_id,
        verdict=marked.mark.verdict.value,
        earned=str(marked.earned),
        points=str(marked.points),
        reason_code=marked.mark.reason.code,
        reason=marked.mark.reason.words,
    )


def _said(mark: Mark) -> tuple[str, str, str, str, str]:
    return mark.verdict, mark.earned, mark.points, mark.reason_code, mark.reason
