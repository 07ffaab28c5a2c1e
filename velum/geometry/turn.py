"""Turning a page, and what lies on it, by quarters.

A point ``(x, y)`` of a page ``width`` by ``height`` lies at ``(height - y, x)`` after a quarter clockwise.
"""

from typing import Literal

from velum.geometry.box import Box
from velum.geometry.share import share

Turn = Literal[0, 90, 180, 270]
"""Degrees clockwise."""


def added(turn: Turn, by: Turn) -> Turn:
    """Both turns, one after the other."""
    total: Turn = (turn + by) % 360  # type: ignore[assignment]  # of two quarters comes a quarter
    return total


def back(turn: Turn) -> Turn:
    """The turn that takes another back."""
    total: Turn = (360 - turn) % 360  # type: ignore[assignment]  # of a quarter comes a quarter
    return total


def turned_box(box: Box, by: Turn, width: float, height: float) -> Box:
    """Where a box lies after its page, ``width`` by ``height`` points before, was turned."""
    match by:
        case 0:
            return box
        case 90:
            return Box(x=height - box.y - box.height, y=box.x, width=box.height, height=box.width)
        case 180:
            return Box(x=width - box.x - box.width, y=height - box.y - box.height, width=box.width, height=box.height)
        case 270:
            return Box(x=box.y, y=width - box.x - box.width, width=box.height, height=box.width)


def turned_share(x: float, y: float, by: Turn) -> tuple[float, float]:
    """Where a point of a box, in shares of it, lies after the box was turned with its page."""
    match by:
        case 0:
            return x, y
        case 90:
            return share(1 - y), x
        case 180:
            return share(1 - x), share(1 - y)
        case 270:
            return y, share(1 - x)
