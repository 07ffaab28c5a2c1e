import io
import unittest
from collections.abc import Mapping
from unittest import mock

from PIL import Image
from reportlab.lib.utils import ImageReader
from reportlab.pdfbase.pdfmetrics import stringWidth
from reportlab.pdfgen.canvas import Canvas

from velum.geometry.turn import Turn
from velum.paper import ocr
from velum.paper.survey import PageText, read_text, survey
from velum.paper.text import Line, tidy
from velum.testing import papers
from velum.testing.photos import photo, sheet, tilted
from velum.testing.pictures import saved


def scanned_pdf(picture: Image.Image, width: float = 595, height: float = 842) -> bytes:
    """A PDF as a scanner makes it: one picture on each page."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(width, height), invariant=True)
    canvas.drawImage(ImageReader(picture), 0, 0, width, height)
    canvas.save()
    return out.getvalue()


def one_by_one(words: str, apart: float) -> str:
    """Letters in Helvetica of 12 points, each drawn by itself, so many points apart; spaces are drawn by nothing."""
    return "".join(
        f"({letter}) Tj {stringWidth(letter, 'Helvetica', 12) + apart:.2f} 0 Td "
        if letter != " "
        else f"{stringWidth(' ', 'Helvetica', 12) + apart:.2f} 0 Td "
        for letter in words
    )


class TextLayer(unittest.TestCase):
    def line(self, data: bytes) -> Line:
        (line,) = read_text(data, 0, None).lines
        return line

    def test_lines_are_where_they_are_seen(self) -> None:
        line = self.line(papers.pdf())
        self.assertEqual(line.text, "Rock pools, page 1")
        self.assertTrue(70 < line.box.x < 75 and 55 < line.box.y < 72, line.box)

    def test_on_a_page_that_is_turned_or_cropped_too(self) -> None:
        turned = self.line(papers.turned(90)).box
        self.assertTrue(turned.height > 80 > turned.width and turned.x > 700, turned)
        cropped = self.line(papers.cropped((50, 600, 300, 842))).box
        self.assertTrue(20 < cropped.x < 25, cropped)

    def test_pieces_of_a_line_are_one_and_columns_are_two(self) -> None:
        content = b"BT /F1 12 Tf 72 700 Td (Low) Tj 26 0 Td (water) Tj 250 0 Td (High water) Tj ET"
        document = papers.with_font(content)
        self.assertEqual([line.text for line in read_text(document, 0, None).lines], ["Low water", "High water"])

    def written(self, content: str, means: Mapping[str, str] | None = None) -> list[str]:
        document = papers.with_font(f"BT /F1 12 Tf 72 700 Td {content} ET".encode(), means)
        return [line.text for line in read_text(document, 0, None).lines]

    def test_numbers_and_signs_of_a_sum_stay_apart(self) -> None:
        self.assertEqual(self.written(one_by_one("a. 7 +  5 = 9 - 3", 0)), ["a. 7 + 5 = 9 - 3"])

    def test_letters_that_are_set_apart_are_words(self) -> None:
        for apart in (0, 1, 2, 3, 4):
            with self.subTest(apart):
                self.assertEqual(self.written(f"{apart} Tc (Which is a prime?) Tj"), ["Which is a prime?"])
                # One by one, as some programs write; without spaces, for these only move on.
                self.assertEqual(self.written(one_by_one("Which is a prime?", apart)), ["Which is a prime?"])
        self.assertEqual(self.written(one_by_one("Lighthouse", 3)), ["Lighthouse"])

    def test_letters_that_stand_alone_stay_alone(self) -> None:
        for words, apart in (("ABCD", 30), ("ABCDEF", 4), ("ABCDEF", 30), ("NSEW", 4)):
            with self.subTest(words, apart=apart):
                self.assertEqual(" ".join(self.written(one_by_one(words, apart))), " ".join(words))
        self.assertEqual(self.written("(A B C D E F G H) Tj"), ["A B C D E F G H"])

    def test_a_script_from_right_to_left_is_read_from_the_right(self) -> None:
        """Most programs write its letters as they are seen, from the left."""
        means = dict(zip("abcdef", "מגדלור", strict=True))
        seen_from_left = "".join(reversed("abcdef"))
        self.assertEqual(self.written(one_by_one(seen_from_left, 0), means), ["מגדלור"])
        self.assertEqual(self.written(f"({seen_from_left}) Tj", means), ["מגדלור"])

    def test_text_that_hurts_is_made_harmless(self) -> None:
        self.assertEqual(tidy("\x1b[31mtide\x00\u00ad table \n\n 3"), "[31mtide table 3")
        self.assertEqual(len(tidy("x" * 9_999)), 2_000)


class Pictures(unittest.TestCase):
    def test_print_has_no_dots_and_a_scan_has(self) -> None:
        self.assertIsNone(survey(papers.pdf(), 0).dots)
        scan = survey(scanned_pdf(sheet("text", 1, 100)), 0)
        self.assertAlmostEqual(scan.dots or 0, 100, delta=1)
        self.assertIsNotNone(scan.proposal)

    def test_a_page_with_a_picture_on_it_is_print(self) -> None:
        out = io.BytesIO()
        canvas = Canvas(out, pagesize=(595, 842))
        canvas.drawImage(ImageReader(Image.new("RGB", (50, 50), "red")), 100, 100, 200, 200)
        canvas.save()
        self.assertIsNone(survey(out.getvalue(), 0).dots)


@unittest.skipUnless(ocr.can_read(), "Tesseract is not installed")
class Reading(unittest.TestCase):
    def test_a_scan_is_read(self) -> None:
        text = read_text(saved(sheet("text", 1), "PNG"), 0, None)
        self.assertEqual((text.read_by, text.lines[0].text), ("ocr", "Rock pools at low water"))
        self.assertAlmostEqual(text.lines[0].box.x, 57, delta=4)
        self.assertAlmostEqual(text.lines[0].box.bottom, 66, delta=6)

    def test_every_way_up_is_told(self) -> None:
        ways: tuple[Turn, ...] = (0, 90, 180, 270)
        for way in ways:
            scan = sheet("sparse", 3).rotate(way, expand=True)  # counter-clockwise
            with self.subTest(way):
                self.assertEqual(ocr.which_way_up(scan, 150 / 72), way)

    def test_a_photo_upside_down_is_flattened_turned_and_read(self) -> None:
        taken = photo("text", 4).picture.rotate(180)
        data = saved(taken, "JPEG")
        found = survey(data, 0)
        assert found.proposal
        self.assertEqual(found.proposal.turn, 180)
        text = read_text(data, 0, found.proposal)
        self.assertEqual(text.lines[0].text, "Rock pools at low water")
        page_height = 595.276 * taken.height / taken.width
        self.assertGreater(text.lines[0].box.y, page_height / 2, "as it is in the file, the title is at the foot")

    def test_a_tilted_scan_is_read_and_lines_are_where_they_stand(self) -> None:
        data = saved(tilted(sheet("sparse", 2), 5), "PNG")
        text = read_text(data, 0, survey(data, 0).proposal)
        boxes = {line.text: line.box for line in text.lines}
        self.assertLess(boxes["Rock pools at low water"].x, 130)
        self.assertIn("1.", text.lines[1].text)

    def test_an_empty_page_has_no_text(self) -> None:
        self.assertEqual(read_text(saved(Image.new("RGB", (600, 800), "white"), "PNG"), 0, None).lines, ())


class WithoutAnEngine(unittest.TestCase):
    def test_nothing_is_read_and_all_else_works(self) -> None:
        with mock.patch("shutil.which", return_value=None):
            data = saved(tilted(sheet("text", 1), 3), "PNG")
            proposal = survey(data, 0).proposal
            assert proposal
            self.assertEqual((proposal.turn, round(proposal.skew)), (0, 3))
            self.assertEqual(read_text(data, 0, proposal), PageText())

    def test_an_engine_that_fails_reads_nothing(self) -> None:
        with mock.patch("shutil.which", return_value="/bin/false"):
            self.assertEqual(ocr.read_print(sheet("text", 1), 2), [])
            self.assertEqual(ocr.which_way_up(sheet("text", 1), 150 / 72), 0)
