"""Choice: options to pick from, as bare letters or with words of their own."""

from typing import Annotated, Literal

from pydantic import AfterValidator, StringConstraints, model_validator
from pydantic import Field as Limits

from velum.answers.options import picked_in
from velum.answers.picked import mark_picked
from velum.answers.settings import AnswerSettings
from velum.geometry.box import Box
from velum.kinds.kind import FieldBase, Json, Kind, PromptBase, alone
from velum.kinds.picking import (
    MOST_OPTIONS,
    Sign,
    TickedAnswer,
    TickedKey,
    answer_by_id,
    check_picked,
    gone_options,
    id_of_place,
    ids_of,
    picks_by_id,
)
from velum.mark import Mark
from velum.model import Id, Model, NoNul, Sha256, each_named_once

OptionText = Annotated[str, StringConstraints(strip_whitespace=True, max_length=300), NoNul]


class Option(Model):
    """An option: a bare letter, words, or a picture, of which the words then say what it shows.

    ``id`` names it within its choice: its letter changes when another is taken away.
    """

    id: Id
    text: OptionText = ""
    picture: Sha256 | None = None

    @model_validator(mode="after")
    def _is_in_words(self) -> "Option":
        if self.picture and not self.text:
            raise ValueError("has a picture, and no words for those who do not see it")
        return self


Options = Annotated[tuple[Option, ...], Limits(min_length=2, max_length=MOST_OPTIONS), AfterValidator(each_named_once)]


def worded(*texts: str) -> tuple[Option, ...]:
    """Options of these words; an empty one is a bare letter."""
    return tuple(Option(id=id_of_place(place), text=text) for place, text in enumerate(texts))


Arrangement = Literal["row", "column", "list"]
"""Side by side, below each other, or in a list that opens."""


class Choice(FieldBase):
    kind: Literal["choice"] = "choice"
    options: Options
    several: bool = False
    arrangement: Arrangement = "row"
    part_marks: bool = True
    sign: Sign = "ring"


class ChoiceKey(TickedKey):
    kind: Literal["choice"] = "choice"


class ChoicePrompt(PromptBase):
    kind: Literal["choice"] = "choice"
    options: Options
    several: bool
    arrangement: Arrangement
    sign: Sign = "ring"


class ChoiceAnswer(TickedAnswer):
    kind: Literal["choice"] = "choice"
    version: Literal[2] = 2


def _is_blank(answer: ChoiceAnswer) -> bool:
    return not answer.picked


def _judge(field: Choice, key: ChoiceKey, answer: ChoiceAnswer, settings: AnswerSettings) -> Mark:
    return mark_picked(
        answer.picked, key.picked, there=ids_of(field.options), several=field.several, part_marks=field.part_marks
    )


def _key_from_text(field: Choice, part: str, text: str, key: ChoiceKey | None) -> ChoiceKey | None:
    places = picked_in(text, [option.text for option in field.options], several=field.several)
    return ChoiceKey(picked=tuple(field.options[place].id for place in places)) if places else None


def _smallest_target(field: Choice) -> tuple[float, float]:
    width, height = field.box.width, field.box.height
    match field.arrangement:
        case "row":
            return width / len(field.options), height
        case "column":
            return width, height / len(field.options)
        case _:
            return width, height


def _with_pictures(field: Json) -> Json:
    """In version 1 of a document the options were their words alone."""
    return field | {"options": [{"text": text} for text in field["options"]]}


def _with_ids(field: Json) -> Json:
    """Up to version 2 the options were named by their places."""
    options = [option | {"id": id_of_place(place)} for place, option in enumerate(field["options"])]
    return field | {"options": options}


_RIGHT = (id_of_place(0),)

CHOICE = Kind(
    name="choice",
    label="Choice",
    field=Choice,
    key=ChoiceKey,
    prompt_type=ChoicePrompt,
    answer=ChoiceAnswer,
    is_blank=_is_blank,
    judge=alone(_judge),
    key_from_text=_key_from_text,
    smallest_target=_smallest_target,
    doubt=lambda field, key, settings: gone_options(key.picked, ids_of(field.options)),
    check_answer=lambda field, answer: check_picked(answer.picked, ids_of(field.options)),
    upgrades_of_field={1: _with_pictures, 2: _with_ids},
    upgrades_of_key={2: picks_by_id},
    upgrades_of_answer={1: lambda field, data: answer_by_id(data, ids_of(field.options))},
    pictures=lambda field: (option.picture for option in field.options if option.picture),
    picks=True,
    example=(
        Choice(
            id="choice1",
            page="page1",
            box=Box(x=72, y=90, width=120, height=24),
            options=worded("low shore", "splash zone", ""),
        ),
        ChoiceKey(picked=_RIGHT),
        ChoiceAnswer(picked=_RIGHT),
    ),
)
