from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from velum.document.numbering import numbers, numbers_of
from velum.document.sheet import sheet_of
from velum.document.tests.examples import a_document, answer_box
from velum.document.tests.numbering_cases import NUMBERING_CASES, WORKING_CASES
from velum.kinds.part import PartRef
from velum.kinds.tests.made_up import MADE_UP


class Numbers(TestCase):
    def test_the_cases(self) -> None:
        for name, (own, all_of_them) in NUMBERING_CASES.items():
            with self.subTest(name):
                self.assertEqual(numbers(own), all_of_them)

    def test_by_the_names_of_fields(self) -> None:
        second = answer_box("box2").changed(number="7b")
        self.assertEqual(
            numbers_of([answer_box("box1"), second, answer_box("box3")]),
            {PartRef("box1"): "1", PartRef("box2"): "7b", PartRef("box3"): "7c"},
        )

    def test_working_out_is_numbered_with_what_it_is_for(self) -> None:
        for name, (fields, found) in WORKING_CASES.items():
            with self.subTest(name):
                boxes = [answer_box(id).changed(number=own, working_for=what) for id, own, what in fields]
                numbered = numbers_of(boxes)
                self.assertEqual(list(numbered.values()), found)
                self.assertEqual([ref.field for ref in numbered], [id for id, _, _ in fields])

    def test_working_out_for_what_asks_nothing_yet_is_a_question_of_its_own(self) -> None:
        empty = MADE_UP.example[0].changed(slots=(), about={})
        working = answer_box("work").changed(working_for=empty.id)
        self.assertEqual(numbers_of([empty, working, answer_box("box2")]), {PartRef("work"): "1", PartRef("box2"): "2"})

    def test_a_student_is_shown_them(self) -> None:
        first = answer_box("box1", y=100).changed(number="3a")
        sheet = sheet_of(a_document(first, answer_box("box2", y=200)))
        self.assertEqual([prompt.parts[0].number for prompt in sheet.prompts], ["3a", "3b"])

    @given(st.lists(st.text(max_size=12), max_size=8))
    def test_every_field_has_one_and_what_is_set_stands(self, own: list[str]) -> None:
        found = numbers(own)
        self.assertEqual(len(found), len(own))
        self.assertTrue(all(found))
        self.assertTrue(all(number == mine for number, mine in zip(found, own, strict=True) if mine))
