import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.picked import mark_picked
from velum.mark import Verdict

THERE = tuple("abcdefgh")
options = st.sets(st.sampled_from(THERE), min_size=1)


class Picking(unittest.TestCase):
    def mark(self, picked: set[str], key: set[str], part_marks: bool = True) -> tuple[Verdict, Fraction, str]:
        mark = mark_picked(picked, key, there=THERE, several=True, part_marks=part_marks)
        return mark.verdict, mark.share, mark.reason.words

    def test_one_of_several(self) -> None:
        for picked, verdict in ((set("b"), Verdict.RIGHT), (set("a"), Verdict.WRONG), (set("ab"), Verdict.WRONG)):
            self.assertIs(mark_picked(picked, set("b"), there=THERE, several=False, part_marks=True).verdict, verdict)

    def test_right_picks_count_and_wrong_ones_take_away(self) -> None:
        third = Fraction(1, 3)
        self.assertEqual(self.mark(set("ab"), set("abc")), (Verdict.PARTLY, 2 * third, "2 of 3 right options picked"))
        self.assertEqual(
            self.mark(set("abf"), set("abc")), (Verdict.PARTLY, third, "2 of 3 right options picked; 1 wrong one too")
        )
        self.assertEqual(self.mark(set("aef"), set("abc"))[:2], (Verdict.WRONG, 0))

    def test_all_or_nothing(self) -> None:
        self.assertEqual(self.mark(set("ab"), set("abc"), part_marks=False)[:2], (Verdict.WRONG, 0))
        self.assertEqual(self.mark(set("ab"), set("ab"), part_marks=False)[:2], (Verdict.RIGHT, 1))

    def test_a_key_whose_options_are_gone_is_none(self) -> None:
        mark = mark_picked({"a"}, {"d"}, there="ab", several=False, part_marks=True)
        self.assertIs(mark.verdict, Verdict.TEACHER)

    @given(options, options, st.booleans(), st.booleans())
    def test_a_mark_lies_in_its_range_and_only_the_key_earns_all(
        self, picked: set[str], key: set[str], several: bool, part_marks: bool
    ) -> None:
        mark = mark_picked(picked, key, there=THERE, several=several, part_marks=part_marks)
        self.assertTrue(0 <= mark.share <= 1)
        self.assertEqual(mark.share == 1, picked == key)
        self.assertEqual(mark.verdict is Verdict.RIGHT, picked == key)

    @given(options)
    def test_picking_everything_earns_at_most_what_luck_would(self, key: set[str]) -> None:
        everything = set(THERE)
        mark = mark_picked(everything, key, there=THERE, several=True, part_marks=True)
        self.assertEqual(mark.share, max(Fraction(0), Fraction(2 * len(key) - 8, len(key))))
