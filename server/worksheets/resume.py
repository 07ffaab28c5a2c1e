"""Going on with what a server that was stopped has left: pages to draw and to read, half files to remove."""

import fcntl
import logging

from django.conf import settings
from django.db import connection

from server.worksheets import documents, pictures, surveys
from server.worksheets.incoming import forget_halves
from server.worksheets.models import Worksheet
from velum.document.reading import DocumentUnreadable

_log = logging.getLogger(__name__)


def resume() -> None:
    """Have everything made that is missing, after all that somebody looks at. One process of a machine does it."""
    try:
        with open(settings.DATA / "resume.lock", "wb") as lock:
            fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
            forget_halves()
            for worksheet in Worksheet.objects.order_by("-changed_at").iterator(chunk_size=50):
                _begin(worksheet)
    except BlockingIOError:
        pass  # another process does
    except Exception:
        _log.exception("What was left unfinished could not be gone on with")
    finally:
        connection.close()


def _begin(worksheet: Worksheet) -> None:
    try:
        document = documents.read(worksheet)
    except DocumentUnreadable:
        return
    pages = (*document.pages, *document.aside)
    pictures.begin(pages, soon=False)
    surveys.begin(pages)
