"""What sort of file something is, told by its content and never by its name.

The first bytes are those that the formats' own specifications ask for: PDF 1.7 (ISO 32000-1, annex H: the header
within the first 1024 bytes), PNG (ISO 15948), JPEG (ISO 10918-1), GIF89a, TIFF 6.0 and BigTIFF, WebP (RFC 9649), HEIF
and AVIF (ISO 23008-12: brands of the ``ftyp`` box), JPEG 2000 (ISO 15444-1, annexes A and I), BMP (by the size of its
header).
"""

from enum import Enum

from velum.paper.page_size import PaperRefused

START = 1024
"""Bytes from the start of a file that are enough to tell."""

_HEIF_BRANDS = {b"heic", b"heix", b"hevc", b"heim", b"heis", b"hevm", b"hevs", b"mif1", b"msf1", b"avif", b"avis"}
_STARTS = (
    b"\x89PNG\r\n\x1a\n",
    b"\xff\xd8\xff",
    b"GIF87a",
    b"GIF89a",
    b"II*\0",
    b"MM\0*",
    b"II+\0",
    b"MM\0+",
    b"\0\0\0\x0cjP  \r\n\x87\n",
    b"\xff\x4f\xff\x51",
)
_BMP_HEADERS = {size.to_bytes(4, "little") for size in (12, 40, 52, 56, 64, 108, 124)}


class Sort(Enum):
    PDF = "pdf"
    PICTURE = "picture"


def sort_of(start: bytes) -> Sort:
    """The sort of a file that begins with these bytes. Raises PaperRefused for what cannot become pages."""
    if not start:
        raise PaperRefused("paper.empty", "This file is empty.")
    if b"%PDF-" in start[:START]:
        return Sort.PDF
    if _is_picture(start):
        return Sort.PICTURE
    if _is_office(start):
        raise PaperRefused(
            "paper.office",
            "This is a word processor's own file. Open it there, save or export it as a PDF, and bring that in.",
        )
    raise PaperRefused("paper.unknown", "This file is neither a PDF nor a picture.")


def _is_picture(start: bytes) -> bool:
    return (
        start.startswith(_STARTS)
        or (start[:4] == b"RIFF" and start[8:12] == b"WEBP")
        or (start[4:8] == b"ftyp" and start[8:12] in _HEIF_BRANDS)
        or (start[:2] == b"BM" and start[14:18] in _BMP_HEADERS)
    )


def _is_office(start: bytes) -> bool:
    """OLE compound files, and zips that begin as Office Open XML or OpenDocument do; RTF and Pages too."""
    return start.startswith((b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1", b"{\\rtf")) or (
        start.startswith(b"PK\x03\x04")
        and any(mark in start[:START] for mark in (b"[Content_Types]", b"mimetypeapplication/", b"word/", b"Index/"))
    )
