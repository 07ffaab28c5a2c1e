"""Saving what a student answers.

Every change carries the student's revision of that answer, so a save that is sent again does no harm. When two
devices changed the same answer, what was typed last stands; the other stays in the log.
"""

import uuid
from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Any

from server.config.errors import Busy, Conflict
from server.copies.flows.find import find_copy
from server.copies.flows.write import Overtaken, write
from server.copies.models import Answer, AnswerChange, Copy
from server.worksheets.flows.freeze import read_edition
from velum.document.worksheet import Worksheet
from velum.errors import VelumError
from velum.kinds import kind_of
from velum.kinds.kind import AnswerRefused

_TRIES = 5


@dataclass(frozen=True)
class Change:
    """One answer as a device has it; ``age`` says how long ago it was typed."""

    field_id: str
    revision: int
    value: dict[str, Any]
    age: timedelta


@dataclass(frozen=True)
class Outcome:
    """What now stands for a field, or why the change was refused (and then nothing about the field changed)."""

    field_id: str
    revision: int
    value: dict[str, Any] | None
    refused: VelumError | None = None


def check_open(copy: Copy) -> None:
    """Raises Conflict when a copy can no longer be changed."""
    if copy.handed_in_at is not None:
        raise Conflict("copy.handed_in", "This worksheet is handed in. Ask your teacher if you want to go on.")
    if not copy.handout.open:
        raise Conflict("handout.closed", "Your teacher has closed this worksheet. What was saved is kept.")


def save_answers(copy_id: uuid.UUID, changes: Iterable[Change], now: datetime) -> list[Outcome]:
    """Save changes, and say for each what stands now.

    Raises Conflict when the copy is handed in or closed, Missing when there is none, and Busy when others go on
    changing the same answers at the same time.
    """
    latest = list({change.field_id: change for change in changes}.values())
    # At first as if nothing stood in the way, which is nearly always so; only when something does is it read.
    stands: dict[str, Answer] = {}
    for _ in range(_TRIES):
        copy = find_copy(copy_id)
        check_open(copy)
        log, standing, outcomes = _decide(copy, latest, stands, now)
        try:
            if log:
                write(copy, log, standing, now)
        except Overtaken:
            touched = copy.answers.filter(field_id__in=[change.field_id for change in latest])
            stands = {answer.field_id: answer for answer in touched}
            continue
        return outcomes
    raise Busy("answers.busy", "These answers are being changed elsewhere at the same time. They are sent again.")


def _decide(
    copy: Copy, changes: list[Change], stands: dict[str, Answer], now: datetime
) -> tuple[list[AnswerChange], list[Answer], list[Outcome]]:
    """What to note in the log, what is to stand from now on, and what to say of each change."""
    worksheet = read_edition(copy.handout.edition_id)
    log: list[AnswerChange] = []
    standing: list[Answer] = []
    outcomes: list[Outcome] = []
    for change in changes:
        try:
            value = _read(worksheet, change)
        except VelumError as refused:
            outcomes.append(Outcome(change.field_id, change.revision, None, refused))
            continue
        before = stands.get(change.field_id)
        typed_at = now - change.age
        revision, kept = change.revision, True
        if before is not None and revision <= before.revision:
            if before.value == value:
                outcomes.append(Outcome(change.field_id, before.revision, before.value))
                continue
            kept = typed_at > before.typed_at
            revision = before.revision + 1
        new = {"copy": copy, "field_id": change.field_id, "revision": revision, "value": value, "typed_at": typed_at}
        log.append(AnswerChange(kept=kept, **new))
        if kept or before is None:
            standing.append(Answer(**new))
            outcomes.append(Outcome(change.field_id, revision, value))
        else:
            outcomes.append(Outcome(change.field_id, before.revision, before.value))
    return log, standing, outcomes


def _read(worksheet: Worksheet, change: Change) -> dict[str, Any]:
    field = worksheet.field(change.field_id)
    if field is None:
        raise AnswerRefused("answer.no_field", "This question is no longer part of the worksheet.")
    answer = kind_of(field).read_answer(change.value)
    value: dict[str, Any] = answer.model_dump(mode="json")
    return value
