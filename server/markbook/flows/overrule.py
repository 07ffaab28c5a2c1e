"""A teacher overrules a mark."""

import uuid
from fractions import Fraction
from typing import Literal

from django.db import transaction

from server import may
from server.accounts.models import User
from server.copies.models import Copy
from server.entrance.errors import Missing, Refused
from server.handouts.flows.documents import document_of, marked_by
from server.handouts.flows.happen import What, happen
from server.markbook.models import Overrule
from server.may import Right
from velum.document.document import points_of
from velum.kinds.part import PartRef
from velum.sentence import Sentence

Share = Literal["half", "all"]
Earned = Fraction | Share
"""Points, or a share of the part's, which may be no quarters: a point may be spread over three fields."""
_SHARES: dict[Share, Fraction] = {"half": Fraction(1, 2), "all": Fraction(1)}


_NO_COPY = Sentence("copy.missing", "There is no such copy among your handouts.")


def find_copy_of_teacher(teacher: User, copy_id: uuid.UUID, right: Right) -> Copy:
    """A copy that a teacher may do this with. Raises Missing."""
    found = Copy.objects.select_related("handout__edition", "handout__worksheet", "handout__to_class", "guest")
    return may.get(found.filter(may.handout_of(teacher, right, "handout__")), copy_id, _NO_COPY)


def overrule(teacher: User, copy_id: uuid.UUID, ref: PartRef, earned: Earned | None, note: str) -> Overrule:
    """Decide what a part earns; None goes back to the machine's mark. Raises Missing or Refused."""
    copy = find_copy_of_teacher(teacher, copy_id, Right.MARK)
    document = document_of(copy.handout)
    points = points_of(document.fields, marked_by(copy.handout).keys.groups).get(ref)
    if points is None:
        raise Missing("field.missing", "This worksheet has no such field.")
    if isinstance(earned, str):
        earned = points * _SHARES[earned]
    if earned is not None and not 0 <= earned <= points:
        raise Refused("overrule.range", "A mark lies between nothing and the points of the box.")
    with transaction.atomic():
        ruling = Overrule.objects.create(
            copy=copy,
            field_id=ref.field,
            part=ref.part,
            earned=None if earned is None else str(earned),
            note=note.strip(),
            by=teacher,
        )
        happen(copy.handout_id, What.DECIDED, ruling.at, copy.pk, [ref.field])
    return ruling
