import io
import unittest
from unittest import mock

from PIL import Image

from velum.geometry.turn import Turn
from velum.paper.look import Look
from velum.paper.page_size import PageSize, PaperRefused
from velum.paper.picture import picture_pages
from velum.paper.read import read_pages
from velum.paper.render import is_photographic, render_page
from velum.testing import pictures
from velum.testing.photos import SHAPES, sheet, tilted
from velum.testing.pictures import drawn, saved

A4 = PageSize(595.276, 841.89)


def shown(data: bytes, number: int = 0, width: int = 1700) -> Image.Image:
    picture = Image.open(io.BytesIO(render_page(data, number, [width])[0]))
    picture.load()
    return picture.convert("L")


def grey(picture: Image.Image, x: int, y: int) -> int:
    """How light a pixel is, from 0 to 255."""
    (value,) = picture.crop((x, y, x + 1, y + 1)).tobytes()
    return value


def only_page(data: bytes) -> PageSize:
    (size,) = read_pages(data)
    assert size is not None
    return size


class Reading(unittest.TestCase):
    def test_every_kind_of_picture_becomes_a_page(self) -> None:
        for kind in ("PNG", "JPEG", "WEBP", "TIFF", "GIF", "BMP", "AVIF", "JPEG2000"):
            with self.subTest(kind):
                self.assertEqual(len(read_pages(saved(drawn(), kind))), 1)
                self.assertEqual(shown(saved(drawn(), kind)).size, (600, 800))

    def test_a_tiff_of_any_size_becomes_a_page(self) -> None:
        self.assertEqual(shown(saved(drawn(), "TIFF", big_tiff=True)).size, (600, 800))

    def test_a_photo_with_a_second_picture_in_it_is_one_page(self) -> None:
        data = saved(drawn(), "MPO", save_all=True, append_images=[drawn(60, 80)])
        self.assertEqual(len(read_pages(data)), 1)

    def test_a_picture_that_is_cut_short_is_refused_when_it_comes(self) -> None:
        for kind in ("JPEG", "PNG", "WEBP", "TIFF", "BMP"):
            data = saved(drawn(), kind)
            with self.subTest(kind), self.assertRaises(PaperRefused) as caught:
                read_pages(data[: len(data) * 2 // 3])
            self.assertEqual(caught.exception.code, "paper.broken")

    def test_a_phones_heic_becomes_a_page(self) -> None:
        data = pictures.heic()
        size = only_page(data)
        self.assertAlmostEqual(size.width / size.height, 60 / 80, delta=0.001)
        picture = shown(data)
        self.assertEqual(picture.size, (60, 80))
        self.assertLess(grey(picture, 30, 2), 60, "the bar is at the top")

    def test_a_file_of_several_pages_becomes_several(self) -> None:
        for kind in ("TIFF", "GIF"):
            data = pictures.several(kind)
            with self.subTest(kind):
                self.assertEqual(len(read_pages(data)), 3)
                self.assertGreater(shown(data, 2).width, 0)

    def test_a_scan_says_how_large_its_paper_was(self) -> None:
        size = only_page(saved(drawn(1240, 1754), "PNG", dpi=(150, 150)))
        self.assertAlmostEqual(size.width, 595.2, delta=0.3)

    def test_a_fax_keeps_its_shape(self) -> None:
        """Its pixels are twice as high as they are wide."""
        for format in ("TIFF", "PNG"):
            data = saved(drawn(1728, 1078, "1"), format, dpi=(204, 98))
            size = only_page(data)
            with self.subTest(format):
                self.assertAlmostEqual(size.width, 609.9, delta=0.5)
                self.assertAlmostEqual(size.height, 792, delta=0.5)
                for width in (1700, 340):
                    picture = shown(data, width=width)
                    self.assertAlmostEqual(picture.width / picture.height, size.width / size.height, delta=0.01)
                    self.assertLess(grey(picture, picture.width // 2, 4), 60, "the bar is at the top")
        with mock.patch("velum.paper.picture._LARGE", 1_000):
            large = shown(saved(drawn(1728, 1078, "1"), "TIFF", dpi=(204, 98)), width=340)
        self.assertAlmostEqual(large.width / large.height, 609.9 / 792, delta=0.01)

    def test_a_grey_photo_takes_no_more_than_one_in_colour(self) -> None:
        scan = tilted(sheet("text", 1, 100), 1)
        for mode in ("RGB", "L"):
            with self.subTest(mode):
                self.assertTrue(is_photographic(scan.convert(mode).convert("RGB")))
        for shape in SHAPES:
            with self.subTest(shape):
                self.assertFalse(is_photographic(sheet(shape, 1, 150)))

    def test_a_photo_that_says_nonsense_is_laid_on_a4(self) -> None:
        for dpi in ((72, 72), (1, 1), (0, 0)):
            data = saved(drawn(3000, 4000), "JPEG", dpi=dpi)
            size = only_page(data)
            with self.subTest(dpi):
                self.assertAlmostEqual(size.width, A4.width, delta=0.01)
                self.assertAlmostEqual(size.height / size.width, 4 / 3, delta=0.001)

    def test_a_lying_picture_lies_on_lying_paper(self) -> None:
        size = only_page(saved(drawn(4000, 2000), "PNG"))
        self.assertAlmostEqual(size.width, A4.height, delta=0.01)

    def test_a_phones_note_of_which_way_is_up_is_followed(self) -> None:
        data = pictures.turned_photo()
        size = only_page(data)
        self.assertLess(size.width, size.height)
        upright = shown(data)
        self.assertEqual(upright.size, (600, 800))
        self.assertLess(grey(upright, 300, 20), 60, "the bar is at the top")
        self.assertGreater(grey(upright, 300, 780), 200)

    def test_a_page_is_turned_clockwise(self) -> None:
        data = saved(drawn(), "PNG")
        cases: list[tuple[Turn, tuple[int, int], tuple[int, int]]] = [
            (90, (780, 300), (800, 600)),
            (180, (300, 780), (600, 800)),
            (270, (20, 300), (800, 600)),
        ]
        for turn, (x, y), size in cases:
            picture = Image.open(io.BytesIO(render_page(data, 0, [1700], Look(turn=turn))[0])).convert("L")
            with self.subTest(turn):
                self.assertEqual(picture.size, size)
                self.assertLess(grey(picture, x, y), 60, "the bar has turned with the page")

    def test_what_is_clear_becomes_white(self) -> None:
        self.assertEqual(shown(pictures.see_through()).getextrema(), (255, 255))

    def test_sixteen_bits_of_grey_are_not_clipped(self) -> None:
        deep = Image.new("I;16", (300, 400), 32_768)
        self.assertAlmostEqual(grey(shown(saved(deep, "PNG")), 5, 5), 128, delta=3)

    def test_a_photo_is_never_enlarged(self) -> None:
        self.assertEqual(shown(saved(drawn(500, 700), "JPEG"), width=3400).size, (500, 700))


class Shrinking(unittest.TestCase):
    """Pictures too large to be looked at whole, which are shrunk on the way."""

    def test_a_large_picture_looks_as_a_small_one_does(self) -> None:
        for mode in ("RGB", "L", "RGBA", "P", "1"):
            small = shown(saved(drawn(600, 800, mode), "PNG"), width=300)
            with self.subTest(mode), mock.patch("velum.paper.picture._LARGE", 1_000):
                large = shown(saved(drawn(600, 800, mode), "PNG"), width=300)
                self.assertEqual(large.size, small.size)
                for y in (10, 390):
                    self.assertAlmostEqual(grey(large, 150, y), grey(small, 150, y), delta=3)

    @mock.patch("velum.paper.picture._LARGE", 1_000)
    def test_its_notes_are_followed_too(self) -> None:
        upright = shown(pictures.turned_photo())
        self.assertEqual(upright.size, (600, 800))
        self.assertLess(grey(upright, 300, 20), 60)
        self.assertEqual(shown(pictures.see_through()).getextrema(), (255, 255))
        self.assertAlmostEqual(grey(shown(saved(Image.new("I;16", (300, 400), 32_768), "PNG")), 5, 5), 128, delta=3)
        self.assertEqual(shown(pictures.several("TIFF"), 2, 200).width, 200)

    @mock.patch("velum.paper.picture._LARGE", 1_000)
    def test_one_that_is_cut_short_is_refused(self) -> None:
        for kind in ("PNG", "WEBP"):
            data = saved(drawn(), kind)
            with self.subTest(kind), self.assertRaises(PaperRefused):
                render_page(data[: len(data) // 3], 0, [340])


class Refusing(unittest.TestCase):
    def assert_refused(self, data: bytes, code: str) -> None:
        for work in (read_pages, lambda data: render_page(data, 0, [340])):
            with self.assertRaises(PaperRefused) as caught:
                work(data)
            self.assertEqual(caught.exception.code, code)

    def test_a_picture_cut_short_is_refused(self) -> None:
        for kind in ("PNG", "JPEG", "WEBP", "GIF"):
            data = saved(drawn(), kind)
            with self.subTest(kind), self.assertRaises(PaperRefused):
                render_page(data[: len(data) // 3], 0, [340])

    def test_a_picture_that_is_only_a_name_is_refused(self) -> None:
        for start in (b"\x89PNG\r\n\x1a\n", b"\xff\xd8\xff", b"GIF89a", b"II*\0", b"RIFF\0\0\0\0WEBP"):
            with self.subTest(start):
                self.assert_refused(start + b"nothing that belongs here" * 20, "paper.broken")
        self.assert_refused(pictures.HEIC_MISSING, "paper.broken")

    def test_a_bomb_is_refused_before_it_goes_off(self) -> None:
        self.assert_refused(pictures.bomb(), "paper.too_many_pixels")

    def test_a_page_that_is_not_there_is_refused(self) -> None:
        with self.assertRaises(PaperRefused):
            render_page(saved(drawn(), "PNG"), 3, [340])

    def test_a_picture_of_a_size_that_no_paper_has_is_refused(self) -> None:
        with self.assertRaises(PaperRefused) as caught:
            picture_pages(saved(drawn(20_000, 20), "PNG"))
        self.assertEqual(caught.exception.code, "paper.page_size")
