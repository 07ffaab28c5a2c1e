"""Correcting the keys of a handout, which touches neither the worksheet nor what students work on."""

from collections.abc import Callable

from django.db import IntegrityError, transaction
from django.utils import timezone

from server.accounts.models import User
from server.entrance.errors import Busy
from server.handouts.flows.documents import newest_key_set, read_keys
from server.handouts.flows.happen import What, happen
from server.handouts.models import Handout, KeySet
from velum.document.key_set import KeySet as Keys
from velum.document.reading import write_key_set

TRIES = 5


def correct(handout: Handout, by: User, why: str, change: Callable[[Keys], Keys]) -> bool:
    """Have the copies of a handout marked by other keys from now on; returns whether they are others.

    ``change`` makes them of those that count, and is asked again when somebody else was faster. Raises what it raises,
    DocumentUnreadable, and Busy.
    """
    for _ in range(TRIES):
        newest = newest_key_set(handout)
        before = read_keys(newest.pk)
        after = change(before)
        if after == before:
            return False
        try:
            with transaction.atomic():
                KeySet.objects.create(
                    handout=handout, place=newest.place + 1, value=write_key_set(after), by=by, why=why
                )
                happen(handout.pk, What.KEYS, timezone.now())
        except IntegrityError:
            continue
        return True
    raise Busy("keys.busy", "This key is being changed elsewhere at the same time. Try it again; nothing is lost.")
