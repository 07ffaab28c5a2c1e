"""What comes late, twice, out of order or after handing in is neither lost nor taken for newer than it is."""

from datetime import timedelta
from typing import Any
from unittest import mock

from django.utils import timezone
from hypothesis import given, settings
from hypothesis import strategies as st
from hypothesis.extra.django import TestCase as HypothesisCase

from server.copies.flows import answer, hand_in
from server.copies.flows.answer import Change, save_answers
from server.copies.flows.marking import marks_now
from server.copies.models import AnswerChange, Copy
from server.testing.world import JSON, WorldCase, make_world, student_client, teacher_client, text_answer, write


def sent(text: str, order: int, *, device: str = "tablet", revision: int = 1, seconds_ago: float = 0) -> Change:
    return Change("box1", revision, text_answer(text), timedelta(seconds=seconds_ago), device, order)


class Late(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        self.client = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}"

    def save(self, *changes: Change) -> Any:
        return save_answers(self.copy.pk, changes, timezone.now())

    def stands(self) -> str | None:
        found = self.copy.answers.filter(field_id="box1").first()
        return found.value["text"] if found else None

    def log(self) -> list[tuple[str, bool, bool]]:
        rows = AnswerChange.objects.filter(copy=self.copy).order_by("pk")
        return [(row.value["text"], row.kept, row.late) for row in rows]

    def test_a_save_that_was_held_up_does_not_overwrite_what_the_device_typed_after_it(self) -> None:
        """Though by its age it seems to be the newest: it was reckoned when it was sent."""
        self.save(sent("low", order=2, revision=3))
        (outcome,) = self.save(sent("lo", order=1, revision=2))
        self.assertEqual((self.stands(), outcome.value), ("low", text_answer("low")))
        self.assertEqual(self.log(), [("low", True, False), ("lo", False, False)])

    def test_nor_what_another_device_typed_since(self) -> None:
        self.save(sent("a", order=5, revision=1))
        self.save(sent("b", order=9, device="laptop", revision=2))
        self.save(sent("before a", order=4, revision=1))
        self.assertEqual(self.stands(), "b")

    def test_what_a_device_typed_after_an_answer_of_its_own_stands_whatever_the_clocks_say(self) -> None:
        self.save(sent("a", order=5, revision=5))
        self.save(sent("ab", order=6, revision=5, seconds_ago=60))
        self.assertEqual(self.stands(), "ab")

    def test_two_changes_of_one_order_are_both_in_the_log(self) -> None:
        self.save(sent("a", order=5), sent("a", order=5))
        self.save(sent("b", order=5))
        self.assertEqual(self.stands(), "a")
        self.assertEqual([text for text, _, _ in self.log()], ["a", "b"])

    def hand_in_elsewhere(self) -> None:
        hand_in.hand_in(self.copy.pk, [sent("handed in", order=1)], timezone.now())

    def test_what_comes_after_handing_in_is_noted_and_both_are_told(self) -> None:
        self.hand_in_elsewhere()
        change = {"field_id": "box1", "revision": 2, "answer": text_answer("and more"), "device": "laptop", "order": 7}
        for _ in range(2):
            refused = self.client.post(f"{self.home}/answers", {"changes": [change]}, JSON)
            self.assert_error(refused, 409, "copy.handed_in")
            self.assertEqual([noted["refused"] for noted in refused.json()["changes"]], [None])
            self.assertIsNotNone(refused.json()["handed_in_at"])
        self.assertEqual(self.log()[1:], [("and more", False, True)])
        self.assertEqual(self.stands(), "handed in")
        teacher = teacher_client(self.world.maren)
        review = teacher.get(f"/api/copies/{self.copy.pk}").json()
        self.assertEqual([late["answer"]["text"] for late in review["late"]], ["and more"])
        results = teacher.get(f"/api/handouts/{self.world.handout.pk}/results").json()
        self.assertEqual([row["late"] for row in results["rows"]], [1])

    def test_handing_in_on_a_second_device_notes_what_that_device_has(self) -> None:
        self.hand_in_elsewhere()
        change = {"field_id": "box1", "revision": 2, "answer": text_answer("mine")}
        done = self.client.post(f"{self.home}/hand-in", {"changes": [change]}, JSON).json()
        self.assertEqual([late["refused"] for late in done["late"]], [None])
        self.assertEqual(self.log()[1:], [("mine", False, True)])

    def test_what_is_the_same_as_what_was_handed_in_is_not_late(self) -> None:
        self.hand_in_elsewhere()
        change = {"field_id": "box1", "revision": 2, "answer": text_answer("handed in")}
        self.client.post(f"{self.home}/answers", {"changes": [change]}, JSON)
        self.assertEqual(len(self.log()), 1)

    def test_what_comes_after_closing_is_noted_too(self) -> None:
        self.world.handout.open = False
        self.world.handout.save()
        change = {"field_id": "box1", "revision": 1, "answer": text_answer("late")}
        refused = self.client.post(f"{self.home}/answers", {"changes": [change]}, JSON)
        self.assert_error(refused, 409, "handout.closed")
        self.assertEqual((self.log(), self.stands()), ([("late", False, True)], None))

    def test_nobody_fills_the_log_with_what_is_late(self) -> None:
        self.hand_in_elsewhere()
        with mock.patch.object(answer, "MOST_LATE", 2):
            for number in range(4):
                change = {"field_id": "box1", "revision": 1, "answer": text_answer(f"late {number}")}
                noted = self.client.post(f"{self.home}/answers", {"changes": [change]}, JSON).json()["changes"]
        self.assertEqual(noted[0]["refused"]["code"], "answer.too_many_late")
        self.assertEqual(len(self.log()), 3)

    def test_the_age_of_an_answer_counts_from_when_its_request_began_to_come(self) -> None:
        begun = timezone.now() - timedelta(seconds=30)
        with mock.patch("server.entrance.arrival.timezone.now", return_value=begun):
            change = {"field_id": "box1", "revision": 1, "answer": text_answer("held up"), "age": 1000}
            self.client.post(f"{self.home}/answers", {"changes": [change]}, JSON)
        self.assertEqual(self.copy.answers.get().typed_at, begun - timedelta(seconds=1))


deliveries = st.lists(
    st.tuples(st.sampled_from(["tablet", "laptop"]), st.integers(1, 6), st.floats(0, 5)), min_size=1, max_size=14
)


class AnyOrder(HypothesisCase):
    """A network that loses nothing for ever, but delays and repeats whatever it likes."""

    @settings(max_examples=60)
    @given(deliveries)
    def test_of_one_device_the_last_it_typed_stands_and_everything_is_in_the_log(
        self, deliveries: list[tuple[str, int, float]]
    ) -> None:
        Copy.objects.all().delete()
        copy = make_world(f"teacher{Copy.objects.count()}").ama
        for device, order, held_up in deliveries:
            change = sent(f"{device} {order}", order, device=device, revision=order, seconds_ago=held_up)
            save_answers(copy.pk, [change], timezone.now())
        stands = copy.answers.get()
        device, order = stands.value["text"].split()
        self.assertEqual(int(order), max(each for name, each, _ in deliveries if name == device))
        logged = {change.value["text"] for change in copy.changes.all()}
        self.assertEqual(logged, {f"{name} {each}" for name, each, _ in deliveries})


class HandingInMeanwhile(WorldCase):
    def test_what_is_saved_while_the_marks_are_made_is_handed_in_and_marked(self) -> None:
        """The marks are made before anything is locked; that nothing has changed since is a condition."""
        copy = self.world.ama
        write(copy, box1="kelp")
        tries: list[int] = []

        def save_first(*parts: Any) -> Any:
            marks = marks_now(*parts)
            if not tries:
                write(copy, revision=2, box1="bladderwrack")
            tries.append(1)
            return marks

        with mock.patch.object(hand_in, "marks_now", save_first):
            hand_in.hand_in(copy.pk, [], timezone.now())
        self.assertEqual(len(tries), 2)
        mark = copy.marks.get(field_id="box1")
        self.assertEqual((mark.verdict, copy.answers.get().value["text"]), ("right", "bladderwrack"))

    def test_a_hand_in_that_fails_half_way_has_done_nothing(self) -> None:
        copy = self.world.ama
        change = sent("bladderwrack", order=1)
        broken = mock.patch("server.copies.flows.write.StoredMark.objects.bulk_create", side_effect=RuntimeError)
        with broken, self.assertRaises(RuntimeError):
            hand_in.hand_in(copy.pk, [change], timezone.now())
        copy.refresh_from_db()
        self.assertEqual((copy.handed_in_at, copy.answers.count(), copy.changes.count()), (None, 0, 0))

    def test_a_save_that_fails_half_way_has_done_nothing(self) -> None:
        copy = self.world.ama
        broken = mock.patch("server.copies.flows.write._ANSWER", "INSERT INTO nowhere VALUES (%s, %s, %s, %s, %s, %s)")
        with broken, self.assertRaises(Exception):  # noqa: B017 (each database has its own)
            write(copy, box1="bladderwrack")
        self.assertEqual((copy.answers.count(), copy.changes.count()), (0, 0))
