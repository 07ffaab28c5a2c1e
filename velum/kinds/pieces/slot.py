"""Where pieces belong."""

from typing import Annotated, Literal

from pydantic import Field as Limits

from velum.geometry.box import Box
from velum.geometry.share import Share
from velum.kinds.part import Name
from velum.model import Id, Model

MOST_SLOTS = 200


class Slot(Model):
    """A place for pieces on a page: exactly one, up to ``most``, or any number (None).

    In a ``loose`` slot pieces lie where they are put down, and may have places of their own; else they stand in a row.
    ``overlap``: what two others have in common, as in a diagram of circles; it is where both are.
    """

    id: Id
    page: Id
    box: Box
    name: Name = ""
    """What is printed there, for those who do not see it."""
    shape: Literal["box", "ellipse"] = "box"
    most: Annotated[int, Limits(ge=1, le=100)] | None = 1
    loose: bool = False
    where_counts: bool = False
    """Whether it counts too where in a loose slot a piece lies: its key then has regions."""
    shown: bool = True
    """Whether its rim is seen."""
    counts: bool = False
    """Whether it shows how many pieces it holds."""
    overlap: tuple[Id, Id] | None = None


class Region(Model):
    """A part of a loose slot, in shares of it."""

    x: Share
    y: Share
    width: Share
    height: Share
    shape: Literal["box", "ellipse"] = "box"

    def holds(self, x: float, y: float) -> bool:
        """Whether a point of the slot, in shares of it, lies in this part."""
        across, down = x - self.x, y - self.y
        if not (0 <= across <= self.width and 0 <= down <= self.height):
            return False
        if self.shape == "box" or not self.width or not self.height:
            return True
        return (2 * across / self.width - 1) ** 2 + (2 * down / self.height - 1) ** 2 <= 1
