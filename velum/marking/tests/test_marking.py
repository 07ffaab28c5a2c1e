import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from velum.document.tests.examples import answer_box, worksheet
from velum.kinds.answer_box import AnswerBoxAnswer
from velum.marking.copies import mark_copy
from velum.marking.mark import Verdict
from velum.marking.points import show


class Copies(unittest.TestCase):
    def test_every_field_is_marked_in_its_order(self) -> None:
        sheet = worksheet(
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
        self.assertEqual([mark.field_id for mark in marks], ["box1", "box2", "box3", "box4"])
        self.assertEqual(
            [mark.mark.verdict for mark in marks],
            [Verdict.RIGHT, Verdict.WRONG, Verdict.BLANK, Verdict.TEACHER],
        )
        self.assertEqual([mark.earned for mark in marks], [2, 0, 0, 0])
        self.assertEqual(marks[2].points, Fraction(1, 2))

    def test_an_answer_to_no_field_does_not_matter(self) -> None:
        self.assertEqual(mark_copy(worksheet(), {"gone": AnswerBoxAnswer(text="limpet")}), [])


class ShowingPoints(unittest.TestCase):
    def test_points_are_shown_as_a_teacher_writes_them(self) -> None:
        for points, shown in (
            ("0", "0"),
            ("18", "18"),
            ("35/2", "17½"),
            ("1/4", "¼"),
            ("11/4", "2¾"),
            ("1/3", "⅓"),
            ("5/3", "1⅔"),
            ("1/7", "0.14"),
            ("1/8", "0.13"),
            ("1/10", "0.1"),
            ("999/1000", "1"),
            ("199/100", "1.99"),
        ):
            with self.subTest(points):
                self.assertEqual(show(Fraction(points)), shown)

    @given(st.fractions(0, 100, max_denominator=1000))
    def test_rounding_moves_points_by_less_than_a_hundredth(self, points: Fraction) -> None:
        shown = show(points)
        for sign, value in (("¼", "1/4"), ("⅓", "1/3"), ("½", "1/2"), ("⅔", "2/3"), ("¾", "3/4")):
            if shown.endswith(sign):
                read = Fraction(shown[:-1] or 0) + Fraction(value)
                break
        else:
            read = Fraction(shown)
        self.assertLessEqual(abs(read - points), Fraction(1, 200))
