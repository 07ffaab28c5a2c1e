"""Long text: an answer of several sentences or a page, perhaps in paragraphs and lists."""

from collections.abc import Iterable
from fractions import Fraction
from typing import Annotated, Literal, Self

from pydantic import Field as Limits
from pydantic import StringConstraints, model_validator

from velum.answers.held import Held, long_text, steps_of_holding
from velum.answers.settings import AnswerSettings
from velum.geometry.box import Box
from velum.instructions import TAG
from velum.kinds.kind import AnswerBase, FieldBase, KeyBase, Kind, PromptBase, alone
from velum.mark import Mark, for_teacher, partly, right, wrong
from velum.model import Model, NoNul
from velum.rich_text import Paragraph, at_most, letters_of, plain
from velum.sentence import Sentence

MOST_LETTERS = 20_000
MOST_PHRASES = 30

PERHAPS = Sentence("long_text.perhaps", "what is looked for may be in it: please look")
ALL_THERE = Sentence("long_text.all", "holds all that is looked for")
NOTHING_THERE = Sentence("long_text.none", "holds nothing of what is looked for")
MUST_NOT = Sentence("long_text.must_not", "holds what must not stand in it")


def some_there(count: int, wanted: int) -> Sentence:
    return Sentence.counted(
        "long_text.some",
        "holds {count} of {wanted} things that are looked for",
        "holds {count} of {wanted} things that are looked for",
        count,
        {"wanted": wanted},
    )


WordCount = Annotated[int, Limits(ge=1, le=5_000)]
Language = Annotated[str, StringConstraints(pattern=f"^({TAG})?$")]
"""A language's tag (BCP 47); empty: none."""

Phrase = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=200), NoNul]


class LongText(FieldBase):
    kind: Literal["long_text"] = "long_text"
    formatted: bool = True
    """Whether words can be bold, italic and underlined, and lists made."""
    spelling: Language = ""
    """The language in which the student's browser checks spelling; empty: it does not."""
    least_words: WordCount | None = None
    most_words: WordCount | None = None
    """How many words are asked for. The student is told, and may hand in fewer or more."""

    @model_validator(mode="after")
    def _bounds_in_order(self) -> Self:
        if self.least_words and self.most_words and self.least_words > self.most_words:
            raise ValueError("asks for more words than it allows")
        return self


class Wanted(Model):
    """Something that has to be in the text, in one of several phrases."""

    phrases: Annotated[tuple[Phrase, ...], Limits(min_length=1, max_length=20)]


class LongTextKey(KeyBase):
    kind: Literal["long_text"] = "long_text"
    wanted: Annotated[tuple[Wanted, ...], Limits(max_length=MOST_PHRASES)] = ()
    never: Annotated[tuple[Phrase, ...], Limits(max_length=MOST_PHRASES)] = ()
    """What must not stand in it."""
    enough: Annotated[int, Limits(ge=1, le=MOST_PHRASES)] | None = None
    """How many of the wanted things earn all points; None: all of them."""
    all_or_nothing: bool = False

    @model_validator(mode="after")
    def _looks_for_something(self) -> Self:
        if not self.wanted and not self.never:
            raise ValueError("looks for nothing")
        return self


class LongTextPrompt(PromptBase):
    kind: Literal["long_text"] = "long_text"
    formatted: bool
    spelling: Language
    least_words: WordCount | None = None
    most_words: WordCount | None = None


class LongTextAnswer(AnswerBase):
    kind: Literal["long_text"] = "long_text"
    version: Literal[1] = 1
    paragraphs: Annotated[tuple[Paragraph, ...], Limits(max_length=1_000), at_most(MOST_LETTERS)] = ()


def _judge(field: LongText, key: LongTextKey, answer: LongTextAnswer, settings: AnswerSettings) -> Mark:
    text = long_text(letters_of(answer.paragraphs))
    never = [text.holds(phrase) for phrase in key.never]
    if Held.THERE in never:
        return wrong(MUST_NOT)
    found = [_best(text.holds(phrase) for phrase in each.phrases) for each in key.wanted]
    needed = min(key.enough or len(found), len(found))
    there = found.count(Held.THERE)
    if Held.PERHAPS in never or (there < needed and Held.PERHAPS in found):
        return for_teacher(PERHAPS)
    if there >= needed:
        return right(ALL_THERE)
    if not there:
        return wrong(NOTHING_THERE)
    some = some_there(there, needed)
    return wrong(some) if key.all_or_nothing else partly(Fraction(there, needed), some)


def _best(found: Iterable[Held]) -> Held:
    each = set(found)
    return next((held for held in (Held.THERE, Held.PERHAPS) if held in each), Held.MISSING)


def _key_from_text(field: LongText, part: str, text: str, key: LongTextKey | None) -> LongTextKey | None:
    """What has to be in it, one thing a line or after a semicolon; a bar between phrases that say the same."""
    lines = [line.strip() for line in text.replace(";", "\n").split("\n") if line.strip()][:MOST_PHRASES]
    wanted = tuple(
        Wanted(phrases=phrases)
        for line in lines
        if (phrases := tuple(phrase.strip()[:200] for phrase in line.split("|") if phrase.strip())[:20])
    )
    return LongTextKey(wanted=wanted) if wanted else None


def _phrases(key: LongTextKey) -> list[str]:
    return [*key.never, *(phrase for each in key.wanted for phrase in each.phrases)]


LONG_TEXT = Kind(
    name="long_text",
    label="Long text",
    field=LongText,
    key=LongTextKey,
    prompt_type=LongTextPrompt,
    answer=LongTextAnswer,
    is_blank=lambda answer: not letters_of(answer.paragraphs).strip(),
    judge=alone(_judge),
    key_from_text=_key_from_text,
    smallest_target=lambda field: (field.box.width, field.box.height),
    steps_of_reading=lambda answer: 1 + len(letters_of(answer.paragraphs)) // 100,
    steps_of_judging=lambda key, answer: steps_of_holding(letters_of(answer.paragraphs), _phrases(key)),
    example=(
        LongText(id="essay001", page="page1", box=Box(x=72, y=400, width=400, height=200), least_words=20),
        LongTextKey(
            wanted=(Wanted(phrases=("cracked the pane", "broke the pane")), Wanted(phrases=("biscuit tin",))),
            never=("the herring boat",),
        ),
        LongTextAnswer(paragraphs=plain("A gannet broke the pane.", "He boarded it with the lid of a biscuit tin.")),
    ),
)
