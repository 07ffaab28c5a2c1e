"""The corners of a sheet of paper in a photo, and how far a scan is askew.

A sheet is the largest shape of four sides that stands out from what it lies on. Where its edges are found roughly, each
is found again between its corners, finely, as the line along which the picture changes most.
"""

import math
from collections.abc import Iterator
from typing import Any, TypeAlias

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from velum.geometry.projection import Corners, Point, is_sheet

Pixels: TypeAlias = NDArray[Any]
"""A picture: (height, width) for grey, (height, width, 3) for colour; 0 to 255."""

Quad: TypeAlias = NDArray[Any]
"""Four corners, top left first and clockwise: (4, 2) pixels."""

_SEEN = 700
"""The longer side, in pixels, at which shapes are looked for."""

_SMALLEST_SHARE = 0.2
"""The share of the photo that a sheet takes at least: people hold the camera at what they mean."""


_READ = 1600
"""The longer side, in pixels, at which lines of print are looked for."""

_FINER = 4
"""Parts of a pixel in which ink is counted."""

_BLUR = 1
"""Pixels over which it is spread."""

_SHOWS = 0.5
"""The share of each of its edges that must be seen."""


def find_corners(picture: Image.Image) -> Corners | None:
    """The corners of the sheet in a photo, in pixels; None when there is none, or when it fills the whole photo."""
    small = picture.copy()
    small.thumbnail((_SEEN, _SEEN), Image.Resampling.BOX)
    rough = _roughly(np.asarray(small))
    if rough is None:
        return None
    scale = picture.width / small.width
    fine = _finely(np.asarray(picture.convert("L")), (rough + 0.5) * scale - 0.5)
    points = [Point(x=round(x + 0.5, 2), y=round(y + 0.5, 2)) for x, y in fine.tolist()]
    corners = (points[0], points[1], points[2], points[3])
    return corners if is_sheet(corners, min(picture.size) / 10) else None


def _roughly(picture: Pixels) -> Quad | None:
    """The largest of the sheets whose edges show best, among what several ways of telling it from its ground find."""
    height, width = picture.shape[:2]
    smooth = cv2.GaussianBlur(picture, (0, 0), 1.2)
    found: list[tuple[float, float, Quad]] = []
    for mask in _masks(picture):
        contours, _ = cv2.findContours(mask, cv2.RETR_LIST, cv2.CHAIN_APPROX_SIMPLE)
        for contour in contours:
            hull = cv2.convexHull(contour)
            area = cv2.contourArea(hull)
            if area > _SMALLEST_SHARE * width * height:
                quad = _four_sides(hull)
                # A sheet fills the four sides; a shape that only has four far points does not.
                if quad is not None and area > 0.9 * cv2.contourArea(quad.astype(np.float32)):
                    found.append((_shows(smooth, quad), area, quad))
    best = max((shows for shows, _, _ in found), default=0.0)
    if best < _SHOWS:
        return None
    return max((sheet for sheet in found if sheet[0] >= 0.85 * best), key=lambda sheet: sheet[1])[2]


def _shows(picture: Pixels, quad: Quad) -> float:
    """The share of its least visible edge along which a sheet is told from what lies beside it."""
    shares = []
    for i in range(4):
        start, end = quad[i], quad[(i + 1) % 4]
        along = end - start
        across = np.array([-along[1], along[0]]) / max(float(np.hypot(*along)), 1.0)
        places = start + np.linspace(0.04, 0.96, 60)[:, None] * along
        inside, outside = (_seen_at(picture, places + by * across) for by in (5, -5))
        step = inside - outside
        channel = step[:, int(np.abs(np.median(step, axis=0)).argmax())]
        shares.append(max((channel > 9).mean(), (channel < -9).mean()))
    return float(min(shares))


def _seen_at(picture: Pixels, places: Quad) -> NDArray[Any]:
    points = places.astype(np.float32)[:, None, :]
    seen = cv2.remap(picture, points[:, :, 0], points[:, :, 1], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    return seen.reshape(len(places), -1).astype(np.float64)


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


def _four_sides(hull: NDArray[Any]) -> Quad | None:
    around = cv2.arcLength(hull, closed=True)
    for share in (0.02, 0.03, 0.05, 0.07):
        shape = cv2.approxPolyDP(hull, share * around, closed=True)
        if len(shape) == 4:
            return _in_order(shape.reshape(4, 2).astype(np.float64))
    return None


def _in_order(points: Quad) -> Quad:
    """The corners clockwise, beginning with the one nearest to the top left."""
    middle = points.mean(axis=0)
    clockwise = points[np.argsort(np.arctan2(points[:, 1] - middle[1], points[:, 0] - middle[0]))]
    return np.roll(clockwise, -int(np.argmin(clockwise.sum(axis=1))), axis=0)


def _finely(grey: Pixels, rough: Quad) -> Quad:
    """The corners where the edges meet, each edge a line through the places of greatest change across it."""
    reach = 0.012 * max(grey.shape)
    lines = [_edge(grey, rough[i], rough[(i + 1) % 4], reach) for i in range(4)]
    corners = rough.copy()
    for i in range(4):
        met = _meet(lines[i - 1], lines[i])
        if met is not None and np.hypot(*(met - rough[i])) < 4 * reach:
            corners[i] = met
    return corners


Line = tuple[NDArray[Any], NDArray[Any]]
"""A point and a direction."""


def _edge(grey: Pixels, start: NDArray[Any], end: NDArray[Any], reach: float) -> Line:
    """The edge near the line from start to end."""
    along = end - start
    across = np.array([-along[1], along[0]]) / max(float(np.hypot(*along)), 1.0)  # towards the inside
    shares = np.linspace(0.06, 0.94, 120)
    offsets = np.arange(-reach, reach + 1)
    places = start + shares[:, None] * along
    points = places[:, None, :] + offsets[None, :, None] * across
    maps = points.astype(np.float32)
    seen = cv2.remap(grey, maps[:, :, 0], maps[:, :, 1], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    seen = cv2.GaussianBlur(seen.astype(np.float32), (0, 0), max(1.0, reach / 10), sigmaY=2)
    change = np.gradient(seen, axis=1)
    # The sheet is lighter than its ground or darker, but the same all along.
    if np.abs(change.min(axis=1)).sum() > np.abs(change.max(axis=1)).sum():
        change = -change
    best = change.argmax(axis=1)
    found = places + offsets[best][:, None] * across
    strong = change.max(axis=1) >= 0.35 * np.median(change.max(axis=1))
    vx, vy, x, y = cv2.fitLine(found[strong].astype(np.float32), cv2.DIST_HUBER, 0, 0.01, 0.01).ravel()
    return np.array([x, y], float), np.array([vx, vy], float)


def _meet(one: Line, other: Line) -> NDArray[Any] | None:
    (p, d), (q, e) = one, other
    cross = d[0] * e[1] - d[1] * e[0]
    if abs(cross) < 1e-3:
        return None
    between = q - p
    met: NDArray[Any] = p + d * ((between[0] * e[1] - between[1] * e[0]) / cross)
    return met


def find_skew(picture: Image.Image) -> float:
    """By how many degrees clockwise the lines of a scan fall to the right; 0 when they cannot be told.

    Print stands in lines: seen along them, its ink and the gaps between lines are told apart best. W. Postl, Detection
    of linear oblique structures and skew scan in digitized documents (1986).
    """
    small = picture.convert("L")
    small.thumbnail((_READ, _READ), Image.Resampling.BOX)
    grey = np.asarray(small)
    light = cv2.medianBlur(cv2.dilate(grey, np.ones((15, 15), np.uint8)), 21)
    ink = np.clip(light.astype(np.int16) - grey - 24, 0, 255).astype(np.float64)
    # The rim of the sheet is no line of print.
    edge = max(4, min(ink.shape) // 50)
    ink[:edge] = ink[-edge:] = 0
    ink[:, :edge] = ink[:, -edge:] = 0
    if ink.sum() < 255 * 0.0005 * ink.size:
        return 0.0
    angles = np.arange(-15, 15.01, 0.5)
    scores = _scores(ink, angles)
    if scores.max() < 1.15 * np.median(scores):
        return 0.0
    best = float(angles[int(scores.argmax())])
    for step in (0.1, 0.02):
        near = best + np.arange(-5, 6) * step
        best = float(near[int(_scores(ink, near).argmax())])
    return round(best, 2)


def _scores(ink: NDArray[Any], angles: NDArray[Any]) -> NDArray[Any]:
    """How sharply rows of ink and gaps alternate along lines that fall by so many degrees.

    Each dot of ink counts where it is, and is not drawn anew: a picture that is turned by nothing stays sharper than
    one that is turned by anything else, and would win for that.
    """
    rows, columns = np.nonzero(ink)
    dark = ink[rows, columns]
    aside = columns - ink.shape[1] / 2
    blur = cv2.getGaussianKernel(8 * _FINER * _BLUR // 2 * 2 + 1, _FINER * _BLUR / 2).ravel()
    reach = round(ink.shape[1] / 2 * math.tan(math.radians(20)))
    scores = []
    for angle in angles:
        places = (rows - aside * math.tan(math.radians(float(angle))) + reach) * _FINER
        seen = np.bincount(np.rint(places).astype(np.int64), weights=dark)
        scores.append(float((np.diff(np.convolve(seen, blur, "same")) ** 2).sum()))
    return np.array(scores)
