"""When a copy can be worked on: what a teacher settles for all, and the exceptions made for one.

All that is asked about time is asked here. Moments are aware datetimes, lengths are timedeltas, and nothing reads a
clock: who asks says what time it is. A limit runs from the moment at which a copy was begun and through midnights and
changes of the clock, as a kitchen timer does.
"""

from dataclasses import dataclass
from datetime import datetime, timedelta
from enum import StrEnum

GRACE = timedelta(minutes=5)
"""How long after the end something is still taken that was typed before it and could not be sent."""

_NONE = timedelta()


@dataclass(frozen=True)
class Times:
    """What holds for all copies of a handout; None: nothing is settled.

    Work may be handed in after ``due`` only where it ``takes_late``, and then counts as late. ``limit`` is how long
    each has from beginning.
    """

    opens: datetime | None = None
    due: datetime | None = None
    takes_late: bool = True
    closes: datetime | None = None
    limit: timedelta | None = None

    @property
    def ends(self) -> datetime | None:
        """When nobody can go on any more."""
        return _first(self.closes, None if self.takes_late else self.due)


@dataclass(frozen=True)
class Own:
    """What holds for one copy: when it was begun, how much longer than the limit it has, and until when it may be
    worked on and handed in whatever holds for the others.
    """

    begun: datetime | None = None
    more: timedelta = _NONE
    until: datetime | None = None


class Phase(StrEnum):
    """How a copy stands. ``UNBEGUN``: its limit has not begun to run."""

    WAITING = "waiting"
    UNBEGUN = "unbegun"
    OPEN = "open"
    ENDED = "ended"


def phase(times: Times, own: Own, now: datetime) -> Phase:
    """How a copy stands at a moment. At the very moment of its end it is open still."""
    end = ends(times, own)
    if end is not None and now > end:
        return Phase.ENDED
    if times.opens is not None and now < times.opens:
        return Phase.WAITING
    if times.limit is not None and own.begun is None:
        return Phase.UNBEGUN
    return Phase.OPEN


def ends(times: Times, own: Own) -> datetime | None:
    """When a copy ends, as far as is known now; None: nothing ends it."""
    return _first(own.until or times.ends, limit_ends(times, own))


def limit_ends(times: Times, own: Own) -> datetime | None:
    """When the time is up that a copy has from its beginning; None: there is no limit, or it does not run yet."""
    if times.limit is None or own.begun is None:
        return None
    return own.begun + times.limit + own.more


def counts_at(times: Times, own: Own, now: datetime) -> datetime | None:
    """The moment as of which a change that comes now counts: now, or the end while it is not long past.

    What was typed later than that does not count. None: nothing is taken.
    """
    stands = phase(times, own, now)
    if stands is Phase.OPEN:
        return now
    end = ends(times, own)
    if stands is not Phase.ENDED or end is None or now > end + GRACE:
        return None
    return end if phase(times, own, end) is Phase.OPEN else None


def is_late(times: Times, own: Own, at: datetime) -> bool:
    """Whether what is handed in at a moment is late."""
    due = times.due
    if due is not None and own.until is not None:
        due = max(due, own.until)
    return due is not None and at > due


def with_more(times: Times, own: Own, more: timedelta, now: datetime) -> Own:
    """A copy that has so much more time: from when its limit ends, or from now if that is over.

    ``more`` may be negative, and takes back what was given; nobody has less than the limit.
    """
    over = _NONE
    end = limit_ends(times, own)
    if end is not None and more > _NONE:
        over = max(_NONE, now - end)
    return Own(own.begun, max(_NONE, own.more + over + more), own.until)


def _first(*moments: datetime | None) -> datetime | None:
    return min((moment for moment in moments if moment is not None), default=None)
