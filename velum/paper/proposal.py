"""What would make a scan or a photo of a page better, as a proposal."""

import math

import cv2
from PIL import Image

from velum.geometry.projection import Corners, Point, is_sheet
from velum.geometry.turn import Turn
from velum.model import Model
from velum.paper.corners import find_sheet
from velum.paper.cut_off import completed
from velum.paper.flatten import flattened
from velum.paper.look import Flat, Look
from velum.paper.ocr import which_way_up
from velum.paper.page_size import PageSize
from velum.paper.picture import turned
from velum.paper.plain_paper import plain_paper
from velum.paper.read import SourcePage
from velum.paper.render import draw
from velum.paper.sheet_size import PHONE, sheet_size
from velum.paper.skew import find_skew

_LOOKED_AT = 1_600
"""The longer side, in pixels, at which a page is looked at."""

_HAIR = 0.004
"""The share of the way to the middle that corners are drawn in: half a millimetre of A4."""

_READ_AT = 2_000
"""Pixels across at which it is told which way print stands."""

_PLAINLY = 0.8
"""Pixels a point at which it is told whether something is paper."""

_LEAST_SKEW = 0.25
"""Degrees that nobody sees: a line across A4 then rises by less than a millimetre."""


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
    picture = page.draw(_LOOKED_AT / max(page.size.width, page.size.height))
    scale = picture.width / page.size.width
    flat = _flat(picture, scale, page)
    if flat:
        shown = draw(page, _READ_AT, Look(whiten=True, flat=flat))
        turn, skew = which_way_up(shown, _READ_AT / flat.width), 0.0
        whiten = plain_paper(_flattened(picture, flat, scale)).is_dim
        corners: Corners | None = flat.corners
    else:
        turn, paper = which_way_up(picture, scale), plain_paper(picture)
        skew = find_skew(turned(picture, turn)) if paper.is_printed else 0.0
        whiten = paper.is_printed and paper.is_dim
        corners = askew(page.size, skew) if abs(skew) >= _LEAST_SKEW else None
    width, height = (flat.width, flat.height) if flat else (page.size.width, page.size.height)
    return Proposal(corners=corners, width=width, height=height, whiten=whiten, turn=turn, skew=skew)


def _flat(picture: Image.Image, scale: float, page: SourcePage) -> Flat | None:
    """The sheet that a photo of ``scale`` pixels a point shows, if it shows one that is of paper."""
    sheet = find_sheet(picture)
    if sheet is None:
        return None
    corners, lens = _scaled(sheet.corners, 1 / scale), page.lens
    if sheet.cut is not None:
        lens = lens or PHONE
        corners = completed(corners, sheet.cut, page.size, lens)
        if not is_sheet(corners, min(page.size.width, page.size.height) / 10):
            return None
    corners = drawn_in(corners)
    size = sheet_size(corners, page.size, lens)
    flat = Flat(corners=corners, width=size.width, height=size.height)
    return flat if plain_paper(_flattened(picture, flat, scale)).is_sheet else None


def _flattened(picture: Image.Image, flat: Flat, scale: float) -> Image.Image:
    corners = [(point.x * scale, point.y * scale) for point in flat.corners]
    # White beyond the photo would be taken for the lightest paper.
    return flattened(picture, corners, flat, _PLAINLY, beyond=cv2.BORDER_REPLICATE)


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
