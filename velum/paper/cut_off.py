"""Where the corners of a sheet lie that the rim of a photo cuts off at one side.

The two sides that run out of the photo tell a direction of the sheet, and the side across from the rim tells the one
at right angles to it, for a lens that is known (R. Hartley and A. Zisserman, Multiple View Geometry, 8.6). So the side
that is not seen can be laid; how far out it lies, the photo does not tell: a sheet that shows most of an A4 is one.
"""

from typing import Any, TypeAlias

import numpy as np
from numpy.typing import NDArray

from velum.geometry.projection import Corners, Point
from velum.paper.page_size import PageSize
from velum.paper.picture import A4

_MOST = 0.72
"""The share of a paper's length that is seen of it at least."""

_ROOM = 1.02
"""How much longer than a paper what is seen of it may come out."""

Vector: TypeAlias = NDArray[Any]
"""From the lens, where the photo lies at its focal length: (3,)."""


def completed(corners: Corners, cut: int, page: PageSize, focus: float) -> Corners:
    """The corners with those of the side that is cut off where the sheet has them: at the rim, or beyond it.

    ``focus`` is the focal length as a share of the photo's longer side.
    """
    longer = max(page.width, page.height)

    def ray(corner: int) -> Vector:
        point = corners[(cut + corner) % 4]
        return np.array([point.x - page.width / 2, point.y - page.height / 2, focus * longer]) / longer

    end, far, near, out = ray(1), ray(2), ray(3), ray(4)
    onward = _unit(np.cross(np.cross(near, out), np.cross(far, end)))
    aside = _unit(np.cross(np.cross(near, far), onward))
    upright = np.cross(onward, aside)

    def on_sheet(seen: Vector) -> Vector:
        placed: Vector = seen * (near @ upright) / (seen @ upright)
        return placed

    width = float(np.linalg.norm(on_sheet(far) - near))
    lengths = [float((on_sheet(seen) - near) @ onward) for seen in (out, end)]
    length = max(lengths, key=abs)
    length *= _as_paper(abs(length) / width) / (abs(length) / width)
    found = list(corners)
    for number, start in (((cut + 1) % 4, on_sheet(far)), (cut, near)):
        x, y, depth = start + length * onward
        if depth <= 0:
            # Beyond the horizon of a sheet that is seen from its edge: what is seen is all there is.
            return corners
        found[number] = Point(
            x=page.width / 2 + x / depth * focus * longer, y=page.height / 2 + y / depth * focus * longer
        )
    return found[0], found[1], found[2], found[3]


def _as_paper(proportion: float) -> float:
    """Length to width of the paper of which this much is seen."""
    short, long = A4
    papers = [paper for paper in (short / long, long / short) if _MOST * paper <= proportion <= _ROOM * paper]
    return papers[0] if papers else proportion


def _unit(vector: Vector) -> Vector:
    return vector / float(np.linalg.norm(vector))
