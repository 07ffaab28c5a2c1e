"""Drawings with pointer lines, and drawings with lines that point at nothing."""

import math
import unittest

from velum.finding.tests.test_find import HEIGHT, Page


def drawing(page: Page) -> None:
    """A crab, roughly."""
    page.canvas.ellipse(220, HEIGHT - 420, 380, HEIGHT - 320)
    page.canvas.ellipse(200, HEIGHT - 340, 250, HEIGHT - 290)
    page.canvas.ellipse(350, HEIGHT - 340, 400, HEIGHT - 290)


def pointer(page: Page, x: float, y: float, to_x: float, to_y: float) -> None:
    page.canvas.line(x, HEIGHT - y, to_x, HEIGHT - to_y)


class Pointers(unittest.TestCase):
    def test_each_free_end_has_room_for_a_label(self) -> None:
        page = Page()
        page.write(72, 100, "1. Label the parts of the crab.")
        drawing(page)
        for line in ((240, 330, 170, 260), (380, 320, 450, 270), (360, 400, 440, 460), (240, 400, 170, 450)):
            pointer(page, *line)
        places = page.found()
        self.assertEqual([(place.sort, place.number) for place in places], [("line", "1")] * 4)
        ends = [(170, 260), (450, 270), (170, 450), (440, 460)]
        for place, (x, y) in zip(places, ends, strict=True):
            box = place.box
            near = min(abs(box.x - x), abs(box.x + box.width - x))
            self.assertTrue(near < 6 and box.y < y < box.bottom, (box, x, y))

    def test_labels_that_are_printed_leave_nothing_to_write(self) -> None:
        page = Page()
        drawing(page)
        for number, line in enumerate(((240, 330, 170, 260), (380, 320, 450, 270), (360, 400, 440, 460))):
            pointer(page, *line)
            page.write(line[2] + (4 if line[2] > 300 else -34), line[3] + 3, ("claw", "eye", "leg")[number])
        self.assertEqual(page.found(), ())

    def test_rays_of_a_sun_are_no_pointers(self) -> None:
        page = Page()
        page.canvas.circle(300, HEIGHT - 300, 40)
        for ray in range(10):
            c, s = math.cos(ray * math.pi / 5 + 0.3), math.sin(ray * math.pi / 5 + 0.3)
            pointer(page, 300 + 39 * c, 300 + 39 * s, 300 + 80 * c, 300 + 80 * s)
        self.assertEqual(page.found(), ())

    def test_a_shape_of_slanted_lines_has_no_free_ends(self) -> None:
        page = Page()
        for points in (((100, 300), (160, 200), (220, 300)), ((300, 300), (340, 220), (420, 260), (380, 330))):
            for one, other in zip(points, points[1:] + points[:1], strict=True):
                pointer(page, *one, *other)
        self.assertEqual(page.found(), ())

    def test_two_lines_are_not_enough(self) -> None:
        page = Page()
        drawing(page)
        for line in ((240, 330, 170, 260), (380, 320, 450, 270)):
            pointer(page, *line)
        self.assertEqual(page.found(), ())
