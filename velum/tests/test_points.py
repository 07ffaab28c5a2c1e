import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from velum.points import show


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
