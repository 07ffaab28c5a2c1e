"""A small school to test in: teachers, a worksheet with a key, a handout, students' copies."""

import io
import shutil
import tempfile
from dataclasses import dataclass
from datetime import timedelta
from pathlib import Path
from typing import Any

from allauth.account.models import EmailAddress
from django.core.cache import cache
from django.http import HttpResponse
from django.test import Client, TestCase, override_settings
from django.utils import timezone

from server.accounts.models import User
from server.classes import cookies as student_cookies
from server.classes.flows.enrol import take_roster
from server.classes.flows.find import students_in
from server.classes.models import Card, Class, Student
from server.copies import people
from server.copies.flows.answer import Change, Outcome, save_answers
from server.copies.flows.join import join
from server.copies.models import Copy
from server.handouts.flows.documents import read_keys
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import Handout
from server.may import Role
from server.pictures.flows.keep import keep
from server.sounds.flows.keep import keep_sound
from server.worksheets.documents import written
from server.worksheets.flows.freeze import read_edition
from server.worksheets.models import Worksheet
from velum.document.edits import ChangeField, Edit, LayFixture, SetInstructions, apply
from velum.document.tests.examples import a_document, answer_box
from velum.fixtures.picture import Picture
from velum.geometry.box import Box
from velum.instructions import Instruction
from velum.kinds.help import HintHelp
from velum.pictures.svg import prepare_svg
from velum.rich_text import plain
from velum.rosters.columns import split_name
from velum.rosters.roster import Student as StudentValue

SECRET = "bladderwrack"
"""The right answer of box1: it must reach no student."""

KEPT_BACK = "weigh the anchor"
"""What help says: it must reach no student who has not asked for it."""

JSON = "application/json"


def make_teacher(name: str = "maren") -> User:
    email = f"{name}@gullhaven.example"
    teacher = User.objects.create_user(email, "lantern-and-oil")
    EmailAddress.objects.create(user=teacher, email=email, verified=True, primary=True)
    return teacher


def make_picture(owner: User) -> str:
    """A drawing among a teacher's pictures, by its SHA-256."""
    drawing = prepare_svg(b'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 3 2"><circle r="1"/></svg>')
    return keep(owner, drawing, "A crab", uploaded=True).picture_id


def make_sound(owner: User, says: bytes = b"the foghorn") -> str:
    """A recording among a teacher's sounds, by its SHA-256."""
    return keep_sound(owner, io.BytesIO(b"OggS" + says)).sha256


def make_worksheet(owner: User) -> Worksheet:
    """Four boxes: box1 wants SECRET, box2 wants 4.80 and is worth 2 points, box3 has no key, box4 wants goby.

    box2 has help that says KEPT_BACK, and costs a quarter; the instructions are recorded.
    """
    document = a_document(
        answer_box("box1", y=100),
        answer_box("box2", y=200, points=2),
        answer_box("box3", y=300),
        answer_box("box4", y=100, on="page2"),
        keys={"box1": SECRET, "box2": "4.80", "box4": "goby"},
    )
    picture = Picture(
        id="crab1",
        page="page1",
        box=Box(x=400, y=600, width=90, height=60),
        picture=make_picture(owner),
        alternative="A crab",
    )
    box2 = document.fields[1].changed(help=(HintHelp(id="hint1", paragraphs=plain(KEPT_BACK), cost=25),))
    instructed = Instruction(language="en", paragraphs=plain("Fill in the boxes."), sound=make_sound(owner))
    edits: list[Edit] = [
        LayFixture(fixture=picture),
        ChangeField(field=box2),
        SetInstructions(instructions=(instructed,)),
    ]
    document = apply(document, edits)
    return Worksheet.objects.create(owner=owner, **written(document))


@dataclass
class World:
    """Maren owns the worksheet and handed it out; Ama has a copy of it."""

    maren: User
    worksheet: Worksheet
    handout: Handout
    ama: Copy


def make_world(teacher: str = "maren") -> World:
    maren = make_teacher(teacher)
    sheet = make_worksheet(maren)
    handout = hand_out(maren, sheet.pk)
    return World(maren, sheet, handout, joined(handout, "Ama Lindqvist"))


def joined(handout: Handout, name: str) -> Copy:
    """A copy of somebody who joins now."""
    return join(handout, name, timezone.now())


def teacher_client(teacher: User) -> Client:
    client = Client()
    client.force_login(teacher)
    return client


def student_client(copy: Copy) -> Client:
    """A browser that holds a copy's cookies, without regard to their paths: the strictest to defend against."""
    client = Client()
    response = HttpResponse()
    people.let_in(response, copy)
    client.cookies = response.cookies
    return client


def write(copy: Copy, revision: int = 1, seconds_ago: float = 0, **texts: str) -> list[Outcome]:
    """Save answers as a device would: ``write(copy, box1="limpet")``."""
    changes = [change(field_id, text, revision, seconds_ago) for field_id, text in texts.items()]
    return save_answers(copy.pk, changes, timezone.now())


def change(field_id: str, text: str, revision: int = 1, seconds_ago: float = 0) -> Change:
    return Change(field_id, revision, text_answer(text), timedelta(seconds=seconds_ago))


def text_answer(text: str) -> dict[str, Any]:
    return {"kind": "answer_box", "version": 1, "text": text}


class WorldCase(TestCase):
    """A test in a small school, with a folder of its own for files."""

    world: World
    data: Path

    @classmethod
    def setUpTestData(cls) -> None:
        cls.world = make_world()

    @classmethod
    def setUpClass(cls) -> None:
        cls.data = Path(tempfile.mkdtemp(prefix="velum-test-"))
        cls.addClassCleanup(shutil.rmtree, cls.data, ignore_errors=True)
        cls.enterClassContext(
            override_settings(DATA=cls.data, MEDIA_ROOT=cls.data / "files", PICTURES_ROOT=cls.data / "pictures")
        )
        super().setUpClass()

    def setUp(self) -> None:
        cache.clear()
        read_edition.cache_clear()
        read_keys.cache_clear()  # a rolled back database gives its numbers out again

    def assert_error(self, response: Any, status: int, code: str) -> None:
        """The response is an error that a browser can show: a stable code and a sentence."""
        self.assertEqual(response.status_code, status, response.content)
        body = response.json()
        self.assertEqual(body["code"], code)
        self.assertRegex(body["message"], r"\.$")


def make_students(of_class: Class, *names: str) -> list[Student]:
    """Students of a class, by their whole names, in the order in which they are given."""
    read = [StudentValue.model_validate(split_name(name)) for name in names]
    owner = of_class.teachings.get(role=Role.OWNS).teacher
    take_roster(owner, of_class.pk, read, timezone.now())
    by_name = {student.name: student for student in students_in(of_class)}
    return [by_name[name] for name in names]


def card_client(student: Student) -> Client:
    """A browser in which a student has signed in with their card."""
    client = Client()
    response = HttpResponse()
    student_cookies.give(response, Card.objects.get(student=student))
    client.cookies = response.cookies
    return client
