"""The free ends of pointer lines: a drawing whose parts are to be labelled, with nothing at the end of its lines."""

import math
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import combinations

import cv2
import numpy as np

from velum.finding.blanks import Blank
from velum.finding.printed import DRAWN, SCALE, Grey, Printed
from velum.finding.rect import Rect
from velum.finding.ruling import Ruling

_FEWEST = 3
"""So many pointers make a drawing that is to be labelled: one or two lines are part of it."""

_LENGTH = (22.0, 300.0)
"""Points from one end of a pointer to the other."""

_SLANT = 5.0
"""Degrees by which a pointer differs from level and from upright, at least: others are ruling."""

_FREE = 7.0
"""Points around its end in which nothing else is drawn."""

_WORDS = 12.0
"""Points beyond its end in which nothing is printed."""

_SPREAD = 14.0
"""Points: lines that run through one spot are rays, of a sun or a wheel."""

_LABEL, _LINES = 96.0, 1.7
"""Points that a label is long, and lines of print that it is high."""

_NARROWEST = 30.0

_MARGIN = 40.0
"""Points from the upper and the lower edge, where nothing but a frame is drawn."""

_SURE = 0.6


@dataclass(frozen=True, slots=True)
class _Pointer:
    """From the drawing to its free end, in points."""

    start: tuple[float, float]
    end: tuple[float, float]

    @property
    def along(self) -> tuple[float, float]:
        """The direction that it points away in, one point long."""
        x, y = self.end[0] - self.start[0], self.end[1] - self.start[1]
        length = math.hypot(x, y)
        return x / length, y / length


def pointers(printed: Printed, ruling: Ruling, taken: Sequence[Rect]) -> list[Blank]:
    """Room for a label at the free end of each pointer of a page; ``taken`` is where one answers already."""
    dark: Grey = (printed.grey < printed.paper - DRAWN).astype(np.uint8)
    if _is_ruled(dark, ruling):
        return []
    found = [pointer for line in _lines(printed.grey) if (pointer := _pointer(line, dark, printed))]
    # One that begins at a line or a box to write in leads from there into the drawing.
    found = [pointer for pointer in found if not any(_begins_at(pointer, rect) for rect in taken)]
    if len(found) < _FEWEST or _are_rays(found):
        return []
    rooms = [room for pointer in found if (room := _room(pointer, printed, found))]
    free = [room for room in rooms if not any(room.touches(rect) for rect in taken)]
    return [Blank("line", room, confidence=_SURE) for room in free] if len(free) >= _FEWEST else []


def _is_ruled(dark: Grey, ruling: Ruling) -> bool:
    """Whether a page holds hardly anything that is drawn, but for its ruling."""
    drawn = dark.copy()
    for line in (*ruling.across, *ruling.down):
        left, top = int(line.x * SCALE) - 1, int(line.y * SCALE) - 1
        drawn[max(0, top) : int(line.bottom * SCALE) + 2, max(0, left) : int(line.right * SCALE) + 2] = 0
    return int(np.count_nonzero(drawn)) < _FEWEST * _LENGTH[0] * SCALE


def _lines(grey: Grey) -> Iterator[tuple[tuple[float, float], tuple[float, float]]]:
    """The slanted strokes of a page, in points; each but once, though it has two edges."""
    small = cv2.resize(grey, None, fx=1 / SCALE, fy=1 / SCALE, interpolation=cv2.INTER_AREA)
    found = cv2.createLineSegmentDetector().detect(small)[0]
    if found is None:
        return
    kept: list[tuple[float, ...]] = []
    for line in sorted(
        found.reshape(-1, 4).tolist(), key=lambda line: -math.hypot(line[2] - line[0], line[3] - line[1])
    ):
        x, y = line[2] - line[0], line[3] - line[1]
        if not _LENGTH[0] <= math.hypot(x, y) <= _LENGTH[1]:
            continue
        angle = math.degrees(math.atan2(y, x)) % 90
        if min(angle, 90 - angle) < _SLANT:
            continue
        if not any(_is_beside(line, other) for other in kept):
            kept.append(tuple(line))
            yield (line[0], line[1]), (line[2], line[3])


def _is_beside(line: Sequence[float], other: Sequence[float]) -> bool:
    """Whether both ends of a line lie on another: they are edges of one stroke."""
    x, y = other[2] - other[0], other[3] - other[1]
    length = math.hypot(x, y)
    for across, down in (line[:2], line[2:]):
        off_x, off_y = across - other[0], down - other[1]
        along = (off_x * x + off_y * y) / length
        if abs(off_x * y - off_y * x) / length > 3 or not -4 < along < length + 4:
            return False
    return True


def _pointer(line: tuple[tuple[float, float], tuple[float, float]], dark: Grey, printed: Printed) -> _Pointer | None:
    """A stroke as a pointer: drawn on at one end, and free at the other."""
    for start, end in (line, line[::-1]):
        pointer = _Pointer(start, end)
        if _is_free(pointer, dark, printed) and not _is_free(_Pointer(end, start), dark, printed):
            return pointer
    return None


def _is_free(pointer: _Pointer, dark: Grey, printed: Printed) -> bool:
    """Whether a stroke ends with nothing drawn or printed beyond."""
    (x, y), (along_x, along_y) = pointer.end, pointer.along
    reach = round(_FREE * SCALE)
    column, row = round((x + 3 * along_x) * SCALE), round((y + 3 * along_y) * SCALE)
    if not (reach <= column < dark.shape[1] - reach and reach <= row < dark.shape[0] - reach):
        return False
    around = dark[row - reach : row + reach + 1, column - reach : column + reach + 1]
    downs, acrosses = np.nonzero(around)
    # What lies behind the end is the stroke itself.
    beyond = (acrosses - reach) * along_x + (downs - reach) * along_y > -1.5 * SCALE
    if np.count_nonzero(beyond):
        return False
    left, right = (x - 2, x + _WORDS) if along_x > 0 else (x - _WORDS, x + 2)
    near = Rect(left, y - _WORDS, right, y + _WORDS)
    return not any(near.touches(token.rect) for token in printed.tokens)


def _begins_at(pointer: _Pointer, rect: Rect) -> bool:
    x, y = pointer.start
    return rect.x - _FREE < x < rect.right + _FREE and rect.y - _FREE < y < rect.bottom + _FREE


def _are_rays(found: Sequence[_Pointer]) -> bool:
    """Whether most of them come from one spot."""
    meeting = []
    for one, other in combinations(found[:12], 2):
        (ax, ay), (bx, by) = one.along, other.along
        cross = ax * by - ay * bx
        if abs(cross) > 0.05:
            off = other.start[0] - one.start[0], other.start[1] - one.start[1]
            share = (off[0] * by - off[1] * bx) / cross
            meeting.append((one.start[0] + share * ax, one.start[1] + share * ay))
    if len(meeting) < 3:
        return False
    spots = np.array(meeting)
    near = np.hypot(*(spots - np.median(spots, axis=0)).T) < _SPREAD
    return bool(near.mean() > 0.6)


def _room(pointer: _Pointer, printed: Printed, others: Sequence[_Pointer]) -> Rect | None:
    """Where the label is written: beyond the end, as long as there is room."""
    (x, y), (along_x, along_y) = pointer.end, pointer.along
    if printed.is_drawn_on(_outwards(pointer, printed)):
        return None  # it ends within the drawing
    high = _LINES * printed.size
    left = x - _LABEL / 2 if _is_steep(pointer) else x + 2 if along_x > 0 else x - 2 - _LABEL
    top = y - high / 2 if not _is_steep(pointer) else y + 2 if along_y > 0 else y - 2 - high
    room = Rect(
        max(left, 4.0), max(top, 4.0), min(left + _LABEL, printed.width - 4), min(top + high, printed.height - 4)
    )
    for token in printed.tokens:
        if room.touches(token.rect):
            room = room._replace(right=token.rect.x - 3) if along_x > 0 else room._replace(x=token.rect.right + 3)
    crossed = any(room.holds(Rect(*other.end, *other.end)) for other in others if other is not pointer)
    is_free = not crossed and not printed.is_drawn_on(room)
    return room if is_free and room.width > _NARROWEST and room.height > printed.size else None


def _outwards(pointer: _Pointer, printed: Printed) -> Rect:
    """The way from the end of a pointer to the margin."""
    (x, y), (along_x, along_y) = pointer.end, pointer.along
    if _is_steep(pointer):
        return (
            Rect(x - 2, y + 4, x + 2, printed.height - _MARGIN) if along_y > 0 else Rect(x - 2, _MARGIN, x + 2, y - 4)
        )
    left, right = printed.margins
    return Rect(x + 4, y - 2, max(x + 8, right), y + 2) if along_x > 0 else Rect(min(left, x - 8), y - 2, x - 4, y + 2)


def _is_steep(pointer: _Pointer) -> bool:
    return abs(pointer.along[0]) < 0.3
