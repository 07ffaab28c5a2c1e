import unittest
from itertools import permutations

from hypothesis import given
from hypothesis import strategies as st

from velum.answers.assignment import best_assignment

squares = st.integers(0, 5).flatmap(
    lambda side: st.lists(st.lists(st.integers(-9, 9), min_size=side, max_size=side), min_size=side, max_size=side)
)


class Assigning(unittest.TestCase):
    def test_the_first_that_fits_is_not_always_the_best(self) -> None:
        self.assertEqual(best_assignment([[1, 1], [1, 0]]), [1, 0])
        self.assertEqual(best_assignment([[7, 6, 0], [6, 1, 0], [5, 0, 1]]), [1, 0, 2])

    def test_nothing_to_assign(self) -> None:
        self.assertEqual(best_assignment([]), [])

    def test_what_is_not_square_is_refused(self) -> None:
        with self.assertRaises(ValueError):
            best_assignment([[1, 2]])

    @given(squares)
    def test_no_other_assignment_is_worth_more(self, worth: list[list[int]]) -> None:
        given_to = best_assignment(worth)
        side = range(len(worth))
        self.assertEqual(sorted(given_to), list(side))
        best = max(sum(worth[row][order[row]] for row in side) for order in permutations(side))
        self.assertEqual(sum(worth[row][given_to[row]] for row in side), best)
