"""How large the sheet of paper is whose corners a photo shows.

The proportion is that of Z. Zhang and L. He, Whiteboard scanning and image enhancement (2004), section 3: four corners
of a rectangle, seen through a lens whose middle is the photo's, tell the proportion of its sides. Close to a common
paper it is that paper.
"""

import math

from velum.geometry.projection import Corners, distance
from velum.paper.page_size import PageSize
from velum.paper.picture import A4

_PAPERS = (A4, (612.0, 792.0))
"""Points: ISO 216 A4 (whose proportion all A papers share) and Letter (ANSI/ASME Y14.1)."""

_COMMON = 0.06
"""A sheet whose proportion is this close to that of a common paper is one."""

_CLOSE = 0.04
"""Corners that are this close to a page's own, as a share of its sides, are those of the page."""

PHONE = 0.76
"""The focal length of most phones' cameras, as a share of the photo's longer side: 26 mm where film has 36."""

_LENSES = (0.55, 3.0)
"""The focal lengths of cameras with which people photograph paper."""

_TOLD = 0.03
"""How far both pairs of a sheet's sides must run together for its photo to tell the lens that took it: the focal length
is found from the product of both, and where one pair is nearly parallel, a pixel more or less makes any lens of it.
"""


def sheet_size(corners: Corners, page: PageSize, lens: float | None = None) -> PageSize:
    """The size in points of the sheet whose corners lie here on a page.

    ``lens`` is the focal length that the camera noted, as a share of the photo's longer side. A sheet that takes the
    whole page, askew perhaps, is as large as the page.
    """
    one, two, three, four = corners
    across = (distance(one, two) / page.width, distance(four, three) / page.width)
    down = (distance(one, four) / page.height, distance(two, three) / page.height)
    if all(abs(share - 1) < _CLOSE for share in (*across, *down)):
        return page
    proportion = _proportion(corners, page, lens)
    papers = [paper for short, long in _PAPERS for paper in ((short, long), (long, short))]
    width, height = min(papers, key=lambda paper: abs(proportion / (paper[0] / paper[1]) - 1))
    if abs(proportion / (width / height) - 1) < _COMMON:
        return PageSize(width, height)
    # Another paper: as long as A4 is.
    long = A4[1]
    width, height = (long, long / proportion) if proportion > 1 else (long * proportion, long)
    return PageSize(round(width, 1), round(height, 1))


def _proportion(corners: Corners, page: PageSize, lens: float | None) -> float:
    """Width to height."""
    longer = max(page.width, page.height)
    one, two, four, three = (
        ((point.x - page.width / 2) / longer, (point.y - page.height / 2) / longer, 1.0) for point in corners
    )
    try:
        k2 = _dot(_cross(one, four), three) / _dot(_cross(two, four), three)
        k3 = _dot(_cross(one, four), two) / _dot(_cross(three, four), two)
    except ZeroDivisionError:
        return _by_edges(corners)
    across = [k2 * b - a for a, b in zip(one, two, strict=True)]
    down = [k3 * b - a for a, b in zip(one, three, strict=True)]
    focus = lens or _told(across, down) or PHONE
    square = (across[0] ** 2 + across[1] ** 2 + (focus * across[2]) ** 2) / (
        down[0] ** 2 + down[1] ** 2 + (focus * down[2]) ** 2
    )
    return math.sqrt(square)


def _told(across: list[float], down: list[float]) -> float | None:
    """The focal length that the sides of a sheet tell, when its slant is such that they do."""
    if min(abs(across[2]), abs(down[2])) < _TOLD:
        return None
    square = -(across[0] * down[0] + across[1] * down[1]) / (across[2] * down[2])
    return math.sqrt(square) if _LENSES[0] ** 2 < square < _LENSES[1] ** 2 else None


def _by_edges(corners: Corners) -> float:
    one, two, three, four = corners
    return (distance(one, two) + distance(four, three)) / (distance(one, four) + distance(two, three))


Vector = tuple[float, float, float]


def _cross(a: Vector, b: Vector) -> Vector:
    return (a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0])


def _dot(a: Vector, b: Vector) -> float:
    return a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
