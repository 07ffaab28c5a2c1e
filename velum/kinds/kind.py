"""What every field kind provides."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass
from typing import Annotated, Any, Generic, TypeVar

from pydantic import AfterValidator, Field, StringConstraints, ValidationError

from velum.answers.number import DecimalSign
from velum.errors import VelumError
from velum.marking.mark import NO_KEY, Mark, blank, for_teacher
from velum.marking.points import Points
from velum.model import Model
from velum.placed import Placed

Name = Annotated[str, StringConstraints(strip_whitespace=True, max_length=200)]
"""What a field is about, for those who listen: "Name of the boat"."""

QuestionNumber = Annotated[str, StringConstraints(strip_whitespace=True, max_length=12)]
Hint = Annotated[str, StringConstraints(strip_whitespace=True, max_length=300)]


class FieldBase(Placed):
    """What every field has: the points it is worth, and perhaps a name, a number and a hint."""

    points: Points = 1
    """Nothing: it collects opinions, which are not marked."""
    name: Name = ""
    number: QuestionNumber = ""
    """The question's number, where the teacher set it; otherwise it follows from the fields before."""
    hint: Hint = ""
    """Shown to students who checked and were not right, where the handout allows it."""


class PromptBase(Placed):
    """What every prompt shows a student of a field. Nothing of the key may be added to it."""

    points: Points
    name: Name = ""
    number: QuestionNumber = ""
    marked: bool = True
    """Whether it is worth points; else it asks for an opinion."""


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


def gone_options(picked: Picked, options: int) -> str:
    """What is doubtful of a key that names options by their places, of which there are so many now."""
    return "" if all(place < options for place in picked) else "An option that was right is no longer there."


class AnswerRefused(VelumError):
    """An answer that is not of the field's kind, or larger than any person's."""


F = TypeVar("F", bound=FieldBase)
K = TypeVar("K", bound=Model)
P = TypeVar("P", bound=PromptBase)
A = TypeVar("A", bound=Model)


@dataclass(frozen=True)
class InAnyOrder(Generic[K, A]):
    """What is needed to tell answers of a group apart: the answer that a key is made of, and an answer as a key."""

    written: Callable[[K], A]
    as_key: Callable[[A], K]


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
    compare: Callable[[F, K, A, DecimalSign], Mark]
    example: tuple[F, K, A]
    key_from_text: Callable[[F, str], K | None]
    """The key that a text makes, as teachers write keys down; None: it fits no answer of the field."""
    smallest_target: Callable[[F], tuple[float, float]]
    """Width and height, in points, of the smallest thing that a student has to press."""
    doubt: Callable[[F, K, DecimalSign], str] = lambda field, key, decimal: ""
    """Why a key may not be what the teacher meant; empty: it is clear."""
    pictures: Callable[[F], Iterable[str]] = lambda field: ()
    """The pictures that students are shown with it, each by its SHA-256."""
    picks: bool = False
    """Whether its answers are picked from options that letters name."""
    in_any_order: InAnyOrder[K, A] | None = None
    """Set where answers of this kind may stand in any order of their group."""

    def read_answer(self, data: Any) -> A:
        """An answer from what a browser sent. Raises AnswerRefused."""
        try:
            return self.answer.model_validate(data)
        except (ValidationError, RecursionError) as problem:
            raise AnswerRefused(
                "answer.refused", "This answer could not be read. What was saved before is kept."
            ) from problem

    def is_empty(self, answer: A | None) -> bool:
        """Whether nothing was answered: never touched (None), or taken away again."""
        return answer is None or self.is_blank(answer)

    def mark(self, field: F, key: K | None, answer: A | None, decimal: DecimalSign = ".") -> Mark:
        """The mark of an answer (None: never touched) against a key (None: none set)."""
        if answer is None or self.is_blank(answer):
            return blank()
        if key is None:
            return for_teacher(NO_KEY)
        return self.compare(field, key, answer, decimal)
