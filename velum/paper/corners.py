"""The corners of a sheet of paper in a photo.

A sheet is the largest shape of four sides that stands out from what it lies on; one of the four may be cut off by the
rim of the photo. Where its sides are found roughly, each is found again finely.
"""

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PIL import Image

from velum.geometry.projection import Corners, Point, is_sheet
from velum.paper.outlines import Outline, outlines
from velum.paper.side import Line, Pixels, Place, meet
from velum.paper.standing_out import best_of

_SEEN = 700
"""The longer side, in pixels, at which shapes are looked for."""

_REACH = 0.007
"""How far from where it is roughly seen a side may lie, as a share of the photo's longer side."""


@dataclass(frozen=True)
class SeenSheet:
    """Where the corners of a sheet lie in a photo, in pixels.

    ``cut``: which of its sides the rim of the photo cuts off, counted clockwise from the one above (0). Its corners
    are where the sides beside it leave the photo.
    """

    corners: Corners
    cut: int | None = None


def find_sheet(picture: Image.Image) -> SeenSheet | None:
    """The sheet in a photo; None when there is none, or when it fills the whole photo."""
    small = picture.copy()
    small.thumbnail((_SEEN, _SEEN), Image.Resampling.BOX)
    pixels = np.asarray(small)
    rough = best_of(pixels, outlines(pixels))
    if rough is None:
        return None
    fine = _finely(np.asarray(picture.convert("L")), rough.scaled(picture.width / small.width))
    points = [Point(x=round(x + 0.5, 2), y=round(y + 0.5, 2)) for x, y in fine.tolist()]
    corners = (points[0], points[1], points[2], points[3])
    cut = next((number for number, side in enumerate(rough.sides) if side is None), None)
    return SeenSheet(corners, cut) if is_sheet(corners, min(picture.size) / 10) else None


def _finely(grey: Pixels, rough: Outline) -> NDArray[Any]:
    """The corners where the sides meet, or leave the photo: (4, 2) pixels."""
    reach = _REACH * max(grey.shape)
    sides = [side and side.refined(grey, reach) for side in rough.sides]
    corners = rough.corners
    for number in range(4):
        before, after = sides[number - 1], sides[number]
        if before is None:
            assert after is not None
            met = _leaves(after.begins(), corners[number], grey)
        elif after is None:
            met = _leaves(before.ends(), corners[number], grey)
        else:
            met = meet(before.ends(), after.begins())
        if met is not None and np.hypot(*(met - corners[number])) < 4 * reach:
            corners[number] = met
    return corners


def _leaves(line: Line, near: Place, grey: Pixels) -> Place | None:
    """Where a line leaves the photo near a place."""
    height, width = grey.shape
    rims = [(np.array([x, 0.0]), np.array([0.0, 1.0])) for x in (-0.5, width - 0.5)]
    rims += [(np.array([0.0, y]), np.array([1.0, 0.0])) for y in (-0.5, height - 0.5)]
    met = [place for place in (meet(line, rim) for rim in rims) if place is not None]
    return min(met, key=lambda place: float(np.hypot(*(place - near))), default=None)
