"""A page shown flattened, or whitened, or as it is in its file again; what lies on it goes along."""

from collections.abc import Iterable
from typing import TypeVar

from velum.document.document import Document
from velum.document.page import Page, Shown
from velum.document.places import from_source, to_source
from velum.fixtures import Fixture
from velum.geometry.box import Box, kept_inside, moved_box
from velum.geometry.projection import Corners, Point
from velum.kinds import Field
from velum.model import Model
from velum.paper.look import Flat, checked
from velum.paper.page_size import PageSize
from velum.paper.sheet_size import sheet_size
from velum.placed import Placed

P = TypeVar("P", bound=Placed)


class Straightened(Model):
    """How a page is to be shown, and what then lies elsewhere on it."""

    shown: Shown
    fields: tuple[Field, ...]
    fixtures: tuple[Fixture, ...]


def straightened(
    document: Document, page: Page, corners: Corners | None, whiten: bool, source: PageSize
) -> Straightened:
    """Show the sheet between these corners of the file's page, whose size is ``source``; None: the whole page.

    What lies on it keeps its size and lies where the same place of the paper is seen then. Raises LookRefused.
    """
    if corners:
        checked(Flat(corners=corners, width=source.width, height=source.height))
    size = sheet_size(corners, source) if corners else source
    shown = Shown(width=size.width, height=size.height, whiten=whiten, corners=corners)
    sides = (size.width, size.height) if page.turn in (0, 180) else (size.height, size.width)
    after = page.changed(corners=corners, width=sides[0], height=sides[1])
    return Straightened(
        shown=shown,
        fields=_moved_along(document.fields, page, after),
        fixtures=_moved_along(document.fixtures, page, after),
    )


def _moved_along(placed: Iterable[P], before: Page, after: Page) -> tuple[P, ...]:
    """Those that lie elsewhere once their page is shown anew."""
    pairs = (
        (each, each.moved(lambda place: _moved(place.box, before, after) if place.page == before.id else place.box))
        for each in placed
    )
    return tuple(moved for each, moved in pairs if moved != each)


def _moved(box: Box, before: Page, after: Page) -> Box:
    """Where a box lies on a page that is shown anew: about the same place of the paper, and on the page."""
    middle = Point(x=box.x + box.width / 2, y=box.y + box.height / 2)
    there = from_source(after, to_source(before, middle))
    return kept_inside(moved_box(box, there.x - middle.x, there.y - middle.y), after.width, after.height)
