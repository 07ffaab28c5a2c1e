"""No key and no answer makes comparing fail."""

import unittest

from hypothesis import example, given, settings
from hypothesis import strategies as st

from velum.answers.compare import compare_written
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
from velum.answers.following import as_written, names_in, value_of, worked_out
from velum.answers.says import says
from velum.mark import Verdict

PIECES = [*"0123456789", "9" * 20, ".", ",", "'", " ", "/", "*", "^", "^300", "e300", "√", "sqrt(", "(", ")", "=", "<",
          "≥", "±", "x", "y", "π", "½", "²", "%", " or ", ";", ":", "h", " m", "km/h", "£", "CO2", "→", "two",
          "hundred", "noon", "half past ", "March ", " BC", "14/3/1879", "CHF", " and ", "not ", "0.(3)", "...", 
          "3 r 1", "!",
          "[", "]", "∞", " ∈ ", "¹⁴C", "C-14", "between ", "at least ", " to ", "i - 2j", "exp(", "10-3",
          "am", "kelp", "\u0130", "\ufdfa", "\u200b", "\n", "٣", "−", "-", "H", "{"]  # fmt: skip
written = st.lists(st.sampled_from(PIECES), max_size=14).map("".join) | st.text(max_size=20)

COMPARISONS: list[Comparison | None] = [
    None,
    Words(),
    Words(slips=True, accents_ignored=True, articles_ignored=True),
    Words(contains=True, slips=True),
    Words(numbers_by_value=True, case_counts=True, punctuation_counts=True),
    Number(),
    Number(tolerance=Within(amount="5", percent=True), unit="half", decimal=","),
    Number(tolerance=Between(low="-1", high="1e20"), unit="ignored"),
    Number(tolerance=Rounded(digits=3, to="figures"), lowest_terms=True),
    Time(),
    Date(),
    Ratio(lowest_terms=True),
    Formula(states="asked"),
    Expression(),
    Expression(same_form=True),
    Words(parts="each"),
    Words(parts="words", case_counts=True),
    Words(contains=True, parts="each", slips=True),
    Number(form="mixed"),
    Number(form="standard"),
    Expression(form="simplified"),
    Expression(form="factorised"),
]


class Hostile(unittest.TestCase):
    @settings(max_examples=600)
    @given(written, written, st.sampled_from(COMPARISONS), st.sampled_from([".", ","]))
    @example("5", "99999999999999999999^300", None, ".")
    @example("x = 2 or 3", "x = 2 or 3", Expression(same_form=True), ".")
    def test_nothing_makes_comparing_fail(
        self, answer: str, key: str, comparison: Comparison | None, sign: str
    ) -> None:
        mark = compare_written(answer, [key, "kelp"], comparison, sign)  # type: ignore[arg-type]
        self.assertTrue(0 <= mark.share <= 1)
        self.assertEqual(mark.share == 1, mark.verdict is Verdict.RIGHT)
        hash(says(answer, sign))  # type: ignore[arg-type]

    @settings(max_examples=300)
    @given(written.filter(str.strip), st.sampled_from(COMPARISONS))
    def test_a_key_is_right_by_itself(self, key: str, comparison: Comparison | None) -> None:
        """Or the teacher decides, where it can be read in two ways."""
        self.assertIn(compare_written(key, [key], comparison).verdict, (Verdict.RIGHT, Verdict.TEACHER))

    @settings(max_examples=300)
    @given(st.lists(st.sampled_from([*PIECES, "{one}", "{two}", "{", "}"]), max_size=12).map("".join), written, written)
    def test_no_rule_makes_following_fail(self, rule: str, one: str, two: str) -> None:
        values = {
            name: value for name, text in (("one", one), ("two", two)) if (value := value_of(text, ".")) is not None
        }
        value = worked_out(rule, values, ".")
        if value is not None:
            self.assertTrue(set(names_in(rule)) <= set(values))
            self.assertIsInstance(as_written(value, one, ","), str)
