"""Reading pictures of print with Tesseract, where it is installed. Without it nothing is read, and all else works.

Its table of words is described in tesseract(1), "TSV"; ``--psm`` in "OPTIONS": 0 tells which way is up, 3 reads a page,
6 one block of print.
"""

import csv
import io
import os
import re
import shutil
import subprocess
from bisect import bisect_right
from collections.abc import Iterator, Sequence
from itertools import groupby

from PIL import Image

from velum.geometry.box import Box
from velum.geometry.turn import Turn
from velum.paper.picture import turned
from velum.paper.text import LONGEST_WORD, Line, Word, tidy
from velum.paper.unread import is_on_rim, unread
from velum.paper.unruled import without_rules

DOTS = 200
"""Dots an inch at which print is read best."""

_LONGEST = 12
"""Seconds that a page may take."""

_SURE = 2.0
"""From this confidence on Tesseract is believed about which way is up; what it guesses on has less than 1."""

_FEWEST = 8
"""Letters from which on the way in which most can be read is believed."""

_MANY = 60
"""So many letters read one way, and hardly any another, need no further tries."""

_CLEARLY = 3.0
"""Times as many letters must be read another way as upright, for a page to be turned."""

WAYS: tuple[Turn, ...] = (0, 90, 180, 270)

_LEGIBLE = 35
"""From this confidence on (of 100) a word is believed."""


_SHORT = 2.6
"""A word that is less wide than this, in heights, may be a number."""

_ROOM = 10.0
"""Points around each word that is read by itself."""

_BEGINNING = re.compile(r"[(\[]?(?:\d{1,3}|[A-Za-z]|[ivx]{1,4})[.):\]]?")
"""What stands before questions."""


def can_read() -> bool:
    """Whether Tesseract is installed."""
    return shutil.which("tesseract") is not None


def which_way_up(picture: Image.Image, scale: float) -> Turn:
    """The turn clockwise that puts a picture of ``scale`` pixels a point upright; 0 when it cannot be told.

    Tesseract's own guess is believed only where it is sure that nothing is to be turned; else what can be read decides.
    """
    # Lines of tables are read as letters l, whichever way they run.
    grey = without_rules(picture, scale)
    guess, sure = _guess(grey)
    if guess == 0 and sure:
        return 0
    letters: dict[Turn, int] = {}
    likely: tuple[Turn, ...] = (0, guess or 180)
    others: tuple[Turn, ...] = tuple(way for way in WAYS if way not in likely)
    for ways, most, times in ((likely, _MANY, 4.0), (others, _FEWEST, 1.5)):
        letters |= {way: _letters(turned(grey, way)) for way in ways}
        best, second = sorted(letters, key=lambda way: -letters[way])[:2]
        # Pages come upright far more often than not, and some print can be read upside down: "pasn" for "used".
        least = _CLEARLY * letters[0] if best != 0 else 0.0
        if letters[best] >= most and letters[best] > max(times * letters[second], least):
            return best
    return 0


def _guess(grey: Image.Image) -> tuple[Turn, bool]:
    """Which turn Tesseract would make, and whether it is sure."""
    told = _tesseract(grey, ["--psm", "0"])
    rotate = re.search(r"^Rotate: (90|180|270)$", told, re.MULTILINE)
    confidence = re.search(r"^Orientation confidence: ([\d.]+)$", told, re.MULTILINE)
    guess: Turn = int(rotate[1]) if rotate else 0  # type: ignore[assignment]  # the pattern allows no other
    return guess, confidence is not None and float(confidence[1]) >= _SURE


def _letters(picture: Image.Image) -> int:
    """How many letters can be read surely."""
    # As one block: otherwise Tesseract turns columns of letters by itself.
    words = (word["text"] for word in _words(picture, "6") if float(word["conf"]) > 80)
    return sum(letter.isalnum() for word in words for letter in word)


def read_print(picture: Image.Image, scale: float) -> list[Line]:
    """The lines of print in a picture of ``scale`` pixels a point, in points of the picture."""
    clean = without_rules(picture, scale)
    rows = groupby(_words(clean), lambda word: (word["block_num"], word["par_num"], word["line_num"]))
    size = clean.width / scale, clean.height / scale
    words = (
        [word for row in line if (word := _word(row, scale)) and not is_on_rim(word.box, *size)] for _, line in rows
    )
    lines = [line for line in words if line]
    lines += _beginnings(clean, scale, lines)
    return [Line(words=tuple(words)) for words in lines]


def _beginnings(clean: Image.Image, scale: float, lines: Sequence[Sequence[Word]]) -> Iterator[list[Word]]:
    """The short words at the left that were passed over, such as the numbers of questions, read by themselves."""
    read = [word.box for line in lines for word in line]
    left = [box for box in unread(clean, scale, read) if box.width < _SHORT * box.height and _is_first(box, read)]
    if not left:
        return
    room = round(_ROOM * scale)
    wide = max(round(box.width * scale) for box in left) + 2 * room
    strip = Image.new("L", (wide, room + sum(round(box.height * scale) + room for box in left)), 255)
    down, tops = room, []
    for box in left:
        x, y = round(box.x * scale), round(box.y * scale)
        word = clean.crop((x - 1, y - 1, x + round(box.width * scale) + 2, y + round(box.height * scale) + 2))
        strip.paste(word, (room, down))
        tops.append(down)
        down += round(box.height * scale) + room
    for row in _words(strip, "6"):
        middle = int(row["top"]) + int(row["height"]) / 2
        place = bisect_right(tops, middle) - 1
        text = tidy(row["text"])
        if place >= 0 and _BEGINNING.fullmatch(text):
            yield [Word(text=text, box=left[place])]


def _is_first(box: Box, read: Sequence[Box]) -> bool:
    """Whether no word that was read stands before it in its row."""
    return not any(
        other.x < box.x and min(other.bottom, box.bottom) - max(other.y, box.y) > 0.3 * box.height for other in read
    )


def _words(picture: Image.Image, way: str = "3") -> list[dict[str, str]]:
    told = _tesseract(picture, ["--psm", way, "tsv"])
    table = csv.DictReader(io.StringIO(told), delimiter="\t", quoting=csv.QUOTE_NONE)
    words = [row for row in table if row["level"] == "5" and (row["text"] or "").strip()]
    return [word for word in words if float(word["conf"]) >= _LEGIBLE]


def _word(row: dict[str, str], scale: float) -> Word | None:
    left, top, width, height = (int(row[name]) for name in ("left", "top", "width", "height"))
    text = tidy(row["text"])[:LONGEST_WORD]
    box = Box(x=left / scale, y=top / scale, width=max(1, width) / scale, height=max(1, height) / scale)
    return Word(text=text, box=box) if text else None


def _tesseract(picture: Image.Image, options: Sequence[str]) -> str:
    """What Tesseract prints; nothing when it is not there, fails or takes too long."""
    program = shutil.which("tesseract")
    if program is None:
        return ""
    data = io.BytesIO()
    picture.convert("L").save(data, "BMP")
    try:
        done = subprocess.run(  # noqa: S603  # a fixed program, and no word of a stranger's among its options
            [program, "stdin", "stdout", "--dpi", str(DOTS), *options],
            input=data.getvalue(),
            capture_output=True,
            timeout=_LONGEST,
            # One thread: more only wait for each other, for two to fifteen times as long.
            env={**os.environ, "OMP_THREAD_LIMIT": "1"},
            check=True,
        )
    except (OSError, subprocess.SubprocessError):
        return ""
    return done.stdout.decode(errors="replace")
