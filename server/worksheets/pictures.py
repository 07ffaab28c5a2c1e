"""Pictures of pages, in a few widths. They are made from the uploaded file at any time, so they may be thrown away.

THUMB and LAPTOP are drawn when a file is brought in; FINE (for zooming in, and for dense screens) when first asked for.
A picture that somebody asks for is drawn before those that nobody looks at.
"""

import hashlib
import json
import threading
from collections.abc import Iterable
from concurrent.futures import Future, wait
from enum import Enum
from pathlib import Path
from typing import TypeAlias

from django.conf import settings

from server.drawing import jobs, queue
from server.entrance.errors import Busy
from server.pictures.models import KeptPicture
from server.worksheets import sources
from server.worksheets.models import SourceFile
from server.worksheets.sources import local_path
from velum.document.document import Document
from velum.document.page import Page
from velum.fixtures.covers import Cover, covers_of
from velum.paper.page_size import PaperRefused

THUMB, LAPTOP, FINE = 340, 1700, 3400
"""Pixels across. LAPTOP is twice the width at which a 1366 pixel screen shows a page, so it is sharp at 200 %."""

_ALL = (LAPTOP, THUMB)
"""Drawn in one go when a page is brought in."""

_LONG, _GLANCE = 10, 16
"""Of a paper of more than so many pages the editor shows thumbs first, about so many at a glance."""

_waiting_room = threading.BoundedSemaphore(2)
"""Requests that may wait for a picture at once: the threads of a web process are few, and students' saves need them."""


class State(Enum):
    READY = "ready"
    WAITING = "waiting"
    FAILED = "failed"


Covers: TypeAlias = tuple[Cover, ...]
"""What is painted over in the pictures of a page that students are sent."""


def place_of(page: Page, width: int, covers: Covers = ()) -> Path:
    """Where a picture of a page is kept once it is drawn."""
    return folder_of(page) / f"{page.number}-{page.look}{_name(covers)}-{width}.webp"


def _name(covers: Covers) -> str:
    if not covers:
        return ""
    said = json.dumps([cover.model_dump(mode="json") for cover in covers], sort_keys=True)
    return f"-{hashlib.sha256(said.encode()).hexdigest()[:16]}"


def folder_of(page: Page) -> Path:
    """Where all that is made from the page's file is kept."""
    root: Path = settings.PICTURES_ROOT
    return root / page.source[:2] / page.source


def state_of(page: Page) -> State:
    """Whether the page can be shown."""
    place = place_of(page, LAPTOP)
    if place.exists():
        return State.READY
    return State.FAILED if queue.failed(place) else State.WAITING


def begin(pages: Iterable[Page], *, soon: bool = True) -> None:
    """Begin to draw the pictures that are missing, in this order. What failed some time ago is tried again.

    A short paper goes before what is left of long ones; of a long one the first thumbs do. Unless ``soon``, all else
    goes before them.
    """
    pages = [page for page in pages if not _is_settled(page)]
    files = SourceFile.objects.in_bulk({page.source for page in pages})
    pages = [page for page in pages if page.source in files]
    first: list[tuple[Page, tuple[int, ...]]]
    first = [(page, (THUMB,)) for page in pages[:_GLANCE]] if len(pages) > _LONG else [(page, _ALL) for page in pages]
    for page, widths in reversed(first if soon else []):
        _draw(local_path(files[page.source]), page, widths, first=True)
    if len(pages) > _LONG or not soon:
        for page in pages:
            _draw(local_path(files[page.source]), page, _ALL)


def begin_covered(document: Document) -> None:
    """Begin to draw the pages of which something is covered as students are sent them."""
    covered = [(page, covers) for page in document.pages if (covers := covers_on(document, page.id))]
    files = SourceFile.objects.in_bulk({page.source for page, _ in covered})
    for page, covers in covered:
        if page.source in files and not place_of(page, LAPTOP, covers).exists():
            _draw(local_path(files[page.source]), page, _ALL, covers)


def covers_on(document: Document, page_id: str) -> Covers:
    """What is covered of a page."""
    return covers_of(fixture for fixture in document.fixtures if fixture.page == page_id)


def picture(page: Page, width: int, covers: Covers = ()) -> Path:
    """The picture of a page, drawn now if it has to be. Raises PaperRefused, and Busy when too many wait already."""
    place = place_of(page, width, covers)
    if place.exists():
        return place
    source = SourceFile.objects.filter(pk=page.source).first()
    if source is None or queue.failed_lately(place):
        raise _broken()
    has_failed = queue.failed(place)
    drawn = _draw(local_path(source), page, _now(width), covers, first=True)
    if has_failed:
        raise _broken()  # as long as the next try has not shown otherwise
    if _waiting_room.acquire(blocking=False):
        try:
            wait([drawn], timeout=settings.DRAWING_SECONDS)
        finally:
            _waiting_room.release()
    if not place.exists():
        if queue.failed(place):
            raise _broken()
        raise Busy("picture.busy", "This page is still being drawn.")
    return place


def _is_settled(page: Page) -> bool:
    place = place_of(page, LAPTOP)
    return place.exists() or queue.failed_lately(place)


def _broken() -> PaperRefused:
    return PaperRefused("paper.page_broken", "This page could not be drawn.")


def _now(width: int) -> tuple[int, ...]:
    """What is drawn for somebody who asks for a width: a thumb is drawn alone, in a fraction of the time."""
    return _ALL if width == LAPTOP else (width,)


def _draw(
    source: Path, page: Page, widths: tuple[int, ...], covers: Covers = (), *, first: bool = False
) -> "Future[None]":
    places = [(width, place_of(page, width, covers)) for width in widths]
    covered = jobs.Covered(covers, page.width, _files(covers)) if covers else None
    return queue.begin(places[0][1], jobs.draw, source, page.number, page.look, places, covered, first=first)


def _files(covers: Covers) -> dict[str, Path]:
    """The files of the pictures that cover something."""
    names = {cover.picture for cover in covers if cover.picture}
    return {picture.sha256: sources.near(picture.name) for picture in KeptPicture.objects.filter(pk__in=names)}
