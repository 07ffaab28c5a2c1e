import unittest

from velum.paper.page_size import PageSize, PaperRefused
from velum.paper.pdf import unlocked
from velum.paper.read import read_contents, read_pages
from velum.paper.sort import Sort, sort_of
from velum.testing import papers


class Reading(unittest.TestCase):
    def test_pages_keep_their_paper_size(self) -> None:
        self.assertEqual(read_pages(papers.pdf(pages=3)), [PageSize(595.276, 841.89)] * 3)
        self.assertEqual(read_pages(papers.pdf(size=(612, 792))), [PageSize(612, 792)])

    def test_a_turned_page_has_the_size_it_is_shown_in(self) -> None:
        self.assertEqual(read_pages(papers.turned(90, (612, 792))), [PageSize(792, 612)])

    def test_a_cropped_page_has_the_size_it_is_shown_in(self) -> None:
        self.assertEqual(read_pages(papers.cropped((100, 200, 400, 700))), [PageSize(300, 500)])

    def test_one_bad_page_leaves_the_others(self) -> None:
        contents = read_contents(papers.with_a_bad_page())
        self.assertEqual([page is not None for page in contents.pages], [True, False, True])
        self.assertEqual([each.words for each in contents.left_out], ["Page 2 could not be read and was left out."])

    def test_what_cannot_become_pages_is_refused_with_a_code(self) -> None:
        for name, data, code in (
            ("nothing", b"", "paper.empty"),
            ("words", b"Dear Maren, here is the sheet.", "paper.unknown"),
            ("a word processor's file", b"PK\x03\x04" + bytes(26) + b"[Content_Types].xml", "paper.office"),
            ("an older one", b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1" + bytes(500), "paper.office"),
            ("any other zip", b"PK\x03\x04" + bytes(26) + b"song.mp3", "paper.unknown"),
            ("a header alone", b"%PDF-1.7\n", "paper.broken"),
            ("rubbish after a header", b"%PDF-1.7\n" + bytes(range(256)) * 40, "paper.broken"),
            ("half of a file", papers.truncated(), "paper.broken"),
            ("a locked file", papers.encrypted(), "paper.encrypted"),
            ("a file locked by certificates", papers.locked_by_certificate(), "paper.locked_by_certificate"),
            ("no pages", papers.without_pages(), "paper.no_pages"),
            ("too many pages", papers.pdf(pages=2_001), "paper.too_many_pages"),
            ("a page too small", papers.with_content(b"", size=(3, 3)), "paper.page_size"),
            ("a page too large", papers.with_content(b"", size=(20_000, 500)), "paper.page_size"),
        ):
            with self.subTest(name):
                with self.assertRaises(PaperRefused) as caught:
                    read_pages(data)
                self.assertEqual(caught.exception.code, code)
                self.assertTrue(caught.exception.sentence.words.endswith("."))

    def test_a_damaged_file_is_repaired_where_it_can_be(self) -> None:
        self.assertEqual(len(read_pages(papers.pdf(pages=3).replace(b"\nxref\n", b"\nxxxx\n"))), 3)

    def test_what_was_wrong_with_an_earlier_file_does_not_matter(self) -> None:
        for data in (papers.encrypted(), papers.without_pages()):
            with self.assertRaises(PaperRefused) as caught:
                read_pages(data)
        self.assertEqual(caught.exception.code, "paper.no_pages")

    def test_a_header_may_stand_a_little_later(self) -> None:
        self.assertIs(sort_of(b"\n" * 1000 + b"%PDF-1.4"), Sort.PDF)
        with self.assertRaises(PaperRefused):
            sort_of(b"\n" * 1024 + b"%PDF-1.4")

    def test_a_locked_file_is_opened_by_its_password_and_no_other(self) -> None:
        self.assertEqual(len(read_pages(unlocked(papers.encrypted("lantern"), "lantern"))), 1)
        for wrong in ("", "Lantern", "lantern "):
            with self.subTest(wrong), self.assertRaises(PaperRefused) as caught:
                unlocked(papers.encrypted("lantern"), wrong)
            self.assertEqual(caught.exception.code, "paper.wrong_password")
