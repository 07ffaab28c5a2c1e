import unittest

from hypothesis import given
from hypothesis import strategies as st

from velum.document.cuts import cut_out
from velum.document.page import Page
from velum.document.page_text import seen_lines, shown_lines
from velum.document.pages import PageRefused
from velum.document.places import from_source, to_source
from velum.document.straightening import straightened
from velum.document.tests.examples import a_document, answer_box, page
from velum.fixtures.covers import covers_of
from velum.fixtures.shape import Shape
from velum.geometry.box import Box
from velum.geometry.projection import Corners, Point
from velum.geometry.turn import Turn
from velum.paper.look import LookRefused
from velum.paper.page_size import PageSize
from velum.paper.text import Line, Word
from velum.testing.photos import SLANTED

A4 = PageSize(595.276, 841.89)


def shown(turn: Turn, corners: Corners | None) -> Page:
    width, height = (500, 700) if corners else (A4.width, A4.height)
    sides = (width, height) if turn in (0, 180) else (height, width)
    return page().changed(turn=turn, corners=corners, width=sides[0], height=sides[1])


pages = st.builds(shown, st.sampled_from((0, 90, 180, 270)), st.sampled_from((None, SLANTED)))
shares = st.floats(0.05, 0.95)


def line(text: str, y: float) -> Line:
    """Words of 45 points, 50 points apart, from 72 on."""
    words = text.split()
    return Line(
        words=tuple(Word(text=word, box=Box(x=72 + 50 * i, y=y, width=45, height=12)) for i, word in enumerate(words))
    )


class Cutting(unittest.TestCase):
    def test_a_region_becomes_a_page_of_its_size(self) -> None:
        cut = cut_out(page(), Box(x=50, y=100, width=300, height=120), "cut1")
        self.assertEqual((cut.id, cut.width, cut.height, cut.number), ("cut1", 300, 120, 0))
        assert cut.corners
        self.assertEqual((cut.corners[0], cut.corners[2]), (Point(x=50, y=100), Point(x=350, y=220)))

    @given(pages, shares, shares)
    def test_the_same_paper_is_seen_on_it(self, whole: Page, across: float, down: float) -> None:
        region = Box(x=0.2 * whole.width, y=0.1 * whole.height, width=0.5 * whole.width, height=0.6 * whole.height)
        cut = cut_out(whole, region, "cut1")
        self.assertEqual((cut.width, cut.height), (round(region.width, 1), round(region.height, 1)))
        there = to_source(cut, Point(x=across * cut.width, y=down * cut.height))
        before = from_source(whole, there)
        self.assertAlmostEqual(before.x, region.x + across * cut.width, delta=0.5)
        self.assertAlmostEqual(before.y, region.y + down * cut.height, delta=0.5)

    def test_a_region_of_a_region_is_one_of_the_page(self) -> None:
        first = cut_out(page(), Box(x=50, y=100, width=300, height=200), "cut1")
        second = cut_out(first, Box(x=10, y=20, width=100, height=50), "cut2")
        self.assertEqual(to_source(second, Point(x=0, y=0)).rounded(), Point(x=60, y=120))

    def test_what_reaches_beyond_the_page_is_left_away(self) -> None:
        cut = cut_out(page(), Box(x=500, y=800, width=300, height=300), "cut1")
        self.assertEqual((cut.width, cut.height), (95.3, 41.9))

    def test_a_region_beside_the_page_or_too_small_is_refused(self) -> None:
        with self.assertRaises(PageRefused):
            cut_out(page(), Box(x=700, y=100, width=50, height=50), "cut1")
        with self.assertRaises(LookRefused):
            cut_out(page(), Box(x=10, y=10, width=3, height=300), "cut1")

    def test_text_that_was_cut_away_is_not_told(self) -> None:
        lines = [line("Name the zone", y=110), line("Answers: splash zone", y=700)]
        cut = cut_out(page(), Box(x=50, y=100, width=300, height=200), "cut1")
        (shown_line,) = shown_lines(cut, lines)
        self.assertEqual(shown_line.text, "Name the zone")
        self.assertEqual((round(shown_line.box.x), round(shown_line.box.y)), (22, 10))

    def test_of_a_line_half_in_the_cut_only_the_words_that_are_in_it_are_told(self) -> None:
        cut = cut_out(page(), Box(x=50, y=100, width=75, height=200), "cut1")
        (shown_line,) = shown_lines(cut, [line("Answer: bladder wrack", y=110)])
        self.assertEqual(shown_line.text, "Answer:")

    def test_what_is_covered_or_never_seen_is_told_to_teachers_alone(self) -> None:
        words = line("Answer: bladder wrack", y=110)
        hidden = Line(words=(words.words[0], words.words[1].changed(seen=False), words.words[2]))
        cover = covers_of([Shape(id="cover", page="page1", box=Box(x=170, y=100, width=60, height=30), fill="#ffffff")])
        self.assertEqual([each.text for each in seen_lines(page(), [hidden], cover)], ["Answer:"])
        self.assertEqual([each.text for each in shown_lines(page(), [hidden])], ["Answer: bladder wrack"])


class Straightening(unittest.TestCase):
    def test_fields_stay_on_their_place_of_the_paper(self) -> None:
        sheet = a_document(answer_box("box1", x=300, y=400))
        done = straightened(sheet, sheet.pages[0], SLANTED, True, A4)
        after = sheet.pages[0].changed(corners=SLANTED, width=done.shown.width, height=done.shown.height)
        (field,) = done.fields
        self.assertEqual((field.box.width, field.box.height), (120, 22))
        middle = to_source(after, Point(x=field.box.x + 60, y=field.box.y + 11))
        self.assertAlmostEqual(middle.x, 360, delta=0.2)
        self.assertAlmostEqual(middle.y, 411, delta=0.2)

    def test_a_field_beyond_the_sheet_is_brought_onto_it(self) -> None:
        sheet = a_document(answer_box("box1", x=5, y=5))
        (field,) = straightened(sheet, sheet.pages[0], SLANTED, False, A4).fields
        self.assertEqual((field.box.x, field.box.y), (0, 0))

    def test_a_page_only_whitened_moves_nothing(self) -> None:
        sheet = a_document(answer_box("box1"))
        done = straightened(sheet, sheet.pages[0], None, True, A4)
        self.assertEqual((done.fields, done.shown.whiten, done.shown.width), ((), True, A4.width))

    def test_corners_of_no_sheet_are_refused(self) -> None:
        sheet = a_document()
        crossed = (SLANTED[0], SLANTED[2], SLANTED[1], SLANTED[3])
        for corners in (crossed, (SLANTED[0],) * 4):
            with self.assertRaises(LookRefused):
                straightened(sheet, sheet.pages[0], corners, False, A4)
