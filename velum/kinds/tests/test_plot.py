import unittest
from fractions import Fraction
from typing import Any

from velum.answers.plotted import SWAPPED
from velum.answers.settings import PLAIN
from velum.geometry.box import Box
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.kinds.plot import (
    MORE_THAN_ASKED,
    NOT_ON_A_STEP,
    OTHER_QUESTION,
    PLOT,
    Known,
    Plot,
    PlotAnswer,
    PlotInterval,
    PlotKey,
    PlotPoint,
    Scale,
)
from velum.mark import Mark, Verdict

LINE = Plot(
    id="line0001",
    page="page1",
    box=Box(x=72, y=500, width=400, height=40),
    across=Scale(first=Known(x=0, y=0.5, value=0), last=Known(x=1, y=0.5, value=10), step=0.5),
    most=3,
)
GRID = LINE.changed(
    box=Box(x=72, y=300, width=200, height=200),
    across=Scale(first=Known(x=0, y=1, value=-5), last=Known(x=1, y=1, value=5)),
    up=Scale(first=Known(x=0, y=1, value=-5), last=Known(x=0, y=0, value=5)),
)
SKETCH = GRID.changed(asked="line", most=1)
STRETCH = LINE.changed(asked="intervals")


def points(*at: float | tuple[float, float], letters: str = "") -> tuple[PlotPoint, ...]:
    each = [value if isinstance(value, tuple) else (value, None) for value in at]
    return tuple(PlotPoint(across=across, up=up, letter=letters[i : i + 1]) for i, (across, up) in enumerate(each))


def interval(text: str) -> PlotInterval:
    """ "[1 4)", ")1 4]" … with ".." for no end."""
    low, high = text[1:-1].split()
    return PlotInterval(
        low=None if low == ".." else float(low),
        low_belongs=text[0] == "[",
        high=None if high == ".." else float(high),
        high_belongs=text[-1] == "]",
    )


def mark(field: Plot, key: PlotKey, answer: PlotAnswer) -> tuple[Verdict, Fraction]:
    found = reasoned(field, key, answer)
    return found.verdict, found.share


def reasoned(field: Plot, key: PlotKey, answer: PlotAnswer) -> Mark:
    return PLOT.marks(field, key, PLOT.read_answer(field, answer.model_dump(mode="json")))[WHOLE]


def of_points(field: Plot, wanted: Any, given: Any, **key: Any) -> tuple[Verdict, Fraction]:
    return mark(field, PlotKey(placed=points(*wanted), **key), PlotAnswer(placed=points(*given)))


class PointsAreSet(unittest.TestCase):
    def test_in_any_order(self) -> None:
        self.assertEqual(of_points(LINE, (2.5, 4), (4, 2.5)), (Verdict.RIGHT, 1))
        self.assertEqual(of_points(LINE, (2.5, 4), (4, 3)), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(of_points(LINE, (2.5, 4), (3,)), (Verdict.WRONG, 0))
        self.assertEqual(of_points(LINE, (2.5, 4), ()), (Verdict.BLANK, 0))

    def test_too_many_take_from_those_that_are_right(self) -> None:
        self.assertEqual(of_points(LINE, (2.5, 4), (4, 2.5, 6)), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(of_points(LINE, (4,), (4, 2.5, 6)), (Verdict.WRONG, 0))

    def test_the_same_place_twice_is_right_once(self) -> None:
        self.assertEqual(of_points(LINE, (2.5, 4), (4, 4)), (Verdict.PARTLY, Fraction(1, 2)))

    def test_all_or_nothing(self) -> None:
        whole = LINE.changed(part_marks=False)
        self.assertEqual(of_points(whole, (2.5, 4), (4, 3)), (Verdict.WRONG, 0))
        self.assertEqual(of_points(whole, (2.5, 4), (4, 2.5)), (Verdict.RIGHT, 1))

    def test_within_a_tolerance_of_steps_each_is_paired_as_well_as_can_be(self) -> None:
        self.assertEqual(of_points(LINE, (2.5,), (3,)), (Verdict.WRONG, 0))
        self.assertEqual(of_points(LINE, (2.5,), (3,), off=1), (Verdict.RIGHT, 1))
        self.assertEqual(of_points(LINE, (2.5,), (3.5,), off=1), (Verdict.WRONG, 0))
        # The first that is near enough to 3 is the only one near enough to 2.5.
        self.assertEqual(of_points(LINE, (3, 2.5), (2.5, 3.5), off=1), (Verdict.RIGHT, 1))

    def test_what_a_browser_reckoned_is_what_was_meant(self) -> None:
        self.assertEqual(of_points(LINE, (0.3,), (0.1 + 0.2,)), (Verdict.RIGHT, 1))

    def test_coordinates(self) -> None:
        self.assertEqual(of_points(GRID, ((2, 3),), ((2, 3),)), (Verdict.RIGHT, 1))
        self.assertEqual(of_points(GRID, ((2, 3),), ((2, -3),)), (Verdict.WRONG, 0))
        swapped = reasoned(GRID, PlotKey(placed=points((2, 3))), PlotAnswer(placed=points((3, 2))))
        self.assertEqual((swapped.verdict, swapped.reason), (Verdict.WRONG, SWAPPED))

    def test_one_that_is_its_own_mirror_still_earns_its_share(self) -> None:
        self.assertEqual(of_points(GRID, ((2, 2), (1, 3)), ((2, 2), (3, 1))), (Verdict.PARTLY, Fraction(1, 2)))

    def test_points_with_letters_are_not_taken_for_each_other(self) -> None:
        named = GRID.changed(lettered=True)
        key = PlotKey(placed=points((1, 2), (3, 4), letters="AB"))
        for given, wanted in (
            (points((1, 2), (3, 4), letters="AB"), (Verdict.RIGHT, 1)),
            (points((3, 4), (1, 2), letters="AB"), (Verdict.WRONG, 0)),
            (points((3, 4), letters="B"), (Verdict.PARTLY, Fraction(1, 2))),
            (points((1, 2), (0, 0), letters="AC"), (Verdict.PARTLY, Fraction(1, 2))),
        ):
            self.assertEqual(mark(named, key, PlotAnswer(placed=given)), wanted)
        swapped = reasoned(named, key, PlotAnswer(placed=points((2, 1), (4, 3), letters="AB")))
        self.assertEqual(swapped.reason, SWAPPED)


class IntervalsAreSet(unittest.TestCase):
    def marked(self, wanted: list[str], given: list[str], off: float = 0, **field: Any) -> tuple[Verdict, Fraction]:
        key = PlotKey(intervals=tuple(map(interval, wanted)), off=off)
        return mark(STRETCH.changed(**field), key, PlotAnswer(intervals=tuple(map(interval, given))))

    def test_what_they_hold_counts(self) -> None:
        self.assertEqual(self.marked(["[1 4)"], ["[1 4)"]), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[1 4)"], ["[1 2]", "(2 4)"]), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[1 4)"], ["[1 3]", "[2 4)"]), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[1 2)", "(2 4)"], ["[1 4)"]), (Verdict.WRONG, 0))

    def test_an_end_that_belongs_to_it_or_not_is_half(self) -> None:
        self.assertEqual(self.marked(["[1 4)"], ["[1 4]"]), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(self.marked(["[1 4)"], ["(1 4]"]), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(self.marked(["[1 4)"], ["[1 4]"], part_marks=False), (Verdict.WRONG, 0))

    def test_one_that_runs_on_is_another_than_one_that_ends(self) -> None:
        self.assertEqual(self.marked(["[4 ..)"], ["[4 ..)"]), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[4 ..)"], ["[4 ..]"]), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[4 ..)"], ["[4 10]"]), (Verdict.WRONG, 0))
        self.assertEqual(self.marked(["(.. ..)"], ["(.. 4]", "[3 ..)"]), (Verdict.RIGHT, 1))

    def test_ends_may_be_off_and_set_in_any_order(self) -> None:
        self.assertEqual(self.marked(["[1 4)"], ["[1.5 4)"], off=1), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[1 4)"], ["(4 1]"]), (Verdict.RIGHT, 1))

    def test_each_of_several_earns_its_share(self) -> None:
        both = ["(.. 1)", "(4 ..)"]
        self.assertEqual(self.marked(both, ["(.. 1)", "[4 ..)"]), (Verdict.PARTLY, Fraction(3, 4)))
        self.assertEqual(self.marked(both, ["(.. 1)"]), (Verdict.PARTLY, Fraction(1, 2)))
        self.assertEqual(self.marked(["(.. 1)"], ["(.. 1)", "(4 ..)"]), (Verdict.WRONG, 0))

    def test_one_that_holds_nothing_is_none(self) -> None:
        self.assertEqual(self.marked(["[1 4)"], ["[1 4)", "(6 6]"]), (Verdict.RIGHT, 1))
        self.assertEqual(self.marked(["[2 2]"], ["[2 2]"]), (Verdict.RIGHT, 1))


class ALineIsSet(unittest.TestCase):
    def test_by_what_it_is_wherever_its_points_are(self) -> None:
        for given, wanted in (
            (((-1, -1), (0, 1)), Verdict.RIGHT),
            (((2, 5), (-3, -5)), Verdict.RIGHT),
            (((0, 1), (1, 4)), Verdict.WRONG),
            (((0, 2), (1, 4)), Verdict.WRONG),
            (((0, 1), (0, 1)), Verdict.WRONG),
            (((0, 1),), Verdict.WRONG),
        ):
            self.assertEqual(of_points(SKETCH, ((0, 1), (1, 3)), given)[0], wanted, given)

    def test_upright_and_level_ones(self) -> None:
        self.assertEqual(of_points(SKETCH, ((3, 0), (3, 1)), ((3, -5), (3, 4)))[0], Verdict.RIGHT)
        self.assertEqual(of_points(SKETCH, ((3, 0), (3, 1)), ((2, -5), (2, 4)))[0], Verdict.WRONG)
        self.assertEqual(of_points(SKETCH, ((0, 2), (1, 2)), ((-5, 2), (4, 2)))[0], Verdict.RIGHT)

    def test_one_that_runs_away_farther_out_is_for_the_teacher(self) -> None:
        far, near = ((-5, 0), (5, 1)), ((0, 0), (1, 1))
        self.assertEqual(of_points(SKETCH, ((0, 0), (1, 0)), far, off=1)[0], Verdict.RIGHT)
        self.assertEqual(of_points(SKETCH, ((0, 0), (1, 0)), near, off=1)[0], Verdict.TEACHER)
        self.assertEqual(of_points(SKETCH, ((0, 0), (1, 0)), near)[0], Verdict.WRONG)


class AKeyIsWritten(unittest.TestCase):
    def read(self, field: Plot, text: str) -> PlotKey | None:
        return PLOT.key_from_text(field, WHOLE, text, None)

    def test_as_values_and_coordinates(self) -> None:
        for text in ("2.5; 4", "2,5; 4", "2.5 and 4", "2.5, 4", "2.5\n4"):
            self.assertEqual(self.read(LINE, text), PlotKey(placed=points(2.5, 4)), text)
        for text in ("(2, 3) and (-4, 1)", "(2; 3), (−4; 1)", "(2|3) (-4|1)"):
            self.assertEqual(self.read(GRID, text), PlotKey(placed=points((2, 3), (-4, 1))), text)
        for text in ("", "two boats", "(2, 3", "(2, 3, 4)", "5 (2, 3)"):
            self.assertIsNone(self.read(GRID, text), text)

    def test_with_letters(self) -> None:
        named = GRID.changed(lettered=True)
        wanted = PlotKey(placed=points((1, 2), (3, 4), letters="AB"))
        for text in ("A(1, 2) B(3, 4)", "B = (3, 4), A = (1, 2)", "(1, 2), (3, 4)"):
            self.assertEqual(self.read(named, text), wanted, text)

    def test_as_intervals(self) -> None:
        for text in ("[1, 4)", "1 ≤ x < 4", "[1; 4["):
            self.assertEqual(self.read(STRETCH, text), PlotKey(intervals=(interval("[1 4)"),)), text)
        both = self.read(STRETCH, "x < 1 or x ≥ 4")
        assert both
        self.assertEqual([(each.low, each.high) for each in both.intervals], [(None, 1), (4, None)])
        self.assertIsNone(self.read(STRETCH, "low water"))

    def test_as_the_equation_of_a_line(self) -> None:
        answer = PlotAnswer(placed=points((0, 1), (1, 3)))
        for text in ("y = 2x + 1", "2x − y = −1", "(0, 1) and (2, 5)", "(y-1)/2 = x"):
            key = self.read(SKETCH, text)
            assert key, text
            self.assertEqual(mark(SKETCH, key, answer)[0], Verdict.RIGHT, text)
        upright = self.read(SKETCH, "x = 3")
        assert upright
        self.assertEqual({point.across for point in upright.placed}, {3})
        for text in ("y = x²", "y = 1/x", "x = x", "y = 2z", "2x + 1", "y = x or y = 2x", "(1, 1) and (1, 1)"):
            self.assertIsNone(self.read(SKETCH, text), text)


class DoubtsAndRefusals(unittest.TestCase):
    def test_a_key_that_no_student_can_set_is_told(self) -> None:
        for field, key, doubt in (
            (LINE, PlotKey(placed=points(2.5)), None),
            (LINE, PlotKey(placed=points(2.3)), NOT_ON_A_STEP),
            (LINE, PlotKey(placed=points(2.3), off=0.5), None),
            (STRETCH, PlotKey(intervals=(interval("[1 4.2)"),)), NOT_ON_A_STEP),
            (LINE, PlotKey(intervals=(interval("[1 4)"),)), OTHER_QUESTION),
            (LINE.changed(most=1), PlotKey(placed=points(1, 2)), MORE_THAN_ASKED),
            (SKETCH, PlotKey(placed=points((0, 1), (1, 3))), None),
            (SKETCH, PlotKey(placed=points((0, 0.5), (1, 0.5))), NOT_ON_A_STEP),
            (SKETCH, PlotKey(placed=points((0.5, 0), (0.5, 1))), NOT_ON_A_STEP),
        ):
            self.assertEqual(PLOT.doubt(field, key, PLAIN), doubt, key)

    def test_a_key_for_another_question_marks_nothing(self) -> None:
        key = PlotKey(intervals=(interval("[1 4)"),))
        self.assertEqual(mark(LINE, key, PlotAnswer(placed=points(2))), (Verdict.TEACHER, 0))
        self.assertEqual(PLOT.parts_without_key(LINE, key), [WHOLE])

    def test_what_cannot_be_set_here_is_refused(self) -> None:
        for field, answer in (
            (LINE, PlotAnswer(placed=points(1, 2, 3, 4))),
            (LINE, PlotAnswer(placed=points((1, 2)))),
            (LINE, PlotAnswer(intervals=(interval("[1 4)"),))),
            (STRETCH, PlotAnswer(placed=points(1))),
            (GRID, PlotAnswer(placed=points(1))),
            (SKETCH, PlotAnswer(placed=points((1, 1), (2, 2), (3, 3)))),
        ):
            with self.assertRaises(AnswerRefused):
                PLOT.read_answer(field, answer.model_dump(mode="json"))

    def test_values_without_end_are_refused(self) -> None:
        for value in (float("nan"), float("inf"), 1e300, "two", None):
            with self.assertRaises(AnswerRefused):
                PLOT.read_answer(LINE, {"kind": "plot", "version": 1, "placed": [{"across": value}]})

    def test_scales_need_two_places_with_two_values(self) -> None:
        here = Known(x=0.1, y=0.5, value=0)
        for last in (here, here.changed(value=4), here.changed(x=0.9)):
            with self.assertRaises(ValueError):
                Scale(first=here, last=last)
        with self.assertRaises(ValueError):
            LINE.changed(asked="line")
        with self.assertRaises(ValueError):
            GRID.changed(asked="intervals")

    def test_scales_turn_with_their_page(self) -> None:
        turned = GRID.turned("page1", 90, 595, 842)
        self.assertEqual([(known.x, known.y) for known in (turned.across.first, turned.across.last)], [(0, 0), (0, 1)])
        back = turned.turned("page1", 270, 842, 595)
        self.assertEqual((back.across, back.up, back.box), (GRID.across, GRID.up, GRID.box))
