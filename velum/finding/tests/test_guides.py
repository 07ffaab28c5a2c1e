"""What is printed on a page, to bring fields in line with."""

import unittest

import numpy as np

from velum.finding.found import Found
from velum.finding.guides import MOST_PLACES, guides_of
from velum.finding.printed import SCALE, Printed, Token
from velum.finding.rect import Rect
from velum.finding.ruling import Room, Ruling
from velum.geometry.box import Box

NO_RULING = Ruling((), (), ())


def printed(*tokens: Token) -> Printed:
    return Printed(300, 400, tokens, np.full((int(400 * SCALE), int(300 * SCALE)), 255, np.uint8))


class GuidesTests(unittest.TestCase):
    def test_a_row_ends_on_the_line_on_which_letters_stand(self) -> None:
        words = printed(
            Token("high", Rect(20, 100, 44, 112)),
            Token("tide", Rect(48, 100, 70, 110)),
            Token("at", Rect(74, 100, 84, 110)),
        )
        ((x, y, width, height),) = guides_of(words, NO_RULING, []).text
        self.assertEqual((x, y, width, height), (20, 100, 64, 10))

    def test_words_far_apart_are_two_pieces_of_a_row(self) -> None:
        words = printed(Token("Low", Rect(20, 100, 40, 110)), Token("High", Rect(160, 100, 184, 110)))
        self.assertEqual([piece[0] for piece in guides_of(words, NO_RULING, []).text], [20, 160])

    def test_blanks_are_what_was_found_and_empty_rooms_but_none_twice(self) -> None:
        found = [
            Found(sort="line", box=Box(x=20, y=50, width=100, height=18)),
            Found(sort="options", box=Box(x=20, y=90, width=100, height=18)),
        ]
        rooms = (
            Room(Rect(18, 48, 122, 70)),  # that of the line
            Room(Rect(20, 200, 120, 240)),
            Room(Rect(20, 300, 120, 340), is_bare=False),
            Room(Rect(1, 1, 299, 399)),  # the frame of the page
        )
        blanks = guides_of(printed(), Ruling((), (), rooms), found).blanks
        self.assertEqual(blanks, ((20, 50, 100, 18), (20, 200, 100, 40)))

    def test_a_page_of_ever_so_many_lines_is_not_told_whole(self) -> None:
        lines = tuple(Rect(0, y / 10, 100, y / 10 + 0.05) for y in range(MOST_PLACES + 5))
        self.assertEqual(len(guides_of(printed(), Ruling(lines, (), ()), []).across), MOST_PLACES)
