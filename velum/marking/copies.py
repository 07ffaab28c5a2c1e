"""From the marks of fields to the marks of a whole copy."""

from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass, replace
from enum import Enum
from fractions import Fraction
from typing import Any, TypeAlias

from velum.answers.reasons import TOO_LONG
from velum.document.worksheet import Worksheet, points_of
from velum.kinds import Answer, AnyKind, Field, kind_of
from velum.marking.group import Group
from velum.marking.mark import NO_KEY, Mark, Reason, blank, for_teacher
from velum.marking.pool import Pool

LONGEST_IN_POOL = 300
"""Letters of an answer that is compared with all keys of its group."""

MOST_STEPS = 8_500
"""Work that marking a copy may take, in hundredths of a millisecond (``Kind.steps_of_reading`` and the next).

It is reckoned and not measured, so that a copy has the same marks whenever, wherever and with whomever it is marked.
"""

TOO_MUCH = Reason("marking.too_much", "too much on this worksheet for the machine to mark at once")
CANNOT_BE_READ = Reason("answer.unreadable", "this answer cannot be shown or marked; it is kept as it is")


class Unreadable(Enum):
    """Stands for an answer that was kept and that this release cannot read."""

    UNREADABLE = "unreadable"


UNREADABLE = Unreadable.UNREADABLE

Given: TypeAlias = Answer | Unreadable
"""What a student gave as an answer."""


@dataclass(frozen=True, slots=True)
class FieldMark:
    """The mark of one field of a copy; ``earned`` and ``points`` are exact."""

    field_id: str
    mark: Mark
    earned: Fraction
    points: Fraction


def marked_with(worksheet: Worksheet, field_id: str) -> tuple[str, ...]:
    """The fields whose answers the mark of a field depends on: itself, and those of its group in any order."""
    group = _group_in_any_order(worksheet, field_id)
    return group.fields if group else (field_id,)


def _group_in_any_order(worksheet: Worksheet, field_id: str) -> Group | None:
    return next((group for group in worksheet.groups if group.any_order and field_id in group.fields), None)


class Marker:
    """Marks copies of one worksheet. What was marked once is remembered, for a class writes the same few answers."""

    def __init__(self, worksheet: Worksheet, try_cost: Fraction = Fraction(0)) -> None:
        """A check that does not find a field right takes the share ``try_cost`` from what it earns."""
        self._worksheet = worksheet
        self._try_cost = try_cost
        self._points = points_of(worksheet)
        self._fields = {field.id: field for field in worksheet.fields}
        self._marks: dict[tuple[str, Answer], Mark] = {}
        self._pools: dict[str, Pool[Any, Answer]] = {}

    def mark(self, answers: Mapping[str, Given], tries: Mapping[str, int] | None = None) -> list[FieldMark]:
        """Mark every field that is worth points, in the worksheet's order. A field without an answer is blank.

        ``tries`` counts the checks of a field that did not find it right.
        """
        budget = _Budget(MOST_STEPS)
        pooled: dict[str, Mark] = {}
        for group in self._worksheet.groups:
            if group.any_order:
                pooled |= self._marks_of_group(group, answers, budget)
        marks = []
        for field in self._worksheet.fields:
            points = self._points[field.id]
            if not points:
                continue
            mark = pooled.get(field.id) or self._mark(field, answers.get(field.id), budget)
            if tries and self._try_cost:
                mark = after_tries(mark, tries.get(field.id, 0), self._try_cost)
            marks.append(FieldMark(field.id, mark, mark.share * points, points))
        return marks

    def mark_field(self, answers: Mapping[str, Given], field_id: str) -> FieldMark | None:
        """Mark one field alone; ``answers`` are those of ``marked_with``. None: it is not there, or has no points."""
        field, points = self._fields.get(field_id), self._points.get(field_id)
        if field is None or not points:
            return None
        budget = _Budget(MOST_STEPS)
        group = _group_in_any_order(self._worksheet, field_id)
        if group:
            mark = self._marks_of_group(group, answers, budget)[field_id]
        else:
            mark = self._mark(field, answers.get(field_id), budget)
        return FieldMark(field_id, mark, mark.share * points, points)

    def _mark(self, field: Field, answer: Given | None, budget: "_Budget") -> Mark:
        if answer is None:
            return blank()
        if isinstance(answer, Unreadable):
            return for_teacher(CANNOT_BE_READ)
        kind, key = kind_of(field), self._worksheet.keys.get(field.id)
        if key is not None and not budget.spend(kind.steps_of_reading(answer) + kind.steps_of_comparing(key, answer)):
            return blank() if kind.is_empty(answer) else for_teacher(TOO_MUCH)
        mark = self._marks.get((field.id, answer))
        if mark is None:
            mark = self._marks[field.id, answer] = kind.mark(field, key, answer, self._worksheet.decimal)
        return mark

    def _marks_of_group(self, group: Group, answers: Mapping[str, Given], budget: "_Budget") -> dict[str, Mark]:
        given = [answers.get(name) for name in group.fields]
        try:
            marks = self._marks_of_pool(group, given, budget)
        except _NotMarked as problem:
            kind = kind_of(self._fields[group.fields[0]])
            marks = [
                blank() if not isinstance(answer, Unreadable) and kind.is_empty(answer) else for_teacher(problem.reason)
                for answer in given
            ]
        return dict(zip(group.fields, marks, strict=True))

    def _marks_of_pool(self, group: Group, given: Sequence[Given | None], budget: "_Budget") -> list[Mark]:
        """The marks of fields of one kind, whose answers may stand in any order. Raises _NotMarked."""
        first = self._fields[group.fields[0]]
        kind, decimal = kind_of(first), self._worksheet.decimal
        pooling = kind.in_any_order
        assert pooling is not None  # grouping.check_groups
        answers: dict[int, Answer] = {}
        for place, answer in enumerate(given):
            if isinstance(answer, Unreadable):
                raise _NotMarked(CANNOT_BE_READ)
            if answer is not None and not kind.is_empty(answer):
                if len(str(answer)) > LONGEST_IN_POOL:
                    raise _NotMarked(TOO_LONG)  # each is compared with each key, which takes too long for long ones
                answers[place] = answer
        pool = self._pool(group)
        if not budget.spend(self._work_of(pool, answers, kind, budget.left)):
            raise _NotMarked(TOO_MUCH)
        return pool.marks(
            answers,
            mark=lambda key, answer: kind.mark(first, key, answer, decimal),
            says=lambda answer: pooling.says(answer, decimal),
        )

    def _work_of(self, pool: Pool[Any, Answer], answers: Mapping[int, Answer], kind: AnyKind, most: int) -> int:
        """How much work marking a pool takes at most; of what is more than ``most``, only that it is more."""
        pairs = len(pool.alternatives) * len(answers)
        if pairs > most or not answers:
            return pairs
        longest = max(answers.values(), key=lambda answer: len(str(answer)))
        return (
            pool.size**3 // 100
            + sum(map(kind.steps_of_reading, answers.values()))
            + sum(kind.steps_of_comparing(key, longest) for key in pool.alternatives) * len(answers)
        )

    def _pool(self, group: Group) -> Pool[Any, Answer]:
        if group.id not in self._pools:
            kind, decimal = kind_of(self._fields[group.fields[0]]), self._worksheet.decimal
            pooling = kind.in_any_order
            assert pooling is not None
            keys = [self._worksheet.keys.get(name) for name in group.fields]
            accepted = [() if key is None else pooling.alternatives(key) for key in keys]
            self._pools[group.id] = Pool(accepted, lambda key: pooling.says_key(key, decimal), for_teacher(NO_KEY))
        return self._pools[group.id]


class _NotMarked(Exception):
    """A group that is for the teacher as a whole."""

    def __init__(self, reason: Reason) -> None:
        self.reason = reason


class _Budget:
    """Work that may still be done."""

    def __init__(self, steps: int) -> None:
        self.left = steps

    def spend(self, steps: int) -> bool:
        """Whether so much work may be done; then it is done."""
        if steps > self.left:
            return False
        self.left -= steps
        return True


def mark_copy(worksheet: Worksheet, answers: Mapping[str, Given]) -> list[FieldMark]:
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
