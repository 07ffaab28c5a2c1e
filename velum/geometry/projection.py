"""Maps of the plane that keep straight lines straight: what a camera does to a sheet of paper.

The map from a square to any four corners: P. Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), 2.2.
"""

import math
from dataclasses import dataclass
from typing import TypeAlias

from velum.geometry.box import Box, Coordinate
from velum.model import Model

Row: TypeAlias = tuple[float, float, float]


class Point(Model):
    """A place in points from the top left of a page."""

    x: Coordinate
    y: Coordinate

    def rounded(self) -> "Point":
        """The point to a tenth."""
        return Point(x=round(self.x, 1), y=round(self.y, 1))


Corners: TypeAlias = tuple[Point, Point, Point, Point]
"""Top left, top right, bottom right, bottom left."""


@dataclass(frozen=True)
class Projection:
    """A projective map, as the rows of its matrix."""

    rows: tuple[Row, Row, Row]

    def __call__(self, point: Point) -> Point:
        """Where a point comes to lie."""
        x, y, scale = (row[0] * point.x + row[1] * point.y + row[2] for row in self.rows)
        return Point(x=_within(x / scale), y=_within(y / scale)) if scale else Point(x=0, y=0)

    def box(self, box: Box) -> Box:
        """The upright box around what a box becomes."""
        points = [self(corner) for corner in corners_of(box)]
        x, y = min(point.x for point in points), min(point.y for point in points)
        right, bottom = max(point.x for point in points), max(point.y for point in points)
        return Box(x=x, y=y, width=max(right - x, 0.1), height=max(bottom - y, 0.1))

    def after(self, first: "Projection") -> "Projection":
        """The map that does ``first`` and then this one."""
        columns = tuple(zip(*first.rows, strict=True))
        rows = [tuple(sum(a * b for a, b in zip(row, column, strict=True)) for column in columns) for row in self.rows]
        return Projection((_row(rows[0]), _row(rows[1]), _row(rows[2])))

    def inverse(self) -> "Projection":
        """The map back. For corners that :func:`is_sheet` accepts there always is one."""
        (a, b, c), (d, e, f), (g, h, i) = self.rows
        return Projection(
            (
                (e * i - f * h, c * h - b * i, b * f - c * e),
                (f * g - d * i, a * i - c * g, c * d - a * f),
                (d * h - e * g, b * g - a * h, a * e - b * d),
            )
        )


def onto(corners: Corners, width: float, height: float) -> Projection:
    """The map from an upright sheet, ``width`` by ``height`` points, to four corners."""
    one, two, three, four = corners
    across = (two.x - three.x, four.x - three.x, one.x - two.x + three.x - four.x)
    down = (two.y - three.y, four.y - three.y, one.y - two.y + three.y - four.y)
    area = across[0] * down[1] - across[1] * down[0]
    g = (across[2] * down[1] - across[1] * down[2]) / area
    h = (across[0] * down[2] - across[2] * down[0]) / area
    return Projection(
        (
            ((two.x - one.x + g * two.x) / width, (four.x - one.x + h * four.x) / height, one.x),
            ((two.y - one.y + g * two.y) / width, (four.y - one.y + h * four.y) / height, one.y),
            (g / width, h / height, 1.0),
        )
    )


def corners_of(box: Box) -> Corners:
    """The corners of an upright box."""
    right = box.x + box.width
    return (
        Point(x=box.x, y=box.y),
        Point(x=right, y=box.y),
        Point(x=right, y=box.bottom),
        Point(x=box.x, y=box.bottom),
    )


def distance(one: Point, other: Point) -> float:
    """How far two points are apart."""
    return math.hypot(one.x - other.x, one.y - other.y)


def is_sheet(corners: Corners, smallest: float) -> bool:
    """Whether corners can be those of a sheet: going round clockwise, bent the same way at each, no side too short."""
    for i in range(4):
        one, two, three = corners[i], corners[(i + 1) % 4], corners[(i + 2) % 4]
        along, onward = (two.x - one.x, two.y - one.y), (three.x - two.x, three.y - two.y)
        if along[0] ** 2 + along[1] ** 2 < smallest**2 or along[0] * onward[1] - along[1] * onward[0] < smallest**2:
            return False
    return True


def _row(values: tuple[float, ...]) -> Row:
    a, b, c = values
    return (a, b, c)


def _within(value: float) -> float:
    return max(-20_000.0, min(20_000.0, value))
