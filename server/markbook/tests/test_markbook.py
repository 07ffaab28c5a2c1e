from fractions import Fraction
from typing import Any

from django.utils import timezone

from server.copies.flows.hand_in import hand_in
from server.copies.flows.join import join
from server.copies.flows.marking import marks_now
from server.testing.world import JSON, WorldCase, student_client, teacher_client, write


class Markbook(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.copy = self.world.ama

    def results(self) -> Any:
        return self.client.get(f"/api/handouts/{self.world.handout.pk}/results").json()

    def review(self) -> Any:
        return self.client.get(f"/api/copies/{self.copy.pk}").json()

    def overrule(self, **body: Any) -> Any:
        return self.client.post(f"/api/copies/{self.copy.pk}/overrules", {"field_id": "box3"} | body, JSON)

    def done(self, **texts: str) -> None:
        write(self.copy, 1, 0, **texts)
        hand_in(self.copy.pk, [], timezone.now())


class Results(Markbook):
    def test_everybody_who_joined_stands_by_name_with_their_marks(self) -> None:
        join(self.world.handout, "Zoe Quill")
        self.done(box1="Bladderwrack", box2="4.8", box3="under a stone")
        results = self.results()
        self.assertEqual([row["name"] for row in results["rows"]], ["Ama Lindqvist", "Zoe Quill"])
        self.assertEqual((results["fields"], results["points"]), (["box1", "box2", "box3", "box4"], "5"))
        ama, zoe = results["rows"]
        self.assertEqual([mark["verdict"] for mark in ama["marks"]], ["right", "right", "teacher", "blank"])
        self.assertEqual((ama["total"], ama["waiting"]), ("3", 1))
        self.assertEqual((zoe["handed_in_at"], zoe["saved_at"], zoe["total"]), (None, None, "0"))

    def test_a_copy_in_the_making_is_marked_as_it_stands(self) -> None:
        write(self.copy, box1="bladderwrack")
        self.assertEqual(self.results()["rows"][0]["marks"][0]["verdict"], "right")

    def test_stored_marks_can_be_computed_again_to_the_same(self) -> None:
        self.done(box1="kelp", box2="4.8", box3="x")
        stored = {mark.field_id: (mark.verdict, Fraction(mark.earned), mark.reason) for mark in self.copy.marks.all()}
        again = {
            mark.field_id: (mark.mark.verdict.value, mark.earned, mark.mark.reason.words)
            for mark in marks_now(self.copy, self.copy.answers.all())
        }
        self.assertEqual(stored, again)

    def test_tries_before_the_right_one_are_counted(self) -> None:
        self.world.handout.may_check = True
        self.world.handout.save()
        student = student_client(self.copy)
        for revision, text in enumerate(("kelp", "wrack", "bladderwrack"), start=1):
            write(self.copy, revision=revision, box1=text)
            student.post(f"/c/{self.copy.pk}/check", {"field_id": "box1"}, JSON)
        self.assertEqual(self.results()["rows"][0]["marks"][0]["tries"], 2)

    def test_many_copies_cost_no_more_queries(self) -> None:
        for number in range(12):
            write(join(self.world.handout, f"Student {number}"), box1="limpet")
        with self.assertNumQueries(8):
            self.results()


class Overruling(Markbook):
    def test_a_mark_is_overruled_and_counts(self) -> None:
        self.done(box3="under a stone")
        review = self.overrule(earned=0.5, note="half a reason").json()
        mark = review["row"]["marks"][2]
        self.assertEqual((mark["verdict"], mark["earned"], mark["reason"]), ("partly", "½", "half a reason"))
        self.assertTrue(mark["overruled"])
        self.assertEqual((review["row"]["total"], review["row"]["waiting"]), ("½", 0))

    def test_every_change_is_on_record(self) -> None:
        self.done(box3="under a stone")
        self.overrule(earned=1)
        self.overrule(earned=0, note="copied")
        record = self.overrule(earned=None).json()["record"]
        self.assertEqual(
            [(ruling["earned"], ruling["note"]) for ruling in record], [("1", ""), ("0", "copied"), (None, "")]
        )
        self.assertEqual({ruling["by"] for ruling in record}, {"maren@gullhaven.example"})

    def test_a_mark_can_be_given_back_to_the_machine(self) -> None:
        self.done(box1="kelp")
        self.overrule(field_id="box1", earned=1)
        mark = self.overrule(field_id="box1", earned=None).json()["row"]["marks"][0]
        self.assertEqual((mark["verdict"], mark["earned"], mark["overruled"]), ("wrong", "0", False))

    def test_marks_out_of_range_are_refused(self) -> None:
        for earned, code in ((1.25, "overrule.range"), (-1, "request.invalid"), (0.1, "request.invalid")):
            with self.subTest(earned):
                self.assert_error(self.overrule(earned=earned), 422, code)
        self.assert_error(self.overrule(field_id="gone", earned=1), 404, "field.missing")
        self.assertEqual(self.copy.overrules.count(), 0)

    def test_a_decision_outlives_handing_in_again(self) -> None:
        self.done(box1="kelp")
        self.overrule(field_id="box1", earned=1)
        self.client.post(f"/api/copies/{self.copy.pk}/let-go-on")
        hand_in(self.copy.pk, [], timezone.now())
        self.assertEqual(self.review()["row"]["marks"][0]["verdict"], "right")


class Reviewing(Markbook):
    def test_a_copy_is_shown_as_its_student_left_it(self) -> None:
        self.done(box1="kelp")
        review = self.review()
        self.assertEqual(review["answers"][0]["answer"], {"kind": "answer_box", "text": "kelp"})
        self.assertEqual(review["document"]["keys"]["box1"]["text"], "bladderwrack")
        self.assertEqual(review["row"]["marks"][0]["reason"], "not the words of the key")

    def test_one_goes_from_copy_to_copy(self) -> None:
        bao = join(self.world.handout, "Bao Okafor")
        review = self.review()
        self.assertEqual((review["previous"], review["next"]), (None, str(bao.pk)))

    def test_a_student_may_go_on_after_all(self) -> None:
        self.done(box1="kelp")
        review = self.client.post(f"/api/copies/{self.copy.pk}/let-go-on").json()
        self.assertIsNone(review["row"]["handed_in_at"])
        self.copy.refresh_from_db()
        write(self.copy, revision=2, box1="bladderwrack")
        self.assertEqual(self.review()["row"]["marks"][0]["verdict"], "right")
