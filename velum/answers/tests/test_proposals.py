import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.compare import compare_written, guess
from velum.answers.comparison import Expression, Number, Ratio, Time, Words
from velum.answers.proposals import MOST, examples, proposals
from velum.mark import Verdict


class Proposals(unittest.TestCase):
    def test_other_spellings_are_proposed(self) -> None:
        for text, other in (
            ("harbour", "harbor"),
            ("color", "colour"),
            ("theatre", "theater"),
            ("organise", "organize"),
            ("travelled", "traveled"),
            ("grey seal", "gray seal"),
            ("rock-pool", "rock pool"),
            ("rock pool", "rockpool"),
            ("fish & chips", "fish and chips"),
        ):
            with self.subTest(text):
                self.assertIn(other, proposals(text))

    def test_most_words_have_none(self) -> None:
        for text in ("crab", "limpet", "our", "or", "4750", ""):
            self.assertEqual(proposals(text), [])

    @given(st.text(max_size=60))
    def test_they_are_few_and_never_the_key_itself(self, text: str) -> None:
        for found in (
            proposals(text),
            *(examples(text, by) for by in (Words(), Number(), Time(), Ratio(), Expression())),
        ):
            self.assertLessEqual(len(found), MOST)
            self.assertNotIn(text.strip(), found)
            self.assertEqual(len(set(found)), len(found))

    def test_examples_show_what_is_accepted_and_what_is_not(self) -> None:
        for key in ("bladder wrack", "4750", "4.5", "12 cm", "€4.50", "14:30", "3:4", "2x + 3", "y = 2x + 1"):
            with self.subTest(key):
                tried = examples(key, guess(key))
                verdicts = {compare_written(text, [key]).verdict for text in tried}
                self.assertIn(Verdict.RIGHT, verdicts, tried)
                self.assertGreater(len(verdicts), 1, tried)
