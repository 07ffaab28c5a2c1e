import unittest
from collections.abc import Sequence

from velum.document.document import Document
from velum.document.edits import (
    BringPageBack,
    Edit,
    ForgetPage,
    InsertPage,
    MovePage,
    PlaceField,
    RemoveField,
    SetPageAside,
    ShowPage,
    TurnPage,
    apply,
)
from velum.document.group import Group
from velum.document.page import Shown
from velum.document.pages import PageRefused, with_pages, without_pages
from velum.document.sheet import sheet_of
from velum.document.tests.examples import a_document, answer_box, page
from velum.errors import VelumError
from velum.fixtures.shape import Line
from velum.geometry.box import Box
from velum.paper.page_size import MOST_PAGES, PaperRefused
from velum.testing.photos import SLANTED

LINES = {"here": "page1", "there": "page2"}


def pages(sheet: Document) -> list[str]:
    return [page.id for page in sheet.pages]


class Pages(unittest.TestCase):
    def assert_refused(self, sheet: Document, edits: Sequence[Edit], code: str) -> None:
        with self.assertRaises(PageRefused) as caught:
            apply(sheet, edits)
        self.assertEqual(caught.exception.code, code)

    def test_pages_are_put_behind_those_there_are(self) -> None:
        more = with_pages(a_document(), [page("page3"), page("page4")])
        self.assertEqual(pages(more), ["page1", "page2", "page3", "page4"])

    def test_a_worksheet_takes_only_so_many(self) -> None:
        with self.assertRaises(PaperRefused):
            with_pages(a_document(), [page(f"more{number}") for number in range(MOST_PAGES)])

    def test_a_field_may_be_laid_on_the_only_page(self) -> None:
        sheet = a_document().changed(pages=(page("page1"),))
        self.assertEqual([field.id for field in apply(sheet, [PlaceField(field=answer_box("box1"))]).fields], ["box1"])

    def test_pages_go_with_all_that_lies_on_them(self) -> None:
        fields = (answer_box("first"), answer_box("second", on="page2"), answer_box("third", on="page2"))
        laid = [Line(id=name, page=on, box=Box(x=10, y=10, width=9, height=9)) for name, on in LINES.items()]
        sheet = a_document(*fields, keys={"first": "crab", "second": "goby"}).changed(
            groups=(Group(id="group1", fields=("first", "second")),),
            fixtures=tuple(laid),
            aside=(page("aside1"), page("aside2")),
        )
        left = without_pages(sheet, {"page2", "aside1"})
        self.assertEqual(pages(left), ["page1"])
        self.assertEqual([each.id for each in left.aside], ["aside2"])
        self.assertEqual([field.id for field in left.fields], ["first"])
        self.assertEqual([fixture.id for fixture in left.fixtures], ["here"])
        self.assertEqual(list(left.keys), ["first"])
        self.assertFalse(any("second" in group.fields for group in left.groups))
        with self.assertRaises(PageRefused) as caught:
            without_pages(sheet, {"page1", "page2"})
        self.assertEqual(caught.exception.code, "page.last")

    def test_fields_are_read_in_the_order_of_their_pages(self) -> None:
        sheet = a_document(answer_box("first"), answer_box("second", on="page2"))
        moved = apply(sheet, [MovePage(page_id="page2", to=0)])
        self.assertEqual(pages(moved), ["page2", "page1"])
        self.assertEqual([field.id for field in moved.fields], ["second", "first"])

    def test_a_place_beyond_the_end_is_the_end(self) -> None:
        self.assertEqual(pages(apply(a_document(), [MovePage(page_id="page1", to=99)])), ["page2", "page1"])

    def test_a_turned_page_carries_its_fields(self) -> None:
        turned = apply(a_document(answer_box("box1", x=72, y=100)), [TurnPage(page_id="page1", by=90)])
        self.assertEqual((turned.pages[0].turn, turned.pages[0].width, turned.pages[0].height), (90, 841.89, 595.276))
        box = turned.fields[0].box
        self.assertAlmostEqual(box.x, 841.89 - 122, places=6)
        self.assertEqual((box.y, box.width, box.height), (72, 22, 120))

    def test_four_quarters_are_a_whole_turn(self) -> None:
        sheet = a_document(answer_box("box1"))
        turned = apply(sheet, [TurnPage(page_id="page1", by=90)] * 4)
        self.assertEqual(turned.pages, sheet.pages)
        self.assertAlmostEqual(turned.fields[0].box.x, sheet.fields[0].box.x, places=6)

    def test_a_page_is_doubled_without_what_lies_on_it(self) -> None:
        doubled = apply(a_document(answer_box("box1")), [InsertPage(page=page("page3"), to=1)])
        self.assertEqual(pages(doubled), ["page1", "page3", "page2"])
        self.assertEqual(len(doubled.fields), 1)

    def test_only_pages_of_the_worksheets_own_files_are_put_in(self) -> None:
        stranger = page("page3").changed(source="f" * 64)
        self.assert_refused(a_document(), [InsertPage(page=stranger, to=0)], "page.of_no_file")
        self.assert_refused(a_document(), [InsertPage(page=page("page3", 7), to=0)], "page.of_no_file")
        self.assert_refused(a_document(), [InsertPage(page=page("page2", 1), to=0)], "page.exists")

    def test_a_page_is_shown_flattened_and_keeps_its_turn(self) -> None:
        flat = Shown(width=500, height=700, whiten=True, corners=SLANTED)
        edits: list[Edit] = [TurnPage(page_id="page1", by=90), ShowPage(page_id="page1", shown=flat)]
        (first, _) = apply(a_document(answer_box("box1")), edits).pages
        self.assertEqual((first.width, first.height, first.turn, first.whiten), (700, 500, 90, True))
        self.assertEqual(str(first.look), "90w.600_500_5400_900_5700_8000_300_7600.5000x7000")
        plain = Shown(width=595.276, height=841.89)
        again = apply(a_document(), [*edits, ShowPage(page_id="page1", shown=plain), TurnPage(page_id="page1", by=270)])
        self.assertEqual(again.pages, a_document().pages)

    def test_a_page_cannot_be_shown_as_no_sheet_is(self) -> None:
        for shown in (
            Shown(width=500, height=700, corners=(SLANTED[0], SLANTED[2], SLANTED[1], SLANTED[3])),
            Shown(width=2, height=700, corners=SLANTED),
        ):
            with self.subTest(shown), self.assertRaises(VelumError):
                apply(a_document(), [ShowPage(page_id="page1", shown=shown)])

    def test_a_page_set_aside_is_kept_and_no_student_sees_it(self) -> None:
        sheet = apply(a_document(), [SetPageAside(page_id="page1")])
        self.assertEqual((pages(sheet), [page.id for page in sheet.aside]), (["page2"], ["page1"]))
        self.assertNotIn("page1", sheet_of(sheet).model_dump_json())
        self.assertEqual(pages(apply(sheet, [BringPageBack(page_id="page1", to=0)])), ["page1", "page2"])

    def test_nothing_is_lost_with_a_page(self) -> None:
        sheet = a_document(answer_box("box1"))
        self.assert_refused(sheet, [SetPageAside(page_id="page1")], "page.in_use")
        self.assertEqual(pages(apply(sheet, [RemoveField(field_id="box1"), SetPageAside(page_id="page1")])), ["page2"])
        self.assert_refused(a_document(), [SetPageAside(page_id="page1"), SetPageAside(page_id="page2")], "page.last")

    def test_only_a_page_of_which_there_is_another_is_forgotten(self) -> None:
        double: list[Edit] = [InsertPage(page=page("page3"), to=0), SetPageAside(page_id="page3")]
        self.assertEqual(apply(a_document(), [*double, ForgetPage(page_id="page3")]).aside, ())
        self.assert_refused(
            a_document(), [SetPageAside(page_id="page1"), ForgetPage(page_id="page1")], "page.only_copy"
        )

    def test_what_is_not_there_is_told(self) -> None:
        for edit in (
            MovePage(page_id="gone", to=0),
            TurnPage(page_id="gone", by=90),
            ShowPage(page_id="gone", shown=Shown(width=500, height=700)),
            SetPageAside(page_id="gone"),
            BringPageBack(page_id="page1", to=0),
            ForgetPage(page_id="page1"),
        ):
            with self.subTest(edit):
                self.assert_refused(a_document(), [edit], "page.gone")

    def test_fields_are_laid_on_a_page_brought_back(self) -> None:
        sheet = apply(a_document(), [SetPageAside(page_id="page1")])
        field = answer_box("box1")
        self.assertEqual(field.box, Box(x=72, y=100, width=120, height=22))
        again = apply(sheet, [BringPageBack(page_id="page1", to=0), PlaceField(field=field)])
        self.assertEqual(len(again.fields), 1)
