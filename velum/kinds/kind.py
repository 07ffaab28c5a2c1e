"""What every field kind provides."""

import dataclasses
import logging
from collections.abc import Callable, Hashable, Iterable, Mapping, Sequence
from typing import Annotated, Any, Generic, TypeAlias, TypeVar

from pydantic import StringConstraints, ValidationError

from velum.answers.number import DecimalSign
from velum.errors import VelumError
from velum.marking.mark import NO_KEY, Mark, Reason, blank, for_teacher
from velum.marking.points import Points
from velum.model import Model, NoNul
from velum.placed import Placed

Name = Annotated[str, StringConstraints(strip_whitespace=True, max_length=200), NoNul]
"""What a field is about, for those who listen: "Name of the boat"."""

QuestionNumber = Annotated[str, StringConstraints(strip_whitespace=True, max_length=12), NoNul]
Hint = Annotated[str, StringConstraints(strip_whitespace=True, max_length=300), NoNul]

FAILED = Reason("marking.failed", "the machine could not mark this")
_log = logging.getLogger(__name__)

Json: TypeAlias = dict[str, Any]
"""A value as it was kept, perhaps by an older release."""


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


class AnswerRefused(VelumError):
    """An answer that is not of the field's kind, or larger than any person's."""


F = TypeVar("F", bound=FieldBase)
K = TypeVar("K", bound=Model)
P = TypeVar("P", bound=PromptBase)
A = TypeVar("A", bound=Model)


@dataclasses.dataclass(frozen=True)
class InAnyOrder(Generic[K, A]):
    """What is needed to mark answers of a group in any order: a key taken apart, and what keys and answers say."""

    alternatives: Callable[[K], Sequence[K]]
    """The keys that a key is made of, each with one right answer alone."""
    says_key: Callable[[K, DecimalSign], Hashable]
    """What such a key says, equal for those that say the same."""
    says: Callable[[A, DecimalSign], Hashable]
    """What an answer says."""


@dataclasses.dataclass(frozen=True)
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
    steps_of_reading: Callable[[A], int] = lambda answer: 1
    """How much work reading an answer may take at most, in hundredths of a millisecond of an ordinary machine."""
    steps_of_comparing: Callable[[K, A], int] = lambda key, answer: 1
    """How much work comparing an answer that was read may take at most."""
    picks: bool = False
    """Whether its answers are picked from options that letters name."""
    in_any_order: InAnyOrder[K, A] | None = None
    """Set where answers of this kind may stand in any order of their group."""
    check_answer: Callable[[F, A], None] = lambda field, answer: None
    """Raises AnswerRefused for an answer that this field cannot have, such as one that picks what it does not offer."""
    upgrades_of_field: Mapping[int, Callable[[Json], Json]] = dataclasses.field(default_factory=dict)
    """By the version of a document, what turns a field of it into one of the next version."""
    upgrades_of_key: Mapping[int, Callable[[Json], Json]] = dataclasses.field(default_factory=dict)
    """The same for its key."""
    upgrades_of_answer: Mapping[int, Callable[[F, Json], Json]] = dataclasses.field(default_factory=dict)
    """By the version of an answer, what turns it into one of the next version. Answers without a version are of 1."""

    def read_answer(self, field: F, data: Any) -> A:
        """An answer to this field from what a browser sent or what was kept, of this version or an older one.

        Raises AnswerRefused.
        """
        try:
            while isinstance(data, dict) and (upgrade := self.upgrades_of_answer.get(data.get("version", 1))):
                data = upgrade(field, data)
            answer = self.answer.model_validate(data)
        except (ValidationError, RecursionError, KeyError, TypeError, ValueError) as problem:
            raise AnswerRefused(
                "answer.refused", "This answer could not be read. What was saved before is kept."
            ) from problem
        self.check_answer(field, answer)
        return answer

    def is_empty(self, answer: A | None) -> bool:
        """Whether nothing was answered: never touched (None), or taken away again."""
        return answer is None or self.is_blank(answer)

    def mark(self, field: F, key: K | None, answer: A | None, decimal: DecimalSign = ".") -> Mark:
        """The mark of an answer (None: never touched) against a key (None: none set).

        Whatever goes wrong in comparing is for the operator's log, and the answer for the teacher: nothing that
        somebody wrote may stop the marking of all else.
        """
        if answer is None or self.is_blank(answer):
            return blank()
        if key is None:
            return for_teacher(NO_KEY)
        try:
            return self.compare(field, key, answer, decimal)
        except Exception:
            _log.exception("An answer to field %s (%s) could not be marked", field.id, self.name)
            return for_teacher(FAILED)
