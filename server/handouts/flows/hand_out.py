"""Handing a worksheet out."""

import uuid

from django.db import transaction

from server.accounts.models import User
from server.entrance.errors import Missing
from server.handouts.codes import new_code
from server.handouts.models import Handout, KeySet
from server.worksheets import documents, pictures
from server.worksheets.flows.find import find_worksheet
from server.worksheets.flows.freeze import freeze
from velum.document.key_set import key_set_of
from velum.document.reading import write_key_set


@transaction.atomic
def hand_out(owner: User, worksheet_id: uuid.UUID) -> Handout:
    """A new handout of a worksheet as it is now. Raises Missing, and DocumentUnreadable for one that cannot be read."""
    worksheet = find_worksheet(owner, worksheet_id)
    document = documents.read(worksheet)
    transaction.on_commit(lambda: pictures.begin_covered(document))
    code = new_code()
    while Handout.objects.filter(code=code).exists():
        code = new_code()
    handout = Handout.objects.create(worksheet=worksheet, edition=freeze(worksheet), code=code)
    KeySet.objects.create(
        handout=handout, place=0, value=write_key_set(key_set_of(document)), by=owner, why="handed_out"
    )
    return handout


def find_handout(owner: User, handout_id: uuid.UUID) -> Handout:
    """A handout of this teacher's. Raises Missing, for another teacher's too."""
    try:
        # Documents are large, and a teacher's page asks all the time whether anything happened.
        found = Handout.objects.select_related("worksheet", "edition").defer("worksheet__document", "edition__document")
        return found.get(pk=handout_id, worksheet__owner=owner)
    except Handout.DoesNotExist:
        raise Missing("handout.missing", "There is no such handout of yours.") from None
