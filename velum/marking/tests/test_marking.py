import unittest
from fractions import Fraction

from velum.document.tests.examples import a_document, answer_box
from velum.kinds.answer_box import AnswerBoxAnswer
from velum.mark import Verdict
from velum.marking.copies import mark_copy


class Copies(unittest.TestCase):
    def test_every_field_is_marked_in_its_order(self) -> None:
        sheet = a_document(
            answer_box("box1", points=2),
            answer_box("box2", y=200),
            answer_box("box3", y=300, points=0.5),
            answer_box("box4", y=400),
            keys={"box1": "limpet", "box2": "goby", "box3": "6"},
        )
        answers = {
            "box1": AnswerBoxAnswer(text="Limpet"),
            "box2": AnswerBoxAnswer(text="crab"),
            "box4": AnswerBoxAnswer(text="It holds on."),
        }
        marks = mark_copy(sheet, answers)
        self.assertEqual([mark.ref.field for mark in marks], ["box1", "box2", "box3", "box4"])
        self.assertEqual(
            [mark.mark.verdict for mark in marks],
            [Verdict.RIGHT, Verdict.WRONG, Verdict.BLANK, Verdict.TEACHER],
        )
        self.assertEqual([mark.earned for mark in marks], [2, 0, 0, 0])
        self.assertEqual(marks[2].points, Fraction(1, 2))

    def test_an_answer_to_no_field_does_not_matter(self) -> None:
        self.assertEqual(mark_copy(a_document(), {"gone": AnswerBoxAnswer(text="limpet")}), [])
