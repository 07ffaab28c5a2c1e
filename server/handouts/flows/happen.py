"""What happens to a handout, appended in the order of commits.

A happening's number is one more than the newest that is committed. SQLite lets one writer in at a time; on PostgreSQL a
lock of the handout's is held from then until the transaction ends. So whoever comes later has a higher number and is
committed later. It is the last thing that a transaction does, for others who write to the same handout wait for it.
"""

import uuid
from collections.abc import Collection, Iterable
from datetime import datetime
from enum import StrEnum
from typing import Any, TypeAlias

from django.db import connection
from django.db.backends.utils import CursorWrapper
from django.db.models import OuterRef, Subquery

from server.handouts.models import Handout, Happening

CHANNEL = "velum_happened"
"""Where PostgreSQL says of which handout something was committed."""


class What(StrEnum):
    """What happens to a copy, and below the line to all copies of a handout."""

    JOINED = "joined"
    BEGUN = "begun"
    ANSWERED = "answered"
    CHECKED = "checked"
    HELPED = "helped"
    HANDED_IN = "handed_in"
    WENT_ON = "went_on"
    TIMED = "timed"
    """It has other times than the others."""
    DECIDED = "decided"
    """A teacher decided a mark."""

    SETTLED = "settled"
    KEYS = "keys"
    """It is marked by other keys."""


_TABLE = Happening._meta.db_table
_ADD = (
    f"INSERT INTO {_TABLE} (handout_id, number, what, copy, fields, at)"  # noqa: S608 (own names only)
    f" SELECT %s, COALESCE((SELECT MAX(number) FROM {_TABLE} WHERE handout_id = %s), 0) + 1, %s, %s, %s, %s"
)
_LOCK = "SELECT pg_advisory_xact_lock(%s)"
_TELL = "SELECT pg_notify(%s, %s)"

Prepared: TypeAlias = tuple[uuid.UUID, tuple[Any, ...]]
"""A happening that is about to be noted: its handout, and the parameters of the statement."""


def happen(
    handout_id: uuid.UUID, what: What, at: datetime, copy_id: uuid.UUID | None = None, fields: Iterable[str] = ()
) -> None:
    """Note what happened, in the transaction in which it does."""
    with connection.cursor() as cursor:
        note(cursor, prepare(handout_id, what, at, copy_id, fields))


def prepare(
    handout_id: uuid.UUID, what: What, at: datetime, copy_id: uuid.UUID | None = None, fields: Iterable[str] = ()
) -> Prepared:
    """What is to be noted, so that nobody waits while it is put together."""
    handout, about = _stored("handout", handout_id), _stored("fields", sorted(set(fields)))
    return handout_id, (handout, handout, what.value, _stored("copy", copy_id), about, _stored("at", at))


def note(cursor: CursorWrapper, happening: Prepared) -> None:
    """Note what was prepared."""
    assert connection.in_atomic_block, "what happens is noted with what it is about, or not at all"
    handout_id, row = happening
    if connection.vendor == "postgresql":
        cursor.execute(_LOCK, (int.from_bytes(handout_id.bytes[:8], signed=True),))
    cursor.execute(_ADD, row)
    if connection.vendor == "postgresql":
        cursor.execute(_TELL, (CHANNEL, str(handout_id)))


def newest(handouts: Collection[uuid.UUID]) -> dict[uuid.UUID, int]:
    """The number of the newest happening of each handout; 0 where nothing has happened, or there is none."""
    last = Happening.objects.filter(handout=OuterRef("pk")).order_by("-number").values("number")[:1]
    numbered = Handout.objects.filter(pk__in=handouts).annotate(newest=Subquery(last)).order_by()
    return dict.fromkeys(handouts, 0) | {pk: number or 0 for pk, number in numbered.values_list("pk", "newest")}


def since(handout_id: uuid.UUID, number: int) -> list[Happening]:
    """What happened after the one with this number."""
    return list(Happening.objects.filter(handout=handout_id, number__gt=number))


def _stored(name: str, value: Any) -> Any:
    return Happening._meta.get_field(name).get_db_prep_save(value, connection)  # type: ignore[union-attr]
