from concurrent.futures import ThreadPoolExecutor
from threading import Event
from unittest import mock

from django.conf import settings
from django.db import connection
from django.test import Client, TransactionTestCase

from server.copies.flows import join as flow
from server.copies.flows.join import LONGEST_NAME, NameTaken, come_back
from server.copies.models import Copy, Guest
from server.entrance import codes
from server.entrance.codes import shown
from server.entrance.errors import Refused
from server.testing.world import JSON, WorldCase, joined, make_world, student_client, teacher_client


def guest_of(copy: Copy) -> Guest:
    assert copy.guest is not None
    return copy.guest


class Joining(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.link = f"/join/{self.world.handout.code}/"

    def test_a_name_is_enough_for_a_copy_of_ones_own(self) -> None:
        answer = self.client.post(self.link, {"name": "  Bao \t Okafor "})
        copy = Copy.objects.get(name="Bao Okafor")
        self.assertRedirects(answer, f"/c/{copy.pk}/")
        self.assertContains(self.client.get(f"/c/{copy.pk}/"), shown(guest_of(copy).return_code))

    def test_the_cookie_is_for_this_copy_and_out_of_reach_of_scripts(self) -> None:
        answer = self.client.post(self.link, {"name": "Bao Okafor"})
        cookie = answer.cookies["copy"]
        self.assertTrue(cookie["httponly"])
        self.assertEqual(cookie["samesite"], "Lax")
        self.assertEqual(cookie["path"], answer["Location"])

    def test_an_unknown_code_is_told_so(self) -> None:
        for answer in (self.client.post("/join/", {"code": "BBB BBB"}), self.client.get("/join/BBBBBB/")):
            self.assertContains(answer, "No worksheet has this code", status_code=404)

    def test_a_code_typed_carelessly_in_the_address_is_put_right(self) -> None:
        self.assertRedirects(self.client.get(self.link.lower()), self.link)

    def test_a_name_twice_is_asked_about(self) -> None:
        answer = self.client.post(self.link, {"name": "ama lindqvist"})
        self.assertContains(answer, "has joined already", status_code=409)
        self.assertContains(answer, "return code", status_code=409)
        self.client.post(self.link, {"name": "Ama Lindqvist", "namesake": "1"})
        self.assertEqual(self.world.handout.copies.filter(name="Ama Lindqvist").count(), 2)

    def test_names_that_are_none_are_refused(self) -> None:
        for name, code in (
            ("", "join.no_name"),
            (" \t\u200b", "join.no_name"),
            ("x" * (LONGEST_NAME + 1), "join.long_name"),
        ):
            with self.subTest(name), self.assertRaises(Refused) as caught:
                joined(self.world.handout, name)
            self.assertEqual(caught.exception.code, code)

    def test_a_name_keeps_what_joins_its_letters_and_nothing_that_turns_others_round(self) -> None:
        for typed, kept in (("نیلوفر می\u200cخواه", "نیلوفر می\u200cخواه"), ("Bao\u202e \u2066Okafor", "Bao Okafor")):
            with self.subTest(typed):
                self.assertEqual(joined(self.world.handout, typed).name, kept)

    def test_what_the_teacher_says_is_read_by_those_who_join_and_work(self) -> None:
        body = {"message": "Bring a <b>ruler</b>.\u202e\n\n\n\nNo hurry. "}
        address = f"/api/handouts/{self.world.handout.pk}"
        answer = teacher_client(self.world.maren).patch(address, body, JSON).json()
        self.assertEqual(answer["message"], "Bring a <b>ruler</b>.\n\nNo hurry.")
        self.assertContains(self.client.get(self.link), "Bring a &lt;b&gt;ruler&lt;/b&gt;.")
        sheet = student_client(self.world.ama).get(f"/c/{self.world.ama.pk}/copy").json()
        self.assertEqual(sheet["message"], "Bring a <b>ruler</b>.\n\nNo hurry.")
        self.assertEqual(
            teacher_client(self.world.maren).patch(address, {"message": "x" * 1001}, JSON).status_code, 422
        )

    def test_a_name_is_only_text(self) -> None:
        self.client.post(self.link, {"name": "<b>Bao</b>"})
        copy = Copy.objects.get(name="<b>Bao</b>")
        page = self.client.get(f"/c/{copy.pk}/").content.decode()
        self.assertNotIn("<b>Bao", page)
        self.assertNotContains(self.client.get(self.link), "<b>Bao")

    def test_nobody_joins_a_closed_handout(self) -> None:
        self.world.handout.open = False
        self.world.handout.save()
        self.assertContains(self.client.get(self.link), "closed")
        self.assertContains(self.client.post(self.link, {"name": "Bao"}), "closed", status_code=422)

    def test_the_same_browser_goes_on_with_its_copy(self) -> None:
        client = student_client(self.world.ama)
        self.assertContains(client.get(self.link), "Go on as Ama Lindqvist")

    def test_a_return_code_opens_the_copy_on_another_device(self) -> None:
        code = shown(guest_of(self.world.ama).return_code).lower()
        answer = Client().post(self.link, {"return_code": code})
        self.assertRedirects(answer, f"/c/{self.world.ama.pk}/", fetch_redirect_response=False)
        self.assertIn("copy", answer.cookies)

    def test_a_wrong_return_code_opens_nothing(self) -> None:
        answer = Client().post(self.link, {"return_code": "BBBBBB"})
        self.assertContains(answer, "has this return code", status_code=404)
        self.assertNotIn("copy", answer.cookies)

    def test_a_return_code_belongs_to_its_handout(self) -> None:
        from server.handouts.flows.hand_out import hand_out

        other = hand_out(self.world.maren, self.world.worksheet.pk)
        with self.assertRaises(Refused):
            come_back(other, guest_of(self.world.ama).return_code)

    def test_wrong_return_codes_are_counted_and_a_right_one_is_let_in_all_the_same(self) -> None:
        answers = [self.client.post(self.link, {"return_code": "BBBBBB"}).status_code for _ in range(62)]
        self.assertEqual((answers[59], answers[60]), (404, 429))
        answer = self.client.post(self.link, {"return_code": guest_of(self.world.ama).return_code})
        self.assertEqual(answer.status_code, 302)

    def test_wrong_codes_are_counted_wherever_they_are_typed(self) -> None:
        for number in range(60):
            typed = {"code": f"BBBBB{'BCDFGH'[number % 6]}"}
            answer = self.client.post("/join/", typed) if number % 2 else self.client.get(f"/join/{typed['code']}/")
            self.assertEqual(answer.status_code, 404)
        self.assertEqual(self.client.post("/join/", {"code": "BBBBBB"}).status_code, 429)
        self.assertEqual(self.client.get("/join/BBBBBB/").status_code, 429)

    def test_what_a_request_says_of_where_it_comes_from_is_not_believed(self) -> None:
        for number in range(61):
            answer = self.client.get("/join/BBBBBB/", headers={"X-Forwarded-For": f"10.0.0.{number}"})
        self.assertEqual(answer.status_code, 429)

    def test_a_school_behind_one_address_joins_while_somebody_in_it_guesses(self) -> None:
        """With the cache and the counting that ship."""
        self.assertIn("db.DatabaseCache", settings.CACHES["default"]["BACKEND"])
        for number in range(500):
            if number % 5 == 0:
                self.client.post("/join/", {"code": "BBBBBB"})
            student = Client()
            if number % 2:
                answer = student.post("/join/", {"code": self.world.handout.code})
                self.assertRedirects(answer, self.link, fetch_redirect_response=False)
            answer = student.post(self.link, {"name": f"Student {number}"})
            self.assertEqual(answer.status_code, 302, answer.content)
        self.assertEqual(self.world.handout.copies.count(), 501)

    def test_names_that_are_one_are_asked_about_and_accents_tell_people_apart(self) -> None:
        joined(self.world.handout, "\u00c9mile Durand")
        for same in ("\u00e9mile durand", "E\u0301MILE  DURAND", "\uff25\u0301mile Durand"):
            with self.subTest(same), self.assertRaises(NameTaken):
                joined(self.world.handout, same)
        self.assertEqual(joined(self.world.handout, "Emile Durand").name, "Emile Durand")


class AtOnce(TransactionTestCase):
    def test_one_name_in_two_requests_at_once_is_one_copy(self) -> None:
        """The second has to wait until the first has joined: without it, neither would see the other."""
        handout = make_world().handout
        looked, done = Event(), Event()
        really_new_code = codes.new_code

        def new_code() -> str:
            if not looked.is_set():
                looked.set()  # the name was looked for and is free
                done.wait(0.5)
            return really_new_code()

        def joining() -> str:
            try:
                return joined(handout, "Cleo Marchetti").name
            except NameTaken:
                return "taken"
            finally:
                done.set()
                connection.close()

        with mock.patch.object(flow, "new_code", new_code), ThreadPoolExecutor(2) as pool:
            first = pool.submit(joining)
            looked.wait(600)
            second = pool.submit(joining)
            self.assertEqual({first.result(), second.result()}, {"Cleo Marchetti", "taken"})
        self.assertEqual(handout.copies.filter(name="Cleo Marchetti").count(), 1)
