"""Text from outside."""

from unicodedata import category
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from velum.outside_text import JOINERS, lines, one_line


class OneLine(TestCase):
    def test_what_is_seen_stays(self) -> None:
        for name in (
            "Ama Lindqvist",
            "Zoë O'Brien-Müller",
            "نیلوفر می\u200cخواهد",
            "क्\u200dष",
            "李小龍",
            "👩\u200d🚀",
            "👩🏽\u200d❤\ufe0f\u200d👨",
            "Nguyễn Thị",
        ):
            with self.subTest(name):
                self.assertEqual(one_line(name), name)

    def test_what_is_not_seen_goes(self) -> None:
        for text, expected in {
            "Ama\u202egnik": "Amagnik",
            "A\u2066ma\u2069": "Ama",
            "Am\x00a": "Am a",
            "Ama\r\nLindqvist\t": "Ama Lindqvist",
            "\u200bAma\ufeff": "Ama",
            "Ama\u200d": "Ama",
            "\u200cAma": "Ama",
            "Ama \u200d Bao": "Ama Bao",
            "A\u200d\u200dma": "Ama",
            "Ama\u2028Bao": "Ama Bao",
            "So\u00adft": "Soft",
            "\ud800Ama": "Ama",
            "\u200e\u200f": "",
            "\u061c": "",
            "\u3164\u115f": "",
            "Ama \ue000": "Ama",
        }.items():
            with self.subTest(repr(text)):
                self.assertEqual(one_line(text), expected)

    @given(st.text(st.characters(codec=None), max_size=40))
    def test_whatever_comes_is_clean_and_cleaning_it_again_changes_nothing(self, text: str) -> None:
        clean = one_line(text)
        self.assertEqual(one_line(clean), clean)
        self.assertFalse([letter for letter in clean if category(letter)[0] == "C" and letter not in JOINERS])
        self.assertFalse(clean.startswith(tuple(" " + JOINERS)) or clean.endswith(tuple(" " + JOINERS)))


class Lines(TestCase):
    def test_lines_stay_and_room_between_them_is_one_line(self) -> None:
        self.assertEqual(lines("\n\nRead first. \n\n\n\nThen write.\u202e\n"), "Read first.\n\nThen write.")

    def test_nothing_is_nothing(self) -> None:
        self.assertEqual([lines(""), lines(" \n\u200b\n")], ["", ""])

    @given(st.text(max_size=60))
    def test_cleaning_lines_again_changes_nothing(self, text: str) -> None:
        self.assertEqual(lines(lines(text)), lines(text))
