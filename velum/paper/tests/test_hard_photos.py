import unittest
from collections import defaultdict
from unittest import mock

import numpy as np
from PIL import Image

from velum.paper.picture import A4
from velum.paper.proposal import Proposal, propose
from velum.paper.read import open_page
from velum.testing.hard_photos import framed, hard_photos, portrait, scanned, with_picture
from velum.testing.photos import SHAPES, Photo, sheet, tilted
from velum.testing.pictures import saved

SEEDS = range(4)

LEAST = {
    "slanted": 0.95,
    "cut off": 0.9,
    "framed": 0.95,
    "with a picture": 0.95,
    "bent": 0.95,
    # A sheet of the same paper beneath is told by a shadow alone.
    "on another sheet": 0.4,
}
"""The share of corners that are found within a hundredth of the sheet's width."""


def proposed(photo: Image.Image) -> tuple[Proposal, float]:
    """What is proposed for a photo, and how many of its pixels a point is."""
    with (
        mock.patch("velum.paper.proposal.which_way_up", return_value=0),
        open_page(saved(photo, "JPEG"), 0) as page,
    ):
        return propose(page), photo.width / page.size.width


def near(taken: Photo, proposal: Proposal, scale: float) -> float:
    """The share of the corners that are found."""
    if proposal.corners is None:
        return 0
    width = float(np.hypot(*(taken.corners[1] - taken.corners[0])))
    found = np.array([(point.x, point.y) for point in proposal.corners]) * scale
    # The corners that are proposed lie a hair inside.
    return float((np.hypot(*(found - taken.corners).T) < 0.0145 * width).mean())


class HardPhotos(unittest.TestCase):
    def test_the_corners_are_found_and_the_paper_known(self) -> None:
        shares, known = defaultdict(list), defaultdict(list)
        for kind, taken in hard_photos(SEEDS):
            proposal, scale = proposed(taken.picture)
            shares[kind].append(near(taken, proposal, scale))
            known[kind].append((proposal.width, proposal.height) == A4)
        for kind, found in shares.items():
            with self.subTest(kind, found=found, known=known[kind]):
                self.assertGreaterEqual(np.mean(found), LEAST[kind])
                self.assertGreaterEqual(np.mean(known[kind]), LEAST[kind])
        self.assertEqual(set(shares), set(LEAST))


class NothingToStraighten(unittest.TestCase):
    def test_clean_scans_are_left_as_they_are(self) -> None:
        for seed in SEEDS:
            page = sheet(SHAPES[seed % len(SHAPES)], seed)
            for name, drawn in (("plain", page), ("framed", framed(page, seed)), ("picture", with_picture(page, seed))):
                with self.subTest(name, seed=seed):
                    self.assertFalse(proposed(scanned(drawn, seed))[0].needed)

    def test_a_framed_scan_that_is_askew_is_put_straight_as_a_whole(self) -> None:
        for seed, degrees in enumerate((0.4, -0.7, 1.1)):
            proposal, _ = proposed(tilted(framed(sheet("text", seed), seed), degrees))
            self.assertAlmostEqual(proposal.skew, degrees, delta=0.1)
            self.assertAlmostEqual(proposal.height, A4[1], delta=1)

    def test_portraits_are_left_as_they_are(self) -> None:
        for seed in SEEDS:
            with self.subTest(seed=seed):
                self.assertFalse(proposed(portrait(seed))[0].needed)
