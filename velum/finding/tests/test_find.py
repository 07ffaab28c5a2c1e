"""Pages drawn for one rule each: what it finds, and what it must leave alone."""

import io
import unittest
from collections.abc import Callable

from reportlab.lib.pagesizes import A4
from reportlab.pdfgen.canvas import Canvas

from velum.finding.found import Found
from velum.finding.read import reading_of_print
from velum.paper.pdf import pdf_page
from velum.testing import papers

HEIGHT = A4[1]


class Page:
    """A page of Helvetica in 12 points; y counts from the top."""

    def __init__(self) -> None:
        self.out = io.BytesIO()
        self.canvas = Canvas(self.out, pagesize=A4, invariant=True)
        self.canvas.setFont("Helvetica", 12)

    def write(self, x: float, y: float, words: str) -> None:
        self.canvas.drawString(x, HEIGHT - y, words)

    def rule(self, x: float, y: float, right: float) -> None:
        self.canvas.line(x, HEIGHT - y, right, HEIGHT - y)

    def box(self, x: float, y: float, width: float, height: float) -> None:
        self.canvas.rect(x, HEIGHT - y - height, width, height)

    def found(self) -> tuple[Found, ...]:
        self.canvas.save()
        with pdf_page(self.out.getvalue(), 0) as page:
            return reading_of_print(page).places


def found(draw: Callable[[Page], None]) -> list[tuple[str, str]]:
    page = Page()
    draw(page)
    return [(place.sort, place.number) for place in page.found()]


class Blanks(unittest.TestCase):
    def test_underscores_are_a_blank_with_the_number_before_it(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "1. The keeper lights the ________ every night.")
            page.write(72, 130, "2) At low water one sees the ________________")

        self.assertEqual(found(draw), [("line", "1"), ("line", "2")])

    def test_a_blank_has_the_height_of_writing(self) -> None:
        page = Page()
        page.write(72, 100, "1. The keeper lights the ____________")
        (place,) = page.found()
        self.assertTrue(10 < place.box.height < 26, place.box)
        self.assertAlmostEqual(place.box.bottom, 103, delta=3)
        self.assertIn("The keeper lights the", place.name)

    def test_lines_below_each_other_are_one_place_of_several_lines(self) -> None:
        page = Page()
        page.write(72, 100, "3. Why does the tide turn?")
        for y in (130, 155, 180):
            page.rule(72, y, 500)
        (place,) = page.found()
        self.assertEqual((place.sort, place.number, place.several), ("lines", "3", True))
        self.assertAlmostEqual(place.box.bottom, 180, delta=2)

    def test_lines_with_questions_of_their_own_are_several_places(self) -> None:
        def draw(page: Page) -> None:
            for number, y in enumerate((100, 125, 150), start=1):
                page.write(72, y, f"{number}. Boats")
                page.rule(220, y + 2, 420)

        self.assertEqual(found(draw), [("line", "1"), ("line", "2"), ("line", "3")])

    def test_a_line_that_underlines_or_parts_is_none(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 80, "Harbour rules")
            page.rule(72, 83, 150)
            page.write(72, 120, "Boats that come late wait outside until the morning.")
            page.rule(72, 140, 523)
            page.write(72, 165, "Nobody swims near the steps.")

        self.assertEqual(found(draw), [])

    def test_gaps_of_one_sentence_are_several_places(self) -> None:
        def draw(page: Page) -> None:
            page.rule(72, 102, 170)
            page.write(176, 100, "and by midnight it was a gale. The keeper went up")
            page.rule(72, 127, 170)
            page.write(176, 125, "and saw that the light had gone out.")

        self.assertEqual(found(draw), [("line", ""), ("line", "")])

    def test_the_section_of_a_question_is_known(self) -> None:
        page = Page()
        page.write(72, 100, "A. Fill in the words.")
        page.write(90, 130, "1. The lamp is ____________")
        page.write(72, 170, "Section B   Numbers")
        page.write(90, 200, "1. Steps: ____________")
        page.write(90, 230, "2. Boats: ____________")
        told = [(place.section, place.number) for place in page.found()]
        self.assertEqual(told, [("A", "1"), ("B", "1"), ("B", "2")])

    def test_a_list_of_contents_has_no_blanks(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "The tower ........................................ 3")
            page.write(72, 120, "The storm ........................................ 15")

        self.assertEqual(found(draw), [])

    def test_the_name_is_no_question(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 60, "Name ____________________   Class ________   Date ________")
            page.write(72, 100, "1. Write the name of the boat. ____________________")

        self.assertEqual(found(draw), [("name", ""), ("name", ""), ("name", ""), ("line", "1")])

    def test_the_room_behind_an_equals_sign(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "a) 7 + 5 =")
            page.write(72, 130, "b) 9 - 4 =")

        self.assertEqual(found(draw), [("gap", "a"), ("gap", "b")])

    def test_the_room_under_a_question(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "1. Draw the path of the light.")
            page.write(72, 300, "2. Explain how a foghorn works.")
            page.write(72, 500, "End of the paper")

        self.assertEqual(found(draw), [("space", "1"), ("space", "2")])

    def test_lines_of_a_list_are_several_places(self) -> None:
        def draw(page: Page) -> None:
            for place, word in enumerate(("keel", "mast", "rudder")):
                page.write(72, 100 + 30 * place, word)
                page.rule(160, 101 + 30 * place, 290)

        self.assertEqual(found(draw), [("line", "")] * 3)

    def test_a_column_of_text_beside_lines_does_not_part_them(self) -> None:
        def draw(page: Page) -> None:
            for row in range(9):
                page.write(72, 100 + 14 * row, "the lens of the lamp was cut in")
            for row in range(4):
                page.rule(300, 120 + 24 * row, 500)

        self.assertEqual(found(draw), [("lines", "")])

    def test_a_short_label_over_lines_asks_for_the_lines_alone(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "What I saw:")
            for row in range(3):
                page.rule(72, 128 + 26 * row, 500)

        self.assertEqual(found(draw), [("lines", "")])

    def test_the_last_question_has_as_much_room_as_others(self) -> None:
        page = Page()
        page.write(72, 100, "1. Why did nobody come?")
        page.write(72, 220, "2. What would you have done?")
        one, two = page.found()
        self.assertEqual((one.sort, two.sort), ("space", "space"))
        self.assertAlmostEqual(one.box.height, two.box.height, delta=1)

    def test_pointers_that_run_into_a_line_leave_it_one(self) -> None:
        def draw(page: Page) -> None:
            page.canvas.roundRect(220, HEIGHT - 400, 160, 250, 8)
            page.canvas.circle(300, HEIGHT - 270, 40)
            for number, x, y, at in (("1", 240, 180, 200), ("2", 265, 280, 300)):
                page.write(60, at - 2, f"{number}.")
                page.rule(80, at, 180)
                page.canvas.line(180, HEIGHT - at, x, HEIGHT - y)

        self.assertEqual(found(draw), [("line", "1"), ("line", "2")])


class Rooms(unittest.TestCase):
    def table(self, page: Page, cells: list[list[str]]) -> None:
        for row, words in enumerate(cells):
            for column, word in enumerate(words):
                page.box(72 + 100 * column, 100 + 25 * row, 100, 25)
                page.write(80 + 100 * column, 117 + 25 * row, word)

    def test_empty_cells_are_places_and_filled_ones_are_none(self) -> None:
        page = Page()
        self.table(page, [["Day", "High", "Low"], ["Monday", "06:10", ""], ["Tuesday", "", "12:30"]])
        places = page.found()
        self.assertEqual([place.sort for place in places], ["cell", "cell"])
        self.assertAlmostEqual(places[0].box.x, 272, delta=1.5)
        self.assertAlmostEqual(places[0].box.height, 25, delta=2)

    def test_the_corner_between_headings_is_none(self) -> None:
        def draw(page: Page) -> None:
            self.table(page, [["", "High", "Low"], ["Monday", "06:10", "11:50"], ["Tuesday", "", "12:30"]])

        self.assertEqual(found(draw), [("cell", "")])

    def test_a_table_with_lines_between_its_rows_only(self) -> None:
        page = Page()
        for row, words in enumerate((("Day", "Cod", "Crab"), ("Monday", "7", ""), ("Tuesday", "", "8"))):
            for column, word in enumerate(words):
                page.write(76 + 150 * column, 117 + 30 * row, word)
        for row in range(4):
            page.rule(72, 98 + 30 * row, 520)
        places = page.found()
        self.assertEqual([place.sort for place in places], ["cell", "cell"])
        self.assertGreater(places[0].box.x, 300)

    def test_a_frame_around_words_is_none_and_an_empty_box_is_one(self) -> None:
        def draw(page: Page) -> None:
            page.box(72, 80, 400, 30)
            page.write(90, 100, "lamp     rope     fog     tide")
            page.write(72, 150, "1. Write the number.")
            page.box(300, 138, 60, 22)

        self.assertEqual(found(draw), [("box", "1")])

    def test_numbers_in_cells_are_no_numbers_of_questions(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 80, "10. Fill in the oil book.")
            self.table(page, [["Morning of", "Oil used"], ["3 November", ""], ["4 November", "6"]])

        self.assertEqual(found(draw), [("cell", "10")])

    def test_a_drawing_of_boxes_is_no_table(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 80, "The tower")
            for row in range(6):
                page.box(200 - 5 * (row % 2), 100 + 30 * row, 60 + 10 * (row % 2), 30)

        self.assertEqual(found(draw), [])

    def test_graph_paper_is_no_table(self) -> None:
        def draw(page: Page) -> None:
            for place in range(21):
                page.rule(72, 100 + 14 * place, 352)
                page.canvas.line(72 + 14 * place, HEIGHT - 100, 72 + 14 * place, HEIGHT - 380)

        self.assertEqual(found(draw), [])


class Options(unittest.TestCase):
    def test_letters_in_a_column_and_in_a_row(self) -> None:
        page = Page()
        page.write(72, 100, "1. What does a keeper light?")
        for place, word in enumerate(("the lamp", "the stove", "a fire")):
            page.write(90, 118 + 16 * place, f"{'ABC'[place]}) {word}")
        page.write(72, 200, "2. A gull is a")
        for place, word in enumerate(("fish", "bird", "stone")):
            page.write(90 + 120 * place, 218, f"({'abc'[place]}) {word}")
        one, two = page.found()
        self.assertEqual((one.sort, one.number, len(one.spots), one.says[1]), ("options", "1", 3, "the stove"))
        self.assertEqual((two.sort, two.number, len(two.spots), two.says[1]), ("options", "2", 3, "bird"))

    def test_letters_of_questions_are_no_options(self) -> None:
        def draw(page: Page) -> None:
            page.write(72, 100, "1. Look at the chart.")
            for place, words in enumerate(("When is high water?", "When is low water?")):
                page.write(90, 130 + 30 * place, f"{'ab'[place]}) {words} ____________")

        self.assertEqual(found(draw), [("line", "1a"), ("line", "1b")])

    def test_boxes_to_tick_in_a_row(self) -> None:
        page = Page()
        page.write(72, 100, "1. It has ten legs.")
        for place, word in enumerate(("crab", "cod", "kelp")):
            page.box(90 + 90 * place, 112, 10, 10)
            page.write(106 + 90 * place, 121, word)
        (place_,) = page.found()
        self.assertEqual((place_.sort, place_.number, place_.says), ("options", "1", ("crab", "cod", "kelp")))

    def test_boxes_to_tick_in_rows_of_one_question(self) -> None:
        page = Page()
        page.write(72, 100, "1. Tick all that float.")
        for place, word in enumerate(("cork", "a key", "an oar", "a stone")):
            x, y = 72 + 120 * (place % 2), 112 + 20 * (place // 2)
            page.box(x, y, 10, 10)
            page.write(x + 16, y + 9, word)
        (place_,) = page.found()
        self.assertEqual((len(place_.spots), place_.says), (4, ("cork", "a key", "an oar", "a stone")))

    def test_boxes_to_tick_behind_words_are_a_question_each_row(self) -> None:
        page = Page()
        for row, words in enumerate(("Gulls nest on cliffs.", "A knot is a speed.")):
            page.write(72, 100 + 20 * row, words)
            for column in range(2):
                page.box(260 + 60 * column, 91 + 20 * row, 10, 10)
        self.assertEqual([len(place.spots) for place in page.found()], [2, 2])

    def test_true_or_false(self) -> None:
        page = Page()
        page.write(72, 100, "1. The sea is salty.   True / False")
        (place,) = page.found()
        self.assertEqual((place.sort, place.says), ("options", ("True", "False")))


class Elsewhere(unittest.TestCase):
    def test_a_page_of_text_has_no_places(self) -> None:
        def draw(page: Page) -> None:
            for row in range(30):
                page.write(72, 100 + 18 * row, "The lens was cut in one winter and carried up the hill by twelve men.")

        self.assertEqual(found(draw), [])

    def test_from_right_to_left_all_is_mirrored(self) -> None:
        means = dict(zip("abcdefghij", "מגדלורשהנק", strict=True))
        content = b"BT /F1 12 Tf 440 700 Td (abcdefghij) Tj ET 0.5 w 200 698 m 420 698 l S"
        with pdf_page(papers.with_font(content, means), 0) as page:
            (place,) = reading_of_print(page).places
        self.assertEqual(place.sort, "line")
        self.assertAlmostEqual(place.box.x, 200, delta=1.5)

    def test_pages_that_hurt_are_given_up(self) -> None:
        lines = b"".join(
            b"%d %d m %d %d l S " % (n % 595, n * 7 % 842, n * 3 % 595, n * 11 % 842) for n in range(20_000)
        )
        for data in (papers.with_content(lines), papers.with_content(b"", (5_000, 5_000)), papers.noise()):
            with pdf_page(data, 0) as page:
                self.assertLessEqual(len(reading_of_print(page).places), 300)
