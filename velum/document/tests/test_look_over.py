import unittest

from velum.document.document import Document
from velum.document.group import Group
from velum.document.look_over import look_over
from velum.document.tests.examples import a_document, answer_box
from velum.geometry.box import Box
from velum.kinds import KINDS, Field
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey
from velum.kinds.choice import Choice, ChoiceKey, worded
from velum.kinds.ink import INK
from velum.kinds.tick_places import TICK_PLACES


def box(name: str, x: float, y: float, width: float = 100, height: float = 20) -> AnswerBox:
    return AnswerBox(id=name, page="page1", box=Box(x=x, y=y, width=width, height=height))


def keyed(*fields: Field, text: str = "crab") -> Document:
    """A worksheet of fields, all with a key."""
    keys = {field.id: AnswerBoxKey(text=text) for field in fields if field.kind == "answer_box"}
    return a_document().changed(fields=fields, keys=keys)


def doubts(sheet: Document) -> list[tuple[str, tuple[str, ...]]]:
    return [(finding.doubt, finding.fields) for finding in look_over(sheet)]


class LookOver(unittest.TestCase):
    def test_a_sheet_in_order(self) -> None:
        self.assertEqual(look_over(keyed(answer_box("box1"), answer_box("box2", y=200))), [])

    def test_a_sheet_without_anything_to_answer(self) -> None:
        self.assertEqual(doubts(a_document()), [("nothing", ())])

    def test_the_example_of_every_kind_is_in_order(self) -> None:
        for kind in KINDS.values():
            with self.subTest(kind.name):
                field, key, _ = kind.example
                sheet = a_document().changed(fields=(field,), keys={field.id: key} if key else {})
                self.assertEqual(look_over(sheet), [])

    def test_no_key(self) -> None:
        sheet = a_document(answer_box("box1"), answer_box("box2", y=200), keys={"box2": "crab"})
        self.assertEqual(doubts(sheet), [("no_key", ("box1",))])

    def test_an_opinion_needs_no_key_and_is_named_as_one(self) -> None:
        self.assertEqual(doubts(a_document(answer_box("box1", points=0))), [("no_points", ("box1",))])

    def test_what_is_worked_in_needs_no_points(self) -> None:
        working = INK.example[0].changed(page="page1", points=0)
        self.assertEqual(look_over(a_document().changed(fields=(working,))), [])

    def test_what_covers_a_page_lies_over_the_rest_on_purpose(self) -> None:
        page = a_document().pages[0]
        whole = Box(x=0, y=0, width=page.width, height=page.height)
        over = INK.example[0].changed(page=page.id, box=whole, whole_page=True)
        sheet = keyed(box("box1", 50, 50), over)
        self.assertEqual(doubts(sheet), [])
        smaller = over.changed(box=whole.changed(height=page.height / 2), whole_page=False)
        self.assertEqual(doubts(keyed(box("box1", 50, 50), smaller)), [("overlap", ("sketch01", "box1"))])

    def test_points_of_a_group_are_points(self) -> None:
        sheet = keyed(answer_box("box1", points=0), answer_box("box2", y=200, points=0))
        sheet = sheet.changed(groups=(Group(id="group1", fields=("box1", "box2"), points=1),))
        self.assertEqual(look_over(sheet), [])

    def test_boxes_over_each_other(self) -> None:
        sheet = keyed(box("box1", 100, 100), box("box2", 190, 110), box("box3", 290, 110), box("box4", 100, 400))
        self.assertEqual(doubts(sheet), [("overlap", ("box1", "box2"))])
        self.assertEqual(look_over(keyed(box("box1", 100, 100), box("box2", 199.5, 100))), [])

    def test_beyond_the_page(self) -> None:
        self.assertEqual(doubts(keyed(box("box1", 560, 100))), [("off_page", ("box1",))])
        self.assertEqual(doubts(keyed(box("box1", 100, 835))), [("off_page", ("box1",))])

    def test_too_small_to_touch(self) -> None:
        row = Choice(id="pick1", page="page1", box=Box(x=72, y=90, width=60, height=24), options=worded(*[""] * 6))
        column = row.changed(arrangement="column", box=Box(x=72, y=90, width=60, height=80))
        in_list = row.changed(arrangement="list")
        for field, small in ((row, True), (column, True), (in_list, False)):
            with self.subTest(field.arrangement):
                sheet = keyed(field).changed(keys={"pick1": ChoiceKey(picked=("opt00",))})
                self.assertEqual(doubts(sheet), [("too_small", ("pick1",))] if small else [])
        self.assertEqual(doubts(keyed(box("box1", 100, 100, 40, 12))), [("too_small", ("box1",))])
        ticks, key, _ = TICK_PLACES.example
        sheet = keyed(ticks).changed(keys={ticks.id: key})
        self.assertEqual(doubts(sheet), [])

    def test_the_same_number_twice(self) -> None:
        twice = answer_box("box2", y=200).changed(number="1")
        self.assertEqual(doubts(keyed(answer_box("box1"), twice)), [("same_number", ("box1", "box2"))])

    def test_a_key_that_can_be_read_in_two_ways(self) -> None:
        two = "4/7/1776 could be 1776-04-07 or 1776-07-04."
        for text, words in (("1.500", ""), ("4/7/1776", two), ("14/7/1776", ""), ("1,5", "")):
            with self.subTest(text):
                found = look_over(keyed(answer_box("box1"), text=text))
                self.assertEqual([finding.words.words for finding in found if finding.words], [words] if words else [])

    def test_a_key_that_names_an_option_that_is_gone(self) -> None:
        field = Choice(id="pick1", page="page1", box=Box(x=72, y=90, width=90, height=24), options=worded("", ""))
        sheet = keyed(field).changed(keys={"pick1": ChoiceKey(picked=("opt03",))})
        self.assertEqual(doubts(sheet), [("doubtful_key", ("pick1",))])
