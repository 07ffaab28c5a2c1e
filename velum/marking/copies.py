"""From the marks of fields to the marks of a whole copy."""

from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from velum.answers.reasons import TOO_LONG
from velum.document.worksheet import Worksheet, points_of
from velum.kinds import Answer, Field, kind_of
from velum.marking.group import Group
from velum.marking.mark import Mark, Reason, Verdict, blank, for_teacher
from velum.marking.pool import mark_pool

LONGEST_IN_POOL = 300
"""Letters of an answer that is compared with all keys of its group."""


@dataclass(frozen=True, slots=True)
class FieldMark:
    """The mark of one field of a copy; ``earned`` and ``points`` are exact."""

    field_id: str
    mark: Mark
    earned: Fraction
    points: Fraction


class Marker:
    """Marks copies of one worksheet. What was marked once is remembered, for a class writes the same few answers."""

    def __init__(self, worksheet: Worksheet, try_cost: Fraction = Fraction(0)) -> None:
        """A check that does not find a field right takes the share ``try_cost`` from what it earns."""
        self._worksheet = worksheet
        self._try_cost = try_cost
        self._points = points_of(worksheet)
        self._marks: dict[tuple[str, Answer], Mark] = {}

    def mark(self, answers: Mapping[str, Answer], tries: Mapping[str, int] | None = None) -> list[FieldMark]:
        """Mark every field that is worth points, in the worksheet's order. A field without an answer is blank.

        ``tries`` counts the checks of a field that did not find it right.
        """
        pooled = self._marks_in_any_order(answers)
        marks = []
        for field in self._worksheet.fields:
            points = self._points[field.id]
            if not points:
                continue
            mark = pooled.get(field.id) or self._mark(field, answers.get(field.id))
            if tries and self._try_cost:
                mark = after_tries(mark, tries.get(field.id, 0), self._try_cost)
            marks.append(FieldMark(field.id, mark, mark.share * points, points))
        return marks

    def _mark(self, field: Field, answer: Answer | None) -> Mark:
        if answer is None:
            return blank()
        mark = self._marks.get((field.id, answer))
        if mark is None:
            key = self._worksheet.keys.get(field.id)
            mark = kind_of(field).mark(field, key, answer, self._worksheet.decimal)
            self._marks[field.id, answer] = mark
        return mark

    def _marks_in_any_order(self, answers: Mapping[str, Answer]) -> dict[str, Mark]:
        fields = {field.id: field for field in self._worksheet.fields}
        marks: dict[str, Mark] = {}
        for group in self._worksheet.groups:
            if group.any_order:
                members = [fields[name] for name in group.fields]
                given = [answers.get(name) for name in group.fields]
                marks.update(zip(group.fields, self._marks_of_pool(members, given), strict=True))
        return marks

    def _marks_of_pool(self, fields: Sequence[Field], answers: Sequence[Answer | None]) -> list[Mark]:
        """The marks of fields of one kind, whose answers may stand in any order."""
        kind = kind_of(fields[0])
        pooling = kind.in_any_order
        assert pooling is not None  # grouping.check_groups
        if any(len(str(answer)) > LONGEST_IN_POOL for answer in answers):
            # Each answer is compared with each key, which takes too long for long ones.
            return [blank() if kind.is_empty(answer) else for_teacher(TOO_LONG) for answer in answers]

        def same(one: Answer, other: Answer) -> bool:
            mark = kind.mark(fields[0], pooling.as_key(one), other, self._worksheet.decimal)
            return mark.verdict is Verdict.RIGHT

        def written(field: Field) -> Answer | None:
            key = self._worksheet.keys.get(field.id)
            return None if key is None else pooling.written(key)

        given = {place: answer for place, answer in enumerate(answers) if answer and not kind.is_empty(answer)}
        return mark_pool(fields, given, self._mark, same, written)


def mark_copy(worksheet: Worksheet, answers: Mapping[str, Answer]) -> list[FieldMark]:
    """The marks of one copy by itself."""
    return Marker(worksheet).mark(answers)


def after_tries(mark: Mark, tries: int, cost: Fraction) -> Mark:
    """A mark after ``tries`` that did not find the answer right, each of which takes the share ``cost`` away."""
    if not tries or not mark.share:
        return mark
    left = max(Fraction(0), 1 - tries * cost)
    times = "1 try before" if tries == 1 else f"{tries} tries before"
    reason = Reason(mark.reason.code, f"{mark.reason.words}; {times}")
    return replace(mark, share=mark.share * left, reason=reason)


def all_or_nothing(groups: Sequence[Group], right: Collection[str]) -> set[str]:
    """The fields that earn nothing, because others of their group are not ``right``: they count only together."""
    return {
        name
        for group in groups
        if group.all_or_nothing and any(member not in right for member in group.fields)
        for name in group.fields
    }
