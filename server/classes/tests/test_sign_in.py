import io
from unittest import mock

import pypdfium2
from django.core.cache import cache
from django.test import Client
from django.utils import timezone
from PIL import Image, ImageOps

from server.classes.flows.make import make_class, settle_class
from server.classes.flows.sign_in import make_new_card
from server.classes.lettering import drawn, has_all
from server.classes.models import Card, Student
from server.testing.world import JSON, WorldCase, card_client, make_students, make_teacher, teacher_client
from velum.cards import LENGTH, PICTURES, new_secret


class SigningIn(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.kestrels = make_class(self.world.maren, "Kestrels")
        self.ama, self.bao = make_students(self.kestrels, "Ama Lindqvist", "Bao Okafor")
        self.path = f"/class/{self.kestrels.code}/"

    def picks(self, student: Student) -> list[str]:
        return student.card.secret.split()

    def wrong(self, student: Student) -> list[str]:
        return [name for name in PICTURES if name not in self.picks(student)][:LENGTH]

    def sign_in(self, client: Client, name: str, picked: list[str], address: str = "10.0.0.9") -> int:
        return client.post(self.path, {"name": name, "picked": picked}, REMOTE_ADDR=address).status_code

    def test_a_qr_code_asks_who_it_is_and_signs_in(self) -> None:
        path = f"/card/{self.ama.card.token}/"
        self.assertContains(self.client.get(path), "Ama Lindqvist")
        self.assertNotIn("student", self.client.cookies, "looking signs nobody in")
        self.assertRedirects(self.client.post(path), "/peg/")
        self.assertContains(self.client.get("/peg/"), "Ama Lindqvist")

    def test_a_class_code_a_name_and_three_pictures_sign_in(self) -> None:
        typed = f"{self.kestrels.code[:3]} {self.kestrels.code[3:]}".lower()
        self.assertRedirects(self.client.post("/join/", {"code": typed}), self.path)
        self.assertContains(self.client.get(self.path), "Kestrels")
        asked = self.client.post(self.path, {"name": "ama lindqvist"})
        self.assertContains(asked, 'name="picked"', count=len(PICTURES))
        for name in ("AMA  lindqvist", "Ama", "Lindqvist Ama"):
            with self.subTest(name=name):
                self.assertEqual(self.sign_in(Client(), name, self.picks(self.ama)), 302)

    def test_pictures_are_tapped_one_after_the_other_without_a_script(self) -> None:
        picked: list[str] = []
        for each in self.picks(self.ama):
            picked.append(each)
            answer = self.client.post(self.path, {"name": "Ama", "picked": picked})
            if len(picked) < LENGTH:
                self.assertContains(answer, f'type="hidden" name="picked" value="{each}"')
        self.assertRedirects(answer, "/peg/")

    def test_another_order_another_name_and_another_class_open_nothing(self) -> None:
        herons = make_class(self.world.maren, "Herons")
        for path, name, picked in (
            (self.path, "Ama Lindqvist", self.picks(self.ama)[::-1]),
            (self.path, "Bao Okafor", self.picks(self.ama)),
            (self.path, "Nobody", self.picks(self.ama)),
            (f"/class/{herons.code}/", "Ama Lindqvist", self.picks(self.ama)),
        ):
            with self.subTest(path=path, name=name):
                answer = self.client.post(path, {"name": name, "picked": picked})
                self.assertEqual(answer.status_code, 404)
                self.assertNotIn("student", self.client.cookies)

    def test_of_two_with_one_name_each_signs_in_as_who_has_the_pictures(self) -> None:
        (other,) = make_students(make_class(self.world.maren, "Other"), "Ama Lindqvist")
        self.kestrels.enrolments.create(student=other, place=9)
        Card.objects.filter(student=other).update(secret="crab star owl")
        Card.objects.filter(student=self.ama).update(secret="owl star crab")
        client = Client()
        self.assertEqual(self.sign_in(client, "Ama Lindqvist", ["crab", "star", "owl"]), 302)
        self.assertEqual(client.get("/peg/").context["student"], other)

    def test_a_new_card_stops_the_old_one_at_once(self) -> None:
        client, old = card_client(self.ama), Card.objects.get(student=self.ama)
        self.assertEqual(client.get("/peg/").status_code, 200)
        answer = teacher_client(self.world.maren).post(f"/api/students/{self.ama.pk}/card", {}, JSON)
        self.assertEqual(answer.status_code, 201)
        self.assertRedirects(client.get("/peg/"), "/join/")
        self.assertEqual(self.client.get(f"/card/{old.token}/").status_code, 404)
        self.ama.card.refresh_from_db()
        self.assertNotEqual((self.ama.card.token, self.ama.card.number), (old.token, old.number))
        self.assertEqual(self.client.get(f"/card/{self.ama.card.token}/").status_code, 200)

    def test_signing_out_is_one_press(self) -> None:
        client = card_client(self.ama)
        self.assertRedirects(client.post("/sign-out/"), "/")
        self.assertEqual(client.cookies["student"].value, "")
        self.assertEqual(client.get("/sign-out/").status_code, 405)

    def test_a_cookie_that_was_made_up_or_belongs_to_another_signs_nobody_in(self) -> None:
        signed = card_client(self.ama).cookies["student"].value
        for value in (
            "",
            "x",
            signed[:-1] + ("B" if signed.endswith("A") else "A"),
            signed.replace(":", ";"),
            "W10:1:1",
        ):
            client = Client()
            client.cookies["student"] = value
            with self.subTest(value=value):
                self.assertRedirects(client.get("/peg/"), "/join/")

    def test_ten_wrong_pictures_from_one_address_have_the_name_wait_there_alone(self) -> None:
        here = "10.0.0.1"
        for _ in range(10):
            self.assertEqual(self.sign_in(Client(), "Ama", self.wrong(self.ama), here), 404)
        self.assertEqual(self.sign_in(Client(), "Ama", self.picks(self.ama), here), 429)
        self.assertEqual(self.sign_in(Client(), "Bao", self.picks(self.bao), here), 302, "others are let in")
        self.assertEqual(self.sign_in(Client(), "Ama", self.picks(self.ama), "10.0.0.2"), 302)
        self.assertEqual(
            Client().post(f"/card/{self.ama.card.token}/", REMOTE_ADDR=here).status_code, 302, "the card opens"
        )

    def test_many_addresses_cannot_guess_at_one_name_either(self) -> None:
        for number in range(60):
            name = ("Ama", "ama lindqvist", "Lindqvist Ama")[number % 3]
            self.sign_in(Client(), name, self.wrong(self.ama), f"10.0.1.{number}")
        self.assertEqual(self.sign_in(Client(), "Ama", self.picks(self.ama), "10.0.2.1"), 429)
        self.assertEqual(self.sign_in(Client(), "Bao", self.picks(self.bao), "10.0.2.1"), 302)

    def test_names_that_are_nobodys_are_answered_as_those_that_are_somebodys(self) -> None:
        said = []
        for name in ("Ama", "Nobody"):
            cache.clear()
            answers = [self.client.post(self.path, {"name": name, "picked": self.wrong(self.ama)}) for _ in range(11)]
            said.append([(answer.status_code, answer.context["error"]) for answer in answers])
        self.assertEqual(said[0], said[1])

    def test_addresses_that_nobody_types_open_nothing(self) -> None:
        for path in ("/card/%00/", "/card/\u202e/", "/class/%00/", "/invitations/%00/", "/card/" + "x" * 5_000 + "/"):
            with self.subTest(path=path[:20]):
                self.assertEqual(self.client.get(path).status_code, 404)

    def test_class_codes_are_not_guessed_by_a_script(self) -> None:
        answers = {self.client.get(f"/class/XX{number:03}/").status_code for number in range(62)}
        self.assertEqual(answers, {404, 429})

    def test_an_archived_class_signs_nobody_in_by_its_code(self) -> None:
        settle_class(self.world.maren, self.kestrels.pk, {"archived": True}, timezone.now())
        self.assertEqual(self.client.get(self.path).status_code, 404)

    def test_a_secret_is_three_pictures_that_differ(self) -> None:
        for _ in range(50):
            secret = new_secret().split()
            self.assertEqual((len(secret), len(set(secret)), set(secret) - set(PICTURES)), (LENGTH, LENGTH, set()))


class Cards(WorldCase):
    NAMES = ("Ama Lindqvist", "عائشة القاضي", "王 小明", "Ольга Маяк", "김 서연", "Ö" * 80, "ተስፋዬ በቀለ", "अनन्या शर्मा")

    def test_the_cards_of_a_class_are_a_pdf_of_ten_a_page(self) -> None:
        kestrels = make_class(self.world.maren, "Kestrels")
        make_students(kestrels, *self.NAMES, *(f"Student {number}" for number in range(5)))
        answer = teacher_client(self.world.maren).get(f"/classes/{kestrels.pk}/cards.pdf")
        self.assertEqual((answer["Content-Type"], answer["Cache-Control"]), ("application/pdf", "no-store"))
        with pypdfium2.PdfDocument(io.BytesIO(answer.content)) as pdf:
            self.assertEqual(len(pdf), 2)

    def test_the_cards_of_a_large_class_come_in_parts(self) -> None:
        kestrels = make_class(self.world.maren, "Kestrels")
        make_students(kestrels, *(f"Student {number}" for number in range(12)))
        client = teacher_client(self.world.maren)
        with mock.patch("server.classes.views.CARDS_AT_ONCE", 5):
            path = f"/classes/{kestrels.pk}/cards.pdf?part="
            pages = [client.get(path + part).content for part in ("1", "3", "x", "-1", "9" * 5_000)]
        first, third, *others = (len(page) for page in pages)
        self.assertLess(third, first, "two cards are left for the third part")
        self.assertEqual(others, [first] * 3)

    def test_one_card_is_printed_alone_and_nobody_elses(self) -> None:
        kestrels = make_class(self.world.maren, "Kestrels")
        ama, _ = make_students(kestrels, "Ama Lindqvist", "Bao Okafor")
        client = teacher_client(self.world.maren)
        one = client.get(f"/classes/{kestrels.pk}/cards.pdf?student={ama.pk}")
        self.assertEqual(one.status_code, 200)
        self.assertLess(len(one.content), len(client.get(f"/classes/{kestrels.pk}/cards.pdf").content))
        tobias = make_teacher("tobias")
        (other,) = make_students(make_class(tobias, "Theirs"), "Zoe Quill")
        self.assertEqual(client.get(f"/classes/{kestrels.pk}/cards.pdf?student={other.pk}").status_code, 404)

    def test_names_in_every_script_are_drawn_and_long_ones_are_cut(self) -> None:
        for name in self.NAMES:
            with self.subTest(name=name):
                self.assertTrue(has_all(name))
                picture = drawn(name, 60, 600)
                self.assertLessEqual(picture.width, 600)
                self.assertGreater(_inked(picture).height, 20, "something is drawn")

    def test_a_name_from_the_right_begins_at_the_right(self) -> None:
        """Latin letters behind Arabic ones stand to the left of them."""
        alone, both = (_inked(drawn(name, 60, 900)) for name in ("III", "عائشة III"))
        at_left = _inked(both.crop((0, 0, alone.width, both.height)))
        self.assertEqual(at_left.tobytes(), alone.tobytes())


def _inked(picture: Image.Image) -> Image.Image:
    """The part of a picture in which something is drawn."""
    return picture.crop(ImageOps.invert(picture).getbbox())


class NewCards(WorldCase):
    def test_a_student_of_another_teacher_gets_no_new_card(self) -> None:
        tobias = make_teacher("tobias")
        (zoe,) = make_students(make_class(tobias, "Theirs"), "Zoe Quill")
        answer = teacher_client(self.world.maren).post(f"/api/students/{zoe.pk}/card", {}, JSON)
        self.assert_error(answer, 404, "student.missing")
        before = zoe.card.token
        make_new_card(tobias, zoe.pk, timezone.now())
        zoe.card.refresh_from_db()
        self.assertNotEqual(zoe.card.token, before)
