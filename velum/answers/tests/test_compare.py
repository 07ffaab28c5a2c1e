import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.compare import compare
from velum.answers.text import normalise
from velum.marking.mark import Verdict

RIGHT, WRONG, BLANK = Verdict.RIGHT, Verdict.WRONG, Verdict.BLANK

CASES = [
    # what the key says, what was written, the verdict, the code of the reason
    ("gannet", "gannet", RIGHT, "same_words"),
    ("gannet", "  Gannet ", RIGHT, "same_words"),
    ("Merry Anne", "merry   anne", RIGHT, "same_words"),
    ("gannet", "gannets", WRONG, "other_words"),
    ("solé", "sole", WRONG, "other_words"),
    ("Straße", "STRASSE", RIGHT, "same_words"),
    ("low tide", "Low tide.", RIGHT, "same_words"),
    ("low tide", "low tide !!", RIGHT, "same_words"),
    ("low tide.", "low tide", RIGHT, "same_words"),
    ("the keeper's lamp", "the keeper’s lamp", RIGHT, "same_words"),
    ('he said "fog"', "he said “fog”", RIGHT, "same_words"),
    ("north-west", "north – west", RIGHT, "same_words"),
    ("north-west", "northwest", WRONG, "other_words"),
    ("fish", "ﬁsh", RIGHT, "same_words"),
    ("tide", "ｔｉｄｅ", RIGHT, "same_words"),
    ("seaweed", "sea\u00adweed", RIGHT, "same_words"),
    ("seaweed", "\u200bsea\u200bweed\ufeff", RIGHT, "same_words"),
    ("rock pool", "rock\u00a0pool", RIGHT, "same_words"),
    ("café", "cafe\u0301", RIGHT, "same_words"),
    ("İzmir", "izmir", RIGHT, "same_words"),
    ("gulls, terns", "gulls , terns", RIGHT, "same_words"),
    ("gulls, terns", "terns, gulls", WRONG, "other_words"),
    ("gulls, terns", "gulls terns", WRONG, "other_words"),
    ("its", "it's", WRONG, "other_words"),
    ("10²", "102", WRONG, "other_words"),
    ("5!", "5", WRONG, "other_words"),
    ("?", "!", WRONG, "other_words"),
    ("?", "?", RIGHT, "same_words"),
    ("маяк", "Маяк.", RIGHT, "same_words"),
    ("灯台", "灯台。", RIGHT, "same_words"),
    ("منارة", "منارة؟", RIGHT, "same_words"),
    ("4.20", "4.2", RIGHT, "same_value"),
    ("42", "+42", RIGHT, "same_value"),
    ("0", "-0", RIGHT, "same_value"),
    ("-3", "\N{MINUS SIGN}3", RIGHT, "same_words"),
    ("0.1", "0.10000000000000001", WRONG, "other_value"),
    ("42", "43", WRONG, "other_value"),
    ("42", "forty-two", WRONG, "not_a_number"),
    ("42", "", BLANK, "blank"),
    ("42", " \t ", BLANK, "blank"),
]


class Comparing(unittest.TestCase):
    def test_cases(self) -> None:
        for meant, written, verdict, code in CASES:
            with self.subTest(meant=meant, written=written):
                mark = compare(written, meant)
                self.assertEqual((mark.verdict, mark.reason.code), (verdict, code))

    @given(st.text(min_size=1).filter(str.strip))
    def test_a_key_accepts_itself(self, key: str) -> None:
        self.assertIs(compare(key, key).verdict, RIGHT)

    @given(st.text(), st.text())
    def test_what_says_the_same_does_so_both_ways_and_again(self, one: str, other: str) -> None:
        self.assertEqual(normalise(normalise(one)), normalise(one))
        if one.strip() and other.strip():
            same = [compare(a, b).reason.code == "same_words" for a, b in ((one, other), (other, one))]
            self.assertEqual(*same)

    @given(st.text(), st.text(min_size=1))
    def test_anything_gets_a_mark_in_range(self, written: str, meant: str) -> None:
        self.assertTrue(0 <= compare(written, meant).share <= 1)

    @given(st.decimals(allow_nan=False, allow_infinity=False, places=3), st.integers(0, 6))
    def test_zeros_at_the_end_do_not_count(self, number: object, zeros: int) -> None:
        written = f"{number:f}{'0' * zeros}"
        if len(written) <= 60:
            self.assertIs(compare(written, f"{number:f}").verdict, RIGHT)
