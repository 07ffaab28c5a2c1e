import unittest

from velum.kinds.ink import INK, MOST_STROKES, InkAnswer, Stroke, points_of
from velum.kinds.kind import AnswerRefused
from velum.mark import Verdict

FIELD, _, ANSWER = INK.example


class Paths(unittest.TestCase):
    def test_a_path_says_where_it_goes(self) -> None:
        self.assertEqual(points_of("m1021 3010l30 4-2 5"), [(102.1, 301.0), (105.1, 301.4), (104.9, 301.9)])
        self.assertEqual(points_of("m-10-20"), [(-1, -2)])

    def test_only_paths_are_read(self) -> None:
        good = "m1 2l3 4"
        self.assertEqual(self.read(path=good), Stroke(path=good))
        for bad in ("m1 2l3", "M1 2", "m1 2l3 4z", "m1 2 l3 4", "m1 NaN", "m1e9 2", "m1 2\nl3 4", "m123456 2", "m1,2"):
            with self.subTest(bad), self.assertRaises(AnswerRefused):
                self.read(path=bad)

    def test_a_path_without_end_is_refused(self) -> None:
        self.read(path="m1 2l" + " ".join(["1 1"] * 1_900))
        with self.assertRaises(AnswerRefused):
            self.read(path="m1 2l" + " ".join(["1 1"] * 1_000_000))

    def test_strokes_of_no_size_or_colour_are_refused(self) -> None:
        for width in (0, 1e9, float("nan"), "wide"):
            with self.subTest(width), self.assertRaises(AnswerRefused):
                self.read(width=width)
        with self.assertRaises(AnswerRefused):
            self.read(colour="url(x)")

    def read(self, **values: object) -> object:
        return INK.read_entry(FIELD, "stroke09", {"kind": "ink", "version": 1} | values)


class Answers(unittest.TestCase):
    def test_it_waits_for_the_teacher(self) -> None:
        self.assertEqual([mark.verdict for mark in INK.marks(FIELD, None, ANSWER).values()], [Verdict.TEACHER])

    def test_what_was_taken_away_is_no_part_of_it(self) -> None:
        rows = {"gone0001": Stroke(), "empty001": Stroke(tool="note", path="m1 1", text=" ")}
        read = INK.read_entries(FIELD, {name: stroke.model_dump() for name, stroke in rows.items()})
        self.assertEqual(read, InkAnswer())
        self.assertTrue(INK.is_blank(read))

    def test_a_page_of_handwriting_is_small(self) -> None:
        """Some 250 words of five letters, each drawn in two strokes of a dozen points."""
        stroke = Stroke(path="m1021 3010l" + " ".join(["12 -9"] * 12)).model_dump_json(exclude_defaults=True)
        self.assertLess(250 * len(stroke) * 2, 60_000)
        self.assertLessEqual(250 * 2, MOST_STROKES)
