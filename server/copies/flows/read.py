"""Reading answers that were kept, by this release or an older one."""

from collections.abc import Iterable, Mapping
from typing import Any

from server.copies.models import Answer
from velum.document.document import Document
from velum.kinds import Answer as AnswerValue
from velum.kinds import Entry, Field, kind_of
from velum.kinds.kind import AnswerRefused
from velum.marking.unit import UNREADABLE, Given, Unreadable


def read_entry(document: Document, field_id: str, entry: str, value: Any) -> Entry | Unreadable | None:
    """What was kept of an answer by itself; UNREADABLE when this release cannot read it, None without its field."""
    field = document.field(field_id)
    if field is None:
        return None
    try:
        return kind_of(field).read_entry(field, entry, value)
    except AnswerRefused:
        return UNREADABLE


def read_answer(document: Document, field_id: str, value: Any) -> Given | None:
    """A whole answer that was kept, such as when it was checked; else as ``read_entry``."""
    field = document.field(field_id)
    if field is None:
        return None
    try:
        answer: AnswerValue = kind_of(field).read_answer(field, value)
    except AnswerRefused:
        return UNREADABLE
    return answer


def read_entries(field: Field, entries: Mapping[str, Any]) -> Given:
    """The answer that was kept as these entries, in the order in which they were written."""
    try:
        answer: AnswerValue = kind_of(field).read_entries(field, entries)
    except AnswerRefused:
        return UNREADABLE
    return answer


def read_answers(document: Document, answers: Iterable[Answer]) -> dict[str, Given]:
    """Answers that were kept, by their fields."""
    fields = {field.id: field for field in document.fields}
    entries: dict[str, dict[str, Any]] = {}
    for answer in in_order(answers):
        if answer.field_id in fields:
            entries.setdefault(answer.field_id, {})[answer.entry] = answer.value
    return {field_id: read_entries(fields[field_id], kept) for field_id, kept in entries.items()}


def in_order(answers: Iterable[Answer]) -> list[Answer]:
    """Rows in the order in which they were written last, and always in the same."""
    return sorted(answers, key=lambda answer: (answer.typed_at, answer.entry))
