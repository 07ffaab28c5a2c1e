"""Which of several outlines in a photo is the sheet: a large one whose sides stand out from what lies beside them.

A side is seen where the picture steps from inside to outside. What is printed on a sheet has sides, too: beyond a
frame the paper goes on as it is within, and a picture or a tinted box lies on something lighter.
"""

import math
from collections.abc import Iterable
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from velum.paper.outlines import Outline
from velum.paper.side import Pixels, Side, seen_at
from velum.paper.upper_sheet import upper_sheets

_SHOWS = 0.5
"""The share of each of its sides that must be seen."""

_WITHIN = 0.3
"""The share of a side that lies within the photo at least."""

_GROUND = 0.4
"""The share of the way round a sheet that is not bordered by more of the same paper."""

_STEP = 9
"""The least difference (of 255) that is no grain."""

_FAINT = 3
"""The least difference that the shadow of a sheet makes on another."""

_NEAR, _FAR = 5, (9, 14, 20)
"""Pixels from a side, in a picture of some 700, where a step is looked for, and what lies beyond a printed frame."""

_WHITE = 232
"""Light (of 255) of which a scanner makes paper, and no camera a table."""

_END = 0.09
"""The share of a side that is near its corner."""

_TORN = 0.8
"""What it counts less for each side that is not seen up to its corners."""

_SHARES: NDArray[Any] = np.linspace(0.03, 0.97, 96)


def best_of(picture: Pixels, found: Iterable[Outline]) -> Outline | None:
    """The one of the outlines that is the sheet; None when none shows."""
    smooth = cv2.GaussianBlur(picture, (0, 0), 1.2)
    best = max(((_score(smooth, outline), outline) for outline in found), key=lambda one: one[0], default=None)
    if best is None or best[0] == 0:
        return None
    if all(_is_whole(*_seen_along(smooth, side, _STEP)) for side in best[1].sides if side is not None):
        return best[1]
    # Another sheet may lie beneath: then what was found is the shape of both, and the upper one is told by its shadow.
    return max([*upper_sheets(smooth, best[1]), best[1]], key=lambda outline: _score(smooth, outline, _FAINT))


def _score(picture: Pixels, outline: Outline, step: float = _STEP) -> float:
    """How likely an outline is the sheet; 0 when it cannot be."""
    seen = [_seen_along(picture, side, step) for side in outline.sides if side is not None]
    shows = [_shows(*along) for along in seen]
    if min(shows) < _SHOWS or not _lies_on_ground(picture, outline):
        return 0.0
    whole = [_is_whole(*along) for along in seen]
    # The edge of a shadow is seen well, too, but what it shuts off is smaller than the sheet.
    area = outline.area_within(picture.shape[1], picture.shape[0])
    return float(np.mean(shows)) * math.sqrt(area) * _TORN ** whole.count(False)


def _is_whole(seen: NDArray[Any], within: NDArray[Any]) -> bool:
    """Whether a side is seen up to both its corners."""
    ends = (_SHARES < _END, _SHARES > 1 - _END)
    return all(seen[end & within].mean() >= 0.5 for end in ends if (end & within).any())


def _shows(seen: NDArray[Any], within: NDArray[Any]) -> float:
    """The share of a side along which the sheet is told from what lies beside it."""
    return float(seen[within].mean()) if within.mean() >= _WITHIN else 0.0


def _seen_along(picture: Pixels, side: Side, step: float) -> tuple[NDArray[Any], NDArray[Any]]:
    """At which places along a side it is seen, and which lie within the photo."""
    places = side.places(_SHARES)
    within = np.all((places >= 0) & (places < picture.shape[1::-1]), axis=1)
    inside, outside = (seen_at(picture, places + by * side.across) for by in (_NEAR, -_NEAR))
    change = inside - outside
    channel = change[:, int(np.abs(np.median(change, axis=0)).argmax())]
    lighter, darker = channel > step, channel < -step
    return (lighter if lighter.mean() >= darker.mean() else darker), within


def _lies_on_ground(picture: Pixels, outline: Outline) -> bool:
    """Whether what lies around an outline is something else than the paper inside, and not the rest of a page."""
    ground, page, places = 0, 0, 0
    for side in outline.sides:
        if side is None:
            continue
        way = side.places(_SHARES)
        # The lightest of what lies inside is paper, whatever is printed there.
        inside = np.max([seen_at(picture, way + by * side.across) for by in _FAR], axis=0)
        outside = np.median([seen_at(picture, way - by * side.across) for by in _FAR], axis=0)
        step = inside - outside
        strongest = np.take_along_axis(step, np.abs(step).argmax(axis=1)[:, None], axis=1)[:, 0]
        ground += int((np.abs(strongest) > _STEP).sum())
        page += int(((strongest < -_STEP) & (outside.min(axis=1) > _WHITE)).sum())
        places += len(way)
    return ground >= _GROUND * places and page < ground / 2
