import unittest

from velum.document.keying import with_key_of
from velum.document.look_over import look_over
from velum.document.tests.examples import answer_box, worksheet
from velum.document.worksheet import Worksheet
from velum.geometry.box import Box
from velum.kinds import KINDS, Field
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey
from velum.kinds.choice import Choice, ChoiceKey, worded
from velum.kinds.tick_places import TICK_PLACES
from velum.marking.group import Group


def box(name: str, x: float, y: float, width: float = 100, height: float = 20) -> AnswerBox:
    return AnswerBox(id=name, page="page1", box=Box(x=x, y=y, width=width, height=height))


def keyed(*fields: Field, text: str = "crab") -> Worksheet:
    """A worksheet of fields, all with a key."""
    keys = {field.id: AnswerBoxKey(text=text) for field in fields if field.kind == "answer_box"}
    return worksheet().changed(fields=fields, keys=keys)


def doubts(sheet: Worksheet) -> list[tuple[str, tuple[str, ...]]]:
    return [(finding.doubt, finding.fields) for finding in look_over(sheet)]


class LookOver(unittest.TestCase):
    def test_a_sheet_in_order(self) -> None:
        self.assertEqual(look_over(keyed(answer_box("box1"), answer_box("box2", y=200))), [])

    def test_a_sheet_without_anything_to_answer(self) -> None:
        self.assertEqual(doubts(worksheet()), [("nothing", ())])

    def test_the_example_of_every_kind_is_in_order(self) -> None:
        for kind in KINDS.values():
            with self.subTest(kind.name):
                field, key, _ = kind.example
                sheet = worksheet().changed(fields=(field,), keys={field.id: key})
                self.assertEqual(look_over(sheet), [])

    def test_no_key(self) -> None:
        sheet = worksheet(answer_box("box1"), answer_box("box2", y=200), keys={"box2": "crab"})
        self.assertEqual(doubts(sheet), [("no_key", ("box1",))])

    def test_an_opinion_needs_no_key_and_is_named_as_one(self) -> None:
        self.assertEqual(doubts(worksheet(answer_box("box1", points=0))), [("no_points", ("box1",))])

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
        for text, words in (("1.500", ""), ("1,5", "1,5 could be 1.5 or 15."), ("1.5", "")):
            with self.subTest(text):
                found = look_over(keyed(answer_box("box1"), text=text))
                self.assertEqual([finding.words for finding in found], [words] if words else [])
        comma = keyed(answer_box("box1"), text="1,5").changed(decimal=",")
        self.assertEqual(look_over(comma), [])

    def test_a_key_that_names_an_option_that_is_gone(self) -> None:
        field = Choice(id="pick1", page="page1", box=Box(x=72, y=90, width=90, height=24), options=worded("", ""))
        sheet = keyed(field).changed(keys={"pick1": ChoiceKey(picked=("opt03",))})
        self.assertEqual(doubts(sheet), [("doubtful_key", ("pick1",))])


class NewerKey(unittest.TestCase):
    def test_the_newer_key_counts_for_what_both_have(self) -> None:
        old = keyed(answer_box("box1"), answer_box("box2", y=200), answer_box("box3", y=300), text="crab")
        ticks, key, _ = TICK_PLACES.example
        newer = worksheet(answer_box("box1"), answer_box("box3", y=300), answer_box("new1", y=400))
        newer = newer.changed(
            fields=(*newer.fields, ticks.changed(id="box2")),
            keys={"box1": AnswerBoxKey(text="goby"), "new1": AnswerBoxKey(text="gull"), "box2": key},
            decimal=",",
        )
        both = with_key_of(old, newer)
        self.assertEqual(both.keys, {"box1": AnswerBoxKey(text="goby"), "box2": AnswerBoxKey(text="crab")})
        self.assertEqual((both.fields, both.decimal), (old.fields, ","))
