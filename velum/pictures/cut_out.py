"""A picture of what is printed in a region of a page: the paper around it is made clear."""

import io

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from velum.geometry.box import Box
from velum.pictures.prepared import PictureRefused, Prepared

_CSS = 96 / 72
"""Pixels of CSS in a point."""

_LIKE_PAPER = 0.18
"""How far, of the way from paper to black, a pixel may differ from the paper and still be it: grain and shadow do."""

_RIM = 2
"""Pixels kept clear around what is cut out, so that its soft edges are whole."""


def cut_out(page: Image.Image, width: float, region: Box) -> tuple[Prepared, Box]:
    """The picture, as large as it is printed, and where it lies on the page; ``page`` shows one ``width`` points wide.

    Only paper that reaches the region's edge is made clear: what is white within an outline stays white. What is cut is
    no larger than what is printed there. Raises PictureRefused.
    """
    scale = page.width / width
    left, top = max(0, round(region.x * scale)), max(0, round(region.y * scale))
    right = min(page.width, round((region.x + region.width) * scale))
    bottom = min(page.height, round((region.y + region.height) * scale))
    if right - left < 4 or bottom - top < 4:
        raise PictureRefused("picture.no_region", "This region does not lie on the page.")
    seen = np.asarray(page.crop((left, top, right, bottom)).convert("RGB"))
    clear = _clear(seen)
    rows, columns = np.flatnonzero((clear < 255).any(axis=1)), np.flatnonzero((clear < 255).any(axis=0))
    if not rows.size:
        raise PictureRefused("picture.nothing_there", "Nothing is printed there. Draw around something that is.")
    y, x = max(0, rows[0] - _RIM), max(0, columns[0] - _RIM)
    within = np.s_[y : rows[-1] + 1 + _RIM, x : columns[-1] + 1 + _RIM]
    pixels = np.dstack((seen[within], 255 - clear[within]))
    height_px, width_px = pixels.shape[:2]
    box = Box(x=(left + int(x)) / scale, y=(top + int(y)) / scale, width=width_px / scale, height=height_px / scale)
    out = io.BytesIO()
    Image.fromarray(pixels, "RGBA").save(out, "WEBP", quality=90, method=3)
    return Prepared("image/webp", out.getvalue(), box.width * _CSS, box.height * _CSS), box


def _clear(seen: NDArray[np.uint8]) -> NDArray[np.uint8]:
    """How clear each pixel is to be, 0 to 255: the paper that reaches the edge, softly where it meets ink."""
    grey: NDArray[np.uint8] = np.asarray(cv2.cvtColor(seen, cv2.COLOR_RGB2GRAY), np.uint8)
    rim = np.concatenate((grey[0], grey[-1], grey[:, 0], grey[:, -1]))
    paper = float(np.percentile(rim, 75))  # ink may reach the edge, but is seldom most of it
    colour = _paper_colour(seen, grey, paper)
    away = np.max(np.abs(np.asarray(seen, np.float32) - colour), axis=2) / max(paper, 1.0)
    like = (away <= _LIKE_PAPER).astype(np.uint8)
    around = np.pad(like, 1, constant_values=1)
    _, labels = cv2.connectedComponents(around, connectivity=4)
    outside = (labels == labels[0, 0])[1:-1, 1:-1]
    # Beside cleared paper a pixel is as clear as it is like paper: letters have soft edges.
    near = cv2.dilate(outside.astype(np.uint8), np.ones((3, 3), np.uint8)).astype(bool)
    soft = np.clip(1 - (away - _LIKE_PAPER) / (1 - 2 * _LIKE_PAPER), 0, 1)
    return np.where(outside, 255, np.where(near, soft * 128, 0)).astype(np.uint8)


def _paper_colour(seen: NDArray[np.uint8], grey: NDArray[np.uint8], paper: float) -> NDArray[np.float32]:
    """The colour of the paper: the middle one of what is about as light as its edge is."""
    light = seen[np.abs(grey.astype(np.float32) - paper) <= _LIKE_PAPER * max(paper, 1.0)]
    return np.asarray(np.median(light, axis=0), np.float32)
