"""Shapes in a photo that may be a sheet of paper: those of four sides, or of three and the rim of the photo."""

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from velum.paper.side import Pixels, Place, Side, meet

SMALLEST_SHARE = 0.2
"""The share of the photo that a sheet takes at least: people hold the camera at what they mean."""

_ONWARD = 24
"""Degrees by which a side turns that bows, or whose sheet has soft corners; a corner turns by more."""

_SHORT = 0.06
"""The share of the way round that a folded corner takes at most."""

_RIM = 3
"""Pixels from the rim of the photo within which a shape touches it."""


@dataclass(frozen=True, eq=False)
class Outline:
    """The sides of a shape, clockwise from the one above; None: cut off by the rim of the photo."""

    sides: tuple[Side | None, ...]

    @property
    def corners(self) -> Place:
        """Top left first and clockwise: (4, 2) pixels."""
        return np.array([self.corner(number) for number in range(4)])

    def corner(self, number: int) -> Place:
        """Where one side ends and the next begins."""
        before, after = self.sides[number - 1], self.sides[number]
        if after is not None:
            return after.start
        assert before is not None
        return before.end

    def area_within(self, width: int, height: int) -> float:
        """What it takes of a photo of this size, in pixels."""
        photo = np.array([(0, 0), (width - 1, 0), (width - 1, height - 1), (0, height - 1)], np.float32)
        return float(cv2.intersectConvexConvex(self.corners.astype(np.float32), photo)[0])

    def scaled(self, by: float) -> "Outline":
        """The same in a picture that is so many times as large."""
        return Outline(tuple(side and side.scaled(by) for side in self.sides))


def outlines(picture: Pixels) -> Iterator[Outline]:
    """What may be a sheet, as several ways of telling it from its ground show it."""
    height, width = picture.shape[:2]
    for mask in _masks(picture):
        contours, _ = cv2.findContours(mask, cv2.RETR_LIST, cv2.CHAIN_APPROX_NONE)
        for contour in contours:
            hull = cv2.convexHull(contour, clockwise=True)
            if cv2.contourArea(hull) > SMALLEST_SHARE * width * height:
                outline = _outline(contour[:, 0].astype(np.float64), hull, (width, height))
                if outline is not None:
                    yield outline


def _masks(picture: Pixels) -> Iterator[Pixels]:
    """Black and white pictures on one of which the sheet is a white shape of its own."""
    smooth = cv2.bilateralFilter(picture, 7, 45, 7)
    lab = cv2.cvtColor(smooth, cv2.COLOR_RGB2LAB)
    closing = np.ones((9, 9), np.uint8)
    lightness = lab[:, :, 0]
    grey = np.full_like(lightness, 128)
    colour = cv2.absdiff(lab[:, :, 1], grey) + cv2.absdiff(lab[:, :, 2], grey)
    levels = [cv2.threshold(lightness, 0, 255, cv2.THRESH_OTSU)[0]]
    levels += [level for level in (90, 120, 150, 180) if abs(level - levels[0]) > 12]
    for level in levels:
        _, light = cv2.threshold(lightness, level, 255, cv2.THRESH_BINARY)
        yield cv2.morphologyEx(light, cv2.MORPH_CLOSE, closing)
    _, pale = cv2.threshold(colour, 0, 255, cv2.THRESH_BINARY_INV | cv2.THRESH_OTSU)
    yield cv2.morphologyEx(pale, cv2.MORPH_CLOSE, closing)
    for low in (20, 50):
        edges = cv2.Canny(smooth, low, low * 3)
        walls = cv2.dilate(edges, np.ones((5, 5), np.uint8))
        # What no edge shuts off from the rim is ground; the rest is a shape.
        ground = cv2.copyMakeBorder(255 - walls, 1, 1, 1, 1, cv2.BORDER_CONSTANT, value=255)
        cv2.floodFill(ground, None, (0, 0), 0)
        inside = cv2.dilate(ground[1:-1, 1:-1], np.ones((5, 5), np.uint8))
        yield cv2.morphologyEx(inside, cv2.MORPH_CLOSE, closing)
        # A sheet that the rim cuts off is open towards it, but shut off from the ground.
        count, parts, about, _ = cv2.connectedComponentsWithStats(255 - walls, connectivity=4)
        for part in range(1, count):
            if about[part, cv2.CC_STAT_AREA] > SMALLEST_SHARE / 2 * walls.size:
                yield cv2.dilate(np.where(parts == part, 255, 0).astype(np.uint8), np.ones((5, 5), np.uint8))


@dataclass
class _Stretch:
    """A part of the way round a shape that does not turn at a corner: from one of its vertices to another."""

    start: Place
    end: Place
    rim: bool

    @property
    def length(self) -> float:
        return float(np.hypot(*(self.end - self.start)))


def _outline(contour: Place, hull: NDArray[Any], size: tuple[int, int]) -> Outline | None:
    around = cv2.arcLength(hull, closed=True)
    for share in (0.004, 0.01, 0.02, 0.03, 0.05):
        shape = cv2.approxPolyDP(hull, share * around, closed=True)[:, 0].astype(np.float64)
        stretches = _merged(_stretches(shape, size))
        stretches = [stretch for stretch in stretches if stretch.rim or stretch.length > _SHORT * around]
        sides = [stretch for stretch in stretches if not stretch.rim]
        if len(sides) == 4:
            found = _of_four(sides, contour)
        elif len(sides) == 3 and len(stretches) > 3:
            found = _of_three(stretches, contour)
        else:
            continue
        # A sheet fills its sides; a shape that only has far points where corners could be does not.
        if found is not None and cv2.contourArea(hull) > 0.9 * found.area_within(*size):
            return found
    return None


def _stretches(shape: Place, size: tuple[int, int]) -> list[_Stretch]:
    """The lines from vertex to vertex, clockwise."""
    if _area(shape) < 0:
        shape = shape[::-1]
    return [
        _Stretch(start, end, _on_rim(start, end, size))
        for start, end in zip(shape, np.roll(shape, -1, axis=0), strict=True)
    ]


def _merged(stretches: list[_Stretch]) -> list[_Stretch]:
    """Those between which there is no corner, as one."""
    merged: list[_Stretch] = []
    for stretch in stretches:
        if merged and _goes_on(merged[-1], stretch):
            merged[-1] = _Stretch(merged[-1].start, stretch.end, stretch.rim)
        else:
            merged.append(stretch)
    if len(merged) > 1 and _goes_on(merged[-1], merged[0]):
        last = merged.pop()
        merged[0] = _Stretch(last.start, merged[0].end, last.rim)
    return merged


def _goes_on(one: _Stretch, other: _Stretch) -> bool:
    if one.rim or other.rim:
        return one.rim and other.rim
    a, b = one.end - one.start, other.end - other.start
    return bool(np.degrees(abs(np.arctan2(a[0] * b[1] - a[1] * b[0], a @ b))) < _ONWARD)


def _on_rim(start: Place, end: Place, size: tuple[int, int]) -> bool:
    return any(
        max(abs(start[axis] - rim), abs(end[axis] - rim)) <= _RIM for axis in (0, 1) for rim in (0, size[axis] - 1)
    )


def _of_four(sides: list[_Stretch], contour: Place) -> Outline | None:
    corners = [corner for corner in (_corner(sides[i - 1], sides[i]) for i in range(4)) if corner is not None]
    if len(corners) < 4:
        return None
    first = int(np.argmin([corner.sum() for corner in corners]))
    corners = corners[first:] + corners[:first]
    ends = zip(corners, [*corners[1:], corners[0]], strict=True)
    return Outline(tuple(_bowed(start, end, contour) for start, end in ends))


def _of_three(stretches: list[_Stretch], contour: Place) -> Outline | None:
    """The sides as they follow on the rim, and the rim as the fourth."""
    cut = next(i for i, stretch in enumerate(stretches) if not stretch.rim and stretches[i - 1].rim)
    one, two, three = [stretch for stretch in stretches[cut:] + stretches[:cut] if not stretch.rim]
    met, met_too = _corner(one, two), _corner(two, three)
    if met is None or met_too is None:
        return None
    ends = ((one.start, met), (met, met_too), (met_too, three.end))
    sides: list[Side | None] = [_bowed(start, end, contour) for start, end in ends]
    sides.append(None)
    starts = np.array([one.start, met, met_too, three.end])
    first = int(np.argmin(starts.sum(axis=1)))
    return Outline(tuple(sides[first:] + sides[:first]))


def _corner(before: _Stretch, after: _Stretch) -> Place | None:
    if np.array_equal(before.end, after.start):
        return after.start
    return meet((before.end, before.end - before.start), (after.start, after.end - after.start))


def _bowed(start: Place, end: Place, contour: Place) -> Side:
    """The side between two corners, bowing as the contour does."""
    straight = Side(start, end)
    length = float(np.hypot(*straight.along))
    away = contour - start
    share, inwards = away @ straight.along / length**2, away @ straight.across
    middle = inwards[(abs(share - 0.5) < 0.1) & (abs(inwards) < 0.05 * length)]
    return Side(start, end, float(np.median(middle))) if len(middle) else straight


def _area(shape: Place) -> float:
    """The area of a shape; below 0 when its corners are told anticlockwise."""
    x, y = shape[:, 0], shape[:, 1]
    return float((x * np.roll(y, -1) - y * np.roll(x, -1)).sum() / 2)
