"""A new printing of a page, put under the fields that lie on it."""

from velum.document.pages import PageRefused, find_page
from velum.document.worksheet import Worksheet
from velum.fixtures import Fixture
from velum.geometry.box import kept_inside, moved_box
from velum.kinds import Field
from velum.model import Id, Model
from velum.paper.compare import Comparison


class Replacement(Model):
    """What becomes of what lies on a page on its new printing: what moves along, and the fields that need a look."""

    right: float
    down: float
    fields: tuple[Field, ...]
    fixtures: tuple[Fixture, ...]
    doubtful: tuple[Id, ...]


def swap_paper(worksheet: Worksheet, page_id: str, with_id: str) -> Worksheet:
    """Exchange what a page shows with what a page set aside shows; fields stay where they are. Raises PageRefused."""
    page, other = find_page(worksheet.pages, page_id), find_page(worksheet.aside, with_id)
    pages = tuple(other.changed(id=page_id) if each == page else each for each in worksheet.pages)
    aside = tuple(page.changed(id=with_id) if each == other else each for each in worksheet.aside)
    return worksheet.changed(pages=pages, aside=aside)


def replacement(worksheet: Worksheet, page_id: str, with_id: str, comparison: Comparison) -> Replacement:
    """What swapping the paper of a page means for its fields; ``comparison`` has their places in their order.

    Raises PageRefused.
    """
    find_page(worksheet.pages, page_id)
    other = find_page(worksheet.aside, with_id)
    fields = fields_on(worksheet, page_id)
    if len(fields) != len(comparison.altered):
        raise PageRefused("page.compared_before", "The page was changed meanwhile. Compare it again.")
    moved, doubtful = [], []
    for field, altered in zip(fields, comparison.altered, strict=True):
        box = moved_box(field.box, comparison.right, comparison.down)
        inside = kept_inside(box, other.width, other.height)
        if inside != field.box:
            moved.append(field.changed(box=inside))
        if altered or max(abs(inside.x - box.x), abs(inside.y - box.y)) > 1:
            doubtful.append(field.id)
    fixtures = []
    for fixture in worksheet.fixtures:
        box = moved_box(fixture.box, comparison.right, comparison.down)
        inside = kept_inside(box, other.width, other.height)
        if fixture.page == page_id and inside != fixture.box:
            fixtures.append(fixture.changed(box=inside))
    return Replacement(
        right=comparison.right,
        down=comparison.down,
        fields=tuple(moved),
        fixtures=tuple(fixtures),
        doubtful=tuple(doubtful),
    )


def fields_on(worksheet: Worksheet, page_id: str) -> list[Field]:
    """The fields that lie on a page."""
    return [field for field in worksheet.fields if field.page == page_id]
