"""The text layer of a PDF's page, and how sharp its picture is, when it is one.

PDFium says where things stand on the page as it was written: neither turned nor cropped. ``FPDF_PageToDevice`` knows
where they are seen.
"""

from itertools import islice

import pypdfium2
from pypdfium2 import raw

from velum.geometry.box import Box, around
from velum.paper.page_size import PageSize
from velum.paper.pdf_words import Written, seeing, written_words
from velum.paper.seen_words import seen_words
from velum.paper.text import Line, Word

_MOST_OBJECTS = 2_000
"""Objects of a page that are looked at for pictures: each takes some fifty millionths of a second."""

_COVERS = 0.8
"""The share of a page that a picture covers which is the page."""


def text_lines(page: pypdfium2.PdfPage, size: PageSize) -> list[Line]:
    """The lines of the text layer in the order in which they were written, in points of the page as it is seen."""
    written, seen = written_words(page), seeing(page, size)
    letters = [tuple(map(seen, word.letters)) for word in written]
    lines: list[list[Word]] = []
    before: Written | None = None
    for word, places, seen_there in zip(written, letters, seen_words(page, size, written, letters), strict=True):
        box = around(places)
        kept = Word(text=word.text, box=box, seen=seen_there)
        if before is not None and word.line == before.line and _goes_on(lines[-1][-1].box, box):
            lines[-1].append(kept)
        else:
            lines.append([kept])
        before = word
    return [Line(words=tuple(words)) for words in lines]


def picture_resolution(page: pypdfium2.PdfPage, size: PageSize) -> float | None:
    """Pixels a point of the picture that covers the page; None when none does."""
    sharpest: float | None = None
    seen = seeing(page, size)
    pictures = page.get_objects(filter=[raw.FPDF_PAGEOBJ_IMAGE], max_depth=3)
    for thing in islice(pictures, _MOST_OBJECTS):
        box = seen(thing.get_bounds())
        if box.width * box.height >= _COVERS * size.width * size.height:
            pixels = max(thing.get_px_size()) / max(box.width, box.height)
            sharpest = max(pixels, sharpest or 0)
    return sharpest


def _goes_on(before: Box, box: Box) -> bool:
    """Whether a word follows another in its line, and does not begin a column or a line of its own."""
    if _is_upright(before) and max(box.width, before.width) < 1.5 * min(box.width, before.width) + 4:
        return True  # an upright line: PDFium says itself where it ends
    if min(before.bottom, box.bottom) <= max(before.y, box.y):
        return False  # written one after the other, and seen one below the other
    # In some scripts the next word stands on the left.
    between = max(box.x - (before.x + before.width), before.x - (box.x + box.width))
    return between < 1.5 * max(before.height, box.height)


def _is_upright(box: Box) -> bool:
    return box.height > 1.5 * box.width
