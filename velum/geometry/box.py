"""A rectangle on a page."""

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from velum.model import Model

Coordinate = Annotated[float, Field(ge=-20_000, le=20_000)]
Length = Annotated[float, Field(gt=0, le=20_000)]


class Box(Model):
    """A rectangle in points: ``x`` and ``y`` are its top left corner."""

    x: Coordinate
    y: Coordinate
    width: Length
    height: Length

    @property
    def bottom(self) -> float:
        return self.y + self.height


def around(boxes: Sequence[Box]) -> Box:
    """The smallest rectangle around several, of which there is at least one."""
    x, y = min(box.x for box in boxes), min(box.y for box in boxes)
    right, bottom = max(box.x + box.width for box in boxes), max(box.bottom for box in boxes)
    return Box(x=x, y=y, width=right - x, height=bottom - y)


def common_area(one: Box, other: Box) -> float:
    """The area that two rectangles have in common, in square points."""
    across = min(one.x + one.width, other.x + other.width) - max(one.x, other.x)
    down = min(one.bottom, other.bottom) - max(one.y, other.y)
    return max(0.0, across) * max(0.0, down)


def moved_box(box: Box, right: float, down: float) -> Box:
    """The box elsewhere, to a tenth of a point."""
    return box.changed(x=round(box.x + right, 1), y=round(box.y + down, 1))


def kept_inside(box: Box, width: float, height: float) -> Box:
    """The box on a page of this size: moved back onto it, and no larger than it."""
    size = {"width": min(box.width, width), "height": min(box.height, height)}
    x = min(max(box.x, 0.0), width - size["width"])
    y = min(max(box.y, 0.0), height - size["height"])
    return box.changed(x=x, y=y, **size)
