"""Rectangles while a page is read: light, for there are thousands. Points from the page's top left."""

from collections.abc import Iterable
from typing import NamedTuple

from velum.geometry.box import Box


class Rect(NamedTuple):
    x: float
    y: float
    right: float
    bottom: float

    @property
    def width(self) -> float:
        return self.right - self.x

    @property
    def height(self) -> float:
        return self.bottom - self.y

    @property
    def middle(self) -> tuple[float, float]:
        return (self.x + self.right) / 2, (self.y + self.bottom) / 2

    def holds(self, other: "Rect") -> bool:
        """Whether the middle of another lies in it."""
        x, y = other.middle
        return self.x <= x <= self.right and self.y <= y <= self.bottom

    def across(self, other: "Rect") -> float:
        """How much of the width they have in common; negative: the room between them."""
        return min(self.right, other.right) - max(self.x, other.x)

    def down(self, other: "Rect") -> float:
        """How much of the height they have in common; negative: the room between them."""
        return min(self.bottom, other.bottom) - max(self.y, other.y)

    def touches(self, other: "Rect") -> bool:
        return self.across(other) > 0 and self.down(other) > 0

    @property
    def box(self) -> Box:
        x, y = round(self.x, 1), round(self.y, 1)
        return Box(x=x, y=y, width=max(round(self.right - x, 1), 0.1), height=max(round(self.bottom - y, 1), 0.1))


def rect_of(box: Box) -> Rect:
    return Rect(box.x, box.y, box.x + box.width, box.bottom)


def around(rects: Iterable[Rect]) -> Rect:
    """The smallest one around several, of which there is at least one."""
    xs, ys, rights, bottoms = zip(*rects, strict=True)
    return Rect(min(xs), min(ys), max(rights), max(bottoms))
