"""Places to tick that lie anywhere, and what students put on them."""

from playwright.sync_api import Locator, expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out


class Spots(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        self.page = self.editor.page
        self.page.get_by_role("button", name="Tick places").click()
        self.editor.draw(60, 400, 90, 525)
        expect(self.editor.slip.get_by_label("Places to tick")).to_have_value("3")

    def spot(self, place: int) -> Locator:
        return self.page.locator(f"[data-spot='{place}']")

    def test_one_is_dragged_one_is_added_and_one_is_taken_off(self) -> None:
        editor = self.editor
        first, third = editor.size(self.spot(0)), editor.size(self.spot(2))
        editor.drag_by(self.spot(1), 90, 20)
        self.assertEqual((editor.size(self.spot(0)), editor.size(self.spot(2))), (first, third))
        self.assertGreater(editor.size(self.spot(1))[0], first[0] + 85)
        editor.slip.get_by_role("button", name="Add by pressing").click()
        editor.draw(300, 600, 300, 600)
        editor.draw(340, 600, 340, 600)
        expect(editor.slip.get_by_label("Places to tick")).to_have_value("5")
        editor.unfold("Each place")
        editor.slip.get_by_role("button", name="Take place A off").click()
        expect(editor.slip.get_by_label("Places to tick")).to_have_value("4")
        self.assert_accessible(self.page)
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        (field,) = (field for field in self.keepers_log.document["fields"] if field["kind"] == "tick_places")
        self.assertEqual(len(field["spots"]), 4)

    def test_arrow_keys_move_one_and_students_put_the_sign_that_was_chosen(self) -> None:
        editor = self.editor
        editor.unfold("Each place")
        before = editor.size(self.spot(1))
        editor.slip.get_by_role("button", name="Move place B with the arrow keys").focus()
        for key in ("Shift+ArrowRight", "ArrowDown"):
            self.page.keyboard.press(key)
        now = editor.size(self.spot(1))
        self.assertGreater(now[0], before[0] + 10)
        editor.pick("Cross")
        editor.expect_saved()
        handed = hand_out(self.maren, self.keepers_log.pk)
        student = JoinPage(self.new_browser().new_page()).join(handed.code, "Ama Lindqvist")
        student.page.get_by_role("radio", name="B").first.check(force=True)
        expect(student.page.locator("[data-sign=cross]")).to_have_count(1)
