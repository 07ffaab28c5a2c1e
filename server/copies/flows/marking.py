"""Having the core mark a copy."""

from collections.abc import Iterable

from django.db import transaction

from server.copies.models import Answer, Copy, Mark
from server.worksheets.flows.freeze import read_edition
from velum.kinds import Answer as AnswerValue
from velum.kinds import kind_of
from velum.marking.copies import FieldMark, mark_copy


def marks_now(copy: Copy, answers: Iterable[Answer]) -> list[FieldMark]:
    """The marks of a copy as it stands, computed anew; the same answers always give the same marks."""
    worksheet = read_edition(copy.handout.edition_id)
    values: dict[str, AnswerValue] = {}
    for answer in answers:
        field = worksheet.field(answer.field_id)
        if field is not None:
            values[field.id] = kind_of(field).read_answer(answer.value)
    return mark_copy(worksheet, values)


@transaction.atomic
def store_marks(copy: Copy) -> None:
    """Mark a copy and keep the marks, each with its reason."""
    copy.marks.all().delete()
    Mark.objects.bulk_create(
        Mark(
            copy=copy,
            field_id=marked.field_id,
            verdict=marked.mark.verdict.value,
            earned=str(marked.earned),
            points=str(marked.points),
            reason_code=marked.mark.reason.code,
            reason=marked.mark.reason.words,
        )
        for marked in marks_now(copy, copy.answers.all())
    )
