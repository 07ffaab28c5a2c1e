"""A page of a worksheet: which page of which file it is, and how it is shown."""

from typing import Annotated

from pydantic import Field as Limits

from velum.geometry.box import Box, Length
from velum.geometry.projection import Corners
from velum.geometry.turn import Turn
from velum.model import Id, Model, Sha256
from velum.paper.look import Flat, Look

MOST_REFUSED = 1_000
_ALL = 0.95
"""The share of a page from which on a box covers it."""


class Shown(Model):
    """What part of a file's page is shown, and how, before it is turned; width and height in points."""

    width: Length
    height: Length
    whiten: bool = False
    corners: Corners | None = None


class Page(Model):
    """A page as shown: which page of which file it is (``number`` counts from 0), how it is shown, and the size in
    points that it then has.
    """

    id: Id
    source: Sha256
    number: Annotated[int, Limits(ge=0)]
    width: Length
    height: Length
    turn: Turn = 0
    whiten: bool = False
    """Whether shadows and grey paper are made white."""
    corners: Corners | None = None
    """Where the page's corners lie on the file's page, before it is turned; None: it is the whole page as it is."""
    refused: Annotated[tuple[Box, ...], Limits(max_length=MOST_REFUSED)] = ()
    """Where on the file's page something was found that the teacher did not want: it is not offered again."""

    @property
    def look(self) -> Look:
        """How the file's page is shown."""
        width, height = self.unturned
        flat = Flat(corners=self.corners, width=width, height=height) if self.corners else None
        return Look(turn=self.turn, whiten=self.whiten, flat=flat)

    def is_covered_by(self, box: Box) -> bool:
        """Whether a box covers the page, and so lies over all else on purpose, such as ink over a whole page."""
        return box.width * box.height >= _ALL * self.width * self.height

    @property
    def unturned(self) -> tuple[float, float]:
        """Width and height before the page is turned, in points."""
        return (self.width, self.height) if self.turn in (0, 180) else (self.height, self.width)
