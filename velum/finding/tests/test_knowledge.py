"""What is known of a page beside where one answers: banks of words, and columns to be joined."""

import unittest
from collections.abc import Callable

from velum.finding.read import Reading, reading_of_print
from velum.finding.tests.test_find import Page
from velum.paper.pdf import pdf_page


def read(draw: Callable[[Page], None]) -> Reading:
    page = Page()
    draw(page)
    page.canvas.save()
    with pdf_page(page.out.getvalue(), 0) as printed:
        return reading_of_print(printed)


def sentences(page: Page) -> None:
    for number in range(4):
        page.write(72, 300 + 40 * number, f"{number + 1}. The keeper cleans the ____________ every day.")


class WordBanks(unittest.TestCase):
    def test_words_in_a_box_above_blanks_are_a_bank(self) -> None:
        def draw(page: Page) -> None:
            page.box(70, 120, 440, 60)
            for place, word in enumerate(("lamp", "fog horn", "lens", "stairs", "log book")):
                page.write(90 + 150 * (place % 3), 145 + 22 * (place // 3), word)
            sentences(page)

        (bank,) = read(draw).banks
        self.assertEqual(bank.words, ("lamp", "fog horn", "lens", "stairs", "log book"))
        self.assertEqual(len(bank.places), 5)
        self.assertAlmostEqual(bank.places[0].x, 90, delta=2)

    def test_words_in_a_row_are_one(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 150, "lamp      lens      stairs      log book      rope")
            sentences(page)

        (bank,) = read(draw).banks
        self.assertEqual(bank.words, ("lamp", "lens", "stairs", "log book", "rope"))

    def test_words_that_signs_part_are_one_where_it_is_called_so(self) -> None:
        for row in ("Word bank: lamp, lens, stairs, rope", "Wörter: lamp • lens • stairs • rope"):
            with self.subTest(row):

                def draw(page: Page, row: str = row) -> None:
                    page.write(72, 150, row)
                    sentences(page)

                (bank,) = read(draw).banks
                self.assertEqual(bank.words, ("lamp", "lens", "stairs", "rope"))

    def test_without_blanks_there_is_none(self) -> None:
        def draw(page: Page) -> None:
            page.box(70, 120, 440, 40)
            page.write(90, 145, "lamp      lens      stairs      log book")

        self.assertEqual(read(draw).banks, ())

    def test_sentences_are_none(self) -> None:
        def draw(page: Page) -> None:
            page.box(70, 120, 440, 40)
            page.write(90, 145, "Read the text, and then fill in the blanks below.")
            sentences(page)

        self.assertEqual(read(draw).banks, ())


class ColumnsToBeJoined(unittest.TestCase):
    def test_two_columns_of_entries_far_apart_are_to_be_joined(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "Join each instrument to what it measures.")
            pairs = (("barometer", "wind speed"), ("rain gauge", "pressure of the air"), ("anemometer", "rain"))
            for place, (left, right) in enumerate(pairs):
                page.write(72, 150 + 40 * place, left)
                page.write(360, 150 + 40 * place, right)

        (columns,) = read(draw).columns
        self.assertEqual(columns.left, ("barometer", "rain gauge", "anemometer"))
        self.assertEqual(columns.right, ("wind speed", "pressure of the air", "rain"))
        self.assertAlmostEqual(columns.right_places[1].x, 360, delta=2)

    def test_dots_beside_the_entries_are_no_words(self) -> None:
        def draw(page: Page) -> None:
            for place, (left, right) in enumerate((("ebb", "rising"), ("flood", "falling"), ("slack", "still"))):
                page.write(72, 150 + 40 * place, left)
                page.write(150, 150 + 40 * place, "•")
                page.write(340, 150 + 40 * place, "•")
                page.write(360, 150 + 40 * place, right)

        (columns,) = read(draw).columns
        self.assertEqual((columns.left, columns.right), (("ebb", "flood", "slack"), ("rising", "falling", "still")))

    def test_a_table_and_questions_in_two_columns_are_left_alone(self) -> None:
        def table(page: Page) -> None:
            for row in range(5):
                page.rule(70, 130 + 30 * row, 500)
            for x in (70, 280, 500):
                page.canvas.line(x, 712, x, 592)
            for row in range(4):
                page.write(80, 150 + 30 * row, "high water")
                page.write(300, 150 + 30 * row, "low water")

        def sums(page: Page) -> None:
            for row in range(4):
                page.write(72, 150 + 40 * row, f"{row + 1}) 12 + {row} = ______")
                page.write(320, 150 + 40 * row, f"{row + 5}) 20 - {row} = ______")

        for draw in (table, sums):
            self.assertEqual(read(draw).columns, ())
