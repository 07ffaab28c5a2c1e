"""Finding a student's copy. Who may see it is for the caller to know."""

import uuid
from functools import lru_cache

from server.copies.models import Copy
from server.entrance.errors import Missing


def find_copy(copy_id: uuid.UUID) -> Copy:
    """A copy with its handout. Raises Missing."""
    try:
        return Copy.objects.select_related("handout").get(pk=copy_id)
    except Copy.DoesNotExist:
        raise Missing("copy.missing", "This worksheet is no longer there. Ask your teacher.") from None


@lru_cache(maxsize=20_000)
def edition_of(copy_id: uuid.UUID) -> int:
    """The edition that a copy was made of, which never changes and so is asked for once. Raises Missing.

    A class saves all the time, and finding the copy anew would be a third of each save. The copy may be gone by now.
    """
    return find_copy(copy_id).handout.edition_id


@lru_cache(maxsize=20_000)
def handout_of(copy_id: uuid.UUID) -> uuid.UUID:
    """The handout that a copy is of, which never changes either. Raises Missing."""
    return find_copy(copy_id).handout_id
