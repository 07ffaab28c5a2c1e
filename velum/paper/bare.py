"""A PDF's page taken apart: its words, its illustrations, and what else is printed on it."""

from collections.abc import Iterator
from dataclasses import dataclass
from itertools import islice

import pypdfium2
from pypdfium2 import raw

from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.pdf_words import seeing, written_words
from velum.paper.seen_words import seen_words

_MOST_OF_A_PAGE = 0.4
"""The share of a page from which on a picture is no illustration, but what the page is about."""

_MOST_PICTURES = 500


@dataclass(frozen=True, slots=True)
class PlacedWord:
    """A word that is seen, and where its letters stand."""

    text: str
    letters: tuple[Box, ...]


def placed_words(page: pypdfium2.PdfPage, size: PageSize) -> list[PlacedWord]:
    written, seen = written_words(page), seeing(page, size)
    letters = [tuple(map(seen, word.letters)) for word in written]
    return [
        PlacedWord(word.text, placed)
        for word, placed, is_seen in zip(written, letters, seen_words(page, size, written, letters), strict=True)
        if is_seen
    ]


def illustrations(page: pypdfium2.PdfPage, size: PageSize) -> Iterator[Box]:
    """Where pictures lie on a page."""
    seen = seeing(page, size)
    for thing in islice(page.get_objects(filter=[raw.FPDF_PAGEOBJ_IMAGE], max_depth=3), _MOST_PICTURES):
        box = seen(thing.get_bounds())
        if box.width * box.height < _MOST_OF_A_PAGE * size.width * size.height:
            yield box
