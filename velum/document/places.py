"""The same place on a page as shown and on the page of its file, both in points."""

from velum.document.page import Page
from velum.geometry.box import Box
from velum.geometry.projection import Point, Projection, onto
from velum.geometry.turn import back, turned_box

_UNMOVED = Projection(((1, 0, 0), (0, 1, 0), (0, 0, 1)))
_DOT = 0.01


def onto_source(page: Page) -> Projection:
    """The map from the page before it is turned to the page of its file."""
    return onto(page.corners, *page.unturned) if page.corners else _UNMOVED


def to_source(page: Page, point: Point) -> Point:
    """Where a point of the page as shown lies on the page of its file."""
    dot = Box(x=point.x, y=point.y, width=_DOT, height=_DOT)
    upright = turned_box(dot, back(page.turn), page.width, page.height)
    return onto_source(page)(Point(x=upright.x, y=upright.y))


def source_box(page: Page, box: Box) -> Box:
    """The box on the page of its file around what a box of the page as shown shows."""
    upright = turned_box(box, back(page.turn), page.width, page.height)
    seen = onto_source(page).box(upright)
    return Box(x=round(seen.x, 1), y=round(seen.y, 1), width=round(seen.width, 1), height=round(seen.height, 1))


def from_source(page: Page, point: Point) -> Point:
    """Where a point of the file's page is seen on the page as shown, or would be, beyond its edges."""
    seen = shown_box(page, Box(x=point.x, y=point.y, width=_DOT, height=_DOT))
    return Point(x=seen.x, y=seen.y)


def shown_box(page: Page, box: Box) -> Box:
    """Where something of the file's page is seen on the page as shown, or would be, beyond its edges."""
    upright = onto_source(page).inverse().box(box)
    return turned_box(upright, page.turn, *page.unturned)
