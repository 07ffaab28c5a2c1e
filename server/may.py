"""Who may see and do what: the one place where it is settled for teachers.

Every query for something that is a teacher's begins with a condition from here, and ends with ``get``: what is not
there and what is not theirs look the same from outside. What students may do is settled in server/copies/people.py.
"""

from enum import StrEnum
from typing import Any, TypeVar

from django.core.exceptions import ObjectDoesNotExist
from django.db.models import Model, Q, QuerySet

from server.accounts.models import User
from server.entrance.errors import Missing
from velum.sentence import Sentence

Found = TypeVar("Found", bound=Model)


class Role(StrEnum):
    """What a teacher is to a class."""

    OWNS = "owns"
    MARKS = "marks"
    """Sees and marks as whoever owns it."""
    LOOKS = "looks"


class Right(StrEnum):
    """What somebody wants to do. Each holds those before it."""

    LOOK = "look"
    MARK = "mark"
    OWN = "own"


_ROLES = {
    Right.LOOK: (Role.OWNS, Role.MARKS, Role.LOOKS),
    Right.MARK: (Role.OWNS, Role.MARKS),
    Right.OWN: (Role.OWNS,),
}


def class_of(teacher: User, right: Right, at: str = "pk") -> Q:
    """Classes that a teacher may do this with; ``at`` leads to the class from what is asked for."""
    return Q(**{f"{at}__in": teacher.teachings.filter(role__in=_ROLES[right]).values("of_class")})


def worksheet_of(teacher: User, at: str = "") -> Q:
    """Worksheets that a teacher owns; ``at`` leads to the worksheet, such as ``"handout__worksheet__"``."""
    return Q(**{f"{at}owner": teacher})


def handout_of(teacher: User, right: Right, at: str = "") -> Q:
    """Handouts of a teacher's own worksheets, and those to classes of theirs; ``at`` leads to the handout."""
    own = worksheet_of(teacher, f"{at}worksheet__")
    return own if right is Right.OWN else own | class_of(teacher, right, f"{at}to_class")


def get(rows: QuerySet[Found], pk: Any, missing: Sentence) -> Found:
    """The row with this key. Raises Missing."""
    try:
        return rows.get(pk=pk)
    except ObjectDoesNotExist:
        raise Missing.of(missing) from None
