"""What a teacher can settle about a handout."""

from collections.abc import Mapping
from typing import Any

from server.entrance.errors import Refused
from server.handouts.models import Handout


def apply_settings(handout: Handout, settings: Mapping[str, Any]) -> None:
    """Set these of a handout's, by their names, without saving it. Raises Refused when its times contradict."""
    for name, value in settings.items():
        setattr(handout, name, value)
    opens, due, closes = handout.opens_at, handout.due_at, handout.closes_at
    if opens and ((due and due <= opens) or (closes and closes <= opens)):
        raise Refused("handout.ends_before_it_opens", "It would be due or closed before it opens. Nothing was changed.")
    if due and closes and closes < due:
        raise Refused("handout.closes_before_due", "It would close before it is due. Nothing was changed.")
