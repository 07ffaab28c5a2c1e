"""What happens to a handout, appended in the order of commits.

The number of a happening is taken from a row of its handout's, which stays locked until the transaction ends: so
whoever comes later has a higher number and is committed later, on PostgreSQL too. It is the last thing that a
transaction does, for others who write to the same handout wait for it.
"""

import json
import uuid
from collections.abc import Iterable
from datetime import datetime
from enum import StrEnum
from typing import Any

from django.db import connection

from server.handouts.models import Happened, Happening

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


_HAPPENED = Happened._meta.db_table
_COUNT = (
    f"INSERT INTO {_HAPPENED} (handout_id, number) VALUES (%s, 1)"  # noqa: S608 (own names only)
    f" ON CONFLICT (handout_id) DO UPDATE SET number = {_HAPPENED}.number + 1 RETURNING number"
)
_ADD = (
    f"INSERT INTO {Happening._meta.db_table} (handout_id, number, what, copy, fields, at)"  # noqa: S608
    " VALUES (%s, %s, %s, %s, %s, %s)"
)


def happen(
    handout_id: uuid.UUID, what: What, at: datetime, copy_id: uuid.UUID | None = None, fields: Iterable[str] = ()
) -> None:
    """Note what happened, in the transaction in which it does."""
    assert connection.in_atomic_block, "what happens is noted with what it is about, or not at all"
    handout, copy = (_stored("handout_id", handout_id), _stored("copy", copy_id))
    with connection.cursor() as cursor:
        cursor.execute(_COUNT, (handout,))
        (number,) = cursor.fetchone()
        about = json.dumps(sorted(set(fields)))
        cursor.execute(_ADD, (handout, number, what.value, copy, about, _stored("at", at)))
        if connection.vendor == "postgresql":
            cursor.execute("SELECT pg_notify(%s, %s)", (CHANNEL, str(handout_id)))


def newest(handouts: Iterable[uuid.UUID]) -> dict[uuid.UUID, int]:
    """The number of the newest happening of each handout; 0 where nothing has happened."""
    numbers = dict.fromkeys(handouts, 0)
    return numbers | dict(Happened.objects.filter(pk__in=numbers).values_list("pk", "number"))


def since(handout_id: uuid.UUID, number: int) -> list[Happening]:
    """What happened after the one with this number."""
    return list(Happening.objects.filter(handout=handout_id, number__gt=number))


def _stored(name: str, value: Any) -> Any:
    return Happening._meta.get_field(name).get_db_prep_save(value, connection)  # type: ignore[union-attr]
