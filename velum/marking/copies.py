"""From the marks of fields to the marks of a whole copy."""

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from velum.document.worksheet import Worksheet
from velum.kinds import Answer, kind_of
from velum.kinds.kind import points_of
from velum.marking.mark import Mark


@dataclass(frozen=True, slots=True)
class FieldMark:
    """The mark of one field of a copy; ``earned`` and ``points`` are exact."""

    field_id: str
    mark: Mark
    earned: Fraction
    points: Fraction


def mark_copy(worksheet: Worksheet, answers: Mapping[str, Answer]) -> list[FieldMark]:
    """Mark every field of a worksheet, in its order. A field without an answer is blank."""
    marks = []
    for field in worksheet.fields:
        mark = kind_of(field).mark(field, worksheet.keys.get(field.id), answers.get(field.id))
        points = points_of(field)
        marks.append(FieldMark(field.id, mark, mark.share * points, points))
    return marks
