"""Opening a copy: whether its student may see the sheet yet, and beginning where time is limited."""

from datetime import datetime

from django.db import transaction

from server.copies.flows.answer import check_open, too_late
from server.copies.flows.when import phase_of, time_up_at
from server.copies.models import Copy
from server.handouts.flows.happen import What, happen
from server.handouts.models import Handout
from velum.times import Phase


def is_seen(copy: Copy, now: datetime) -> bool:
    """Whether the student may see the sheet: not before it opens, nor before a limited time has begun to run."""
    if copy.handed_in_at is not None or phase_of(copy, now) is Phase.OPEN:
        return True
    if phase_of(copy, now) is not Phase.ENDED:
        return False
    # A sheet that was never begun is not for looking at afterwards, until the teacher gives it back.
    return copy.begun_at is not None or copy.saved_at is not None or copy.handout.minutes is None


def check_seen(copy: Copy, now: datetime) -> None:
    """Raises TooLate for a copy whose sheet its student may not see."""
    if not is_seen(copy, now):
        check_open(copy, now)


@transaction.atomic
def begin(copy: Copy, now: datetime) -> None:
    """Have the time of a copy run from now; once it runs, it goes on running. Raises TooLate."""
    # What the teacher settles meanwhile waits, and then counts for this copy too.
    handout = Handout.objects.select_for_update(no_key=True).get(pk=copy.handout_id)
    copy = Copy.objects.select_for_update().get(pk=copy.pk)
    copy.handout = handout
    refused = too_late(copy, now)
    if refused is None:
        return
    if refused.code != "copy.not_begun":
        raise refused
    copy.begun_at = now
    copy.time_up_at = time_up_at(copy)
    copy.save(update_fields=["begun_at", "time_up_at"])
    happen(handout.pk, What.BEGUN, now, copy.pk)
