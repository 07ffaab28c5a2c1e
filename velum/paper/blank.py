"""Blank paper: plain, ruled, squared or dotted, as a PDF of one page.

The distances are those of school paper: 8 mm between ruled lines, 5 mm squares and dots.
"""

import io
from enum import StrEnum

from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas

from velum.paper.page_size import page_size

_GREY = 0.72
_MARGIN = 10 * mm


class Pattern(StrEnum):
    PLAIN = "plain"
    RULED = "ruled"
    SQUARED = "squared"
    DOTTED = "dotted"


def blank_page(pattern: Pattern, width: float, height: float) -> bytes:
    """A PDF of one page, ``width`` by ``height`` points. The same wishes give the same bytes. Raises PaperRefused."""
    size = page_size(width, height, 0)
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(size.width, size.height), invariant=True)
    canvas.setStrokeGray(_GREY)
    canvas.setFillGray(_GREY)
    canvas.setLineWidth(0.5)
    match pattern:
        case Pattern.PLAIN:
            pass
        case Pattern.RULED:
            for y in _steps(size.height, 8 * mm):
                canvas.line(_MARGIN, y, size.width - _MARGIN, y)
        case Pattern.SQUARED:
            columns, rows = _steps(size.width, 5 * mm), _steps(size.height, 5 * mm)
            for y in rows:
                canvas.line(columns[0], y, columns[-1], y)
            for x in columns:
                canvas.line(x, rows[0], x, rows[-1])
        case Pattern.DOTTED:
            for y in _steps(size.height, 5 * mm):
                for x in _steps(size.width, 5 * mm):
                    canvas.circle(x, y, 0.6, stroke=0, fill=1)
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def _steps(length: float, step: float) -> list[float]:
    """As many steps as fit between the margins, in the middle of a side; at least one."""
    count = max(0, int((length - 2 * _MARGIN) / step))
    first = (length - count * step) / 2
    return [first + number * step for number in range(count + 1)]
