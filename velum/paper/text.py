"""The text of a page: what a screen reader says, what search finds."""

from typing import Annotated

from pydantic import StringConstraints

from velum.geometry.box import Box
from velum.model import Model

MOST_LINES = 5_000
"""Lines of a page that are kept; a page of newsprint has some four hundred."""


class Line(Model):
    """A piece of a line of print, and where it stands on the file's page."""

    text: Annotated[str, StringConstraints(max_length=2_000)]
    box: Box


def tidy(text: str) -> str:
    """Text in one line, without what cannot be read: controls, hyphens that only break words, runs of spaces."""
    soft = text.replace("\u00ad", "").replace("\ufffe", "").replace("\u0002", "")
    return " ".join("".join(letter if letter.isprintable() else " " for letter in soft).split())[:2_000]
