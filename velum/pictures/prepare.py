"""From an uploaded file to a picture that can be laid on a page."""

import io

from PIL import Image

from velum.paper.page_size import PaperRefused
from velum.paper.picture import MOST_PIXELS, opened_picture, upright
from velum.paper.sort import START, Sort, sort_of
from velum.pictures.prepared import PictureRefused, Prepared
from velum.pictures.svg import is_svg, prepare_svg
from velum.sentence import Sentence

MOST_BYTES = 20_000_000
_LARGEST_SIDE = 2_400
"""Pixels: an A4 page's width at 290 dots an inch."""

_DECODED_AT_MOST = 40_000_000
"""Pixels of a picture that cannot be read smaller than it is; at four bytes each."""

_UNKNOWN = Sentence(
    "picture.unknown", "This file is no picture that Velum knows. PNG, JPEG, WebP, GIF, HEIC and SVG are."
)
_BROKEN = Sentence("picture.broken", "This picture is damaged and cannot be opened.")
_REASONS = {
    "paper.unknown": _UNKNOWN,
    "paper.office": _UNKNOWN,
    "paper.too_many_pixels": Sentence("picture.too_many_pixels", "This picture has too many pixels. Save it smaller."),
}
"""What is said of a picture where a paper would be refused."""


def prepare(data: bytes) -> Prepared:
    """Make a picture of a file, whose sort is told by its content. Raises PictureRefused."""
    if len(data) > MOST_BYTES:
        raise PictureRefused(
            "picture.too_large", "This picture has more than {most} MB.", {"most": MOST_BYTES // 1_000_000}
        )
    if not data:
        raise PictureRefused("picture.empty", "This file is empty.")
    if is_svg(data):
        return prepare_svg(data)
    try:
        if sort_of(data[:START]) is not Sort.PICTURE:
            raise PictureRefused("picture.unknown", "This is a document, not a picture. Bring it in as pages.")
        return _prepare_pixels(data)
    except PaperRefused as refused:
        raise PictureRefused.of(_REASONS.get(refused.code, _BROKEN)) from refused


def _prepare_pixels(data: bytes) -> Prepared:
    with opened_picture(data) as picture:
        if picture.width * picture.height > (MOST_PIXELS if picture.format == "JPEG" else _DECODED_AT_MOST):
            raise PaperRefused("paper.too_many_pixels", "It has too many pixels.")
        picture.draft("RGB", (_LARGEST_SIDE, _LARGEST_SIDE))
        exif = picture.getexif()
        clear = "A" in picture.getbands() or "transparency" in picture.info
        seen: Image.Image = picture.convert("RGBA" if clear else "RGB")
        seen.thumbnail((_LARGEST_SIDE, _LARGEST_SIDE), Image.Resampling.LANCZOS)
        seen = upright(seen, exif)
        out = io.BytesIO()
        # Drawings have few colours and sharp edges, which only lossless keeps; photos have many.
        drawn = picture.format != "JPEG" and (clear or seen.getcolors(4_096) is not None)
        seen.save(out, "WEBP", lossless=drawn, quality=80 if drawn else 90, method=3)
    return Prepared("image/webp", out.getvalue(), seen.width, seen.height)
