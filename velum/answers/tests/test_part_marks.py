"""Lists, held words and sentences whose parts earn a share each, and forms that are asked for."""

import unittest
from fractions import Fraction

from velum.answers.compare import compare_written
from velum.answers.comparison import Comparison, Expression, Number, Words
from velum.mark import Mark, Verdict


def mark(key: str, rules: Comparison, written: str) -> Mark:
    return compare_written(written, [key], rules)


class Parts(unittest.TestCase):
    def test_each_part_of_a_list_earns_its_share(self) -> None:
        key, rules = "gull, goby, limpet", Words(parts="each")
        for written, share in (
            ("limpet, gull and goby", Fraction(1)),
            ("gull and goby", Fraction(2, 3)),
            ("gull, crab, limpet", Fraction(2, 3)),
            ("crab", Fraction(0)),
            ("gull, gull, gull", Fraction(1, 3)),
            ("gull, goby, limpet, crab, whelk, kelp", Fraction(0)),
        ):
            with self.subTest(written):
                self.assertEqual(mark(key, rules, written).share, share)

    def test_a_part_that_is_nearly_right_is_for_the_teacher(self) -> None:
        self.assertIs(mark("gull, goby, limpet", Words(parts="each"), "gull, goby, limpit").verdict, Verdict.TEACHER)

    def test_some_of_the_words_that_have_to_be_there(self) -> None:
        rules = Words(contains=True, parts="each")
        self.assertEqual(mark("moon tide", rules, "because of the moon").share, Fraction(1, 2))
        self.assertEqual(mark("moon tide", rules, "the moon makes the tide").share, 1)
        self.assertIs(mark("moon tide", rules, "the moon does not make the tide").verdict, Verdict.TEACHER)
        self.assertIs(mark("moon tide", Words(contains=True), "the moon").verdict, Verdict.WRONG)

    def test_a_dictation_is_marked_word_by_word_and_says_what_differs(self) -> None:
        key, rules = "The ship sailed tonight.", Words(parts="words")
        said = mark(key, rules, "the ship sails tonight")
        self.assertEqual((said.share, said.reason.words), (Fraction(3, 4), "1 word differs: sails → sailed"))
        self.assertEqual(mark(key, rules, "The ship sailed tonight").share, 1)
        self.assertEqual(mark(key, rules, "ship sailed").share, Fraction(1, 2))
        self.assertEqual(mark(key, rules, "the the ship sailed tonight").share, Fraction(3, 4))
        self.assertIs(mark(key, rules, "something else is here").verdict, Verdict.WRONG)
        self.assertEqual(
            mark(key, Words(parts="words", case_counts=True), "the ship sailed tonight").share, Fraction(3, 4)
        )


class Forms(unittest.TestCase):
    def check(self, key: str, rules: Comparison, right: tuple[str, ...], other_form: tuple[str, ...]) -> None:
        for written in right:
            with self.subTest(key, written=written):
                self.assertIs(mark(key, rules, written).verdict, Verdict.RIGHT)
        for written in other_form:
            with self.subTest(key, written=written):
                self.assertEqual(mark(key, rules, written).reason.code, "other_form")

    def test_a_mixed_number(self) -> None:
        self.check("1 3/4", Number(form="mixed"), ("1 3/4", "1¾", "1 and 3/4"), ("7/4", "1.75"))
        self.check("3/4", Number(form="mixed"), ("3/4", "6/8"), ("0.75",))
        self.check("2", Number(form="mixed"), ("2",), ("4/2",))

    def test_standard_form(self) -> None:
        right = ("3.2 × 10^5", "3.2x10^5", "3.2e5", "3.2×10⁵")
        self.check("3.2 × 10^5", Number(form="standard"), right, ("320000", "32 × 10^4", "0.32 × 10^6"))

    def test_simplified_and_factorised(self) -> None:
        self.check("5x + 3", Expression(form="simplified"), ("5x+3", "3 + 5x"), ("2x+3x+3", "5x+1+2"))
        self.check("2(x+3)", Expression(form="factorised"), ("2(x+3)", "(x+3)*2"), ("2x+6", "(2x+6)"))
        self.check("(x+2)(x-3)", Expression(form="factorised"), ("(x-3)(x+2)",), ("x²-x-6", "x(x-1)-6"))
