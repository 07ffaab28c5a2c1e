"""Very large pictures made small without ever being held whole in memory."""

import os

# One thread: each reserves memory of its own, and the other processors have pages of their own to draw.
os.environ.setdefault("VIPS_CONCURRENCY", "1")

import pyvips
from PIL import Image

from velum.paper.page_size import PaperRefused

SHRUNK_FORMATS = ("PNG", "TIFF", "WEBP")
"""A JPEG can be read smaller than it is by Pillow too, which also sees when one is cut short."""


def shrunk(data: bytes, number: int, width: int, height: int) -> Image.Image:
    """Picture ``number`` (from 0) of a file, upright and on white, inside of so many pixels. Raises PaperRefused."""
    if data.startswith(b"\x89PNG") and b"IEND" not in data[-1024:]:
        raise _broken()  # cut short, which libvips does not mind: ISO 15948, 5.6
    try:
        page = f"[page={number}]" if number else ""
        small = pyvips.Image.thumbnail_buffer(
            data, width, height=height, size="down", fail_on="truncated", option_string=page
        )
        small = small.colourspace("srgb")
        if small.hasalpha():
            small = small.flatten(background=255)
        small = small.cast("uchar", shift=True)
        return Image.frombytes("RGB", (small.width, small.height), small.write_to_memory())
    except (pyvips.Error, ValueError) as problem:
        raise _broken() from problem


def _broken() -> PaperRefused:
    return PaperRefused("paper.broken", "This picture is damaged and cannot be opened.")
