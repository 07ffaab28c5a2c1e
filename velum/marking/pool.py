"""Answers that may stand in any order, marked against all the right ones of their group."""

from collections.abc import Callable, Mapping, Sequence
from math import lcm
from typing import TypeVar

from velum.marking.assignment import best_assignment
from velum.marking.mark import Mark, Reason, Verdict, blank, wrong

SAME_AGAIN = Reason("same_again", "the same answer stands in another box")

F = TypeVar("F")
A = TypeVar("A")


def mark_pool(
    fields: Sequence[F],
    answers: Mapping[int, A],
    mark: Callable[[F, A], Mark],
    same: Callable[[A, A], bool],
    written: Callable[[F], A | None],
) -> list[Mark]:
    """A mark for each field, each key used for one answer at most, so that all earn most together.

    ``answers`` are those that are not blank, by the place of their field.

    An answer that stands there twice counts once, unless it is asked for twice. ``mark`` marks an answer against the
    key of a field, ``same`` says whether two answers say the same, ``written`` gives the answer a key is made of.
    """
    nothing = [blank()] * len(fields)
    found = [
        [mark(field, answers[place]) for field in fields] if place in answers else nothing
        for place in range(len(fields))
    ]
    asked = [written(field) for field in fields]
    again: set[int] = set()
    for places in _alike(answers, same):
        again.update(places[max(1, _times_asked(found[places[0]], asked, same)) :])
    for place in again:
        found[place] = [wrong(SAME_AGAIN)] * len(fields)
    return [row[column] for row, column in zip(found, best_assignment(_worths(found)), strict=True)]


def _alike(answers: Mapping[int, A], same: Callable[[A, A], bool]) -> list[list[int]]:
    """The places of the answers, those together that say the same."""
    alike: list[list[int]] = []
    for place, answer in answers.items():
        for places in alike:
            if same(answers[places[0]], answer):
                places.append(place)
                break
        else:
            alike.append([place])
    return alike


def _times_asked(marks: Sequence[Mark], asked: Sequence[A | None], same: Callable[[A, A], bool]) -> int:
    """How many keys ask for what an answer says: those it is right by that are made of the same answer."""
    fitting = [
        each for mark, each in zip(marks, asked, strict=True) if mark.verdict is Verdict.RIGHT and each is not None
    ]
    return max((sum(same(one, other) for other in fitting) for one in fitting), default=0)


def _worths(found: Sequence[Sequence[Mark]]) -> list[list[int]]:
    """Points weigh most; then answers that the teacher may still find right; then that each stays in its own box."""
    whole = lcm(*(mark.share.denominator for row in found for mark in row)) if found else 1
    lighter = len(found) + 1
    return [
        [
            int(mark.share * whole) * lighter**2
            + (mark.verdict is Verdict.TEACHER) * lighter
            + (row == column and mark.verdict is not Verdict.BLANK)
            for column, mark in enumerate(marks)
        ]
        for row, marks in enumerate(found)
    ]
