"""Ruled lines of a page, and the rooms that lines shut off.

They are found in its picture, so it does not matter how they were drawn: as lines, thin areas, dashes, or by a scanner.
"""

from collections.abc import Iterator
from dataclasses import dataclass, replace
from functools import cached_property

import cv2
import numpy as np

from velum.finding.printed import SCALE, Grey
from velum.finding.rect import Rect

_THIN = 9
"""Pixels: what is dark and thinner than this is a line."""

_FAINT = 14
"""Levels of grey by which a line is darker than the paper: a hair line in light grey still is."""

_FAINT_IN_PHOTOS = 26

_DASHES = 9
"""Pixels between two dashes of one line."""

_SHORTEST = 12
"""Pixels of the shortest line: the side of a box to be ticked."""

_LONG = 40
"""Pixels of a line that is looked at again where something runs into it aslant."""

_STEEP = 0.06
"""How much a line rises at most, as a share of its length: more than a scan that was straightened is still askew."""

_MOST_SHAPES = 20_000

_STRAIGHT = 0.9
"""The share of the rectangle around it that a rectangular room fills."""

_CUT_INTO = 0.5
"""The share of one that is left where what is drawn in it touches its walls."""

_ROUND = (0.72, 0.84)
"""The share that a round one fills: an ellipse pi / 4."""


@dataclass(frozen=True, slots=True)
class Room:
    """A part of the page that lines shut off."""

    rect: Rect
    is_round: bool = False
    is_bare: bool = True
    """Whether nothing is drawn in it."""


@dataclass(frozen=True)
class Ruling:
    across: tuple[Rect, ...]
    """Horizontal lines: as long as they are, as high as they are thick."""
    down: tuple[Rect, ...]
    rooms: tuple[Room, ...]

    def in_mirror(self, width: float) -> "Ruling":
        """The same on a page so wide, as it is seen in a mirror."""

        def turned(rect: Rect) -> Rect:
            return Rect(width - rect.right, rect.y, width - rect.x, rect.bottom)

        rooms = tuple(replace(room, rect=turned(room.rect)) for room in self.rooms)
        return Ruling(tuple(map(turned, self.across)), tuple(map(turned, self.down)), rooms)

    @cached_property
    def free(self) -> tuple[Rect, ...]:
        """Horizontal lines that shut off no room."""
        return tuple(line for line in self.across if self._shut_off_by(line) < 0.3 * line.width)

    def _shut_off_by(self, line: Rect) -> float:
        """How much of a line is a wall of rooms, in points; both sides are counted."""
        y = line.middle[1]
        walls = (room.rect for room in self.rooms if min(abs(room.rect.y - y), abs(room.rect.bottom - y)) < 3)
        return sum(max(0.0, wall.across(line)) for wall in walls)


def find_ruling(grey: Grey, *, photographed: bool) -> Ruling:
    """The ruling of a page; ``grey`` has SCALE pixels a point, and no words."""
    faint = _FAINT_IN_PHOTOS if photographed else _FAINT
    dark_across, dark_down = _dark(grey, faint, across=True), _dark(grey, faint, across=False)
    across, down = _lines(dark_across, across=True), _lines(dark_down, across=False)
    curved = dark_across | dark_down  # round corners, and circles
    walls = across | down | (_without_grain(curved) if photographed else curved)
    level, upright = _straight(across, across=True), _straight(down, across=False)
    return Ruling(_rects(level), _rects(upright), tuple(_rooms(walls)))


def _kernel(along: int, beside: int, *, across: bool) -> Grey:
    return np.ones((beside, along) if across else (along, beside), np.uint8)


def _dark(grey: Grey, faint: int, *, across: bool) -> Grey:
    """Where something dark is thin, from above to below or from side to side: 1, elsewhere 0."""
    darker: Grey = cv2.morphologyEx(grey, cv2.MORPH_BLACKHAT, _kernel(1, _THIN, across=across))
    return (darker > faint).astype(np.uint8)


def _without_grain(dark: Grey) -> Grey:
    """What is dark without what is smaller than the smallest room."""
    _, labels, stats, _ = cv2.connectedComponentsWithStats(dark, connectivity=8)
    large = np.maximum(stats[:, cv2.CC_STAT_WIDTH], stats[:, cv2.CC_STAT_HEIGHT]) >= _SHORTEST
    large[0] = False
    kept: Grey = large[labels].astype(np.uint8)
    return kept


def _lines(dark: Grey, *, across: bool) -> Grey:
    """Where lines run: 1, elsewhere 0."""
    shortest = _kernel(_SHORTEST, 1, across=across)
    whole = cv2.morphologyEx(dark, cv2.MORPH_CLOSE, _kernel(_DASHES, 1, across=across))
    # A line that is a little askew is a stair of short ones.
    thick = cv2.morphologyEx(cv2.dilate(whole, _kernel(1, 3, across=across)), cv2.MORPH_OPEN, shortest)
    straight = cv2.morphologyEx(whole, cv2.MORPH_OPEN, shortest)
    return np.maximum(cv2.erode(thick, _kernel(1, 3, across=across)), straight)


def _straight(lines: Grey, *, across: bool) -> Grey:
    """Lines without what runs up to them aslant, such as the pointer to a line of a diagram."""
    contours, _ = cv2.findContours(lines, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    kept = lines
    for x, y, width, height in map(cv2.boundingRect, contours):
        along, beside = (width, height) if across else (height, width)
        if along > _LONG and beside > _STEEP * along + _THIN:
            part = slice(y, y + height), slice(x, x + width)
            thick = cv2.dilate(lines[part], _kernel(1, 3, across=across))
            level = cv2.morphologyEx(thick, cv2.MORPH_OPEN, _kernel(_LONG, 1, across=across))
            kept = lines.copy() if kept is lines else kept
            kept[part] = cv2.bitwise_and(level, lines[part])
    return kept


def _rects(mask: Grey) -> tuple[Rect, ...]:
    contours, _ = cv2.findContours(mask, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    boxes = (cv2.boundingRect(contour) for contour in contours)
    found = (Rect(x / SCALE, y / SCALE, (x + across) / SCALE, (y + down) / SCALE) for x, y, across, down in boxes)
    return tuple(sorted(found, key=lambda rect: (rect.y, rect.x)))


def _rooms(walls: Grey) -> Iterator[Room]:
    """What walls go around: holes in what is dark, and whether something dark lies in them."""
    shut = cv2.dilate(walls, np.ones((3, 3), np.uint8))
    contours, tree = cv2.findContours(shut, cv2.RETR_TREE, cv2.CHAIN_APPROX_SIMPLE)
    if tree is None:
        return
    height, width = walls.shape
    for place, (contour, (_, _, child, parent)) in enumerate(zip(contours[:_MOST_SHAPES], tree[0], strict=False)):
        if parent < 0 or not _is_hole(tree[0], place):
            continue
        x, y, across, down = cv2.boundingRect(contour)
        if min(across, down) < _SHORTEST - 4 or across * down > 0.75 * width * height:
            continue
        # The contour runs through the middles of the pixels around it, and those are of walls made thicker by one.
        share = (cv2.contourArea(contour) + 2) / ((across - 1) * (down - 1))
        rect = Rect(x / SCALE, y / SCALE, (x + across) / SCALE, (y + down) / SCALE)
        if share > _STRAIGHT:
            yield Room(rect, is_bare=child < 0)
        elif share > _CUT_INTO and cv2.contourArea(cv2.convexHull(contour)) > _STRAIGHT * (across - 1) * (down - 1):
            yield Room(rect, is_bare=False)
        elif _ROUND[0] < share < _ROUND[1] and 0.8 < across / down < 1.25:
            yield Room(rect, is_round=True, is_bare=child < 0)


def _is_hole(tree: Grey, place: int) -> bool:
    """Whether a contour goes around a hole: those around what is dark and those around holes take turns."""
    depth = 0
    while tree[place][3] >= 0:
        place, depth = tree[place][3], depth + 1
    return depth % 2 == 1
