"""What a teacher can settle about a handout that is out, and the exceptions made for one copy."""

import uuid
from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Any

from django.db import transaction

from server.accounts.models import User
from server.copies.flows.mark_again import mark_again
from server.copies.flows.when import own_of, phase_of, time_up_at, times_of
from server.copies.models import Copy
from server.entrance.errors import Refused
from server.handouts.flows.hand_out import find_handout
from server.handouts.flows.happen import What, happen
from server.handouts.flows.settings import apply_settings
from server.handouts.models import Handout
from server.markbook.flows.overrule import find_copy_of_teacher
from server.may import Right
from velum.times import Own, Phase, ends, with_more

MOST_MORE = timedelta(days=7)
"""The most time that one copy may have beyond the limit."""


def settle(teacher: User, handout_id: uuid.UUID, settings: Mapping[str, Any], now: datetime) -> Handout:
    """Change settings of a handout, by their names; the others stay as they are. Raises Missing and Refused.

    What was handed in is marked again where the cost of a try changes.
    """
    find_handout(teacher, handout_id, Right.MARK)
    with transaction.atomic():
        # Who joins or begins meanwhile waits, and does so by what is settled here.
        handout = Handout.objects.select_for_update(no_key=True).get(pk=handout_id)
        apply_settings(handout, settings)
        handout.save(update_fields=list(settings))
        if "minutes" in settings:
            _run_limits(handout, now)
        happen(handout.pk, What.SETTLED, now)
    if "try_cost" in settings:
        mark_again(handout)
    return handout


@dataclass(frozen=True)
class Meaning:
    """What settings would mean for those who have begun and not handed in: how many of them there are, how many could
    not go on, and how many would have less time than now, or more.
    """

    begun: int
    ended: int
    less: int
    more: int


def meaning_of(teacher: User, handout_id: uuid.UUID, settings: Mapping[str, Any], now: datetime) -> Meaning:
    """What changing settings would mean; nothing is changed. Raises Missing and Refused."""
    before, after = find_handout(teacher, handout_id, Right.MARK), find_handout(teacher, handout_id, Right.MARK)
    apply_settings(after, settings)
    begun = ended = less = more = 0
    for copy in before.copies.filter(handed_in_at=None):
        if copy.begun_at is None and copy.saved_at is None:
            continue
        begun += 1
        copy.handout = before
        went_on, end = before.open and phase_of(copy, now) is Phase.OPEN, ends(times_of(before), own_of(copy))
        copy.handout = after
        own = _running(copy, now)
        goes_on = after.open and phase_of(copy, now) is Phase.OPEN
        new_end = ends(times_of(after), own)
        ended += went_on and not goes_on
        less += went_on and goes_on and new_end is not None and (end is None or new_end < end)
        more += goes_on and (not went_on or (end is not None and (new_end is None or new_end > end)))
    return Meaning(begun, ended, less, more)


def _running(copy: Copy, now: datetime) -> Own:
    """A copy whose limit runs: from now, for somebody who was at work before there was one."""
    at_work = copy.saved_at is not None and copy.handed_in_at is None
    if copy.handout.minutes is not None and copy.begun_at is None and at_work:
        copy.begun_at = now
    return own_of(copy)


def _run_limits(handout: Handout, now: datetime) -> None:
    """Have the limit of a handout run for all who have begun."""
    copies = list(handout.copies.select_for_update())
    for copy in copies:
        copy.handout = handout
        _running(copy, now)
        copy.time_up_at = time_up_at(copy)
    Copy.objects.bulk_update(copies, ["begun_at", "time_up_at"], batch_size=200)


@transaction.atomic
def give_time(teacher: User, copy_id: uuid.UUID, more: timedelta, now: datetime) -> Copy:
    """Give one copy so much more time than the limit, or take back what was given. Raises Missing and Refused."""
    copy = _locked(teacher, copy_id)
    if copy.handout.minutes is None:
        raise Refused("copy.no_limit", "This worksheet has no time limit that could be longer.")
    given = with_more(times_of(copy.handout), own_of(copy), more, now).more
    if given > MOST_MORE:
        raise Refused("copy.too_much_time", "This is more time than can be given. Do without a limit instead.")
    copy.more_time = given
    copy.time_up_at = time_up_at(copy)
    copy.save(update_fields=["more_time", "time_up_at"])
    happen(copy.handout_id, What.TIMED, now, copy.pk)
    return copy


@transaction.atomic
def let_until(teacher: User, copy_id: uuid.UUID, until: datetime | None, now: datetime) -> Copy:
    """Let one copy be worked on until then, whatever holds for the others; None: as the others. Raises Missing."""
    copy = _locked(teacher, copy_id)
    copy.until = until
    copy.save(update_fields=["until"])
    happen(copy.handout_id, What.TIMED, now, copy.pk)
    return copy


def _locked(teacher: User, copy_id: uuid.UUID) -> Copy:
    """A copy of a teacher's, whose times nobody else changes meanwhile."""
    found = find_copy_of_teacher(teacher, copy_id, Right.MARK)
    handout = Handout.objects.select_for_update(no_key=True).get(pk=found.handout_id)
    copy = Copy.objects.select_for_update().get(pk=copy_id)
    copy.handout = handout
    return copy
