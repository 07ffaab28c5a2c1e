"""What would make a scan or a photo of a page better, as a proposal."""

import math

import numpy as np
from PIL import Image

from velum.geometry.projection import Corners, Point
from velum.geometry.turn import Turn
from velum.model import Model
from velum.paper.corners import find_corners, find_skew
from velum.paper.look import Flat, Look
from velum.paper.ocr import which_way_up
from velum.paper.page_size import PageSize
from velum.paper.picture import turned
from velum.paper.read import SourcePage
from velum.paper.render import draw
from velum.paper.sheet_size import sheet_size
from velum.paper.whiten import paper_light

_LOOKED_AT = 1_600
"""The longer side, in pixels, at which a page is looked at."""

_HAIR = 0.004
"""The share of the way to the middle that corners are drawn in: half a millimetre of A4."""

_READ_AT = 2_000
"""Pixels across at which it is told which way print stands."""

_LEAST_SKEW = 0.25
"""Degrees that nobody sees: a line across A4 then rises by less than a millimetre."""

_DIM, _UNEVEN = 225, 0.88
"""Paper that is darker than this (of 255), or whose darkest part has less than this share of the lightest's light."""


class Proposal(Model):
    """How a page would be better shown: as ``Shown`` in the document, with the turn beside it."""

    corners: Corners | None
    width: float
    height: float
    whiten: bool
    turn: Turn
    skew: float
    """Degrees by which it lies askew; 0 for a photo, which is flattened instead."""

    @property
    def needed(self) -> bool:
        return self.corners is not None or self.whiten or self.turn != 0


def propose(page: SourcePage) -> Proposal:
    """A proposal for a page that is a picture. Raises PaperRefused when it cannot be drawn."""
    size = page.size
    picture = page.draw(_LOOKED_AT / max(size.width, size.height))
    scale = picture.width / size.width
    corners, skew = find_corners(picture), 0.0
    if corners:
        corners = drawn_in(_scaled(corners, 1 / scale))
        size = sheet_size(corners, page.size, page.lens)
        flat = Flat(corners=corners, width=size.width, height=size.height)
        turn = which_way_up(draw(page, _READ_AT, Look(whiten=True, flat=flat)), _READ_AT / size.width)
    else:
        turn = which_way_up(picture, scale)
        skew = find_skew(turned(picture, turn))
        if abs(skew) >= _LEAST_SKEW:
            corners = askew(page.size, skew)
    whiten = _is_dim(picture, corners, scale)
    return Proposal(corners=corners, width=size.width, height=size.height, whiten=whiten, turn=turn, skew=skew)


def drawn_in(corners: Corners) -> Corners:
    """Corners a hair inside of those found, so that nothing of the desk is seen along the edges."""
    x, y = sum(point.x for point in corners) / 4, sum(point.y for point in corners) / 4
    one, two, three, four = (
        Point(x=point.x + _HAIR * (x - point.x), y=point.y + _HAIR * (y - point.y)).rounded() for point in corners
    )
    return one, two, three, four


def askew(page: PageSize, degrees: float) -> Corners:
    """Where the corners of a page lie that has fallen to the right by so many degrees, about its middle."""
    c, s = math.cos(math.radians(degrees)), math.sin(math.radians(degrees))
    x, y = page.width / 2, page.height / 2

    def corner(across: int, down: int) -> Point:
        return Point(x=x + across * x * c - down * y * s, y=y + across * x * s + down * y * c).rounded()

    return corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)


def _scaled(corners: Corners, by: float) -> Corners:
    one, two, three, four = (Point(x=point.x * by, y=point.y * by).rounded() for point in corners)
    return one, two, three, four


def _is_dim(picture: Image.Image, corners: Corners | None, scale: float) -> bool:
    if corners:
        xs, ys = [point.x * scale for point in corners], [point.y * scale for point in corners]
        # The middle of the sheet, without what lies around it.
        left, right = sorted(xs)[1], sorted(xs)[2]
        top, bottom = sorted(ys)[1], sorted(ys)[2]
        if right - left > 50 and bottom - top > 50:
            picture = picture.crop((round(left), round(top), round(right), round(bottom)))
    light = paper_light(np.asarray(picture)).max(axis=2)
    darkest, lightest = np.percentile(light, (4, 96))
    return bool(np.median(light) < _DIM or darkest < _UNEVEN * lightest)
