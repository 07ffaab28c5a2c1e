"""The order in which a reader meets boxes on a page: row by row, each row from left to right.

Two boxes stand in one row when they overlap vertically by at least half of the lower box's height. A row is
gathered from its topmost box, so a slow slope of boxes does not become one endless row.

>>> left, right = Box(x=10, y=103, width=50, height=20), Box(x=200, y=100, width=50, height=20)
>>> in_reading_order([right, left], lambda box: box) == [left, right]
True
"""

from collections.abc import Callable, Iterable
from typing import TypeVar

from velum.geometry.box import Box

T = TypeVar("T")


def in_reading_order(things: Iterable[T], box_of: Callable[[T], Box]) -> list[T]:
    """Sort the things of one page as they would be read. Ties keep their order."""
    waiting = sorted(things, key=lambda thing: (box_of(thing).y, box_of(thing).x))
    ordered: list[T] = []
    while waiting:
        first = box_of(waiting[0])
        row = [thing for thing in waiting if _share_a_row(first, box_of(thing))]
        in_row = {id(thing) for thing in row}
        waiting = [thing for thing in waiting if id(thing) not in in_row]
        ordered += sorted(row, key=lambda thing: box_of(thing).x)
    return ordered


def _share_a_row(one: Box, other: Box) -> bool:
    overlap = min(one.bottom, other.bottom) - max(one.y, other.y)
    return overlap >= min(one.height, other.height) / 2
