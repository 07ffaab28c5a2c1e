"""The sign-in cards of a class as a PDF (ISO 32000): ten a page of A4, to be cut apart."""

import io
from collections.abc import Sequence
from dataclasses import dataclass
from functools import lru_cache

import pyvips
import segno
from django.conf import settings
from PIL import Image
from reportlab.lib.pagesizes import A4
from reportlab.lib.utils import ImageReader
from reportlab.pdfgen.canvas import Canvas

from server.classes.lettering import drawn
from server.classes.models import Student
from server.words.say import say
from velum.cards import PICTURES

_MM = 72 / 25.4
_WIDTH, _HEIGHT = 95 * _MM, 55 * _MM
_COLUMNS, _ROWS = 2, 5
_LEFT = (A4[0] - _COLUMNS * _WIDTH) / 2
_TOP = A4[1] - (A4[1] - _ROWS * _HEIGHT) / 2
_EDGE = 5 * _MM
_QR = 29 * _MM
_PICTURE = 12 * _MM
_DPI = 300
_INK = (0x16 / 255, 0x32 / 255, 0x4A / 255)


@dataclass(frozen=True)
class Words:
    """What a card says besides its student's name: of which class it is, and where it is used."""

    of_class: str
    place: str
    code: str
    code_label: str


def card_sheet(students: Sequence[tuple[Student, str]], words: Words) -> bytes:
    """A PDF of these students' cards; with each comes the address that its QR code says."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A4, pageCompression=1, invariant=1)
    canvas.setTitle(words.of_class)
    for number, (student, address) in enumerate(students):
        place = number % (_COLUMNS * _ROWS)
        if number and not place:
            canvas.showPage()
        column, row = place % _COLUMNS, place // _COLUMNS
        _card(canvas, _LEFT + column * _WIDTH, _TOP - (row + 1) * _HEIGHT, student, address, words)
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def _card(canvas: Canvas, x: float, y: float, student: Student, address: str, words: Words) -> None:
    """A card whose lower left corner is there, in points."""
    canvas.setLineWidth(0.4)
    canvas.setDash(2, 3)
    canvas.setStrokeColorRGB(0.6, 0.65, 0.68)
    canvas.rect(x, y, _WIDTH, _HEIGHT)
    canvas.setDash()
    beside = _WIDTH - _QR - 3 * _EDGE
    top = y + _HEIGHT - _EDGE
    _write(canvas, student.name, x + _EDGE, top - 8 * _MM, 8 * _MM, beside)
    _write(canvas, words.of_class, x + _EDGE, top - 13 * _MM, 5 * _MM, beside)
    _qr(canvas, address, x + _WIDTH - _EDGE - _QR, top - _QR)
    for place, name in enumerate(student.card.secret.split()):
        left = x + _EDGE + place * (_PICTURE + 5 * _MM)
        canvas.drawImage(_picture(name), left, y + _EDGE + 8 * _MM, _PICTURE, _PICTURE, mask="auto")
        _write(
            canvas,
            say(PICTURES[name]),
            left - 2.2 * _MM,
            y + _EDGE + 3.4 * _MM,
            4.4 * _MM,
            _PICTURE + 4.4 * _MM,
            centred=True,
        )
    _write(
        canvas,
        f"{words.place} · {words.code_label} {words.code}",
        x + _EDGE,
        y + 2.5 * _MM,
        5 * _MM,
        _WIDTH - 2 * _EDGE,
    )


def _write(
    canvas: Canvas, text: str, x: float, y: float, height: float, widest: float, *, centred: bool = False
) -> None:
    """Text whose box, ``widest`` points wide, has its lower left corner there."""
    scale = _DPI / 72
    picture = drawn(text, round(height * scale), round(widest * scale))
    if centred:
        x += (widest - picture.width / scale) / 2
    canvas.drawImage(ImageReader(picture), x, y, picture.width / scale, picture.height / scale)


def _qr(canvas: Canvas, address: str, x: float, y: float) -> None:
    """A QR code (ISO/IEC 18004) with the margin that readers need."""
    code = segno.make(address, error="m", micro=False)
    rows = [bytes(row) for row in code.matrix_iter(border=2)]
    side = _QR / len(rows)
    canvas.setFillColorRGB(*_INK)
    for down, row in enumerate(rows):
        for along, dark in enumerate(row):
            if dark:
                canvas.rect(x + along * side, y + _QR - (down + 1) * side, side * 1.02, side * 1.02, stroke=0, fill=1)


@lru_cache(maxsize=64)
def _picture(name: str) -> ImageReader:
    """A drawing of the library."""
    side = round(_PICTURE * _DPI / 72)
    file = settings.STATIC_ROOT / "library" / f"{name}.svg"
    seen = pyvips.Image.thumbnail_buffer(file.read_bytes(), side)
    return ImageReader(Image.fromarray(seen.numpy()))
