"""Flattening, whitening and what is proposed, on a made set of scans and photos of which the truth is known."""

import io
import unittest
from functools import cache
from unittest import mock

import numpy as np
from PIL import Image, ImageDraw

from velum.geometry.projection import Corners, Point
from velum.paper.corners import find_sheet
from velum.paper.look import Flat, Look
from velum.paper.page_size import PageSize
from velum.paper.picture import A4
from velum.paper.proposal import Proposal, propose
from velum.paper.read import open_page
from velum.paper.render import render_page
from velum.paper.sheet_size import sheet_size
from velum.paper.skew import find_skew
from velum.paper.whiten import whitened
from velum.testing import papers
from velum.testing.photos import SHAPES, SLANTED, Photo, photo, sheet, tilted
from velum.testing.pictures import saved

SEEDS = range(40)


@cache
def photographed(seed: int) -> Photo:
    return photo(SHAPES[seed % len(SHAPES)], seed, (960, 1280))


def proposed(picture: Image.Image) -> Proposal:
    with open_page(saved(picture, "PNG"), 0) as page:
        return propose(page)


def drawn(data: bytes, look: Look, width: int = 1000) -> Image.Image:
    return Image.open(io.BytesIO(render_page(data, 0, [width], look)[0])).convert("L")


class Accuracy(unittest.TestCase):
    def test_corners_are_found_within_a_hundredth_of_the_sheets_width(self) -> None:
        near = 0
        for seed in SEEDS:
            taken = photographed(seed)
            found = find_sheet(taken.picture)
            width = np.hypot(*(taken.corners[1] - taken.corners[0]))
            if found:
                away = np.array([(point.x, point.y) for point in found.corners]) - taken.corners
                near += bool(np.hypot(*away.T).max() <= 0.01 * width)
        self.assertGreaterEqual(near, 0.95 * len(SEEDS))

    def test_skew_is_found_within_three_tenths_of_a_degree(self) -> None:
        for seed in SEEDS:
            degrees = float(np.random.default_rng(seed).uniform(-9, 9))
            with self.subTest(seed, degrees=degrees):
                found = find_skew(tilted(sheet(SHAPES[seed % len(SHAPES)], seed, 90), degrees))
                self.assertLess(abs(found - degrees), 0.3)

    def test_the_sheet_is_known_as_a4(self) -> None:
        known = 0
        for seed in SEEDS:
            taken = photographed(seed)
            one, two, three, four = (Point(x=x, y=y) for x, y in taken.corners)
            size = sheet_size((one, two, three, four), PageSize(*taken.picture.size))
            known += (size.width, size.height) == A4
        self.assertGreaterEqual(known, 0.95 * len(SEEDS))


class Finding(unittest.TestCase):
    def test_a_photo_without_a_sheet_has_no_corners(self) -> None:
        plain = Image.new("RGB", (900, 1200), (90, 110, 90))
        noise = Image.fromarray(np.random.default_rng(3).integers(0, 255, (1200, 900, 3), np.uint8))
        for picture in (plain, noise, sheet("text", 5)):
            self.assertIsNone(find_sheet(picture))

    def test_a_box_printed_on_a_page_is_not_the_page(self) -> None:
        page = Image.new("RGB", (1000, 1400), "white")
        ImageDraw.Draw(page).rectangle((200, 400, 800, 900), outline="black", width=4)
        self.assertIsNone(find_sheet(page))
        ImageDraw.Draw(page).rectangle((200, 400, 800, 900), fill="#ffe9a8")
        self.assertIsNone(find_sheet(page))

    def test_what_has_no_lines_has_no_skew(self) -> None:
        for picture in (Image.new("RGB", (800, 1100), "white"), Image.new("RGB", (3, 3)), Image.new("L", (2000, 2))):
            self.assertEqual(find_skew(picture), 0)


class Proposing(unittest.TestCase):
    def setUp(self) -> None:
        # Which way is up, Tesseract tells: in test_survey.
        self.enterContext(mock.patch("velum.paper.proposal.which_way_up", return_value=0))

    def test_a_straight_white_page_needs_nothing(self) -> None:
        for shape in SHAPES:
            with self.subTest(shape):
                self.assertFalse(proposed(sheet(shape, 1)).needed)

    def test_a_tilted_scan_is_put_straight_at_its_size(self) -> None:
        proposal = proposed(tilted(sheet("text", 1), 2))
        self.assertAlmostEqual(proposal.skew, 2, delta=0.1)
        self.assertAlmostEqual(proposal.width, A4[0], delta=1)
        data = saved(tilted(sheet("table", 2), -4), "PNG")
        before = proposed(Image.open(io.BytesIO(data)))
        assert before.corners
        look = Look(flat=Flat(corners=before.corners, width=before.width, height=before.height))
        self.assertLess(abs(find_skew(drawn(data, look))), 0.1)

    def test_a_photo_is_flattened_and_whitened(self) -> None:
        proposal = proposed(photographed(0).picture)
        self.assertTrue(proposal.corners is not None and proposal.whiten)
        self.assertEqual((proposal.width, proposal.height, proposal.skew), (*A4, 0))

    def test_a_grey_page_is_whitened(self) -> None:
        grey = sheet("text", 1).point(lambda value: value * 0.7)
        proposal = proposed(grey)
        self.assertEqual((proposal.corners, proposal.whiten), (None, True))

    def test_a_picture_of_nothing_gets_no_harm(self) -> None:
        for size in ((10, 10), (40, 3000), (700, 700)):
            self.assertEqual(proposed(Image.new("RGB", size, "firebrick")).turn, 0)


class Whitening(unittest.TestCase):
    def test_shadows_go_and_ink_stays(self) -> None:
        flat = sheet("text", 4)
        shade = np.linspace(0.95, 0.5, flat.width)[None, :, None]
        out = np.asarray(whitened(Image.fromarray((np.asarray(flat) * shade).astype(np.uint8))).convert("L"))
        ink = np.asarray(flat.convert("L"))
        self.assertGreater(np.percentile(out[ink > 250], 2), 250)
        self.assertLess(np.median(out[ink < 40]), 60)

    def test_the_edge_of_a_shadow_goes_from_small_pictures_too(self) -> None:
        flat = sheet("sparse", 4)
        x, y = np.meshgrid(np.linspace(0, 1, flat.width), np.linspace(0, 1, flat.height))
        shade = (1 - 0.4 / (1 + np.exp(-(x - y + 0.3) * 30)))[:, :, None]
        shadowed = Image.fromarray((np.asarray(flat) * shade).astype(np.uint8))
        for width in (170, 340, 850):
            small = flat.resize((width, round(width * flat.height / flat.width)), Image.Resampling.BOX)
            out = np.asarray(whitened(shadowed.resize(small.size, Image.Resampling.BOX)).convert("L"))
            with self.subTest(width=width):
                self.assertGreater(np.percentile(out[np.asarray(small.convert("L")) > 250], 3), 235)

    def test_a_dark_picture_on_the_page_stays_dark(self) -> None:
        out = np.asarray(whitened(sheet("drawing", 1).point(lambda value: value * 0.8)).convert("L"))
        middle = out[int(0.42 * out.shape[0]), out.shape[1] // 2]
        self.assertLess(middle, 140)

    def test_colour_stays_colour(self) -> None:
        page = Image.new("RGB", (600, 800), (220, 220, 205))
        ImageDraw.Draw(page).rectangle((100, 100, 140, 140), fill=(190, 30, 40))
        red, green, blue = np.asarray(whitened(page))[120, 120]
        self.assertTrue(red > 150 and green < 60 and blue < 60)

    def test_a_page_of_any_size_is_whitened(self) -> None:
        for size in ((1, 1), (5, 900), (900, 5)):
            self.assertEqual(whitened(Image.new("RGB", size, "grey")).size, size)


class Flattening(unittest.TestCase):
    def test_a_cut_out_region_of_a_pdf_is_drawn_sharp(self) -> None:
        page = papers.with_content(b"2 w " + b"".join(b"%d 100 m %d 700 l S " % (x, x) for x in range(100, 500, 4)))
        corners = rectangle(150, 200, 250, 300)
        picture = drawn(page, Look(flat=Flat(corners=corners, width=100, height=100)), 1700)
        self.assertEqual(picture.size, (1700, 1700))
        row = picture.crop((0, 800, 1700, 801))
        self.assertEqual(row.getextrema(), (0, 255))
        changes = np.diff((np.asarray(row)[0] > 128).astype(int))
        self.assertAlmostEqual(int(np.abs(changes).sum()), 50, delta=2)

    def test_a_region_shows_the_same_place_whichever_way_it_is_drawn(self) -> None:
        data = saved(sheet("table", 3, 200), "PNG")
        corners = rectangle(60, 100, 400, 500)
        exact = np.asarray(drawn(data, Look(flat=Flat(corners=corners, width=340, height=400)))).astype(int)
        nudged: Corners = (Point(x=60.3, y=100), *corners[1:])
        warped = np.asarray(drawn(data, Look(flat=Flat(corners=nudged, width=340, height=400)))).astype(int)
        rows, columns = min(exact.shape[0], warped.shape[0]), min(exact.shape[1], warped.shape[1])
        self.assertLess(abs(exact.shape[0] - warped.shape[0]) + abs(exact.shape[1] - warped.shape[1]), 3)
        self.assertLess(np.abs(exact[:rows, :columns] - warped[:rows, :columns]).mean(), 4)

    def test_a_region_is_turned_after_it_is_cut(self) -> None:
        data = papers.pdf()
        flat = Flat(corners=rectangle(50, 40, 250, 140), width=200, height=100)
        self.assertEqual(drawn(data, Look(turn=90, flat=flat), 500).size, (500, 1000))

    def test_what_lies_beyond_the_page_is_white(self) -> None:
        dark = saved(Image.new("RGB", (600, 800), "black"), "PNG")
        beyond: Corners = (Point(x=-100, y=-100), Point(x=695, y=-100), Point(x=695, y=900), Point(x=-100, y=900))
        picture = drawn(dark, Look(flat=Flat(corners=beyond, width=795, height=1000)))
        self.assertEqual(picture.getpixel((5, 5)), 255)
        self.assertEqual(picture.getpixel((picture.width // 2, picture.height // 2)), 0)

    def test_a_small_photo_is_not_enlarged(self) -> None:
        data = saved(sheet("text", 1, 50), "PNG")
        picture = drawn(data, Look(flat=Flat(corners=SLANTED, width=500, height=700)), 3400)
        self.assertLess(picture.width, 500)


def rectangle(left: float, top: float, right: float, bottom: float) -> Corners:
    return Point(x=left, y=top), Point(x=right, y=top), Point(x=right, y=bottom), Point(x=left, y=bottom)
