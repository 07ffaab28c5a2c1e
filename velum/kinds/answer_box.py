"""Answer box: a place on the page that a student types into."""

from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from velum.answers import reasons
from velum.answers.compare import LONGEST, compare_written, is_refused, steps_of_comparing, steps_of_reading
from velum.answers.comparison import Comparison
from velum.answers.dates import unclear_dates
from velum.answers.says import says
from velum.answers.settings import AnswerSettings
from velum.geometry.box import Box
from velum.kinds.kind import AnswerBase, FieldBase, InAnyOrder, KeyBase, Kind, PromptBase, alone
from velum.mark import Mark, partly, wrong
from velum.model import Model, NoNul
from velum.sentence import Filling, Sentence, either

Lines = Literal["one", "several"]
Signs = Literal["none", "chemistry", "maths"]


Written = Annotated[str, StringConstraints(max_length=20_000), NoNul]
"""What somebody typed; the longest is some eight pages."""


Placeholder = Annotated[str, StringConstraints(max_length=100), NoNul]

Right = Annotated[Written, StringConstraints(min_length=1)]
RefusedSays = Annotated[str, StringConstraints(max_length=200), NoNul]
MOST_ACCEPTED, MOST_REFUSED = 100, 30


class Refused(Model):
    """An answer that is to be expected and is not right, or not wholly."""

    text: Right
    says: RefusedSays = ""
    """What the student is told: "that is the low tide"."""
    percent: Annotated[int, Field(ge=0, le=99)] = 0
    """What it is worth of the points."""


class AnswerBox(FieldBase):
    kind: Literal["answer_box"] = "answer_box"
    lines: Lines = "one"
    signs: Signs = "none"
    """The signs that are offered to be pressed: they are on no keyboard."""
    placeholder: Placeholder = ""
    """Stands in it, pale, as long as it is empty: "write here"."""


class AnswerBoxKey(KeyBase):
    kind: Literal["answer_box"] = "answer_box"
    text: Right
    also: Annotated[tuple[Right, ...], Field(max_length=MOST_ACCEPTED)] = ()
    """What else counts as right."""
    refused: Annotated[tuple[Refused, ...], Field(max_length=MOST_REFUSED)] = ()
    """Stronger than slips and tolerances."""
    comparison: Comparison | None = None
    """By what answers are compared; None: it is guessed from each right one."""


class AnswerBoxPrompt(PromptBase):
    kind: Literal["answer_box"] = "answer_box"
    lines: Lines
    signs: Signs = "none"
    placeholder: Placeholder = ""


class AnswerBoxAnswer(AnswerBase):
    kind: Literal["answer_box"] = "answer_box"
    version: Literal[1] = 1
    text: Written


def _is_blank(answer: AnswerBoxAnswer) -> bool:
    return not answer.text.strip()


_LONG = Sentence("doubt.long", "The right answer is so long that only the same words count; all else waits for you.")


def _judge(field: AnswerBox, key: AnswerBoxKey, answer: AnswerBoxAnswer, settings: AnswerSettings) -> Mark:
    accepted = (key.text, *key.also)
    for refused in key.refused:
        if is_refused(answer.text, refused.text, accepted, key.comparison, settings.decimal):
            reason = reasons.expected(refused.says)
            return partly(Fraction(refused.percent, 100), reason) if refused.percent else wrong(reason)
    return compare_written(answer.text, accepted, key.comparison, settings.decimal)


def _key_from_text(field: AnswerBox, part: str, text: str, key: AnswerBoxKey | None) -> AnswerBoxKey | None:
    return AnswerBoxKey(text=text) if text.strip() else None


def _accepting(field: AnswerBox, part: str, key: AnswerBoxKey, answer: AnswerBoxAnswer) -> AnswerBoxKey | None:
    text = answer.text.strip()
    if not text or len(key.also) >= MOST_ACCEPTED:
        return None
    return key if text in (key.text, *key.also) else key.changed(also=(*key.also, text))


def _doubt(field: AnswerBox, key: AnswerBoxKey, settings: AnswerSettings) -> Sentence | None:
    for text in (key.text, *key.also):
        if len(text) > LONGEST:
            return _LONG
        if key.comparison is None and (values := unclear_dates(text)):
            filled: dict[str, Filling] = {"text": text, "values": either(values)}
            return Sentence("doubt.unclear", "{text} could be {values}.", filled)
    return None


def _alternatives(key: AnswerBoxKey) -> tuple[AnswerBoxKey, ...]:
    if not key.also:
        return (key,)
    return tuple(key.changed(text=text, also=()) for text in (key.text, *key.also))


def _steps(key: AnswerBoxKey, answer: AnswerBoxAnswer) -> int:
    texts = (key.text, *key.also, *(refused.text for refused in key.refused))
    return sum(steps_of_comparing(answer.text, text, key.comparison) for text in texts)


ANSWER_BOX = Kind(
    name="answer_box",
    label="Answer box",
    field=AnswerBox,
    key=AnswerBoxKey,
    prompt_type=AnswerBoxPrompt,
    answer=AnswerBoxAnswer,
    is_blank=_is_blank,
    judge=alone(_judge),
    key_from_text=_key_from_text,
    accepting=_accepting,
    smallest_target=lambda field: (field.box.width, field.box.height),
    doubt=_doubt,
    steps_of_reading=lambda answer: steps_of_reading(answer.text),
    steps_of_judging=_steps,
    in_any_order=InAnyOrder(
        alternatives=_alternatives,
        says_key=lambda key, settings: says(key.text, settings.decimal),
        says=lambda answer, settings: says(answer.text, settings.decimal),
    ),
    example=(
        AnswerBox(id="box1", page="page1", box=Box(x=72, y=90, width=120, height=22)),
        AnswerBoxKey(text="bladder wrack"),
        AnswerBoxAnswer(text="Bladder  wrack"),
    ),
)
