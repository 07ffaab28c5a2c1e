"""A new printing of a page, put under the fields that lie on it."""

from velum.document.document import Document
from velum.document.pages import PageRefused, find_page
from velum.fixtures import Fixture
from velum.geometry.box import Box, kept_inside, moved_box
from velum.kinds import Field
from velum.model import Id, Model
from velum.paper.reprint import Reprint
from velum.placed import Place


class Replacement(Model):
    """What becomes of what lies on a page on its new printing: what moves along, and the fields that need a look."""

    right: float
    down: float
    fields: tuple[Field, ...]
    fixtures: tuple[Fixture, ...]
    doubtful: tuple[Id, ...]


def swap_paper(document: Document, page_id: str, with_id: str) -> Document:
    """Exchange what a page shows with what a page set aside shows. Raises PageRefused.

    Fields stay where they are, and so does what was refused: a newer printing has the same places.
    """
    page, other = find_page(document.pages, page_id), find_page(document.aside, with_id)
    pages = tuple(other.changed(id=page_id, refused=page.refused) if each == page else each for each in document.pages)
    aside = tuple(page.changed(id=with_id, refused=other.refused) if each == other else each for each in document.aside)
    return document.changed(pages=pages, aside=aside)


def replacement(document: Document, page_id: str, with_id: str, reprint: Reprint) -> Replacement:
    """What swapping the paper of a page means for its fields; ``reprint`` has their places in their order.

    Raises PageRefused.
    """
    find_page(document.pages, page_id)
    other = find_page(document.aside, with_id)
    places = places_on(document, page_id)
    if len(places) != len(reprint.altered):
        raise PageRefused("page.compared_before", "The page was changed meanwhile. Compare it again.")

    def printed(place: Place) -> Box:
        return moved_box(place.box, reprint.right, reprint.down)

    def inside(place: Place) -> Box:
        return kept_inside(printed(place), other.width, other.height) if place.page == page_id else place.box

    doubtful = dict.fromkeys(
        field.id
        for (field, place), altered in zip(places, reprint.altered, strict=True)
        if altered or _apart(inside(place), printed(place)) > 1
    )
    fields = ((field, field.moved(inside)) for field in document.fields)
    fixtures = ((fixture, fixture.moved(inside)) for fixture in document.fixtures)
    return Replacement(
        right=reprint.right,
        down=reprint.down,
        fields=tuple(after for before, after in fields if after != before),
        fixtures=tuple(after for before, after in fixtures if after != before),
        doubtful=tuple(doubtful),
    )


def _apart(one: Box, other: Box) -> float:
    return max(abs(one.x - other.x), abs(one.y - other.y))


def places_on(document: Document, page_id: str) -> list[tuple[Field, Place]]:
    """What lies where on a page, in the order of the fields."""
    return [(field, place) for field in document.fields for place in field.places if place.page == page_id]
