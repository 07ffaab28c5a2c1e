"""Finding a student's copy. Who may see it is for the caller to know."""

import uuid

from server.config.errors import Missing
from server.copies.models import Copy


def find_copy(copy_id: uuid.UUID) -> Copy:
    """A copy with its handout. Raises Missing."""
    try:
        return Copy.objects.select_related("handout").get(pk=copy_id)
    except Copy.DoesNotExist:
        raise Missing("copy.missing", "This worksheet is no longer there. Ask your teacher.") from None
