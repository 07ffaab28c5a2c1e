from concurrent.futures import ThreadPoolExecutor
from contextlib import suppress
from datetime import timedelta
from threading import Barrier, BrokenBarrierError
from typing import Any
from unittest import mock

from django.db import connection
from django.test import Client, TransactionTestCase
from django.utils import timezone

from server.classes.flows.enrol import leave
from server.classes.flows.make import make_class, settle_class
from server.classes.models import Enrolment
from server.copies.flows import join as flow
from server.copies.flows.hand_in import hand_in
from server.copies.flows.join import copy_for
from server.copies.models import Copy
from server.handouts.flows.hand_out import ANYBODY, To, hand_out_to
from server.handouts.models import Handout
from server.testing.world import (
    JSON,
    WorldCase,
    card_client,
    make_students,
    make_teacher,
    make_world,
    student_client,
    teacher_client,
    write,
)
from velum.shown_names import TREES


class Peg(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.kestrels = make_class(self.world.maren, "Kestrels")
        self.ama, self.bao = make_students(self.kestrels, "Ama Lindqvist", "Bao Okafor")
        self.client = card_client(self.ama)

    def hand_out(self, *to: To, **settings: Any) -> list[Handout]:
        return hand_out_to(self.world.maren, self.world.worksheet.pk, to or [To(self.kestrels.pk)], settings)

    def open(self, handout: Handout, client: Client | None = None) -> Any:
        return (client or self.client).post(f"/peg/{handout.pk}/")

    def test_a_worksheet_hangs_on_the_pegs_of_its_class_and_opens_one_copy(self) -> None:
        (handout,) = self.hand_out()
        self.assertContains(self.client.get("/peg/"), handout.edition.title)
        first, again = self.open(handout), self.open(handout)
        copy = Copy.objects.get(student=self.ama)
        self.assertRedirects(first, f"/c/{copy.pk}/")
        self.assertEqual(again["Location"], first["Location"])
        self.assertContains(self.client.get(f"/c/{copy.pk}/"), "Ama Lindqvist")
        self.assertIsNone(self.client.get(f"/c/{copy.pk}/copy").json()["return_code"])

    def test_a_student_answers_and_hands_in_and_finds_it_on_the_peg(self) -> None:
        (handout,) = self.hand_out()
        copy = copy_for(handout, self.ama, timezone.now())
        change = {"field_id": "box1", "revision": 1, "answer": {"kind": "answer_box", "version": 1, "text": "limpet"}}
        answer = self.client.post(f"/c/{copy.pk}/answers", {"changes": [change]}, JSON)
        self.assertEqual(answer.status_code, 200, answer.content)
        hand_in(copy.pk, [], timezone.now())
        peg = self.client.get("/peg/").context["peg"]
        self.assertEqual((peg.to_do, [each.copy for each in peg.handed_in]), ([], [copy]))

    def test_what_is_due_first_stands_first(self) -> None:
        now = timezone.now()
        (later,) = self.hand_out(due_at=now + timedelta(days=3))
        (never,) = self.hand_out()
        (sooner,) = self.hand_out(closes_at=now + timedelta(days=1))
        self.hand_out(open=False)
        peg = self.client.get("/peg/").context["peg"]
        self.assertEqual([each.handout for each in peg.to_do], [sooner, later, never])
        self.assertEqual(len(peg.over), 1)

    def test_what_is_for_some_is_for_nobody_else(self) -> None:
        (handout,) = self.hand_out(To(self.kestrels.pk, [self.bao.pk]))
        self.assertNotContains(self.client.get("/peg/"), "/peg/")
        self.assertEqual(self.open(handout).status_code, 404)
        self.assertEqual(self.open(handout, card_client(self.bao)).status_code, 302)

    def test_who_comes_later_gets_it_too_and_who_leaves_keeps_what_they_did(self) -> None:
        (handout,) = self.hand_out()
        (cleo,) = make_students(self.kestrels, "Cleo Marchetti")
        self.assertEqual(self.open(handout, card_client(cleo)).status_code, 302)
        copy = copy_for(handout, self.ama, timezone.now())
        leave(self.kestrels, [self.ama.pk], timezone.now())
        self.assertEqual(self.client.get(f"/c/{copy.pk}/").status_code, 200)
        (other,) = self.hand_out()
        self.assertEqual(self.open(other).status_code, 404)

    def test_nothing_new_comes_from_an_archived_class_and_work_stays(self) -> None:
        (handout,), (other,) = self.hand_out(), self.hand_out()
        copy = copy_for(handout, self.ama, timezone.now())
        settle_class(self.world.maren, self.kestrels.pk, {"archived": True}, timezone.now())
        self.assertEqual(self.open(other).status_code, 404)
        self.assertRedirects(self.open(handout), f"/c/{copy.pk}/")
        answer = teacher_client(self.world.maren).post(
            f"/api/worksheets/{self.world.worksheet.pk}/handouts",
            {"classes": [{"of_class": str(self.kestrels.pk)}]},
            JSON,
        )
        self.assert_error(answer, 422, "class.archived")

    def test_what_is_closed_does_not_open_for_somebody_new(self) -> None:
        (handout,) = self.hand_out(open=False)
        answer = self.open(handout)
        self.assertContains(answer, "This worksheet is closed", status_code=422)
        self.assertFalse(handout.copies.exists())

    def test_the_link_of_a_handout_to_a_class_lets_its_students_in_and_no_guests(self) -> None:
        (handout,) = self.hand_out()
        link = f"/join/{handout.code}/"
        self.assertContains(self.client.get(link), "Open it as Ama Lindqvist")
        self.assertEqual(self.client.post(link, {"as_student": "1"}).status_code, 302)
        guest = Client()
        self.assertNotContains(guest.get(link), 'name="name"')
        self.assertContains(guest.post(link, {"name": "Zoe"}), "for a class", status_code=422)
        self.assertContains(guest.post(link, {"as_student": "1"}), "Write your name", status_code=422)
        (other,) = make_students(make_class(self.world.maren, "Herons"), "Dara Voss")
        self.assertNotContains(card_client(other).get(link), "Open it as")

    def test_a_copys_address_passed_on_opens_nothing(self) -> None:
        (handout,) = self.hand_out()
        copy = copy_for(handout, self.ama, timezone.now())
        for who, client in (
            ("a friend", card_client(self.bao)),
            ("a guest of another handout", student_client(self.world.ama)),
            ("nobody", Client()),
        ):
            with self.subTest(who=who):
                self.assertEqual(client.get(f"/c/{copy.pk}/").status_code, 404)
                self.assertEqual(client.get(f"/c/{copy.pk}/copy").status_code, 401)
        self.assertEqual(self.client.get(f"/c/{self.world.ama.pk}/").status_code, 404)

    def test_the_teacher_sees_who_has_not_opened_it(self) -> None:
        (handout,) = self.hand_out()
        teacher = teacher_client(self.world.maren)
        path = f"/api/handouts/{handout.pk}"
        before = teacher.get(f"{path}/results").json()
        self.assertEqual([each["name"] for each in before["awaited"]], ["Ama Lindqvist", "Bao Okafor"])
        write(copy_for(handout, self.ama, timezone.now()), box1="limpet")
        after = teacher.get(f"{path}/changes?since={before['number']}").json()
        self.assertEqual([row["name"] for row in after["rows"]], ["Ama Lindqvist"])
        self.assertEqual([each["name"] for each in after["awaited"]], ["Bao Okafor"])

    def test_names_are_borrowed_where_others_see_them_and_the_student_knows_theirs(self) -> None:
        (handout,) = self.hand_out()
        teacher = teacher_client(self.world.maren)
        write(copy_for(handout, self.ama, timezone.now()), box1="limpet")
        self.assertNotContains(self.client.get("/peg/"), "On the screen")
        teacher.patch(f"/api/classes/{self.kestrels.pk}", {"names": "trees"}, JSON)
        results = teacher.get(f"/api/handouts/{handout.pk}/results").json()
        trees = [TREES[student.enrolments.get().place].text for student in (self.ama, self.bao)]
        self.assertEqual([(row["name"], row["shown"]) for row in results["rows"]], [("Ama Lindqvist", trees[0])])
        self.assertEqual(results["awaited"], [{"name": "Bao Okafor", "shown": trees[1]}])
        self.assertContains(self.client.get("/peg/"), f"On the screen of Kestrels you are <b>{trees[0]}</b>.")
        self.assert_error(
            teacher.patch(f"/api/classes/{self.kestrels.pk}", {"names": "numbers"}, JSON), 422, "request.invalid"
        )

    def test_a_class_and_anybody_get_a_handout_each_or_none_at_all(self) -> None:
        to_class, anybody = self.hand_out(To(self.kestrels.pk), ANYBODY, may_check=True)
        self.assertEqual(
            (to_class.to_class, to_class.guests, anybody.to_class, anybody.guests), (self.kestrels, False, None, True)
        )
        self.assertTrue(to_class.may_check and anybody.may_check)
        count = Handout.objects.count()
        tobias = make_teacher("tobias")
        theirs = make_class(tobias, "Theirs")
        (zoe,) = make_students(theirs, "Zoe Quill")
        path = f"/api/worksheets/{self.world.worksheet.pk}/handouts"
        teacher = teacher_client(self.world.maren)
        mine, now = str(self.kestrels.pk), timezone.now()
        times = {"opens_at": now.isoformat(), "due_at": (now - timedelta(hours=1)).isoformat()}
        for body, status, code in (
            ({}, 422, "handout.nobody"),
            ({"classes": [{"of_class": mine}, {"of_class": str(theirs.pk)}]}, 404, "class.missing"),
            ({"classes": [{"of_class": mine, "students": [str(zoe.pk)]}]}, 422, "handout.not_in_class"),
            ({"classes": [{"of_class": mine, "students": []}]}, 422, "request.invalid"),
            ({"classes": [{"of_class": mine}], "settings": times}, 422, "handout.ends_before_it_opens"),
        ):
            with self.subTest(code=code):
                self.assert_error(teacher.post(path, body, JSON), status, code)
        self.assertEqual(Handout.objects.count(), count)


class OpenedTwiceAtOnce(TransactionTestCase):
    def test_two_devices_get_one_copy(self) -> None:
        world = make_world()
        kestrels = make_class(world.maren, "Kestrels")
        (ama,) = make_students(kestrels, "Ama Lindqvist")
        (handout,) = hand_out_to(world.maren, world.worksheet.pk, [To(kestrels.pk)], {})
        both = Barrier(2)
        may_join = flow.may_join

        def asked(*arguments: Any) -> bool:
            with suppress(BrokenBarrierError):
                both.wait(timeout=2)  # the other is here too, unless it waits for this one
            return may_join(*arguments)

        def opened(_: int) -> Any:
            try:
                return copy_for(handout, ama, timezone.now()).pk
            finally:
                connection.close()

        with mock.patch.object(flow, "may_join", asked), ThreadPoolExecutor(2) as threads:
            first, second = threads.map(opened, range(2))
        self.assertEqual(first, second)
        self.assertEqual(Enrolment.objects.count(), 1)
