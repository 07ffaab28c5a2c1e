"""Shadows and grey paper, made white.

The paper's own light is looked for in cells of a page: what is printed is darker than the paper around it, so the
lightest tenth of a cell is paper. Cells that hold none (a dark drawing) take the light of those around them. The page
is then divided by that light.
"""

from typing import Any, TypeAlias

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

_CELLS = 48
"""Cells along the longer side: some six millimetres of A4, less than the edge of a shadow is wide."""

_PAPER = 0.94
"""The share of the paper's light from which on all is white; paper's grain and folds stay below it."""

_INK = 0.12
"""The share of the paper's light that becomes black: what a camera makes of ink."""

_STEP = 0.8
"""The share of its neighbour's light that a cell of paper has at least."""

_STRIP = 512
"""Rows of pixels that are worked on at once."""

Array: TypeAlias = NDArray[Any]


def whitened(picture: Image.Image) -> Image.Image:
    """The picture with its paper white; colours stay."""
    page: Array = np.asarray(picture)
    height, width = page.shape[:2]
    light = cv2.resize(paper_light(page), (width, height), interpolation=cv2.INTER_CUBIC)
    out = np.empty_like(page)
    for top in range(0, height, _STRIP):
        strip = slice(top, top + _STRIP)
        share = page[strip] / np.maximum(light[strip], 24).astype(np.float32)
        share = (share - _INK) * (255 / (_PAPER - _INK))
        out[strip] = np.clip(share, 0, 255)
    return Image.fromarray(out)


def paper_light(page: Array) -> Array:
    """How light the paper is in each cell and channel, from 0 to 255."""
    light = lightest(cells(page))
    filled = cv2.inpaint(light, 255 - paper_cells(light.max(axis=2)), 3, cv2.INPAINT_TELEA)
    return cv2.GaussianBlur(filled, (3, 3), 0)


def cells(page: Array) -> Array:
    """Samples of the page: (rows, columns, 64, 3)."""
    height, width = page.shape[:2]
    side = max(1, max(height, width) // (_CELLS * 8)) * 8
    rows, columns = max(2, round(height / side)), max(2, round(width / side))
    fine = cv2.resize(page, (columns * 8, rows * 8), interpolation=cv2.INTER_AREA)
    return fine.reshape(rows, 8, columns, 8, 3).swapaxes(1, 2).reshape(rows, columns, 64, 3)


def lightest(samples: Array) -> Array:
    """The lightest tenth of each cell: hardly ever a speck, and paper wherever a quarter of a cell is."""
    light: Array = np.sort(samples, axis=2)[:, :, -6]
    return light


def paper_cells(light: Array) -> Array:
    """Which cells show paper (255; others 0): those reached from the lightest without a step down at once.

    A shadow darkens paper little by little; a picture on it begins at an edge.
    """
    paper = np.where(light >= np.percentile(light, 95), 255, 0).astype(np.uint8)
    reach = np.ones((3, 3), np.uint8)
    while True:
        lightest_near = cv2.dilate(np.where(paper > 0, light, 0).astype(np.uint8), reach)
        reached = (lightest_near > 0) & (light > _STEP * lightest_near.astype(np.float32))
        grown: Array = np.where(reached | (paper > 0), 255, 0).astype(np.uint8)
        if np.array_equal(grown, paper):
            return paper
        paper = grown
