import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.picked import mark_picked
from velum.document.document import Document, points_of
from velum.document.edits import RemoveField, SetGroups, SetKey, apply
from velum.document.group import Group, GroupRefused
from velum.document.key_set import key_set_of
from velum.document.sheet import sheet_of
from velum.document.tests.examples import a_document, answer_box
from velum.kinds.answer_box import AnswerBoxAnswer, AnswerBoxKey
from velum.kinds.choice import CHOICE
from velum.kinds.part import PartRef
from velum.mark import Verdict
from velum.marking.copies import Marker, all_or_nothing, mark_copy
from velum.marking.tests.cases import PICKS, POOLS, PoolCase

names = st.sampled_from(["crab", "limpet", "goby", "gull", "Crab", "", "4750", "4,750", "1.500"])


def boxes(count: int, **group: object) -> Document:
    """A worksheet of boxes that are one group."""
    fields = [answer_box(f"box{number}", y=20 + number * 30) for number in range(count)]
    members = tuple(field.id for field in fields)
    return apply(a_document(*fields), [SetGroups(groups=(Group(id="group1", fields=members, **group),))])


def pool(keys: tuple[str, ...], also: tuple[tuple[str, ...], ...] = ()) -> Document:
    edits = [
        SetKey(field_id=f"box{n}", key=AnswerBoxKey(text=text, also=also[n] if also else ()))
        for n, text in enumerate(keys)
    ]
    return apply(boxes(len(keys), any_order=True), edits)


def written(*texts: str) -> dict[str, AnswerBoxAnswer]:
    return {f"box{number}": AnswerBoxAnswer(text=text) for number, text in enumerate(texts)}


def verdicts(case: PoolCase) -> tuple[Verdict, ...]:
    return tuple(mark.mark.verdict for mark in mark_copy(pool(case.keys, case.also), written(*case.written)))


class InAnyOrder(unittest.TestCase):
    def test_the_cases(self) -> None:
        for case in POOLS:
            with self.subTest(case.says):
                self.assertEqual(verdicts(case), case.verdicts)

    def test_the_reason_says_that_it_stands_there_already(self) -> None:
        marks = mark_copy(pool(("crab", "goby")), written("crab", "crab"))
        self.assertEqual(marks[1].mark.reason.words, "the same answer stands in another box")

    def test_what_fits_nowhere_is_told_why_by_the_key_of_its_own_box(self) -> None:
        sheet = pool(("crab", "1,5 m"))
        marks = mark_copy(sheet, written("whelk", "2,5 m"))
        alone = [mark_copy(sheet.changed(groups=()), written("whelk", "2,5 m"))[n].mark.reason for n in (0, 1)]
        self.assertEqual([mark.mark.reason for mark in marks], alone)
        self.assertNotEqual(*alone)

    def test_long_answers_are_read_by_the_teacher(self) -> None:
        marks = mark_copy(pool(("crab", "goby", "gull")), written("crab " * 100, "goby", ""))
        self.assertEqual([mark.mark.verdict for mark in marks], [Verdict.TEACHER, Verdict.TEACHER, Verdict.BLANK])

    def test_a_box_without_a_key_waits_for_the_teacher_but_takes_no_other_ones_points(self) -> None:
        sheet = apply(pool(("crab", "goby")), [SetKey(field_id="box1", key=None)])
        marks = mark_copy(sheet, written("gull", "crab"))
        self.assertEqual([mark.mark.verdict for mark in marks], [Verdict.TEACHER, Verdict.RIGHT])

    @given(st.lists(st.tuples(names.filter(bool), names), min_size=2, max_size=6), st.randoms(use_true_random=False))
    def test_the_order_of_the_answers_does_not_matter(self, pairs: list[tuple[str, str]], luck: object) -> None:
        sheet = pool(tuple(key for key, _ in pairs))
        texts = [text for _, text in pairs]
        earned = sum(mark.earned for mark in mark_copy(sheet, written(*texts)))
        luck.shuffle(texts)  # type: ignore[attr-defined]
        self.assertEqual(sum(mark.earned for mark in mark_copy(sheet, written(*texts))), earned)


class Together(unittest.TestCase):
    def test_points_of_a_group_are_spread_over_its_fields_exactly(self) -> None:
        sheet = boxes(3, points=1)
        self.assertEqual(
            points_of(sheet.fields, sheet.groups), {PartRef(f"box{number}"): Fraction(1, 3) for number in range(3)}
        )

    def test_all_or_nothing(self) -> None:
        groups = boxes(2, all_or_nothing=True).groups
        one, two, slot, other = PartRef("box0"), PartRef("box1"), PartRef("box1", "slot1"), PartRef("other")
        self.assertEqual(all_or_nothing(groups, {one: True, two: False, other: False}), {one, two})
        self.assertEqual(all_or_nothing(groups, {one: True, two: True, slot: False}), {one, two, slot})
        self.assertEqual(all_or_nothing(groups, {one: True, two: True, other: False}), set())
        self.assertEqual(all_or_nothing(groups, {one: True}), set(), "an opinion is not right and stops nobody")
        self.assertEqual(all_or_nothing(boxes(2).groups, {one: True, two: False}), set())

    def test_a_field_without_points_is_an_opinion_and_has_no_mark(self) -> None:
        sheet = a_document(answer_box("box1", points=0), answer_box("box2", y=300), keys={"box1": "crab"})
        self.assertEqual([mark.ref.field for mark in mark_copy(sheet, written("", "crab"))], ["box2"])
        self.assertEqual([prompt.parts[0].points > 0 for prompt in sheet_of(sheet).prompts], [False, True])

    def test_a_field_without_points_of_its_own_has_those_of_its_group(self) -> None:
        sheet = a_document(answer_box("box1", points=0), answer_box("box2", y=300, points=0))
        sheet = apply(sheet, [SetGroups(groups=(Group(id="group1", fields=("box1", "box2"), points=1),))])
        self.assertEqual([mark.points for mark in mark_copy(sheet, {})], [Fraction(1, 2)] * 2)


CRAB = AnswerBoxAnswer(text="crab")


class Tries(unittest.TestCase):
    def earned(self, tries: int, cost: Fraction) -> Fraction:
        sheet = a_document(answer_box("box1", points=2), keys={"box1": "crab"})
        return Marker(sheet, key_set_of(sheet), cost).mark({"box1": CRAB}, {PartRef("box1"): tries})[0].earned

    def test_each_takes_its_share_and_never_more_than_there_is(self) -> None:
        for tries, cost, earned in (
            (0, Fraction(1, 4), Fraction(2)),
            (1, Fraction(1, 4), Fraction(3, 2)),
            (3, Fraction(1, 3), Fraction(0)),
            (9, Fraction(1, 4), Fraction(0)),
            (2, Fraction(0), Fraction(2)),
        ):
            self.assertEqual(self.earned(tries, cost), earned)


class Grouping(unittest.TestCase):
    def assert_refused(self, code: str, *groups: Group) -> None:
        sheet = a_document(answer_box("box1"), answer_box("box2", y=200), answer_box("box3", y=300))
        choice = CHOICE.example[0].changed(id="pick1")
        sheet = sheet.changed(fields=(*sheet.fields, choice))
        with self.assertRaises(GroupRefused) as caught:
            apply(sheet, [SetGroups(groups=groups)])
        self.assertEqual(caught.exception.code, code)

    def test_what_does_not_fit_is_refused(self) -> None:
        pair = Group(id="group1", fields=("box1", "box2"))
        self.assert_refused("group.field_gone", Group(id="group1", fields=("box1", "box9")))
        self.assert_refused("group.twice", Group(id="group1", fields=("box1", "box1")))
        self.assert_refused("group.twice", pair, Group(id="group2", fields=("box2", "box3")))
        self.assert_refused("group.twice", pair, Group(id="group1", fields=("box3", "pick1")))
        self.assert_refused("group.any_order", Group(id="group1", fields=("box1", "pick1"), any_order=True))

    def test_a_field_that_is_removed_leaves_its_group_and_one_alone_is_none(self) -> None:
        sheet = apply(boxes(3), [RemoveField(field_id="box0")])
        self.assertEqual([group.fields for group in sheet.groups], [("box1", "box2")])
        self.assertEqual(apply(sheet, [RemoveField(field_id="box1")]).groups, ())


class Picks(unittest.TestCase):
    def test_the_cases(self) -> None:
        for case in PICKS:
            with self.subTest(case):
                for part_marks, share in ((True, case.part_marks), (False, case.all_or_nothing)):
                    self.assertEqual(_share(case.right, case.picked, part_marks), Fraction(share))


def _share(right: str, picked: str, part_marks: bool) -> Fraction:
    keys, answers = (set(letters.split()) for letters in (right, picked))
    return mark_picked(answers, keys, there="ABCDE", several=True, part_marks=part_marks).share
