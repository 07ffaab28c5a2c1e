"""Drawing a page of a file as pictures."""

import io
import math
from collections.abc import Callable, Sequence
from typing import TypeAlias

import numpy as np
from PIL import Image

from velum.paper.flatten import flattened, longer, shorter, upright_part
from velum.paper.look import AS_IT_IS, Flat, Look
from velum.paper.picture import narrowed, turned
from velum.paper.read import SourcePage, open_page
from velum.paper.whiten import whitened

MOST_PIXELS = 40_000_000
"""A picture wider than this allows is made smaller; its page keeps its size in points."""

LONGEST_SIDE = 16_383
"""The longest side of a picture that WebP can hold."""


_UNEVEN = 0.15
"""Of closely printed pages some 0.03 is uneven, of the grain of a scan 0.7."""

_SMALL_STEP = 24
"""Levels of grey, of 255: a greater step is the edge of something."""

Paint: TypeAlias = Callable[[Image.Image], Image.Image]
"""Paints over what is covered of a page as it is shown."""


def render_page(
    data: bytes, number: int, widths: Sequence[int], look: Look = AS_IT_IS, paint: Paint | None = None
) -> list[bytes]:
    """Page ``number`` (from 0) of a file as WebP pictures, one for each width in pixels, widest first.

    The widest is drawn from the source, the others are made from it; none is wider than a photo's own pixels. Raises
    PaperRefused.
    """
    with open_page(data, number) as page:
        picture = draw(page, widths[0], look)
    if paint:
        picture = paint(picture)
    photographic = is_photographic(picture)
    return [encode(narrowed(picture, width), photographic) for width in widths]


def draw(page: SourcePage, widest: int, look: Look) -> Image.Image:
    """The page as shown, at most ``widest`` pixels across. Raises PaperRefused."""
    width, height = (look.flat or page.size).width, (look.flat or page.size).height
    across, down = (width, height) if look.turn in (0, 180) else (height, width)
    scale = min(widest / across, math.sqrt(MOST_PIXELS / (across * down)), LONGEST_SIDE / max(across, down))
    picture = _flat(page, scale, look.flat) if look.flat else page.draw(scale)
    if look.whiten:
        picture = whitened(picture)
    return narrowed(turned(picture, look.turn), widest)


def _flat(page: SourcePage, scale: float, flat: Flat) -> Image.Image:
    part = upright_part(flat, page.size)
    if part:
        return page.draw(scale * flat.width / part.width, part)
    # As sharp as the sharpest edge needs it, within what a page may take.
    stretch = max(flat.width / shorter(flat.corners), 1.0)
    most = math.sqrt(MOST_PIXELS / (page.size.width * page.size.height))
    drawn = page.draw(min(scale * stretch, most))
    real = drawn.width / page.size.width
    scale = min(scale, real * longer(flat.corners) / flat.width)
    return flattened(drawn, [(point.x * real, point.y * real) for point in flat.corners], flat, scale)


def is_photographic(picture: Image.Image) -> bool:
    """Whether a page is a photo or a noisy scan: its colours are many, or it is nowhere flat, as a grey one is.

    An eighth of the size of print, line drawings and flat colour stays far below 2,048 colours, blended edges included;
    and but at those edges, beside each of their pixels lies another of the same grey.
    """
    return picture.reduce(8).getcolors(2_048) is None or _unevenness(picture) > _UNEVEN


def _unevenness(picture: Image.Image) -> float:
    """The share of places where the grey changes a little from one pixel to the next."""
    grey = np.asarray(picture.convert("L").reduce(2)).astype(np.int16)
    steps = np.abs(np.diff(grey, axis=1))
    return float(((steps > 0) & (steps <= _SMALL_STEP)).mean())


def encode(picture: Image.Image, photographic: bool) -> bytes:
    """WebP: lossless for print, lossy at quality 80 for photos, where lossless would be ten times the size.

    Print is first brought to 52 levels a channel, which moves no value by more than 2 of 255 and saves a fifth of
    the bytes. ``quality`` of a lossless WebP is effort, not loss.
    """
    out = io.BytesIO()
    if photographic:
        picture.save(out, "WEBP", quality=80, method=4)
    else:
        picture.point(_LEVELS).save(out, "WEBP", lossless=True, quality=20, method=4)
    return out.getvalue()


_LEVELS = [round(value / 5) * 5 for value in range(256)] * 3
