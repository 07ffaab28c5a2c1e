"""When a copy can be worked on: what the core is told of a handout and a copy."""

from datetime import datetime, timedelta

from server.copies.models import Copy
from server.handouts.models import Handout
from velum.times import Own, Phase, Times, counts_at, ends, limit_ends, phase


def times_of(handout: Handout) -> Times:
    """What is settled for all copies."""
    return Times(
        opens=handout.opens_at,
        due=handout.due_at,
        takes_late=handout.takes_late,
        closes=handout.closes_at,
        limit=None if handout.minutes is None else timedelta(minutes=handout.minutes),
    )


def own_of(copy: Copy) -> Own:
    """What holds for one."""
    return Own(begun=copy.begun_at, more=copy.more_time, until=copy.until)


def time_for(copy: Copy) -> timedelta | None:
    """How long one copy has from beginning; None: there is no limit."""
    limit = times_of(copy.handout).limit
    return None if limit is None else limit + copy.more_time


def phase_of(copy: Copy, now: datetime) -> Phase:
    """How a copy stands by the clock."""
    return phase(times_of(copy.handout), own_of(copy), now)


def ends_at(copy: Copy) -> datetime | None:
    """When it ends; None: nothing ends it, or nobody knows yet."""
    return ends(times_of(copy.handout), own_of(copy))


def time_up_at(copy: Copy) -> datetime | None:
    """What its row is to say of the end of its limit."""
    return limit_ends(times_of(copy.handout), own_of(copy))


def counting_at(copy: Copy, now: datetime) -> datetime | None:
    """The moment as of which a change that comes now counts; None: nothing is taken."""
    return counts_at(times_of(copy.handout), own_of(copy), now)
