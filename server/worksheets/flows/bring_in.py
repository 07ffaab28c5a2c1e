"""Bringing a paper in: from an uploaded file to a worksheet."""

import hashlib
import io
import secrets
import tempfile
import uuid
from collections.abc import Callable, Iterator, Sequence
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path, PurePath
from typing import IO, Protocol

from django.conf import settings
from django.db import transaction

from server.accounts.models import User
from server.config.errors import TooLarge
from server.worksheets import paper_pool, pictures, sources, surveys
from server.worksheets.flows.find import find
from server.worksheets.models import Worksheet
from velum.document.edits import LayFixture, Place, apply
from velum.document.from_form import fields_of
from velum.document.pages import with_pages, with_pages_aside
from velum.document.reading import read_worksheet
from velum.document.worksheet import Page, read_through
from velum.document.worksheet import Worksheet as Document
from velum.fixtures.ready import Design, ready_page
from velum.paper.blank import Pattern, blank_page
from velum.paper.form_fields import FormField
from velum.paper.page_size import PageSize, PaperRefused
from velum.paper.sort import START, sort_of

_CHUNK = 1 << 20


class Readable(Protocol):
    def read(self, size: int = -1, /) -> bytes: ...


def bring_in(owner: User, file: Readable, file_name: str, password: str = "") -> Worksheet:
    """Make a worksheet of a file, and begin to draw its pages. Keeps nothing when raising PaperRefused or TooLarge."""
    with _received(file, password) as received, transaction.atomic():
        pages = _pages_of(received)
        fields = fields_of(received.form, pages, _new_id)
        document = read_through(Document(title=title_from(file_name), pages=pages, fields=tuple(fields)))
        worksheet = Worksheet.objects.create(owner=owner, document=document.model_dump(mode="json"))
    _begin(pages)
    return worksheet


def add_pages(
    owner: User, worksheet_id: uuid.UUID, file: Readable, password: str = "", *, aside: bool = False
) -> Worksheet:
    """Put the pages of a file behind those of a worksheet, or behind those set aside.

    Keeps nothing of a file that is refused, as ``bring_in``.
    """

    def put(document: Document, received: _Received, pages: tuple[Page, ...]) -> Document:
        if aside:
            return with_pages_aside(document, pages)
        fields = [Place(field=field) for field in fields_of(received.form, pages, _new_id)]
        return apply(with_pages(document, pages), fields)

    return _add(owner, worksheet_id, file, password, put)


def add_ready_page(owner: User, worksheet_id: uuid.UUID, design: Design, width: float, height: float) -> Worksheet:
    """Put a ready page of this size in points behind those of a worksheet. Raises PaperRefused."""

    def put(document: Document, _: _Received, pages: tuple[Page, ...]) -> Document:
        laid = [
            LayFixture(fixture=fixture)
            for page in pages
            for fixture in ready_page(design, page.id, page.width, page.height, _new_id)
        ]
        return apply(with_pages(document, pages), laid)

    return _add(owner, worksheet_id, io.BytesIO(blank_page(Pattern.PLAIN, width, height)), "", put)


def _add(
    owner: User,
    worksheet_id: uuid.UUID,
    file: Readable,
    password: str,
    put: Callable[[Document, "_Received", tuple[Page, ...]], Document],
) -> Worksheet:
    find(owner, worksheet_id)
    with _received(file, password) as received, transaction.atomic():
        pages = _pages_of(received)
        worksheet = find(owner, worksheet_id)
        worksheet.document = put(read_worksheet(worksheet.document), received, pages).model_dump(mode="json")
        worksheet.revision += 1
        worksheet.save()
    _begin(pages)
    return worksheet


def _begin(pages: Sequence[Page]) -> None:
    pictures.begin(pages)
    surveys.begin(pages)


@dataclass(frozen=True)
class _Received:
    path: Path
    sha256: str
    pages: list[PageSize]
    form: list[FormField]


def _new_id() -> str:
    return secrets.token_hex(5)


def _pages_of(received: _Received) -> tuple[Page, ...]:
    source = sources.keep(received.path, received.sha256, received.pages)
    return tuple(
        Page(id=_new_id(), source=received.sha256, number=number, width=width, height=height)
        for number, (width, height) in enumerate(source.pages)
    )


def title_from(file_name: str) -> str:
    """A title for a worksheet, from the name of its file: ``tide_table.pdf`` becomes "tide table"."""
    stem = PurePath(file_name.replace("\\", "/")).stem.replace("_", " ")
    readable = " ".join("".join(letter if letter.isprintable() else " " for letter in stem).split())
    return readable[:200].strip() or "Worksheet"


@contextmanager
def _received(file: Readable, password: str) -> Iterator[_Received]:
    """Receive an upload into a temporary file, gone afterwards, and read its pages.

    A PDF that ``password`` opens is kept unlocked: it must be drawn again at any time, and the password is not kept.
    """
    incoming = settings.DATA / "incoming"
    incoming.mkdir(parents=True, exist_ok=True)
    with tempfile.NamedTemporaryFile(dir=incoming) as out:
        sha256 = _copy(file, out)
        path = Path(out.name)
        if password:
            paper_pool.unlock(path, password)
            sha256 = hashlib.sha256(path.read_bytes()).hexdigest()
        pages, form = paper_pool.read_file(path)
        yield _Received(path, sha256, pages, form)


def _copy(file: Readable, out: IO[bytes]) -> str:
    """Copy an upload and return its SHA-256. What is no paper is refused by its first bytes."""
    chunk = file.read(_CHUNK)
    try:
        sort_of(chunk[:START])
    except PaperRefused:
        _read_away(file)
        raise
    digest, size = hashlib.sha256(), 0
    while chunk:
        size += len(chunk)
        if size > settings.LARGEST_UPLOAD:
            _read_away(file)
            most = settings.LARGEST_UPLOAD // 1_000_000
            raise TooLarge("paper.too_large", f"This file is too large: {most} MB is the most. Nothing was kept of it.")
        digest.update(chunk)
        out.write(chunk)
        chunk = file.read(_CHUNK)
    out.flush()
    return digest.hexdigest()


def _read_away(file: Readable) -> None:
    """Read what is left of an upload: a browser only hears why it was refused once it has sent it."""
    left = settings.LARGEST_UPLOAD
    while left > 0 and (chunk := file.read(_CHUNK)):
        left -= len(chunk)
