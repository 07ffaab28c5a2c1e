"""Handing a copy in, and letting its student go on after all."""

import uuid
from collections.abc import Iterable
from datetime import datetime

from django.db import transaction

from server.copies.flows.answer import Change, save_answers
from server.copies.flows.find import find_copy
from server.copies.flows.marking import store_marks
from server.copies.models import Copy


@transaction.atomic
def hand_in(copy_id: uuid.UUID, changes: Iterable[Change], now: datetime) -> datetime:
    """Save the last changes and hand in, both or neither; returns when it was. Handing in twice is handing in once.

    Raises what refuses a change, so that nobody hands in without an answer they see on their screen.
    """
    copy = find_copy(copy_id)
    if copy.handed_in_at is not None:
        return copy.handed_in_at
    for outcome in save_answers(copy_id, changes, now):
        if outcome.refused is not None:
            raise outcome.refused
    copy.handed_in_at = now
    copy.save(update_fields=["handed_in_at"])
    store_marks(copy)
    return now


@transaction.atomic
def let_go_on(copy: Copy) -> None:
    """Take a copy back from the handed-in ones, so that its student can go on. Nothing of it is lost."""
    copy.handed_in_at = None
    copy.save(update_fields=["handed_in_at"])
    copy.marks.all().delete()
