"""What is typed, and the keys that it is compared with: an answer box's, a gap's, a cell's."""

from fractions import Fraction
from typing import Annotated, Self

from pydantic import Field, StringConstraints

from velum.answers import reasons
from velum.answers.compare import LONGEST, compare_written, is_refused, steps_of_comparing
from velum.answers.comparison import Comparison
from velum.answers.dates import unclear_dates
from velum.answers.quantity import in_unit_beside
from velum.answers.settings import AnswerSettings
from velum.mark import Mark, Verdict, best, partly, wrong
from velum.model import Model, NoNul
from velum.sentence import Filling, Sentence, either

Written = Annotated[str, StringConstraints(max_length=20_000), NoNul]
"""What somebody typed; the longest is some eight pages."""

Right = Annotated[Written, StringConstraints(min_length=1)]
RefusedSays = Annotated[str, StringConstraints(max_length=200), NoNul]
MOST_ACCEPTED, MOST_REFUSED = 100, 30

_LONG = Sentence("doubt.long", "The right answer is so long that only the same words count; all else waits for you.")


class Refused(Model):
    """An answer that is to be expected and is not right, or not wholly."""

    text: Right
    says: RefusedSays = ""
    """What the student is told: "that is the low tide"."""
    percent: Annotated[int, Field(ge=0, le=99)] = 0
    """What it is worth of the points."""


class Partly(Model):
    """An answer that is accepted, and worth a part of the points."""

    text: Right
    percent: Annotated[int, Field(ge=1, le=99)]


class WrittenKey(Model):
    """What is right where something is typed."""

    text: Right
    also: Annotated[tuple[Right, ...], Field(max_length=MOST_ACCEPTED)] = ()
    """What else counts as right."""
    partly: Annotated[tuple[Partly, ...], Field(max_length=MOST_ACCEPTED)] = ()
    """What is accepted for a part of the points, compared as what is right is."""
    refused: Annotated[tuple[Refused, ...], Field(max_length=MOST_REFUSED)] = ()
    """Stronger than slips and tolerances."""
    comparison: Comparison | None = None
    """By what answers are compared; None: it is guessed from each right one."""

    def accepts(self, text: str) -> Self | None:
        """The key by which a text is right too; None: there is none."""
        text = text.strip()
        if not text or len(self.also) >= MOST_ACCEPTED:
            return None
        return self if text in (self.text, *self.also) else self.changed(also=(*self.also, text))


def judge_written(key: WrittenKey, text: str, settings: AnswerSettings, beside: str = "") -> Mark:
    """The mark of a text that is not blank. ``beside``: what is printed beside it, perhaps with a unit."""
    accepted = (key.text, *key.also)
    for refused in key.refused:
        if is_refused(text, refused.text, accepted, key.comparison, settings.decimal):
            reason = reasons.expected(refused.says)
            return partly(Fraction(refused.percent, 100), reason) if refused.percent else wrong(reason)
    mark = compare_written(text, accepted, key.comparison, settings.decimal)
    if mark.verdict is not Verdict.RIGHT and (printed := in_unit_beside(key.text, text, beside)):
        mark = best((mark, compare_written(text, (printed,), key.comparison, settings.decimal)))
    return mark if mark.verdict is Verdict.RIGHT or not key.partly else _worth_most(mark, key, text, settings)


def _worth_most(mark: Mark, key: WrittenKey, text: str, settings: AnswerSettings) -> Mark:
    """The mark by what is accepted for a part, where it is that for sure and worth more."""
    for one in key.partly:
        said = compare_written(text, (one.text,), key.comparison, settings.decimal)
        share = said.share * Fraction(one.percent, 100)
        if share > mark.share:
            mark = partly(share, reasons.PARTLY_ACCEPTED)
        elif said.verdict is Verdict.TEACHER and mark.verdict is Verdict.WRONG:
            mark = said
    return mark


def doubt_of(key: WrittenKey) -> Sentence | None:
    """Why a key may not be what the teacher meant."""
    for text in (key.text, *key.also):
        if len(text) > LONGEST:
            return _LONG
        if key.comparison is None and (values := unclear_dates(text)):
            filled: dict[str, Filling] = {"text": text, "values": either(values)}
            return Sentence("doubt.unclear", "{text} could be {values}.", filled)
    return None


def steps_of_judging(key: WrittenKey, text: str) -> int:
    """How much work judging a text may take at most."""
    texts = (key.text, *key.also, *(one.text for one in key.partly), *(one.text for one in key.refused))
    return sum(steps_of_comparing(text, each, key.comparison) for each in texts)
