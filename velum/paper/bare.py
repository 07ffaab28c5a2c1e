"""A PDF's page taken apart: its words, and what else is printed on it."""

from dataclasses import dataclass
from typing import Any

import numpy as np
import pypdfium2
from numpy.typing import NDArray
from pypdfium2 import raw

from velum.geometry.box import Box, around
from velum.paper.page_size import PageSize
from velum.paper.pdf_words import seen, written_words
from velum.paper.seen_words import seen_words, without_text

_MOST_OF_A_PAGE = 0.4
"""The share of a page from which on a picture is no illustration, but what the page is about."""

_MOST_PICTURES = 500


@dataclass(frozen=True, slots=True)
class PlacedWord:
    """A word that is seen, and where its letters stand."""

    text: str
    letters: tuple[Box, ...]

    @property
    def box(self) -> Box:
        return around(self.letters)


@dataclass(frozen=True)
class Bare:
    """``grey`` is the page without its words and without illustrations, at so many pixels a point: (height, width)."""

    words: tuple[PlacedWord, ...]
    grey: NDArray[Any]


def bare(page: pypdfium2.PdfPage, size: PageSize, scale: float) -> Bare:
    written = written_words(page)
    there = seen_words(page, size, written)
    words = tuple(
        PlacedWord(word.text, tuple(seen(page, size, edges) for edges in word.letters))
        for word, is_seen in zip(written, there, strict=True)
        if is_seen
    )
    with without_text(page):
        bitmap = page.render(scale=scale, may_draw_forms=False, grayscale=True)
    grey: NDArray[Any] = bitmap.to_numpy().reshape(bitmap.height, -1)[:, : bitmap.width].astype(np.uint8)
    for number, thing in enumerate(page.get_objects(filter=[raw.FPDF_PAGEOBJ_IMAGE], max_depth=3)):
        if number >= _MOST_PICTURES:
            break
        box = seen(page, size, thing.get_bounds())
        if box.width * box.height < _MOST_OF_A_PAGE * size.width * size.height:
            left, top = max(0, int(box.x * scale)), max(0, int(box.y * scale))
            grey[top : int(box.bottom * scale) + 1, left : int((box.x + box.width) * scale) + 1] = 255
    return Bare(words, grey)
