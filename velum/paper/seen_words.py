"""Which words of a PDF's text layer can be seen in the picture of its page.

A file may hold words in white, under a white box, or outside of what it shows: a teacher hides answers like that. So
the page is drawn with its text and without it, and a letter is seen where the two differ. Where words lie over each
other it is drawn again without the one word alone. Words that a scanner's program has read and laid invisibly (text
rendering mode 3, ISO 32000-1, table 106) over the picture of the page are seen where there is ink below them.
"""

from collections.abc import Iterable, Iterator, Sequence
from contextlib import AbstractContextManager, contextmanager
from typing import Any, TypeAlias

import numpy as np
import pypdfium2
from numpy.typing import NDArray
from pypdfium2 import raw

from velum.geometry.box import Box, around, common_area
from velum.paper.page_size import PageSize
from velum.paper.pdf_words import Written, address_of

Grey: TypeAlias = NDArray[np.int16]

_SCALE = 1.5
"""Pixels a point: as fine as print on a laptop."""

_MOST_PIXELS = 4_000_000
_INK = 24
"""Levels of grey, of 255, from which on a difference can be seen."""

_CONTRAST = 60
"""Levels of grey between the darkest and the lightest pixel of a place where something is printed."""

_FEWEST_SEEN = 0.7
"""The share of a word's letters that have to be seen."""

_OVER_EACH_OTHER = 0.3
"""The share of the smaller word that lies over another, from which on the two are told apart."""

_MOST_DOUBTS = 60
"""Words for which the page is drawn again; of more, none is believed to be seen."""

_DEEPEST = 8


def seen_words(
    page: pypdfium2.PdfPage, size: PageSize, words: Sequence[Written], places: Sequence[Sequence[Box]]
) -> list[bool]:
    """For each word whether it can be seen. ``size`` is the page's, as a reader shows it; ``places`` are where the
    letters of each word are seen.
    """
    if not words:
        return []
    look = _Look(page, size)
    with_text = look.drawn()
    texts = {address_of(thing.raw): thing for thing in _texts(page)}
    with _without(texts.values()):
        ink = np.abs(with_text - look.drawn())
    doubtful = _lying_over_each_other([around(letters) for letters in places], words)
    found = []
    for number, (word, letters) in enumerate(zip(words, places, strict=True)):
        own = [texts[address] for address in word.objects if address in texts]
        if own and all(_is_invisible(thing) for thing in own):
            found.append(_enough(look.contrast(with_text, box) >= _CONTRAST for box in letters))
        elif number not in doubtful:
            found.append(_enough(look.most(ink, box) >= _INK for box in letters))
        elif len(doubtful) > _MOST_DOUBTS or not own:
            found.append(False)
        else:
            with _without(own):
                alone = np.abs(with_text - look.drawn())
            found.append(_enough(look.most(alone, box) >= _INK for box in letters))
    return found


def without_text(page: pypdfium2.PdfPage) -> AbstractContextManager[None]:
    """The page without its text, as long as the context lasts."""
    return _without(_texts(page))


def _texts(page: pypdfium2.PdfPage) -> Iterator[pypdfium2.PdfObject]:
    return page.get_objects(filter=[raw.FPDF_PAGEOBJ_TEXT], max_depth=_DEEPEST)  # type: ignore[no-any-return]


class _Look:
    """The page in levels of grey, and places on it in its pixels."""

    def __init__(self, page: pypdfium2.PdfPage, size: PageSize) -> None:
        self._page = page
        self._scale = min(_SCALE, (_MOST_PIXELS / (size.width * size.height)) ** 0.5)

    def drawn(self) -> Grey:
        bitmap = self._page.render(scale=self._scale, may_draw_forms=False, grayscale=True)
        pixels: NDArray[Any] = bitmap.to_numpy().reshape(bitmap.height, -1)
        return pixels[:, : bitmap.width].astype(np.int16)

    def most(self, grey: Grey, box: Box) -> int:
        part = self._part(grey, box)
        return int(part.max()) if part.size else 0

    def contrast(self, grey: Grey, box: Box) -> int:
        part = self._part(grey, box)
        return int(part.max()) - int(part.min()) if part.size else 0

    def _part(self, grey: Grey, box: Box) -> Grey:
        left, top = max(0, int(box.x * self._scale)), max(0, int(box.y * self._scale))
        right, bottom = int((box.x + box.width) * self._scale) + 1, int(box.bottom * self._scale) + 1
        return grey[top : max(top, bottom), left : max(left, right)]


def _enough(letters: Iterable[bool]) -> bool:
    """Whether enough of a word's letters are seen."""
    seen_letters = list(letters)
    return sum(seen_letters) >= _FEWEST_SEEN * len(seen_letters)


def _lying_over_each_other(boxes: Sequence[Box], words: Sequence[Written]) -> set[int]:
    """The words that lie over a word which another object draws."""
    doubtful: set[int] = set()
    downwards = sorted(range(len(boxes)), key=lambda number: boxes[number].y)
    for place, one in enumerate(downwards):
        for other in downwards[place + 1 :]:
            if boxes[other].y >= boxes[one].bottom:
                break
            smaller = min(boxes[one].width * boxes[one].height, boxes[other].width * boxes[other].height)
            if (
                words[one].objects != words[other].objects
                and common_area(boxes[one], boxes[other]) > _OVER_EACH_OTHER * smaller
            ):
                doubtful |= {one, other}
    return doubtful


@contextmanager
def _without(things: Any) -> Iterator[None]:
    """The page without some of its objects."""
    things = list(things)
    try:
        for thing in things:
            raw.FPDFPageObj_SetIsActive(thing, False)
        yield
    finally:
        for thing in things:
            raw.FPDFPageObj_SetIsActive(thing, True)


def _is_invisible(thing: pypdfium2.PdfObject) -> bool:
    return bool(raw.FPDFTextObj_GetTextRenderMode(thing) == raw.FPDF_TEXTRENDERMODE_INVISIBLE)
