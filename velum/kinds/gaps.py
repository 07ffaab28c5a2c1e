"""Gap text: a passage in which words are left out, to be typed, chosen from a list, or taken from a bank."""

from fractions import Fraction
from typing import Annotated, Literal, Self

from pydantic import AfterValidator, StringConstraints, model_validator
from pydantic import Field as Limits

from velum.answers import reasons
from velum.answers.settings import AnswerSettings
from velum.answers.text import normalise
from velum.geometry.box import Box
from velum.kinds import written_parts
from velum.kinds.kind import FieldBase, Kind, PromptBase
from velum.kinds.part import PLAIN, Part, Settled
from velum.kinds.written_parts import PartRight, PartsKey, TextEntry, TextsAnswer
from velum.mark import Mark, partly, right, wrong
from velum.model import Id, Model, NoNul, each_named_once
from velum.sentence import Sentence

MOST_GAPS = 100
MOST_LETTERS = 20_000
"""Letters of a passage."""
LINE = 20.0
"""Points that a line with a gap is high."""

THE_WORD = Sentence("gaps.right", "the right word")
OTHER_WORD = Sentence("gaps.other", "another word")
NOT_OFFERED = Sentence("doubt.not_offered", "The right word is not among those that students can choose.")

Fill = Literal["typed", "list", "bank"]
GapWord = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=100), NoNul]
"""A word, or a few, that can be chosen."""


class Gap(Model):
    """A gap, and how it is filled. It may stand in the passage more than once: what fills one place fills all."""

    id: Id
    fill: Fill = "typed"
    options: Annotated[tuple[GapWord, ...], Limits(max_length=20)] = ()
    """The list that its word is chosen from, where it is chosen from one."""


class Stretch(Model):
    """A stretch of the passage: words, or a gap."""

    text: Annotated[str, StringConstraints(max_length=MOST_LETTERS), NoNul] = ""
    gap: Id | None = None


GapList = Annotated[tuple[Gap, ...], Limits(max_length=MOST_GAPS), AfterValidator(each_named_once)]
Passage = Annotated[tuple[Stretch, ...], Limits(max_length=4 * MOST_GAPS)]
Bank = Annotated[tuple[GapWord, ...], Limits(max_length=2 * MOST_GAPS)]


class Gaps(FieldBase):
    kind: Literal["gaps"] = "gaps"
    passage: Passage
    gaps: GapList = ()
    bank: Bank = ()
    """The words of the bank; one that is needed twice stands in it twice."""
    settled: dict[Id, Settled] = {}
    """What was settled about gaps, by their ids."""

    @model_validator(mode="after")
    def _stand_in_the_passage(self) -> Self:
        there = {run.gap for run in self.passage if run.gap}
        if there != {gap.id for gap in self.gaps}:
            raise ValueError("has gaps that are not those of its passage")
        if sum(len(run.text) for run in self.passage) > MOST_LETTERS:
            raise ValueError(f"has a passage of more than {MOST_LETTERS} letters")
        return self

    @property
    def parts(self) -> tuple[Part, ...]:
        if not self.gaps:
            return super().parts
        return tuple(self.settled.get(gap.id, PLAIN).part(gap.id) for gap in self.gaps)

    def gap(self, name: str) -> Gap | None:
        return next((gap for gap in self.gaps if gap.id == name), None)

    def offered(self, gap: Gap) -> tuple[str, ...]:
        """The words that a gap may be filled with; none, where it is typed."""
        return {"typed": (), "list": gap.options, "bank": self.bank}[gap.fill]


class GapsKey(PartsKey):
    kind: Literal["gaps"] = "gaps"


class GapsPrompt(PromptBase):
    kind: Literal["gaps"] = "gaps"
    passage: Passage
    gaps: GapList
    bank: Bank


class GapEntry(TextEntry):
    kind: Literal["gaps"] = "gaps"
    version: Literal[1] = 1


class GapsAnswer(TextsAnswer):
    kind: Literal["gaps"] = "gaps"
    version: Literal[1] = 1


def _judge(field: Gaps, key: GapsKey, answer: GapsAnswer, settings: AnswerSettings) -> dict[str, Mark]:
    def judge(part: Part, wanted: PartRight, text: str, settings: AnswerSettings) -> Mark:
        gap = field.gap(part.id)
        if gap is None or gap.fill == "typed":
            return written_parts.as_typed(part, wanted, text, settings)
        return _judge_chosen(wanted, text)

    return written_parts.judge_each(field, key, answer, settings, judge)


def _judge_chosen(wanted: PartRight, text: str) -> Mark:
    """The mark of a word that can only be chosen: it is the right one or another, and nothing is nearly so."""
    word = normalise(text)
    for refused in wanted.refused:
        if normalise(refused.text) == word:
            said = reasons.expected(refused.says)
            return partly(Fraction(refused.percent, 100), said) if refused.percent else wrong(said)
    if word in {normalise(each) for each in (wanted.text, *wanted.also)}:
        return right(THE_WORD)
    share = max((one.percent for one in wanted.partly if normalise(one.text) == word), default=0)
    return partly(Fraction(share, 100), reasons.PARTLY_ACCEPTED) if share else wrong(OTHER_WORD)


def _key_from_text(field: Gaps, part: str, text: str, key: GapsKey | None) -> GapsKey | None:
    gap = field.gap(part)
    if gap is not None and gap.fill != "typed":
        text = next((word for word in field.offered(gap) if normalise(word) == normalise(text)), "")
    return written_parts.key_from_text(GapsKey)(field, part, text, key)


def _doubt(field: Gaps, key: GapsKey, settings: AnswerSettings) -> Sentence | None:
    for wanted in key.right:
        gap = field.gap(wanted.part)
        if gap and gap.fill != "typed" and normalise(wanted.text) not in map(normalise, field.offered(gap)):
            return NOT_OFFERED
    return written_parts.doubt(field, key)


_FIRST, _SECOND = "gap1", "gap2"

GAPS = Kind(
    name="gaps",
    label="Gap text",
    field=Gaps,
    key=GapsKey,
    prompt_type=GapsPrompt,
    answer=GapsAnswer,
    is_blank=written_parts.is_blank,
    judge=_judge,
    answered=written_parts.answered,
    without_key=written_parts.without_key,
    key_from_text=_key_from_text,
    accepting=written_parts.accepting,
    doubt=_doubt,
    smallest_target=lambda field: (field.box.width, LINE),
    steps_of_reading=written_parts.steps_of_reading_all,
    steps_of_judging=written_parts.steps_of_judging_all,
    entries=written_parts.entries_of(Gaps, GapEntry, GapsAnswer),
    check_answer=written_parts.check_answer,
    example=(
        Gaps(
            id="passage1",
            page="page1",
            box=Box(x=72, y=400, width=400, height=120),
            passage=(
                Stretch(text="The moon pulls the "),
                Stretch(gap=_FIRST),
                Stretch(text=". It rises "),
                Stretch(gap=_SECOND),
                Stretch(text=" a day; then the "),
                Stretch(gap=_FIRST),
                Stretch(text=" goes out."),
            ),
            gaps=(Gap(id=_FIRST), Gap(id=_SECOND, fill="list", options=("once", "twice", "hourly"))),
            settled={_SECOND: Settled(points=2, hint="Count the high tides.")},
        ),
        GapsKey(right=(PartRight(part=_FIRST, text="sea", also=("ocean",)), PartRight(part=_SECOND, text="twice"))),
        GapsAnswer(texts=((_FIRST, "ocean"), (_SECOND, "twice"))),
    ),
)
