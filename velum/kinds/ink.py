"""Ink: what students write and draw by hand, in an area or over a whole page. It waits for the teacher.

Strokes are kept as SVG paths (https://www.w3.org/TR/SVG2/paths.html) in tenths of a point of their page, the first
point as it is and each other one by its way from the one before: ``m1021 3010l3 4-2 5``.
"""

import re
from collections.abc import Mapping
from typing import Annotated, Literal

from pydantic import AfterValidator, StringConstraints
from pydantic import Field as Limits

from velum.geometry.box import Box
from velum.kinds.kind import AnswerBase, AnswerRefused, Entries, FieldBase, KeyBase, Kind, PromptBase
from velum.model import Id, Model, NoNul

MOST_STROKES = 3_000
LONGEST_PATH = 8_000
"""Letters of a path: some 2,000 points. A longer stroke is kept in several."""

_PATH = re.compile(r"m-?\d{1,5}(?: |(?=-))-?\d{1,5}(?:l-?\d{1,5}(?:(?: |(?=-))-?\d{1,5})*)?")
_NUMBER = re.compile(r"-?\d+")

InkColour = Literal["ink", "blue", "orange", "green"]
"""Colours that are told apart with every kind of colour blindness (M. Okabe and K. Ito, 2008)."""


def _is_path(path: str) -> str:
    if path and (not _PATH.fullmatch(path) or len(_NUMBER.findall(path)) % 2):
        raise ValueError("is not a path of whole tenths of points")
    return path


Path = Annotated[str, StringConstraints(max_length=LONGEST_PATH), AfterValidator(_is_path)]


def points_of(path: str) -> list[tuple[float, float]]:
    """Where a path goes, in points of its page."""
    numbers = [int(number) for number in _NUMBER.findall(path)]
    x = y = 0
    points = []
    for right, down in zip(numbers[::2], numbers[1::2], strict=True):
        x, y = x + right, y + down
        points.append((x / 10, y / 10))
    return points


class Ink(FieldBase):
    kind: Literal["ink"] = "ink"
    whole_page: bool = False
    """Whether it lies over all of its page, and over what else is answered there."""


class InkPrompt(PromptBase):
    kind: Literal["ink"] = "ink"
    whole_page: bool


class Stroke(AnswerBase):
    """A stroke, or a note that is typed where its path begins. Neither a path nor words: it was taken away."""

    kind: Literal["ink"] = "ink"
    version: Literal[1] = 1
    tool: Literal["pen", "highlighter", "note"] = "pen"
    colour: InkColour = "ink"
    width: Annotated[float, Limits(ge=0.5, le=40)] = 1.5
    """Points; of a note, the size of its letters."""
    path: Path = ""
    pressure: Annotated[str, StringConstraints(max_length=LONGEST_PATH, pattern=r"^[0-9]*$")] = ""
    """A digit for each point of the path, from 0 to 9; empty: the device does not tell."""
    text: Annotated[str, StringConstraints(max_length=1_000), NoNul] = ""


class Drawn(Model):
    """A stroke and its name."""

    id: Id
    stroke: Stroke


class InkAnswer(AnswerBase):
    kind: Literal["ink"] = "ink"
    version: Literal[1] = 1
    strokes: Annotated[tuple[Drawn, ...], Limits(max_length=MOST_STROKES)] = ()
    """The lowest first."""


def _is_there(stroke: Stroke) -> bool:
    return bool(stroke.path) and (stroke.tool != "note" or bool(stroke.text.strip()))


def _together(field: Ink, entries: Mapping[str, Stroke]) -> InkAnswer:
    return InkAnswer(
        strokes=tuple(Drawn(id=name, stroke=stroke) for name, stroke in entries.items() if _is_there(stroke))
    )


def _check(field: Ink, name: str, stroke: Stroke) -> None:
    if not re.fullmatch(r"[a-z0-9]{4,32}", name):
        raise AnswerRefused("answer.no_stroke", "This stroke has no name. What was saved before is kept.")


INK: Kind[Ink, KeyBase, InkPrompt, InkAnswer] = Kind(
    name="ink",
    label="Ink",
    field=Ink,
    key=None,
    prompt_type=InkPrompt,
    answer=InkAnswer,
    is_blank=lambda answer: not answer.strokes,
    smallest_target=lambda field: (field.box.width, field.box.height),
    steps_of_reading=lambda answer: 1 + len(answer.strokes),
    entries=Entries(
        entry=Stroke,
        together=_together,
        apart=lambda answer: {drawn.id: drawn.stroke for drawn in answer.strokes},
        most=MOST_STROKES,
        check=_check,
    ),
    example=(
        Ink(id="sketch01", page="page1", box=Box(x=72, y=400, width=300, height=160)),
        None,
        InkAnswer(
            strokes=(
                Drawn(id="stroke01", stroke=Stroke(path="m1021 4210l30 4-2 5", pressure="479")),
                Drawn(id="note01", stroke=Stroke(tool="note", path="m1200 4400", width=12, text="the wave")),
            )
        ),
    ),
)
