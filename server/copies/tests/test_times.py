"""When a copy can be opened, written and handed in. The rules themselves are the core's (velum/tests/test_times.py)."""

from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from datetime import datetime, timedelta
from http import HTTPStatus
from itertools import product
from unittest import mock

from django.db import connection
from django.test import TransactionTestCase
from django.utils import timezone

from server.copies.flows import write as writing
from server.copies.flows.answer import Change, TooLate, save_answers, too_late
from server.copies.flows.begin import begin, is_seen
from server.copies.flows.find import find_copy
from server.copies.flows.hand_in import hand_in, let_go_on
from server.copies.flows.join import join
from server.copies.models import Copy
from server.entrance.errors import Refused
from server.handouts.models import Handout
from server.markbook.flows.settle import give_time, let_until, meaning_of, settle
from server.testing.world import (
    JSON,
    KEPT_BACK,
    WorldCase,
    joined,
    make_world,
    student_client,
    teacher_client,
    text_answer,
    write,
)

MINUTE = timedelta(minutes=1)
SECOND = timedelta(seconds=1)


def typed(text: str, age: timedelta = timedelta(), revision: int = 1, field: str = "box1") -> Change:
    return Change(field, revision, text_answer(text), age)


class TimeCase(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.now = timezone.now()

    def at(self, minutes: float) -> datetime:
        return self.now + minutes * MINUTE

    def settle(self, at: datetime | None = None, **settings: object) -> None:
        settle(self.world.maren, self.world.handout.pk, settings, at or self.now)

    @property
    def copy(self) -> Copy:
        return find_copy(self.world.ama.pk)

    def save(self, text: str, at: float, age: timedelta = timedelta()) -> None:
        save_answers(self.copy.pk, [typed(text, age)], self.at(at))

    def stands(self) -> str:
        answer = self.copy.answers.filter(field_id="box1").first()
        return answer.value["text"] if answer else ""


class WhatIsWritten(TimeCase):
    """The condition that each save carries says what the core says."""

    def test_a_save_is_let_through_exactly_when_a_copy_is_open(self) -> None:
        moments = (None, self.at(-1), self.now, self.at(1))
        limits = [
            (True, None, None),
            (False, None, None),
            (True, 3, None),
            (True, 3, -3),
            (True, 3, -4),
            (False, 3, -2),
        ]
        tried = opened = 0
        for opens, due, closes, until in product(moments, repeat=4):
            for takes_late, minutes, begun in limits:
                settings = {"takes_late": takes_late, "minutes": minutes}
                Handout.objects.update(opens_at=opens, due_at=due, closes_at=closes, **settings)
                begun_at = None if begun is None else self.at(begun)
                up = begun_at and minutes and begun_at + minutes * MINUTE
                Copy.objects.update(until=until, begun_at=begun_at, time_up_at=up)
                expected = too_late(self.copy, self.now) is None
                with self.subTest(opens=opens, due=due, closes=closes, until=until, takes_late=takes_late, begun=begun):
                    try:
                        writing.write(self.copy.pk, [], [], self.now, self.now)
                    except writing.Overtaken:
                        self.assertFalse(expected)
                    else:
                        self.assertTrue(expected)
                        opened += 1
                    tried += 1
        self.assertTrue(0 < opened < tried)

    def test_nothing_is_taken_before_it_opens(self) -> None:
        self.settle(opens_at=self.at(10))
        with self.assertRaises(TooLate) as caught:
            self.save("limpet", 9)
        self.assertEqual(caught.exception.code, "handout.not_open_yet")
        # It is not late: the device keeps it, and sends it when it can.
        self.assertEqual((list(caught.exception.outcomes), self.copy.changes.count()), ([], 0))
        self.save("limpet", 10)
        self.assertEqual(self.stands(), "limpet")

    def test_what_was_typed_before_the_end_counts_for_five_minutes_and_is_noted(self) -> None:
        self.settle(closes_at=self.at(10))
        self.save("before", 12, age=3 * MINUTE)
        self.assertEqual(self.stands(), "before")
        self.assertEqual([change.after_end for change in self.copy.changes.all()], [True])

    def test_what_was_typed_after_the_end_is_told_and_shown_to_the_teacher_alone(self) -> None:
        self.settle(closes_at=self.at(10))
        self.save("before", 9)
        with self.assertRaises(TooLate) as caught:
            save_answers(
                self.copy.pk, [typed("after", MINUTE, 2), typed("goby", 3 * MINUTE, field="box4")], self.at(12)
            )
        self.assertEqual(caught.exception.code, "copy.time_up")
        self.assertEqual(len(caught.exception.outcomes), 2)
        self.assertEqual(self.stands(), "before")
        self.assertEqual(self.copy.answers.get(field_id="box4").value["text"], "goby")
        self.assertEqual([change.value["text"] for change in self.copy.changes.filter(late=True)], ["after"])

    def test_nothing_counts_long_after_the_end_however_old_it_says_it_is(self) -> None:
        self.settle(closes_at=self.at(10))
        with self.assertRaises(TooLate):
            self.save("very old", 15.1, age=60 * MINUTE)
        self.assertEqual(self.stands(), "")

    def test_closing_by_hand_is_at_once(self) -> None:
        self.settle(closes_at=self.at(10), open=False)
        with self.assertRaises(TooLate) as caught:
            self.save("before", 12, age=3 * MINUTE)
        self.assertEqual(caught.exception.code, "handout.closed")

    def test_an_end_that_comes_while_a_save_is_made_holds(self) -> None:
        before = writing.write

        def close_first(*args: object, **named: object) -> None:
            self.settle(closes_at=self.at(-20), at=self.at(-30))
            before(*args, **named)  # type: ignore[arg-type]

        with mock.patch("server.copies.flows.answer.write", close_first), self.assertRaises(TooLate):
            self.save("late", 0)
        self.assertEqual(self.stands(), "")


class HandingInOnTime(TimeCase):
    def test_handing_in_is_a_row_and_stays_one_when_the_student_goes_on(self) -> None:
        hand_in(self.copy.pk, [], self.at(1))
        let_go_on(self.world.maren, self.copy, self.at(2))
        hand_in(self.copy.pk, [], self.at(3))
        rows = list(self.copy.handings_in.values_list("at", "taken_back_at", "taken_back_by"))
        self.assertEqual(rows, [(self.at(1), self.at(2), self.world.maren.pk), (self.at(3), None, None)])
        self.assertEqual(self.copy.handed_in_at, self.at(3))

    def test_handing_in_when_the_time_is_up_takes_what_was_typed_before(self) -> None:
        self.settle(closes_at=self.at(10))
        done = hand_in(self.copy.pk, [typed("before", 2 * MINUTE), typed("after", SECOND, field="box4")], self.at(11))
        self.assertEqual(self.stands(), "before")
        self.assertEqual([outcome.of for outcome in done.late], [("box4", "")])
        self.assertEqual(self.copy.answers.count(), 1)

    def test_nobody_hands_in_long_after_the_end(self) -> None:
        self.settle(closes_at=self.at(10))
        with self.assertRaises(TooLate):
            hand_in(self.copy.pk, [], self.at(16))

    def test_late_work_is_marked_as_late(self) -> None:
        self.settle(due_at=self.at(-10))
        hand_in(self.copy.pk, [], self.now)
        teacher = teacher_client(self.world.maren)
        row = teacher.get(f"/api/handouts/{self.world.handout.pk}/results").json()["rows"][0]
        self.assertEqual((row["handed_in_late"], row["over"]), (True, False))

    def test_late_work_that_is_not_taken(self) -> None:
        self.settle(due_at=self.at(-10), takes_late=False)
        with self.assertRaises(TooLate):
            hand_in(self.copy.pk, [], self.now)


class Beginning(TimeCase):
    def test_the_time_runs_from_when_it_was_begun_and_from_no_other_moment(self) -> None:
        self.settle(minutes=20)
        with self.assertRaises(TooLate) as caught:
            self.save("limpet", 0)
        self.assertEqual(caught.exception.code, "copy.not_begun")
        begin(self.copy, self.at(5))
        begin(self.copy, self.at(15))
        self.save("limpet", 25)
        with self.assertRaises(TooLate):
            self.save("crab", 26)

    def test_nobody_begins_what_is_closed_or_not_open_yet(self) -> None:
        for settings, code in (
            ({"opens_at": self.at(1)}, "handout.not_open_yet"),
            ({"opens_at": None, "closes_at": self.at(-1)}, "copy.time_up"),
            ({"closes_at": None, "open": False}, "handout.closed"),
        ):
            with self.subTest(code=code):
                self.settle(minutes=20, **settings)
                with self.assertRaises(TooLate) as caught:
                    begin(self.copy, self.now)
                self.assertEqual(caught.exception.code, code)
                self.assertIsNone(self.copy.begun_at)

    def test_a_limit_that_comes_later_runs_from_then_for_those_at_work(self) -> None:
        self.save("limpet", 0)
        other = join(self.world.handout, "Zoe Quill", self.now)
        self.settle(minutes=20, at=self.at(7))
        self.assertEqual(self.copy.time_up_at, self.at(27))
        self.assertIsNone(Copy.objects.get(pk=other.pk).time_up_at)

    def test_another_limit_counts_for_all_who_have_begun(self) -> None:
        self.settle(minutes=20)
        begin(self.copy, self.now)
        self.settle(minutes=30)
        self.assertEqual(self.copy.time_up_at, self.at(30))
        self.settle(minutes=None)
        self.assertIsNone(self.copy.time_up_at)
        self.save("limpet", 500)

    def test_joining_is_over_when_all_is(self) -> None:
        self.settle(closes_at=self.at(10))
        join(self.world.handout, "Zoe Quill", self.at(10))
        with self.assertRaises(Refused) as caught:
            join(self.world.handout, "Bao Okafor", self.at(11))
        self.assertEqual(caught.exception.code, "join.closed")


class Exceptions(TimeCase):
    def test_one_copy_has_more_time(self) -> None:
        self.settle(minutes=20)
        begin(self.copy, self.now)
        give_time(self.world.maren, self.copy.pk, 10 * MINUTE, self.at(5))
        self.save("limpet", 30)
        with self.assertRaises(TooLate):
            self.save("crab", 31)

    def test_more_time_before_the_beginning_is_not_lost(self) -> None:
        self.settle(minutes=20)
        give_time(self.world.maren, self.copy.pk, 5 * MINUTE, self.now)
        begin(self.copy, self.at(1))
        self.assertEqual(self.copy.time_up_at, self.at(26))

    def test_a_new_chance_for_one(self) -> None:
        self.settle(closes_at=self.at(10))
        hand_in(self.copy.pk, [], self.at(9))
        let_go_on(self.world.maren, self.copy, self.at(60))
        let_until(self.world.maren, self.copy.pk, self.at(90), self.now)
        self.save("limpet", 90)
        let_until(self.world.maren, self.copy.pk, None, self.now)
        with self.assertRaises(TooLate):
            self.save("crab", 80)

    def test_exceptions_are_bounded_and_make_sense(self) -> None:
        with self.assertRaises(Refused) as caught:
            give_time(self.world.maren, self.copy.pk, MINUTE, self.now)
        self.assertEqual(caught.exception.code, "copy.no_limit")
        self.settle(minutes=20)
        with self.assertRaises(Refused) as caught:
            give_time(self.world.maren, self.copy.pk, timedelta(days=8), self.now)
        self.assertEqual(caught.exception.code, "copy.too_much_time")

    def test_the_api_of_a_teacher(self) -> None:
        self.settle(minutes=20)
        teacher, address = teacher_client(self.world.maren), f"/api/copies/{self.copy.pk}/time"
        row = teacher.patch(address, {"more": 10, "until": "2027-01-01T08:00:00Z"}, content_type=JSON).json()
        self.assertEqual((row["more_minutes"], row["until"]), (10, "2027-01-01T08:00:00Z"))
        row = teacher.patch(address, {"until": None}, content_type=JSON).json()
        self.assertEqual((row["more_minutes"], row["until"]), (10, None))
        self.assertEqual(teacher.patch(address, {"until": "2027-01-01T08:00"}, content_type=JSON).status_code, 422)


class Settling(TimeCase):
    def test_times_that_contradict_each_other_change_nothing(self) -> None:
        for settings, code in (
            ({"opens_at": self.at(5), "closes_at": self.at(5)}, "handout.ends_before_it_opens"),
            ({"opens_at": self.at(5), "due_at": self.at(4)}, "handout.ends_before_it_opens"),
            ({"due_at": self.at(5), "closes_at": self.at(4)}, "handout.closes_before_due"),
        ):
            with self.subTest(code=code), self.assertRaises(Refused) as caught:
                self.settle(**settings)
            self.assertEqual(caught.exception.code, code)
        self.assertIsNone(Handout.objects.get().opens_at)

    def test_what_a_change_means_for_those_who_have_begun_is_said_before_it_is_made(self) -> None:
        self.settle(minutes=20)
        begin(self.copy, self.now)
        others = [join(self.world.handout, name, self.now) for name in ("Zoe Quill", "Bao Okafor")]
        begin(others[0], self.at(-15))

        def means(**settings: object) -> tuple[int, int, int, int]:
            found = meaning_of(self.world.maren, self.world.handout.pk, settings, self.now)
            return found.begun, found.ended, found.less, found.more

        self.assertEqual(means(minutes=10), (2, 1, 1, 0))
        self.assertEqual(means(minutes=30), (2, 0, 0, 2))
        self.assertEqual(means(minutes=None), (2, 0, 0, 2))
        self.assertEqual(means(closes_at=self.at(7)), (2, 0, 1, 0))
        self.assertEqual(means(open=False), (2, 2, 0, 0))
        self.assertEqual(means(may_check=True), (2, 0, 0, 0))
        self.assertEqual(self.copy.time_up_at, self.at(20))


class WhatIsSeen(TimeCase):
    """Nothing of a sheet reaches its student before it is open, or before a limited time runs."""

    def setUp(self) -> None:
        super().setUp()
        self.student = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}/"
        first = self.student.get(f"{self.home}copy").json()["sheet"]["pages"][0]["id"]
        laid = self.student.get(f"{self.home}copy").json()["sheet"]["fixtures"][0]["picture"]
        self.parts = ["copy", "texts", f"pages/{first}/1400.webp", f"pictures/{laid}/"]

    def statuses(self) -> set[int]:
        return {self.student.get(self.home + part).status_code for part in self.parts}

    def test_before_it_opens(self) -> None:
        self.settle(opens_at=timezone.now() + 10 * MINUTE)
        page = self.student.get(self.home)
        self.assertContains(page, "It opens:")
        self.assertNotContains(page, "box1")
        self.assertEqual(page["Cache-Control"], "no-store")
        self.assertLessEqual(self.statuses(), {HTTPStatus.NOT_FOUND, HTTPStatus.CONFLICT})
        asked = {"field_id": "box2", "help_id": "hint1"}
        answer = self.student.post(f"{self.home}help", asked, content_type=JSON)
        self.assert_error(answer, 409, "handout.not_open_yet")
        self.assertNotIn(KEPT_BACK, answer.content.decode())

    def test_before_a_limited_time_runs(self) -> None:
        self.settle(minutes=20)
        self.assertContains(self.student.get(self.home), "20 minutes")
        self.assertLessEqual(self.statuses(), {HTTPStatus.NOT_FOUND, HTTPStatus.CONFLICT})
        began = self.student.post(f"{self.home}begin/")
        self.assertRedirects(began, self.home, fetch_redirect_response=False)
        self.assertContains(self.student.get(self.home), "box1")
        time = self.student.get(f"{self.home}time").json()
        self.assertTrue(time["open"] and time["limited"])
        self.assertAlmostEqual(time["seconds_left"], 1200, delta=300)

    def test_what_was_never_begun_is_not_seen_when_all_is_over(self) -> None:
        self.settle(minutes=20, closes_at=timezone.now() - MINUTE)
        self.assertContains(self.student.get(self.home), "The time for this worksheet is over")
        self.assertLessEqual(self.statuses(), {HTTPStatus.NOT_FOUND, HTTPStatus.CONFLICT})
        self.assertFalse(is_seen(self.copy, timezone.now()))

    def test_what_was_begun_can_be_looked_at_afterwards(self) -> None:
        self.settle(minutes=20)
        begin(self.copy, self.at(-60))
        sheet = self.student.get(f"{self.home}copy").json()
        self.assertEqual((sheet["time"]["open"], sheet["time"]["seconds_left"]), (False, 0))

    def test_what_was_handed_in_stays_in_sight_when_the_handout_waits_again(self) -> None:
        hand_in(self.copy.pk, [], self.now)
        self.settle(opens_at=timezone.now() + 10 * MINUTE)
        self.assertEqual(self.student.get(f"{self.home}copy").status_code, HTTPStatus.OK)


class AtOnce(TransactionTestCase):
    def test_a_teacher_who_settles_times_while_students_join_and_write_waits_for_nobody_for_ever(self) -> None:
        """On PostgreSQL one of two that wait for each other would be refused."""
        world = make_world()
        copies = [joined(world.handout, f"Student {number}") for number in range(3)]
        settle(world.maren, world.handout.pk, {"minutes": 20}, timezone.now())
        for copy in copies:
            begin(find_copy(copy.pk), timezone.now())

        def settling(turn: int) -> None:
            settle(world.maren, world.handout.pk, {"minutes": 20 + turn}, timezone.now())

        def joining(turn: int) -> None:
            begin(find_copy(joined(world.handout, f"Another {turn}").pk), timezone.now())

        def writing(turn: int) -> None:
            for copy in copies:
                write(copy, turn + 1, box1=f"limpet {turn}")

        def giving(turn: int) -> None:
            give_time(world.maren, copies[turn % 3].pk, MINUTE, timezone.now())

        def often(what: Callable[[int], None]) -> None:
            try:
                for turn in range(12):
                    what(turn)
            finally:
                connection.close()

        with ThreadPoolExecutor(4) as threads:
            list(threads.map(often, (settling, joining, writing, giving)))
        self.assertEqual(world.handout.copies.filter(begun_at=None).count(), 1)  # Ama has not begun
        self.assertEqual([find_copy(copy.pk).more_time for copy in copies], [4 * MINUTE] * 3)
