"""Every URL of the application, opened by those who must not: nobody, another student, another teacher.

A new URL fails the first test until it is listed here, with who may use it.
"""

import inspect
import json
import uuid
from collections.abc import Iterator
from typing import Any

from django.core.files.base import ContentFile
from django.core.files.storage import default_storage
from django.test import Client
from django.urls import URLPattern, URLResolver, get_resolver
from django.utils import timezone
from ninja.operation import PathView

from server.classes.flows.find import students_in
from server.classes.flows.make import make_class
from server.copies.flows.join import copy_for
from server.copies.models import AnswerFile
from server.handouts.flows.hand_out import To, hand_out, hand_out_to
from server.pictures.models import OwnPicture
from server.sounds.models import OwnSound
from server.testing.world import (
    JSON,
    KEPT_BACK,
    SECRET,
    WorldCase,
    card_client,
    joined,
    make_students,
    make_teacher,
    make_worksheet,
    student_client,
    teacher_client,
    write,
)
from server.worksheets import pictures
from server.worksheets.documents import written
from server.worksheets.models import Worksheet
from velum.document.cuts import cut_out
from velum.document.edits import InsertPage, RemoveField, SetPageAside, ShowPage, apply
from velum.document.page import Shown
from velum.document.pages import looking
from velum.document.reading import read_document
from velum.geometry.box import Box
from velum.paper.look import AS_IT_IS
from velum.testing.photos import SLANTED

PUBLIC = {
    ("GET", "/camera/frame.jpg"),
    # Reached before anybody is known, or about the signed-in teacher alone; allauth's own are tested by allauth.
    ("GET", "/"),
    ("GET", "/join/"),
    ("POST", "/join/"),
    ("GET", "/join/<code>/"),
    ("POST", "/join/<code>/"),
    ("GET", "/outbox/"),
    ("GET", "/c/worker.js"),
    # Whoever knows a card, or a class's code, a name and the pictures of a card.
    ("GET", "/card/<token>/"),
    ("POST", "/card/<token>/"),
    ("GET", "/class/<code>/"),
    ("POST", "/class/<code>/"),
    ("POST", "/sign-out/"),
    # Whoever got an invitation by mail, and then has its address.
    ("GET", "/invitations/<token>/"),
    ("POST", "/invitations/<token>/"),
    # For whoever is signed in with a card: others are asked for theirs.
    ("GET", "/peg/"),
}

SIGNED_IN = {
    # For any teacher, about what is their own.
    ("GET", "/desk/"),
    ("GET", "/api/worksheets"),
    ("POST", "/api/worksheets"),
    ("DELETE", "/api/uploads/<upload>"),
    ("GET", "/api/pictures"),
    ("POST", "/api/trying"),
    ("POST", "/api/pictures"),
    ("POST", "/api/pictures/from-library"),
    ("POST", "/api/sounds"),
    ("GET", "/classes/"),
    ("GET", "/api/classes"),
    ("POST", "/api/classes"),
    ("POST", "/api/rosters/pasted"),
    ("POST", "/api/rosters/file"),
    ("POST", "/api/rosters/folder"),
}

OWNERS = {
    # For the teacher who owns it.
    ("GET", "/worksheets/<worksheet_id>/"),
    ("GET", "/worksheets/<worksheet_id>/document.json"),
    ("GET", "/worksheets/<worksheet_id>/pages/<page_id>/<width>.webp"),
    ("GET", "/pictures/<sha256>/"),
    ("GET", "/sounds/<sha256>/"),
    ("DELETE", "/api/pictures/<sha256>"),
    ("GET", "/handouts/<handout_id>/"),
    ("GET", "/handouts/<handout_id>/qr.svg"),
    ("GET", "/handouts/<handout_id>/live/"),
    ("GET", "/handouts/<handout_id>/code-sheet/"),
    ("GET", "/handouts/<handout_id>/pages/<page_id>/<width>.webp"),
    ("GET", "/copies/<copy_id>/"),
    ("GET", "/api/worksheets/<worksheet_id>"),
    ("DELETE", "/api/worksheets/<worksheet_id>"),
    ("POST", "/api/worksheets/<worksheet_id>/edits"),
    ("POST", "/api/worksheets/<worksheet_id>/pages"),
    ("POST", "/api/worksheets/<worksheet_id>/blank-pages"),
    ("POST", "/api/worksheets/<worksheet_id>/ready-pages"),
    ("POST", "/api/worksheets/<worksheet_id>/pages/<page_id>/cuts"),
    ("POST", "/api/worksheets/<worksheet_id>/pages/<page_id>/pictures"),
    ("POST", "/api/worksheets/<worksheet_id>/pages/<page_id>/replacement"),
    ("POST", "/api/worksheets/<worksheet_id>/pages/<page_id>/straightened"),
    ("GET", "/api/worksheets/<worksheet_id>/pictures"),
    ("GET", "/api/worksheets/<worksheet_id>/texts"),
    ("GET", "/api/worksheets/<worksheet_id>/found"),
    ("GET", "/api/worksheets/<worksheet_id>/pages/<page_id>/guides"),
    ("GET", "/api/worksheets/<worksheet_id>/look-over"),
    ("POST", "/api/worksheets/<worksheet_id>/pasted-key"),
    ("POST", "/api/worksheets/<worksheet_id>/pictures"),
    ("GET", "/api/worksheets/<worksheet_id>/handouts"),
    ("POST", "/api/worksheets/<worksheet_id>/handouts"),
    ("POST", "/api/worksheets/<worksheet_id>/trial"),
    ("PATCH", "/api/handouts/<handout_id>"),
    ("GET", "/api/handouts/<handout_id>/results"),
    ("GET", "/api/handouts/<handout_id>/changes"),
    ("GET", "/api/copies/<copy_id>"),
    ("GET", "/api/handouts/<handout_id>/newest-key"),
    ("POST", "/api/handouts/<handout_id>/newest-key"),
    ("POST", "/api/copies/<copy_id>/overrules"),
    ("POST", "/api/copies/<copy_id>/accepted"),
    ("POST", "/api/copies/<copy_id>/let-go-on"),
    ("PATCH", "/api/copies/<copy_id>/time"),
    ("POST", "/api/handouts/<handout_id>/meaning"),
    ("GET", "/copies/<copy_id>/files/<sha256>/"),
    ("GET", "/copies/<copy_id>/pictures/<sha256>/"),
    # For the teachers of a class; what each role may do is tested in server/classes/tests/test_classes.py.
    ("GET", "/classes/<class_id>/"),
    ("GET", "/classes/<class_id>/cards.pdf"),
    ("GET", "/api/classes/<class_id>"),
    ("PATCH", "/api/classes/<class_id>"),
    ("DELETE", "/api/classes/<class_id>"),
    ("POST", "/api/classes/<class_id>/copies"),
    ("POST", "/api/classes/<class_id>/roster"),
    ("POST", "/api/classes/<class_id>/roster/meaning"),
    ("POST", "/api/classes/<class_id>/cards"),
    ("DELETE", "/api/classes/<class_id>/students/<student_id>"),
    ("POST", "/api/classes/<class_id>/invitations"),
    ("DELETE", "/api/classes/<class_id>/teachers/<email>"),
    ("GET", "/students/<student_id>/data.zip"),
    ("POST", "/api/students/<student_id>/erasure"),
    ("PATCH", "/api/students/<student_id>"),
    ("POST", "/api/students/<student_id>/card"),
}

STUDENTS = {
    ("POST", "/c/<copy_id>/begin/"),
    ("POST", "/c/<copy_id>/leave/"),
    ("POST", "/peg/<handout_id>/"),
    # For the student whose copy it is.
    ("GET", "/c/<copy_id>/"),
    ("GET", "/c/<copy_id>/pages/<page_id>/<width>.webp"),
    ("GET", "/c/<copy_id>/pictures/<sha256>/"),
    ("GET", "/c/<copy_id>/files/<sha256>/"),
    ("GET", "/c/<copy_id>/sounds/<sha256>/"),
    ("POST", "/c/<copy_id>/help"),
    ("POST", "/c/<copy_id>/files"),
    ("GET", "/c/<copy_id>/copy"),
    ("GET", "/c/<copy_id>/texts"),
    ("GET", "/c/<copy_id>/time"),
    ("POST", "/c/<copy_id>/answers"),
    ("POST", "/c/<copy_id>/check"),
    ("POST", "/c/<copy_id>/hand-in"),
}

LISTED = PUBLIC | SIGNED_IN | OWNERS | STUDENTS


def routes() -> set[tuple[str, str]]:
    """Every method and path that the application answers, allauth's and the API's bare roots apart."""
    found: set[tuple[str, str]] = set()
    for path, pattern in _patterns(get_resolver()):
        if path.startswith("/accounts/") or pattern.name == "api-root":
            continue
        found |= {(method, path) for method in _methods(pattern)}
    return found


def _patterns(resolver: URLResolver, before: str = "/") -> Iterator[tuple[str, URLPattern]]:
    for part in resolver.url_patterns:
        path = before + str(part.pattern)
        if isinstance(part, URLResolver):
            yield from _patterns(part, path)
        else:
            for converter in ("uuid", "uuidstr", "str", "int"):
                path = path.replace(f"<{converter}:", "<")
            yield path, part


def _methods(pattern: URLPattern) -> set[str]:
    """The methods of an API's path, as it was declared; of a page, those it does not refuse."""
    view = inspect.getclosurevars(inspect.unwrap(pattern.callback)).nonlocals.get("self")
    if isinstance(view, PathView):
        return {method for operation in view.operations for method in operation.methods}
    if pattern.name in ("begin_copy", "leave_copy", "open_from_peg", "student_sign_out"):
        return {"POST"}
    both = "join" in str(pattern.name) or pattern.name in ("enter_code", "card", "class_sign_in", "invitation")
    return {"GET", "POST"} if both else {"GET"}


FLAT = Shown(width=500, height=700, corners=SLANTED)


WHOLE = {"x": 0, "y": 0, "width": 100, "height": 100}


class Access(WorldCase):
    def setUp(self) -> None:
        super().setUp()
        world = self.world
        write(world.ama, box3="under a stone")
        self.places = {
            "<worksheet_id>": str(world.worksheet.pk),
            "<handout_id>": str(world.handout.pk),
            "<copy_id>": str(world.ama.pk),
            "<code>": world.handout.code,
            "<page_id>": "page1",
            "<width>": "340",
            "<sha256>": OwnPicture.objects.get(owner=world.maren).picture_id,
            "<upload>": str(uuid.uuid4()),
        }
        kept = AnswerFile.objects.create(copy=world.ama, sha256="f" * 64, media_type="audio/ogg", size=4)
        default_storage.save(kept.name, ContentFile(b"OggS under a stone"))
        self.places["<file>"] = kept.sha256
        self.places["<sound>"] = OwnSound.objects.get(owner=world.maren).sha256
        self.kestrels = make_class(world.maren, "Kestrels")
        self.cleo, self.dara = make_students(self.kestrels, "Cleo Marchetti", "Dara Voss")
        (self.to_class,) = hand_out_to(world.maren, world.worksheet.pk, [To(self.kestrels.pk, [self.cleo.pk])], {})
        self.cleos = copy_for(self.to_class, self.cleo, timezone.now())
        write(self.cleos, box3="under a stone")
        self.places |= {
            "<class_id>": str(self.kestrels.pk),
            "<student_id>": str(self.cleo.pk),
            "<token>": self.cleo.card.token,
            "<email>": "maren@gullhaven.example",
            "<class_code>": self.kestrels.code,
        }
        self.nobody = Client()
        self.other_teacher = teacher_client(make_teacher("tobias"))
        self.other_student = student_client(joined(world.handout, "Bao Okafor"))

    def send(self, client: Client, method: str, path: str) -> Any:
        path = (
            path.replace("class/<code>", "class/<class_code>")
            .replace("files/<sha256>", "files/<file>")
            .replace("sounds/<sha256>", "sounds/<sound>")
        )
        for name, value in self.places.items():
            path = path.replace(name, value)
        bodies = {
            "/answers": {"changes": []},
            "/hand-in": {"changes": []},
            "/check": {"field_id": "box1"},
            "/help": {"field_id": "box2", "help_id": "hint1"},
            "/edits": {"revision": 1, "batch": "0" * 32, "edits": [{"op": "rename", "title": "Taken"}]},
            "/ready-pages": {"design": "words", "width": 595, "height": 842},
            "/blank-pages": {"pattern": "ruled", "width": 595, "height": 842},
            "/cuts": {"boxes": [WHOLE]},
            f"{self.places['<page_id>']}/pictures": {"box": WHOLE, "alternative": "a crab"},
            "/replacement": {"with_id": "page2"},
            "/straightened": {"corners": None, "whiten": True},
            "/pasted-key": {"text": "1. gull"},
            "/overrules": {"field_id": "box1", "earned": 1},
            "/accepted": {"field_id": "box3"},
            "/roster": {"students": [{"given": "Taken"}]},
            "/roster/meaning": {"students": [{"given": "Taken"}]},
            "/rosters/pasted": {"text": "Taken"},
            "/invitations": {"email": "taken@gullhaven.example", "role": "marks"},
            "/classes": {"name": "Taken"},
            f"{self.places['<class_id>']}/copies": {"name": "Taken"},
            "/handouts": {"guests": True},
        }
        body = next((body for end, body in bodies.items() if path.endswith(end)), {})
        return client.generic(method, path, json.dumps(body), content_type=JSON)

    def assert_shut(self, response: Any, route: tuple[str, str], *, page_redirects: bool) -> None:
        _, path = route
        shut: tuple[int, ...] = (404,)
        if page_redirects:
            is_api = path.startswith("/api/") or (path.startswith("/c/") and path.count("/") == 3 and path[-1] != "/")
            shut = (401,) if is_api else (302, 404)
        self.assertIn(response.status_code, shut, f"{route}: {response.status_code}")
        if response.status_code == 302:
            self.assertTrue(response.url.startswith("/accounts/login/"), response.url)
        self.assertNotIn(SECRET.encode(), response.content)
        self.assertNotIn(b"under a stone", response.content)
        self.assertNotIn(KEPT_BACK.encode(), response.content)

    def test_every_url_is_listed(self) -> None:
        self.assertEqual(routes(), LISTED)

    def test_nobody_gets_in_anywhere(self) -> None:
        for route in sorted(SIGNED_IN | OWNERS | STUDENTS):
            with self.subTest(route):
                self.assert_shut(self.send(self.nobody, *route), route, page_redirects=True)

    def test_another_teacher_finds_nothing(self) -> None:
        for route in sorted(OWNERS):
            with self.subTest(route):
                self.assert_shut(self.send(self.other_teacher, *route), route, page_redirects=False)

    def test_another_student_finds_nothing(self) -> None:
        for route in sorted(STUDENTS):
            with self.subTest(route):
                self.assert_shut(self.send(self.other_student, *route), route, page_redirects=True)

    def test_a_student_is_not_a_teacher(self) -> None:
        for own in (student_client(self.world.ama), card_client(self.cleo)):
            for route in sorted(SIGNED_IN | OWNERS):
                with self.subTest(route):
                    self.assert_shut(self.send(own, *route), route, page_redirects=True)

    def test_a_students_copy_is_for_whoever_has_their_card_and_for_nobody_else(self) -> None:
        self.places |= {"<copy_id>": str(self.cleos.pk), "<handout_id>": str(self.to_class.pk)}
        kept = AnswerFile.objects.create(copy=self.cleos, sha256="e" * 64, media_type="audio/ogg", size=4)
        default_storage.save(kept.name, ContentFile(b"OggS under a stone"))
        self.places["<file>"] = kept.sha256
        (other,) = make_students(make_class(self.world.maren, "Herons"), "Ema Holt")
        others = (self.nobody, self.other_student, card_client(self.dara), card_client(other))
        for client in (*others, teacher_client(self.world.maren)):
            for route in sorted(STUDENTS):
                with self.subTest(route):
                    self.assert_shut(self.send(client, *route), route, page_redirects=True)
        for method, path in sorted(STUDENTS):
            if method == "GET" and not path.endswith(".webp"):
                with self.subTest(path):
                    self.assertEqual(self.send(card_client(self.cleo), method, path).status_code, 200)

    def test_not_even_the_owner_opens_a_copy_as_its_student(self) -> None:
        owner = teacher_client(self.world.maren)
        for route in sorted(STUDENTS):
            with self.subTest(route):
                self.assert_shut(self.send(owner, *route), route, page_redirects=True)

    def test_nothing_was_changed_by_all_that_knocking(self) -> None:
        for client in (self.nobody, self.other_teacher, self.other_student):
            for route in sorted(OWNERS | STUDENTS):
                self.send(client, *route)
        world = self.world
        world.worksheet.refresh_from_db()
        world.handout.refresh_from_db()
        world.ama.refresh_from_db()
        self.assertEqual((world.worksheet.revision, world.worksheet.handouts.count()), (1, 2))
        self.assertEqual((self.kestrels.teachings.count(), self.kestrels.invitations.count()), (1, 0))
        self.assertEqual({each.name for each in students_in(self.kestrels)}, {"Cleo Marchetti", "Dara Voss"})
        self.assertIsNone(world.ama.handed_in_at)
        self.assertEqual((world.ama.overrules.count(), world.ama.files.count()), (0, 1))
        self.assertEqual(world.ama.shown_help.count(), 0)
        self.assertEqual(world.handout.key_sets.count(), 1)

    def test_a_forged_cookie_opens_nothing(self) -> None:
        client = Client()
        client.cookies["copy"] = f"{self.world.ama.pk}:forged:signature"
        self.assertEqual(client.get(f"/c/{self.world.ama.pk}/").status_code, 404)

    def test_the_rightful_do_get_in(self) -> None:
        teacher, student = teacher_client(self.world.maren), student_client(self.world.ama)
        for client, listed in ((student, STUDENTS), (teacher, OWNERS | SIGNED_IN)):
            for method, path in sorted(listed):
                if method == "GET" and not path.endswith(".webp"):
                    with self.subTest(path):
                        self.assertIn(self.send(client, method, path).status_code, (200, 204))


class Secrets(WorldCase):
    def test_no_response_for_a_student_holds_the_key(self) -> None:
        world = self.world
        world.handout.may_check = True
        world.handout.save()
        write(world.ama, box1="limpet", box2="4.8")
        client = student_client(world.ama)
        home = f"/c/{world.ama.pk}"
        looks = [
            client.get(f"/join/{world.handout.code}/"),
            client.get(f"{home}/"),
            client.get(f"{home}/copy"),
            client.post(f"{home}/check", {"field_id": "box1"}, JSON),
            client.post(f"{home}/answers", {"changes": []}, JSON),
            client.post(f"{home}/hand-in", {"changes": []}, JSON),
            client.get(f"{home}/"),
            client.get(f"{home}/copy"),
        ]
        for response in looks:
            self.assertIn(response.status_code, (200, 201))
            self.assertNotIn(SECRET, response.content.decode().lower())
            self.assertNotIn("4.80", response.content.decode())
            self.assertNotIn(KEPT_BACK, response.content.decode())

    def test_a_page_set_aside_is_for_the_teacher_alone(self) -> None:
        world = self.world
        document = apply(read_document(make_worksheet(world.maren).document), [RemoveField(field_id="box4")])
        document = apply(document, [SetPageAside(page_id="page2")])
        sheet = Worksheet.objects.create(owner=world.maren, **written(document))
        copy = joined(hand_out(world.maren, sheet.pk), "Ama Lindqvist")
        place = pictures.place_of(document.aside[0], pictures.THUMB)
        place.parent.mkdir(parents=True, exist_ok=True)
        place.write_bytes(b"a page with the answers")
        student, teacher = student_client(copy), teacher_client(world.maren)
        self.assertEqual(student.get(f"/c/{copy.pk}/pages/page2/340.webp").status_code, 404)
        self.assertNotIn("page2", student.get(f"/c/{copy.pk}/copy").content.decode())
        self.assertEqual(teacher.get(f"/worksheets/{sheet.pk}/pages/page2/340.webp").status_code, 200)

    def test_what_was_cut_away_is_for_the_teacher_alone(self) -> None:
        world = self.world
        document = read_document(make_worksheet(world.maren).document)
        cut = cut_out(document.pages[0], Box(x=50, y=50, width=300, height=200), "cut1")
        document = apply(document, [InsertPage(page=cut, to=0), ShowPage(page_id="page1", shown=FLAT)])
        sheet = Worksheet.objects.create(owner=world.maren, **written(document))
        copy = joined(hand_out(world.maren, sheet.pk), "Ama Lindqvist")
        for page in document.pages[:2]:
            covers = pictures.covers_on(document, page.id)
            for look, covered in ((page.look, ()), (page.look, covers), (AS_IT_IS, ())):
                place = pictures.place_of(looking(page, look), pictures.THUMB, covered)
                place.parent.mkdir(parents=True, exist_ok=True)
                place.write_bytes(f"{page.id} {look}".encode())
        student, teacher = student_client(copy), teacher_client(world.maren)
        for page in document.pages[:2]:
            path = f"pages/{page.id}/340.webp"
            seen: Any = student.get(f"/c/{copy.pk}/{path}?look={page.look}")
            self.assertEqual(b"".join(seen.streaming_content), f"{page.id} {page.look}".encode())
            self.assertEqual(student.get(f"/c/{copy.pk}/{path}?look=0").status_code, 404)
            self.assertEqual(teacher.get(f"/worksheets/{sheet.pk}/{path}?look=0").status_code, 200)

    def test_no_mark_reaches_a_student_who_handed_in(self) -> None:
        write(self.world.ama, box1=SECRET, box2="1")
        client = student_client(self.world.ama)
        client.post(f"/c/{self.world.ama.pk}/hand-in", {"changes": []}, JSON)
        for path in ("copy", ""):
            text = client.get(f"/c/{self.world.ama.pk}/{path}").content.decode()
            for word in ("verdict", "earned", "reason"):
                self.assertNotIn(word, text)
