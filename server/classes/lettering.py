"""Names drawn in any script, as pictures: what prints cards shapes no letters and knows no direction by itself."""

import unicodedata
from functools import lru_cache
from pathlib import Path

from django.conf import settings
from PIL import Image, ImageDraw, ImageFont

_FONTS = Path(settings.STATIC_ROOT) / "fonts"
_LAST = ("sc-", "jp-", "kr-")
"""Large ones, which are opened only for what no other font has."""


def drawn(text: str, height: int, widest: int) -> Image.Image:
    """Text in one line, black on white, ``height`` pixels tall and cut off with an ellipsis at ``widest`` pixels."""
    runs = _runs(text, height)
    while len(text) > 1 and _width(runs) > widest:
        text = text.rstrip("…")[: -max(1, len(text) // 20)].rstrip() + "…"
        runs = _runs(text, height)
    picture = Image.new("L", (max(1, min(widest, _width(runs))), height), 255)
    pen, x = ImageDraw.Draw(picture), 0
    for font, run in reversed(runs) if _from_right(text) else runs:
        pen.text((x, round(height * 0.75)), run, fill=0, font=font, anchor="ls")
        x += round(font.getlength(run))
    return picture


def has_all(text: str) -> bool:
    """Whether there is a font for every letter."""
    return all(_font_of(letter, 20) is not None for letter in text if _is_drawn(letter))


Run = tuple[ImageFont.FreeTypeFont, str]


def _runs(text: str, height: int) -> list[Run]:
    """Text in pieces of one font each. What is not a letter of its own goes with what stands before it."""
    runs: list[Run] = []
    size = round(height * 0.62)
    for letter in text:
        before = runs[-1] if runs else None
        font = _font_of(letter, size) if _is_drawn(letter) or before is None else before[0]
        font = font or _opened(_files()[0], size)
        if before and (before[0] is font):
            runs[-1] = (font, before[1] + letter)
        else:
            runs.append((font, letter))
    return runs


def _width(runs: list[Run]) -> int:
    return sum(round(font.getlength(run)) for font, run in runs)


def _is_drawn(letter: str) -> bool:
    return unicodedata.category(letter)[0] not in "MCZ"


def _from_right(text: str) -> bool:
    """Whether a line begins at the right (UAX #9, P2 and P3)."""
    strong = (unicodedata.bidirectional(letter) for letter in text)
    return next((kind for kind in strong if kind in ("L", "R", "AL")), "L") != "L"


@lru_cache(maxsize=1)
def _files() -> tuple[Path, ...]:
    found = sorted(
        _FONTS.glob("*.woff2"), key=lambda file: (any(part in file.name for part in _LAST), len(file.name), file.name)
    )
    assert found, "the fonts are built with the front end"
    return tuple(found)


@lru_cache(maxsize=200)
def _opened(file: Path, size: int) -> ImageFont.FreeTypeFont:
    return ImageFont.truetype(file, size)


@lru_cache(maxsize=5_000)
def _font_of(letter: str, size: int) -> ImageFont.FreeTypeFont | None:
    for file in _files():
        font = _opened(file, size)
        if bytes(font.getmask(letter)) != _nothing(file, size):
            return font
    return None


@lru_cache(maxsize=200)
def _nothing(file: Path, size: int) -> bytes:
    """What a font draws for a letter that it does not have."""
    return bytes(_opened(file, size).getmask("\U0010fffe"))
