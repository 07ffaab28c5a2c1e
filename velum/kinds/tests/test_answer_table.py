import unittest

from pydantic import ValidationError

from velum.kinds.answer_table import ANSWER_TABLE, AnswerTableAnswer, Cell, smallest_cell
from velum.mark import Verdict

FIELD, _key, _ = ANSWER_TABLE.example
assert _key
KEY = _key
HIGH, LOW = (part.id for part in FIELD.parts)


class Marking(unittest.TestCase):
    def test_each_cell_is_compared_as_an_answer_box_is(self) -> None:
        answer = AnswerTableAnswer(texts=((HIGH, "480 cm"), (LOW, "ten to eight")))
        found = ANSWER_TABLE.marks(FIELD, KEY, answer)
        self.assertEqual([mark.verdict for mark in found.values()], [Verdict.RIGHT, Verdict.RIGHT])
        found = ANSWER_TABLE.marks(FIELD, KEY, AnswerTableAnswer(texts=((LOW, "08:50"),)))
        self.assertEqual([mark.verdict for mark in found.values()], [Verdict.BLANK, Verdict.WRONG])


class Forms(unittest.TestCase):
    def test_cells_are_read_row_by_row(self) -> None:
        places = {"cella": (1, 1), "cellb": (0, 1), "cellc": (1, 0)}
        cells = tuple(Cell(id=name, row=row, column=column) for name, (row, column) in places.items())
        field = FIELD.changed(cells=cells, settled={})
        self.assertEqual([part.id for part in field.parts], ["cellb", "cellc", "cella"])

    def test_a_cell_lies_in_a_place_of_its_own(self) -> None:
        for row, column in ((2, 0), (0, 2), (1, 1)):
            with self.subTest((row, column)), self.assertRaises(ValidationError):
                FIELD.changed(cells=(*FIELD.cells, Cell(id="cell09", row=row, column=column)))

    def test_edges_rise(self) -> None:
        for edges in ((0.5, 0.5), (0.6, 0.4), (0,), (1,), (0.5, 0.501)):
            with self.subTest(edges), self.assertRaises(ValidationError):
                FIELD.changed(columns=edges)

    def test_its_smallest_cell_is_what_is_pressed(self) -> None:
        width, height = smallest_cell(FIELD)
        self.assertAlmostEqual(width, 150)
        self.assertAlmostEqual(height, 36)

    def test_rows_and_columns_turn_with_the_page(self) -> None:
        once = FIELD.turned("page1", 90, 600, 800)
        self.assertEqual((once.columns, once.rows), ((0.6,), (0.5,)))
        self.assertEqual({(cell.id, cell.row, cell.column) for cell in once.cells}, {(HIGH, 0, 0), (LOW, 1, 0)})
        for by in (90, 180, 270):
            there = FIELD.turned("page1", by, 600, 800)
            size = (800, 600) if by != 180 else (600, 800)
            back = there.turned("page1", 360 - by, *size)  # type: ignore[arg-type]
            self.assertEqual(back.cells, FIELD.cells)
            for before, after in zip((*FIELD.columns, *FIELD.rows), (*back.columns, *back.rows), strict=True):
                self.assertAlmostEqual(before, after)
