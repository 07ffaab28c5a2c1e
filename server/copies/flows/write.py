"""Writing answers while holding the database's write lock as shortly as can be.

A class saves all at once, and SQLite lets one writer in at a time: what the ORM needs to put a statement together
would be spent by all the others waiting. So the statements stand ready, in SQL that SQLite and PostgreSQL share, and
each carries the condition under which it may be carried out: nothing has to be read under the lock.
"""

from collections.abc import Sequence
from datetime import datetime
from typing import Any

from django.db import connection, models, transaction

from server.copies.models import Answer, AnswerChange, Copy


class Overtaken(Exception):
    """The copy was handed in meanwhile, or an answer of the same or a later revision stands already."""


def write(copy: Copy, log: Sequence[AnswerChange], standing: Sequence[Answer], now: datetime) -> None:
    """Write the log and the answers that are to stand, all or nothing. Raises Overtaken."""
    logged = [_row(change) for change in log]
    answered = [_row(answer) for answer in standing]
    note = (_stored(Copy, "saved_at", now), _stored(Copy, "id", copy.pk))
    with transaction.atomic(), connection.cursor() as cursor:
        cursor.execute(_NOTE, note)  # in PostgreSQL this also locks the copy's row, and so queues its writers
        if cursor.rowcount != 1:
            raise Overtaken
        cursor.executemany(_LOG, logged)
        if answered:
            cursor.executemany(_ANSWER, answered)
            if cursor.rowcount != len(answered):
                raise Overtaken


def _columns(model: type[models.Model]) -> "list[models.Field[Any, Any]]":
    return [field for field in model._meta.concrete_fields if not field.primary_key]


def _insert(model: type[models.Model]) -> str:
    columns = [str(field.column) for field in _columns(model)]
    places = ", ".join(["%s"] * len(columns))
    return f"INSERT INTO {model._meta.db_table} ({', '.join(columns)}) VALUES ({places})"  # noqa: S608 (own names only)


_LOG = _insert(AnswerChange)
_ANSWER = (
    f"{_insert(Answer)} ON CONFLICT (copy_id, field_id) DO UPDATE"
    " SET revision = excluded.revision, value = excluded.value, typed_at = excluded.typed_at"
    f" WHERE {Answer._meta.db_table}.revision < excluded.revision"
)
_NOTE = f"UPDATE {Copy._meta.db_table} SET saved_at = %s WHERE id = %s AND handed_in_at IS NULL"  # noqa: S608


def _row(instance: models.Model) -> tuple[Any, ...]:
    return tuple(
        field.get_db_prep_save(getattr(instance, field.attname), connection) for field in _columns(type(instance))
    )


def _stored(model: type[models.Model], name: str, value: Any) -> Any:
    return model._meta.get_field(name).get_db_prep_save(value, connection)  # type: ignore[union-attr]
