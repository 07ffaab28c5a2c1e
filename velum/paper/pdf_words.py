"""The words of a PDF's text layer, and where they are seen.

PDFium says where things stand on the page as it was written: neither turned nor cropped. ``FPDF_PageToDevice`` knows
where they are seen.
"""

from ctypes import byref, c_double, c_int, c_void_p, cast
from dataclasses import dataclass
from typing import Any

import pypdfium2
from pypdfium2 import raw

from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.text import LONGEST_WORD, MOST_WORDS, tidy

_FINE = 100
"""PDFium gives whole numbers: this many to a point."""

_MOST_LETTERS = 200_000

Edges = tuple[float, float, float, float]
"""Left, bottom, right, top, on the page as it was written."""


@dataclass(frozen=True, slots=True)
class Written:
    """A word as PDFium has it: its letters' places on the page as it was written, and the objects that draw them."""

    text: str
    letters: tuple[Edges, ...]
    objects: frozenset[int]
    """Addresses of PDFium's text objects."""
    line: int


def written_words(page: pypdfium2.PdfPage) -> list[Written]:
    """The words of the text layer in the order in which they were written.

    PDFium knows where words end: by spaces, and by gaps between letters, for which it puts spaces of its own.
    """
    text = page.get_textpage()
    words: list[Written] = []
    letters: list[tuple[str, Edges, int]] = []
    line = 0

    def end_word() -> None:
        if letters and (said := tidy("".join(letter for letter, _, _ in letters))):
            objects = frozenset(address for _, _, address in letters)
            words.append(Written(said[:LONGEST_WORD], tuple(edges for _, edges, _ in letters), objects, line))
        letters.clear()

    left, right, bottom, top = (c_double() for _ in range(4))
    for place in range(min(text.count_chars(), _MOST_LETTERS)):
        code = raw.FPDFText_GetUnicode(text, place)
        letter = chr(code) if 0 < code < 0x110000 and not 0xD800 <= code < 0xE000 else ""
        if not letter.strip():
            end_word()
            line += letter == "\n"
            continue
        if len(words) >= MOST_WORDS:
            break
        raw.FPDFText_GetCharBox(text, place, byref(left), byref(right), byref(bottom), byref(top))
        address = address_of(raw.FPDFText_GetTextObject(text, place))
        letters.append((letter, (left.value, bottom.value, right.value, top.value), address))
    end_word()
    return words


def address_of(thing: Any) -> int:
    """Tells one of PDFium's objects from the others."""
    return cast(thing, c_void_p).value or 0


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
