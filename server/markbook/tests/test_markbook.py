import uuid
from fractions import Fraction
from typing import Any

from django.utils import timezone

from server.copies.flows.hand_in import hand_in
from server.copies.flows.marking import marker_of, marks_now
from server.handouts.flows.documents import marked_by, read_keys
from server.testing.world import JSON, WorldCase, joined, student_client, teacher_client, write
from server.worksheets.flows.freeze import read_edition


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
        joined(self.world.handout, "Zoe Quill")
        self.done(box1="Bladderwrack", box2="4.8", box3="under a stone")
        results = self.results()
        self.assertEqual([row["name"] for row in results["rows"]], ["Ama Lindqvist", "Zoe Quill"])
        self.assertEqual([field["field_id"] for field in results["questions"]], ["box1", "box2", "box3", "box4"])
        self.assertEqual([field["number"] for field in results["questions"]], ["1", "2", "3", "4"])
        self.assertEqual((results["points"], results["opinions"]), ("5", []))
        ama, zoe = results["rows"]
        self.assertEqual([mark["verdict"] for mark in ama["marks"]], ["right", "right", "teacher", "blank"])
        self.assertEqual((ama["total"], ama["waiting"]), ("3", 1))
        self.assertEqual((zoe["handed_in_at"], zoe["saved_at"], zoe["total"]), (None, None, "0"))

    def test_a_copy_in_the_making_is_marked_as_it_stands(self) -> None:
        write(self.copy, box1="bladderwrack")
        self.assertEqual(self.results()["rows"][0]["marks"][0]["verdict"], "right")

    def test_stored_marks_can_be_computed_again_to_the_same(self) -> None:
        self.done(box1="kelp", box2="4.8", box3="x")
        keys = marked_by(self.copy.handout).keys
        stored = {mark.field_id: (mark.verdict, Fraction(mark.earned), mark.reason) for mark in self.copy.marks.all()}
        again = {
            mark.ref.field: (mark.mark.verdict.value, mark.earned, mark.mark.reason.words)
            for mark in marks_now(self.copy, self.copy.answers.all(), marker_of(self.copy.handout, keys))
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
            write(joined(self.world.handout, f"Student {number}"), box1="limpet")
        with self.assertNumQueries(14):
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
        self.assertEqual(review["answers"][0]["answer"], {"kind": "answer_box", "version": 1, "text": "kelp"})
        self.assertEqual(review["document"]["keys"]["box1"]["text"], "bladderwrack")
        self.assertEqual(review["row"]["marks"][0]["reason"], "not the words of the key")

    def test_one_goes_from_copy_to_copy(self) -> None:
        bao = joined(self.world.handout, "Bao Okafor")
        review = self.review()
        self.assertEqual((review["previous"], review["next"]), (None, str(bao.pk)))

    def test_a_student_may_go_on_after_all(self) -> None:
        self.done(box1="kelp")
        review = self.client.post(f"/api/copies/{self.copy.pk}/let-go-on").json()
        self.assertIsNone(review["row"]["handed_in_at"])
        self.copy.refresh_from_db()
        write(self.copy, revision=2, box1="bladderwrack")
        self.assertEqual(self.review()["row"]["marks"][0]["verdict"], "right")


class NewestKey(Markbook):
    def change_key(self, field_id: str, text: str) -> None:
        worksheet = self.world.worksheet
        worksheet.refresh_from_db()
        key = {"kind": "answer_box", "text": text}
        edits = [{"op": "set_key", "field_id": field_id, "key": key}]
        body = {"revision": worksheet.revision, "batch": str(uuid.uuid4()), "edits": edits}
        self.client.post(f"/api/worksheets/{worksheet.pk}/edits", body, JSON)

    def mark_again(self) -> Any:
        return self.client.post(f"/api/handouts/{self.world.handout.pk}/newest-key").json()

    def test_what_was_handed_in_is_marked_by_the_new_key_and_only_that_changes(self) -> None:
        self.done(box1="kelp", box4="goby")
        before = {mark.field_id: mark.pk for mark in self.copy.marks.all()}
        self.assertTrue(self.results()["key_is_newest"])
        self.change_key("box1", "kelp")
        self.assertFalse(self.results()["key_is_newest"])
        self.assertEqual(self.results()["rows"][0]["marks"][0]["verdict"], "wrong")
        answer = self.mark_again()
        self.assertEqual(answer["changed"], 1)
        self.assertEqual(answer["results"]["rows"][0]["marks"][0]["verdict"], "right")
        self.assertTrue(answer["results"]["key_is_newest"])
        after = {mark.field_id: mark.pk for mark in self.copy.marks.all()}
        self.assertEqual([name for name in before if before[name] != after[name]], ["box1"])
        self.assertEqual(self.mark_again()["changed"], 0)

    def test_who_is_still_working_is_checked_by_the_new_key_too(self) -> None:
        self.change_key("box1", "kelp")
        self.mark_again()
        write(self.copy, box1="kelp")
        self.assertEqual(self.results()["rows"][0]["marks"][0]["verdict"], "right")
        self.assertEqual(self.review()["document"]["keys"]["box1"]["text"], "kelp")

    def test_what_the_teacher_decided_stands(self) -> None:
        self.done(box3="under a stone")
        self.overrule(earned=0.5)
        self.change_key("box3", "in the sand")
        marks = self.mark_again()["results"]["rows"][0]["marks"]
        self.assertEqual((marks[2]["verdict"], marks[2]["earned"]), ("partly", "½"))

    def test_other_changes_of_the_worksheet_do_not_reach_the_students(self) -> None:
        worksheet = self.world.worksheet
        edits = [{"op": "rename", "title": "Another title"}, {"op": "remove", "field_id": "box4"}]
        body = {"revision": worksheet.revision, "batch": str(uuid.uuid4()), "edits": edits}
        self.client.post(f"/api/worksheets/{worksheet.pk}/edits", body, JSON)
        self.assertTrue(self.results()["key_is_newest"])
        self.mark_again()
        sheet = student_client(self.copy).get(f"/c/{self.copy.pk}/copy").json()["sheet"]
        self.assertEqual((sheet["title"], len(sheet["prompts"])), ("Rock pools", 4))

    def test_the_cost_of_a_try_changes_what_was_handed_in(self) -> None:
        self.world.handout.may_check = True
        self.world.handout.save()
        write(self.copy, revision=1, box1="kelp")
        student_client(self.copy).post(f"/c/{self.copy.pk}/check", {"field_id": "box1"}, JSON)
        write(self.copy, revision=2, box1="bladderwrack")
        hand_in(self.copy.pk, [], timezone.now())
        self.assertEqual(self.results()["rows"][0]["total"], "1")
        self.client.patch(f"/api/handouts/{self.world.handout.pk}", {"try_cost": 50}, JSON)
        self.assertEqual(self.results()["rows"][0]["total"], "½")


class Together(Markbook):
    def group(self, **group: Any) -> None:
        """Change the groups, as if it had been handed out with them."""
        groups = [{"id": "group1", "fields": ["box1", "box4"]} | group]
        edition, keys = self.world.handout.edition, self.world.handout.key_sets.get()
        edition.document["groups"] = keys.value["groups"] = groups
        edition.save()
        keys.save()
        for remembered in (read_edition, read_keys):
            remembered.cache_clear()
            self.addCleanup(remembered.cache_clear)

    def marks(self) -> list[tuple[str, str]]:
        return [(mark["verdict"], mark["earned"]) for mark in self.results()["rows"][0]["marks"]]

    def test_all_or_nothing_counts_what_the_teacher_decides_too(self) -> None:
        self.group(all_or_nothing=True)
        self.done(box1="bladderwrack", box4="crab")
        marks = self.results()["rows"][0]["marks"]
        self.assertEqual((marks[0]["verdict"], marks[0]["earned"]), ("right", "0"))
        self.assertIn("counts only together", marks[0]["reason"])
        self.overrule(field_id="box4", earned="all")
        self.assertEqual([self.marks()[place] for place in (0, 3)], [("right", "1"), ("right", "1")])

    def test_a_point_spread_over_three_boxes_is_given_whole(self) -> None:
        self.group(fields=["box1", "box3", "box4"], points=1)
        self.done(box1="bladderwrack", box3="x", box4="goby")
        self.assertEqual(self.results()["points"], "3")
        self.assertEqual(self.results()["rows"][0]["total"], "⅔")
        self.overrule(field_id="box3", earned="all")
        self.assertEqual(self.results()["rows"][0]["total"], "1")
        self.overrule(field_id="box3", earned="half")
        self.assertEqual(self.marks()[2], ("partly", "0.17"))

    def test_an_opinion_has_no_mark_and_cannot_be_checked_or_overruled(self) -> None:
        edition = self.world.handout.edition
        edition.document["fields"][2]["points"] = 0
        edition.save()
        read_edition.cache_clear()
        self.addCleanup(read_edition.cache_clear)
        self.world.handout.may_check = True
        self.world.handout.save()
        self.done(box3="I like it")
        results = self.results()
        self.assertEqual((results["opinions"], len(results["rows"][0]["marks"])), (["3"], 3))
        self.assertEqual(self.overrule(earned=1).status_code, 422)
        self.client.post(f"/api/copies/{self.copy.pk}/let-go-on")
        answer = student_client(self.copy).post(f"/c/{self.copy.pk}/check", {"field_id": "box3"}, JSON)
        self.assert_error(answer, 422, "check.opinion")
