"""The text layer of a PDF's page, and how sharp its picture is, when it is one.

PDFium says where things stand on the page as it was written: neither turned nor cropped. ``FPDF_PageToDevice`` knows
where they are seen.
"""

from ctypes import byref, c_int
from itertools import islice

import pypdfium2
from pypdfium2 import raw

from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.text import MOST_LINES, Line, tidy

_FINE = 100
"""PDFium gives whole numbers: this many to a point."""

_MOST_OBJECTS = 2_000
"""Objects of a page that are looked at for pictures: each takes some fifty millionths of a second."""

_COVERS = 0.8
"""The share of a page that a picture covers which is the page."""

Edges = tuple[float, float, float, float]
"""Left, bottom, right, top, on the page as it was written."""


def text_lines(page: pypdfium2.PdfPage, size: PageSize) -> list[Line]:
    """The lines of the text layer in the order in which they were written, in points of the page as it is seen."""
    text = page.get_textpage()
    lines: list[Line] = []
    for number in range(min(text.count_rects(), MOST_LINES)):
        edges = text.get_rect(number)
        words, box = tidy(text.get_text_bounded(*edges)), seen(page, size, edges)
        if not words:
            continue
        if lines and _goes_on(lines[-1].box, box):
            lines[-1] = _joined(lines[-1], words, box)
        else:
            lines.append(Line(text=words, box=box))
    return lines


def picture_resolution(page: pypdfium2.PdfPage, size: PageSize) -> float | None:
    """Pixels a point of the picture that covers the page; None when none does."""
    sharpest: float | None = None
    pictures = page.get_objects(filter=[raw.FPDF_PAGEOBJ_IMAGE], max_depth=3)
    for thing in islice(pictures, _MOST_OBJECTS):
        box = seen(page, size, thing.get_bounds())
        if box.width * box.height >= _COVERS * size.width * size.height:
            pixels = max(thing.get_px_size()) / max(box.width, box.height)
            sharpest = max(pixels, sharpest or 0)
    return sharpest


def seen(page: pypdfium2.PdfPage, size: PageSize, edges: Edges) -> Box:
    """Where a rectangle of the page as it was written is seen, in points."""
    across, down = round(size.width * _FINE), round(size.height * _FINE)
    x, y = c_int(), c_int()
    points = []
    for left, top in ((edges[0], edges[3]), (edges[2], edges[1])):
        raw.FPDF_PageToDevice(page, 0, 0, across, down, 0, left, top, byref(x), byref(y))
        points.append((max(-20_000.0, min(20_000.0, x.value / _FINE)), max(-20_000.0, min(20_000.0, y.value / _FINE))))
    (one, two), (three, four) = points
    return Box(x=min(one, three), y=min(two, four), width=max(abs(three - one), 0.1), height=max(abs(four - two), 0.1))


def _goes_on(before: Box, box: Box) -> bool:
    """Whether a piece of text follows another in its line."""
    overlap = min(before.bottom, box.bottom) - max(before.y, box.y)
    gap = box.x - (before.x + before.width)
    return overlap >= 0.5 * min(before.height, box.height) and -box.height < gap < 1.5 * box.height


def _joined(line: Line, words: str, box: Box) -> Line:
    x, y = min(line.box.x, box.x), min(line.box.y, box.y)
    right = max(line.box.x + line.box.width, box.x + box.width)
    around = Box(x=x, y=y, width=right - x, height=max(line.box.bottom, box.bottom) - y)
    return Line(text=f"{line.text} {words}"[:2_000], box=around)
