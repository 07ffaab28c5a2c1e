"""Writing answers while holding the database's write lock as shortly as can be.

A class saves all at once, and SQLite lets one writer in at a time: what the ORM needs to put a statement together
would be spent by all the others waiting. So the statements stand ready, in SQL that SQLite and PostgreSQL share, and
each carries the condition under which it may be carried out: nothing has to be read under the lock.
"""

import threading
import uuid
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from functools import cache
from typing import Any

from django.db import DEFAULT_DB_ALIAS, connection, connections, models, transaction

from server.copies.flows.find import home_of
from server.copies.models import Answer, AnswerChange, Copy, HandingIn, ShownHelp, StoredMark, Try
from server.handouts.flows.happen import What, prepare
from server.handouts.flows.happen import note as note_happening
from server.handouts.models import Handout

_turn = threading.Lock()
"""Whose turn it is to write, of this process's threads: they are let in as soon as the one before them is done, while
SQLite would have them look again and again, ever more seldom."""


class Overtaken(Exception):
    """The copy was handed in or closed meanwhile or is gone, or an answer of the same or a later revision stands."""


@dataclass(frozen=True)
class Marked:
    """The marks of a copy whose answers are still those of ``saves``, made by the key of that name."""

    saves: int
    marks: Sequence[StoredMark]
    marked_by: str


def write(
    copy_id: uuid.UUID,
    log: Sequence[AnswerChange],
    standing: Sequence[Answer],
    now: datetime,
    counting: datetime,
    handing_in: Marked | None = None,
) -> None:
    """Write the log and the answers that are to stand, and hand in, all or nothing. Raises Overtaken.

    ``counting`` is the moment at which the copy must be open: now, or its end (velum/times.py).
    """
    logged = [_row(change) for change in log]
    answered = [_row(answer) for answer in standing]
    what = What.HANDED_IN if handing_in else What.ANSWERED
    happening = prepare(home_of(copy_id).handout, what, now, copy_id, (change.field_id for change in log))
    note: tuple[Any, ...] = (_stored(Copy, "saved_at", now), *_open(copy_id, counting))
    statement = _NOTE
    if handing_in:
        handed_in_at = _stored(Copy, "handed_in_at", now)
        note, statement = (handed_in_at, handing_in.marked_by, *note[1:], handing_in.saves), _HAND_IN
    with _turn, transaction.atomic(), connection.cursor() as cursor:
        cursor.execute(statement, note)  # in PostgreSQL this also locks the copy's row, and so queues its writers
        if cursor.rowcount != 1:
            raise Overtaken
        if logged:
            cursor.executemany(_LOG, logged)
        if answered:
            cursor.executemany(_ANSWER, answered)
            if cursor.rowcount != len(answered):
                raise Overtaken
        if handing_in:
            StoredMark.objects.filter(copy_id=copy_id).delete()
            StoredMark.objects.bulk_create(handing_in.marks)
            HandingIn.objects.create(copy_id=copy_id, at=now)
        note_happening(cursor, happening)


def add(copy_id: uuid.UUID, row: Try | ShownHelp, now: datetime) -> None:
    """Add a row that the marks of a copy depend on, while it can still be changed; all or nothing.

    Raises Overtaken, and IntegrityError for one that is there already.
    """
    what = What.CHECKED if isinstance(row, Try) else What.HELPED
    happening = prepare(home_of(copy_id).handout, what, now, copy_id, [row.field_id])
    with _turn, transaction.atomic(), connection.cursor() as cursor:
        cursor.execute(_TOUCH, _open(copy_id, now))
        if cursor.rowcount != 1:
            raise Overtaken
        row.save(force_insert=True)
        note_happening(cursor, happening)


@cache
def _columns(model: type[models.Model]) -> "list[models.Field[Any, Any]]":
    return [field for field in model._meta.concrete_fields if not field.primary_key]


def _insert(model: type[models.Model]) -> str:
    columns = [f'"{field.column}"' for field in _columns(model)]  # "order" is a word of SQL's own
    places = ", ".join(["%s"] * len(columns))
    return f"INSERT INTO {model._meta.db_table} ({', '.join(columns)}) VALUES ({places})"  # noqa: S608 (own names only)


_LOG = _insert(AnswerChange)
_ANSWER = (
    f"{_insert(Answer)} ON CONFLICT (copy_id, field_id, entry) DO UPDATE SET"
    " revision = excluded.revision, value = excluded.value, typed_at = excluded.typed_at, device = excluded.device"
    f" WHERE {Answer._meta.db_table}.revision < excluded.revision"
)
_COPY = Copy._meta.db_table
_HANDOUT = Handout._meta.db_table
# As velum/times.py says it; tests compare the two.
_IS_OPEN = (
    f"EXISTS (SELECT 1 FROM {_HANDOUT} handout WHERE handout.id = {_COPY}.handout_id AND handout.open"  # noqa: S608
    " AND (handout.opens_at IS NULL OR handout.opens_at <= %s)"
    f" AND (handout.minutes IS NULL OR {_COPY}.time_up_at >= %s)"
    f" AND ({_COPY}.until >= %s OR {_COPY}.until IS NULL"
    " AND (handout.closes_at IS NULL OR handout.closes_at >= %s)"
    " AND (handout.takes_late OR handout.due_at IS NULL OR handout.due_at >= %s)))"
)
_OPEN = f"id = %s AND handed_in_at IS NULL AND {_IS_OPEN}"
_NOTE = f"UPDATE {_COPY} SET saved_at = %s, saves = saves + 1 WHERE {_OPEN}"  # noqa: S608
_TOUCH = f"UPDATE {_COPY} SET saves = saves + 1 WHERE {_OPEN}"  # noqa: S608
_HAND_IN = f"UPDATE {_COPY} SET handed_in_at = %s, marked_by = %s, saves = saves + 1 WHERE {_OPEN} AND saves = %s"  # noqa: S608


def _open(copy_id: uuid.UUID, at: datetime) -> tuple[Any, ...]:
    """The parameters of ``_OPEN``."""
    return _stored(Copy, "id", copy_id), *[_stored(Handout, "opens_at", at)] * 5


def _row(instance: models.Model) -> tuple[Any, ...]:
    # The connection itself: what stands for it in Django looks it up each time.
    own = connections[DEFAULT_DB_ALIAS]
    return tuple(field.get_db_prep_save(getattr(instance, field.attname), own) for field in _columns(type(instance)))


def _stored(model: type[models.Model], name: str, value: Any) -> Any:
    return model._meta.get_field(name).get_db_prep_save(value, connection)  # type: ignore[union-attr]
