import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.geometry.box import Box
from velum.geometry.projection import Corners, Point, Projection, corners_of, is_sheet, onto

WIDTH, HEIGHT = 600.0, 800.0
near = st.integers(-80, 80)
quads = st.builds(
    lambda *by: (
        Point(x=by[0], y=by[1]),
        Point(x=WIDTH + by[2], y=by[3]),
        Point(x=WIDTH + by[4], y=HEIGHT + by[5]),
        Point(x=by[6], y=HEIGHT + by[7]),
    ),
    *[near] * 8,
)
points = st.builds(Point, x=st.integers(0, 600), y=st.integers(0, 800))
SHEET = corners_of(Box(x=0, y=0, width=WIDTH, height=HEIGHT))


class Projecting(unittest.TestCase):
    def assert_near(self, one: Point, other: Point) -> None:
        self.assertAlmostEqual(one.x, other.x, places=6)
        self.assertAlmostEqual(one.y, other.y, places=6)

    @given(quads)
    def test_the_corners_of_the_sheet_come_to_the_corners(self, quad: Corners) -> None:
        for corner, there in zip(SHEET, quad, strict=True):
            self.assert_near(onto(quad, WIDTH, HEIGHT)(corner), there)

    @given(quads, points)
    def test_there_is_a_way_back(self, quad: Corners, point: Point) -> None:
        there = onto(quad, WIDTH, HEIGHT)
        self.assert_near(there.inverse()(there(point)), point)
        self.assert_near(there.inverse().after(there)(point), point)

    @given(quads, points, points)
    def test_lines_stay_straight(self, quad: Corners, one: Point, other: Point) -> None:
        there = onto(quad, WIDTH, HEIGHT)
        middle = Point(x=(one.x + other.x) / 2, y=(one.y + other.y) / 2)
        a, b, c = there(one), there(middle), there(other)
        self.assertAlmostEqual((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x), 0, places=4)

    def test_a_box_becomes_the_box_around_what_it_is(self) -> None:
        doubled = Projection(((2, 0, 10), (0, 2, 0), (0, 0, 1)))
        self.assertEqual(doubled.box(Box(x=1, y=2, width=3, height=4)), Box(x=12, y=4, width=6, height=8))

    def test_corners_that_no_sheet_has(self) -> None:
        one, two, three, four = SHEET
        self.assertTrue(is_sheet(SHEET, 9))
        for name, corners in {
            "crossed": (one, three, two, four),
            "round the wrong way": (one, four, three, two),
            "on one line": (one, Point(x=100, y=0), two, Point(x=300, y=0)),
            "bent inwards": (one, two, Point(x=100, y=100), four),
            "without width": (one, Point(x=1, y=0), Point(x=1, y=HEIGHT), four),
        }.items():
            with self.subTest(name):
                self.assertFalse(is_sheet(corners, 9))

    @given(quads)
    def test_a_sheet_held_at_an_angle_is_one(self, quad: Corners) -> None:
        self.assertTrue(is_sheet(quad, 9))
