import unittest

from velum.document.document import Document
from velum.document.edits import SetPageAside, SwapPaper, apply
from velum.document.pages import PageRefused, with_pages_aside
from velum.document.replacing import replacement
from velum.document.tests.examples import a_document, answer_box, page
from velum.paper.reprint import Reprint


def with_new_version(*boxes_at: float) -> Document:
    """A worksheet with boxes on its first page, and a newer printing of that page set aside."""
    sheet = a_document(*(answer_box(f"box{n}", y=y) for n, y in enumerate(boxes_at)))
    newer = page("newer").changed(source="f" * 64, width=500.0)
    return with_pages_aside(sheet, [newer])


class Swapping(unittest.TestCase):
    def test_the_new_paper_comes_under_the_fields_and_the_old_is_kept(self) -> None:
        sheet = apply(with_new_version(100), [SwapPaper(page_id="page1", with_id="newer")])
        self.assertEqual((sheet.pages[0].id, sheet.pages[0].source, sheet.pages[0].width), ("page1", "f" * 64, 500))
        self.assertEqual((sheet.aside[0].id, sheet.aside[0].source), ("newer", "0" * 64))
        self.assertEqual(len(sheet.fields), 1)

    def test_swapped_twice_nothing_has_changed(self) -> None:
        sheet = with_new_version(100)
        self.assertEqual(apply(sheet, [SwapPaper(page_id="page1", with_id="newer")] * 2), sheet)

    def test_only_pages_set_aside_are_swapped_in(self) -> None:
        for page_id, with_id in (("page1", "page2"), ("newer", "page1"), ("gone", "newer"), ("page1", "gone")):
            with self.subTest(page_id, with_id=with_id), self.assertRaises(PageRefused):
                apply(with_new_version(), [SwapPaper(page_id=page_id, with_id=with_id)])
        with self.assertRaises(PageRefused):
            apply(with_new_version(), [SetPageAside(page_id="page2"), SwapPaper(page_id="page2", with_id="newer")])


class Planning(unittest.TestCase):
    def plan(
        self, sheet: Document, right: float, down: float, *changed: bool
    ) -> tuple[list[tuple[float, float]], object]:
        found = replacement(sheet, "page1", "newer", Reprint(right=right, down=down, altered=changed))
        return [(field.box.x, field.box.y) for field in found.fields], found.doubtful

    def test_fields_move_with_the_print(self) -> None:
        self.assertEqual(self.plan(with_new_version(100, 200), 3, -5.5, False, False), ([(75, 94.5), (75, 194.5)], ()))

    def test_those_whose_print_changed_need_a_look(self) -> None:
        self.assertEqual(self.plan(with_new_version(100, 200), 0, 0, False, True), ([], ("box1",)))

    def test_one_that_would_leave_the_page_stays_on_it_and_needs_a_look(self) -> None:
        moved, doubtful = self.plan(with_new_version(100), 400, 0, False)
        self.assertEqual((moved, doubtful), ([(380, 100)], ("box0",)))

    def test_a_page_changed_meanwhile_is_compared_again(self) -> None:
        with self.assertRaises(PageRefused):
            self.plan(with_new_version(100, 200), 0, 0, False)
