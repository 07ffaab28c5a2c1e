"""What a roster changes in a class that is there already. Nobody is lost: who is missing is named, and no more."""

from collections import defaultdict
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import Generic, TypeVar

from velum.names import folded
from velum.rosters.roster import Student

Key = TypeVar("Key")


@dataclass(frozen=True)
class Known(Generic[Key]):
    """A student who is known, and by what. ``outside``: not of the class but of its school, so a name is not enough."""

    key: Key
    student: Student
    outside: bool = False


@dataclass(frozen=True)
class Changes(Generic[Key]):
    """Who is new, who is another now, who stays as they were, and who is of the class and not in the roster.

    ``joining`` are those of the first three who come from outside.
    """

    new: tuple[Student, ...]
    changed: tuple[tuple[Known[Key], Student], ...]
    same: tuple[Known[Key], ...]
    joining: tuple[Known[Key], ...]
    missing: tuple[Known[Key], ...]


def _by_name(student: Student) -> str:
    return folded(student.name)


_BY: tuple[Callable[[Student], str], ...] = (
    lambda student: student.source,
    lambda student: student.number.casefold(),
    lambda student: student.email.casefold(),
    _by_name,
)
"""By what a student is found again, the surest first. Empty finds nobody."""


def changes_of(known: Sequence[Known[Key]], read: Sequence[Student]) -> Changes[Key]:
    """Each of those known is found at most once, and each of those read is one of them or new.

    What a roster leaves empty stays as it was.
    """
    found: dict[int, Known[Key]] = {}
    taken: set[int] = set()
    for by in _BY:
        waiting: defaultdict[str, list[int]] = defaultdict(list)
        for place, each in enumerate(known):
            if place not in taken and not (each.outside and by is _by_name):
                waiting[by(each.student)].append(place)
        for place, student in enumerate(read):
            if place in found or not by(student):
                continue
            fitting = next(
                (other for other in waiting[by(student)] if not _contradict(known[other].student, student)), None
            )
            if fitting is not None:
                waiting[by(student)].remove(fitting)
                taken.add(fitting)
                found[place] = known[fitting]
    changed, same = [], []
    for place, was in found.items():
        now = _merged(was.student, read[place])
        if now == was.student:
            same.append(was)
        else:
            changed.append((was, now))
    return Changes(
        new=tuple(student for place, student in enumerate(read) if place not in found),
        changed=tuple(changed),
        same=tuple(same),
        joining=tuple(each for each in found.values() if each.outside),
        missing=tuple(each for place, each in enumerate(known) if place not in taken and not each.outside),
    )


def _contradict(one: Student, other: Student) -> bool:
    """Whether what is surer than a name says that they are two: both have a number, or a source, and another one."""
    if one.source and other.source:
        return one.source != other.source
    return bool(one.number and other.number) and one.number.casefold() != other.number.casefold()


def _merged(was: Student, now: Student) -> Student:
    filled = {name: value for name, value in now.model_dump().items() if value}
    # A family name that is not given any more is gone; names come together.
    return was.changed(**{**filled, "given": now.given, "family": now.family})
