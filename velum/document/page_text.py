"""The text of a page as it is shown: only what can be seen of it, so that what was cut away or covered stays away."""

from collections.abc import Iterable, Sequence

from velum.document.page import Page
from velum.document.places import shown_box
from velum.fixtures.covers import Cover, covered_share
from velum.geometry.box import Box, common_area
from velum.paper.text import Line, Word

_ON_THE_PAGE = 0.8
"""The share of a word that has to lie on the page as shown."""

_COVERED = 0.25
"""The share of a word that may be covered."""


def shown_lines(page: Page, lines: Iterable[Line]) -> list[Line]:
    """The lines of the file's page as far as they lie on the page, where they lie on it, hidden words too."""
    shown = ([word for word in (_shown(page, word) for word in line.words) if word] for line in lines)
    return [Line(words=tuple(words)) for words in shown if words]


def seen_lines(page: Page, lines: Iterable[Line], covers: Sequence[Cover]) -> list[Line]:
    """Of those only the words that can be seen: drawn so that they show, and covered by nothing on the page."""
    seen = (
        [word for word in line.words if word.seen and covered_share(word.box, covers) <= _COVERED]
        for line in shown_lines(page, lines)
    )
    return [Line(words=tuple(words)) for words in seen if words]


def _shown(page: Page, word: Word) -> Word | None:
    box = shown_box(page, word.box)
    on_page = common_area(box, Box(x=0, y=0, width=page.width, height=page.height))
    return word.changed(box=box) if on_page >= _ON_THE_PAGE * box.width * box.height else None
