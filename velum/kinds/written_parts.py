"""Fields of several parts, each of which is typed into: the gaps of a passage, the cells of a table.

Each part is a question of its own, compared as an answer box is; what is typed into it is an entry of its own.
"""

from collections.abc import Callable, Mapping, Sequence
from typing import Annotated, TypeAlias, TypeVar

from pydantic import Field as Limits

from velum.answers.compare import steps_of_reading
from velum.answers.settings import AnswerSettings
from velum.kinds.kind import AnswerBase, AnswerRefused, Entries, FieldBase, KeyBase
from velum.kinds.part import Part
from velum.kinds.written import Written, WrittenKey, doubt_of, judge_written, steps_of_judging
from velum.mark import NO_KEY, Mark, for_teacher
from velum.model import Id
from velum.sentence import Sentence

MOST_PARTS = 400

GONE = Sentence("doubt.part_gone", "A place that the key names is no longer there.")


class PartRight(WrittenKey):
    """What is right in a part."""

    part: Id


def _each_once(rights: tuple[PartRight, ...]) -> tuple[PartRight, ...]:
    if len({right.part for right in rights}) < len(rights):
        raise ValueError("says twice what is right in a part")
    return rights


class PartsKey(KeyBase):
    kind: str = ""
    right: Annotated[tuple[PartRight, ...], Limits(min_length=1, max_length=MOST_PARTS)]

    def of(self, part: str) -> PartRight | None:
        """What is right in a part; None: that is not said."""
        return next((right for right in self.right if right.part == part), None)


class TextEntry(AnswerBase):
    """What was typed into a part."""

    kind: str = ""
    text: Written = ""


class TextsAnswer(AnswerBase):
    kind: str = ""
    texts: Annotated[tuple[tuple[Id, Written], ...], Limits(max_length=MOST_PARTS)] = ()
    """What was typed, by the ids of the parts, in their order."""


K = TypeVar("K", bound=PartsKey)
A = TypeVar("A", bound=TextsAnswer)
E = TypeVar("E", bound=TextEntry)
F = TypeVar("F", bound=FieldBase)

JudgeOne: TypeAlias = Callable[[Part, PartRight, str, AnswerSettings], Mark]
"""The mark of what was typed into a part."""


def as_typed(part: Part, right: PartRight, text: str, settings: AnswerSettings) -> Mark:
    """The mark as that of an answer box."""
    return judge_written(right, text, settings, beside=part.name)


def typed_in(field: FieldBase, answer: TextsAnswer) -> dict[str, str]:
    """What is not blank, by the parts of a field that it was typed into."""
    texts = dict(answer.texts)
    return {part.id: text for part in field.parts if (text := texts.get(part.id, "")).strip()}


def is_blank(answer: TextsAnswer) -> bool:
    return not any(text.strip() for _, text in answer.texts)


def answered(field: FieldBase, answer: TextsAnswer) -> list[str]:
    """The parts that an answer says something of."""
    return list(typed_in(field, answer))


def judge_each(
    field: FieldBase, key: PartsKey, answer: TextsAnswer, settings: AnswerSettings, judge: JudgeOne = as_typed
) -> dict[str, Mark]:
    """The mark of each part that was typed into."""
    rights = {right.part: right for right in key.right}
    typed = typed_in(field, answer)
    return {
        part.id: judge(part, rights[part.id], typed[part.id], settings) if part.id in rights else for_teacher(NO_KEY)
        for part in field.parts
        if part.id in typed
    }


def without_key(field: FieldBase, key: PartsKey) -> list[str]:
    """The parts of which a key says nothing."""
    said = {right.part for right in key.right}
    return [part.id for part in field.parts if part.id not in said]


def with_right(key: K | None, made: type[K], right: PartRight) -> K:
    """A key that says what is right in one part more, or anew."""
    others = () if key is None else tuple(other for other in key.right if other.part != right.part)
    return made(right=(*others, right))


def key_from_text(made: type[K]) -> Callable[[FieldBase, str, str, K | None], K | None]:
    """What makes a key of this type out of a text for one part."""

    def key_of(field: FieldBase, part: str, text: str, key: K | None) -> K | None:
        there = any(part == other.id for other in field.parts)
        return with_right(key, made, PartRight(part=part, text=text)) if there and text.strip() else None

    return key_of


def accepting(field: FieldBase, part: str, key: K, answer: TextsAnswer) -> K | None:
    """The key by which what was typed into a part is right too."""
    text = typed_in(field, answer).get(part, "")
    before = key.of(part)
    right = before.accepts(text) if before else PartRight(part=part, text=text.strip()) if text else None
    return None if right is None else with_right(key, type(key), PartRight.model_validate(right))


def doubt(field: FieldBase, key: PartsKey) -> Sentence | None:
    """Why a key may not be what the teacher meant."""
    if not {right.part for right in key.right} <= {part.id for part in field.parts}:
        return GONE
    return next((said for right in key.right if (said := doubt_of(right))), None)


def steps_of_reading_all(answer: TextsAnswer) -> int:
    return sum(steps_of_reading(text) for _, text in answer.texts) or 1


def steps_of_judging_all(key: PartsKey, answer: TextsAnswer) -> int:
    texts = dict(answer.texts)
    return sum(steps_of_judging(right, texts.get(right.part, "")) for right in key.right)


def check_answer(field: FieldBase, answer: TextsAnswer) -> None:
    """Raises AnswerRefused for an answer to parts that the field does not have."""
    _check_names(field, [name for name, _ in answer.texts])


def _check_names(field: FieldBase, names: Sequence[str]) -> None:
    there = {part.id for part in field.parts}
    if not set(names) <= there or len(set(names)) < len(names):
        raise AnswerRefused("answer.no_part", "This place is no longer on the sheet. What was saved before is kept.")


def entries_of(field: type[F], entry: type[E], answer: type[A]) -> Entries[F, A, E]:
    """How such an answer is kept part by part."""

    def together(field: F, entries: Mapping[str, E]) -> A:
        names = [part.id for part in field.parts if part.id in entries]
        return answer(texts=tuple((name, entries[name].text) for name in names))

    return Entries(
        entry=entry,
        together=together,
        apart=lambda answer: {name: entry(text=text) for name, text in answer.texts},
        most=MOST_PARTS,
        check=lambda field, name, entry: _check_names(field, [name]),
    )
