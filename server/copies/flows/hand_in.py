"""Handing a copy in, and letting its student go on after all."""

import uuid
from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime

from django.db import transaction

from server.accounts.models import User
from server.copies.flows.answer import (
    TRIES,
    Change,
    Outcome,
    Standing,
    decide,
    in_time,
    latest_of,
    note_late,
    open_at,
    orders_of,
)
from server.copies.flows.find import find_copy
from server.copies.flows.marking import marker_of, marks_now, stored
from server.copies.flows.write import Marked, Overtaken, write
from server.copies.models import Copy
from server.entrance.errors import Busy
from server.handouts.flows.documents import marked_by
from server.handouts.flows.happen import What, happen


@dataclass(frozen=True)
class HandedIn:
    """When a copy was handed in, and what came too late for it."""

    at: datetime
    late: list[Outcome]


def hand_in(copy_id: uuid.UUID, changes: Iterable[Change], now: datetime) -> HandedIn:
    """Save the last changes and hand in, both or neither. Handing in twice is handing in once.

    What another device has changed when it was handed in already is noted, and told; so is what was typed after the
    end. Raises what refuses a change, so that nobody hands in without an answer they see on their screen; TooLate when
    the handout is closed, or its end is long past.
    """
    every = latest_of(changes)
    for _ in range(TRIES):
        copy = find_copy(copy_id)
        if copy.handed_in_at is not None:
            return HandedIn(copy.handed_in_at, note_late(copy, every, now))
        counting = open_at(copy, now)
        latest, after = in_time(every, counting, now)
        answers = {(answer.field_id, answer.entry): answer for answer in copy.answers.all()}
        standing = Standing(answers, orders_of(copy_id, latest))
        decided = decide(copy_id, copy.handout.edition_id, latest, standing, now, after_end=counting < now)
        for outcome in decided.outcomes:
            if outcome.refused is not None:
                raise outcome.refused
        answers |= {(answer.field_id, answer.entry): answer for answer in decided.answers}
        # Marking takes its time, so it is done before anything is locked; that nothing has changed since is a
        # condition of the writing.
        by = marked_by(copy.handout)
        marks = [stored(copy.pk, mark) for mark in marks_now(copy, answers.values(), marker_of(copy.handout, by.keys))]
        try:
            write(copy_id, decided.log, decided.answers, now, counting, Marked(copy.saves, marks, by.name))
        except Overtaken:
            continue
        return HandedIn(now, note_late(copy, after, now) if after else [])
    raise Busy("answers.busy", "These answers are being changed elsewhere at the same time. Hand in again.")


@transaction.atomic
def let_go_on(teacher: User, copy: Copy, now: datetime) -> None:
    """Take a copy back from the handed-in ones, so that its student can go on. Nothing of it is lost."""
    copy.handed_in_at = None
    copy.save(update_fields=["handed_in_at"])
    copy.handings_in.filter(taken_back_at=None).update(taken_back_at=now, taken_back_by=teacher)
    copy.marks.all().delete()
    happen(copy.handout_id, What.WENT_ON, now, copy.pk)
