import uuid
from concurrent.futures import ThreadPoolExecutor
from contextlib import suppress
from threading import Barrier, BrokenBarrierError
from typing import Any
from unittest import mock

from django.db import connection
from django.test import Client, TransactionTestCase
from django.utils import timezone

from server.classes.flows import enrol
from server.classes.flows.enrol import meaning_of, take_roster
from server.classes.flows.make import MOST_CLASSES, make_class
from server.classes.models import Class, Enrolment, Student, Teaching
from server.copies.flows.join import copy_for
from server.handouts.flows.hand_out import To, hand_out_to
from server.may import Role
from server.pictures.models import OwnPicture
from server.testing.world import JSON, WorldCase, make_students, make_teacher, teacher_client, write
from server.words.say import say
from velum.cards import PICTURES
from velum.rosters.roster import Student as StudentValue
from velum.rosters.tests.files import packed, xlsx
from velum.rosters.tests.test_rosters import FOLDER


class Making(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)

    def make(self, **values: str) -> dict[str, Any]:
        answer = self.client.post("/api/classes", {"name": "Kestrels", **values}, JSON)
        self.assertEqual(answer.status_code, 201, answer.content)
        made: dict[str, Any] = answer.json()
        return made

    def test_a_class_is_made_and_listed_with_its_code(self) -> None:
        made = self.make(year="2026/27")
        self.assertEqual(
            (made["name"], made["year"], made["role"], made["students"]), ("Kestrels", "2026/27", "owns", [])
        )
        self.assertRegex(str(made["code"]), r"^[A-Z0-9]{3} [A-Z0-9]{2}$")
        (listed,) = self.client.get("/api/classes").json()
        self.assertEqual((listed["name"], listed["students"]), ("Kestrels", 0))

    def test_a_name_is_one_line_and_there_is_one(self) -> None:
        self.assertEqual(self.make(name=" The\n Kest\u202erels ")["name"], "The Kestrels")
        self.assert_error(self.client.post("/api/classes", {"name": " \u200b "}, JSON), 422, "class.no_name")
        self.assert_error(self.client.post("/api/classes", {"name": "x" * 61}, JSON), 422, "class.long_name")

    def test_a_class_is_renamed_archived_and_opened_again(self) -> None:
        path = f"/api/classes/{self.make()['id']}"
        self.assertIsNotNone(self.client.patch(path, {"archived": True, "name": "Old"}, JSON).json()["archived_at"])
        (listed,) = self.client.get("/api/classes").json()
        self.assertEqual((listed["name"], listed["archived"]), ("Old", True))
        self.assertIsNone(self.client.patch(path, {"archived": False}, JSON).json()["archived_at"])

    def test_the_next_year_has_the_same_students_with_the_same_cards(self) -> None:
        made = Class.objects.get(pk=self.make()["id"])
        ama, bao = make_students(made, "Ama Lindqvist", "Bao Okafor")
        Enrolment.objects.filter(student=bao).update(left_at=timezone.now())
        answer = self.client.post(f"/api/classes/{made.pk}/copies", {"name": "Ospreys", "year": "2027/28"}, JSON)
        self.assertEqual(answer.status_code, 201)
        (student,) = answer.json()["students"]
        self.assertEqual(
            (student["id"], student["card"]),
            (str(ama.pk), [{"name": name, "word": say(PICTURES[name])} for name in ama.card.secret.split()]),
        )
        self.assertNotEqual(answer.json()["code"], made.code)

    def test_a_class_with_work_is_not_removed_and_one_without_is(self) -> None:
        made = Class.objects.get(pk=self.make()["id"])
        (ama,) = make_students(made, "Ama Lindqvist")
        (handout,) = hand_out_to(self.world.maren, self.world.worksheet.pk, [To(made.pk)], {})
        copy = copy_for(handout, ama, timezone.now())
        write(copy, box1="limpet")
        self.assert_error(self.client.delete(f"/api/classes/{made.pk}"), 409, "class.has_work")
        self.assertEqual(copy.answers.count(), 1)
        other = self.make()["id"]
        make_students(Class.objects.get(pk=other), "Cleo Marchetti")
        Class.objects.get(pk=other).enrolments.create(student=ama, place=9)
        self.assertEqual(self.client.delete(f"/api/classes/{other}").status_code, 204)
        self.assertEqual([student.name for student in Student.objects.all()], ["Ama Lindqvist"])
        self.assert_error(self.client.get(f"/api/classes/{other}"), 404, "class.missing")

    def test_one_teacher_cannot_make_any_number(self) -> None:
        Class.objects.bulk_create(
            Class(school=self.world.maren.school, name="x", code=f"C{number}") for number in range(MOST_CLASSES)
        )
        Teaching.objects.bulk_create(
            Teaching(of_class=each, teacher=self.world.maren, role=Role.OWNS) for each in Class.objects.all()
        )
        self.assert_error(self.client.post("/api/classes", {"name": "One more"}, JSON), 422, "class.too_many")


class Rosters(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        self.client = teacher_client(self.world.maren)
        self.kestrels = make_class(self.world.maren, "Kestrels")
        self.path = f"/api/classes/{self.kestrels.pk}/roster"

    def take(self, *students: dict[str, str], take_out: bool = False) -> list[dict[str, Any]]:
        answer = self.client.post(self.path, {"students": students, "take_out": take_out}, JSON)
        self.assertEqual(answer.status_code, 200, answer.content)
        taken: list[dict[str, Any]] = answer.json()["students"]
        return taken

    def names(self) -> list[str]:
        return [student["name"] for student in self.client.get(f"/api/classes/{self.kestrels.pk}").json()["students"]]

    def test_pasted_names_are_read_shown_and_then_taken(self) -> None:
        read = self.client.post("/api/rosters/pasted", {"text": "Lindqvist, Ama\nOkafor, Bao\n77"}, JSON).json()
        self.assertEqual([student["given"] for student in read["students"]], ["Ama", "Bao"])
        self.assertEqual([each["row"] for each in read["left_out"]], [3])
        self.assertEqual(self.names(), [])
        meaning = self.client.post(f"{self.path}/meaning", {"students": read["students"]}, JSON).json()
        self.assertEqual(meaning["new"], ["Ama Lindqvist", "Bao Okafor"])
        self.assertEqual(self.names(), [])
        taken = self.take(*read["students"])
        self.assertEqual(self.names(), ["Ama Lindqvist", "Bao Okafor"])
        self.assertEqual([len(student["card"]) for student in taken], [3, 3])

    def test_files_are_read_in_every_form(self) -> None:
        for form, data, titles in (
            (
                "xlsx",
                xlsx({"Kestrels": [["Name"], ["Ama Lindqvist"]], "Herons": [["Bao Okafor"]]}),
                ["Kestrels", "Herons"],
            ),
            ("csv", b"Given name,Family name\nAma,Lindqvist\n", [""]),
            ("oneroster", packed(dict(FOLDER)), ["Kestrels", "Herons"]),
        ):
            with self.subTest(form=form):
                answer = self.client.generic("POST", "/api/rosters/file", data)
                self.assertEqual(answer.status_code, 200, answer.content)
                self.assertEqual([each["title"] for each in answer.json()], titles)
        files = [{"name": f"export/{name}", "text": text} for name, text in FOLDER.items()]
        answer = self.client.post("/api/rosters/folder", {"files": files}, JSON)
        self.assertEqual([each["source"] for each in answer.json()], ["c1", "c2"])

    def test_files_that_are_no_roster_are_refused_with_a_sentence(self) -> None:
        for data, code in (
            (b"\x89PNG\r\n\x1a\n\0", "roster.not_read"),
            (b"PK\x03\x04abc", "roster.damaged"),
            (b"", "roster.nobody"),
        ):
            with self.subTest(code=code):
                self.assert_error(self.client.generic("POST", "/api/rosters/file", data), 422, code)
        self.assert_error(self.client.generic("POST", "/api/rosters/file", b"a" * 10_000_001), 413, "roster.too_large")
        self.assert_error(self.client.post("/api/rosters/folder", {"files": []}, JSON), 422, "roster.file_missing")

    def test_the_same_list_again_changes_what_changed_and_loses_nobodys_work(self) -> None:
        self.take(
            {"given": "Ama", "family": "Lindqvist", "number": "1"}, {"given": "Bao", "family": "Okafor", "number": "2"}
        )
        ama = Student.objects.get(number="1")
        (handout,) = hand_out_to(self.world.maren, self.world.worksheet.pk, [To(self.kestrels.pk)], {})
        copy = copy_for(handout, ama, timezone.now())
        write(copy, box1="limpet")
        secret = ama.card.secret

        again = [
            {"given": "Ama", "family": "Berg", "number": "1"},
            {"given": "Cleo", "family": "Marchetti", "number": "3"},
        ]
        meaning = self.client.post(f"{self.path}/meaning", {"students": again}, JSON).json()
        self.assertEqual(meaning["changed"], [{"was": "Ama Lindqvist · 1", "now": "Ama Berg · 1"}])
        self.assertEqual((meaning["new"], meaning["missing"]), (["Cleo Marchetti"], ["Bao Okafor"]))
        self.take(*again)
        self.assertEqual(self.names(), ["Ama Berg", "Bao Okafor", "Cleo Marchetti"])
        copy.refresh_from_db()
        ama.card.refresh_from_db()
        self.assertEqual((copy.name, copy.answers.count(), ama.card.secret), ("Ama Berg", 1, secret))

        self.take(*again[1:], take_out=True)
        self.assertEqual(self.names(), ["Cleo Marchetti"])
        self.assertEqual(copy.answers.count(), 1)
        self.take(*again, take_out=True)
        self.assertEqual(Student.objects.filter(number="1").count(), 1)
        self.assertEqual(self.names(), ["Ama Berg", "Cleo Marchetti"])

    def test_somebody_of_another_class_of_the_school_keeps_their_card(self) -> None:
        self.take({"given": "Ama", "family": "Lindqvist", "number": "1"}, {"given": "Bao", "family": "Okafor"})
        herons = make_class(self.world.maren, "Herons")
        read = [StudentValue(given="Ama", number="1"), StudentValue(given="Bao", family="Okafor")]
        changes = take_roster(self.world.maren, herons.pk, read, timezone.now())
        self.assertEqual(len(changes.joining), 1)
        self.assertEqual(Student.objects.filter(number="1").count(), 1)
        self.assertEqual(Student.objects.filter(given="Bao").count(), 2, "a name alone is not enough")

    def test_no_student_of_another_school_is_found(self) -> None:
        tobias = make_teacher("tobias")
        take_roster(tobias, make_class(tobias, "Theirs").pk, [StudentValue(given="Ama", number="1")], timezone.now())
        self.take({"given": "Ama", "family": "Lindqvist", "number": "1"})
        self.assertEqual(Student.objects.filter(number="1").count(), 2)

    def test_places_are_given_by_chance_and_stay(self) -> None:
        students = [{"given": f"Student {number:02}"} for number in range(30)]
        self.take(*students)
        places = list(self.kestrels.enrolments.order_by("student__given").values_list("place", flat=True))
        self.assertEqual(sorted(places), list(range(30)))
        self.assertNotEqual(places, sorted(places), "who is called what could be told from the order")
        self.take(*students, {"given": "Later"})
        after = self.kestrels.enrolments.order_by("student__given")
        self.assertEqual(list(after.values_list("place", flat=True)), [30, *places])

    def test_a_roster_of_five_thousand_is_taken(self) -> None:
        students = [{"given": f"Student {number}", "number": str(number)} for number in range(5_000)]
        self.assertEqual(len(self.take(*students)), 5_000)
        answer = self.client.post(self.path, {"students": [{"given": "One more"}]}, JSON)
        self.assert_error(answer, 422, "class.full")

    def test_somebody_without_a_name_is_refused_and_names_of_eighty_letters_are_taken(self) -> None:
        answer = self.client.post(self.path, {"students": [{"given": "", "family": " "}]}, JSON)
        self.assert_error(answer, 422, "request.invalid")
        self.assertEqual(self.take({"given": "Ö" * 80, "family": "水" * 80})[0]["name"], f"{'Ö' * 80} {'水' * 80}")

    def test_a_student_is_corrected_and_taken_out(self) -> None:
        student = self.take({"given": "Ama", "family": "Lindqvist"})[0]["id"]
        answer = self.client.patch(f"/api/students/{student}", {"family": "Berg"}, JSON)
        self.assertEqual(answer.json()["name"], "Ama Berg")
        self.assert_error(
            self.client.patch(f"/api/students/{student}", {"given": "", "family": ""}, JSON), 422, "student.no_name"
        )
        answer = self.client.delete(f"/api/classes/{self.kestrels.pk}/students/{student}")
        self.assertEqual(answer.json()["students"], [])
        self.assert_error(self.client.patch(f"/api/students/{student}", {"given": "A"}, JSON), 404, "student.missing")


class Colleagues(WorldCase):
    """What each role may do with a class, and with what is handed out to it."""

    def setUp(self) -> None:
        super().setUp()
        self.kestrels = make_class(self.world.maren, "Kestrels")
        (self.ama,) = make_students(self.kestrels, "Ama Lindqvist")
        (self.handout,) = hand_out_to(self.world.maren, self.world.worksheet.pk, [To(self.kestrels.pk)], {})
        self.copy = copy_for(self.handout, self.ama, timezone.now())

    def client_of(self, role: Role) -> Client:
        teacher = make_teacher(f"t{uuid.uuid4().hex[:6]}")
        Teaching.objects.create(of_class=self.kestrels, teacher=teacher, role=role)
        return teacher_client(teacher)

    def test_each_role_may_do_what_it_says(self) -> None:
        home, student, handout, copy = self.kestrels.pk, self.ama.pk, self.handout.pk, self.copy.pk
        picture = OwnPicture.objects.get(owner=self.world.maren).picture_id
        asked: tuple[tuple[str, str, dict[str, Any] | None, str], ...] = (
            ("get", f"/api/classes/{home}", None, "looks"),
            ("get", f"/api/handouts/{handout}/results", None, "looks"),
            ("get", f"/handouts/{handout}/", None, "looks"),
            ("get", f"/api/copies/{copy}", None, "looks"),
            ("get", f"/copies/{copy}/pictures/{picture}/", None, "looks"),
            ("get", f"/classes/{home}/cards.pdf", None, "marks"),
            ("post", f"/api/students/{student}/card", {}, "marks"),
            ("patch", f"/api/handouts/{handout}", {"may_check": True}, "marks"),
            ("post", f"/api/copies/{copy}/overrules", {"field_id": "box1", "earned": 1}, "marks"),
            ("patch", f"/api/copies/{copy}/time", {}, "looks"),
            ("patch", f"/api/classes/{home}", {"name": "Mine"}, "owns"),
            ("post", f"/api/classes/{home}/roster", {"students": [{"given": "Bao"}]}, "owns"),
            ("patch", f"/api/students/{student}", {"given": "Amata"}, "owns"),
            ("post", f"/api/classes/{home}/cards", {}, "owns"),
            ("delete", f"/api/classes/{home}/students/{student}", None, "owns"),
            ("get", f"/worksheets/{self.world.worksheet.pk}/", None, "nobody"),
            ("get", f"/api/handouts/{handout}/newest-key", None, "nobody"),
        )
        order = ["looks", "marks", "owns", "nobody"]
        for role in (Role.LOOKS, Role.MARKS, Role.OWNS):
            client = self.client_of(role)
            for method, path, body, least in asked:
                with self.subTest(role=role, path=path):
                    answer = getattr(client, method)(path, *([] if body is None else [body, JSON]))
                    if order.index(role) >= order.index(least):
                        self.assertLess(answer.status_code, 300)
                    else:
                        self.assertEqual(answer.status_code, 404)

    def test_who_only_looks_sees_no_cards(self) -> None:
        answer = self.client_of(Role.LOOKS).get(f"/api/classes/{self.kestrels.pk}")
        self.assertEqual([student["card"] for student in answer.json()["students"]], [[]])
        self.assertNotIn(self.ama.card.token.encode(), answer.content)

    def test_a_colleague_sees_the_handouts_of_the_class_and_no_others(self) -> None:
        client = self.client_of(Role.MARKS)
        answer = client.get(f"/api/handouts/{self.world.handout.pk}/results")
        self.assertEqual(answer.status_code, 404)


class TwoRostersAtOnce(TransactionTestCase):
    def test_they_make_nobody_twice(self) -> None:
        maren = make_teacher()
        kestrels = make_class(maren, "Kestrels")
        read = [StudentValue(given="Ama", number="1")]
        both = Barrier(2)

        def looked(*arguments: Any) -> Any:
            changes = meaning_of(*arguments)
            with suppress(BrokenBarrierError):
                both.wait(timeout=2)  # the other has looked too, unless it waits for this one
            return changes

        def take(_: int) -> None:
            try:
                take_roster(maren, kestrels.pk, read, timezone.now())
            finally:
                connection.close()

        with mock.patch.object(enrol, "meaning_of", looked), ThreadPoolExecutor(2) as threads:
            list(threads.map(take, range(2)))
        self.assertEqual(Student.objects.count(), 1)
