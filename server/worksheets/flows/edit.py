"""Editing a worksheet.

Edits are applied, checked and written out before anything is locked; that the worksheet is still the one they were made
on is a condition of the writing, on every database.
"""

import logging
import uuid
from collections.abc import Callable, Sequence

from django.db import IntegrityError, transaction
from django.utils import timezone

from server.accounts.models import User
from server.entrance.errors import Conflict, Refused
from server.pictures.flows.keep import own_picture
from server.sounds.flows.keep import own_sound
from server.worksheets import documents, links, pictures, surveys
from server.worksheets.flows.find import find_worksheet
from server.worksheets.models import AppliedBatch, Worksheet
from velum.document.document import Document
from velum.document.edits import Edit, EditFailed, apply
from velum.document.media import addresses_in, pictures_in, sounds_in
from velum.errors import VelumError

_log = logging.getLogger(__name__)

MOST_BATCHES = 1_000
"""Batches that are remembered of a worksheet; no device sends one again after so many others."""


class Stale(Conflict):
    """An edit made on a revision that is no longer the newest."""


def edit(owner: User, worksheet_id: uuid.UUID, revision: int, batch: uuid.UUID, edits: Sequence[Edit]) -> Worksheet:
    """Apply edits made on ``revision``; returns the worksheet as it is now. A batch that comes twice is applied once.

    Raises Stale when somebody, or another tab, was faster, Missing for a picture or a sound that is not this
    teacher's, Refused for a link to where the school does not lead, and EditRefused when the edits do not fit.
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
        _check_what_is_new(owner, before, edits, document)
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


def _check_what_is_new(owner: User, before: Document, edits: Sequence[Edit], after: Document) -> None:
    """Raises, with the edits that they are about, Missing for pictures and sounds that are not this teacher's, and
    Refused for links to where the school does not lead.
    """
    faults: list[Refused] = []

    def each(new: set[str], check: Callable[[str], object]) -> None:
        for name in new:
            try:
                check(name)
            except Refused as refused:
                refused.path = _edit_with(edits, name)
                faults.append(refused)

    each(pictures_in(after) - pictures_in(before), lambda picture: own_picture(owner, picture))
    each(sounds_in(after) - sounds_in(before), lambda sound: own_sound(owner, sound))
    each(addresses_in(after) - addresses_in(before), links.check)
    if faults:
        first, *others = sorted(faults, key=lambda fault: str(fault.path))
        first.others = tuple(others)
        raise first


def _edit_with(edits: Sequence[Edit], name: str) -> tuple[str | int, ...]:
    number = next((number for number, edit in enumerate(edits) if name in edit.model_dump_json()), None)
    return () if number is None else ("edits", number)
