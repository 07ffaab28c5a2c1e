"""Fields copied, cut and pasted: to another page, another worksheet, another tab."""

from playwright.sync_api import expect

from e2e.journey import TABLET, Journey
from e2e.pages.editor import EditorPage
from server.worksheets.models import Worksheet


class CopiesOfFields(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.context = self.teacher_browser()
        self.context.grant_permissions(["clipboard-read", "clipboard-write"])
        self.editor = EditorPage(self.context.new_page()).open(self.tide_table.pk)
        self.page = self.editor.page

    def fields(self, worksheet: Worksheet) -> list[dict[str, object]]:
        worksheet.refresh_from_db()
        fields: list[dict[str, object]] = worksheet.document["fields"]
        return fields

    def test_by_keys_to_another_tab_with_the_key(self) -> None:
        self.editor.box(1).click()
        self.page.keyboard.press("Control+c")
        expect(self.editor.told).to_have_text("1 copied")
        other = EditorPage(self.context.new_page()).open(self.keepers_log.pk)
        other.page.keyboard.press("Control+v")
        other.expect_boxes(16)
        other.expect_saved()
        known = {f"box{number:03}" for number in range(15)}
        (pasted,) = (field for field in self.fields(self.keepers_log) if field["id"] not in known)
        self.assertEqual(self.keepers_log.document["keys"][pasted["id"]]["text"], "13:10")

    def test_cut_and_pasted_in_the_same_tab_after_another_worksheet_was_opened(self) -> None:
        self.editor.box(1).click()
        self.editor.box(2).click(modifiers=["Shift"])
        self.page.keyboard.press("Control+x")
        self.editor.expect_boxes(8)
        self.editor.expect_saved()
        there = EditorPage(self.page).open(self.keepers_log.pk)
        self.page.keyboard.press("Control+v")
        there.expect_boxes(17)
        there.expect_saved()
        self.assertEqual(len(self.fields(self.tide_table)), 8)

    def test_by_buttons_onto_another_page(self) -> None:
        editor = EditorPage(self.page).open(self.keepers_log.pk)
        editor.box(1).click()
        editor.slip.get_by_role("button", name="Copy").click()
        for _ in range(2):  # back to the film, and nothing in hand
            self.page.keyboard.press("Escape")
        editor.paper(0).scroll_into_view_if_needed()
        self.page.get_by_role("button", name="Go to page 1").click()
        editor.slip.get_by_role("button", name="Paste what was copied").click()
        editor.expect_boxes(16)
        editor.expect_saved()
        pages = [page["id"] for page in self.keepers_log.document["pages"]]
        self.assertIn(pages[0], {field["page"] for field in self.fields(self.keepers_log)})

    def test_with_a_finger_alone(self) -> None:
        editor = EditorPage(self.teacher_browser(**TABLET).new_page()).open(self.tide_table.pk)
        editor.box(1).tap()
        editor.slip.get_by_role("button", name="Take others too").tap()
        editor.box(2).tap()
        editor.box(3).tap()
        editor.box(3).tap()  # not that one after all
        expect(editor.slip).to_contain_text("2 in hand")
        editor.slip.get_by_role("button", name="Copy").tap()
        x, y, width, _ = editor.size(editor.box(1))
        editor.page.touchscreen.tap(x + width + 30, y - 40)  # beside them: nothing is let go, nothing laid
        expect(editor.slip).to_contain_text("2 in hand")
        editor.expect_boxes(10)
        editor.slip.get_by_role("button", name="Take others too").tap()
        editor.page.touchscreen.tap(x + width + 30, y - 40)
        editor.slip.get_by_role("button", name="Paste what was copied").tap()
        editor.expect_boxes(12)
        self.assert_accessible(editor.page)
        editor.undo.tap()
        editor.expect_boxes(10)
        editor.expect_saved()

    def test_what_was_copied_elsewhere_since_is_not_the_films(self) -> None:
        self.editor.box(1).click()
        self.page.keyboard.press("Control+c")
        self.page.evaluate("navigator.clipboard.writeText('a word of mine')")
        self.page.keyboard.press("Escape")
        self.page.keyboard.press("Control+v")
        self.page.keyboard.press("b")
        self.editor.expect_boxes(11)

    def test_who_signs_out_leaves_nothing_behind(self) -> None:
        self.editor.box(1).click()
        self.page.keyboard.press("Control+c")
        self.page.goto("/desk/")
        self.page.get_by_role("link", name="Sign out").click()
        self.page.wait_for_url("**/accounts/**")
        self.assertIsNone(self.page.evaluate("sessionStorage.getItem('velum-film')"))
