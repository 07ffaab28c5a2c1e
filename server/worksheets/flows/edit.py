"""Editing a worksheet."""

import uuid
from collections.abc import Sequence

from django.db import transaction

from server.accounts.models import User
from server.config.errors import Conflict
from server.pictures.flows.keep import own_picture
from server.worksheets import pictures
from server.worksheets.flows.find import find
from server.worksheets.models import Worksheet
from velum.document.edits import Edit, apply
from velum.document.laying import pictures_on
from velum.document.reading import read_worksheet


class Stale(Conflict):
    """An edit made on a revision that is no longer the newest."""


@transaction.atomic
def edit(owner: User, worksheet_id: uuid.UUID, revision: int, batch: uuid.UUID, edits: Sequence[Edit]) -> Worksheet:
    """Apply edits made on ``revision``. A batch that comes twice is applied once.

    Raises Stale when somebody, or another tab, was faster, Missing for a picture that
    is not this teacher's, and EditRefused when the edits do not fit.
    """
    worksheet = find(owner, worksheet_id)
    if worksheet.last_batch == batch:
        return worksheet
    if worksheet.revision != revision:
        raise Stale("worksheet.stale", "This worksheet was changed in another tab.")
    before = read_worksheet(worksheet.document)
    document = apply(before, edits)
    for picture in pictures_on(document) - pictures_on(before):
        own_picture(owner, picture)
    worksheet.document = document.model_dump(mode="json")
    worksheet.revision += 1
    worksheet.last_batch = batch
    worksheet.save()
    if document.pages != before.pages:
        transaction.on_commit(lambda: pictures.begin(document.pages))
    return worksheet
