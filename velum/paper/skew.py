"""How far a scan is askew: by its lines of print."""

import math
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

_READ = 1600
"""The longer side, in pixels, at which lines of print are looked for."""

_FINER = 4
"""Parts of a pixel in which ink is counted."""

_BLUR = 1
"""Pixels over which it is spread."""


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
