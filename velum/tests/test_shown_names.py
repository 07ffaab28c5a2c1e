from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from velum.shown_names import STARS, TREES, Named, Names, shown_names

AMA = Named("Ama", "Lindqvist", 0)
OTHER_AMA = Named("ama", "Okafor", 1)
THIRD_AMA = Named("Ama", "Lund", 2)
BAO = Named("Bao", "", 3)


_GIVEN = ("Ama", "ama", "A", "Ama 2", "")
_FAMILY = ("Lund", "Lind", "L", "")


class ShownNames(TestCase):
    def test_first_names_are_told_apart_by_as_much_as_it_takes(self) -> None:
        self.assertEqual(shown_names([AMA, BAO], Names.FIRST), ["Ama", "Bao"])
        self.assertEqual(
            shown_names([AMA, OTHER_AMA, THIRD_AMA, BAO], Names.FIRST), ["Ama L.", "ama O.", "Ama L. 2", "Bao"]
        )

    def test_initials_are_letters_of_any_script(self) -> None:
        self.assertEqual(shown_names([AMA, Named("小明", "王", 1), BAO], Names.INITIALS), ["A. L.", "小. 王.", "B."])
        self.assertEqual(shown_names([THIRD_AMA, AMA], Names.INITIALS), ["A. L. 2", "A. L."])

    def test_borrowed_names_hang_on_the_place_and_never_change(self) -> None:
        self.assertEqual(shown_names([BAO], Names.TREES), [TREES[3].text])
        self.assertEqual(shown_names([BAO, AMA], Names.STARS), [STARS[3], STARS[0]])
        self.assertEqual(shown_names([Named("Zoe", "", len(TREES) + 3)], Names.TREES), [f"{TREES[3].text} 2"])
        self.assertEqual(shown_names([BAO], Names.TREES, ["Erle", "Apfel", "Esche", "Espe"]), ["Espe"])

    def test_there_are_enough_names_for_a_class_and_none_twice(self) -> None:
        self.assertGreaterEqual(min(len(TREES), len(STARS)), 40)
        self.assertEqual(len(set(STARS)), len(STARS))
        self.assertEqual(len({tree.text for tree in TREES}), len(TREES))

    @given(
        st.lists(
            st.tuples(st.sampled_from(_GIVEN), st.sampled_from(_FAMILY)),
            max_size=9,
        ),
        st.sampled_from([Names.FIRST, Names.INITIALS, Names.TREES, Names.STARS]),
    )
    def test_no_two_are_shown_alike(self, names: list[tuple[str, str]], how: Names) -> None:
        students = [Named(*name, place) for place, name in enumerate(names) if any(name)]
        shown = [name.casefold() for name in shown_names(students, how)]
        self.assertEqual(len(set(shown)), len(shown), shown)
