"""Bringing a paper in: from an uploaded file to a worksheet, or to more pages of one.

Everything that takes time is done before the database is touched. An upload has an id, which the browser gives it:
brought in twice it is brought in once, and cancelled it leaves nothing, whichever of the two comes first.
"""

import io
import secrets
import uuid
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from pathlib import PurePath

from django.db import IntegrityError, transaction
from django.utils.translation import gettext

from server.accounts.models import User
from server.entrance.errors import Busy, Conflict
from server.files.in_use import in_use
from server.files.upload import Readable
from server.words.say import say
from server.worksheets import documents, pictures, sources, surveys
from server.worksheets.flows.edit import replace
from server.worksheets.flows.find import find_worksheet
from server.worksheets.incoming import Received, received
from server.worksheets.models import Upload, Worksheet
from velum.document.document import Document, read_through
from velum.document.edits import LayFixture, PlaceField, SetKey, apply
from velum.document.from_form import from_form, told_of
from velum.document.page import Page
from velum.document.pages import with_pages, with_pages_aside, without_pages
from velum.fixtures.ready import Design, ready_page
from velum.paper.blank import Pattern, blank_page
from velum.sentence import Sentence

_TRIES = 10


class Cancelled(Conflict):
    """An upload that was cancelled before it was brought in."""


@dataclass(frozen=True)
class BroughtIn:
    """The worksheet as it is now, and what of the file could not be brought in as it was, in sentences."""

    worksheet: Worksheet
    left_out: tuple[Sentence, ...] = ()


def bring_in(
    owner: User,
    file: Readable,
    file_name: str,
    password: str = "",
    *,
    upload: uuid.UUID | None = None,
    length: int | None = None,
) -> BroughtIn:
    """Make a worksheet of a file of ``length`` bytes, and begin to draw its pages.

    Keeps nothing when raising PaperRefused, Incomplete, TooLarge or Cancelled.
    """
    with received(file, password, length) as new, in_use():
        pages = _pages_of(new)
        form = from_form(new.contents.form, pages, _new_id)
        fields, keys = tuple(field for field, _ in form), {field.id: key for field, key in form if key}
        document = read_through(Document(title=title_from(file_name), pages=pages, fields=fields, keys=keys))
        worksheet = Worksheet(owner=owner, **documents.written(document))
        try:
            with transaction.atomic():
                worksheet.save(force_insert=True)
                _claim(owner, upload, worksheet, pages)
        except IntegrityError:
            return BroughtIn(_brought_in_before(owner, upload))
    _begin(pages)
    return BroughtIn(worksheet, new.contents.left_out + told_of(new.contents.form))


def add_pages(
    owner: User,
    worksheet_id: uuid.UUID,
    file: Readable,
    password: str = "",
    *,
    aside: bool = False,
    upload: uuid.UUID | None = None,
    length: int | None = None,
) -> BroughtIn:
    """Put the pages of a file behind those of a worksheet, or behind those set aside.

    Keeps nothing of a file that is refused, as ``bring_in``.
    """

    def put(document: Document, new: Received, pages: tuple[Page, ...]) -> Document:
        if aside:
            return with_pages_aside(document, pages)
        form = from_form(new.contents.form, pages, _new_id)
        fields = [PlaceField(field=field) for field, _ in form]
        keys = [SetKey(field_id=field.id, key=key) for field, key in form if key]
        return apply(with_pages(document, pages), [*fields, *keys])

    find_worksheet(owner, worksheet_id)
    with received(file, password, length) as new:
        return _add(owner, worksheet_id, new, put, upload)


def add_ready_page(owner: User, worksheet_id: uuid.UUID, design: Design, width: float, height: float) -> BroughtIn:
    """Put a ready page of this size in points behind those of a worksheet. Raises PaperRefused."""

    def put(document: Document, _: Received, pages: tuple[Page, ...]) -> Document:
        laid = [
            LayFixture(fixture=fixture)
            for page in pages
            for fixture in ready_page(design, page.id, page.width, page.height, _new_id, say)
        ]
        return apply(with_pages(document, pages), laid)

    find_worksheet(owner, worksheet_id)
    with received(io.BytesIO(blank_page(Pattern.PLAIN, width, height))) as new:
        return _add(owner, worksheet_id, new, put)


def _add(
    owner: User,
    worksheet_id: uuid.UUID,
    new: Received,
    put: Callable[[Document, Received, tuple[Page, ...]], Document],
    upload: uuid.UUID | None = None,
) -> BroughtIn:
    with in_use():
        pages = _pages_of(new)
        for _ in range(_TRIES):
            worksheet = find_worksheet(owner, worksheet_id)
            document = put(documents.read(worksheet), new, pages)
            try:
                with transaction.atomic():
                    _claim(owner, upload, worksheet, pages)
                    if not replace(worksheet, document):
                        raise _Overtaken
            except _Overtaken:
                continue  # it was edited meanwhile: put the pages behind what there is now
            except IntegrityError:
                return BroughtIn(_brought_in_before(owner, upload))
            _begin(pages)
            told = new.contents.left_out + told_of(new.contents.form)
            return BroughtIn(find_worksheet(owner, worksheet_id), told)
    raise Busy("worksheet.busy", "This worksheet is being changed all the time. Bring the file in again in a moment.")


class _Overtaken(Exception):
    pass


def _claim(owner: User, upload: uuid.UUID | None, worksheet: Worksheet, pages: Sequence[Page]) -> None:
    """Note that an upload is brought in. Raises IntegrityError when it was brought in or cancelled before."""
    if upload is not None:
        Upload.objects.create(pk=upload, owner=owner, worksheet=worksheet, pages=[page.id for page in pages])


def _brought_in_before(owner: User, upload: uuid.UUID | None) -> Worksheet:
    """The worksheet that an upload became. Raises Cancelled."""
    known = upload and Upload.objects.filter(pk=upload, owner=owner).select_related("worksheet").first()
    if not known or known.worksheet is None:
        raise Cancelled("bring_in.cancelled", "This was cancelled. Nothing was brought in.")
    return known.worksheet


def cancel(owner: User, upload: uuid.UUID) -> None:
    """Take an upload back, or see to it that it is not brought in when it comes. Cancelling twice is cancelling once.

    A worksheet that it has become meanwhile goes, as long as nobody has worked on it; pages that it has become go with
    what came with them.
    """
    try:
        with transaction.atomic():
            Upload.objects.create(pk=upload, owner=owner)
        return
    except IntegrityError:
        known = Upload.objects.filter(pk=upload, owner=owner).select_related("worksheet").first()
    if known is None or known.worksheet is None:
        return
    if _took_back(upload, known.worksheet):
        return
    for _ in range(_TRIES):
        worksheet = find_worksheet(owner, known.worksheet.pk)
        document = without_pages(documents.read(worksheet), known.pages)
        if replace(worksheet, document):
            return


def _took_back(upload: uuid.UUID, worksheet: Worksheet) -> bool:
    """Take away the worksheet that an upload has become. False: somebody has worked on it or handed it out."""
    with transaction.atomic():
        untouched = Worksheet.objects.select_for_update().filter(pk=worksheet.pk, revision=1).first()
        if untouched is None or untouched.editions.exists():
            return False
        # First, or the upload would go with its worksheet, and be brought in when it comes once more.
        Upload.objects.filter(pk=upload).update(worksheet=None)
        untouched.delete()
    return True


def _begin(pages: Sequence[Page]) -> None:
    pictures.begin(pages)
    surveys.begin(pages)


def _new_id() -> str:
    return secrets.token_hex(5)


def _pages_of(new: Received) -> tuple[Page, ...]:
    """The pages that can be shown, their file kept."""
    sources.keep(new.path, new.sha256, new.contents.pages)
    return tuple(
        Page(id=_new_id(), source=new.sha256, number=number, width=page.width, height=page.height)
        for number, page in enumerate(new.contents.pages)
        if page is not None
    )


def title_from(file_name: str) -> str:
    """A title for a worksheet, from the name of its file: ``tide_table.pdf`` becomes "tide table"."""
    stem = PurePath(file_name.replace("\\", "/")).stem.replace("_", " ")
    readable = " ".join("".join(letter if letter.isprintable() else " " for letter in stem).split())
    return readable[:200].strip() or gettext("Worksheet")
