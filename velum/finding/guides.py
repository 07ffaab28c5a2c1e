"""What a field that is laid by hand may be brought in line with, and the blanks that it may be fitted to."""

from collections.abc import Iterable, Iterator, Sequence
from itertools import pairwise
from statistics import median
from typing import TypeAlias

from velum.finding.found import Found
from velum.finding.printed import Printed, Row
from velum.finding.rect import Rect, rect_of
from velum.finding.ruling import Ruling
from velum.model import Model

Place: TypeAlias = tuple[float, float, float, float]
"""Left, top, width and height, in points of the page as shown."""

MOST_PLACES = 2_000
"""Of a sort: a page that has more is no worksheet, and what lies further down is left out."""

_APART = 2.5
"""Heights of print between words of one row, from which on they are two pieces of it."""

_BELOW_THE_LINE = frozenset("gjpqy,;()[]{}_/|Q")
"""What reaches below the line that letters stand on."""

_BLANKS = frozenset(("line", "lines", "box", "cell", "gap", "name"))


class Guides(Model):
    """``text`` are pieces of rows, down to the line on which their letters stand; ``across`` and ``down`` are ruled
    lines; ``blanks`` are what can be written in, also where nothing is offered.
    """

    text: tuple[Place, ...] = ()
    across: tuple[Place, ...] = ()
    down: tuple[Place, ...] = ()
    blanks: tuple[Place, ...] = ()


def guides_of(printed: Printed, ruling: Ruling, found: Iterable[Found]) -> Guides:
    """The guides of a page."""
    pieces = [piece for row in printed.rows for piece in _pieces(row, printed.size)]
    taken = [rect_of(place.box) for place in found if place.sort in _BLANKS]
    rooms = [
        room.rect
        for room in ruling.rooms
        if room.is_bare and not printed.inside(room.rect) and not any(room.rect.holds(rect) for rect in taken)
    ]
    return Guides(
        text=_places(pieces),
        across=_places(ruling.across),
        down=_places(ruling.down),
        blanks=_places([*taken, *(room for room in rooms if room.width * room.height < 0.25 * printed.area)]),
    )


def _places(rects: Sequence[Rect]) -> tuple[Place, ...]:
    return tuple(
        (round(rect.x, 1), round(rect.y, 1), round(rect.width, 1), round(rect.height, 1))
        for rect in rects[:MOST_PLACES]
    )


def _pieces(row: Row, size: float) -> Iterator[Rect]:
    """The words of a row that stand close to each other, in pieces."""
    stand = [token.rect.bottom for token in row.tokens if not _BELOW_THE_LINE & set(token.text)]
    bottom = median(stand) if stand else row.rect.bottom
    first = 0
    for place, (one, other) in enumerate(pairwise(row.tokens)):
        if other.rect.x - one.rect.right > _APART * size:
            yield _piece(row, first, place + 1, bottom)
            first = place + 1
    yield _piece(row, first, len(row.tokens), bottom)


def _piece(row: Row, start: int, end: int, bottom: float) -> Rect:
    tokens = row.tokens[start:end]
    top = min(token.rect.y for token in tokens)
    return Rect(tokens[0].rect.x, min(top, bottom), max(token.rect.right for token in tokens), max(top, bottom))
