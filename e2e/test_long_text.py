"""Long text: written with the keyboard and under the thumb, counted, kept in paragraphs, marked by what it holds."""

from typing import Any

from playwright.sync_api import Locator, Page, expect
from pypdfium2 import PdfDocument

from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.long_text import LONG_TEXT


class OnTheSheet(Journey):
    expected_problems = r"Executing inline event handler"
    """The policy holds while what is pasted is read, too."""

    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        field, key, _ = LONG_TEXT.example
        field = field.changed(page=document.pages[0].id, box=field.box.changed(y=300))
        replace(self.keepers_log, document.changed(fields=(field,), keys={field.id: key}, groups=()))
        self.handed = hand_out(self.maren, self.keepers_log.pk)

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def paragraphs(self) -> list[tuple[str, str]]:
        """What the server has: each paragraph's style, and its words with their looks."""
        rows = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.all()
        looks = ("bold", "italic", "underline")
        return [
            (
                paragraph["style"],
                "".join(run["text"] + "".join(f"<{look}>" for look in looks if run[look]) for run in paragraph["runs"]),
            )
            for row in rows
            for paragraph in row.value["paragraphs"]
        ]

    def expect_written(self, *wanted: tuple[str, str]) -> None:
        wait_until(lambda: self.paragraphs() == list(wanted), f"the server has {wanted}")

    def writing(self, sheet: SheetPage) -> Locator:
        return sheet.page.get_by_role("textbox", name="Answer 1, at least 20 words asked for")

    def test_paragraphs_and_lists_are_written_with_the_keyboard(self) -> None:
        sheet = self.join()
        page, writing = sheet.page, self.writing(sheet)
        writing.click()
        page.keyboard.type("A gannet ")
        page.keyboard.press("Control+b")
        page.keyboard.type("broke")
        page.keyboard.press("Control+b")
        page.keyboard.type(" the pane.")
        expect(page.get_by_text("5 words")).to_be_visible()
        page.keyboard.press("Enter")
        page.get_by_role("button", name="List with dots").click()
        expect(writing).to_be_focused()
        page.keyboard.type("the lid of a biscuit tin")
        page.keyboard.press("Enter")
        page.keyboard.type("no sleep")
        listed = (("bullet", "the lid of a biscuit tin"), ("bullet", "no sleep"))
        self.expect_written(("body", "A gannet broke<bold> the pane."), *listed)
        page.keyboard.press("Control+z")
        expect(writing).not_to_contain_text("no sleep")
        page.keyboard.press("Control+y")
        self.assert_accessible(page)
        sheet.expect_saved()
        page.reload()
        expect(self.writing(sheet).locator("b")).to_have_text("broke")
        expect(self.writing(sheet).locator("li")).to_have_count(2)
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in", exact=True).click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        mark = StoredMark.objects.get(copy__handout=self.handed)
        self.assertEqual((mark.verdict, mark.reason_code), ("right", "long_text.all"))
        self.writing(sheet).click()
        page.keyboard.type("more")
        expect(self.writing(sheet)).not_to_contain_text("more")

    def test_what_is_pasted_keeps_only_what_can_be_written_here(self) -> None:
        sheet = self.join()
        self.writing(sheet).click()
        self.writing(sheet).evaluate(
            """(place) => {
              const data = new DataTransfer();
              data.setData("text/html", "<h1>Log</h1><p onclick='x()'>wind <b>north</b><img src='x' onerror='x()'></p>"
                + "<table><tr><td>48</td></tr></table><script>x()</script>");
              place.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }));
            }"""
        )
        self.expect_written(("body", "Log"), ("body", "wind north<bold>"), ("body", "48"))

    def test_plain_words_are_pasted_line_by_line_and_nothing_is_made_of_them(self) -> None:
        sheet = self.join()
        page = sheet.page
        self.writing(sheet).click()
        page.keyboard.type("3. November was calm.")
        page.keyboard.press("Shift+Enter")
        page.keyboard.type("1. Fog")
        page.keyboard.press("Enter")
        self.writing(sheet).evaluate(
            """(place) => {
              const data = new DataTransfer();
              data.setData("text/plain", "one\\n\\n<b>two</b>");
              place.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }));
            }"""
        )
        self.expect_written(
            ("body", "3. November was calm."), ("body", "1. Fog"), ("body", "one"), ("body", ""), ("body", "<b>two</b>")
        )
        page.keyboard.press("Tab")
        expect(self.writing(sheet)).not_to_be_focused()

    def test_more_than_is_kept_is_not_taken(self) -> None:
        sheet = self.join()
        self.writing(sheet).click()
        for _ in range(3):
            sheet.page.keyboard.insert_text("wave " * 1_999)
        self.expect_written(("body", "wave " * 3_998))

    def test_another_tab_of_the_student_shows_what_was_written(self) -> None:
        sheet = self.join()
        other = SheetPage(sheet.page.context.new_page())
        other.page.goto(sheet.page.url)
        self.writing(other).wait_for()
        self.writing(sheet).click()
        sheet.page.keyboard.type("No boat came.")
        expect(self.writing(other)).to_have_text("No boat came.")

    def test_what_does_not_fit_its_box_is_printed_whole_on_pages_of_its_own(self) -> None:
        sheet = self.join()
        self.writing(sheet).click()
        sheet.page.keyboard.insert_text("No boat came.")
        sheet.expect_saved()
        self.assertEqual(len(self.printed(sheet.page)), 3)
        sheet.page.keyboard.insert_text(" The lamp burned all night long." * 300 + " At last the fog lifted.")
        sheet.expect_saved()
        pages = self.printed(sheet.page)
        self.assertGreater(len(pages), 3)
        self.assertNotIn("At last", "".join(pages[:3]))
        self.assertIn("At last the fog lifted.", pages[-1])
        expect(sheet.page.locator(".continued")).to_be_hidden()

    def printed(self, page: Page) -> list[str]:
        document = PdfDocument(page.pdf(format="A4"))
        self.addCleanup(document.close)
        return [" ".join(sheet.get_textpage().get_text_bounded().split()) for sheet in document]

    def test_it_is_written_in_the_dock_of_a_phone(self) -> None:
        sheet = self.join(**PHONE)
        page = sheet.page
        dock = page.get_by_role("region", name="The question in hand")
        dock.get_by_role("textbox").tap()
        page.keyboard.type("No boat came.")
        dock.get_by_role("button", name="List with numbers").tap()
        self.expect_written(("number", "No boat came."))
        expect(page.get_by_role("button", name="Question 1: No boat came.")).to_be_visible()
        expect(dock.get_by_text("at least 20 words asked for")).to_be_visible()
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def test_it_is_laid_settled_and_keyed(self) -> None:
        page = self.teacher_browser().new_page()
        editor = EditorPage(page).open(self.keepers_log.pk)
        known = {field.id for field in documents.read(self.keepers_log).fields}
        page.get_by_role("button", name="Long text").click()
        editor.draw(60, 620, 560, 760)
        editor.slip.get_by_label("At least").fill("20")
        editor.slip.get_by_label("At most").fill("10")
        expect(editor.slip.get_by_text("The most is less than the least.")).to_be_visible()
        editor.slip.get_by_label("At most").fill("80")
        editor.slip.get_by_label("Spelling is checked in").select_option("en-GB")
        self.assert_accessible(page)
        editor.step("Key")
        made = next(iter({field.id for field in documents.read(self.saved(editor)).fields} - known))
        page.locator(f"[data-field='{made}'] textarea").fill("gannet\nbroke the pane | cracked the pane")
        editor.slip.get_by_label("All points for").select_option("1")
        editor.slip.get_by_label("Must not stand in it").fill("gull")
        self.assert_accessible(page)
        document = documents.read(self.saved(editor))
        field: Any = document.field(made)
        key: Any = document.keys[made]
        self.assertEqual((field.least_words, field.most_words, field.spelling), (20, 80, "en-GB"))
        self.assertEqual([each.phrases for each in key.wanted], [("gannet",), ("broke the pane", "cracked the pane")])
        self.assertEqual((key.enough, key.never), (1, ("gull",)))

    def saved(self, editor: EditorPage) -> Any:
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        return self.keepers_log
