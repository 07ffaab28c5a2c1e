import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st
from pydantic import TypeAdapter, ValidationError

from velum.answers.compare import compare_written, guess
from velum.answers.comparison import (
    Between,
    Comparison,
    Date,
    Expression,
    Formula,
    Number,
    Ratio,
    Rounded,
    Time,
    Within,
    Words,
)
from velum.answers.number import DecimalSign, read_number
from velum.answers.number_words import read_words
from velum.answers.tests.cases import GROUPS
from velum.answers.text import normalise
from velum.answers.words import distance
from velum.mark import Verdict

SIGNS = " 0123456789.,'’+-−/%^*×e()½²³⁻:€$cmkgapl°_٫٬HOCaNS{}[]·>=₂√|<≤xyπ±;"
written = st.text() | st.text(SIGNS, max_size=40)
meant = written.filter(str.strip)
tolerances = st.sampled_from(
    [None, Within(amount="0.1"), Within(amount="5", percent=True), Between(low="1", high="9"), Rounded(digits=2)]
)
comparisons = st.one_of(
    st.none(),
    st.builds(
        Words,
        case_counts=st.booleans(),
        accents_ignored=st.booleans(),
        articles_ignored=st.booleans(),
        punctuation_counts=st.booleans(),
        slips=st.booleans(),
        contains=st.booleans(),
        numbers_by_value=st.booleans(),
    ),
    st.builds(
        Number,
        decimal=st.sampled_from([".", ",", None]),
        tolerance=tolerances,
        unit=st.sampled_from(["asked", "half", "optional", "ignored"]),
        lowest_terms=st.booleans(),
    ),
    st.just(Time()),
    st.just(Date()),
    st.builds(Ratio, lowest_terms=st.booleans()),
    st.builds(Formula, states=st.sampled_from(["asked", "ignored"])),
    st.builds(Expression, same_form=st.booleans()),
)
WORTH = {Verdict.RIGHT: 3, Verdict.TEACHER: 2, Verdict.PARTLY: 1, Verdict.WRONG: 0, Verdict.BLANK: 0}


class Comparing(unittest.TestCase):
    def test_cases(self) -> None:
        for group in GROUPS:
            for key, text, verdict, code in group.rows:
                with self.subTest(group.title, key=key, written=text):
                    mark = compare_written(text, [key], group.comparison)
                    self.assertEqual((mark.verdict, mark.reason.code), (verdict, code))

    def test_reasons_say_what_differs(self) -> None:
        for key, text, words in (
            ("harbour", "habrour", "1 letter differs"),
            ("lighthouse", "lihgthuose", "2 letters differ"),
        ):
            self.assertEqual(compare_written(text, [key], Words(slips=True)).reason.words, words)
        self.assertEqual(compare_written("4.750", ["4750"]).reason.words, "could be 4.75 or 4750: please look")
        self.assertEqual(
            compare_written("3 g", ["3 m"]).reason.words, "a unit of mass, where one of length was asked for"
        )

    def test_one_of_several_right_answers_is_enough(self) -> None:
        self.assertIs(compare_written("sea eagle", ["erne", "sea eagle"]).verdict, Verdict.RIGHT)
        self.assertIs(compare_written("1,5", ["1.5", "1,5"]).verdict, Verdict.RIGHT)
        self.assertIs(compare_written("goby", ["erne", "sea eagle"]).verdict, Verdict.WRONG)

    def test_the_comparison_is_guessed_from_the_key(self) -> None:
        for key, kind in (
            ("gannet", Words),
            ("five", Words),
            ("12 paces", Words),
            ("4,750", Number),
            ("€4.50", Number),
            ("12 cm", Number),
            ("half past six", Time),
            ("noon", Time),
            ("14 March 1879", Date),
            ("44 BC", Date),
            ("1066", Number),
            ("NaCl", Formula),
            ("Mg2+", Formula),
            ("Fe", Formula),
            ("NATO", Words),
            ("πr²", Expression),
            ("6√2", Expression),
            ("cm²", Words),
            ("(3, 4)", Words),
            ("3 r 2", Words),
            ("3rd", Words),
            ("150 CHF", Number),
            ("06:10", Time),
            ("2:30 pm", Time),
            ("3:4", Ratio),
            ("H2O", Formula),
            ("2H2 + O2 -> 2H2O", Formula),
            ("C4", Words),
            ("NO", Words),
            ("A: 12", Words),
        ):
            with self.subTest(key):
                self.assertIs(type(guess(key)), kind)

    @given(meant, comparisons)
    def test_a_key_accepts_itself(self, key: str, comparison: Comparison | None) -> None:
        self.assertIs(compare_written(key, [key], comparison).verdict, Verdict.RIGHT)

    @given(written, meant, meant, comparisons)
    def test_one_more_right_answer_never_lowers_a_mark(
        self, text: str, key: str, more: str, comparison: Comparison | None
    ) -> None:
        before, after = compare_written(text, [key], comparison), compare_written(text, [key, more], comparison)
        self.assertGreaterEqual(WORTH[after.verdict], WORTH[before.verdict])

    @given(written, meant, comparisons)
    def test_anything_gets_a_mark_in_range(self, text: str, key: str, comparison: Comparison | None) -> None:
        self.assertTrue(0 <= compare_written(text, [key], comparison).share <= 1)

    @given(st.sampled_from(SIGNS + "aé\u0301x "), st.integers(1, 20_000), comparisons)
    def test_the_longest_answers_get_one_too(self, sign: str, times: int, comparison: Comparison | None) -> None:
        long = sign * times
        for text, key in ((long, "12 cm"), (long, "harbour wall"), (long, f"{long}x")):
            self.assertTrue(0 <= compare_written(text, [key], comparison).share <= 1)

    @given(st.text(), st.text())
    def test_what_says_the_same_does_so_both_ways_and_again(self, one: str, other: str) -> None:
        self.assertEqual(normalise(normalise(one)), normalise(one))
        if one.strip() and other.strip():
            same = [compare_written(a, [b]).reason.code == "same_words" for a, b in ((one, other), (other, one))]
            self.assertEqual(*same)


class Numbers(unittest.TestCase):
    @given(st.integers(-(10**15), 10**15))
    def test_thousands_may_be_parted_in_every_common_way(self, number: int) -> None:
        for sign in (",", " ", "'", "\u202f", "_"):
            reading = read_number(f"{number:,}".replace(",", sign))
            assert reading
            self.assertEqual(reading.sure, number)

    @given(st.decimals(-(10**9), 10**9, places=3))
    def test_both_decimal_signs_are_read_where_they_are_those_of_the_worksheet(self, number: object) -> None:
        for text, sign in ((f"{number:f}", "."), (f"{number:f}".replace(".", ","), ",")):
            reading = read_number(text, sign)  # type: ignore[arg-type]
            assert reading
            self.assertEqual(reading.sure, Fraction(f"{number:f}"))

    @given(st.integers(-500, 500), st.integers(1, 500), st.integers(0, 4))
    def test_equal_numbers_are_equal_both_ways(self, above: int, below: int, zeros: int) -> None:
        one, other = f"{above}/{below}", f"{above * 3}/{below * 3}"
        self.assertIs(compare_written(one, [other]).verdict, Verdict.RIGHT)
        self.assertIs(compare_written(other, [one]).verdict, Verdict.RIGHT)
        self.assertIs(compare_written(f"{above}.{'0' * zeros}", [str(above)]).verdict, Verdict.RIGHT)

    @given(st.integers(0, 999_999))
    def test_numbers_in_words_are_read(self, number: int) -> None:
        self.assertEqual(read_words(in_words(number)), number)

    def test_what_is_not_a_number_in_words_is_none(self) -> None:
        for text in (
            "one one",
            "twenty ten",
            "hundred hundred",
            "one thousand one million",
            "and",
            "five and",
            "",
            "a",
        ):
            with self.subTest(text):
                self.assertIsNone(read_words(text))

    def test_a_tolerance_has_to_be_a_number(self) -> None:
        reader: TypeAdapter[Comparison] = TypeAdapter(Comparison)
        for amount in ("a bit", "1,5,2", "", "1e9999"):
            with self.assertRaises(ValidationError):
                reader.validate_python({"by": "number", "tolerance": {"rule": "within", "amount": amount}})


class NumbersAmongWords(unittest.TestCase):
    def test_they_are_read_with_the_worksheets_decimal_sign(self) -> None:
        rules = Words(numbers_by_value=True)
        cases: list[tuple[str, DecimalSign, bool]] = [
            ("about 1,50 m", ",", True),
            ("about 1.5 m", ",", True),
            ("about 1.500 m", ",", False),
        ]
        for written, decimal, right in cases:
            with self.subTest(written, decimal=decimal):
                mark = compare_written(written, ["about 1,5 m"], rules, decimal)
                self.assertEqual(mark.verdict is Verdict.RIGHT, right)


class Slips(unittest.TestCase):
    @given(st.text("abcd", max_size=8), st.text("abcd", max_size=8), st.integers(0, 3))
    def test_a_distance_is_the_same_both_ways_and_never_above_the_most(self, one: str, other: str, most: int) -> None:
        count = distance(one, other, most)
        self.assertEqual(count, distance(other, one, most))
        self.assertTrue(count is None or 0 <= count <= most)
        self.assertEqual(distance(one, one, most), 0)

    @given(st.text("abcd", min_size=2, max_size=8), st.data())
    def test_one_slip_is_found(self, word: str, data: st.DataObject) -> None:
        at = data.draw(st.integers(0, len(word) - 2))
        for slipped in (
            word[:at] + word[at + 1 :],
            word[:at] + "x" + word[at:],
            word[:at] + "x" + word[at + 1 :],
            word[:at] + word[at + 1] + word[at] + word[at + 2 :],
        ):
            self.assertIn(distance(slipped, word, 1), (0, 1))


def in_words(number: int) -> str:
    small = [
        "zero",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen",
    ]
    tens = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"]
    if number < 20:
        return small[number]
    if number < 100:
        return tens[number // 10 - 2] + (f"-{small[number % 10]}" if number % 10 else "")
    if number < 1_000:
        return f"{small[number // 100]} hundred" + (f" and {in_words(number % 100)}" if number % 100 else "")
    rest = number % 1_000
    behind = f" {'and ' if rest < 100 else ''}{in_words(rest)}" if rest else ""
    return f"{in_words(number // 1_000)} thousand{behind}"
