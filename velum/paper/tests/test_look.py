import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.geometry.projection import Point
from velum.paper.look import AS_IT_IS, Flat, Look, LookRefused, checked, read_look
from velum.testing.photos import SLANTED

tenths = st.integers(-300, 300).map(lambda value: value / 10)
flats = st.builds(
    lambda by, width, height: Flat(
        corners=(
            Point(x=by[0], y=by[1]),
            Point(x=600 + by[2], y=by[3]),
            Point(x=600 + by[4], y=800 + by[5]),
            Point(x=by[6], y=800 + by[7]),
        ),
        width=width / 10,
        height=height / 10,
    ),
    st.tuples(*[tenths] * 8),
    st.integers(90, 9_000),
    st.integers(90, 9_000),
)
looks = st.builds(Look, turn=st.sampled_from((0, 90, 180, 270)), whiten=st.booleans(), flat=st.none() | flats)


class Looks(unittest.TestCase):
    @given(looks)
    def test_a_look_is_read_from_its_name(self, look: Look) -> None:
        self.assertEqual(read_look(str(look)), look)

    def test_a_page_as_it_is_has_the_shortest_name(self) -> None:
        self.assertEqual((str(AS_IT_IS), read_look("0")), ("0", AS_IT_IS))
        self.assertEqual(str(Look(turn=270, whiten=True)), "270w")

    def test_other_names_are_refused(self) -> None:
        corners = "600_500_5400_900_5700_8000_300_7600"
        for name in (
            "",
            "45",
            "0x",
            "0\n",
            "٠",
            f"0.{corners}",
            f"0.{corners}.0x0",
            f"0.{corners}.50x7000",
            f"0.{corners}_1.5000x7000",
            "0.0_0_0_0_0_0_0_0.5000x7000",
            f"0.999999_{corners[4:]}.5000x7000",
            "../../etc/passwd",
            "9" * 10_000,
        ):
            with self.subTest(name[:60]), self.assertRaises(LookRefused):
                read_look(name)

    def test_corners_of_a_sheet_are_let_through(self) -> None:
        flat = Flat(corners=SLANTED, width=500, height=700)
        self.assertIs(checked(flat), flat)
