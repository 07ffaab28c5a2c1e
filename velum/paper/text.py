"""The text of a page: what a screen reader says, what search finds."""

from typing import Annotated

from pydantic import Field, StringConstraints

from velum.geometry.box import Box, around
from velum.model import Model

MOST_WORDS = 20_000
"""Words of a page that are kept; a page of newsprint has some three thousand."""

LONGEST_WORD = 500


class Word(Model):
    """A word of print, and where it stands on the file's page."""

    text: Annotated[str, StringConstraints(min_length=1, max_length=LONGEST_WORD)]
    box: Box
    seen: bool = True
    """Whether it can be seen in the picture of the page: a file may hold words in white, or under something."""


class Line(Model):
    """Words that stand in a line, in the order of reading."""

    words: Annotated[tuple[Word, ...], Field(min_length=1)]

    @property
    def text(self) -> str:
        return " ".join(word.text for word in self.words)

    @property
    def box(self) -> Box:
        return around([word.box for word in self.words])


def tidy(text: str) -> str:
    """Text in one line, without what cannot be read: controls, hyphens that only break words, runs of spaces."""
    soft = text.replace("\u00ad", "").replace("\ufffe", "").replace("\u0002", "")
    return " ".join("".join(letter if letter.isprintable() else " " for letter in soft).split())[:2_000]
