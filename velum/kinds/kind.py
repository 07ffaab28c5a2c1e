"""What every field kind provides."""

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from typing import Annotated, Any, Generic, TypeVar

from pydantic import AfterValidator, Field, StringConstraints, TypeAdapter, ValidationError

from velum.errors import VelumError
from velum.marking.mark import NO_KEY, Mark, blank, for_teacher
from velum.model import Model
from velum.placed import Placed

Points = Annotated[float, Field(ge=0, le=100, multiple_of=0.25)]
"""Quarter points are exact as floats, so :func:`points_of` loses nothing."""


Name = Annotated[str, StringConstraints(strip_whitespace=True, max_length=200)]
"""What a field is about, for those who listen: "Name of the boat"."""


class FieldBase(Placed):
    """What every field has: the points it is worth, and perhaps a name."""

    points: Points = 1
    name: Name = ""


class PromptBase(Placed):
    """What every prompt shows a student of a field. Nothing of the key may be added to it."""

    points: Points
    name: Name = ""


def _each_once(picked: tuple[int, ...]) -> tuple[int, ...]:
    return tuple(sorted(set(picked)))


Picked = Annotated[tuple[Annotated[int, Field(ge=0, lt=26)], ...], Field(max_length=26), AfterValidator(_each_once)]
"""Options by their places from 0, in order."""


class TickedKey(Model):
    """Which options are right; at least one."""

    picked: Annotated[Picked, Field(min_length=1)]


class TickedAnswer(Model):
    """Which options were picked."""

    picked: Picked


class AnswerRefused(VelumError):
    """An answer that is not of the field's kind, or larger than any person's."""


F = TypeVar("F", bound=FieldBase)
K = TypeVar("K", bound=Model)
P = TypeVar("P", bound=PromptBase)
A = TypeVar("A", bound=Model)


@dataclass(frozen=True)
class Kind(Generic[F, K, P, A]):
    """One field kind: its four types and what can be done with them.

    ``compare`` is only called with an answer that is not blank. Examples are what the contract suite runs on.
    """

    name: str
    label: str
    field: type[F]
    key: type[K]
    prompt_type: type[P]
    answer: type[A]
    prompt: Callable[[F], P]
    is_blank: Callable[[A], bool]
    compare: Callable[[F, K, A], Mark]
    example: tuple[F, K, A]

    def read_answer(self, data: Any) -> A:
        """An answer from what a browser sent. Raises AnswerRefused."""
        try:
            return TypeAdapter(self.answer).validate_python(data)
        except (ValidationError, RecursionError) as problem:
            raise AnswerRefused(
                "answer.refused", "This answer could not be read. What was saved before is kept."
            ) from problem

    def mark(self, field: F, key: K | None, answer: A | None) -> Mark:
        """The mark of an answer (None: never touched) against a key (None: none set)."""
        if answer is None or self.is_blank(answer):
            return blank()
        if key is None:
            return for_teacher(NO_KEY)
        return self.compare(field, key, answer)


def points_of(field: FieldBase) -> Fraction:
    """The points a field is worth, exact."""
    return Fraction(field.points)
