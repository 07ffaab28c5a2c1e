"""Freezing a worksheet as an edition."""

import logging
from functools import lru_cache

from server.worksheets.models import Edition, Worksheet
from velum.document.document import Document
from velum.document.reading import DocumentUnreadable, read_document

_log = logging.getLogger(__name__)


def freeze(worksheet: Worksheet) -> Edition:
    """The edition of a worksheet as it is now."""
    return Edition.objects.get_or_create(
        worksheet=worksheet,
        revision=worksheet.revision,
        defaults={"document": worksheet.document, "title": worksheet.title},
    )[0]


@lru_cache(maxsize=256)
def read_edition(edition_id: int) -> Document:
    """The document of an edition. Editions never change, so they are remembered. Raises DocumentUnreadable."""
    try:
        return read_document(Edition.objects.get(pk=edition_id).document)
    except DocumentUnreadable as problem:
        _log.error("Edition %s cannot be read: %s %s", edition_id, problem.code, problem.why)
        raise
