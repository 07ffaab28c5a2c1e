"""Results of fields of several parts, and answers that are accepted once for everybody."""

from datetime import timedelta
from typing import Any

from django.utils import timezone

from server.copies.flows.answer import Change, save_answers
from server.copies.flows.hand_in import hand_in
from server.copies.models import Copy
from server.entrance.errors import Busy
from server.handouts.flows.correct import TRIES, correct
from server.handouts.flows.documents import marked_by
from server.testing.parts import HAUL, PartsCase, entry
from server.testing.world import JSON, joined, teacher_client, text_answer
from velum.document.key_set import KeySet
from velum.kinds.answer_box import AnswerBoxKey
from velum.kinds.tests.made_up import FIRST, SECOND


class PartsInTheBook(PartsCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)

    def hand_in(self, copy: Copy, **words: str) -> None:
        now, no_time = timezone.now(), timedelta(0)
        changes = [
            Change("box1", 1, text_answer(text), no_time)
            if name == "box1"
            else Change(HAUL.id, 1, entry(text), no_time, entry=name)
            for name, text in words.items()
        ]
        save_answers(copy.pk, changes, now)
        hand_in(copy.pk, [], now)

    def results(self) -> Any:
        return self.client.get(f"/api/handouts/{self.handout.pk}/results").json()

    def marks(self, row: int = 0) -> dict[tuple[str, str], tuple[str, str]]:
        marks = self.results()["rows"][row]["marks"]
        return {(mark["field_id"], mark["part"]): (mark["verdict"], mark["earned"]) for mark in marks}

    def overrule(self, **ruling: Any) -> Any:
        return self.client.post(f"/api/copies/{self.copy.pk}/overrules", {"field_id": HAUL.id} | ruling, JSON)

    def accept(self, copy: Copy, field_id: str = HAUL.id, part: str = "") -> Any:
        return self.client.post(f"/api/copies/{copy.pk}/accepted", {"field_id": field_id, "part": part}, JSON)

    def test_each_part_has_its_number_and_its_mark(self) -> None:
        self.hand_in(self.copy, **{FIRST: "whelk", SECOND: "goby"})
        results = self.results()
        asked = [(question["part"], question["number"]) for question in results["questions"]]
        self.assertEqual(asked, [("", "1"), (FIRST, "2"), (SECOND, "3")])
        self.assertEqual(results["points"], "4")
        self.assertEqual(
            self.marks(),
            {("box1", ""): ("blank", "0"), (HAUL.id, FIRST): ("right", "1"), (HAUL.id, SECOND): ("wrong", "0")},
        )

    def test_a_part_is_overruled_and_the_others_stay(self) -> None:
        self.hand_in(self.copy, **{FIRST: "whelk", SECOND: "goby"})
        review = self.overrule(part=SECOND, earned="half").json()
        self.assertEqual(self.marks()[HAUL.id, SECOND], ("partly", "1"))
        self.assertEqual(self.marks()[HAUL.id, FIRST], ("right", "1"))
        self.assertEqual([(ruling["part"], ruling["earned"]) for ruling in review["record"]], [(SECOND, "1")])
        self.assertEqual(self.overrule(part="slot9", earned=0).status_code, 404)
        self.assert_error(self.overrule(part=FIRST, earned=2), 422, "overrule.range")

    def test_the_answer_is_shown_whole(self) -> None:
        self.hand_in(self.copy, **{SECOND: "goby", FIRST: "whelk"})
        (answer,) = self.client.get(f"/api/copies/{self.copy.pk}").json()["answers"]
        self.assertEqual([name for name, _ in answer["answer"]["found"]], [FIRST, SECOND])

    def test_what_is_accepted_once_is_right_for_everybody(self) -> None:
        other = joined(self.handout, "Cleo Marchetti")
        self.hand_in(self.copy, **{SECOND: "green crab"})
        self.hand_in(other, **{SECOND: "green crab"})
        before = (self.worksheet.revision, self.worksheet.document, self.handout.edition.document)
        accepted = self.accept(other, part=SECOND)
        self.assertEqual((accepted.status_code, accepted.json()["changed"]), (201, 2))
        for row in (0, 1):
            self.assertEqual(self.marks(row)[HAUL.id, SECOND], ("right", "2"))
        self.worksheet.refresh_from_db()
        self.handout.edition.refresh_from_db()
        self.assertEqual((self.worksheet.revision, self.worksheet.document, self.handout.edition.document), before)
        record = self.handout.key_sets.get(place=1)
        self.assertEqual((record.by, record.why), (self.world.maren, "accepted"))
        self.assertTrue(self.results()["key_is_newest"], "an accepted answer is no newer key of the worksheet")

    def test_what_is_accepted_counts_for_who_hands_in_later(self) -> None:
        self.hand_in(self.copy, box1="top shell")
        self.assertEqual(self.accept(self.copy, "box1").json()["changed"], 1)
        self.assertEqual(self.accept(self.copy, "box1").json()["changed"], 0)
        self.assertEqual(self.handout.key_sets.count(), 2)
        later = joined(self.handout, "Cleo Marchetti")
        self.hand_in(later, box1="Top shell")
        self.assertEqual(self.marks(1)["box1", ""], ("right", "1"))

    def test_what_cannot_be_a_key_is_refused_and_nothing_is_changed(self) -> None:
        self.hand_in(self.copy, **{FIRST: "whelk"})
        self.assert_error(self.accept(self.copy, "box1"), 422, "accept.no_key")
        self.assert_error(self.accept(self.copy, part=SECOND), 422, "accept.no_key")
        self.assertEqual(self.accept(self.copy, part="slot9").status_code, 404)
        self.assertEqual(self.handout.key_sets.count(), 1)


class Correcting(PartsCase):
    def test_two_corrections_at_once_are_both_kept(self) -> None:
        inside: list[int] = []

        def accepting(words: str) -> Any:
            def change(keys: KeySet) -> KeySet:
                if words == "limpets" and not inside:
                    inside.append(1)
                    correct(self.handout, self.world.maren, "accepted", accepting("patella"))
                before = keys.keys["box1"]
                assert isinstance(before, AnswerBoxKey)
                return keys.with_key("box1", before.changed(also=(*before.also, words)))

            return change

        self.assertTrue(correct(self.handout, self.world.maren, "accepted", accepting("limpets")))
        key = marked_by(self.handout).keys.keys["box1"]
        self.assertEqual(key, AnswerBoxKey(text="limpet", also=("patella", "limpets")))
        self.assertEqual(list(self.handout.key_sets.values_list("place", flat=True)), [0, 1, 2])

    def test_who_is_always_overtaken_is_told_so(self) -> None:
        def change(keys: KeySet) -> KeySet:
            place = self.handout.key_sets.count()
            self.handout.key_sets.create(place=place, value=self.handout.key_sets.get(place=0).value, why="accepted")
            return keys.with_key("box1", AnswerBoxKey(text=f"limpet {place}"))

        with self.assertRaises(Busy):
            correct(self.handout, self.world.maren, "accepted", change)
        self.assertEqual(self.handout.key_sets.count(), 1 + TRIES)


class Names(PartsCase):
    def test_students_stand_where_people_look_for_them(self) -> None:
        for name in ("Zoe Quill", "Émile Durand", "Emil Anders", "Student 10", "Student 9", "øyvind Berg"):
            joined(self.handout, name)
        teacher = teacher_client(self.world.maren)
        rows = teacher.get(f"/api/handouts/{self.handout.pk}/results").json()["rows"]
        names = ["Bao Okafor", "Emil Anders", "Émile Durand", "øyvind Berg", "Student 9", "Student 10", "Zoe Quill"]
        self.assertEqual([row["name"] for row in rows], names)
        review = teacher.get(f"/api/copies/{rows[1]['id']}").json()
        self.assertEqual((review["previous"], review["next"]), (rows[0]["id"], rows[2]["id"]))
