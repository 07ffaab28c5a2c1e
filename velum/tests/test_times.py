"""When a copy can be worked on."""

from datetime import UTC, datetime, timedelta
from unittest import TestCase
from zoneinfo import ZoneInfo

from hypothesis import given
from hypothesis import strategies as st

from velum.times import GRACE, Own, Phase, Times, counts_at, ends, is_late, limit_ends, phase, with_more

EIGHT = datetime(2026, 3, 2, 8, tzinfo=UTC)
MINUTE = timedelta(minutes=1)
SECOND = timedelta(seconds=1)


def at(minutes: float) -> datetime:
    """So many minutes after eight."""
    return EIGHT + minutes * MINUTE


moments = st.none() | st.integers(-90, 90).map(at)
lengths = st.none() | st.integers(1, 60).map(lambda minutes: minutes * MINUTE)
all_times = st.builds(Times, opens=moments, due=moments, takes_late=st.booleans(), closes=moments, limit=lengths)
owns = st.builds(Own, begun=moments, more=st.integers(0, 30).map(lambda minutes: minutes * MINUTE), until=moments)
nows = st.integers(-120, 120).map(at)


class WhatIsSettled(TestCase):
    def test_nothing_settled_is_open_for_ever(self) -> None:
        self.assertEqual(phase(Times(), Own(), EIGHT), Phase.OPEN)
        self.assertIsNone(ends(Times(), Own()))

    def test_it_waits_until_it_opens_and_ends_after_it_closes(self) -> None:
        times = Times(opens=at(0), closes=at(60))
        found = [phase(times, Own(), at(minutes)) for minutes in (-1, 0, 60, 61)]
        self.assertEqual(found, [Phase.WAITING, Phase.OPEN, Phase.OPEN, Phase.ENDED])

    def test_late_work_is_taken_or_not(self) -> None:
        takes = Times(due=at(10), closes=at(60))
        refuses = Times(due=at(10), takes_late=False, closes=at(60))
        self.assertEqual([phase(times, Own(), at(11)) for times in (takes, refuses)], [Phase.OPEN, Phase.ENDED])
        self.assertEqual([is_late(takes, Own(), at(minutes)) for minutes in (10, 11)], [False, True])
        self.assertFalse(is_late(Times(), Own(), at(11)))

    def test_a_limit_runs_from_when_a_copy_was_begun(self) -> None:
        times = Times(limit=20 * MINUTE)
        self.assertEqual(phase(times, Own(), at(500)), Phase.UNBEGUN)
        own = Own(begun=at(5))
        self.assertEqual([phase(times, own, at(minutes)) for minutes in (25, 25.1)], [Phase.OPEN, Phase.ENDED])
        self.assertEqual(limit_ends(times, own), at(25))

    def test_what_ends_first_ends_it(self) -> None:
        times = Times(closes=at(30), limit=20 * MINUTE)
        self.assertEqual([ends(times, Own(begun=at(minutes))) for minutes in (5, 25)], [at(25), at(30)])

    def test_what_was_never_begun_ends_too(self) -> None:
        times = Times(closes=at(30), limit=20 * MINUTE)
        self.assertEqual([phase(times, Own(), at(minutes)) for minutes in (30, 31)], [Phase.UNBEGUN, Phase.ENDED])

    def test_a_limit_runs_through_midnight_and_when_clocks_are_set_forward(self) -> None:
        berlin = ZoneInfo("Europe/Berlin")
        begun = datetime(2026, 3, 29, 1, 50, tzinfo=berlin)  # ten minutes later it is three o'clock
        end = limit_ends(Times(limit=20 * MINUTE), Own(begun=begun.astimezone(UTC)))
        assert end is not None
        self.assertEqual(end.astimezone(berlin).strftime("%H:%M"), "03:10")


class Exceptions(TestCase):
    def test_one_copy_may_go_on_when_all_is_closed(self) -> None:
        times = Times(closes=at(30), due=at(30), takes_late=False)
        own = Own(until=at(90))
        self.assertEqual([phase(times, own, at(minutes)) for minutes in (90, 91)], [Phase.OPEN, Phase.ENDED])
        self.assertFalse(is_late(times, own, at(80)))

    def test_more_time_is_added_to_the_limit(self) -> None:
        times, own = Times(limit=20 * MINUTE), Own(begun=at(0))
        more = with_more(times, own, 10 * MINUTE, at(15))
        self.assertEqual(ends(times, more), at(30))
        self.assertEqual(ends(times, with_more(times, more, 5 * MINUTE, at(16))), at(35))

    def test_more_time_after_the_end_runs_from_now(self) -> None:
        times, own = Times(limit=20 * MINUTE), Own(begun=at(0))
        self.assertEqual(ends(times, with_more(times, own, 10 * MINUTE, at(50))), at(60))

    def test_what_was_given_can_be_taken_back_and_no_more_than_that(self) -> None:
        times, own = Times(limit=20 * MINUTE), Own(begun=at(0), more=10 * MINUTE)
        self.assertEqual(ends(times, with_more(times, own, -5 * MINUTE, at(1))), at(25))
        self.assertEqual(ends(times, with_more(times, own, -50 * MINUTE, at(1))), at(20))

    def test_more_time_is_there_before_anything_was_begun(self) -> None:
        times = Times(limit=20 * MINUTE)
        given = with_more(times, Own(), 10 * MINUTE, at(0))
        self.assertEqual(ends(times, Own(begun=at(7), more=given.more)), at(37))


class AfterTheEnd(TestCase):
    times = Times(closes=at(30))

    def test_a_change_counts_as_of_now_while_it_is_open(self) -> None:
        self.assertEqual(counts_at(self.times, Own(), at(30)), at(30))

    def test_a_change_that_could_not_be_sent_counts_as_of_the_end_for_a_while(self) -> None:
        self.assertEqual(counts_at(self.times, Own(), at(30) + GRACE), at(30))
        self.assertIsNone(counts_at(self.times, Own(), at(30) + GRACE + SECOND))

    def test_nothing_counts_that_was_never_open(self) -> None:
        self.assertIsNone(counts_at(Times(opens=at(0)), Own(), at(-1)))
        self.assertIsNone(counts_at(Times(limit=MINUTE), Own(), at(0)))
        self.assertIsNone(counts_at(Times(closes=at(30), limit=MINUTE), Own(), at(31)))
        self.assertIsNone(counts_at(Times(opens=at(40), closes=at(30)), Own(), at(31)))


class Laws(TestCase):
    @given(all_times, owns, nows, nows)
    def test_what_has_ended_stays_ended(self, times: Times, own: Own, one: datetime, other: datetime) -> None:
        early, late = sorted((one, other))
        if phase(times, own, early) is Phase.ENDED:
            self.assertEqual(phase(times, own, late), Phase.ENDED)
            if counts_at(times, own, early) is None:
                self.assertIsNone(counts_at(times, own, late))

    @given(all_times, owns, nows)
    def test_what_counts_counts_as_of_a_moment_at_which_it_was_open(
        self, times: Times, own: Own, now: datetime
    ) -> None:
        counted = counts_at(times, own, now)
        if counted is not None:
            self.assertEqual(phase(times, own, counted), Phase.OPEN)
            self.assertLessEqual(now - counted, GRACE)

    @given(all_times, owns, nows, st.integers(1, 60).map(lambda minutes: minutes * MINUTE))
    def test_more_time_never_ends_a_copy_sooner(self, times: Times, own: Own, now: datetime, more: timedelta) -> None:
        before, after = limit_ends(times, own), limit_ends(times, with_more(times, own, more, now))
        if before is None or after is None:
            self.assertIs(before, after)
        else:
            self.assertGreaterEqual(after - max(before, now), more if before <= now else timedelta())
            self.assertGreaterEqual(after - before, more)
