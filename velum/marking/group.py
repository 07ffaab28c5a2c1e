"""Groups: fields that are marked together."""

from typing import Annotated

from pydantic import Field as Limits

from velum.marking.points import Points
from velum.model import Id, Model

MOST_IN_GROUP = 40


class Group(Model):
    """Fields that are marked together, each of them in no other group."""

    id: Id
    fields: Annotated[tuple[Id, ...], Limits(min_length=2, max_length=MOST_IN_GROUP)]
    any_order: bool = False
    """Whether their answers may stand in any order: every right answer counts wherever it stands, but once."""
    all_or_nothing: bool = False
    """Whether they earn points only when all of them are right."""
    points: Points | None = None
    """What they are worth together, the same for each; None: each is worth its own points."""
