from playwright.sync_api import Page, expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage


class Dialogs(Journey):
    def expect_focus(self, page: Page, name: str) -> None:
        expect(page.locator(":focus")).to_have_text(name)

    def test_escape_loses_nothing_and_the_focus_comes_back(self) -> None:
        page = self.teacher_browser().new_page()
        EditorPage(page).open(self.tide_table.pk, "key")
        dialog = page.get_by_role("dialog", name="Paste a key")
        page.get_by_role("button", name="Paste a key").press("Enter")
        expect(dialog).to_be_visible()
        page.keyboard.press("Escape")
        expect(dialog).to_have_count(0)
        self.expect_focus(page, "Paste a key")
        page.keyboard.press("Enter")
        text = dialog.get_by_label("The key you have")
        text.fill("1. 13:10 2. 07:50")
        text.press("Escape")
        expect(dialog.get_by_role("alert")).to_have_text("The answers of this key are not set yet.")
        self.expect_focus(page, "Go on here")
        self.assert_accessible(page)
        page.keyboard.press("Escape")
        expect(text).to_be_focused()
        expect(text).to_have_value("1. 13:10 2. 07:50")
        text.press("Escape")
        dialog.get_by_role("button", name="Leave all the same").press("Enter")
        expect(dialog).to_have_count(0)
        self.expect_focus(page, "Paste a key")

    def test_what_is_announced_is_heard_in_a_dialog(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto(f"/worksheets/{self.keepers_log.pk}/#pages")
        page.get_by_role("button", name="Page 2", exact=True).click()
        page.get_by_role("button", name="Cut out…").click()
        dialog = page.get_by_role("dialog", name="Cut regions out of Page 2")
        dialog.get_by_role("button", name="Add a region").press("Enter")
        expect(dialog.get_by_test_id("announcer")).to_have_text("Region 1 added")
        page.keyboard.press("Escape")
        expect(dialog.get_by_role("alert")).to_have_text("The regions are not pages yet.")

    def test_handing_in_goes_back_to_where_the_student_was_or_wants_to_be(self) -> None:
        sheet = JoinPage(self.new_browser().new_page()).join(self.handout.code, "Kaito Brandt")
        sheet.hand_in.press("Enter")
        sheet.page.keyboard.press("Escape")
        expect(sheet.dialog).to_have_count(0)
        expect(sheet.hand_in).to_be_focused()
        sheet.page.keyboard.press("Enter")
        sheet.dialog.get_by_role("button", name="Go to question 7").press("Enter")
        expect(sheet.dialog).to_have_count(0)
        expect(sheet.answer(7)).to_be_focused()
