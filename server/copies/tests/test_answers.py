import json
from typing import Any
from unittest import mock

from django.db import connection
from django.utils import timezone
from django.utils.translation import override

from server.copies.flows import answer
from server.copies.flows import check as check_flow
from server.copies.flows import mark_again as again
from server.copies.flows.hand_in import hand_in, let_go_on
from server.copies.flows.mark_again import mark_again
from server.copies.flows.marking import reason_of
from server.copies.flows.read import read_answers
from server.copies.flows.write import Overtaken
from server.copies.flows.write import write as really_write
from server.copies.models import Answer, AnswerChange, Copy
from server.entrance.errors import Busy, Conflict
from server.handouts.flows.documents import marked_by
from server.handouts.models import Handout
from server.markbook.flows.results import copies_with_marks
from server.testing.made_up_words import made_up
from server.testing.world import JSON, SECRET, WorldCase, joined, student_client, text_answer, write
from server.words.say import say
from server.worksheets.flows.freeze import read_edition
from velum.marking.copies import Marker
from velum.sentence import Sentence


class Saving(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        self.client = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}"

    def send(self, *changes: dict[str, Any]) -> Any:
        return self.client.post(f"{self.home}/answers", {"changes": changes}, JSON)

    def stands(self, field_id: str) -> str | None:
        answers = {answer.field_id: answer.value["text"] for answer in self.copy.answers.all()}
        return answers.get(field_id)

    def test_what_is_written_is_kept_and_comes_back(self) -> None:
        answer = self.send({"field_id": "box1", "revision": 1, "answer": text_answer("limpet"), "age": 40})
        self.assertEqual(
            answer.json()["changes"],
            [{"field_id": "box1", "entry": "", "revision": 1, "answer": text_answer("limpet"), "refused": None}],
        )
        saved = self.client.get(f"{self.home}/copy").json()["answers"]
        self.assertEqual(saved, [{"field_id": "box1", "entry": "", "revision": 1, "answer": text_answer("limpet")}])

    def test_a_save_sent_again_does_no_harm(self) -> None:
        for _ in range(3):
            write(self.copy, revision=1, box1="limpet")
        self.assertEqual(self.stands("box1"), "limpet")
        self.assertEqual(AnswerChange.objects.filter(copy=self.copy).count(), 1)

    def test_a_late_old_save_does_not_overwrite_a_newer_one(self) -> None:
        write(self.copy, revision=2, box1="limpet")
        outcome = write(self.copy, revision=1, seconds_ago=600, box1="lim")[0]
        self.assertEqual((self.stands("box1"), outcome.value), ("limpet", text_answer("limpet")))

    def test_of_two_devices_what_was_typed_last_stands(self) -> None:
        write(self.copy, revision=5, seconds_ago=60, box1="on the tablet")
        outcome = write(self.copy, revision=3, seconds_ago=2, box1="on the laptop")[0]
        self.assertEqual(self.stands("box1"), "on the laptop")
        self.assertEqual(outcome.revision, 6)

    def test_what_did_not_stand_is_in_the_log_all_the_same(self) -> None:
        write(self.copy, revision=5, seconds_ago=1, box1="now")
        write(self.copy, revision=3, seconds_ago=900, box1="earlier")
        log = AnswerChange.objects.filter(copy=self.copy).order_by("pk").values_list("value__text", "kept")
        self.assertEqual(list(log), [("now", True), ("earlier", False)])

    def test_an_answer_emptied_is_a_change(self) -> None:
        write(self.copy, revision=1, box1="limpet")
        write(self.copy, revision=2, box1="")
        self.assertEqual(self.stands("box1"), "")

    def test_what_cannot_be_read_is_refused_and_the_rest_is_kept(self) -> None:
        write(self.copy, revision=1, box2="4.8")
        answer = self.send(
            {"field_id": "box1", "revision": 1, "answer": text_answer("limpet")},
            {"field_id": "box2", "revision": 2, "answer": {"kind": "answer_box", "text": ["4"]}},
            {"field_id": "gone", "revision": 1, "answer": text_answer("lost?")},
        )
        outcomes = {outcome["field_id"]: outcome["refused"] for outcome in answer.json()["changes"]}
        self.assertIsNone(outcomes["box1"])
        self.assertEqual(outcomes["box2"]["code"], "answer.refused")
        self.assertEqual(outcomes["gone"]["code"], "answer.no_field")
        self.assertEqual((self.stands("box1"), self.stands("box2")), ("limpet", "4.8"))

    def test_requests_that_make_no_sense_are_refused_whole(self) -> None:
        good = {"field_id": "box1", "revision": 1, "answer": text_answer("limpet")}
        for bad in ({"revision": 0}, {"revision": 1e12}, {"age": -5}, {"answer": "text"}, {"field_id": "x" * 33}):
            with self.subTest(bad):
                self.assert_error(self.send(good | bad), 422, "request.invalid")
        self.assert_error(self.send(*[good] * 2_001), 422, "request.invalid")

    def test_nothing_is_written_on_a_closed_handout(self) -> None:
        self.world.handout.open = False
        self.world.handout.save()
        answer = self.send({"field_id": "box1", "revision": 1, "answer": text_answer("late")})
        self.assert_error(answer, 409, "handout.closed")

    def test_forty_answers_cost_as_many_queries_as_one(self) -> None:
        write(self.copy, revision=1, box1="warm")
        tells = 2 * (connection.vendor == "postgresql")  # it is locked, and says that something was committed
        for revision, texts in enumerate(
            ({"box1": "a"}, dict.fromkeys(("box1", "box2", "box3", "box4"), "b")), start=2
        ):
            with self.subTest(texts), self.assertNumQueries(6 + tells):
                write(self.copy, revision, 0, **texts)

    def test_nothing_is_written_on_a_handout_closed_or_a_copy_gone_since_it_was_last_looked_at(self) -> None:
        write(self.copy, revision=1, box1="kelp")
        self.world.handout.open = False
        self.world.handout.save()
        with self.assertRaises(Conflict) as closed:
            write(self.copy, revision=2, box1="wrack")
        self.assertEqual((closed.exception.code, self.stands("box1")), ("handout.closed", "kelp"))
        Copy.objects.get(pk=self.copy.pk).delete()
        self.assert_error(
            self.send({"field_id": "box1", "revision": 3, "answer": text_answer("dulse")}), 404, "copy.missing"
        )

    def test_a_copy_handed_in_between_reading_and_writing_is_left_alone(self) -> None:
        def hand_in_first(*parts: Any) -> None:
            Copy.objects.filter(pk=self.copy.pk).update(handed_in_at=timezone.now())
            really_write(*parts)

        with mock.patch.object(answer, "write", hand_in_first), self.assertRaises(Conflict) as caught:
            write(self.copy, box1="late")
        self.assertEqual(caught.exception.code, "copy.handed_in")
        self.assertEqual(self.stands("box1"), None)
        self.assertEqual([change.late for change in AnswerChange.objects.all()], [True])

    def test_an_answer_changed_between_reading_and_writing_is_decided_anew(self) -> None:
        def another_tab_first(*parts: Any) -> None:
            if self.stands("box1") is None:
                Answer.objects.create(
                    copy=self.copy, field_id="box1", revision=4, value=text_answer("theirs"), typed_at=timezone.now()
                )
            really_write(*parts)

        with mock.patch.object(answer, "write", another_tab_first):
            outcome = write(self.copy, revision=2, seconds_ago=60, box1="mine, earlier")[0]
        self.assertEqual((self.stands("box1"), outcome.value), ("theirs", text_answer("theirs")))

    def test_answers_that_never_come_to_rest_are_sent_again_later(self) -> None:
        with mock.patch.object(answer, "write", side_effect=Overtaken), self.assertRaises(Busy):
            write(self.copy, box1="limpet")


class HandingIn(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        self.client = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}"

    def hand_in(self, *changes: dict[str, Any]) -> Any:
        return self.client.post(f"{self.home}/hand-in", {"changes": changes}, JSON)

    def test_the_last_words_go_with_it(self) -> None:
        answer = self.hand_in({"field_id": "box1", "revision": 1, "answer": text_answer("bladderwrack")})
        self.assertEqual(answer.status_code, 200)
        self.copy.refresh_from_db()
        self.assertIsNotNone(self.copy.handed_in_at)
        self.assertEqual(self.copy.answers.get().value["text"], "bladderwrack")
        marks = {mark.field_id: (mark.verdict, mark.earned) for mark in self.copy.marks.all()}
        self.assertEqual(
            marks, {"box1": ("right", "1"), "box2": ("blank", "0"), "box3": ("blank", "0"), "box4": ("blank", "0")}
        )

    def test_an_answer_that_is_refused_keeps_the_copy_open(self) -> None:
        self.assert_error(self.hand_in({"field_id": "box1", "revision": 1, "answer": {}}), 422, "answer.refused")
        self.copy.refresh_from_db()
        self.assertIsNone(self.copy.handed_in_at)

    def test_handing_in_twice_is_handing_in_once(self) -> None:
        first = self.hand_in().json()
        self.assertEqual(self.hand_in().json(), first)

    def test_what_is_handed_in_can_no_longer_be_changed(self) -> None:
        self.hand_in()
        change = {"field_id": "box1", "revision": 1, "answer": text_answer("late")}
        answer = self.client.post(f"{self.home}/answers", {"changes": [change]}, JSON)
        self.assert_error(answer, 409, "copy.handed_in")
        self.assertEqual(self.copy.answers.count(), 0)


class Checking(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copy = self.world.ama
        self.client = student_client(self.copy)
        self.home = f"/c/{self.copy.pk}"

    def check(self, field_id: str = "box1") -> Any:
        return self.client.post(f"/c/{self.copy.pk}/check", {"field_id": field_id}, JSON)

    def allow(self) -> None:
        self.world.handout.may_check = True
        self.world.handout.save()

    def test_checking_is_off_until_the_teacher_allows_it(self) -> None:
        write(self.copy, box1="bladderwrack")
        self.assert_error(self.check(), 422, "check.not_allowed")
        self.assertEqual(self.copy.tries.count(), 0)

    def test_a_student_learns_right_or_not_right_and_how_many_tries(self) -> None:
        self.allow()
        write(self.copy, revision=1, box1="kelp")
        self.assertEqual(self.check().json()["verdict"], "wrong")
        write(self.copy, revision=2, box1="Bladderwrack")
        answer = self.check().json()
        self.assertEqual((answer["verdict"], answer["tries"]), ("right", 2))
        self.assertEqual((answer["reason"], answer["hint"], answer["left"]), (None, None, None))
        self.assertNotIn("bladderwrack", str(answer).lower().replace("'text': 'bladderwrack'", ""))

    def settle(self, **settings: Any) -> None:
        Handout.objects.filter(pk=self.world.handout.pk).update(may_check=True, **settings)
        self.copy.refresh_from_db()

    def give_hints(self, **hints: str) -> None:
        """Write hints into the edition, as if they had been there when it was handed out."""
        edition = self.world.handout.edition
        for field in edition.document["fields"]:
            field["hint"] = hints.get(field["id"], "")
        edition.save()
        read_edition.cache_clear()

    def test_a_reason_and_a_hint_are_shown_where_the_teacher_lets_them(self) -> None:
        self.give_hints(box1="It has small bladders full of air.")
        self.settle(shows_reasons=True, shows_hints=True)
        write(self.copy, revision=1, box1="kelp")
        said = self.check().json()
        self.assertEqual(said["reason"], "not what was asked for")
        self.assertEqual(said["hint"], "It has small bladders full of air.")
        self.settle(shows_reasons=False, shows_hints=False)
        write(self.copy, revision=2, box1="wrack")
        said = self.check().json()
        self.assertEqual((said["reason"], said["hint"]), (None, None))
        self.assertNotIn("bladders", self.client.get(f"{self.home}/copy").content.decode())

    def test_a_right_answer_needs_no_hint(self) -> None:
        self.give_hints(box1="It has small bladders full of air.")
        self.settle(shows_hints=True)
        write(self.copy, box1="bladderwrack")
        self.assertIsNone(self.check().json()["hint"])

    def test_no_more_tries_than_the_teacher_allows(self) -> None:
        self.settle(tries_allowed=2)
        for revision, (text, left) in enumerate((("kelp", 1), ("wrack", 0)), start=1):
            write(self.copy, revision=revision, box1=text)
            self.assertEqual(self.check().json()["left"], left)
        write(self.copy, revision=3, box1="bladderwrack")
        self.assert_error(self.check(), 422, "check.no_tries_left")
        self.assertEqual(self.copy.tries.count(), 2)
        # Another question has tries of its own.
        write(self.copy, box4="goby")
        self.assertEqual(self.check("box4").json()["left"], 2)

    def test_the_same_answer_checked_again_is_no_other_try(self) -> None:
        self.settle(tries_allowed=2)
        write(self.copy, box1="kelp")
        self.assertEqual([self.check().json()["left"] for _ in range(3)], [1, 1, 1])
        self.assertEqual(self.copy.tries.count(), 1)

    def test_tries_cost_what_the_teacher_says(self) -> None:
        self.settle(try_cost=25)
        for revision, text in enumerate(("4", "5", "4.80"), start=1):
            write(self.copy, revision=revision, box2=text)
            self.check("box2")
        hand_in(self.copy.pk, [], timezone.now())
        mark = self.copy.marks.get(field_id="box2")
        self.assertEqual((mark.verdict, mark.earned, mark.points), ("right", "1", "2"))
        self.assertEqual(mark.reason, "equal in value; 2 tries before")
        self.assertEqual(say(reason_of(mark)), mark.reason)
        with override("ar-xb"):
            said = f"{made_up('equal in value')}; {made_up('{count} tries before').format(count=2)}"
            self.assertEqual(say(reason_of(mark)), said)
        mark.sentence = None  # a release that knew one language kept no more than its words
        self.assertEqual(reason_of(mark), Sentence("same_value", "equal in value; 2 tries before"))

    def test_what_waits_for_the_teacher_is_a_try_and_tells_nothing(self) -> None:
        """Otherwise the tries that are left would tell that an answer is near."""
        self.settle(tries_allowed=2, try_cost=50, shows_reasons=True)
        write(self.copy, revision=1, box1="bladerwrack")
        said = self.check().json()
        self.assertEqual(
            (said["verdict"], said["left"], said["reason"]), ("teacher", 1, "your teacher looks at this one")
        )
        write(self.copy, revision=2, box1="kelp")
        self.assertEqual(self.check().json()["left"], 0)

    def test_what_waits_for_the_teacher_costs_nothing(self) -> None:
        self.settle(try_cost=50)
        for revision, text in enumerate(("bladerwrack", "bladderwrack"), start=1):
            write(self.copy, revision=revision, box1=text)
            self.check()
        hand_in(self.copy.pk, [], timezone.now())
        mark = self.copy.marks.get(field_id="box1")
        self.assertEqual((mark.verdict, mark.earned), ("right", mark.points))

    def test_a_blank_has_no_verdict_and_is_no_try(self) -> None:
        self.allow()
        self.assertEqual(self.check().status_code, 204)
        write(self.copy, box1="  ")
        self.assertEqual(self.check().status_code, 204)
        self.assertEqual(self.copy.tries.count(), 0)

    def test_a_box_without_a_key_waits_for_the_teacher(self) -> None:
        self.allow()
        write(self.copy, box3="under a stone")
        self.assertEqual(self.check("box3").json()["verdict"], "teacher")

    def test_a_checked_copy_shows_its_verdicts_again_after_a_reload(self) -> None:
        self.allow()
        write(self.copy, box1="kelp")
        self.check()
        checked = self.client.get(f"/c/{self.copy.pk}/copy").json()["checked"]
        self.assertEqual([(mark["field_id"], mark["verdict"]) for mark in checked], [("box1", "wrong")])

    def test_two_checks_at_once_are_two_tries_and_no_more_than_are_allowed(self) -> None:
        """Each try has its place, so that the second sees the first."""
        self.settle(tries_allowed=1)
        write(self.copy, box1="kelp")
        inside: list[int] = []

        def the_other_first(*parts: Any) -> Any:
            answers = read_answers(*parts)
            if not inside:
                inside.append(1)
                write(self.copy, revision=2, box1="wrack")
                self.assertEqual(self.check().json()["left"], 0)
                write(self.copy, revision=3, box1="kelp")
            return answers

        with mock.patch.object(check_flow, "read_answers", the_other_first):
            self.assert_error(self.check(), 422, "check.no_tries_left")
        self.assertEqual(self.copy.tries.count(), 1)

    def test_a_check_marks_its_field_and_those_it_is_marked_with(self) -> None:
        self.settle()
        write(self.copy, box1="kelp", box2="4.80", box4="goby")
        with mock.patch.object(check_flow, "read_answers", wraps=read_answers) as read:
            self.check("box2")
        answers = read.call_args.args[1]
        self.assertEqual([answer.field_id for answer in answers], ["box2"])

    def test_nothing_is_marked_while_the_database_is_locked(self) -> None:
        self.settle()
        write(self.copy, box1="kelp")
        locked: list[bool] = []

        def marking(*parts: Any) -> Any:
            locked.append(connection.get_autocommit() is False and len(connection.savepoint_ids) > depth)
            return really_mark(*parts)

        depth, really_mark = len(connection.savepoint_ids), Marker.mark
        really_mark_part = Marker.mark_part

        def marking_part(*parts: Any) -> Any:
            locked.append(len(connection.savepoint_ids) > depth)
            return really_mark_part(*parts)

        with mock.patch.object(Marker, "mark", marking), mock.patch.object(Marker, "mark_part", marking_part):
            self.check()
            hand_in(self.copy.pk, [], timezone.now())
            mark_again(Handout.objects.get(pk=self.world.handout.pk))
        self.assertEqual(locked, [False] * 3)


class MarkingAgain(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.copies = [self.world.ama, *(joined(self.world.handout, name) for name in ("Bao Okafor", "Cleo Marchetti"))]
        for copy in self.copies:
            write(copy, box1="kelp")
            hand_in(copy.pk, [], timezone.now())
        # By another key everybody's first answer is right.
        self.handout = Handout.objects.get(pk=self.world.handout.pk)
        value = json.loads(json.dumps(self.handout.key_sets.get().value).replace(SECRET, "kelp"))
        self.handout.key_sets.create(place=1, value=value, why="newest_key")

    def verdicts(self) -> list[str]:
        return [copy.marks.get(field_id="box1").verdict for copy in self.copies]

    def shown(self) -> list[str]:
        rows = copies_with_marks(self.handout, marked_by(self.handout))
        return [mark.verdict.value for _, marks in rows for mark in marks if mark.ref.field == "box1"]

    def test_who_is_stopped_half_way_has_lost_nothing_and_goes_on(self) -> None:
        really_write = again._write
        written: list[int] = []

        def stopped(*parts: Any) -> None:
            if written:
                raise KeyboardInterrupt
            written.append(1)
            really_write(*parts)

        with (
            mock.patch.object(again, "_SLICE", 1),
            mock.patch.object(again, "_write", stopped),
            self.assertRaises(KeyboardInterrupt),
        ):
            mark_again(self.handout)
        self.assertEqual(sorted(self.verdicts()), ["right", "wrong", "wrong"])
        self.assertEqual(self.shown(), ["right"] * 3)  # whatever is stored, the key that counts is shown
        self.assertEqual(mark_again(self.handout), 2)
        self.assertEqual(self.verdicts(), ["right"] * 3)

    def test_a_copy_that_is_taken_back_and_handed_in_meanwhile_keeps_its_newer_marks(self) -> None:
        really_write = again._write

        def go_on_first(*parts: Any) -> None:
            let_go_on(self.world.maren, Copy.objects.get(pk=self.world.ama.pk), timezone.now())
            write(self.world.ama, revision=2, box1="goby")
            hand_in(self.world.ama.pk, [], timezone.now())
            really_write(*parts)

        with mock.patch.object(again, "_write", go_on_first):
            mark_again(self.handout)
        self.assertEqual(self.verdicts(), ["wrong", "right", "right"])
        self.assertEqual(self.shown(), ["wrong", "right", "right"])
