"""Editing a worksheet.

Edits are applied, checked and written out before anything is locked; that the worksheet is still the one they were made
on is a condition of the writing, on every database.
"""

import logging
import uuid
from collections.abc import Sequence

from django.db import IntegrityError, transaction
from django.utils import timezone

from server.accounts.models import User
from server.entrance.errors import Conflict, Missing
from server.pictures.flows.keep import own_picture
from server.worksheets import documents, pictures, surveys
from server.worksheets.flows.find import find_worksheet
from server.worksheets.models import AppliedBatch, Worksheet
from velum.document.document import Document
from velum.document.edits import Edit, EditFailed, apply
from velum.document.laying import pictures_on
from velum.errors import VelumError

_log = logging.getLogger(__name__)

MOST_BATCHES = 1_000
"""Batches that are remembered of a worksheet; no device sends one again after so many others."""


class Stale(Conflict):
    """An edit made on a revision that is no longer the newest."""


def edit(owner: User, worksheet_id: uuid.UUID, revision: int, batch: uuid.UUID, edits: Sequence[Edit]) -> Worksheet:
    """Apply edits made on ``revision``; returns the worksheet as it is now. A batch that comes twice is applied once.

    Raises Stale when somebody, or another tab, was faster, Missing for a picture that
    is not this teacher's, and EditRefused when the edits do not fit.
    """
    worksheet = find_worksheet(owner, worksheet_id)
    if worksheet.batches.filter(batch=batch).exists():
        return worksheet
    if worksheet.revision == revision:
        before = documents.read(worksheet)
        try:
            document = apply(before, edits)
        except VelumError as refused:
            for each in (refused, *refused.others):
                if isinstance(each, EditFailed):
                    _log.error("An edit of worksheet %s failed", worksheet_id, exc_info=each)
            raise
        _check_pictures(owner, before, edits, document)
        if replace(worksheet, document, batch):
            if document.pages != before.pages:
                pictures.begin(document.pages)
                surveys.begin(document.pages)
            return find_worksheet(owner, worksheet_id)
    worksheet = find_worksheet(owner, worksheet_id)
    if worksheet.batches.filter(batch=batch).exists():  # sent twice at once, and the other was faster
        return worksheet
    raise Stale("worksheet.stale", "This worksheet was changed in another tab.")


def replace(worksheet: Worksheet, document: Document, batch: uuid.UUID | None = None) -> bool:
    """Give a worksheet a new document, unless it was changed since it was read. Whether it was given it."""
    columns = documents.written(document)
    after = worksheet.revision + 1
    try:
        with transaction.atomic():
            unchanged = Worksheet.objects.filter(pk=worksheet.pk, revision=worksheet.revision)
            if not unchanged.update(**columns, revision=after, changed_at=timezone.now()):
                return False
            if batch is not None:
                AppliedBatch.objects.create(worksheet=worksheet, batch=batch, revision=after)
                AppliedBatch.objects.filter(worksheet=worksheet, revision__lte=after - MOST_BATCHES).delete()
    except IntegrityError:
        return False
    return True


def _check_pictures(owner: User, before: Document, edits: Sequence[Edit], after: Document) -> None:
    """Raises Missing, with the edits that it is about, for pictures that are not this teacher's."""
    faults = []
    for picture in pictures_on(after) - pictures_on(before):
        try:
            own_picture(owner, picture)
        except Missing as missing:
            missing.path = _edit_with(edits, picture)
            faults.append(missing)
    if faults:
        first, *others = sorted(faults, key=lambda fault: str(fault.path))
        first.others = tuple(others)
        raise first


def _edit_with(edits: Sequence[Edit], picture: str) -> tuple[str | int, ...]:
    number = next((number for number, edit in enumerate(edits) if picture in edit.model_dump_json()), None)
    return () if number is None else ("edits", number)
