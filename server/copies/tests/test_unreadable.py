"""Answers and tries of another shape than this release knows stop nothing: they are kept, and both are told."""

from typing import Any

from django.utils import timezone

from server.copies.flows.hand_in import hand_in
from server.copies.models import Answer, Try
from server.testing.world import JSON, WorldCase, student_client, teacher_client, write
from server.worksheets.documents import written
from server.worksheets.flows.freeze import read_edition
from velum.document.key_set import key_set_of
from velum.document.reading import write_key_set
from velum.document.tests.examples import a_document
from velum.kinds.choice import CHOICE, ChoiceKey

OF_TOMORROW: dict[str, Any] = {"kind": "answer_box", "version": 2, "ink": [[1, 2], [3, 4]]}


class Unreadable(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        self.world.handout.may_check = True
        self.world.handout.save()
        write(self.copy, box1="kelp", box2="4.80")
        Answer.objects.filter(copy=self.copy, field_id="box1").update(value=OF_TOMORROW)
        Try.objects.create(copy=self.copy, field_id="box1", value=OF_TOMORROW, verdict="wrong", reason="other words")
        self.student = student_client(self.copy)
        self.teacher = teacher_client(self.world.maren)

    def test_the_sheet_opens_and_says_which_answer_cannot_be_shown(self) -> None:
        self.assertEqual(self.student.get(f"/c/{self.copy.pk}/").status_code, 200)
        saved = self.student.get(f"/c/{self.copy.pk}/copy").json()
        answers = {answer["field_id"]: answer["answer"] for answer in saved["answers"]}
        self.assertIsNone(answers["box1"])
        self.assertEqual(answers["box2"]["text"], "4.80")
        self.assertEqual([checked["answer"] for checked in saved["checked"]], [None])

    def test_it_is_handed_in_and_marked_but_for_that_answer(self) -> None:
        hand_in(self.copy.pk, [], timezone.now())
        marks = {mark.field_id: mark.reason_code for mark in self.copy.marks.all()}
        self.assertEqual((marks["box1"], marks["box2"]), ("answer.unreadable", "same_value"))
        row = self.teacher.get(f"/api/handouts/{self.world.handout.pk}/results").json()["rows"][0]
        self.assertEqual([mark["verdict"] for mark in row["marks"]][:2], ["teacher", "right"])

    def test_the_teacher_sees_what_is_kept(self) -> None:
        self.assertEqual(self.teacher.get(f"/copies/{self.copy.pk}/").status_code, 200)
        review = self.teacher.get(f"/api/copies/{self.copy.pk}").json()
        (kept,) = [answer for answer in review["answers"] if answer["field_id"] == "box1"]
        self.assertIsNone(kept["answer"])
        self.assertIn('"ink"', kept["kept"])

    def test_checking_it_hands_it_to_the_teacher(self) -> None:
        answer = self.student.post(f"/c/{self.copy.pk}/check", {"field_id": "box1"}, JSON)
        self.assertEqual((answer.status_code, answer.json()["verdict"]), (200, "teacher"))

    def test_it_can_be_answered_anew(self) -> None:
        write(self.copy, revision=2, box1="bladderwrack")
        self.assertEqual(self.copy.answers.get(field_id="box1").value["text"], "bladderwrack")

    def test_a_class_is_marked_again_past_it(self) -> None:
        hand_in(self.copy.pk, [], timezone.now())
        self.copy.marks.all().delete()
        self.assertEqual(self.teacher.post(f"/api/handouts/{self.world.handout.pk}/newest-key").json()["changed"], 4)


class OfYesterday(WorldCase):
    """What was answered before options had ids."""

    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        field, key = CHOICE.example[0], ChoiceKey(picked=("opt01",))
        document = a_document().changed(fields=(field,), keys={field.id: key})
        self.world.handout.key_sets.create(place=1, value=write_key_set(key_set_of(document)), why="newest_key")
        edition = self.world.handout.edition
        edition.document = written(document)["document"]
        edition.save()
        read_edition.cache_clear()
        self.addCleanup(read_edition.cache_clear)
        by_place = {"kind": "choice", "picked": [1]}
        Answer.objects.create(copy=self.copy, field_id=field.id, revision=1, value=by_place, typed_at=timezone.now())

    def test_it_is_shown_and_marked_as_it_was_meant(self) -> None:
        (saved,) = student_client(self.copy).get(f"/c/{self.copy.pk}/copy").json()["answers"]
        self.assertEqual(saved["answer"], {"kind": "choice", "version": 2, "picked": ["opt01"]})
        hand_in(self.copy.pk, [], timezone.now())
        self.assertEqual(self.copy.marks.get().verdict, "right")

    def test_a_device_that_still_says_places_is_understood(self) -> None:
        student = student_client(self.copy)
        change = {"field_id": "choice1", "revision": 2, "answer": {"kind": "choice", "picked": [0]}}
        (outcome,) = student.post(f"/c/{self.copy.pk}/answers", {"changes": [change]}, JSON).json()["changes"]
        self.assertEqual(outcome["answer"]["picked"], ["opt00"])
