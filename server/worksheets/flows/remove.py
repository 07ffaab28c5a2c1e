"""Removing a worksheet from the desk."""

import uuid
from pathlib import Path

from django.db import transaction
from django.db.models import ProtectedError

from server.accounts.models import User
from server.drawing import queue
from server.entrance.errors import Conflict
from server.worksheets import documents, pictures
from server.worksheets.flows.find import find_worksheet
from server.worksheets.models import Worksheet
from velum.document.reading import DocumentUnreadable


def remove(owner: User, worksheet_id: uuid.UUID) -> None:
    """Remove a worksheet for good. Raises Conflict when it was handed out: students' work hangs on it.

    What was made of its pages stays until it is cleaned up (clean.py), and nothing more is made of them.
    """
    worksheet = find_worksheet(owner, worksheet_id)
    if worksheet.handouts.filter(trial=False).exists():
        raise _handed_out()
    folders = _folders(worksheet)
    with transaction.atomic():
        worksheet.handouts.filter(trial=True).delete()
        try:
            worksheet.delete()
        except ProtectedError:
            raise _handed_out() from None  # meanwhile
    for folder in folders:
        queue.drop(folder)


def _handed_out() -> Conflict:
    return Conflict("worksheet.handed_out", "This worksheet was handed out, so students' work hangs on it. It is kept.")


def _folders(worksheet: Worksheet) -> set[Path]:
    try:
        document = documents.read(worksheet)
    except DocumentUnreadable:
        return set()
    return {pictures.folder_of(page) for page in (*document.pages, *document.aside)}
