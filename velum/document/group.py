"""Groups: fields that are marked together."""

from collections.abc import Mapping, Sequence
from typing import Annotated

from pydantic import Field as Limits

from velum.errors import VelumError
from velum.kinds import Field, kind_of
from velum.model import Id, Model
from velum.points import Points

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


class GroupRefused(VelumError):
    """A group that does not fit the fields of its worksheet."""


def check_groups(groups: Sequence[Group], fields: Mapping[str, Field]) -> None:
    """Raise GroupRefused unless every field is there, in one group alone, and may stand where the group says."""
    names = [name for group in groups for name in group.fields]
    if any(name not in fields for name in names):
        raise GroupRefused("group.field_gone", "A field of this group no longer lies on the film.")
    if len(set(names)) < len(names) or len({group.id for group in groups}) < len(groups):
        raise GroupRefused("group.twice", "A field belongs to one group alone.")
    for group in groups:
        if group.any_order and not all(kind_of(fields[name]).in_any_order for name in group.fields):
            raise GroupRefused("group.any_order", "Only answers that are written can stand in any order.")


def without_field(groups: Sequence[Group], field_id: str) -> tuple[Group, ...]:
    """The groups after a field is gone. One field alone is no group."""
    left = [(group, tuple(name for name in group.fields if name != field_id)) for group in groups]
    return tuple(group.changed(fields=names) for group, names in left if len(names) > 1)
