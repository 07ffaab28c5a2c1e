"""Answer box: a place on the page that a student types into."""

from collections.abc import Mapping
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from velum.answers import reasons
from velum.answers.compare import compare_written, steps_of_reading
from velum.answers.following import as_written, names_in, value_of, worked_out
from velum.answers.says import says
from velum.answers.settings import AnswerSettings
from velum.geometry.box import Box
from velum.kinds.kind import AnswerBase, FieldBase, FollowingOn, InAnyOrder, KeyBase, Kind, PromptBase, alone
from velum.kinds.written import Written, WrittenKey, doubt_of, judge_written, steps_of_judging
from velum.mark import Mark, Verdict, partly, right
from velum.model import Model, NoNul
from velum.sentence import Filling, Sentence

Lines = Literal["one", "several"]
Signs = Literal["none", "chemistry", "maths"]


Placeholder = Annotated[str, StringConstraints(max_length=100), NoNul]

Rule = Annotated[str, StringConstraints(min_length=1, max_length=200), NoNul]


class Follows(Model):
    """How the right answer is worked out from earlier answers: ``2 × {id}``, with the ids of answer boxes.

    With the right ones it is the key's; a student's own may be wrong, and what follows from them right.
    """

    rule: Rule
    percent: Annotated[int, Field(ge=1, le=100)] = 100
    """What an answer is worth that is right with the student's own earlier answers."""


class AnswerBox(FieldBase):
    kind: Literal["answer_box"] = "answer_box"
    lines: Lines = "one"
    signs: Signs = "none"
    """The signs that are offered to be pressed: they are on no keyboard."""
    placeholder: Placeholder = ""
    """Stands in it, pale, as long as it is empty: "write here"."""


class AnswerBoxKey(KeyBase, WrittenKey):
    kind: Literal["answer_box"] = "answer_box"
    follows: Follows | None = None


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


def _judge(field: AnswerBox, key: AnswerBoxKey, answer: AnswerBoxAnswer, settings: AnswerSettings) -> Mark:
    return judge_written(key, answer.text, settings, beside=field.name)


def _following(
    key: AnswerBoxKey, answer: AnswerBoxAnswer, earlier: Mapping[str, AnswerBase], settings: AnswerSettings
) -> Mark | None:
    """The mark by what follows from the student's own earlier answers; None: it does not follow."""
    assert key.follows is not None
    values = {
        name: value
        for name, given in earlier.items()
        if isinstance(given, AnswerBoxAnswer) and (value := value_of(given.text, settings.decimal)) is not None
    }
    value = worked_out(key.follows.rule, values, settings.decimal)
    if value is None:
        return None
    meant = as_written(value, key.text, settings.decimal)
    mark = compare_written(answer.text, (meant,), key.comparison, settings.decimal)
    if mark.verdict is not Verdict.RIGHT:
        return mark if mark.verdict is Verdict.TEACHER else None
    percent = key.follows.percent
    return right(reasons.FOLLOWING) if percent == 100 else partly(Fraction(percent, 100), reasons.FOLLOWING)


_GONE = Sentence("doubt.follows_gone", "What it follows from is no earlier question with a right answer.")
_NOT_WORKED_OUT = Sentence("doubt.follows_unclear", "What it follows from cannot be worked out.")


def worked_out_by_keys(follows: Follows, keys: Mapping[str, KeyBase], settings: AnswerSettings) -> Fraction | None:
    """What a right answer is that follows from those of other keys; None where that cannot be worked out."""
    values = {
        name: value
        for name in names_in(follows.rule)
        if isinstance(key := keys.get(name), AnswerBoxKey)
        and (value := value_of(key.text, settings.decimal)) is not None
    }
    return worked_out(follows.rule, values, settings.decimal)


def _doubt_of_following(key: AnswerBoxKey, keys: Mapping[str, KeyBase], settings: AnswerSettings) -> Sentence | None:
    if key.follows is None:
        return None
    names = names_in(key.follows.rule)
    if not names or any(name not in keys for name in names):
        return _GONE
    value = worked_out_by_keys(key.follows, keys, settings)
    if value is None:
        return _NOT_WORKED_OUT
    meant = as_written(value, key.text, settings.decimal)
    if compare_written(meant, (key.text,), key.comparison, settings.decimal).verdict is Verdict.WRONG:
        filled: dict[str, Filling] = {"text": key.text, "value": meant}
        return Sentence(
            "doubt.follows_differs", "The key says {text}, but by what it follows from it is {value}.", filled
        )
    return None


def _key_from_text(field: AnswerBox, part: str, text: str, key: AnswerBoxKey | None) -> AnswerBoxKey | None:
    return AnswerBoxKey(text=text) if text.strip() else None


def _alternatives(key: AnswerBoxKey) -> tuple[AnswerBoxKey, ...]:
    if not key.also:
        return (key,)
    return tuple(key.changed(text=text, also=()) for text in (key.text, *key.also))


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
    accepting=lambda field, part, key, answer: key.accepts(answer.text),
    smallest_target=lambda field: (field.box.width, field.box.height),
    doubt=lambda field, key, settings: doubt_of(key),
    steps_of_reading=lambda answer: steps_of_reading(answer.text),
    steps_of_judging=lambda key, answer: steps_of_judging(key, answer.text),
    following=FollowingOn(
        names=lambda key: names_in(key.follows.rule) if key.follows else (),
        mark=_following,
        doubt=_doubt_of_following,
    ),
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
