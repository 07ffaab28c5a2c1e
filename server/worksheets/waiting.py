"""Which pages have places that were found, and neither taken nor refused yet."""

from collections.abc import Sequence
from uuid import UUID

from django.core.cache import cache

from server.worksheets import documents, surveys
from server.worksheets.models import Worksheet
from velum.document.document import Document
from velum.document.found_places import proposals_for, still_free
from velum.document.reading import DocumentUnreadable

_KNOWN, _UNKNOWN = 30 * 24 * 3600, 30
"""Seconds for which it is remembered: until the worksheet changes, or as long as pages are still looked at."""


def pages_waiting(worksheets: Sequence[Worksheet]) -> dict[UUID, list[int]]:
    """The numbers of such pages, from 1, of each worksheet that has any. Nothing is begun for it."""
    names = {_name(worksheet): worksheet for worksheet in worksheets}
    told = cache.get_many(names)
    missing = [worksheet.pk for name, worksheet in names.items() if name not in told]
    for worksheet in Worksheet.objects.filter(pk__in=missing):
        pages, all_known = _of_worksheet(worksheet)
        told[_name(worksheet)] = pages
        cache.set(_name(worksheet), pages, _KNOWN if all_known else _UNKNOWN)
    return {worksheet.pk: told[name] for name, worksheet in names.items() if told.get(name)}


def _name(worksheet: Worksheet) -> str:
    return f"waiting-{surveys.FOUND}-{worksheet.pk}-{worksheet.revision}"


def _of_worksheet(worksheet: Worksheet) -> tuple[list[int], bool]:
    """Its pages, and whether all of them were looked at."""
    try:
        document = documents.read(worksheet)
    except DocumentUnreadable:
        return [], True
    waiting = [_waits(document, number) for number in range(len(document.pages))]
    return [number + 1 for number, waits in enumerate(waiting) if waits], None not in waiting


def _waits(document: Document, number: int) -> bool | None:
    """Whether places of a page wait; None: it was not looked at yet."""
    page = document.pages[number]
    reading = surveys.known_reading(page)
    return None if reading is None else bool(still_free(page, proposals_for(page, reading), document.fields))
