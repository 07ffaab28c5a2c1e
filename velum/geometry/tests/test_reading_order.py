import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.geometry.box import Box
from velum.geometry.reading_order import in_reading_order

boxes = st.lists(
    st.builds(
        Box,
        x=st.floats(0, 500),
        y=st.floats(0, 800),
        width=st.floats(5, 200),
        height=st.floats(5, 60),
    ),
    max_size=30,
)


def read(*boxes: Box) -> list[Box]:
    return in_reading_order(boxes, lambda box: box)


class ReadingOrder(unittest.TestCase):
    def test_rows_of_a_table_are_read_one_after_the_other(self) -> None:
        cells = [Box(x=x, y=y, width=90, height=24) for y in (100, 128, 156) for x in (50, 150, 250)]
        self.assertEqual(read(*reversed(cells)), cells)

    def test_a_row_drawn_by_hand_is_still_a_row(self) -> None:
        left = Box(x=50, y=106, width=90, height=22)
        middle = Box(x=150, y=100, width=90, height=24)
        right = Box(x=250, y=110, width=90, height=20)
        self.assertEqual(read(right, middle, left), [left, middle, right])

    def test_a_slow_slope_is_not_one_row(self) -> None:
        slope = [Box(x=300 - step * 60, y=100 + step * 9, width=50, height=20) for step in range(4)]
        self.assertLess(read(*slope).index(slope[0]), read(*slope).index(slope[3]))

    def test_a_high_box_shares_a_row_with_a_low_one_beside_it(self) -> None:
        working, result = Box(x=66, y=172, width=360, height=120), Box(x=440, y=240, width=107, height=26)
        self.assertEqual(read(result, working), [working, result])

    @given(boxes)
    def test_nothing_is_lost_or_read_twice(self, drawn: list[Box]) -> None:
        ordered = read(*drawn)
        self.assertCountEqual([id(box) for box in ordered], [id(box) for box in drawn])

    @given(boxes)
    def test_the_order_does_not_change_when_it_is_read_again(self, drawn: list[Box]) -> None:
        once = read(*drawn)
        self.assertEqual([id(box) for box in read(*once)], [id(box) for box in once])

    @given(boxes)
    def test_a_box_wholly_below_all_others_is_read_last(self, drawn: list[Box]) -> None:
        lowest = Box(x=0, y=900, width=10, height=10)
        self.assertIs(read(lowest, *drawn)[-1], lowest)
