import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from velum.marking.mark import Verdict
from velum.marking.picked import mark_picked

options = st.sets(st.integers(0, 7), min_size=1)


class Picking(unittest.TestCase):
    def mark(self, picked: set[int], key: set[int], part_marks: bool = True) -> tuple[Verdict, Fraction, str]:
        mark = mark_picked(picked, key, options=8, several=True, part_marks=part_marks)
        return mark.verdict, mark.share, mark.reason.words

    def test_one_of_several(self) -> None:
        for picked, verdict in (({1}, Verdict.RIGHT), ({0}, Verdict.WRONG), ({0, 1}, Verdict.WRONG)):
            self.assertIs(mark_picked(picked, {1}, options=8, several=False, part_marks=True).verdict, verdict)

    def test_right_picks_count_and_wrong_ones_take_away(self) -> None:
        third = Fraction(1, 3)
        self.assertEqual(self.mark({0, 1}, {0, 1, 2}), (Verdict.PARTLY, 2 * third, "2 of 3 right options picked"))
        self.assertEqual(
            self.mark({0, 1, 5}, {0, 1, 2}), (Verdict.PARTLY, third, "2 of 3 right options picked, 1 wrong one too")
        )
        self.assertEqual(self.mark({0, 4, 5}, {0, 1, 2})[:2], (Verdict.WRONG, 0))

    def test_all_or_nothing(self) -> None:
        self.assertEqual(self.mark({0, 1}, {0, 1, 2}, part_marks=False)[:2], (Verdict.WRONG, 0))
        self.assertEqual(self.mark({0, 1}, {0, 1}, part_marks=False)[:2], (Verdict.RIGHT, 1))

    def test_a_key_whose_options_are_gone_is_none(self) -> None:
        mark = mark_picked({0}, {3}, options=2, several=False, part_marks=True)
        self.assertIs(mark.verdict, Verdict.TEACHER)

    @given(options, options, st.booleans(), st.booleans())
    def test_a_mark_lies_in_its_range_and_only_the_key_earns_all(
        self, picked: set[int], key: set[int], several: bool, part_marks: bool
    ) -> None:
        mark = mark_picked(picked, key, options=8, several=several, part_marks=part_marks)
        self.assertTrue(0 <= mark.share <= 1)
        self.assertEqual(mark.share == 1, picked == key)
        self.assertEqual(mark.verdict is Verdict.RIGHT, picked == key)

    @given(options)
    def test_picking_everything_earns_at_most_what_luck_would(self, key: set[int]) -> None:
        everything = set(range(8))
        mark = mark_picked(everything, key, options=8, several=True, part_marks=True)
        self.assertEqual(mark.share, max(Fraction(0), Fraction(2 * len(key) - 8, len(key))))
