import io
import unittest

from PIL import Image

from velum.paper.look import Look
from velum.paper.page_size import PaperRefused
from velum.paper.render import MOST_PIXELS, encode, is_photographic, render_page
from velum.testing import papers


def opened(data: bytes) -> Image.Image:
    picture = Image.open(io.BytesIO(data))
    picture.load()
    return picture


class Rendering(unittest.TestCase):
    def test_a_page_is_drawn_in_each_width(self) -> None:
        for data, width in zip(render_page(papers.pdf(), 0, [1700, 340]), (1700, 340), strict=True):
            picture = opened(data)
            self.assertEqual((picture.format, picture.width), ("WEBP", width))
            self.assertAlmostEqual(picture.height / picture.width, 841.89 / 595.276, delta=0.005)

    def test_a_turned_page_is_as_wide_as_it_is_asked_for(self) -> None:
        upright, turned = (opened(render_page(papers.pdf(), 0, [1700], Look(turn=turn))[0]) for turn in (0, 90))
        self.assertEqual(turned.width, 1700)
        self.assertAlmostEqual(turned.height / turned.width, 595.276 / 841.89, delta=0.005)
        ink = [picture.convert("L").point(lambda value: value < 128 and 255).getbbox() for picture in (upright, turned)]
        assert ink[0] and ink[1]
        self.assertLess(ink[0][0], 0.2 * upright.width, "the words begin at the left")
        self.assertGreater(ink[1][0], 0.8 * turned.width, "and stand at the right when turned clockwise")

    def test_print_is_kept_without_loss(self) -> None:
        drawn = opened(render_page(papers.pdf(), 0, [1700])[0]).convert("L")
        values = drawn.histogram()
        self.assertGreater(values[255], 0.9 * sum(values), "paper is white")
        self.assertGreater(values[0], 100, "ink is black")

    def test_small_print_stays_sharp_at_twice_the_size_of_a_laptop(self) -> None:
        page = papers.with_content(b"2 w " + b"".join(b"%d 100 m %d 700 l S " % (x, x) for x in range(100, 500, 4)))
        row = opened(render_page(page, 0, [1700])[0]).convert("L").crop((400, 1000, 1300, 1001))
        darkest, lightest = row.getextrema()
        self.assertEqual((darkest, lightest), (0, 255), "stripes of two points do not run into each other")

    def test_a_noisy_scan_is_told_from_print(self) -> None:
        for data, noisy in ((papers.noise(), True), (papers.pdf(), False)):
            picture = opened(render_page(data, 0, [800])[0])
            self.assertEqual(is_photographic(picture), noisy)

    def test_a_photo_does_not_take_the_bytes_of_a_lossless_picture(self) -> None:
        kept = render_page(papers.noise(), 0, [1700])[0]
        lossless = encode(opened(kept), photographic=False)
        self.assertLess(len(kept), len(lossless) / 2)

    def test_a_very_long_page_is_drawn_smaller_instead_of_too_large(self) -> None:
        picture = opened(render_page(papers.with_content(b"", size=(100, 14_000)), 0, [1700])[0])
        self.assertLessEqual(picture.width * picture.height, MOST_PIXELS)
        self.assertLessEqual(picture.height, 16_383)

    def test_a_page_that_is_not_there_is_refused(self) -> None:
        for data, number in ((papers.pdf(), 5), (papers.pdf(), -1)):
            with self.subTest(number), self.assertRaises(PaperRefused):
                render_page(data, number, [340])
