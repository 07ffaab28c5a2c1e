"""Marking a handout by the key that its worksheet has now."""

import uuid

from django.db import transaction

from server.accounts.models import User
from server.copies.flows.mark_again import mark_again
from server.handouts.flows.documents import document_of
from server.handouts.flows.hand_out import find
from server.handouts.models import Handout
from server.worksheets.flows.freeze import freeze
from velum.document.keying import with_key_of
from velum.document.reading import read_worksheet


@transaction.atomic
def use_newest_key(owner: User, handout_id: uuid.UUID) -> int:
    """Mark all that was and will be handed in by the newest key; returns how many marks are others now. Raises Missing.

    The sheet of the students stays as it is, and so does what the teacher decided.
    """
    handout = find(owner, handout_id)
    handout.key_edition = freeze(handout.worksheet)
    handout.save(update_fields=["key_edition"])
    return mark_again(handout)


def key_is_newest(handout: Handout) -> bool:
    """Whether the worksheet would mark as the handout does."""
    if handout.worksheet.revision == (handout.key_edition or handout.edition).revision:
        return True
    document = document_of(handout)
    newest = with_key_of(document, read_worksheet(handout.worksheet.document))
    return (newest.keys, newest.decimal) == (document.keys, document.decimal)
