"""The upper one of two sheets of which a photo shows the shape of both: some of its sides lie further in, and are only
seen by the shadow that they throw on the sheet beneath.
"""

from collections.abc import Iterator
from itertools import product
from typing import Any

import numpy as np
from numpy.typing import NDArray

from velum.paper.outlines import Outline
from velum.paper.side import Pixels, Side, meet, seen_at

_INWARDS = 0.2
"""How far in a side is looked for, as a share of its length."""

_EVERY = 2.0
"""Pixels from one line that is tried to the next."""

_NEAR = 3
"""Pixels to both sides of a line between which a step is looked for."""

_STEP = 2.5
"""The least step (of 255) that is no grain."""

_SEEN = 0.8
"""The share of a line along which the picture steps the same way."""

_TRIED = 2
"""The lines further in that are tried for a side."""

_SHARES: NDArray[Any] = np.linspace(0.06, 0.94, 60)


def upper_sheets(picture: Pixels, both: Outline) -> Iterator[Outline]:
    """What the sheet may be that lies above."""
    choices = [[side] if side is None else [side, *_further_in(picture, side)] for side in both.sides]
    for sides in product(*choices):
        if sides != both.sides:
            outline = _joined(sides)
            if outline is not None:
                yield outline


def _further_in(picture: Pixels, side: Side) -> list[Side]:
    """The lines inwards of a side along which the picture steps best."""
    offsets = np.arange(0, _INWARDS * float(np.hypot(*side.along)), _EVERY)
    starts, ends = (grid.ravel() for grid in np.meshgrid(offsets, offsets, indexing="ij"))
    inwards = starts[:, None] * (1 - _SHARES) + ends[:, None] * _SHARES
    places = side.start + _SHARES[None, :, None] * side.along + inwards[:, :, None] * side.across
    steps = seen_at(picture, places + _NEAR * side.across) - seen_at(picture, places - _NEAR * side.across)
    # The shadow falls outwards: inside it is lighter.
    seen = (steps.max(axis=2) > _STEP).mean(axis=1)
    found: list[tuple[float, float]] = []
    for line in np.argsort(-seen * 1000 - np.median(steps.max(axis=2), axis=1)):
        if seen[line] < _SEEN or len(found) == _TRIED:
            break
        pair = (float(starts[line]), float(ends[line]))
        if all(abs(pair[0] - one[0]) + abs(pair[1] - one[1]) > 12 for one in [(0.0, 0.0), *found]):
            found.append(pair)
    return [Side(side.start + start * side.across, side.end + end * side.across) for start, end in found]


def _joined(sides: tuple[Side | None, ...]) -> Outline | None:
    """The outline whose sides lie on the lines of these."""
    joined: list[Side | None] = []
    for number, side in enumerate(sides):
        if side is None:
            joined.append(None)
            continue
        before, after = sides[number - 1], sides[(number + 1) % 4]
        start = side.start if before is None else meet(before.ends(), side.begins())
        end = side.end if after is None else meet(side.ends(), after.begins())
        if start is None or end is None:
            return None
        joined.append(Side(start, end))
    return Outline(tuple(joined))
