"""Reading an uploaded file: how many pages of what size it has, and one of them."""

from contextlib import AbstractContextManager
from dataclasses import dataclass
from typing import Protocol

from PIL import Image

from velum.geometry.box import Box
from velum.paper.form_fields import Form, FormField, form_fields
from velum.paper.page_size import PageSize
from velum.paper.pdf import pdf_page, pdf_pages
from velum.paper.picture import picture_page, picture_pages
from velum.paper.sort import START, Sort, sort_of
from velum.paper.text import Line
from velum.sentence import Sentence, together


class SourcePage(Protocol):
    """A page of an open file, upright."""

    @property
    def size(self) -> PageSize: ...

    @property
    def resolution(self) -> float | None:
        """Pixels a point that there are; None for a page that is drawn as sharp as it is asked for."""

    @property
    def lens(self) -> float | None:
        """The focal length that the camera of a photo noted, as a share of the photo's longer side."""

    def lines(self) -> list[Line]:
        """The text that the file holds for the page."""

    def draw(self, scale: float, part: Box | None = None) -> Image.Image:
        """The page, or a part of it, at most ``scale`` pixels a point. Raises PaperRefused."""


@dataclass(frozen=True, slots=True)
class Contents:
    """What a file holds: the size of each page, None for one that cannot be shown; its form fields; and, in sentences,
    what of it could not be read. One bad page, or one bad form field, keeps nothing else out.
    """

    pages: tuple[PageSize | None, ...]
    form: tuple[FormField, ...] = ()
    left_out: tuple[Sentence, ...] = ()


def read_pages(data: bytes) -> list[PageSize | None]:
    """The sizes of all pages of a file, None for one that cannot be shown. Raises PaperRefused when none can be."""
    return pdf_pages(data) if _is_pdf(data) else picture_pages(data)


def read_contents(data: bytes) -> Contents:
    """What a file holds. Raises PaperRefused when no page of it can be shown."""
    pages = read_pages(data)
    bad = [str(number + 1) for number, page in enumerate(pages) if page is None]
    left_out = []
    if bad:
        left_out.append(
            Sentence.counted(
                "left_out.pages",
                "Page {pages} could not be read and was left out.",
                "Pages {pages} could not be read and were left out.",
                len(bad),
                {"pages": together(bad)},
            )
        )
    form = form_fields(data) if _is_pdf(data) else Form()
    if form.unread:
        left_out.append(
            Sentence.counted(
                "left_out.form_fields",
                "{count} form field could not be read and was left out.",
                "{count} form fields could not be read and were left out.",
                form.unread,
            )
        )
    return Contents(tuple(pages), form.fields, tuple(left_out))


def open_page(data: bytes, number: int) -> AbstractContextManager[SourcePage]:
    """Page ``number`` (from 0) of a file. Raises PaperRefused."""
    return pdf_page(data, number) if _is_pdf(data) else picture_page(data, number)


def _is_pdf(data: bytes) -> bool:
    return sort_of(data[:START]) is Sort.PDF
