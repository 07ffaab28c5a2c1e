"""Print without the lines around it: what reads pictures takes ruled and dotted lines, and boxes, for letters."""

from typing import Any, TypeAlias

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from velum.geometry.box import Box
from velum.paper.circles import circles_of

_THIN = 3.2
"""Points: what is dark and not thicker is a line."""

_SHORTEST = 21.0
"""Points: a dash within a text is shorter."""

_DARKER = 28
"""Levels of grey by which a line is darker than the paper."""

_DOT = 2.6
"""Points: the side of the largest dot of a dotted line."""

_DOTS_APART = 5.0
"""Points from one dot to the next."""

_BOX = (6.2, 26.0)
"""Points: the sides of boxes to be ticked, inside."""

_SQUARE = 0.93
"""The share of the rectangle around it that the inside of a box fills; that of a letter, such as a D, fills less."""

_AROUND = 2
"""Pixels around a line that are taken away with it: its soft edge."""

Mask: TypeAlias = NDArray[Any]
"""A picture in grey, or 1 where something is and 0 elsewhere: (height, width)."""


def without_rules(picture: Image.Image, scale: float) -> Image.Image:
    """The same in grey without ruled and dotted lines, empty boxes and circles; ``scale`` is pixels a point."""
    return rules_apart(picture, scale)[0]


def rules_apart(picture: Image.Image, scale: float) -> tuple[Image.Image, list[Box]]:
    """The same in grey without rules, and the circles to be ticked among what was taken off, in points."""
    grey = np.asarray(picture.convert("L"))
    dark = [_dark(grey, scale, across=across) for across in (True, False)]
    rules = [_rules(mask, scale, across=across) for mask, across in zip(dark, (True, False), strict=True)]
    gone: Mask = rules[0] | rules[1] | _dotted(dark[0] & dark[1], scale) | _boxes(dark[0] | dark[1], scale)
    circles = circles_of(dark[0] | dark[1], scale)
    for circle in circles:
        left, top = round(circle.x * scale), round(circle.y * scale)
        gone[top : round(circle.bottom * scale), left : left + round(circle.width * scale)] = 1
    if not gone.any():
        return Image.fromarray(grey), circles
    clean = grey.copy()
    paper = cv2.dilate(grey, np.ones((1 + 2 * round(_THIN * scale),) * 2, np.uint8))
    wide = cv2.dilate(gone, np.ones((1 + 2 * _AROUND,) * 2, np.uint8)) > 0
    clean[wide] = paper[wide]
    return Image.fromarray(clean), circles


def _kernel(along: int, beside: int, *, across: bool) -> Mask:
    return np.ones((beside, along) if across else (along, beside), np.uint8)


def _dark(grey: Mask, scale: float, *, across: bool) -> Mask:
    """Where something dark is thin, from above to below or from side to side."""
    thick = 1 + 2 * round(_THIN * scale / 2 + 1)
    darker = cv2.morphologyEx(grey, cv2.MORPH_BLACKHAT, _kernel(1, thick, across=across))
    mask: Mask = (darker > _DARKER).astype(np.uint8)
    return mask


def _rules(dark: Mask, scale: float, *, across: bool) -> Mask:
    """Where lines run; one that is a little askew is a stair of short ones."""
    shortest = round(_SHORTEST * scale)
    thick = cv2.dilate(dark, _kernel(1, 3, across=across))
    lines = cv2.morphologyEx(thick, cv2.MORPH_OPEN, _kernel(shortest, 1, across=across))
    found: Mask = cv2.bitwise_and(lines, cv2.dilate(dark, np.ones((3, 3), np.uint8)))
    return found


def _dotted(dots: Mask, scale: float) -> Mask:
    """Where dots stand beside each other in a row."""
    _, labels, stats, _ = cv2.connectedComponentsWithStats(dots, connectivity=8)
    small = (stats[:, cv2.CC_STAT_WIDTH] <= _DOT * scale) & (stats[:, cv2.CC_STAT_HEIGHT] <= _DOT * scale)
    small[0] = False
    alone: Mask = small[labels].astype(np.uint8)
    rows = cv2.morphologyEx(alone, cv2.MORPH_CLOSE, _kernel(round(_DOTS_APART * scale), 1, across=True))
    _, labels, stats, _ = cv2.connectedComponentsWithStats(rows, connectivity=8)
    long = (stats[:, cv2.CC_STAT_WIDTH] >= _SHORTEST * scale) & (stats[:, cv2.CC_STAT_HEIGHT] <= 1.6 * _DOT * scale)
    long[0] = False
    dotted: Mask = alone & long[labels].astype(np.uint8)
    return dotted


def _boxes(dark: Mask, scale: float) -> Mask:
    """The walls of small empty boxes."""
    found = np.zeros_like(dark)
    contours, tree = cv2.findContours(dark, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_SIMPLE)
    if tree is None:
        return found
    least, most = (side * scale for side in _BOX)
    for contour, (_, _, _, parent) in zip(contours, tree[0], strict=True):
        _, _, width, height = cv2.boundingRect(contour)
        if parent < 0 or not (least <= min(width, height) and max(width, height) <= most):
            continue
        _, _, across, down = cv2.boundingRect(contours[parent])
        walls = max(across - width, down - height)
        if cv2.contourArea(contour) > _SQUARE * (width - 1) * (height - 1) and walls <= 2 * _THIN * scale:
            cv2.drawContours(found, contours, parent, 1, thickness=cv2.FILLED)
    return found & dark
