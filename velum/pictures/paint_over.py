"""Painting over what fixtures cover of a page, in its picture."""

import io
from collections.abc import Mapping, Sequence

import pyvips
from PIL import Image, ImageDraw

from velum.fixtures.covers import WHITE, Cover
from velum.geometry.box import Box
from velum.pictures.svg import is_svg

_OPAQUE = 250
"""Of 255: less lets what is below show through."""


def painted_over(
    picture: Image.Image, covers: Sequence[Cover], width: float, pictures: Mapping[str, bytes]
) -> Image.Image:
    """The picture of a page ``width`` points wide, with nothing left of what is covered.

    ``pictures`` has those that cover something, by their SHA-256. Edges are taken outwards to whole pixels.
    """
    scale = picture.width / width
    painted = picture.convert("RGB")
    draw = ImageDraw.Draw(painted)
    for cover in covers:
        left, top, right, bottom = _pixels(cover.box, scale)
        line = max(1, round(cover.width * scale + 1)) if cover.width else 0
        match cover.form:
            case "box" if cover.picture:
                _lay(painted, pictures.get(cover.picture), (left, top, right, bottom))
            case "box":
                draw.rectangle((left, top, right, bottom), None if line else cover.colour, cover.colour, line)
            case "ellipse":
                draw.ellipse((left, top, right, bottom), None if line else cover.colour, cover.colour, line)
            case "falling":
                draw.line((left, top, right, bottom), cover.colour, line)
            case "rising":
                draw.line((left, bottom, right, top), cover.colour, line)
    return painted


def _pixels(box: Box, scale: float) -> tuple[int, int, int, int]:
    right, bottom = (box.x + box.width) * scale, box.bottom * scale
    return int(box.x * scale), int(box.y * scale), int(right + 0.999), int(bottom + 0.999)


def _lay(page: Image.Image, data: bytes | None, place: tuple[int, int, int, int]) -> None:
    """Make white what lies under the opaque part of a picture, as large as fits in its place."""
    left, top, right, bottom = place
    size = max(1, right - left), max(1, bottom - top)
    if data is None:
        return
    alpha = _alpha(data, size)
    mask = alpha.point(lambda value: 255 if value >= _OPAQUE else 0)
    page.paste(WHITE, (left + (size[0] - mask.width) // 2, top + (size[1] - mask.height) // 2), mask)


def _alpha(data: bytes, size: tuple[int, int]) -> Image.Image:
    """How opaque each pixel of a picture is, the picture as large as fits into ``size``."""
    if is_svg(data):
        small = pyvips.Image.thumbnail_buffer(data, size[0], height=size[1])
        if not small.hasalpha():
            return Image.new("L", (small.width, small.height), 255)
        band = small[small.bands - 1].cast("uchar")
        return Image.frombytes("L", (band.width, band.height), band.write_to_memory())
    with Image.open(io.BytesIO(data)) as picture:
        clear = picture.convert("RGBA").getchannel("A")
    scale = min(size[0] / clear.width, size[1] / clear.height)
    return clear.resize((max(1, round(clear.width * scale)), max(1, round(clear.height * scale))))
