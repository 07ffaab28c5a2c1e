"""Ruled lines of a page, and the rooms that lines shut off.

They are found in its picture, so it does not matter how they were drawn: as lines, thin areas, dashes, or by a scanner.
"""

from dataclasses import dataclass
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

_MOST_ROOMS = 4_000

_STRAIGHT = 0.9
"""The share of the rectangle around it that a rectangular room fills."""

_ROUND = (0.72, 0.84)
"""The share that a round one fills: an ellipse pi / 4."""


@dataclass(frozen=True, slots=True)
class Room:
    """A part of the page that lines shut off."""

    rect: Rect
    is_round: bool = False


@dataclass(frozen=True)
class Ruling:
    across: tuple[Rect, ...]
    """Horizontal lines: as long as they are, as high as they are thick."""
    down: tuple[Rect, ...]
    rooms: tuple[Room, ...]

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
    across = _lines(grey, faint, across=True)
    down = _lines(grey, faint, across=False)
    thin = np.maximum(
        cv2.morphologyEx(grey, cv2.MORPH_BLACKHAT, np.ones((_THIN, 1), np.uint8)),
        cv2.morphologyEx(grey, cv2.MORPH_BLACKHAT, np.ones((1, _THIN), np.uint8)),
    )
    walls = across | down if photographed else across | down | (thin > faint).astype(np.uint8)
    return Ruling(_rects(across), _rects(down), tuple(_rooms(walls)))


def _lines(grey: Grey, faint: int, *, across: bool) -> Grey:
    """Where lines run: 1, elsewhere 0."""

    def kernel(along: int, beside: int) -> Grey:
        return np.ones((beside, along) if across else (along, beside), np.uint8)

    dark = (cv2.morphologyEx(grey, cv2.MORPH_BLACKHAT, kernel(1, _THIN)) > faint).astype(np.uint8)
    whole = cv2.morphologyEx(dark, cv2.MORPH_CLOSE, kernel(_DASHES, 1))
    # A line that is a little askew is a stair of short ones.
    thick = cv2.dilate(whole, kernel(1, 3))
    found = cv2.morphologyEx(thick, cv2.MORPH_OPEN, kernel(_SHORTEST, 1))
    straight = cv2.morphologyEx(whole, cv2.MORPH_OPEN, kernel(_SHORTEST, 1))
    return np.maximum(cv2.erode(found, kernel(1, 3)), straight)


def _rects(mask: Grey) -> tuple[Rect, ...]:
    count, _, stats, _ = cv2.connectedComponentsWithStats(mask, connectivity=8)
    found = []
    for x, y, width, height, _ in stats[1:count].tolist():
        found.append(Rect(x / SCALE, y / SCALE, (x + width) / SCALE, (y + height) / SCALE))
    return tuple(found)


def _rooms(walls: Grey) -> list[Room]:
    shut = cv2.dilate(walls, np.ones((3, 3), np.uint8))
    count, _, stats, _ = cv2.connectedComponentsWithStats(1 - shut, connectivity=4)
    height, width = walls.shape
    rooms = []
    for x, y, across, down, area in stats[1 : min(count, _MOST_ROOMS)].tolist():
        if min(across, down) < _SHORTEST - 4 or across * down > 0.75 * width * height:
            continue
        share = area / (across * down)
        # The walls were made thicker by a pixel on each side.
        rect = Rect((x - 1) / SCALE, (y - 1) / SCALE, (x + across + 1) / SCALE, (y + down + 1) / SCALE)
        if share > _STRAIGHT:
            rooms.append(Room(rect))
        elif _ROUND[0] < share < _ROUND[1] and 0.8 < across / down < 1.25:
            rooms.append(Room(rect, is_round=True))
    return rooms
