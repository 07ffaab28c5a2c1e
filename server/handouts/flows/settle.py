"""What a teacher can settle about a handout that is out."""

import uuid

from server.accounts.models import User
from server.handouts.flows.hand_out import find
from server.handouts.models import Handout


def settle(owner: User, handout_id: uuid.UUID, *, open: bool | None = None, may_check: bool | None = None) -> Handout:
    """Open or close a handout, and let students check answers or not; None leaves a setting as it is."""
    handout = find(owner, handout_id)
    if open is not None:
        handout.open = open
    if may_check is not None:
        handout.may_check = may_check
    handout.save(update_fields=["open", "may_check"])
    return handout
