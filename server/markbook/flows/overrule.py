"""A teacher overrules a mark."""

import uuid
from fractions import Fraction
from typing import Literal

from server.accounts.models import User
from server.config.errors import Missing, Refused
from server.copies.models import Copy
from server.handouts.flows.documents import document_of
from server.markbook.models import Overrule
from velum.document.worksheet import points_of

Part = Literal["half", "all"]
Earned = Fraction | Part
"""Points, or a part of the field's, which may be no quarters: a point may be spread over three fields."""
_PARTS: dict[Part, Fraction] = {"half": Fraction(1, 2), "all": Fraction(1)}


def find_copy(owner: User, copy_id: uuid.UUID) -> Copy:
    """A copy of a worksheet of this teacher's. Raises Missing, for another teacher's too."""
    try:
        return Copy.objects.select_related("handout__edition", "handout__worksheet").get(
            pk=copy_id, handout__worksheet__owner=owner
        )
    except Copy.DoesNotExist:
        raise Missing("copy.missing", "There is no such copy among your handouts.") from None


def overrule(teacher: User, copy_id: uuid.UUID, field_id: str, earned: Earned | None, note: str) -> Overrule:
    """Decide what a field earns; None goes back to the machine's mark. Raises Missing or Refused."""
    copy = find_copy(teacher, copy_id)
    points = points_of(document_of(copy.handout)).get(field_id)
    if points is None:
        raise Missing("field.missing", "This worksheet has no such field.")
    if isinstance(earned, str):
        earned = points * _PARTS[earned]
    if earned is not None and not 0 <= earned <= points:
        raise Refused("overrule.range", "A mark lies between nothing and the points of the box.")
    return Overrule.objects.create(
        copy=copy,
        field_id=field_id,
        earned=None if earned is None else str(earned),
        note=note.strip(),
        by=teacher,
    )
