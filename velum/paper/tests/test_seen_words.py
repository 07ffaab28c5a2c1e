"""Only words that can be seen are told to those who listen; a teacher's search knows all of them."""

import io
import unittest
from unittest import mock

from PIL import Image, ImageDraw
from reportlab.lib.utils import ImageReader
from reportlab.pdfgen.canvas import Canvas

from velum.paper.pdf import pdf_page
from velum.paper.survey import read_text
from velum.testing import papers


def words(content: bytes) -> dict[str, bool]:
    """The words of a page with this content, and whether they are seen. Its font is /F1."""
    lines = read_text(papers.with_font(content), 0, None).lines
    return {word.text: word.seen for line in lines for word in line.words}


WHITE, BLACK = b"1 1 1 rg ", b"0 0 0 rg "


def said(text: bytes, y: int = 700, x: int = 72) -> bytes:
    return b"BT /F1 12 Tf %d %d Td (%s) Tj ET " % (x, y, text)


class Seen(unittest.TestCase):
    def test_what_is_printed_is_seen(self) -> None:
        self.assertEqual(words(said(b"Low tide")), {"Low": True, "tide": True})

    def test_white_words_on_white_are_not(self) -> None:
        content = said(b"Seaweed:") + WHITE + said(b"wrack", x=140)
        self.assertEqual(words(content), {"Seaweed:": True, "wrack": False})

    def test_nor_are_words_so_pale_that_nobody_sees_them(self) -> None:
        self.assertEqual(words(b".97 .97 .97 rg " + said(b"wrack")), {"wrack": False})

    def test_white_words_on_a_dark_ground_are(self) -> None:
        content = b"0 0 .4 rg 60 690 200 30 re f " + WHITE + said(b"wrack")
        self.assertEqual(words(content), {"wrack": True})

    def test_words_under_a_white_box_are_not(self) -> None:
        content = said(b"Seaweed:") + said(b"wrack", x=140) + WHITE + b"135 690 60 20 re f "
        self.assertEqual(words(content), {"Seaweed:": True, "wrack": False})

    def test_nor_words_under_a_box_with_other_words_on_it(self) -> None:
        content = said(b"wrack") + WHITE + b"60 690 100 20 re f " + BLACK + said(b"cover")
        self.assertEqual(words(content), {"wrack": False, "cover": True})

    def test_nor_a_word_of_which_most_is_covered(self) -> None:
        content = said(b"bladderwrack") + WHITE + b"90 690 100 20 re f "
        self.assertEqual(words(content), {"bladderwrack": False})

    def test_words_printed_over_each_other_are_both_seen(self) -> None:
        content = said(b"flood") + said(b"ebb", y=698, x=74)
        self.assertEqual(words(content), {"flood": True, "ebb": True})

    def test_words_outside_of_what_the_page_shows_are_not(self) -> None:
        self.assertFalse(any(words(said(b"wrack", x=-200)).values()))

    def test_a_page_full_of_words_upon_words_believes_none_of_them(self) -> None:
        with mock.patch("velum.paper.seen_words._MOST_DOUBTS", 1):
            content = said(b"flood") + said(b"ebb", y=698, x=74) + said(b"slack", y=600)
            self.assertEqual(words(content), {"flood": False, "ebb": False, "slack": True})


class Scanned(unittest.TestCase):
    """A scan with the words that a scanner's program has read laid invisibly over it."""

    def scan(self, covered: bool) -> dict[str, bool]:
        picture = Image.new("L", (1240, 1754), "white")
        ImageDraw.Draw(picture).text((150, 270), "kelp", fill="black", font_size=40)
        out = io.BytesIO()
        canvas = Canvas(out, pagesize=(595, 842), invariant=True)
        canvas.drawImage(ImageReader(picture), 0, 0, 595, 842)
        layer = canvas.beginText(72, 842 - 147)
        layer.setFont("Helvetica", 18)
        layer.setTextRenderMode(3)
        layer.textOut("kelp")
        canvas.drawText(layer)
        if covered:
            canvas.setFillGray(1)
            canvas.rect(60, 842 - 170, 120, 50, stroke=0, fill=1)
        canvas.save()
        with pdf_page(out.getvalue(), 0) as page:
            return {word.text: word.seen for line in page.lines() for word in line.words}

    def test_they_are_seen_where_there_is_ink_below_them(self) -> None:
        self.assertEqual(self.scan(covered=False), {"kelp": True})

    def test_and_not_where_it_was_blotted_out(self) -> None:
        self.assertEqual(self.scan(covered=True), {"kelp": False})


class Whole(unittest.TestCase):
    def test_words_are_as_whole_as_they_were_written(self) -> None:
        """However many pieces the program that wrote them has made of each."""
        places = (72, 79, 83, 86, 96)  # as wide as Helvetica's letters are
        letters = b"".join(said(bytes([letter]), x=x) for x, letter in zip(places, b"prime", strict=True))
        spread = b"BT /F1 12 Tf 0.4 Tc 72 600 Td [(W) 30 (hich) -260 (is) -260 (a)] TJ ET "
        lines = [line.text for line in read_text(papers.with_font(letters + spread), 0, None).lines]
        self.assertEqual(lines, ["prime", "Which is a"])
