"""Pictures of print without their lines, and print that was not read off them."""

import unittest

import numpy as np
from PIL import Image, ImageDraw, ImageFont

from velum.geometry.box import Box
from velum.paper.unread import unread
from velum.paper.unruled import without_rules

SCALE = 200 / 72


class Sheet:
    """A white picture to draw on, in points."""

    def __init__(self) -> None:
        self.picture = Image.new("L", (round(300 * SCALE), round(200 * SCALE)), 250)
        self.pen = ImageDraw.Draw(self.picture)
        self.font = ImageFont.load_default(11 * SCALE)

    def line(self, *points: float) -> None:
        self.pen.line([value * SCALE for value in points], fill=20, width=2)

    def box(self, x: float, y: float, side: float) -> None:
        self.pen.rectangle([value * SCALE for value in (x, y, x + side, y + side)], outline=20, width=2)

    def write(self, x: float, y: float, words: str) -> None:
        self.pen.text((x * SCALE, y * SCALE), words, fill=10, font=self.font)

    def ink(self, picture: Image.Image, box: tuple[float, float, float, float]) -> int:
        """How many dark pixels there are in a part of a picture."""
        part = picture.crop(tuple(round(value * SCALE) for value in box))  # type: ignore[arg-type]
        return int((np.asarray(part.convert("L")) < 150).sum())


class WithoutRules(unittest.TestCase):
    def test_ruled_and_dotted_lines_and_empty_boxes_go(self) -> None:
        sheet = Sheet()
        sheet.line(20, 40, 200, 40.8)
        sheet.line(250, 20, 250, 120)
        for dot in range(40):
            sheet.pen.ellipse([(20 + 3 * dot) * SCALE, 70 * SCALE, (20.9 + 3 * dot) * SCALE, 70.9 * SCALE], fill=20)
        sheet.box(20, 100, 9)
        self.assertEqual(sheet.ink(without_rules(sheet.picture, SCALE), (0, 0, 300, 200)), 0)

    def test_letters_stay(self) -> None:
        sheet = Sheet()
        sheet.write(20, 20, "DOQ The keeper's log – 1,500 … HELLO")
        before = sheet.ink(sheet.picture, (0, 0, 300, 200))
        after = sheet.ink(without_rules(sheet.picture, SCALE), (0, 0, 300, 200))
        self.assertGreater(after, 0.97 * before)

    def test_a_bare_page_stays_as_it_is(self) -> None:
        sheet = Sheet()
        self.assertEqual(without_rules(sheet.picture, SCALE).tobytes(), sheet.picture.tobytes())


class Unread(unittest.TestCase):
    def test_words_that_nobody_read_are_told_and_no_others(self) -> None:
        sheet = Sheet()
        sheet.write(20, 20, "ebb")
        sheet.write(20, 60, "flood")
        sheet.pen.ellipse([150 * SCALE, 40 * SCALE, 230 * SCALE, 150 * SCALE], fill=20)  # a picture
        (word,) = unread(sheet.picture, SCALE, [Box(x=19, y=20, width=24, height=12)])
        self.assertAlmostEqual(word.x, 20, delta=2)
        self.assertTrue(60 < word.y < 66, word)

    def test_all_is_read_where_nothing_is_left(self) -> None:
        sheet = Sheet()
        sheet.write(20, 20, "ebb")
        self.assertEqual(unread(sheet.picture, SCALE, [Box(x=19, y=20, width=24, height=14)]), [])
