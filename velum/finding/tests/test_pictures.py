"""Places found on pages that are pictures. What was read off them is given, so that it may be read wrongly."""

import unittest

from PIL import Image, ImageDraw, ImageFont

from velum.finding.read import reading_of_picture
from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.text import Line, Word

SCALE = 200 / 72
SIZE = PageSize(420, 300)


class Scan:
    """A scanned page, in points, and what was read off it."""

    def __init__(self) -> None:
        self.picture = Image.new("L", (round(SIZE.width * SCALE), round(SIZE.height * SCALE)), 248)
        self.pen = ImageDraw.Draw(self.picture)
        self.font = ImageFont.load_default(11 * SCALE)
        self.lines: list[Line] = []

    def write(self, x: float, y: float, printed: str, read: str | None = None) -> None:
        """Words on the page, and as what they were read (the same; with a "-", a word was not)."""
        words = []
        for word, said in zip(printed.split(), (read or printed).split(), strict=True):
            self.pen.text((x * SCALE, y * SCALE), word, fill=10, font=self.font)
            left, top, right, bottom = (value / SCALE for value in self.font.getbbox(word))
            if said != "-":
                box = Box(x=x + left, y=y + top, width=right - left, height=bottom - top)
                words.append(Word(text=said, box=box))
            x += right + 4
        if words:
            self.lines.append(Line(words=tuple(words)))

    def rule(self, x: float, y: float, right: float) -> None:
        self.pen.line([x * SCALE, y * SCALE, right * SCALE, y * SCALE], fill=20, width=3)

    def _within(self, x: float, y: float, width: float, height: float) -> list[float]:
        return [value * SCALE for value in (x, y, x + width, y + height)]

    def box(self, x: float, y: float, width: float, height: float, round_: float = 0) -> None:
        self.pen.rounded_rectangle(self._within(x, y, width, height), round_ * SCALE, outline=20, width=3)

    def circle(self, x: float, y: float, side: float) -> None:
        self.pen.ellipse(self._within(x, y, side, side), outline=20, width=2)

    def found(self) -> list[tuple[str, str]]:
        places = reading_of_picture(self.picture, self.lines, SIZE).places
        return [(place.sort, place.number) for place in places]


class Walls(unittest.TestCase):
    def test_boxes_that_lines_point_to_are_found_and_the_lines_are_none(self) -> None:
        scan = Scan()
        scan.write(30, 20, "Name the parts")
        for y in (80, 150):
            scan.box(40, y, 110, 28)
            scan.rule(150, y + 14, 230)
        self.assertEqual(scan.found(), [("box", ""), ("box", "")])

    def test_boxes_with_round_corners(self) -> None:
        scan = Scan()
        scan.write(30, 30, "1. The beam is seen")
        scan.box(30, 50, 340, 60, round_=10)
        scan.write(30, 130, "2. The horn is heard")
        scan.box(30, 150, 340, 60, round_=10)
        self.assertEqual(scan.found(), [("box", "1"), ("box", "2")])

    def test_circles_to_tick_and_no_letter(self) -> None:
        scan = Scan()
        scan.write(30, 30, "1. A bell warns in")
        for y, word in ((52, "fog"), (70, "sun"), (88, "wind")):
            scan.circle(32, y, 9)
            scan.write(46, y - 2, word)
        scan.write(30, 120, "O is for oxygen")
        self.assertEqual(scan.found(), [("options", "1")])


class Read(unittest.TestCase):
    def questions(self, *read: str) -> list[tuple[str, str]]:
        scan = Scan()
        for i, label in enumerate(read):
            scan.write(30, 40 + 40 * i, f"{i + 1}. The keeper", f"{label} The keeper")
            scan.rule(130, 52 + 40 * i, 300)
        return scan.found()

    def test_numbers_between_those_that_are_known_are_told(self) -> None:
        for read in ("1. N 3.", "1. - 3.", "1. - Z 4.", "- 2. 3.", "4 2. 3."):
            with self.subTest(read):
                self.assertEqual(
                    self.questions(*read.split()), [("line", str(i + 1)) for i in range(len(read.split()))]
                )

    def test_numbers_that_follow_each_other_are_believed(self) -> None:
        self.assertEqual(self.questions("4.", "5.", "6."), [("line", "4"), ("line", "5"), ("line", "6")])

    def test_a_letter_that_lost_its_stop(self) -> None:
        scan = Scan()
        scan.write(30, 30, "1. Where is the light?")
        for y, printed, read in ((52, "a. hill", "a. hill"), (70, "b. harbour", "b harbour"), (88, "c. sea", "c. sea")):
            scan.write(44, y, printed, read)
        self.assertEqual(scan.found(), [("options", "1")])

    def test_the_name_is_asked_for_in_a_script_that_is_not_read(self) -> None:
        scan = Scan()
        scan.write(30, 30, "Namn:", "-")
        scan.rule(75, 42, 220)
        scan.write(30, 90, "1. Vad?", "1. -")
        scan.rule(90, 102, 300)
        self.assertEqual(scan.found(), [("name", ""), ("line", "1")])

    def test_shadows_at_the_rim_are_no_words(self) -> None:
        scan = Scan()
        scan.write(30, 30, "1. What?")
        scan.rule(30, 70, 380)
        scan.rule(30, 92, 380)
        for y in range(20, 280, 25):
            scan.pen.rectangle([412 * SCALE, y * SCALE, 415 * SCALE, (y + 9) * SCALE], fill=90)
        self.assertEqual(scan.found(), [("lines", "1")])
