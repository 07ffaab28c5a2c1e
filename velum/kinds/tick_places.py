"""Tick places: spots laid over options that are printed on the page. The student ticks the paper itself."""

from typing import Annotated, Literal

from pydantic import Field as Limits
from pydantic import StringConstraints

from velum.answers.number import DecimalSign
from velum.answers.options import picked_in
from velum.geometry.box import Box
from velum.geometry.turn import Turn
from velum.kinds.kind import FieldBase, Kind, PromptBase, TickedAnswer, TickedKey, gone_options
from velum.marking.mark import Mark
from velum.marking.picked import mark_picked
from velum.model import Model

MOST_SPOTS = 26
Share = Annotated[float, Limits(ge=0, le=1)]


class Spot(Model):
    """A place to tick, as shares of the field's box; ``name`` says which printed option it is."""

    x: Share
    y: Share
    width: Annotated[float, Limits(gt=0, le=1)]
    height: Annotated[float, Limits(gt=0, le=1)]
    name: Annotated[str, StringConstraints(strip_whitespace=True, max_length=300)] = ""


Spots = Annotated[tuple[Spot, ...], Limits(min_length=1, max_length=MOST_SPOTS)]


class TickPlaces(FieldBase):
    kind: Literal["tick_places"] = "tick_places"
    spots: Spots
    several: bool = False
    part_marks: bool = True

    def turned(self, by: Turn, width: float, height: float) -> "TickPlaces":
        """The spots turn with the box that they are shares of."""
        spots = tuple(spot.model_copy(update=_turned(spot, by)) for spot in self.spots)
        box = super().turned(by, width, height).box
        return self.model_copy(update={"box": box, "spots": spots})


def _turned(spot: Spot, by: Turn) -> dict[str, float]:
    match by:
        case 90:
            return {"x": 1 - spot.y - spot.height, "y": spot.x, "width": spot.height, "height": spot.width}
        case 180:
            return {"x": 1 - spot.x - spot.width, "y": 1 - spot.y - spot.height}
        case 270:
            return {"x": spot.y, "y": 1 - spot.x - spot.width, "width": spot.height, "height": spot.width}
        case _:
            return {}


class TickPlacesKey(TickedKey):
    kind: Literal["tick_places"] = "tick_places"


class TickPlacesPrompt(PromptBase):
    kind: Literal["tick_places"] = "tick_places"
    spots: Spots
    several: bool


class TickPlacesAnswer(TickedAnswer):
    kind: Literal["tick_places"] = "tick_places"


def _prompt(field: TickPlaces) -> TickPlacesPrompt:
    return TickPlacesPrompt(
        id=field.id,
        page=field.page,
        box=field.box,
        points=field.points,
        name=field.name,
        spots=field.spots,
        several=field.several,
    )


def _is_blank(answer: TickPlacesAnswer) -> bool:
    return not answer.picked


def _compare(field: TickPlaces, key: TickPlacesKey, answer: TickPlacesAnswer, decimal: DecimalSign) -> Mark:
    return mark_picked(
        answer.picked, key.picked, options=len(field.spots), several=field.several, part_marks=field.part_marks
    )


def _key_from_text(field: TickPlaces, text: str) -> TickPlacesKey | None:
    picked = picked_in(text, [spot.name for spot in field.spots], several=field.several)
    return TickPlacesKey(picked=picked) if picked else None


def _smallest_target(field: TickPlaces) -> tuple[float, float]:
    width, height = field.box.width, field.box.height
    return min(spot.width for spot in field.spots) * width, min(spot.height for spot in field.spots) * height


TICK_PLACES = Kind(
    name="tick_places",
    label="Tick places",
    field=TickPlaces,
    key=TickPlacesKey,
    prompt_type=TickPlacesPrompt,
    answer=TickPlacesAnswer,
    prompt=_prompt,
    is_blank=_is_blank,
    compare=_compare,
    key_from_text=_key_from_text,
    smallest_target=_smallest_target,
    doubt=lambda field, key, decimal: gone_options(key.picked, len(field.spots)),
    picks=True,
    example=(
        TickPlaces(
            id="ticks1",
            page="page1",
            box=Box(x=72, y=90, width=20, height=80),
            spots=(
                Spot(x=0, y=0, width=1, height=0.25, name="rises"),
                Spot(x=0, y=0.75, width=1, height=0.25, name="falls"),
            ),
        ),
        TickPlacesKey(picked=(0,)),
        TickPlacesAnswer(picked=(0,)),
    ),
)
