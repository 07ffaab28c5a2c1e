"""Finding a student's copy. Who may see it is for the caller to know."""

import uuid
from functools import lru_cache
from typing import NamedTuple

from server.copies.models import Copy
from server.entrance.errors import Missing


def find_copy(copy_id: uuid.UUID) -> Copy:
    """A copy with its handout. Raises Missing."""
    try:
        return Copy.objects.select_related("handout").get(pk=copy_id)
    except Copy.DoesNotExist:
        raise Missing("copy.missing", "This worksheet is no longer there. Ask your teacher.") from None


class Home(NamedTuple):
    """What a copy belongs to, and whose it is."""

    handout: uuid.UUID
    edition: int
    student: uuid.UUID | None
    guest: uuid.UUID | None


@lru_cache(maxsize=20_000)
def home_of(copy_id: uuid.UUID) -> Home:
    """The handout and the edition that a copy is of, and whose it is: they never change, so they are asked for once.

    A class saves all the time, and finding the copy anew would be a third of each save. The copy may be gone by now.
    Raises Missing.
    """
    copy = find_copy(copy_id)
    return Home(copy.handout_id, copy.handout.edition_id, copy.student_id, copy.guest_id)
