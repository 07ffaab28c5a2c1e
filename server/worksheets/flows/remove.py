"""Removing a worksheet from the desk."""

import uuid

from server.accounts.models import User
from server.config.errors import Conflict
from server.worksheets.flows.find import find


def remove(owner: User, worksheet_id: uuid.UUID) -> None:
    """Remove a worksheet for good. Raises Conflict when it was handed out: students' work hangs on it."""
    worksheet = find(owner, worksheet_id)
    if worksheet.editions.exists():
        raise Conflict(
            "worksheet.handed_out", "This worksheet was handed out, so students' work hangs on it. It is kept."
        )
    worksheet.delete()
