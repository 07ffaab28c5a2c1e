import io
import unittest

import numpy as np
from PIL import Image, ImageDraw

from velum.geometry.box import Box
from velum.pictures.cut_out import cut_out
from velum.pictures.prepared import PictureRefused

POINTS = 300.0
"""Of the width of the page, which is drawn two pixels a point."""


def a_page(paper: tuple[int, int, int] = (250, 248, 240), grain: int = 0) -> Image.Image:
    """A page with a ring of ink, 40 points wide, in the middle of 100 × 100 points from 50, 60."""
    page = Image.new("RGB", (600, 800), paper)
    ImageDraw.Draw(page).ellipse((160, 180, 240, 260), outline=(20, 20, 60), width=6)
    if grain:
        noise = np.random.default_rng(1).normal(0, grain, (800, 600, 3))
        page = Image.fromarray(np.clip(np.asarray(page) + noise, 0, 255).astype(np.uint8))
    return page


REGION = Box(x=50, y=60, width=100, height=100)


class CutOut(unittest.TestCase):
    def cut(self, page: Image.Image, region: Box = REGION) -> tuple[np.ndarray, Box]:
        prepared, box = cut_out(page, POINTS, region)
        self.assertAlmostEqual(prepared.width, box.width * 96 / 72)
        with Image.open(io.BytesIO(prepared.data)) as picture:
            return np.asarray(picture.convert("RGBA")), box

    def test_paper_around_is_clear_and_paper_within_an_outline_is_not(self) -> None:
        for page in (a_page(), a_page((200, 190, 170)), a_page(grain=6)):
            with self.subTest(paper=page.getpixel((0, 0))):
                pixels, box = self.cut(page)
                self.assertEqual(pixels[0, 0, 3], 0)
                middle = pixels[pixels.shape[0] // 2, pixels.shape[1] // 2]
                self.assertEqual(middle[3], 255)
                self.assertGreater(int(middle[0]), 150)
                self.assertAlmostEqual(box.x, 80, delta=2)
                self.assertAlmostEqual(box.y, 90, delta=2)
                self.assertAlmostEqual(box.width, 41, delta=3)

    def test_ink_that_reaches_the_edge_stays(self) -> None:
        pixels, box = self.cut(a_page(), Box(x=80, y=90, width=20, height=40))
        self.assertAlmostEqual(box.x, 80, delta=1)
        self.assertEqual(pixels[pixels.shape[0] // 2, 2, 3], 255)

    def test_a_region_that_leaves_the_page_is_cut_at_its_edge(self) -> None:
        _, box = self.cut(a_page(), Box(x=60, y=70, width=4_000, height=4_000))
        self.assertLessEqual(box.x + box.width, 300)

    def test_where_nothing_is_printed_nothing_is_cut(self) -> None:
        for page in (a_page(), a_page(grain=6)):
            with self.assertRaises(PictureRefused) as caught:
                cut_out(page, POINTS, Box(x=200, y=300, width=60, height=60))
            self.assertEqual(caught.exception.code, "picture.nothing_there")
        with self.assertRaises(PictureRefused) as caught:
            cut_out(a_page(), POINTS, Box(x=400, y=60, width=50, height=50))
        self.assertEqual(caught.exception.code, "picture.no_region")

    def test_a_drawing_on_dark_paper_is_cut_too(self) -> None:
        page = Image.new("RGB", (600, 800), (30, 60, 40))
        ImageDraw.Draw(page).ellipse((160, 180, 240, 260), fill=(240, 240, 230))
        pixels, _ = self.cut(page)
        self.assertEqual(pixels[0, 0, 3], 0)
        self.assertEqual(pixels[pixels.shape[0] // 2, pixels.shape[1] // 2, 3], 255)
