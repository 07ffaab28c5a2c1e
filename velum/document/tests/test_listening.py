import unittest

from velum.document.listening import Region, about_box, asked_on, regions_of
from velum.document.tests.examples import a_document, answer_box
from velum.fixtures.shape import Shape
from velum.fixtures.text import Text
from velum.geometry.box import Box
from velum.kinds import KINDS
from velum.paper.text import Line, Word
from velum.rich_text import plain


def line(text: str, x: float = 72, y: float = 100, size: float = 12, apart: float = 3) -> Line:
    """A line of print; each letter is half as wide as it is high."""
    words = []
    for word in text.split():
        width = len(word) * size / 2
        words.append(Word(text=word, box=Box(x=x, y=y, width=width, height=size)))
        x += width + apart
    return Line(words=tuple(words))


def texts(*lines: Line) -> list[str]:
    return [region.text for region in regions_of(lines, [])]


class Regions(unittest.TestCase):
    def test_the_lines_of_a_paragraph_are_one(self) -> None:
        self.assertEqual(
            texts(line("The tide rises"), line("and falls twice", y=116), line("a day.", y=132)),
            ["The tide rises\nand falls twice\na day."],
        )

    def test_a_new_one_begins_where_the_print_says_so(self) -> None:
        for second in (
            line("and falls", y=140),  # below a space
            line("and falls", y=116, size=20),  # in other letters
            line("2. and falls", y=116),
            line("b) and falls", y=116),
            line("(ii) and falls", y=116),
            line("and falls", x=300, y=116),  # in another column
        ):
            self.assertEqual(len(texts(line("The tide rises"), second)), 2, second.text)

    def test_rows_of_a_table_are_read_row_by_row(self) -> None:
        rows = [line("High 4.6 m", y=y, apart=60) for y in (100, 116, 132)]
        self.assertEqual(texts(*rows), ["High 4.6 m"] * 3)

    def test_what_is_laid_is_read_where_it_lies(self) -> None:
        note = Text(id="note1", page="page1", box=Box(x=72, y=120, width=200, height=20), paragraphs=plain("Look!"))
        shape = Shape(id="ring1", page="page1", box=Box(x=72, y=90, width=80, height=60), form="ellipse")
        found = regions_of([line("First"), line("Last", y=200)], [note, shape])
        self.assertEqual([region.text for region in found], ["First", "Look!", "Last"])

    def test_an_empty_page_has_none(self) -> None:
        self.assertEqual(regions_of([], []), [])


def region(text: str, x: float, y: float, width: float, height: float = 12) -> Region:
    return Region(text=text, box=Box(x=x, y=y, width=width, height=height))


BLANK = Box(x=164, y=98, width=78, height=16)
ROOM = Box(x=72, y=120, width=400, height=80)


class About(unittest.TestCase):
    def about(self, box: Box, *regions: Region) -> list[str]:
        return [found.text for found in about_box(regions, box)]

    def test_a_blank_within_a_sentence(self) -> None:
        before, after = region("High water is at", 72, 100, 90), region("o'clock.", 244, 100, 50)
        other = region("Low water", 72, 130, 60)
        self.assertEqual(self.about(BLANK, before, after, other), ["High water is at", "o'clock."])

    def test_what_stands_before_it_in_its_row(self) -> None:
        far, near, above = region("Monday", 72, 100, 50), region("High", 150, 100, 40), region("Times", 300, 80, 40)
        self.assertEqual(self.about(Box(x=300, y=98, width=80, height=16), far, near, above), ["High"])

    def test_what_stands_above_it(self) -> None:
        title, question = region("Tides", 72, 60, 80), region("Why does the sea rise?", 72, 100, 200)
        self.assertEqual(self.about(ROOM, title, question), ["Why does the sea rise?"])

    def test_nothing_that_is_far_away_or_below(self) -> None:
        self.assertEqual(self.about(Box(x=72, y=300, width=80, height=16), region("Tides", 72, 60, 80)), [])
        self.assertEqual(self.about(Box(x=72, y=100, width=80, height=16), region("Tides", 72, 130, 80)), [])

    def test_each_question_of_a_page_has_its_own_and_its_place(self) -> None:
        boxes = answer_box("box1", x=200, y=98), answer_box("box2", x=200, y=198), answer_box("box3", on="page2")
        sheet = a_document(*boxes)
        regions = [region("1. High water", 72, 100, 90), region("2. Low water", 72, 200, 90)]
        one, two = asked_on(sheet, "page1", regions)
        self.assertEqual((one.field, one.text, two.text), ("box1", "1. High water", "2. Low water"))
        self.assertEqual(one.box.x, 72)
        self.assertGreaterEqual(one.box.x + one.box.width, 200 + sheet.fields[0].box.width)

    def test_parts_that_lie_apart_have_their_own(self) -> None:
        for kind in KINDS.values():
            field = kind.example[0]
            asked = asked_on(a_document(field), "page1", [region("Everywhere", 0, 0, 600, 900)])
            here = {place.id for place in field.places if place.page == "page1"}
            self.assertEqual([each.part for each in asked], [part.id for part in field.parts if part.place in here])

    def test_what_covers_a_page_asks_for_nothing_that_is_printed(self) -> None:
        whole = answer_box("box1").changed(box=Box(x=0, y=0, width=595, height=842))
        self.assertEqual(asked_on(a_document(whole), "page1", [region("Tides", 72, 60, 80)])[0].text, "")
