"""Pictures as pages: photos, scans, screen grabs. A TIFF or a GIF may hold several."""

import io
import math
import warnings
from collections.abc import Iterator
from contextlib import contextmanager, suppress

import pi_heif
from PIL import Image, ImageOps

from velum.geometry.box import Box
from velum.geometry.turn import Turn
from velum.paper.page_size import PageSize, PaperRefused, check_count, page_size
from velum.paper.shrink import SHRUNK_FORMATS, shrunk
from velum.paper.text import Line

MOST_PIXELS = 120_000_000
"""The most that one picture may hold; at three bytes a pixel it takes 360 MB to look at."""

FORMATS = ("PNG", "JPEG", "WEBP", "TIFF", "GIF", "HEIF", "AVIF", "JPEG2000", "BMP")
A4 = (595.276, 841.89)
"""Points: the paper that a picture is laid on when it does not say how large it is."""

_SMALLEST_PAPER, _LARGEST_PAPER = 297.0, 1191.0
"""Points: the longer sides that a picture's own resolution is believed for, A6 to A3 (ISO 216).

Cameras write 72 dots an inch into everything, which would make a page of a metre and a half.
"""

_WIDEST_PIXEL = 3.0
"""How far a pixel may be from square: fax machines have 204 dots an inch across and 98 down (ITU-T T.4)."""

_OUT_OF_SHAPE = 0.02
"""By how much the sides of a picture may differ from those of its page: more than by what is rounded."""

_ORIENTATION = 0x0112
_EXIF, _FOCAL_LENGTH = 0x8769, 0xA405
_LARGE = 24_000_000
"""Pixels from which on a picture is not looked at whole: it would take four bytes for each of them."""

# Pillow turns the other way round.
_TURNS = {
    90: Image.Transpose.ROTATE_270,
    180: Image.Transpose.ROTATE_180,
    270: Image.Transpose.ROTATE_90,
}

pi_heif.register_heif_opener()
# Pillow does not begin with what has twice as many: a frame of an animation may be larger than its file says it is.
Image.MAX_IMAGE_PIXELS = MOST_PIXELS
warnings.simplefilter("ignore", Image.DecompressionBombWarning)  # what has more than MOST_PIXELS is refused below


def picture_pages(data: bytes) -> list[PageSize | None]:
    """The sizes of a picture's pages, as upright as its own note of turning says; None for one that cannot be shown.

    Raises PaperRefused when none can be.
    """
    with opened_picture(data) as picture:
        # A photo with a second picture in it, for depth or as a preview, is one page.
        count = 1 if picture.format == "MPO" else getattr(picture, "n_frames", 1)
        check_count(count)
        sizes: list[PageSize | None] = []
        refused: PaperRefused | None = None
        for number in range(count):
            try:
                with _as_refusals():
                    picture.seek(number)
                    _check_pixels(picture)
                    sizes.append(page_size(*_points(picture), number))
            except PaperRefused as problem:
                sizes.append(None)
                refused = refused or problem
        if refused and not any(sizes):
            raise refused
    if len(sizes) == 1:
        _check_whole(data)
    return sizes


def _check_whole(data: bytes) -> None:
    """Raises PaperRefused for a picture that is cut short, which only reading it through shows."""
    with opened_picture(data) as picture:
        if picture.format in ("JPEG", "MPO"):
            picture.draft("RGB", (256, 256))  # reads all of it, and works out an eighth
        elif picture.width * picture.height > _LARGE:
            return  # it would take as long as drawing it
        picture.load()


class PicturePage:
    """One page of an open picture file, upright. Lengths are in points."""

    def __init__(self, picture: Image.Image, data: bytes, number: int) -> None:
        picture.seek(number)
        _check_pixels(picture)
        self._picture = picture
        self._data = data
        self._number = number
        self.size = page_size(*_points(picture), number)
        width, height = _upright_size(picture)
        self.resolution = max(width / self.size.width, height / self.size.height)
        """Pixels a point, the way in which there are more."""

    @property
    def lens(self) -> float | None:
        """The focal length that the camera noted, as a share of the longer side (Exif 2.3, FocalLengthIn35mmFilm).

        It is said of film, whose picture has a diagonal of 43.27 mm.
        """
        with suppress(Exception):  # notes that are damaged tell nothing
            noted = float(self._picture.getexif().get_ifd(_EXIF).get(_FOCAL_LENGTH, 0))
            if 10 <= noted <= 200:
                return noted / 43.27 * math.hypot(*self._picture.size) / max(self._picture.size)
        return None

    def lines(self) -> list[Line]:
        """A picture has no text layer."""
        return []

    def draw(self, scale: float, part: Box | None = None) -> Image.Image:
        """The page, or a part of it, on white, at ``scale`` pixels a point; it is never enlarged."""
        scale = min(scale, self.resolution)
        width, height = max(1, round(self.size.width * scale)), max(1, round(self.size.height * scale))
        if self._picture.width * self._picture.height > _LARGE and self._picture.format in SHRUNK_FORMATS:
            drawn = shrunk(self._data, self._number, width, height)
        else:
            if self.resolution >= 2 * scale:
                # A JPEG is read at a half, a quarter or an eighth where that is enough.
                self._picture.draft("RGB", (max(width, height), max(width, height)))
            drawn = narrowed(upright(_on_white(self._picture), self._picture.getexif()), width)
        if abs(drawn.width * height / (drawn.height * width) - 1) > _OUT_OF_SHAPE:
            drawn = drawn.resize((width, height), Image.Resampling.LANCZOS)
        if part is None:
            return drawn
        left, top, right, bottom = part.x, part.y, part.x + part.width, part.bottom
        real = drawn.width / self.size.width
        return drawn.crop((round(left * real), round(top * real), round(right * real), round(bottom * real)))


@contextmanager
def picture_page(data: bytes, number: int) -> Iterator[PicturePage]:
    """Page ``number`` (from 0) of a picture file. Raises PaperRefused."""
    with opened_picture(data) as picture:
        yield PicturePage(picture, data, number)


def narrowed(picture: Image.Image, width: int) -> Image.Image:
    """The picture at most ``width`` pixels wide; it is never enlarged."""
    if picture.width <= width:
        return picture
    height = max(1, round(picture.height * width / picture.width))
    return picture.resize((width, height), Image.Resampling.LANCZOS, reducing_gap=2.0)


def turned(picture: Image.Image, turn: Turn) -> Image.Image:
    """The picture, turned clockwise."""
    return picture.transpose(_TURNS[turn]) if turn else picture


def upright(picture: Image.Image, exif: Image.Exif) -> Image.Image:
    """The picture as upright as its camera noted (Exif 2.3, Orientation)."""
    picture.getexif()[_ORIENTATION] = exif.get(_ORIENTATION, 1)
    ImageOps.exif_transpose(picture, in_place=True)
    return picture


@contextmanager
def opened_picture(data: bytes) -> Iterator[Image.Image]:
    """The picture in a file. Raises PaperRefused for whatever goes wrong with it."""
    with _as_refusals(), Image.open(io.BytesIO(data), formats=FORMATS) as picture:
        yield picture


@contextmanager
def _as_refusals() -> Iterator[None]:
    """Whatever goes wrong with a picture is a PaperRefused."""
    try:
        yield
    except (PaperRefused, MemoryError):
        raise
    except Image.DecompressionBombError as problem:
        raise PaperRefused(
            "paper.too_many_pixels",
            "This picture has too many pixels; {most} megapixels is the most.",
            {"most": MOST_PIXELS // 1_000_000},
        ) from problem
    except Exception as problem:
        # Pillow and the libraries behind it raise nearly anything on files that are cut short or made to hurt.
        raise PaperRefused("paper.broken", "This picture is damaged and cannot be opened.") from problem


def _check_pixels(picture: Image.Image) -> None:
    pixels = picture.width * picture.height
    if pixels > MOST_PIXELS:
        raise PaperRefused.counted(
            "paper.too_many_pixels",
            "This picture has {count} megapixel; {most} is the most.",
            "This picture has {count} megapixels; {most} is the most.",
            pixels // 1_000_000,
            {"most": MOST_PIXELS // 1_000_000},
        )


def _orientation(picture: Image.Image) -> int:
    if picture.format == "PNG" and "exif" not in picture.info:
        return 1  # Pillow would read the whole picture, to see whether a note comes after it.
    return int(picture.getexif().get(_ORIENTATION, 1))


def _upright_size(picture: Image.Image) -> tuple[int, int]:
    """Pixels across and down."""
    width, height = picture.size
    return (height, width) if _orientation(picture) in (5, 6, 7, 8) else (width, height)


def _points(picture: Image.Image) -> tuple[float, float]:
    width, height = _upright_size(picture)
    # Of fax machines, a pixel is twice as high as it is wide.
    across, down = (float(dots or 0) for dots in picture.info.get("dpi", (0, 0)))
    if _orientation(picture) in (5, 6, 7, 8):
        across, down = down, across
    if across and down and _WIDEST_PIXEL >= across / down >= 1 / _WIDEST_PIXEL:
        points = width * 72 / across, height * 72 / down
        if _SMALLEST_PAPER <= max(points) <= _LARGEST_PAPER:
            return points
    paper = A4 if height >= width else (A4[1], A4[0])
    scale = min(paper[0] / width, paper[1] / height)
    return width * scale, height * scale


def _on_white(picture: Image.Image) -> Image.Image:
    if "A" in picture.getbands() or "transparency" in picture.info:
        clear = picture.convert("RGBA")
        ground = Image.new("RGB", clear.size, "white")
        ground.paste(clear, mask=clear.getchannel("A"))
        return ground
    if picture.mode.startswith("I;16") or picture.mode in ("I", "F"):
        # Scanners' sixteen bits: bring them to eight, which convert() would clip.
        picture = picture.convert("I").point(lambda value: value / 256)
    return picture if picture.mode == "RGB" else picture.convert("RGB")
