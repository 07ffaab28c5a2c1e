import io
import unittest

from PIL import Image

from velum.paper.blank import Pattern, blank_page
from velum.paper.page_size import PageSize, PaperRefused
from velum.paper.read import read_pages
from velum.paper.render import render_page


def ink(pattern: Pattern) -> float:
    """Which share of an A4 page a pattern covers."""
    picture = Image.open(io.BytesIO(render_page(blank_page(pattern, 595.276, 841.89), 0, [1700])[0])).convert("L")
    values = picture.histogram()
    return sum(values[:250]) / sum(values)


class Blank(unittest.TestCase):
    def test_paper_has_the_size_that_is_asked_for(self) -> None:
        for pattern in Pattern:
            for width, height in ((595.276, 841.89), (842, 595), (612, 792), (20, 20), (3000, 60)):
                with self.subTest(pattern=pattern, width=width):
                    self.assertEqual(read_pages(blank_page(pattern, width, height)), [PageSize(width, height)])

    def test_patterns_can_be_told_apart_and_leave_room_to_write(self) -> None:
        covered = {pattern: ink(pattern) for pattern in Pattern}
        self.assertEqual(covered[Pattern.PLAIN], 0)
        self.assertLess(0, covered[Pattern.DOTTED])
        self.assertLess(covered[Pattern.RULED], covered[Pattern.SQUARED])
        self.assertLess(covered[Pattern.SQUARED], 0.15)

    def test_the_same_wishes_give_the_same_file(self) -> None:
        self.assertEqual(blank_page(Pattern.RULED, 595, 842), blank_page(Pattern.RULED, 595, 842))

    def test_a_size_that_no_paper_has_is_refused(self) -> None:
        for width, height in ((1, 800), (20_000, 800)):
            with self.assertRaises(PaperRefused):
                blank_page(Pattern.PLAIN, width, height)
