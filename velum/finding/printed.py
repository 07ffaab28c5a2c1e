"""What is printed on a page, as far as it tells where students answer: words and ruling."""

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from typing import Any, TypeAlias
from unicodedata import bidirectional

import numpy as np
from numpy.typing import NDArray

from velum.finding.rect import Rect, around

Grey: TypeAlias = NDArray[Any]
"""A picture in levels of grey, 0 to 255: (height, width)."""

SCALE = 2.0
"""Pixels a point of the pictures that are looked at: a hair line of a quarter of a point is still seen."""


UNREAD = "\ufffd"
"""Stands for a word of which only its place is known."""

CIRCLE = "○"
"""Stands for a circle to be ticked."""

DRAWN = 40
"""Levels of grey by which what is drawn is darker than the paper."""

_APART = 9.0
"""Points from the word before, from which on a word begins something of its own."""


@dataclass(frozen=True, slots=True)
class Token:
    """A word, and where it stands. ``letters`` are those of its text, where the file says where each stands."""

    text: str
    rect: Rect
    letters: tuple[Rect, ...] = ()

    def part(self, start: int, end: int) -> Rect:
        """Where some of its letters stand; reckoned where that is not known."""
        if len(self.letters) == len(self.text):
            return around(self.letters[start:end])
        each = self.rect.width / len(self.text)
        return Rect(self.rect.x + start * each, self.rect.y, self.rect.x + end * each, self.rect.bottom)


@dataclass(frozen=True, slots=True)
class Row:
    """Words that stand beside each other, from left to right."""

    tokens: tuple[Token, ...]

    @property
    def rect(self) -> Rect:
        return around(token.rect for token in self.tokens)

    @property
    def starts(self) -> list[int]:
        """The places of the words that begin something: the first, and those that stand far behind another."""
        return [
            place
            for place, token in enumerate(self.tokens)
            if place == 0 or token.rect.x - self.tokens[place - 1].rect.right > _APART
        ]

    @property
    def text(self) -> str:
        return " ".join(token.text for token in self.tokens)


@dataclass(frozen=True)
class Printed:
    """``grey`` is the page without its words where they can be taken off; ``photographed``: they could not."""

    width: float
    height: float
    tokens: tuple[Token, ...]
    grey: Grey
    photographed: bool = False

    @cached_property
    def size(self) -> float:
        """The height of print, from the lowest to the highest of its letters, in points."""
        heights = sorted(token.rect.height for token in self.tokens if len(token.text) > 1)
        return min(max(heights[len(heights) * 4 // 5], 6.0), 40.0) if heights else 11.0

    @property
    def area(self) -> float:
        """In square points."""
        return self.width * self.height

    @cached_property
    def rows(self) -> tuple[Row, ...]:
        """All words, in the order of reading down the page; beside each other over its whole width."""
        return tuple(_rows(self.tokens))

    @cached_property
    def margins(self) -> tuple[float, float]:
        """Where print begins and ends, across."""
        if not self.tokens:
            return self.width * 0.1, self.width * 0.9
        lefts, rights = sorted(token.rect.x for token in self.tokens), sorted(token.rect.right for token in self.tokens)
        return lefts[len(lefts) // 50], max(rights[-1 - len(rights) // 50], self.width - lefts[len(lefts) // 50])

    @cached_property
    def is_from_right(self) -> bool:
        """Whether most of its words are of a script that is read from right to left."""
        sorts = Counter(bidirectional(letter) for token in self.tokens for letter in token.text)
        return sorts["R"] + sorts["AL"] > sorts["L"]

    def in_mirror(self) -> "Printed":
        def turned(rect: Rect) -> Rect:
            return Rect(self.width - rect.right, rect.y, self.width - rect.x, rect.bottom)

        tokens = tuple(
            Token(token.text, turned(token.rect), tuple(map(turned, token.letters))) for token in self.tokens
        )
        return Printed(self.width, self.height, tokens, np.ascontiguousarray(self.grey[:, ::-1]), self.photographed)

    def along(self, rect: Rect) -> list[Token]:
        """The words inside, from left to right."""
        return sorted(self.inside(rect), key=lambda token: token.rect.x)

    def beside(self, line: Rect, left: float, right: float) -> list[Token]:
        """The words on the row of a line to write on, between two places across, from left to right."""
        return self.along(Rect(left, line.bottom - 1.3 * self.size, right, line.bottom + 0.4 * self.size))

    def is_drawn_on(self, rect: Rect) -> bool:
        """Whether something is drawn in a part of the page."""
        left, top = max(0, int(rect.x * SCALE)), max(0, int(rect.y * SCALE))
        part = self.grey[top : int(rect.bottom * SCALE) + 1, left : int(rect.right * SCALE) + 1]
        return bool(part.size and part.min() < self.paper - DRAWN)

    @cached_property
    def paper(self) -> int:
        """How light the paper is, from 0 to 255."""
        return int(np.percentile(self.grey[::4, ::4], 90))

    def inside(self, rect: Rect) -> list[Token]:
        return [token for token in self.tokens if rect.holds(token.rect)]


def _rows(tokens: Sequence[Token]) -> list[Row]:
    rows: list[list[Token]] = []
    for token in sorted(tokens, key=lambda token: token.rect.middle[1]):
        last = rows[-1] if rows else []
        if last and _beside(around(each.rect for each in last), token.rect):
            last.append(token)
        else:
            rows.append([token])
    return [Row(tuple(sorted(row, key=lambda token: token.rect.x))) for row in rows]


def _beside(row: Rect, rect: Rect) -> bool:
    return row.down(rect) > 0.5 * min(row.height, rect.height)
