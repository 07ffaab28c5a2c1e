"""What students move: words, a number or a picture; or a ring that is laid over what is chosen on the paper."""

import re
from collections.abc import Hashable, Iterable, Iterator
from typing import Annotated, Literal

from pydantic import Field as Limits
from pydantic import StringConstraints, model_validator

from velum.answers.text import normalise
from velum.model import Id, Model, NoNul, Sha256

MOST_PIECES = 100
MOST_COPIES = 200
"""Copies that a stack without end gives out."""

PieceWords = Annotated[str, StringConstraints(strip_whitespace=True, max_length=200), NoNul]
"""Plain words. What stands in ``_{…}`` is lowered, in ``^{…}`` raised, and ``{3/4}`` is a fraction."""

Look = Literal["tile", "bare", "ring", "frame", "cross", "underline"]
"""A tile with a rim, or only what is on it; or a sign that lets see what lies under it."""

SIGNS = ("ring", "frame", "cross", "underline")

Side = Annotated[float, Limits(ge=6, le=2_000)]

_NOTATION = re.compile(r"[_^]?\{([^{}]*)\}")


class Piece(Model):
    """``copies``: how many of it there are, in a stack when more than one; None: a stack without end.

    ``width`` and ``height`` are in points; None: as large as its words need.
    """

    id: Annotated[Id, StringConstraints(max_length=24)]
    words: PieceWords = ""
    """What it says; of a picture, what it shows."""
    picture: Sha256 | None = None
    look: Look = "tile"
    copies: Annotated[int, Limits(ge=1, le=MOST_COPIES)] | None = 1
    width: Side | None = None
    height: Side | None = None
    turns: bool = False
    """Whether students may turn it."""
    resizes: bool = False
    """Whether students may make it larger or smaller."""

    @model_validator(mode="after")
    def _says_something(self) -> "Piece":
        if not self.words and self.look not in SIGNS:
            raise ValueError("has no words, which those who do not see it need")
        return self


def copies_of(piece: Piece) -> Iterator[str]:
    """The names of what there is of a piece: its own, or of a stack one for each copy."""
    if piece.copies == 1:
        yield piece.id
    else:
        for number in range(1, (piece.copies or MOST_COPIES) + 1):
            yield f"{piece.id}c{number}"


def piece_named(pieces: Iterable[Piece], name: str) -> Piece | None:
    """The piece that a name is of, or one of whose copies it names."""
    stack, _, number = name.rpartition("c")
    for piece in pieces:
        if piece.copies == 1 and piece.id == name:
            return piece
        of_stack = piece.copies != 1 and piece.id == stack and re.fullmatch(r"[1-9]\d{0,2}", number)
        if of_stack and int(number) <= (piece.copies or MOST_COPIES):
            return piece
    return None


def alike(piece: Piece) -> Hashable:
    """What is equal for pieces of which either may stand for the other."""
    return plain(piece.words), piece.picture, piece.look in SIGNS and piece.look


def plain(words: str) -> str:
    """Words without their notation, as they are compared."""
    return str(normalise(_NOTATION.sub(r" \1 ", words)))
