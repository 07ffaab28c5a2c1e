import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.geometry.box import Box
from velum.geometry.turn import Turn, added, turned_box

turns: st.SearchStrategy[Turn] = st.sampled_from([0, 90, 180, 270])
lengths = st.integers(5, 190)
boxes = st.builds(Box, x=st.integers(0, 400), y=st.integers(0, 600), width=lengths, height=lengths)
WIDTH, HEIGHT = 600.0, 800.0


def sides(by: Turn) -> tuple[float, float]:
    """The page's width and height after it was turned."""
    return (WIDTH, HEIGHT) if by in (0, 180) else (HEIGHT, WIDTH)


class Turning(unittest.TestCase):
    def test_a_box_near_the_top_left_comes_to_the_top_right_by_a_quarter(self) -> None:
        box = Box(x=10, y=20, width=100, height=30)
        self.assertEqual(turned_box(box, 90, WIDTH, HEIGHT), Box(x=750, y=10, width=30, height=100))

    @given(boxes, turns, turns)
    def test_two_turns_are_one(self, box: Box, one: Turn, two: Turn) -> None:
        in_steps = turned_box(turned_box(box, one, WIDTH, HEIGHT), two, *sides(one))
        self.assertEqual(in_steps, turned_box(box, added(one, two), WIDTH, HEIGHT))

    @given(boxes, turns)
    def test_a_box_stays_on_its_page(self, box: Box, by: Turn) -> None:
        turned, (width, height) = turned_box(box, by, WIDTH, HEIGHT), sides(by)
        self.assertTrue(0 <= turned.x <= width - turned.width)
        self.assertTrue(0 <= turned.y <= height - turned.height)
