"""A page shown flattened, or whitened, or as it is in its file again; what lies on it goes along."""

from velum.document.places import from_source, to_source
from velum.document.worksheet import Page, Shown, Worksheet
from velum.geometry.box import Box
from velum.geometry.projection import Corners, Point
from velum.kinds import Field
from velum.model import Model
from velum.paper.look import Flat, checked
from velum.paper.page_size import PageSize
from velum.paper.sheet_size import sheet_size


class Straightened(Model):
    """How a page is to be shown, and those of its fields that then lie elsewhere."""

    shown: Shown
    fields: tuple[Field, ...]


def straightened(
    worksheet: Worksheet, page: Page, corners: Corners | None, whiten: bool, source: PageSize
) -> Straightened:
    """Show the sheet between these corners of the file's page, whose size is ``source``; None: the whole page.

    Fields keep their size and lie where the same place of the paper is seen then. Raises LookRefused.
    """
    if corners:
        checked(Flat(corners=corners, width=source.width, height=source.height))
    size = sheet_size(corners, source) if corners else source
    shown = Shown(width=size.width, height=size.height, whiten=whiten, corners=corners)
    sides = (size.width, size.height) if page.turn in (0, 180) else (size.height, size.width)
    after = page.model_copy(update={"corners": corners, "width": sides[0], "height": sides[1]})
    fields = []
    for field in worksheet.fields:
        if field.page == page.id:
            box = _moved(field.box, page, after)
            if box != field.box:
                fields.append(field.model_copy(update={"box": box}))
    return Straightened(shown=shown, fields=tuple(fields))


def _moved(box: Box, before: Page, after: Page) -> Box:
    """Where a box lies on a page that is shown anew: about the same place of the paper, and on the page."""
    middle = Point(x=box.x + box.width / 2, y=box.y + box.height / 2)
    there = from_source(after, to_source(before, middle))
    x = min(max(there.x - box.width / 2, 0.0), max(after.width - box.width, 0.0))
    y = min(max(there.y - box.height / 2, 0.0), max(after.height - box.height, 0.0))
    return box.model_copy(update={"x": round(x, 1), "y": round(y, 1)})
