"""PDFs: opened with PDFium, repaired and unlocked with pikepdf."""

import io
from collections.abc import Iterator
from contextlib import AbstractContextManager, contextmanager

import pikepdf
import pypdfium2
from PIL import Image
from pypdfium2 import raw

from velum.geometry.box import Box
from velum.paper.bare import PlacedWord, illustrations, placed_words
from velum.paper.form_fields import brought_over
from velum.paper.page_size import PageSize, PaperRefused, check_count, page_size
from velum.paper.pdf_text import picture_resolution, text_lines
from velum.paper.seen_words import without_text
from velum.paper.text import Line


def pdf_pages(data: bytes) -> list[PageSize | None]:
    """The sizes of all pages of a PDF, None for one that cannot be shown. Raises PaperRefused when none can be."""
    document = _open(data)
    try:
        check_count(len(document))
        pages: list[PageSize | None] = []
        refused: PaperRefused | None = None
        for number in range(len(document)):
            try:
                pages.append(_size(document, number))
            except PaperRefused as problem:
                pages.append(None)
                refused = refused or problem
    finally:
        document.close()
    if refused and not any(pages):
        raise refused
    return pages


class PdfPage:
    """One page of an open PDF. Lengths are in points of the page upright, as a reader shows it."""

    def __init__(self, page: pypdfium2.PdfPage, number: int) -> None:
        self._page = page
        self._number = number
        self.size = _page_size(page, number)

    @property
    def resolution(self) -> float | None:
        """Pixels a point of the scan that the page is; None: it is drawn as sharp as it is asked for."""
        return picture_resolution(self._page, self.size)

    @property
    def lens(self) -> None:
        """PDFs say nothing of cameras."""
        return None

    def lines(self) -> list[Line]:
        """The text layer."""
        return text_lines(self._page, self.size)

    def words(self) -> list[PlacedWord]:
        """The words that are seen."""
        return placed_words(self._page, self.size)

    def illustrations(self) -> Iterator[Box]:
        """Where pictures lie that are no more than a part of the page."""
        return illustrations(self._page, self.size)

    def without_words(self) -> AbstractContextManager[None]:
        """As long as the context lasts, the page is drawn without its words."""
        return without_text(self._page)

    def draw(self, scale: float, part: Box | None = None) -> Image.Image:
        """The page, or a part of it, at ``scale`` pixels a point. Raises PaperRefused."""
        crop = (0.0, 0.0, 0.0, 0.0)
        if part:
            right, below = self.size.width - part.x - part.width, self.size.height - part.bottom
            crop = (part.x, below, right, part.y)
        try:
            bitmap = self._page.render(scale=scale, crop=crop, may_draw_forms=False)
        except (pypdfium2.PdfiumError, ValueError) as problem:
            raise _not_drawn(self._number) from problem
        picture: Image.Image = bitmap.to_pil().convert("RGB")
        return picture


@contextmanager
def pdf_page(data: bytes, number: int) -> Iterator[PdfPage]:
    """Page ``number`` (from 0) of a PDF. Raises PaperRefused."""
    document = _open(data)
    try:
        yield PdfPage(_with_what_stays(document, number, data), number)
    except (pypdfium2.PdfiumError, IndexError) as problem:
        raise _not_drawn(number) from problem
    finally:
        document.close()


def _with_what_stays(document: pypdfium2.PdfDocument, number: int, data: bytes) -> pypdfium2.PdfPage:
    """A page, and printed on it what its form holds and is not brought over: text to be read, buttons, signatures."""
    page = document[number]
    annotations = range(raw.FPDFPage_GetAnnotCount(page))
    if not any(_is_widget(page, place) for place in annotations):
        return page
    page.close()
    # What a field shows that has no picture of itself, PDFium draws for it once it knows of the form.
    document.init_forms()
    page = document[number]
    for place in reversed(brought_over(data, number)):
        raw.FPDFPage_RemoveAnnot(page, place)
    raw.FPDFPage_Flatten(page, raw.FLAT_NORMALDISPLAY)
    page.close()
    return document[number]


def _is_widget(page: pypdfium2.PdfPage, place: int) -> bool:
    annotation = raw.FPDFPage_GetAnnot(page, place)
    try:
        return bool(raw.FPDFAnnot_GetSubtype(annotation) == raw.FPDF_ANNOT_WIDGET)
    finally:
        raw.FPDFPage_CloseAnnot(annotation)


def unlocked(data: bytes, password: str) -> bytes:
    """A PDF that was locked with a password, without it. Raises PaperRefused for a wrong one."""
    out = io.BytesIO()
    try:
        with pikepdf.open(io.BytesIO(data), password=password, suppress_warnings=True) as document:
            document.save(out)
    except pikepdf.PasswordError as problem:
        raise PaperRefused("paper.wrong_password", "This password does not open the PDF.") from problem
    except pikepdf.PdfError as problem:
        raise _locked_by_certificate() if "encryption filter" in str(problem) else _broken() from problem
    return out.getvalue()


def _open(data: bytes) -> pypdfium2.PdfDocument:
    """A PDF, a damaged one as far as it can be repaired."""
    try:
        return _open_as_it_is(data)
    except pypdfium2.PdfiumError as problem:
        if problem.err_code == raw.FPDF_ERR_PASSWORD:
            raise _locked() from problem
        if problem.err_code == raw.FPDF_ERR_SECURITY:
            raise _locked_by_certificate() from problem
    try:
        return _open_as_it_is(_repaired(data))
    except pypdfium2.PdfiumError as problem:
        raise _broken() from problem


def _open_as_it_is(data: bytes) -> pypdfium2.PdfDocument:
    # PDFium leaves the error of an earlier file in place when it fails without one of its own: set a known one first.
    raw.FPDF_LoadMemDocument(b"", 0, None)
    return pypdfium2.PdfDocument(data)


def _repaired(data: bytes) -> bytes:
    """The file written anew, its broken tables rebuilt."""
    out = io.BytesIO()
    try:
        with pikepdf.open(io.BytesIO(data), suppress_warnings=True) as document:
            if len(document.pages) == 0:
                raise PaperRefused("paper.no_pages", "This PDF has no pages.")
            document.save(out)
    except pikepdf.PasswordError as problem:
        raise _locked() from problem
    except pikepdf.PdfError as problem:
        raise _locked_by_certificate() if "encryption filter" in str(problem) else _broken() from problem
    return out.getvalue()


def _size(document: pypdfium2.PdfDocument, number: int) -> PageSize:
    try:
        width, height = document.get_page_size(number)
    except pypdfium2.PdfiumError as problem:
        raise PaperRefused("paper.broken", "Page {page} of this PDF is damaged.", {"page": number + 1}) from problem
    return page_size(width, height, number)


def _page_size(page: pypdfium2.PdfPage, number: int) -> PageSize:
    width, height = page.get_size()
    return page_size(width, height, number)


def _not_drawn(number: int) -> PaperRefused:
    return PaperRefused("paper.page_broken", "Page {page} could not be drawn.", {"page": number + 1})


def _locked() -> PaperRefused:
    return PaperRefused("paper.encrypted", "This PDF is locked. Type the password that opens it.")


def _locked_by_certificate() -> PaperRefused:
    return PaperRefused(
        "paper.locked_by_certificate",
        "This PDF is locked for certain people, by their certificates. Print it to a new PDF where you can read it, and"
        " bring that in.",
    )


def _broken() -> PaperRefused:
    return PaperRefused("paper.broken", "This PDF is damaged and cannot be opened.")
