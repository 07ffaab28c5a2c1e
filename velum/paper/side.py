"""One side of a sheet in a photo: a line that may bow a little, as paper does that does not lie flat."""

from dataclasses import dataclass, replace
from typing import Any, TypeAlias

import cv2
import numpy as np
from numpy.typing import NDArray

Pixels: TypeAlias = NDArray[Any]
"""A picture: (height, width) for grey, (height, width, 3) for colour; 0 to 255."""

Place: TypeAlias = NDArray[Any]
"""A place in a picture, from the middle of its first pixel: (2,) pixels. Several are (…, 2)."""

_STRAIGHT = 0.0015
"""A side that bows by less than this share of its length is straight."""

_LOOKS = 120
"""Places along a side at which it is looked for."""


@dataclass(frozen=True, eq=False)
class Side:
    """From one corner to the next, clockwise round the sheet; ``bow``: pixels by which its middle lies further in."""

    start: Place
    end: Place
    bow: float = 0.0

    @property
    def along(self) -> Place:
        """From its start to its end."""
        return self.end - self.start

    @property
    def across(self) -> Place:
        """The direction towards the inside, one pixel long."""
        along = self.along
        return np.array([-along[1], along[0]]) / max(float(np.hypot(*along)), 1.0)

    def places(self, shares: NDArray[Any]) -> Place:
        """Where the side has come so far: (n, 2)."""
        inwards = self.bow * 4 * shares * (1 - shares)
        places: Place = self.start + shares[:, None] * self.along + inwards[:, None] * self.across
        return places

    def begins(self) -> "Line":
        """Its line where it starts."""
        return self.start, self.along + 4 * self.bow * self.across

    def ends(self) -> "Line":
        """Its line where it ends."""
        return self.end, self.along - 4 * self.bow * self.across

    def scaled(self, by: float) -> "Side":
        """The same side in a picture that is so many times as large."""
        return Side((self.start + 0.5) * by - 0.5, (self.end + 0.5) * by - 0.5, self.bow * by)

    def refined(self, grey: Pixels, reach: float) -> "Side":
        """The side as the line of greatest change, within ``reach`` pixels of where it is thought to be."""
        shares = np.linspace(0.06, 0.94, _LOOKS)
        offsets = np.arange(-reach, reach + 1)
        places = self.places(shares)[:, None, :] + offsets[None, :, None] * self.across
        seen = cv2.GaussianBlur(
            seen_at(grey, places)[:, :, 0].astype(np.float32), (0, 0), max(1.0, reach / 10), sigmaY=2
        )
        change = np.gradient(seen, axis=1)
        # The sheet is lighter than its ground or darker, but the same all along.
        if np.abs(change.min(axis=1)).sum() > np.abs(change.max(axis=1)).sum():
            change = -change
        strongest = change.max(axis=1)
        strong = strongest >= 0.35 * np.median(strongest)
        return self._moved(shares[strong], offsets[change.argmax(axis=1)][strong])

    def _moved(self, shares: NDArray[Any], offsets: NDArray[Any]) -> "Side":
        """The side through places that lie so far in of it."""
        bowing = np.stack([np.ones_like(shares), shares, 4 * shares * (1 - shares)], axis=1)
        start, slope, bow = _fitted(bowing, offsets)
        if abs(self.bow + bow) < _STRAIGHT * float(np.hypot(*self.along)):
            (start, slope), bow = _fitted(bowing[:, :2], offsets + self.bow * bowing[:, 2]), -self.bow
        across = self.across
        return replace(
            self, start=self.start + start * across, end=self.end + (start + slope) * across, bow=self.bow + bow
        )


def seen_at(picture: Pixels, places: Place) -> NDArray[Any]:
    """What a picture shows at places, (…, 2), that may lie between its pixels or beyond it: (…, channels)."""
    points = places.reshape(-1, places.shape[-2], 2).astype(np.float32)
    seen = cv2.remap(picture, points[:, :, 0], points[:, :, 1], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    return seen.reshape(*places.shape[:-1], -1).astype(np.float64)


Line: TypeAlias = tuple[Place, Place]
"""A place and a direction."""


def meet(one: Line, other: Line) -> Place | None:
    """Where two lines cross; None where they hardly do."""
    (p, d), (q, e) = one, other
    cross = d[0] * e[1] - d[1] * e[0]
    if abs(cross) < 1e-3 * np.hypot(*d) * np.hypot(*e):
        return None
    between = q - p
    met: Place = p + d * ((between[0] * e[1] - between[1] * e[0]) / cross)
    return met


def _fitted(terms: NDArray[Any], offsets: NDArray[Any]) -> NDArray[Any]:
    """The factors of the terms that fit best, not minding some offsets that are far off (P. Huber, 1964)."""
    weights = np.ones(len(offsets))
    factors = np.zeros(terms.shape[1])
    for _ in range(8):
        root = np.sqrt(weights)
        factors = np.linalg.lstsq(terms * root[:, None], offsets * root, rcond=None)[0]
        off = np.abs(terms @ factors - offsets)
        near = max(1.345 * 1.4826 * float(np.median(off)), 0.3)
        weights = np.minimum(1, near / np.maximum(off, 1e-9)) ** 2
    return factors
