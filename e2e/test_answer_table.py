"""Answer tables: laid over a printed one, filled in with Tab and arrows, under the thumb, marked cell by cell."""

from typing import Any

from django.utils import timezone
from playwright.sync_api import expect

from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.markbook.flows.settle import settle
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.answer_table import ANSWER_TABLE, Cell
from velum.kinds.written_parts import PartRight


class OnTheSheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        field, key, _ = ANSWER_TABLE.example
        assert key
        field = field.changed(
            page=document.pages[0].id,
            box=field.box.changed(y=200, height=84),
            rows=(0.33, 0.66),
            cells=(*field.cells, Cell(id="cell03", row=2, column=0), Cell(id="cell04", row=2, column=1)),
        )
        key = key.changed(right=(*key.right, PartRight(part="cell03", text="4.6")))
        replace(self.keepers_log, document.changed(fields=(field,), keys={field.id: key}, groups=()))
        self.handed = settle(
            self.maren, hand_out(self.maren, self.keepers_log.pk).pk, {"may_check": True}, timezone.now()
        )

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def expect_texts(self, **wanted: str) -> None:
        def texts() -> dict[str, str]:
            rows = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.all()
            return {row.entry: row.value["text"] for row in rows if row.value["text"]}

        wait_until(lambda: texts() == wanted, f"the server has {wanted}")

    def test_tab_and_arrows_lead_from_cell_to_cell(self) -> None:
        sheet = self.join()
        page = sheet.page
        page.get_by_label("Answer 1: High tide").click()
        page.keyboard.type("480 cm")
        page.keyboard.press("Tab")
        expect(page.get_by_label("Answer 2: Low tide")).to_be_focused()
        page.keyboard.type("7:50")
        page.keyboard.press("ArrowDown")
        expect(page.get_by_label("Answer 4: row 3, column 2")).to_be_focused()
        page.keyboard.press("ArrowLeft")
        page.keyboard.type("4.7")
        page.keyboard.press("ArrowLeft")
        expect(page.get_by_label("Answer 3: row 3, column 1")).to_be_focused()
        self.expect_texts(cell01="480 cm", cell02="7:50", cell03="4.7")
        page.get_by_role("button", name="Question 1, answered").click()
        page.get_by_role("button", name="Check 1").click()
        expect(page.locator("main").get_by_role("img", name="right", exact=True)).to_be_visible()
        self.assert_accessible(page)
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed).values_list("part", "verdict")
        self.assertEqual(dict(marks), {"cell01": "right", "cell02": "right", "cell03": "wrong", "cell04": "blank"})
        review = self.teacher_browser().new_page()
        review.goto(f"/copies/{sheet.copy_id}/")
        review.get_by_role("button", name="Question 3: 4.7, not right").click()
        expect(review.locator(".slip")).to_contain_text("4.6")
        self.assert_accessible(review)

    def test_a_finger_picks_cells_and_writes_in_the_dock(self) -> None:
        page = self.join(**PHONE).page
        dock = page.get_by_role("region", name="The question in hand")
        page.get_by_role("button", name="Question 2: blank").tap()
        dock.get_by_label("Answer 2: Low tide").fill("07:50")
        page.get_by_role("button", name="Next blank").tap()
        dock.get_by_label("Answer 3: row 3, column 1").fill("4.6")
        self.expect_texts(cell02="07:50", cell03="4.6")
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.tide_table)
        replace(self.tide_table, document.changed(fields=(), keys={}, groups=()))
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page).open(self.tide_table.pk)

    def made(self) -> Any:
        self.editor.expect_saved()
        self.tide_table.refresh_from_db()
        (field,) = documents.read(self.tide_table).fields
        return field

    def test_it_takes_the_lines_that_are_printed(self) -> None:
        self.page.get_by_role("button", name="Answer table").click()
        self.editor.draw(205, 285, 800, 495)
        first = self.made()
        button = self.page.get_by_role("button", name="As it is printed")

        def is_taken() -> bool:
            """The page may still be read when the button is pressed for the first time."""
            button.click()
            expect(button).to_be_enabled()
            return bool(self.made().cells != first.cells)

        wait_until(is_taken, "the cells are those that are printed")
        made = self.made()
        self.assertGreaterEqual(len(made.cells), 4)
        self.assert_accessible(self.page)

    def test_rows_columns_and_cells_are_settled_and_keyed(self) -> None:
        self.page.get_by_role("button", name="Answer table").click()
        self.editor.draw(60, 620, 560, 720)
        self.page.get_by_label("Rows").fill("2")
        self.page.get_by_label("Columns").fill("2")
        self.page.keyboard.press("Enter")
        self.page.get_by_role("group", name="Cells that students fill in").get_by_role("button").first.click()
        made = self.made()
        self.assertEqual([(cell.row, cell.column) for cell in made.cells], [(0, 1), (1, 0), (1, 1)])
        self.editor.unfold("Widths and heights")
        self.page.get_by_role("button", name="After column 1").press("Shift+ArrowRight")
        self.assertGreater(self.made().columns[0], made.columns[0])
        self.editor.unfold("Each cell")
        self.page.get_by_label("What is asked in row 1, column 2").fill("Low tide")
        self.editor.step("Key")
        self.page.get_by_label("Right answer 1: Low tide").fill("07:50")
        self.page.keyboard.press("ArrowDown")
        expect(self.page.get_by_label("Right answer 3")).to_be_focused()
        self.page.keyboard.type("0.4")
        made = self.made()
        key: Any = documents.read(self.tide_table).keys[made.id]
        self.assertEqual({right.text for right in key.right}, {"07:50", "0.4"})
        self.assert_accessible(self.page)
        # A cell that is not filled in any more has no right answer left.
        self.editor.step("Film")
        self.page.get_by_role("group", name="Cells that students fill in").get_by_role("button").nth(1).click()
        self.made()
        key = documents.read(self.tide_table).keys[made.id]
        self.assertEqual([right.text for right in key.right], ["0.4"])
