"""What a roster says: who is in a class."""

from dataclasses import dataclass
from typing import Annotated

from pydantic import AfterValidator, StringConstraints, model_validator

from velum.errors import VelumError
from velum.model import Model
from velum.outside_text import one_line
from velum.sentence import Sentence

LONGEST_NAME = 80
"""Letters of a given name, and of a family name."""
LONGEST_WHOLE_NAME = 2 * LONGEST_NAME + 1
MOST_STUDENTS = 5_000


NO_NAME = Sentence("roster.no_name", "There is no name in this row.")


class RosterRefused(VelumError):
    """Something that cannot be taken for a roster."""


def too_large() -> RosterRefused:
    return RosterRefused("roster.too_large", "This is too much for a roster. Nothing was taken.")


def too_long() -> RosterRefused:
    return RosterRefused(
        "roster.too_long", "A roster may have {most} students. Nothing was taken.", {"most": MOST_STUDENTS}
    )


def nobody() -> RosterRefused:
    return RosterRefused("roster.nobody", "No names were found in this file. Nothing was taken.")


def damaged() -> RosterRefused:
    return RosterRefused("roster.damaged", "This file is damaged: it could not be read. Nothing was taken.")


Cleaned = AfterValidator(one_line)
# Cleaned first and then measured: what cannot be seen takes no room.
Name = Annotated[str, Cleaned, StringConstraints(max_length=LONGEST_NAME)]
Short = Annotated[str, Cleaned, StringConstraints(max_length=100)]


class Student(Model):
    """A student as a roster names them. Any of it may be empty, but not both names.

    ``number`` is the school's own, ``source`` the id in the program that wrote the roster (OneRoster's sourcedId).
    """

    given: Name = ""
    family: Name = ""
    number: Short = ""
    email: Short = ""
    source: Short = ""

    @model_validator(mode="after")
    def _has_a_name(self) -> "Student":
        if not (self.given or self.family):
            raise ValueError("has no name")
        return self

    @property
    def name(self) -> str:
        return f"{self.given} {self.family}".strip()


@dataclass(frozen=True)
class LeftOut:
    """A row that is nobody, where it stood (counted from 1), how it began, and why."""

    row: int
    text: str
    why: Sentence


@dataclass(frozen=True)
class Doubt:
    """Something that a teacher should look at: which of the students, from 0, and why."""

    student: int
    why: Sentence


@dataclass(frozen=True)
class Roster:
    """What was read. ``title`` is the class's name where it is known, ``source`` its id in the program it is from."""

    students: tuple[Student, ...]
    left_out: tuple[LeftOut, ...] = ()
    doubts: tuple[Doubt, ...] = ()
    title: str = ""
    source: str = ""
