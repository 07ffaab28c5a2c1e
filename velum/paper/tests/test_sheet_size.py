import io
import math
import unittest

import numpy as np
from PIL import Image

from velum.geometry.projection import Corners, Point
from velum.paper.page_size import PageSize
from velum.paper.picture import picture_page
from velum.paper.sheet_size import sheet_size

PHOTO = PageSize(3000, 4000)
A4, LETTER = PageSize(595.276, 841.89), PageSize(612, 792)
SLANTS = [(pitch, yaw) for pitch in range(0, 31, 10) for yaw in range(0, 31, 10) if math.hypot(pitch, yaw) <= 30]
PHONES = (0.72, 0.76, 0.8)


def lying(size: PageSize) -> PageSize:
    return PageSize(size.height, size.width)


def seen(size: PageSize, pitch: float, yaw: float, lens: float) -> Corners:
    """The corners of a sheet in a photo, slanted by so many degrees, as large as it can be taken."""
    c, s = math.cos(math.radians(pitch)), math.sin(math.radians(pitch))
    d, t = math.cos(math.radians(yaw)), math.sin(math.radians(yaw))
    turn = np.array([[1, 0, 0], [0, c, -s], [0, s, c]]) @ np.array([[d, 0, t], [0, 1, 0], [-t, 0, d]])
    w, h = size.width / 2, size.height / 2
    sheet = np.array([[-w, -h, 0], [w, -h, 0], [w, h, 0], [-w, h, 0]]) @ turn.T
    focus = lens * PHOTO.height
    away = next(
        away
        for away in range(600, 9000, 20)
        if (abs(focus * sheet[:, 0] / (sheet[:, 2] + away)) < 0.45 * PHOTO.width).all()
        and (abs(focus * sheet[:, 1] / (sheet[:, 2] + away)) < 0.45 * PHOTO.height).all()
    )
    depth = sheet[:, 2] + away
    one, two, three, four = (
        Point(x=round(PHOTO.width / 2 + focus * x / z, 1), y=round(PHOTO.height / 2 + focus * y / z, 1))
        for x, y, z in zip(sheet[:, 0], sheet[:, 1], depth, strict=True)
    )
    return one, two, three, four


class SheetSize(unittest.TestCase):
    def test_common_papers_are_known_at_any_slant_that_people_photograph_them_at(self) -> None:
        for paper in (A4, LETTER, lying(A4), lying(LETTER)):
            for pitch, yaw in SLANTS:
                for lens in PHONES:
                    with self.subTest(paper=paper, pitch=pitch, yaw=yaw, lens=lens):
                        self.assertEqual(sheet_size(seen(paper, pitch, yaw, lens), PHOTO), paper)

    def test_with_the_cameras_own_note_of_its_lens_any_sheet_has_its_proportion(self) -> None:
        for sheet in (A4, LETTER, PageSize(600, 600), PageSize(400, 842), PageSize(842, 300)):
            for pitch, yaw in SLANTS:
                for lens in (0.6, 0.76, 1.5, 2.2):
                    with self.subTest(sheet=sheet, pitch=pitch, yaw=yaw, lens=lens):
                        found = sheet_size(seen(sheet, pitch, yaw, lens), PHOTO, lens)
                        self.assertAlmostEqual(found.width / found.height / (sheet.width / sheet.height), 1, delta=0.02)

    def test_a_page_that_is_askew_keeps_its_size(self) -> None:
        page = PageSize(500, 700)
        corners = (Point(x=4, y=0), Point(x=500, y=4), Point(x=496, y=700), Point(x=0, y=696))
        self.assertEqual(sheet_size(corners, page), page)

    def test_corners_on_a_line_have_some_size(self) -> None:
        flat = (Point(x=0, y=0), Point(x=400, y=0), Point(x=800, y=0), Point(x=1200, y=0))
        found = sheet_size(flat, PHOTO)
        self.assertTrue(found.width > 0 and found.height > 0)


class Lens(unittest.TestCase):
    def lens(self, noted: object) -> float | None:
        exif = Image.Exif()
        exif.get_ifd(0x8769)[0xA405] = noted
        out = io.BytesIO()
        Image.new("RGB", (800, 600)).save(out, "JPEG", exif=exif)
        with picture_page(out.getvalue(), 0) as page:
            return page.lens

    def test_what_a_camera_notes_is_read(self) -> None:
        self.assertAlmostEqual(self.lens(26) or 0, 0.751, delta=0.001)

    def test_nonsense_is_no_note(self) -> None:
        for noted in (0, 3, 60_000):
            self.assertIsNone(self.lens(noted))
