from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage


class KeySheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk, step="key")
        self.page = self.editor.page

    def keys(self) -> dict[str, str]:
        self.keepers_log.refresh_from_db()
        return {name: key["text"] for name, key in self.keepers_log.document["keys"].items()}

    def test_the_sheet_is_filled_in_as_a_student_would(self) -> None:
        self.editor.key(15).click()
        self.page.keyboard.type("5")
        self.page.keyboard.press("Shift+Tab")
        expect(self.editor.key(14)).to_be_focused()
        self.editor.key(1).fill("Merry Ann")
        self.editor.expect_saved()
        keys = self.keys()
        self.assertEqual((keys["box014"], keys["box000"]), ("5", "Merry Ann"))

    def test_an_emptied_box_has_no_key(self) -> None:
        self.editor.key(1).fill("")
        self.editor.expect_saved()
        self.assertNotIn("box000", self.keys())
        expect(self.page.locator("[data-field=box000]")).to_be_visible()

    def test_what_is_typed_survives_an_immediate_reload(self) -> None:
        self.editor.key(15).fill("five nights")
        self.page.reload()
        expect(self.editor.key(15)).to_have_value("five nights")
        self.editor.expect_saved()
        self.assertEqual(self.keys()["box014"], "five nights")

    def test_points_are_set_beside_the_key(self) -> None:
        self.editor.key(2).click()
        expect(self.editor.slip).to_contain_text("gannet")
        points = self.editor.slip.get_by_label("Points")
        expect(points).to_have_value("1")
        points.fill("2")
        points.press("Enter")
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(self.keepers_log.document["fields"][1]["points"], 2)

    def test_it_is_accessible(self) -> None:
        self.editor.key(2).click()
        self.assert_accessible(self.page)
