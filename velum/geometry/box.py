"""A rectangle on a page."""

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
