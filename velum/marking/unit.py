"""Units: fields that are marked in one go, because the marks of each may depend on the answers of all.

Most fields are marked alone. A unit says which answers it needs, so whatever a mark depends on is asked for in one way.
"""

import logging
from collections.abc import Mapping, Sequence
from enum import Enum
from typing import Any, Protocol, TypeAlias

from velum.answers.reasons import EXPECTED, NOT_ACCEPTED, TOO_LONG
from velum.document.key_set import KeySet
from velum.kinds import Answer, Field, kind_of
from velum.kinds.kind import FAILED, AnswerBase
from velum.kinds.part import WHOLE, PartRef
from velum.mark import NO_KEY, Mark, Verdict, for_teacher
from velum.marking.budget import Budget
from velum.marking.pool import Pool
from velum.sentence import Sentence

_log = logging.getLogger(__name__)

LONGEST_IN_POOL = 300
"""Letters of an answer that is compared with all keys of its group."""

TOO_MUCH = Sentence("marking.too_much", "too much on this worksheet for the machine to mark at once")
_SETTLED = (NOT_ACCEPTED.code, EXPECTED, TOO_MUCH.code)
CANNOT_BE_READ = Sentence("answer.unreadable", "this answer cannot be shown or marked; it is kept as it is")


class Unreadable(Enum):
    """Stands for an answer that was kept and that this release cannot read."""

    UNREADABLE = "unreadable"


UNREADABLE = Unreadable.UNREADABLE

Given: TypeAlias = Answer | Unreadable
"""What a student gave as an answer."""

Marks: TypeAlias = dict[PartRef, Mark]


class Unit(Protocol):
    """Fields that are marked in one go."""

    @property
    def fields(self) -> tuple[str, ...]:
        """The fields whose parts it marks."""

    @property
    def needs(self) -> tuple[str, ...]:
        """The fields whose answers it needs."""

    def marks(self, answers: Mapping[str, Given], budget: Budget) -> Marks:
        """A mark for every part of its fields."""


def _by_part(field: Field, marks: Mapping[str, Mark]) -> Marks:
    return {PartRef(field.id, part): mark for part, mark in marks.items()}


def _for_teacher(field: Field, answer: Given | None, reason: Sentence) -> Marks:
    """The marks of a field whose answer is for the teacher. One that cannot be read may say something of any part."""
    if isinstance(answer, Unreadable):
        return {PartRef(field.id, part.id): for_teacher(reason) for part in field.parts}
    return _by_part(field, kind_of(field).handed_over(field, answer, reason))


class Alone:
    """A field whose marks depend on its own answer."""

    def __init__(self, field: Field, key_set: KeySet) -> None:
        self._field, self._kind = field, kind_of(field)
        self._key, self._settings = key_set.keys.get(field.id), key_set.settings
        self._refs = {part.id: PartRef(field.id, part.id) for part in field.parts}
        self._known: dict[AnswerBase, Marks] = {}

    @property
    def fields(self) -> tuple[str, ...]:
        return (self._field.id,)

    @property
    def needs(self) -> tuple[str, ...]:
        return self.fields

    def marks(self, answers: Mapping[str, Given], budget: Budget) -> Marks:
        answer = answers.get(self._field.id)
        if isinstance(answer, Unreadable):
            return _for_teacher(self._field, answer, CANNOT_BE_READ)
        if answer is not None and self._key is not None:
            steps = self._kind.steps_of_reading(answer) + self._kind.steps_of_judging(self._key, answer)
            if not budget.spend(steps):
                return _for_teacher(self._field, answer, TOO_MUCH)
        if answer is None:
            return _by_part(self._field, self._kind.marks(self._field, self._key, None, self._settings))
        marks = self._known.get(answer)
        if marks is None:
            found = self._kind.marks(self._field, self._key, answer, self._settings)
            marks = self._known[answer] = {self._refs[part]: mark for part, mark in found.items()}
        return marks


class Following(Alone):
    """A field of one part whose right answer may follow from earlier answers of the same copy."""

    def __init__(self, field: Field, key_set: KeySet, earlier: Sequence[str]) -> None:
        super().__init__(field, key_set)
        self._earlier = tuple(earlier)
        self._ref = PartRef(field.id, WHOLE)

    @property
    def needs(self) -> tuple[str, ...]:
        return (*self.fields, *self._earlier)

    def marks(self, answers: Mapping[str, Given], budget: Budget) -> Marks:
        marks = super().marks(answers, budget)
        answer, following = answers.get(self._field.id), self._kind.following
        mark = marks[self._ref]
        # What is right by the key, and what the teacher expects to be wrong, stays so.
        if answer is None or isinstance(answer, Unreadable) or mark.share == 1 or mark.reason.code in _SETTLED:
            return marks
        assert following is not None and self._key is not None
        given = {name: answers.get(name) for name in self._earlier}
        known = {name: each for name, each in given.items() if each is not None and not isinstance(each, Unreadable)}
        if not budget.spend(self._kind.steps_of_judging(self._key, answer)):
            return marks
        try:
            found = following.mark(self._key, answer, known, self._settings)
        except Exception:
            _log.exception("What follows from earlier answers could not be marked: field %s", self._field.id)
            found = for_teacher(FAILED)
        better = found and (found.share > mark.share or (found.verdict is Verdict.TEACHER and not mark.share))
        return {self._ref: found} if found and better else marks


class AnyOrder:
    """Fields of one part each, whose answers may stand in any order."""

    def __init__(self, fields: Sequence[Field], key_set: KeySet) -> None:
        self._fields, self._settings = fields, key_set.settings
        self._first, self._kind = fields[0], kind_of(fields[0])
        pooling = self._kind.in_any_order
        assert pooling is not None  # group.check_groups
        self._pooling = pooling
        keys = [key_set.keys.get(field.id) for field in fields]
        accepted = [() if key is None else pooling.alternatives(key) for key in keys]
        self._pool: Pool[Any, AnswerBase] = Pool(
            accepted, lambda key: pooling.says_key(key, key_set.settings), for_teacher(NO_KEY)
        )

    @property
    def fields(self) -> tuple[str, ...]:
        return tuple(field.id for field in self._fields)

    @property
    def needs(self) -> tuple[str, ...]:
        return self.fields

    def marks(self, answers: Mapping[str, Given], budget: Budget) -> Marks:
        given = [answers.get(field.id) for field in self._fields]
        try:
            found = self._marks_of_pool(given, budget)
        except _NotMarked as problem:
            handed_over: Marks = {}
            for field, answer in zip(self._fields, given, strict=True):
                handed_over |= _for_teacher(field, answer, problem.reason)
            return handed_over
        return {PartRef(field.id, WHOLE): mark for field, mark in zip(self._fields, found, strict=True)}

    def _marks_of_pool(self, given: Sequence[Given | None], budget: Budget) -> list[Mark]:
        """Raises _NotMarked."""
        answers: dict[int, AnswerBase] = {}
        for place, answer in enumerate(given):
            if isinstance(answer, Unreadable):
                raise _NotMarked(CANNOT_BE_READ)
            if answer is not None and not self._kind.is_empty(answer):
                if len(str(answer)) > LONGEST_IN_POOL:
                    raise _NotMarked(TOO_LONG)  # each is compared with each key, which takes too long for long ones
                answers[place] = answer
        if not budget.spend(self._work(answers, budget.left)):
            raise _NotMarked(TOO_MUCH)
        return self._pool.marks(
            answers,
            mark=lambda key, answer: self._kind.mark_of_one(self._first, key, answer, self._settings),
            says=lambda answer: self._pooling.says(answer, self._settings),
        )

    def _work(self, answers: Mapping[int, AnswerBase], most: int) -> int:
        """How much work marking a pool takes at most; of what is more than ``most``, only that it is more."""
        pool, kind = self._pool, self._kind
        pairs = len(pool.alternatives) * len(answers)
        if pairs > most or not answers:
            return pairs
        longest = max(answers.values(), key=lambda answer: len(str(answer)))
        return (
            pool.size**3 // 100
            + sum(map(kind.steps_of_reading, answers.values()))
            + sum(kind.steps_of_judging(key, longest) for key in pool.alternatives) * len(answers)
        )


class _NotMarked(Exception):
    """A group that is for the teacher as a whole."""

    def __init__(self, reason: Sentence) -> None:
        self.reason = reason
