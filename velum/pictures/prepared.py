"""A picture as it is kept and shown, from a file of any sort."""

from dataclasses import dataclass
from typing import Literal

from velum.errors import VelumError

MediaType = Literal["image/webp", "image/svg+xml"]


class PictureRefused(VelumError):
    """A file that cannot become a picture."""


@dataclass(frozen=True, slots=True)
class Prepared:
    """``width`` and ``height`` are in pixels of CSS; a drawing of lines has them for its proportions."""

    media_type: MediaType
    data: bytes
    width: float
    height: float
