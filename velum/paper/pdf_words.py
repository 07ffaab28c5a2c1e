"""The words of a PDF's text layer, and where they are seen.

PDFium says where things stand on the page as it was written: neither turned nor cropped. ``FPDF_PageToDevice`` knows
where they are seen.
"""

from collections.abc import Callable, Iterator
from ctypes import byref, c_double, c_int, c_void_p, cast
from dataclasses import dataclass
from itertools import groupby
from statistics import median
from typing import Any, TypeAlias
from unicodedata import bidirectional

import pypdfium2
from pypdfium2 import raw

from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.text import LONGEST_WORD, MOST_WORDS, tidy

_FINE = 100
"""PDFium gives whole numbers: this many to a point."""

_MOST_LETTERS = 200_000

_FEWEST_SINGLE = 4
"""Words of one letter in a line, numbers and signs aside, from which on its letters may have been set apart."""

_WORD_GAP = 0.14
"""How much wider a gap between words is than one between letters, as a share of the line's height."""

_SHORTEST_ALONE = 6
"""Letters of a word that stands alone in its line, letters set apart."""

_WIDEST_SET = 0.5
"""The widest gap within a word of letters that are set apart, as a share of the line's height."""

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

    PDFium knows where words end: by spaces, and by gaps between letters, for which it puts spaces of its own. Letters
    that are set apart it takes for a word each; such lines are looked at again.
    """
    text = page.get_textpage()
    words: list[Written] = []
    for number, line in enumerate(_lines(text)):
        for letters in _words(_set_together(text, line)):
            if said := tidy("".join(letter.text for letter in _in_reading_order(letters))):
                objects = frozenset(letter.drawn_by for letter in letters)
                words.append(Written(said[:LONGEST_WORD], tuple(letter.edges for letter in letters), objects, number))
            if len(words) >= MOST_WORDS:
                return words
    return words


@dataclass(frozen=True, slots=True)
class _Letter:
    """A character of PDFium's, by its number; a space has no edges, and may be one that stands in no file."""

    number: int
    text: str
    edges: Edges = (0, 0, 0, 0)
    drawn_by: int = 0
    guessed: bool = False

    @property
    def is_space(self) -> bool:
        return not self.text.strip()


_Line: TypeAlias = list[_Letter]


def _lines(text: pypdfium2.PdfTextPage) -> Iterator[_Line]:
    line: _Line = []
    left, right, bottom, top = (c_double() for _ in range(4))
    for number in range(min(text.count_chars(), _MOST_LETTERS)):
        code = raw.FPDFText_GetUnicode(text, number)
        letter = chr(code) if 0 < code < 0x110000 and not 0xD800 <= code < 0xE000 else ""
        if letter == "\n":
            yield line
            line = []
        elif not letter.strip():
            line.append(_Letter(number, " ", guessed=bool(raw.FPDFText_IsGenerated(text, number))))
        else:
            raw.FPDFText_GetCharBox(text, number, byref(left), byref(right), byref(bottom), byref(top))
            drawn_by = address_of(raw.FPDFText_GetTextObject(text, number))
            line.append(_Letter(number, letter, (left.value, bottom.value, right.value, top.value), drawn_by))
    yield line


def _words(line: _Line) -> Iterator[_Line]:
    for is_space, letters in groupby(line, lambda letter: letter.is_space):
        if not is_space:
            yield list(letters)


def _set_together(text: pypdfium2.PdfTextPage, line: _Line) -> _Line:
    """A line whose letters are set apart, without the spaces that PDFium has guessed within its words.

    Between letters there is then one gap again and again, and between words a wider one.
    """
    # Numbers and signs of a sum stand alone by themselves.
    singles = sum(len(word) == 1 and word[0].text.isalpha() for word in _words(line))
    guessed = [place for place, letter in enumerate(line) if letter.guessed and 0 < place < len(line) - 1]
    if singles < _FEWEST_SINGLE or len(guessed) < singles / 2:
        return line
    gaps = {place: gap for place in guessed if (gap := _gap(text, line, place)) is not None}
    if not gaps:
        return line
    usual = median(gaps.values())
    within = {place for place, gap in gaps.items() if gap < usual + _WORD_GAP}
    if usual > _WIDEST_SET or (len(within) == len(gaps) and usual > _WORD_GAP and not _is_a_word(line)):
        return line  # letters that stand alone, such as those of a row of options
    return [letter for place, letter in enumerate(line) if place not in within]


def _is_a_word(letters: _Line) -> bool:
    """Whether letters that stand equally far apart, with no wider gap among them, are rather one word than a list."""
    said = [letter.text.lower() for letter in letters if not letter.is_space]
    return len(said) >= _SHORTEST_ALONE and all(map(str.isalpha, said)) and said != sorted(said)


def _gap(text: pypdfium2.PdfTextPage, line: _Line, place: int) -> float | None:
    """The room between the letters on both sides of a space, as a share of their size; None: it cannot be told."""
    before, after = line[place - 1], line[place + 1]
    if before.is_space or after.is_space:
        return None
    one, other = raw.FS_RECTF(), raw.FS_RECTF()
    if not raw.FPDFText_GetLooseCharBox(text, before.number, byref(one)):
        return None
    if not raw.FPDFText_GetLooseCharBox(text, after.number, byref(other)):
        return None
    size = max(one.top - one.bottom, other.top - other.bottom)
    return (max(one.left, other.left) - min(one.right, other.right)) / size if size > 0 else None


def _in_reading_order(letters: _Line) -> _Line:
    """The letters of a word, from right to left where its script is written so: PDFium has some as they are seen."""
    if not all(bidirectional(letter.text[0]) in ("R", "AL", "NSM") for letter in letters):
        return letters
    clusters: list[_Line] = []
    for letter in letters:
        if clusters and bidirectional(letter.text[0]) == "NSM":
            clusters[-1].append(letter)  # a sign above or below a letter
        else:
            clusters.append([letter])
    across = [letter.edges[0] + letter.edges[2] for letter in letters]
    down = [letter.edges[1] + letter.edges[3] for letter in letters]
    if max(across) - min(across) < max(down) - min(down):
        return letters  # a line that runs up or down
    clusters.sort(key=lambda cluster: -cluster[0].edges[0] - cluster[0].edges[2])
    return [letter for cluster in clusters for letter in cluster]


def address_of(thing: Any) -> int:
    """Tells one of PDFium's objects from the others."""
    return cast(thing, c_void_p).value or 0


def seeing(page: pypdfium2.PdfPage, size: PageSize) -> Callable[[Edges], Box]:
    """Tells where a rectangle of the page as it was written is seen, in points."""
    across, down = round(size.width * _FINE), round(size.height * _FINE)
    x, y = c_int(), c_int()

    def point(left: float, top: float) -> tuple[float, float]:
        raw.FPDF_PageToDevice(page, 0, 0, across, down, 0, left, top, byref(x), byref(y))
        return x.value / _FINE, y.value / _FINE

    # The map is affine: PDFium is asked for three of its points, and not for each letter.
    far = max(size.width, size.height)
    zero, right, up = point(0, 0), point(far, 0), point(0, far)
    a, c = ((right[axis] - zero[axis]) / far for axis in (0, 1))
    b, d = ((up[axis] - zero[axis]) / far for axis in (0, 1))

    def seen(edges: Edges) -> Box:
        left, bottom, right, top = edges
        xs = [_within(zero[0] + a * h + b * v) for h, v in ((left, top), (right, bottom))]
        ys = [_within(zero[1] + c * h + d * v) for h, v in ((left, top), (right, bottom))]
        return Box(x=min(xs), y=min(ys), width=max(abs(xs[1] - xs[0]), 0.1), height=max(abs(ys[1] - ys[0]), 0.1))

    return seen


def _within(value: float) -> float:
    return round(max(-20_000.0, min(20_000.0, value)), 2)
