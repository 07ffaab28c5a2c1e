"""Two printings of a page compared: how far all of it moved, and where it is no longer the same."""

from collections.abc import Sequence
from typing import Any, TypeAlias

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from velum.geometry.box import Box
from velum.paper.reprint import Reprint

SCALE = 100 / 72
"""Pixels a point at which pages are compared."""

_STILL = 0.3
"""Points that print may seem to move without having been moved."""

_ABOVE, _BELOW = 14, 6
"""Points above and below a place that are compared too, all across the page: there its question stands."""

_TILE = 36
"""Points: what is compared is compared in pieces, so that one word that changed is not lost in a long line."""

_SLACK = 2
"""Pixels by which a piece may lie beside where all of the page went."""

_DIFFERENT, _SPECK = 55, 4
"""Ink, of 255, by which a pixel differs; and so many pixels that are more than a speck: a letter has tens."""

Ink: TypeAlias = NDArray[Any]


def compare_prints(old: Image.Image, new: Image.Image, places: Sequence[Box]) -> Reprint:
    """Compare two pictures of ``SCALE`` pixels a point, at these places of the old one."""
    size = max(old.width, new.width), max(old.height, new.height)
    before, after = _ink(old, size), _ink(new, size)
    window = cv2.createHanningWindow(size, cv2.CV_32F) if min(size) > 1 else None
    (right, down), sure = cv2.phaseCorrelate(before, after, window)
    if not sure > 0.03 or max(abs(right), abs(down)) <= _STILL * SCALE:
        right = down = 0.0
    altered = tuple(not _alike(before, after, place, right, down) for place in places)
    return Reprint(right=round(right / SCALE, 1), down=round(down / SCALE, 1), altered=altered)


def _ink(picture: Image.Image, size: tuple[int, int]) -> Ink:
    """How dark each pixel is, a little blurred, since print never falls on the same pixels twice."""
    ground = Image.new("L", size, "white")
    ground.paste(picture.convert("L"))
    return cv2.GaussianBlur(255 - np.asarray(ground, np.float32), (0, 0), 1.2)


def _alike(before: Ink, after: Ink, place: Box, right: float, down: float) -> bool:
    """Whether the print about a place, moved by so many pixels, is the same in every piece."""
    top, bottom = (place.y - _ABOVE) * SCALE, (place.bottom + _BELOW) * SCALE
    rows = max(1, round((bottom - top) / (_TILE * SCALE)))
    columns = max(1, round(before.shape[1] / (_TILE * SCALE)))
    size = (max(1, round(before.shape[1] / columns)), max(1, round((bottom - top) / rows)))
    for row in range(rows):
        for column in range(columns):
            middle = (column + 0.5) * before.shape[1] / columns, top + (row + 0.5) * (bottom - top) / rows
            one = cv2.getRectSubPix(before, size, middle)
            room = size[0] + 2 * _SLACK, size[1] + 2 * _SLACK
            other = cv2.getRectSubPix(after, room, (middle[0] + right, middle[1] + down))
            if not _same_ink(one, other):
                return False
    return True


def _same_ink(one: Ink, other: Ink) -> bool:
    """Whether a piece is found again in a slightly larger one. Paper may have become greyer."""
    fit = cv2.matchTemplate(other - np.median(other), one - np.median(one), cv2.TM_SQDIFF)
    x, y = cv2.minMaxLoc(fit)[2]
    found = other[y : y + one.shape[0], x : x + one.shape[1]]
    difference = np.abs((found - np.median(found)) - (one - np.median(one)))
    return int((difference > _DIFFERENT).sum()) < _SPECK
