"""What a teacher can settle about a handout that is out."""

import uuid
from collections.abc import Mapping
from typing import Any

from server.accounts.models import User
from server.copies.flows.mark_again import mark_again
from server.handouts.flows.hand_out import find_handout
from server.handouts.models import Handout


def settle(owner: User, handout_id: uuid.UUID, settings: Mapping[str, Any]) -> Handout:
    """Change settings of a handout, by their names; the others stay as they are. Raises Missing.

    What was handed in is marked again where the cost of a try changes.
    """
    handout = find_handout(owner, handout_id)
    for name, value in settings.items():
        setattr(handout, name, value)
    handout.save(update_fields=list(settings))
    if "try_cost" in settings:
        mark_again(handout)
    return handout
