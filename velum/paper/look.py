"""How a page of a file is shown: which part of it, flattened, whitened, turned.

A look has a short name, which stands in the addresses of pictures: a browser may keep what it got under one.
"""

import re

from pydantic import ValidationError

from velum.errors import VelumError
from velum.geometry.box import Length
from velum.geometry.projection import Corners, Point, is_sheet
from velum.geometry.turn import Turn
from velum.model import Model
from velum.paper.page_size import SMALLEST_SIDE


class LookRefused(VelumError):
    """A way of showing a page that there is not."""


class Flat(Model):
    """A sheet made flat: where its corners lie on the page of the file, and how large it is then, in points."""

    corners: Corners
    width: Length
    height: Length


class Look(Model):
    """First made flat (None: the page as it is), then whitened, then turned clockwise."""

    turn: Turn = 0
    whiten: bool = False
    flat: Flat | None = None

    def __str__(self) -> str:
        """The look's name, such as ``90w.123_45_600_45_600_300_123_300.4770x2550``: lengths in tenths of a point."""
        name = f"{self.turn}{'w' if self.whiten else ''}"
        if self.flat is None:
            return name
        corners = "_".join(f"{_tenths(value)}" for point in self.flat.corners for value in (point.x, point.y))
        return f"{name}.{corners}.{_tenths(self.flat.width)}x{_tenths(self.flat.height)}"


AS_IT_IS = Look()

_NAME = re.compile(
    r"(?P<turn>0|90|180|270)(?P<whiten>w?)"
    r"(\.(?P<corners>-?\d{1,6}(_-?\d{1,6}){7})\.(?P<width>\d{1,6})x(?P<height>\d{1,6}))?",
    re.ASCII,
)


def read_look(name: str) -> Look:
    """The look of that name. Raises LookRefused."""
    match = _NAME.fullmatch(name)
    if match is None:
        raise LookRefused("look.unknown", "A page cannot be shown like this.")
    turn: Turn = int(match["turn"])  # type: ignore[assignment]  # the pattern allows no other
    flat = _read_flat(match["corners"], match["width"], match["height"]) if match["corners"] else None
    return Look(turn=turn, whiten=bool(match["whiten"]), flat=flat)


def _read_flat(corners: str, width: str, height: str) -> Flat:
    values = [int(value) / 10 for value in corners.split("_")]
    try:
        one, two, three, four = (Point(x=x, y=y) for x, y in zip(values[::2], values[1::2], strict=True))
        return checked(Flat(corners=(one, two, three, four), width=int(width) / 10, height=int(height) / 10))
    except ValidationError as problem:
        raise LookRefused("look.corners", "These corners are not those of a sheet of paper.") from problem


def checked(flat: Flat) -> Flat:
    """The same, if it can be the sheet of a page. Raises LookRefused."""
    if min(flat.width, flat.height) < SMALLEST_SIDE or not is_sheet(flat.corners, SMALLEST_SIDE):
        raise LookRefused("look.corners", "These corners are not those of a sheet of paper.")
    return flat


def _tenths(value: float) -> int:
    return int(value * 10 + 0.5) if value >= 0 else -int(0.5 - value * 10)
