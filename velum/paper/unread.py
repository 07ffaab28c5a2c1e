"""Print that was not read off a picture: where it stands, though nobody knows what it says."""

from collections.abc import Iterable

import cv2
import numpy as np
from PIL import Image

from velum.geometry.box import Box

_DARKER = 60
"""Levels of grey by which print is darker than the paper."""

_HIGH = (0.45, 1.7)
"""How high a word is, in heights of what was read; more is a picture, and less is dirt."""

_NARROW = 0.16
"""How wide a word is at least, in its heights: what is narrower is a piece of a line."""

_RIM = 12.0
"""Points along the edges of a page where shadows are, and no print: printers leave as much."""

_GAP = 0.45
"""Heights between two letters of a word."""

_MOST = 400


def unread(clean: Image.Image, scale: float, read: Iterable[Box]) -> list[Box]:
    """Where words stand that are not among those that were read, in points.

    ``clean`` is the picture without ruled lines, of ``scale`` pixels a point.
    """
    read = list(read)
    heights = sorted(box.height for box in read) or [11.0]
    usual = heights[len(heights) // 2] * scale
    grey = np.asarray(clean.convert("L"))
    paper = cv2.medianBlur(cv2.dilate(grey, np.ones((15, 15), np.uint8)), 21)
    ink = (paper.astype(np.int16) - grey > _DARKER).astype(np.uint8)
    for box in read:
        ink[_pixels(box.y, scale) : _pixels(box.bottom, scale) + 2, _pixels(box.x, scale) : _right(box, scale)] = 0
    words = cv2.morphologyEx(ink, cv2.MORPH_CLOSE, np.ones((3, max(1, round(_GAP * usual))), np.uint8))
    _, _, stats, _ = cv2.connectedComponentsWithStats(words, connectivity=8)
    down, across = ink.shape
    found = []
    for left, top, width, height, area in stats[1:]:
        is_word = _HIGH[0] * usual <= height <= _HIGH[1] * usual and width > _NARROW * height
        box = Box(x=left / scale, y=top / scale, width=width / scale, height=height / scale)
        if is_word and area > 0.15 * width * height and not is_on_rim(box, across / scale, down / scale):
            found.append(box)
    return found if len(found) <= _MOST else []


def is_on_rim(box: Box, width: float, height: float) -> bool:
    """Whether what looks like a word lies at the very edge of a page so large, in points."""
    x, right = box.x, box.x + box.width
    return right < _RIM or x > width - _RIM or box.bottom < _RIM or box.y > height - _RIM


def _pixels(points: float, scale: float) -> int:
    return max(0, round(points * scale) - 1)


def _right(box: Box, scale: float) -> int:
    return round((box.x + box.width) * scale) + 2
