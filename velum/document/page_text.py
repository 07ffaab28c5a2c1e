"""The text of a page as it is shown: only what can be seen of it, so that what was cut away stays away."""

from collections.abc import Iterable

from velum.document.places import is_on, shown_box
from velum.document.worksheet import Page
from velum.paper.text import Line


def shown_lines(page: Page, lines: Iterable[Line]) -> list[Line]:
    """Those of the lines of the file's page that are seen on the page, where they are seen."""
    seen = (line.changed(box=shown_box(page, line.box)) for line in lines)
    return [line for line in seen if is_on(page, line.box)]
