"""Answers that may stand in any order, marked against all the right ones of their group.

Each right answer that a field accepts is an *alternative*; alternatives that say the same are one *statement*. A
statement counts as many times as it is asked for: two boxes that accept nothing but 2 ask for it twice, three boxes
that accept the same list of three ask for each of the three once.
"""

from collections import defaultdict
from collections.abc import Callable, Hashable, Mapping, Sequence
from functools import cached_property
from math import lcm
from typing import Generic, TypeVar

from velum.answers.assignment import best_assignment
from velum.mark import Mark, Verdict, best, blank, wrong
from velum.sentence import Sentence

SAME_AGAIN = Sentence("same_again", "the same answer stands in another box")

A = TypeVar("A")
K = TypeVar("K", bound=Hashable)


class Pool(Generic[K, A]):
    """Fields whose answers may stand in any order: what each accepts, alternative by alternative."""

    def __init__(self, accepted: Sequence[Sequence[K]], says: Callable[[K], Hashable], no_key: Mark) -> None:
        """``accepted`` has the alternatives of each field; ``no_key`` is the mark of an answer where there are none."""
        self._no_key = no_key
        places: dict[K, int] = {}
        self._accepted = [tuple(places.setdefault(key, len(places)) for key in keys) for keys in accepted]
        self.alternatives = list(places)
        """What any of the fields accepts, each once. Fields name them by their places here."""
        self._says = says

    @cached_property
    def _statement(self) -> list[Hashable]:
        """What each alternative says."""
        return [self._says(key) for key in self.alternatives]

    @cached_property
    def _times(self) -> dict[Hashable, int]:
        return times_asked([{self._statement[place] for place in keys} for keys in self._accepted])

    @property
    def size(self) -> int:
        return len(self._accepted)

    def marks(
        self, answers: Mapping[int, A], mark: Callable[[K, A], Mark], says: Callable[[A], Hashable]
    ) -> list[Mark]:
        """A mark for each field, each field's key used for one answer at most, so that all earn most together.

        ``answers`` are those that are not blank, by the place of their field. ``mark`` marks an answer against one
        alternative; each pair is compared once.
        """
        found = {place: [mark(key, answer) for key in self.alternatives] for place, answer in answers.items()}
        again = self._again({place: says(answer) for place, answer in answers.items()}, found)
        rows = []
        for place in range(self.size):
            if place in again:
                rows.append([wrong(SAME_AGAIN)] * self.size)
            elif place in found:
                rows.append(self._row(found[place]))
            else:
                rows.append([blank()] * self.size)
        return [row[column] for row, column in zip(rows, best_assignment(_worths(rows)), strict=True)]

    def _row(self, found: Sequence[Mark]) -> list[Mark]:
        """The mark by each field of an answer that has these marks by the alternatives."""
        known: dict[tuple[int, ...], Mark] = {(): self._no_key}
        for keys in self._accepted:
            if keys not in known:
                known[keys] = best([found[key] for key in keys])
        return [known[keys] for keys in self._accepted]

    def _again(self, said: Mapping[int, Hashable], found: Mapping[int, Sequence[Mark]]) -> set[int]:
        """The places of answers that say again what enough others have said."""
        # Which of the accepted statements an answer may be taken for; one that is not right is taken for itself.
        means: dict[int, list[Hashable]] = {}
        for place, marks in found.items():
            right = (self._statement[key] for key, mark in enumerate(marks) if mark.verdict is Verdict.RIGHT)
            means[place] = list(dict.fromkeys(right)) or [("other", said[place])]
        again: set[int] = set()
        alike: defaultdict[Hashable, list[int]] = defaultdict(list)
        for place, statement in said.items():
            alike[statement].append(place)
        for places in alike.values():
            again.update(places[max(self._times.get(statement, 1) for statement in means[places[0]]) :])
        return again | self._crowded_out({place: means[place] for place in means if place not in again})

    def _crowded_out(self, means: Mapping[int, Sequence[Hashable]]) -> set[int]:
        """The places that find no room, when a statement has room for as many answers as it is asked for."""
        room = {statement: self._times.get(statement, 1) for statements in means.values() for statement in statements}
        return set(means) - set(matched(means, room))


def times_asked(accepted: Sequence[set[Hashable]]) -> dict[Hashable, int]:
    """How many times each statement is asked for by fields that accept these.

    >>> times_asked([{2}, {2}, {5}])
    {2: 2, 5: 1}
    >>> times_asked([{1, 2, 3}] * 3) == {1: 1, 2: 1, 3: 1}
    True
    """
    once = dict.fromkeys((statement for statements in accepted for statement in sorted(statements, key=repr)), 1)
    given = matched(dict(enumerate(sorted(statements, key=repr) for statements in accepted)), once)
    for place, statements in enumerate(accepted):
        if place not in given:
            # This field can only be right with what another has said already.
            for statement in statements:
                once[statement] += 1
    return once


def matched(wishes: Mapping[int, Sequence[Hashable]], room: Mapping[Hashable, int]) -> dict[int, Hashable]:
    """One of its wishes for as many as can be, none given to more than there is room for (augmenting paths)."""
    holders: defaultdict[Hashable, list[int]] = defaultdict(list)

    def seat(one: int, tried: set[Hashable]) -> bool:
        for wish in wishes[one]:
            if wish in tried:
                continue
            tried.add(wish)
            if len(holders[wish]) < room[wish]:
                holders[wish].append(one)
                return True
            for i, holder in enumerate(holders[wish]):
                if seat(holder, tried):
                    holders[wish][i] = one
                    return True
        return False

    for one in wishes:
        seat(one, set())
    return {one: wish for wish, ones in holders.items() for one in ones}


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
