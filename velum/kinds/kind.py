"""What every field kind provides."""

import dataclasses
import logging
from collections.abc import Callable, Collection, Hashable, Iterable, Mapping, Sequence
from typing import Annotated, Any, Generic, Literal, TypeAlias, TypeVar

from pydantic import Field as Limits
from pydantic import ValidationError

from velum.answers.settings import PLAIN, AnswerSettings
from velum.errors import VelumError
from velum.instructions import Instructions, said
from velum.kinds.help import HelpOffer, Helps, offers
from velum.kinds.part import WHOLE, Hint, Name, Part, PartId, QuestionNumber
from velum.kinds.style import USUAL, Style
from velum.mark import NO_KEY, Mark, blank, for_teacher
from velum.model import Id, Model
from velum.placed import Placed
from velum.points import Points
from velum.sentence import Sentence

FAILED = Sentence("marking.failed", "the machine could not mark this")
_log = logging.getLogger(__name__)

Json: TypeAlias = dict[str, Any]
"""A value as it was kept, perhaps by an older release."""

FileSort = Literal["picture", "sound"]
"""What an answer may hold besides its value, kept by content."""


Tags = Annotated[tuple[Id, ...], Limits(max_length=50)]


class FieldBase(Placed):
    """What every field has: the points it is worth, and perhaps a name, a number and a hint."""

    kind: str
    points: Points = 1
    """Nothing: it collects opinions, which are not marked."""
    name: Name = ""
    number: QuestionNumber = ""
    """The question's number, where the teacher set it; otherwise it follows from the fields before."""
    hint: Hint = ""
    """Shown to students who checked and were not right, where the handout allows it."""
    style: Style | None = None
    """None: the worksheet's usual one."""
    locked: bool = False
    """Whether it stays where it is: the teacher has to unlock it to move it."""
    help: Helps = ()
    """What students may ask for while they work."""
    instructions: Instructions = ()
    working_for: Id | None = None
    """The field whose working-out this is: it is numbered with that one, as "3+"."""
    skills: Tags = ()
    """What is practised with it, by the ids of the worksheet's skills."""

    @property
    def parts(self) -> tuple[Part, ...]:
        """Its parts in their order, each with points of its own. Most fields are one part."""
        return (Part(WHOLE, self.points, self.name, self.number, self.hint),)


class PartPrompt(Model):
    """What a student is shown of a part."""

    id: PartId
    number: str
    points: float
    """What it is worth, perhaps as one of a group. Nothing: it asks for an opinion."""
    name: Name = ""
    place: str = ""


class PromptBase(Placed):
    """What every prompt shows a student of a field; what else it shows has the field's own names.

    Nothing of the key may be added to it.
    """

    kind: str
    name: Name = ""
    style: Style = USUAL
    working_for: Id | None = None
    help: tuple[HelpOffer, ...] = ()
    instructions: Instructions = ()
    parts: tuple[PartPrompt, ...]


class KeyBase(Model):
    """What is right."""

    kind: str


class AnswerBase(Model):
    """What a student answers, or an entry of it. Its form has a version, so that older ones can be read."""

    kind: str


class AnswerRefused(VelumError):
    """An answer that is not of the field's kind, or larger than any person's."""


F = TypeVar("F", bound=FieldBase)
K = TypeVar("K", bound=KeyBase)
P = TypeVar("P", bound=PromptBase)
A = TypeVar("A", bound=AnswerBase)
E = TypeVar("E", bound=AnswerBase)


@dataclasses.dataclass(frozen=True)
class InAnyOrder(Generic[K, A]):
    """What is needed to mark answers of a group in any order: a key taken apart, and what keys and answers say.

    Only for kinds whose fields are one part.
    """

    alternatives: Callable[[K], Sequence[K]]
    """The keys that a key is made of, each with one right answer alone."""
    says_key: Callable[[K, AnswerSettings], Hashable]
    """What such a key says, equal for those that say the same."""
    says: Callable[[A, AnswerSettings], Hashable]
    """What an answer says."""


@dataclasses.dataclass(frozen=True)
class Entries(Generic[F, A, E]):
    """What an answer is made of that changes bit by bit, such as strokes or the pieces that were moved.

    Each entry is saved by itself under a name of its own, so two devices that change different ones both keep theirs;
    of the same one, what was written last stands.
    """

    entry: type[E]
    together: Callable[[F, Mapping[str, E]], A]
    """The answer that entries make. They stand in the order in which they were written last."""
    apart: Callable[[A], Mapping[str, E]]
    """The entries that an answer is made of."""
    most: int
    """Entries of an answer."""
    check: Callable[[F, str, E], None] = lambda field, name, entry: None
    """Raises AnswerRefused for an entry that this field cannot have."""


@dataclasses.dataclass(frozen=True)
class FollowingOn(Generic[K, A]):
    """What is needed where a right answer may follow from earlier answers of the same copy."""

    names: Callable[[K], Collection[str]]
    """The fields whose answers a key follows from; empty: it stands by itself."""
    mark: Callable[[K, A, Mapping[str, AnswerBase], AnswerSettings], Mark | None]
    """The mark by what follows from those answers; None: it does not follow from them."""
    doubt: Callable[[K, Mapping[str, KeyBase], AnswerSettings], Sentence | None]
    """Why what follows may not be what the teacher meant, by the keys of the fields before."""


def alone(judge: Callable[[F, K, A, AnswerSettings], Mark]) -> Callable[[F, K, A, AnswerSettings], Mapping[str, Mark]]:
    """The judgement of fields that are one part."""
    return lambda field, key, answer, settings: {WHOLE: judge(field, key, answer, settings)}


@dataclasses.dataclass(frozen=True)
class Kind(Generic[F, K, P, A]):
    """One field kind: its types and what can be done with them.

    Examples are what the contract suite runs on: their answer is right in every part.
    """

    name: str
    label: str
    field: type[F]
    key: type[K] | None
    """None: its answers are never right or wrong by a key, such as free notes."""
    prompt_type: type[P]
    answer: type[A]
    is_blank: Callable[[A], bool]
    example: tuple[F, K | None, A]
    smallest_target: Callable[[F], tuple[float, float]]
    """Width and height, in points, of the smallest thing that a student has to press."""
    judge: Callable[[F, K, A, AnswerSettings], Mapping[str, Mark]] = lambda field, key, answer, settings: {}
    """The mark of each part that was answered; only called with an answer that is not blank."""
    answered: Callable[[F, A], Collection[str]] = lambda field, answer: [part.id for part in field.parts]
    """The parts that an answer which is not blank says something of."""
    without_key: Callable[[F, K], Collection[str]] = lambda field, key: ()
    """The parts that a key says nothing of."""
    key_from_text: Callable[[F, str, str, K | None], K | None] = lambda field, part, text, key: None
    """The key that a text makes for a part, as teachers write keys down; ``key`` has those of the other parts.

    None: the text fits no answer of the part.
    """
    accepting: Callable[[F, str, K, A], K | None] = lambda field, part, key, answer: None
    """The key by which this answer is right in a part too; None: there is none."""
    doubt: Callable[[F, K, AnswerSettings], Sentence | None] = lambda field, key, settings: None
    """Why a key may not be what the teacher meant; empty: it is clear."""
    pictures: Callable[[F], Iterable[str]] = lambda field: ()
    """The pictures that students are shown with it, each by its SHA-256."""
    takes: FileSort | None = None
    """What students may put into an answer as a file."""
    files: Callable[[A], Iterable[str]] = lambda answer: ()
    """The files that an answer, or an entry of it, is made of, each by its SHA-256."""
    steps_of_reading: Callable[[A], int] = lambda answer: 1
    """How much work reading an answer may take at most, in hundredths of a millisecond of an ordinary machine."""
    steps_of_judging: Callable[[K, A], int] = lambda key, answer: 1
    """How much work judging an answer that was read may take at most."""
    picks: bool = False
    """Whether its answers are picked from options that letters name."""
    in_any_order: InAnyOrder[K, A] | None = None
    """Set where answers of this kind may stand in any order of their group."""
    following: FollowingOn[K, A] | None = None
    """Set where keys of this kind may follow from earlier answers. Only for kinds whose fields are one part."""
    entries: Entries[F, A, Any] | None = None
    """Set where an answer is changed entry by entry, and not replaced as a whole."""
    check_answer: Callable[[F, A], None] = lambda field, answer: None
    """Raises AnswerRefused for an answer that this field cannot have, such as one that picks what it does not offer."""
    upgrades_of_field: Mapping[int, Callable[[Json], Json]] = dataclasses.field(default_factory=dict)
    """By the version of a document, what turns a field of it into one of the next version."""
    upgrades_of_key: Mapping[int, Callable[[Json], Json]] = dataclasses.field(default_factory=dict)
    """The same for its key."""
    upgrades_of_answer: Mapping[int, Callable[[F, Json], Json]] = dataclasses.field(default_factory=dict)
    """By the version of an answer, or of an entry, what turns it into one of the next version.

    Answers without a version are of 1.
    """

    @property
    def keyed(self) -> bool:
        """Whether its answers can be right by a key."""
        return self.key is not None

    def parts_without_key(self, field: F, key: K | None) -> list[str]:
        """The parts of which it is not set what is right."""
        missing = [part.id for part in field.parts] if key is None else self.without_key(field, key)
        return list(missing)

    @property
    def entry(self) -> type[AnswerBase]:
        """The type of what is saved by itself."""
        return self.entries.entry if self.entries else self.answer

    def prompt(self, field: F, parts: Sequence[PartPrompt], usual: Style = USUAL) -> P:
        """What students are shown of a field: what the prompt's type names, and its parts.

        ``usual`` is the style of fields that have none of their own.
        """
        made = {
            "style": field.style or usual,
            "help": offers(field.help),
            "instructions": said(field.instructions),
            "parts": tuple(parts),
        }
        own = {name: getattr(field, name) for name in self.prompt_type.model_fields if name not in made}
        return self.prompt_type(**own, **made)

    def read_entry(self, field: F, name: str, data: Any) -> AnswerBase:
        """What is saved under this name of an answer to this field, from what a browser sent or what was kept.

        It may be of this version or an older one. The whole of an answer that is not made of entries has the empty
        name. Raises AnswerRefused.
        """
        if self.entries is None:
            if name != WHOLE:
                raise AnswerRefused("answer.no_entry", "This answer is one whole. What was saved before is kept.")
            return self.read_answer(field, data)
        entry: AnswerBase = self._read(self.entries.entry, field, data)
        self.entries.check(field, name, entry)
        return entry

    def read_entries(self, field: F, kept: Mapping[str, Any]) -> A:
        """The answer that was kept as these entries, in the order in which they were written. Raises AnswerRefused."""
        if self.entries is None:
            return self.read_answer(field, kept.get(WHOLE))
        return self.entries.together(field, {name: self.read_entry(field, name, data) for name, data in kept.items()})

    def read_answer(self, field: F, data: Any) -> A:
        """An answer to this field as a whole, of this version or an older one. Raises AnswerRefused."""
        answer = self._read(self.answer, field, data)
        self.check_answer(field, answer)
        return answer

    def _read(self, sort: type[E], field: F, data: Any) -> E:
        try:
            while isinstance(data, dict) and (upgrade := self.upgrades_of_answer.get(data.get("version", 1))):
                data = upgrade(field, data)
            return sort.model_validate(data)
        except (ValidationError, RecursionError, KeyError, TypeError, ValueError) as problem:
            raise AnswerRefused(
                "answer.refused", "This answer could not be read. What was saved before is kept."
            ) from problem

    def is_empty(self, answer: A | None) -> bool:
        """Whether nothing was answered: never touched (None), or taken away again."""
        return answer is None or self.is_blank(answer)

    def marks(self, field: F, key: K | None, answer: A | None, settings: AnswerSettings = PLAIN) -> dict[str, Mark]:
        """The mark of each part by an answer (None: never touched) and a key (None: none set).

        Whatever goes wrong in judging is for the operator's log, and what was answered for the teacher: nothing that
        somebody wrote may stop the marking of all else.
        """
        if answer is None or self.is_blank(answer):
            return {part.id: blank() for part in field.parts}
        if key is None:
            return self.handed_over(field, answer, NO_KEY)
        try:
            found = self.judge(field, key, answer, settings)
            return {part.id: found.get(part.id) or blank() for part in field.parts}
        except Exception:
            _log.exception("An answer to field %s (%s) could not be marked", field.id, self.name)
            return self.handed_over(field, answer, FAILED)

    def mark_of_one(self, field: F, key: K, answer: A, settings: AnswerSettings) -> Mark:
        """The mark of a field that is one part by an answer that is not blank: what ``marks`` says, sooner."""
        try:
            return self.judge(field, key, answer, settings)[WHOLE]
        except Exception:
            _log.exception("An answer to field %s (%s) could not be marked", field.id, self.name)
            return for_teacher(FAILED)

    def handed_over(self, field: F, answer: A | None, reason: Sentence) -> dict[str, Mark]:
        """The marks where what was answered is for the teacher, for this reason."""
        try:
            given = [] if self.is_empty(answer) else self.answered(field, answer)  # type: ignore[arg-type]
        except Exception:
            _log.exception("What an answer to field %s (%s) speaks of is not known", field.id, self.name)
            given = [part.id for part in field.parts]
        return {part.id: for_teacher(reason) if part.id in given else blank() for part in field.parts}
