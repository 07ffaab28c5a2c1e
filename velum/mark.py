"""A mark: the verdict on one answer, what share of the points it earns, and why."""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from fractions import Fraction

from velum.sentence import Sentence


class Verdict(StrEnum):
    """The five things that can be said of an answer. Each has one shape everywhere on screen."""

    RIGHT = "right"
    PARTLY = "partly"
    WRONG = "wrong"
    BLANK = "blank"
    TEACHER = "teacher"
    """Waiting for the teacher."""


@dataclass(frozen=True, slots=True)
class Mark:
    """``share`` is the part of the field's points that the answer earns, from 0 to 1, exact; ``reason`` says why."""

    verdict: Verdict
    share: Fraction
    reason: Sentence


_ALL = Fraction(1)
_NONE = Fraction(0)
NOTHING_WRITTEN = Sentence("blank", "nothing written")
NO_KEY = Sentence("no_key", "no right answer is set")


_BEST_FIRST = (Verdict.RIGHT, Verdict.TEACHER, Verdict.PARTLY, Verdict.WRONG, Verdict.BLANK)


def best(marks: Sequence[Mark]) -> Mark:
    """The best of the marks that an answer has by several keys: what is clear wins over what the teacher may decide."""
    return min(marks, key=lambda mark: _BEST_FIRST.index(mark.verdict))


def right(reason: Sentence) -> Mark:
    return Mark(Verdict.RIGHT, _ALL, reason)


def partly(share: Fraction, reason: Sentence) -> Mark:
    """``share`` lies between 0 and 1."""
    return Mark(Verdict.PARTLY, share, reason)


def wrong(reason: Sentence) -> Mark:
    return Mark(Verdict.WRONG, _NONE, reason)


def blank() -> Mark:
    return Mark(Verdict.BLANK, _NONE, NOTHING_WRITTEN)


def for_teacher(reason: Sentence) -> Mark:
    return Mark(Verdict.TEACHER, _NONE, reason)
