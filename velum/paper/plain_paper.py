"""How much of a picture is plain paper, printed or not: a portrait, say, is not to be whitened nor put straight."""

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray
from PIL import Image

from velum.paper.whiten import cells, lightest, paper_cells

_SHEET, _PAGE = 0.3, 0.4
"""The share of a sheet, and of a picture that is all page, that is plain paper: pictures may be printed on it."""

_PRINTED = 0.03
"""The share of its plain paper on which a printed page has strokes."""

_TINTED = 0.35
"""The most that one colour of the paper's light is weaker than another, as a share."""

_PLAIN = 0.88
"""The share of the paper's light that half of a plain cell has."""

_SAME = 0.02
"""How far a cell's colour may be from that of most of the paper, as a share of its light."""

_STROKE, _STROKES = 0.75, 0.4
"""What is darker than this share of the paper is ink; where more than this share of a cell is, it is no stroke."""

_DIM, _UNEVEN = 225, 0.88
"""Paper that is darker than this (of 255), or whose darkest part has less than this share of the lightest's light."""


_WHITE = 244
"""Paper that most of it is as light as this has been scanned."""


@dataclass(frozen=True)
class PlainPaper:
    """``share`` of the picture that is plain paper of one colour, ``printed`` the share of that with strokes on it."""

    share: float
    printed: float
    tint: float
    is_dim: bool

    @property
    def is_sheet(self) -> bool:
        """Whether it is a sheet of paper with something on it."""
        return self.share >= _SHEET and self.tint <= _TINTED and self.printed >= _PRINTED

    @property
    def is_printed(self) -> bool:
        """Whether it is a page of print, and not a picture of something else."""
        return self.share >= _PAGE and self.tint <= _TINTED and self.printed >= _PRINTED


def plain_paper(picture: Image.Image) -> PlainPaper:
    """What a picture shows of paper."""
    samples = cells(np.asarray(picture.convert("RGB")))
    light = lightest(samples)
    brightness = light.max(axis=2).astype(float)
    paper = paper_cells(light.max(axis=2)) > 0
    hue = light / np.maximum(light.sum(axis=2, keepdims=True), 1.0)
    usual = np.median(hue[paper], axis=0)
    samples = samples.max(axis=3)
    half = np.median(samples, axis=2) > _PLAIN * brightness
    plain = paper & half & (np.abs(hue - usual).max(axis=2) < _SAME)
    if not plain.any():
        return PlainPaper(0, 0, 0, is_dim=False)
    ink = (samples < _STROKE * brightness[:, :, None]).mean(axis=2)
    strokes = plain & (ink > 0) & (ink < _STROKES)
    return PlainPaper(
        share=float(plain.mean()),
        printed=float(strokes.sum() / plain.sum()),
        tint=float(1 - usual.min() / max(usual.max(), 1e-9)),
        is_dim=_is_dim(brightness, plain),
    )


def _is_dim(brightness: NDArray[Any], plain: NDArray[Any]) -> bool:
    usual = float(np.median(brightness[plain]))
    if usual >= _WHITE:
        # A scan: a shadow comes in from its rim, and what is grey within is a picture.
        rim = np.ones_like(plain)
        rim[2:-2, 2:-2] = False
        plain = plain & rim
    if usual < _DIM or not plain.any():
        return usual < _DIM
    darkest, lightest_part = np.percentile(brightness[plain], (8, 92))
    return bool(darkest < _UNEVEN * lightest_part)
