import unittest

from PIL import Image, ImageChops, ImageDraw

from velum.geometry.box import Box
from velum.paper.compare_prints import SCALE, compare_prints
from velum.testing.photos import SHAPES, sheet, tilted

PLACES = [Box(x=60, y=y, width=200, height=20) for y in (100, 250, 400, 600)]


def printed(shape: str, seed: int) -> Image.Image:
    return sheet(shape, seed, 100).convert("L")


def moved(picture: Image.Image, right: float, down: float) -> Image.Image:
    """The page with all that is printed on it moved by so many points."""
    ink = ImageChops.invert(picture).transform(
        picture.size, Image.Transform.AFFINE, (1, 0, -right * SCALE, 0, 1, -down * SCALE), Image.Resampling.BICUBIC
    )
    return ImageChops.invert(ink)


class Comparing(unittest.TestCase):
    def test_the_same_page_has_not_moved(self) -> None:
        for shape in SHAPES:
            found = compare_prints(printed(shape, 1), printed(shape, 1), PLACES)
            self.assertEqual((found.right, found.down, any(found.altered)), (0, 0, False))

    def test_a_page_moved_as_a_whole_is_told_to_a_fraction_of_a_point(self) -> None:
        for shape in SHAPES:
            for right, down in ((0, 14.2), (-9, 0), (21.5, -30), (0.8, 0.8)):
                with self.subTest(shape, right=right, down=down):
                    found = compare_prints(printed(shape, 2), moved(printed(shape, 2), right, down), PLACES)
                    self.assertAlmostEqual(found.right, right, delta=0.3)
                    self.assertAlmostEqual(found.down, down, delta=0.3)
                    self.assertFalse(any(found.altered))

    def test_what_changed_besides_is_told(self) -> None:
        old = printed("text", 3)
        new = moved(old, 6, 6)
        # One question is printed anew.
        ImageDraw.Draw(new).rectangle((0, 380 * SCALE, new.width, 470 * SCALE), fill="white")
        ImageDraw.Draw(new).text((70 * SCALE, 420 * SCALE), "Quite another question stands here now", fill="black")
        found = compare_prints(old, new, PLACES)
        self.assertEqual(found.altered, (False, False, True, False))
        self.assertAlmostEqual(found.right, 6, delta=0.3)

    def test_one_figure_that_changed_is_told(self) -> None:
        old = printed("sparse", 3)
        new = moved(old, 2, 3)
        ImageDraw.Draw(new).text((150 * SCALE, 110 * SCALE), "7", fill="black", font_size=14)
        found = compare_prints(old, new, PLACES)
        self.assertEqual(found.altered, (True, False, False, False))

    def test_another_page_altogether_is_not_taken_for_a_moved_one(self) -> None:
        found = compare_prints(printed("text", 4), printed("table", 5), PLACES)
        self.assertGreaterEqual(sum(found.altered), 3)

    def test_bare_paper_is_the_same_as_bare_paper(self) -> None:
        bare = Image.new("L", (800, 1100), "white")
        found = compare_prints(bare, bare, PLACES)
        self.assertEqual((found.right, found.down, any(found.altered)), (0, 0, False))

    def test_pages_of_other_sizes_and_grain_are_compared(self) -> None:
        old = printed("sparse", 6)
        wider = Image.new("L", (old.width + 60, old.height - 40), "white")
        wider.paste(old)
        self.assertEqual(compare_prints(old, wider, PLACES[:3]).altered, (False, False, False))
        scanned = tilted(old.convert("RGB"), 0)
        self.assertFalse(any(compare_prints(old, scanned, PLACES).altered))
        for size in ((1, 1), (3, 900)):
            compare_prints(Image.new("L", size), old, PLACES)
