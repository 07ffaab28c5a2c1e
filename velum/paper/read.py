"""Reading an uploaded file: how many pages of what size it has, and one of them."""

from contextlib import AbstractContextManager
from typing import Protocol

from PIL import Image

from velum.geometry.box import Box
from velum.paper.form_fields import FormField, form_fields
from velum.paper.page_size import PageSize
from velum.paper.pdf import pdf_page, pdf_pages
from velum.paper.picture import picture_page, picture_pages
from velum.paper.sort import START, Sort, sort_of
from velum.paper.text import Line


class SourcePage(Protocol):
    """A page of an open file, upright."""

    @property
    def size(self) -> PageSize: ...

    @property
    def resolution(self) -> float | None:
        """Pixels a point that there are; None for a page that is drawn as sharp as it is asked for."""

    def lines(self) -> list[Line]:
        """The text that the file holds for the page."""

    def draw(self, scale: float, part: Box | None = None) -> Image.Image:
        """The page, or a part of it, at most ``scale`` pixels a point. Raises PaperRefused."""


def read_pages(data: bytes) -> list[PageSize]:
    """The sizes of all pages of a file. Raises PaperRefused."""
    return pdf_pages(data) if _is_pdf(data) else picture_pages(data)


def read_form(data: bytes) -> list[FormField]:
    """The form fields that a file has; a picture has none."""
    return form_fields(data) if _is_pdf(data) else []


def open_page(data: bytes, number: int) -> AbstractContextManager[SourcePage]:
    """Page ``number`` (from 0) of a file. Raises PaperRefused."""
    return pdf_page(data, number) if _is_pdf(data) else picture_page(data, number)


def _is_pdf(data: bytes) -> bool:
    return sort_of(data[:START]) is Sort.PDF
