"""All fields as a list, worked on with the keyboard alone; and the sheet of what the keys do."""

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage


class ListOfFields(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.tide_table.pk)
        self.page = self.editor.page

    def test_fields_are_numbered_named_and_valued_from_row_to_row(self) -> None:
        keys = self.page.keyboard
        keys.press("l")
        rows = self.page.get_by_role("table", name="All fields").get_by_role("row")
        expect(rows).to_have_count(11)
        expect(rows.nth(1)).to_contain_text("13:10")
        self.page.get_by_label("Number of 1", exact=True).focus()
        keys.type("A1")
        keys.press("ArrowDown")
        expect(self.page.get_by_label("Number of A2", exact=True)).to_be_focused()
        keys.press("Tab")
        keys.type("High tide on Wednesday")
        keys.press("Tab")
        keys.type("2.5")
        self.assert_accessible(self.page)
        self.editor.expect_saved()
        self.tide_table.refresh_from_db()
        first, second = self.tide_table.document["fields"][:2]
        self.assertEqual((first["number"], second["name"], second["points"]), ("A1", "High tide on Wednesday", 2.5))

    def test_one_is_shown_on_its_page_and_one_removed(self) -> None:
        self.page.get_by_role("button", name="All fields as a list").click()
        self.page.get_by_role("button", name="Remove 10").click()
        expect(self.page.get_by_role("row")).to_have_count(10)
        self.page.get_by_label("3 in hand").check()
        expect(self.editor.slip).to_contain_text("Question 3")
        self.page.get_by_role("button", name="Show 8", exact=True).click()
        expect(self.editor.box(8)).to_be_focused()
        expect(self.editor.slip).to_contain_text("Question 8")
        self.page.keyboard.press("l")
        self.page.get_by_role("button", name="Back to the pages").click()
        self.editor.expect_boxes(9)

    def test_the_pages_are_left_before_they_are_drawn(self) -> None:
        """Nothing that was to be done with the pages a frame later is done to pages that are gone."""
        self.page.evaluate("""async () => {
            const press = (key) => document.body.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }))
            const frame = () => new Promise(requestAnimationFrame)
            for (const key of ["l", "l", "+", "l"]) { press(key); await Promise.resolve() }
            for (let i = 0; i < 4; i++) await frame()
        }""")
        expect(self.page.get_by_role("table", name="All fields")).to_be_visible()

    def test_a_sheet_says_what_the_keys_do(self) -> None:
        self.page.locator("body").press("?")
        dialog = self.page.get_by_role("dialog", name="With the keyboard")
        expect(dialog).to_contain_text("Lay the same again below")
        self.assert_accessible(self.page)
        self.page.keyboard.press("Escape")
        expect(dialog).to_have_count(0)
        self.page.get_by_label("Title of the worksheet").press("?")
        expect(dialog).to_have_count(0)

    def test_all_like_one_are_taken_in_hand_by_keys(self) -> None:
        self.editor.box(1).focus()
        self.page.keyboard.press("a")
        expect(self.editor.slip).to_contain_text("5 in hand")
        self.page.keyboard.press("Control+a")
        expect(self.editor.slip).to_contain_text("10 in hand")
