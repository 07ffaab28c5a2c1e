"""What a teacher lays under something opaque is no part of what a student gets."""

import unittest

from velum.document.edits import LayFixture, apply
from velum.document.sheet import sheet_of
from velum.document.tests.examples import a_document
from velum.fixtures import Fixture
from velum.fixtures.picture import Picture
from velum.fixtures.shape import Shape
from velum.fixtures.text import Text
from velum.geometry.box import Box
from velum.rich_text import plain

BOX = Box(x=100, y=100, width=80, height=40)
MIDDLE = Box(x=135, y=115, width=10, height=10)
FILLED = Shape(id="cover", page="page1", box=BOX, fill="#ffffff", stroke=None)
PICTURE = Picture(id="cover", page="page1", box=BOX, picture="a" * 64, alternative="A crab")


def words(text: str, box: Box, page: str = "page1") -> Text:
    return Text(id="answer", page=page, box=box, paragraphs=plain(text))


class Covered(unittest.TestCase):
    def shown(self, *fixtures: Fixture) -> list[str]:
        sheet = apply(a_document(), [LayFixture(fixture=fixture) for fixture in fixtures])
        return [fixture.id for fixture in sheet_of(sheet).fixtures]

    def test_what_lies_under_a_filled_box_reaches_no_student(self) -> None:
        answer = words("bladder wrack", MIDDLE)
        self.assertEqual(self.shown(answer, FILLED), ["cover"])
        self.assertEqual(self.shown(FILLED, answer), ["cover", "answer"])
        self.assertEqual(self.shown(words("bladder wrack", MIDDLE, "page2"), FILLED), ["cover", "answer"])

    def test_what_reaches_out_from_under_it_does(self) -> None:
        answer = words("ebb", Box(x=60, y=110, width=80, height=12))
        self.assertEqual(self.shown(answer, FILLED), ["answer", "cover"])

    def test_a_picture_above_hides_nothing_that_may_show_through(self) -> None:
        answer = words("ebb", MIDDLE)
        self.assertEqual(self.shown(answer, PICTURE), ["answer", "cover"])
