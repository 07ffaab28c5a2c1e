"""Tick places: spots laid over options that are printed on the page. The student ticks the paper itself."""

from typing import Annotated, Literal

from pydantic import AfterValidator, StringConstraints
from pydantic import Field as Limits

from velum.answers.options import picked_in
from velum.answers.picked import mark_picked
from velum.answers.settings import AnswerSettings
from velum.geometry.box import Box
from velum.geometry.share import Share, share
from velum.geometry.turn import Turn
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
from velum.model import Id, Model, NoNul, each_named_once


class Spot(Model):
    """A place to tick, as shares of the field's box; ``name`` says which printed option it is.

    ``id`` names it within its field: its place in line changes when another is taken away.
    """

    id: Id
    x: Share
    y: Share
    width: Annotated[float, Limits(gt=0, le=1)]
    height: Annotated[float, Limits(gt=0, le=1)]
    name: Annotated[str, StringConstraints(strip_whitespace=True, max_length=300), NoNul] = ""


Spots = Annotated[tuple[Spot, ...], Limits(min_length=1, max_length=MOST_OPTIONS), AfterValidator(each_named_once)]


class TickPlaces(FieldBase):
    kind: Literal["tick_places"] = "tick_places"
    spots: Spots
    several: bool = False
    part_marks: bool = True
    sign: Sign = "tick"

    def turned(self, page: str, by: Turn, width: float, height: float) -> "TickPlaces":
        """The spots turn with the box that they are shares of."""
        turned = super().turned(page, by, width, height)
        if not self.lies_on(page):
            return turned
        return turned.changed(spots=tuple(spot.changed(**_turned(spot, by)) for spot in self.spots))


def _turned(spot: Spot, by: Turn) -> dict[str, float]:
    match by:
        case 90:
            x, y = share(1 - spot.y - spot.height), spot.x
        case 180:
            x, y = share(1 - spot.x - spot.width), share(1 - spot.y - spot.height)
        case 270:
            x, y = spot.y, share(1 - spot.x - spot.width)
        case _:
            return {}
    width, height = (spot.width, spot.height) if by == 180 else (spot.height, spot.width)
    return {"x": x, "y": y, "width": width, "height": height}


class TickPlacesKey(TickedKey):
    kind: Literal["tick_places"] = "tick_places"


class TickPlacesPrompt(PromptBase):
    kind: Literal["tick_places"] = "tick_places"
    spots: Spots
    several: bool
    sign: Sign = "tick"


class TickPlacesAnswer(TickedAnswer):
    kind: Literal["tick_places"] = "tick_places"
    version: Literal[2] = 2


def _is_blank(answer: TickPlacesAnswer) -> bool:
    return not answer.picked


def _judge(field: TickPlaces, key: TickPlacesKey, answer: TickPlacesAnswer, settings: AnswerSettings) -> Mark:
    return mark_picked(
        answer.picked, key.picked, there=ids_of(field.spots), several=field.several, part_marks=field.part_marks
    )


def _key_from_text(field: TickPlaces, part: str, text: str, key: TickPlacesKey | None) -> TickPlacesKey | None:
    places = picked_in(text, [spot.name for spot in field.spots], several=field.several)
    return TickPlacesKey(picked=tuple(field.spots[place].id for place in places)) if places else None


def _smallest_target(field: TickPlaces) -> tuple[float, float]:
    width, height = field.box.width, field.box.height
    return min(spot.width for spot in field.spots) * width, min(spot.height for spot in field.spots) * height


def _with_ids(field: Json) -> Json:
    """Up to version 2 of a document spots were named by their places, and a turn could leave shares below nothing."""
    spots = [
        spot | {"id": id_of_place(place), "x": share(spot["x"]), "y": share(spot["y"])}
        for place, spot in enumerate(field["spots"])
    ]
    return field | {"spots": spots}


_FIRST = (id_of_place(0),)

TICK_PLACES = Kind(
    name="tick_places",
    label="Tick places",
    field=TickPlaces,
    key=TickPlacesKey,
    prompt_type=TickPlacesPrompt,
    answer=TickPlacesAnswer,
    is_blank=_is_blank,
    judge=alone(_judge),
    key_from_text=_key_from_text,
    smallest_target=_smallest_target,
    doubt=lambda field, key, settings: gone_options(key.picked, ids_of(field.spots)),
    check_answer=lambda field, answer: check_picked(answer.picked, ids_of(field.spots)),
    upgrades_of_field={2: _with_ids},
    upgrades_of_key={2: picks_by_id},
    upgrades_of_answer={1: lambda field, data: answer_by_id(data, ids_of(field.spots))},
    picks=True,
    example=(
        TickPlaces(
            id="ticks1",
            page="page1",
            box=Box(x=72, y=90, width=20, height=80),
            spots=(
                Spot(id=id_of_place(0), x=0, y=0, width=1, height=0.25, name="rises"),
                Spot(id=id_of_place(1), x=0, y=0.75, width=1, height=0.25, name="falls"),
            ),
        ),
        TickPlacesKey(picked=_FIRST),
        TickPlacesAnswer(picked=_FIRST),
    ),
)
