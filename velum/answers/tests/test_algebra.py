import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.algebra.compare import looks_like_expression
from velum.answers.algebra.reading import read
from velum.answers.compare import compare_written
from velum.answers.comparison import Expression
from velum.mark import Verdict

AS_EXPRESSION = Expression()

atoms = st.sampled_from(["x", "y", "2", "3", "0.5", "10"])
expressions = st.recursive(
    atoms,
    lambda inner: st.one_of(
        st.tuples(inner, inner).map(lambda pair: f"({pair[0]} + {pair[1]})"),
        st.tuples(inner, inner).map(lambda pair: f"({pair[0]} - {pair[1]})"),
        st.tuples(inner, inner).map(lambda pair: f"({pair[0]})({pair[1]})"),
        inner.map(lambda base: f"({base})^2"),
    ),
    max_leaves=3,
)


def verdict(answer: str, key: str) -> Verdict:
    return compare_written(answer, [key], AS_EXPRESSION).verdict


class Forms(unittest.TestCase):
    def test_several_solutions_of_different_shapes_in_the_same_form(self) -> None:
        """Such as a key says them: the solutions have forms that cannot be put in an order."""
        same = Expression(same_form=True)
        for key in ("x = 2 or 3", "x = 2 or x = 3/4", "x = √2 or x = -1", "2 or y"):
            with self.subTest(key):
                self.assertEqual(compare_written(key, [key], same).verdict, Verdict.RIGHT)


class Equality(unittest.TestCase):
    @given(expressions, expressions)
    def test_what_always_holds_is_found_and_what_never_holds_is_not(self, one: str, other: str) -> None:
        equal = (Verdict.RIGHT, Verdict.TEACHER)  # the teacher looks at another form
        self.assertIn(verdict(f"{one} + {other}", f"{other} + {one}"), equal)
        self.assertIn(verdict(f"({one})({other})", f"({other})({one})"), equal)
        self.assertIn(verdict(f"({one} + {other})^2", f"({one})^2 + 2({one})({other}) + ({other})^2"), equal)
        self.assertIs(verdict(f"{one} + 1", one), Verdict.WRONG)

    @given(expressions, expressions)
    def test_it_is_the_same_both_ways(self, one: str, other: str) -> None:
        equal = (Verdict.RIGHT, Verdict.TEACHER)  # whichever of the two is drawn together further
        self.assertIs(verdict(one, other) in equal, verdict(other, one) in equal)

    @given(expressions, st.sampled_from(["=", "<", "≥", "≠"]))
    def test_a_relation_may_be_multiplied_and_read_from_its_other_end(self, side: str, relation: str) -> None:
        turned = {"=": "=", "<": ">", "≥": "≤", "≠": "≠"}[relation]
        key = f"x + y {relation} {side}"
        self.assertIs(verdict(f"{side} {turned} x + y", key), Verdict.RIGHT)
        self.assertIs(verdict(f"3(x + y) {relation} 3({side})", key), Verdict.RIGHT)

    def test_the_worksheets_decimal_sign(self) -> None:
        for answer, right in (("0,5x", Verdict.RIGHT), ("0.5x", Verdict.RIGHT), ("5x", Verdict.WRONG)):
            self.assertIs(compare_written(answer, ["0,5x"], AS_EXPRESSION, ",").verdict, right)

    def test_numbers_that_no_student_means_are_left_to_the_teacher(self) -> None:
        for answer in ("3^(9^(9^9))x", "9^(9^(9^(9^9)))x"):
            with self.subTest(answer):
                self.assertIs(verdict(answer, "2^(9^(9^9))x"), Verdict.TEACHER)


class Reading(unittest.TestCase):
    def test_what_is_no_expression_is_not_read(self) -> None:
        for text in ("", "(", "x +", "+ +", "x ^", "2 ^ ^ 2", "x = = 2", "|x", "sin", "()", "x" * 500, "x;" * 20):
            with self.subTest(text):
                self.assertEqual(read(text, "."), ())

    def test_keys_that_look_like_expressions(self) -> None:
        for text in ("2x", "x = 5", "x² − 1", "3(a + b)", "y < 2x", "sin(x)", "½x", "√x + 1", "2πr"):
            with self.subTest(text):
                self.assertTrue(looks_like_expression(text))
        for text in (
            "x",
            "low tide",
            "C4",
            "B 12",
            "12",
            "sea-level",
            "a-b",
            "H. and M.",
            "2 boats",
            "B2-C3",
            "3 x 4",
            "x" * 200 + "=1",
        ):
            with self.subTest(text):
                self.assertFalse(looks_like_expression(text))
