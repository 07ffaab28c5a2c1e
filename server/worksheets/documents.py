"""The documents of worksheets: the one way to read them and the one way to write them."""

import logging
from typing import Any

from server.worksheets.models import Worksheet
from velum.document.document import Document
from velum.document.reading import DocumentUnreadable, read_document, write_document

_log = logging.getLogger(__name__)


def read(worksheet: Worksheet) -> Document:
    """The document of a worksheet. Raises DocumentUnreadable, and notes it for the lists that show the worksheet."""
    try:
        return read_document(worksheet.document)
    except DocumentUnreadable as problem:
        _log.error("Worksheet %s cannot be read: %s %s", worksheet.pk, problem.code, problem.why)
        if not worksheet.unreadable:
            worksheet.unreadable = True
            Worksheet.objects.filter(pk=worksheet.pk).update(unreadable=True)
        raise


def written(document: Document) -> dict[str, Any]:
    """The columns of a worksheet that has this document, which was read back from what is written."""
    first = document.pages[0]
    return {
        "document": write_document(document),
        "title": document.title,
        "page_count": len(document.pages),
        "field_count": len(document.fields),
        "keyed_count": len(document.keys),
        "cover_page": first.id,
        "cover_look": str(first.look),
        "unreadable": False,
    }
