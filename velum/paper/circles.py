"""Circles to be ticked in the picture of a page: what reads pictures takes them for letters."""

from collections.abc import Iterator
from typing import Any, TypeAlias

import cv2
from numpy.typing import NDArray

from velum.geometry.box import Box

_SIDE = (6.5, 24.0)
"""Points: a smaller one is the dot of a list."""

_ROUND = (0.66, 0.87)
"""The share of the rectangle around it that the inside of a circle fills: pi / 4, but for its pixels."""

_WALL = 0.22
"""The share of its side that the line of a circle takes; that of letters printed in bold takes more."""

_ALONE = 0.3
"""Shares of its side around a circle where nothing else is; the letters of a word stand closer."""

_IN_LINE = 3.0
"""Points by which two circles may be out of line."""

Mask: TypeAlias = NDArray[Any]


def circles_of(dark: Mask, scale: float) -> list[Box]:
    """The circles in a mask of what is dark (1; elsewhere 0) of ``scale`` pixels a point, in points.

    One alone is a letter or a drawing: options have at least two, in a row or in a column.
    """
    found = [Box(x=x / scale, y=y / scale, width=w / scale, height=h / scale) for x, y, w, h in _rings(dark, scale)]
    return [one for one in found if any(_is_in_line(one, other) for other in found if other is not one)]


def _rings(dark: Mask, scale: float) -> Iterator[tuple[int, int, int, int]]:
    contours, tree = cv2.findContours(dark, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_SIMPLE)
    if tree is None:
        return
    least, most = (side * scale for side in _SIDE)
    for hole, (_, _, _, parent) in zip(contours, tree[0], strict=True):
        if parent < 0:
            continue
        x, y, width, height = cv2.boundingRect(contours[parent])
        if not (least <= min(width, height) and max(width, height) <= most and 0.85 < width / height < 1.18):
            continue
        _, _, across, down = cv2.boundingRect(hole)
        filled = cv2.contourArea(hole) / max(1, (across - 1) * (down - 1))
        thin = max(width - across, height - down) <= 2 * _WALL * max(width, height)
        if thin and _ROUND[0] < filled < _ROUND[1] and _is_alone(dark, x, y, width, height):
            yield x, y, width, height


def _is_alone(dark: Mask, x: int, y: int, width: int, height: int) -> bool:
    around = round(_ALONE * max(width, height))
    left, top = max(0, x - around), max(0, y - around)
    near = dark[top : y + height + around, left : x + width + around].sum()
    return int(near - dark[y : y + height, x : x + width].sum()) <= 2


def _is_in_line(one: Box, other: Box) -> bool:
    aside, below = abs(one.x - other.x), abs(one.y - other.y)
    alike = abs(one.width - other.width) < 0.2 * one.width
    return alike and (aside < _IN_LINE or below < _IN_LINE)
