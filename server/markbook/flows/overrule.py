"""A teacher overrules a mark."""

import uuid
from fractions import Fraction

from server.accounts.models import User
from server.config.errors import Missing, Refused
from server.copies.models import Copy
from server.markbook.models import Overrule
from server.worksheets.flows.freeze import read_edition
from velum.kinds.kind import points_of


def find_copy(owner: User, copy_id: uuid.UUID) -> Copy:
    """A copy of a worksheet of this teacher's. Raises Missing, for another teacher's too."""
    try:
        return Copy.objects.select_related("handout__edition", "handout__worksheet").get(
            pk=copy_id, handout__worksheet__owner=owner
        )
    except Copy.DoesNotExist:
        raise Missing("copy.missing", "There is no such copy among your handouts.") from None


def overrule(teacher: User, copy_id: uuid.UUID, field_id: str, earned: Fraction | None, note: str) -> Overrule:
    """Decide what a field earns, in points; None goes back to the machine's mark. Raises Missing or Refused."""
    copy = find_copy(teacher, copy_id)
    field = read_edition(copy.handout.edition_id).field(field_id)
    if field is None:
        raise Missing("field.missing", "This worksheet has no such field.")
    if earned is not None and not 0 <= earned <= points_of(field):
        raise Refused("overrule.range", "A mark lies between nothing and the points of the box.")
    return Overrule.objects.create(
        copy=copy,
        field_id=field_id,
        earned=None if earned is None else str(earned),
        note=note.strip(),
        by=teacher,
    )
