"""A sheet of paper in a photo, made flat."""

from collections.abc import Sequence

import cv2
import numpy as np
from PIL import Image

from velum.geometry.box import Box
from velum.geometry.projection import Corners, distance
from velum.paper.look import Flat
from velum.paper.page_size import PageSize

_HAIR = 0.15
"""Points that corners may be off and still count as upright; they are kept to a tenth."""


def upright_part(flat: Flat, page: PageSize) -> Box | None:
    """The part of the page that a sheet is, when it is neither askew nor enlarged nor reaches beyond the page."""
    one, two, three, four = flat.corners
    upright = max(abs(one.y - two.y), abs(three.y - four.y), abs(one.x - four.x), abs(two.x - three.x)) <= _HAIR
    beyond = max(-one.x, -one.y, three.x - page.width, three.y - page.height)
    if not upright or beyond > _HAIR or two.x <= one.x or three.y <= two.y:
        return None
    if abs(three.x - one.x - flat.width) > _HAIR or abs(three.y - one.y - flat.height) > _HAIR:
        return None
    x, y = max(0.0, one.x), max(0.0, one.y)
    return Box(x=x, y=y, width=min(three.x, page.width) - x, height=min(three.y, page.height) - y)


def flattened(
    picture: Image.Image,
    corners: Sequence[tuple[float, float]],
    flat: Flat,
    scale: float,
    beyond: int = cv2.BORDER_CONSTANT,
) -> Image.Image:
    """The sheet whose ``corners`` are these pixels of the picture, flat, at ``scale`` pixels a point.

    What lies beyond the picture is white, or as OpenCV's border type ``beyond`` says.
    """
    width, height = max(1, round(flat.width * scale)), max(1, round(flat.height * scale))
    there = np.array([(0, 0), (width, 0), (width, height), (0, height)], np.float32)
    # Pixels are counted at their middles.
    matrix = cv2.getPerspectiveTransform(np.array(corners, np.float32) - 0.5, there - np.float32(0.5))
    out = cv2.warpPerspective(
        np.asarray(picture),
        matrix,
        (width, height),
        flags=cv2.INTER_CUBIC,
        borderMode=beyond,
        borderValue=(255, 255, 255),
    )
    return Image.fromarray(out)


def shorter(corners: Corners) -> float:
    """The shorter of the upper and the lower edge, in points."""
    return min(_edges(corners))


def longer(corners: Corners) -> float:
    """The longer of the upper and the lower edge, in points."""
    return max(_edges(corners))


def _edges(corners: Corners) -> tuple[float, float]:
    one, two, three, four = corners
    return distance(one, two), distance(four, three)
