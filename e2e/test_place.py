from playwright.sync_api import expect

from e2e.finger import REST, Finger
from e2e.journey import Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage


class Place(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.context = self.teacher_browser()
        self.editor = EditorPage(self.context.new_page()).open(self.keepers_log.pk)
        self.page = self.editor.page

    def fields(self) -> list[dict[str, object]]:
        self.keepers_log.refresh_from_db()
        fields: list[dict[str, object]] = self.keepers_log.document["fields"]
        return fields

    def test_boxes_are_drawn_and_numbered_as_they_are_read(self) -> None:
        editor = self.editor
        editor.draw(60, 500, 300, 530)
        editor.draw(60, 400, 300, 430)
        expect(editor.box(1)).to_be_visible()
        editor.expect_saved()
        first, second = self.fields()[:2]
        self.assertLess(first["box"]["y"], second["box"]["y"])  # type: ignore[index]
        editor.expect_boxes(17)
        self.assertIn("Answer box 1", editor.box(1).get_attribute("aria-label") or "")

    def test_a_press_lays_a_box_of_the_usual_size(self) -> None:
        self.editor.draw(100, 450, 100, 450)
        self.editor.expect_saved()
        box = self.fields()[0]["box"]
        self.assertEqual((box["width"], box["height"]), (120, 22))  # type: ignore[index]

    def test_a_box_is_moved_and_resized_with_the_mouse(self) -> None:
        editor = self.editor
        editor.draw(100, 400, 220, 430)
        editor.expect_saved()
        x, y, width, height = editor.size(editor.box(1))
        editor.drag_by(editor.box(1), 60, 40)
        self.assertEqual(editor.size(editor.box(1)), (x + 60, y + 40, width, height))
        editor.drag_by(editor.box(1).locator("[data-handle=se]"), 30, 20)
        self.assertEqual(editor.size(editor.box(1)), (x + 60, y + 40, width + 30, height + 20))
        editor.drag_by(editor.box(1).locator("[data-handle=nw]"), -10, -10)
        self.assertEqual(editor.size(editor.box(1)), (x + 50, y + 30, width + 40, height + 30))

    def test_a_box_stays_on_its_page(self) -> None:
        editor = self.editor
        editor.draw(100, 200, 220, 230)
        editor.expect_saved()
        editor.drag_by(editor.box(1), -900, -900)
        editor.expect_saved()
        box = self.fields()[0]["box"]
        self.assertEqual((box["x"], box["y"]), (0, 0))  # type: ignore[index]

    def test_escape_takes_a_drag_back(self) -> None:
        editor = self.editor
        editor.draw(100, 400, 220, 430)
        editor.expect_saved()
        before = editor.size(editor.box(1))
        place = editor.box(1).bounding_box()
        assert place
        self.page.mouse.move(place["x"] + 20, place["y"] + 10)
        self.page.mouse.down()
        self.page.mouse.move(place["x"] + 120, place["y"] + 60, steps=4)
        self.page.keyboard.press("Escape")
        self.page.mouse.up()
        self.assertEqual(editor.size(editor.box(1)), before)

    def test_everything_can_be_done_with_the_keyboard(self) -> None:
        editor, keys = self.editor, self.page.keyboard
        editor.page.locator("body").press("b")
        editor.expect_boxes(16)
        editor.expect_saved()
        laid = self.page.locator("[data-field][aria-pressed=true]")
        x, y, width, height = editor.size(laid)
        scale = width / 120
        keys.press("Shift+ArrowRight")
        keys.press("ArrowDown")
        keys.press("Alt+Shift+ArrowRight")
        expect(laid).to_be_visible()
        moved = editor.size(laid)
        for now, then in zip(moved, (x + 10 * scale, y + scale, width + 10 * scale, height), strict=True):
            self.assertAlmostEqual(now, then, delta=1.5)
        expect(editor.told).to_have_text("Size changed")
        keys.press("r")
        editor.expect_boxes(17)
        keys.press("Delete")
        editor.expect_boxes(16)
        keys.press("Control+z")
        editor.expect_boxes(17)
        expect(editor.told).to_contain_text("Undone")
        keys.press("Control+Shift+z")
        editor.expect_boxes(16)

    def test_the_film_is_one_tab_stop_and_arrows_go_from_box_to_box(self) -> None:
        editor, keys = self.editor, self.page.keyboard
        editor.box(1).focus()
        keys.press("ArrowDown")
        expect(editor.box(2)).to_be_focused()
        keys.press("End")
        expect(editor.box(15)).to_be_focused()
        keys.press("ArrowLeft")
        expect(editor.box(14)).to_be_focused()
        self.assertEqual(self.page.locator("[data-field][tabindex='0']").count(), 1)
        keys.press("Tab")
        expect(editor.box(15)).not_to_be_focused()
        keys.press("Shift+Tab")
        expect(editor.box(14)).to_be_focused()
        expect(editor.box(14)).to_have_attribute("aria-pressed", "false")

    def test_space_takes_in_hand_and_with_shift_another_one_too(self) -> None:
        editor, keys = self.editor, self.page.keyboard
        editor.box(1).focus()
        before = editor.size(editor.box(1))
        keys.press("Space")
        expect(editor.box(1)).to_have_attribute("aria-pressed", "true")
        keys.press("Control+ArrowDown")
        expect(editor.box(2)).to_be_focused()
        keys.press("Shift+Space")
        expect(editor.slip).to_contain_text("2 in hand")
        keys.press("Shift+ArrowRight")
        self.assertGreater(editor.size(editor.box(1))[0], before[0] + 5)
        keys.press("Space")
        expect(editor.box(2)).to_have_attribute("aria-pressed", "false")
        keys.press("Escape")
        expect(editor.box(1)).to_have_attribute("aria-pressed", "false")
        keys.press("ArrowUp")
        expect(editor.box(1)).to_be_focused()

    def test_enter_goes_to_the_slip_and_escape_back_and_its_keys_move_nothing(self) -> None:
        editor, keys = self.editor, self.page.keyboard
        editor.box(2).focus()
        before = editor.size(editor.box(2))
        keys.press("Enter")
        expect(editor.slip.locator(":focus")).to_have_count(1)
        editor.slip.get_by_role("radio").first.focus()
        keys.press("ArrowRight")
        keys.press("ArrowDown")
        keys.press("Delete")
        editor.expect_boxes(15)
        keys.press("Escape")
        expect(editor.box(2)).to_be_focused()
        self.assertEqual(editor.size(editor.box(2)), before)

    def test_what_is_looked_at_stays_when_zooming_and_when_the_view_comes_back(self) -> None:
        editor, page = self.editor, self.page
        middle = "document.elementFromPoint(640, 500)?.closest('[data-page]')?.dataset.page"
        editor.box(8).scroll_into_view_if_needed()
        there = page.evaluate(middle)
        for name in ("Larger", "Larger", "Larger"):
            page.get_by_role("group", name="Zoom").get_by_role("button", name=name).click()
        self.assertEqual(page.evaluate(middle), there)
        before = page.evaluate("document.querySelector('main .overflow-auto').scrollTop")
        editor.step("Pages")
        editor.step("Film")
        expect(page.get_by_role("group", name="Zoom")).to_contain_text("175 %")
        wait_until(
            lambda: abs(page.evaluate("document.querySelector('main .overflow-auto').scrollTop") - before) < 3,
            "the view is where it was",
        )

    def test_undo_works_on_every_step_and_with_the_other_usual_key(self) -> None:
        editor, keys = self.editor, self.page.keyboard
        editor.draw(60, 200, 160, 230)
        editor.expect_boxes(16)
        editor.step("Pages")
        keys.press("Control+z")
        expect(editor.told).to_contain_text("Undone")
        editor.step("Film")
        editor.expect_boxes(15)
        keys.press("Control+y")
        editor.expect_boxes(16)

    def test_undo_goes_all_the_way_back_and_redo_forth(self) -> None:
        editor = self.editor
        for number in range(4):
            editor.draw(60, 100 + number * 60, 200, 130 + number * 60)
        editor.expect_boxes(19)
        for left in (18, 17, 16, 15):
            editor.undo.click()
            editor.expect_boxes(left)
        expect(editor.undo).to_be_disabled()
        for there in (16, 17, 18, 19):
            editor.redo.click()
            editor.expect_boxes(there)
        editor.expect_saved()
        wait_until(lambda: len(self.fields()) == 19, "all four are saved again")

    def test_several_boxes_are_gathered_moved_and_removed_together(self) -> None:
        editor = self.editor
        editor.draw(60, 200, 160, 230)
        editor.draw(260, 200, 360, 230)
        editor.expect_saved()
        self.page.keyboard.press("Escape")
        self.page.keyboard.press("Escape")
        editor.draw(40, 190, 380, 240)
        expect(editor.slip).to_contain_text("2 in hand")
        before = editor.size(editor.box(2))
        editor.drag_by(editor.box(1), 0, 50)
        self.assertEqual(editor.size(editor.box(2))[1], before[1] + 50)
        editor.slip.get_by_label("Points").fill("2.5")
        editor.slip.get_by_label("Points").press("Enter")
        editor.slip.get_by_role("button", name="Remove").click()
        editor.expect_boxes(15)
        editor.undo.click()
        editor.expect_saved()
        self.assertEqual([field["points"] for field in self.fields()[:2]], [2.5, 2.5])

    def test_points_that_are_none_are_told_so(self) -> None:
        self.editor.draw(60, 200, 160, 230)
        self.editor.expect_saved()
        points = self.editor.slip.get_by_label("Points")
        for wrong in ("-1", "101", "0.3", "many"):
            points.fill(wrong)
            points.press("Enter")
            expect(self.editor.slip.get_by_role("alert")).to_have_text("From 0 to 100, in quarters.")
        self.editor.expect_saved()
        self.assertEqual(self.fields()[0]["points"], 1)

    def test_a_reload_at_any_moment_loses_nothing(self) -> None:
        self.editor.draw(60, 200, 160, 230)
        self.page.reload()
        self.editor.expect_boxes(16)
        self.editor.expect_saved()
        self.assertEqual(len(self.fields()), 16)

    def test_the_worksheet_is_renamed(self) -> None:
        self.page.get_by_label("Title of the worksheet").fill("The log")
        self.page.keyboard.press("Enter")
        self.editor.expect_saved()
        self.page.reload()
        expect(self.page.get_by_label("Title of the worksheet")).to_have_value("The log")

    def test_it_is_accessible(self) -> None:
        self.editor.draw(60, 200, 160, 230)
        self.assert_accessible(self.page)
        self.editor.step("Pages")
        self.assert_accessible(self.page)


class PlaceByTouch(Journey):
    def test_boxes_are_drawn_moved_and_resized_with_a_finger(self) -> None:
        context = self.teacher_browser(has_touch=True)
        editor = EditorPage(context.new_page()).open(self.keepers_log.pk)
        finger = Finger(editor.page)
        corner = editor.paper(0).bounding_box()
        assert corner
        finger.go(corner["x"] + 80, corner["y"] + 300, corner["x"] + 240, corner["y"] + 340, rest=REST)
        editor.expect_boxes(16)
        editor.expect_saved()
        x, y, width, height = editor.size(editor.box(1))
        finger.go(x + 20, y + 20, x + 70, y + 60)
        expect(editor.slip).to_contain_text("Question 1")
        self.assert_about(editor.size(editor.box(1)), (x + 50, y + 40, width, height))
        x, y, width, height = editor.size(editor.box(1))
        finger.go(x + 5 + width, y + 5 + height, x + 35 + width, y + 25 + height)
        self.assert_about(editor.size(editor.box(1)), (x, y, width + 30, height + 20))

    def assert_about(self, size: tuple[float, ...], expected: tuple[float, ...]) -> None:
        """What is moved may be brought in line with what is near, a few pixels away."""
        for one, other in zip(size, expected, strict=True):
            self.assertAlmostEqual(one, other, delta=7)


class TwoTabs(Journey):
    expected_problems = r"status of 409"

    def tabs_that_differ(self) -> tuple[EditorPage, EditorPage]:
        """Two tabs of one worksheet: what was done in the first is saved, what was done in the second is not."""
        context = self.teacher_browser()
        one = EditorPage(context.new_page()).open(self.keepers_log.pk)
        two = EditorPage(context.new_page()).open(self.keepers_log.pk)
        one.draw(60, 200, 160, 230)
        one.expect_saved()
        two.draw(260, 200, 360, 230)
        return one, two

    def test_two_tabs_cannot_overwrite_each_other_silently(self) -> None:
        one, two = self.tabs_that_differ()
        dialog = two.page.get_by_role("dialog", name="changed in another tab")
        expect(dialog).to_be_visible()
        self.assert_accessible(two.page)
        dialog.get_by_role("button", name="Put my changes on top").click()
        two.expect_boxes(17)
        two.expect_saved()
        one.page.reload()
        one.expect_boxes(17)

    def test_the_other_tabs_work_can_be_taken_instead(self) -> None:
        _, two = self.tabs_that_differ()
        two.page.get_by_role("dialog").get_by_role("button", name="Take the other tab's").click()
        two.expect_boxes(16)
        two.page.reload()
        two.expect_boxes(16)

    def test_escape_decides_nothing(self) -> None:
        _, two = self.tabs_that_differ()
        dialog = two.page.get_by_role("dialog", name="changed in another tab")
        decide = two.page.locator("header").get_by_role("button", name="Decide")
        for _ in range(3):
            expect(dialog).to_be_visible()
            two.page.keyboard.press("Escape")
            expect(dialog).to_have_count(0)
            decide.click()
        dialog.get_by_role("button", name="Put my changes on top").click()
        two.expect_boxes(17)
        two.expect_saved()


class EditOffline(Journey):
    expected_problems = r"ERR_INTERNET_DISCONNECTED|ERR_CONNECTION|ERR_EMPTY|ERR_FAILED"

    def test_what_was_done_without_a_network_is_kept_and_saved_later(self) -> None:
        context = self.teacher_browser()
        editor = EditorPage(context.new_page()).open(self.keepers_log.pk)
        context.set_offline(True)
        editor.draw(60, 200, 160, 230)
        expect(editor.page.get_by_test_id("saving")).to_have_text("Offline: kept on this device")
        editor.draw(260, 200, 360, 230)
        context.set_offline(False)
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(len(self.keepers_log.document["fields"]), 17)

    def test_a_tab_closed_without_a_network_loses_nothing(self) -> None:
        context = self.teacher_browser()
        editor = EditorPage(context.new_page()).open(self.keepers_log.pk)
        context.set_offline(True)
        editor.draw(60, 200, 160, 230)
        expect(editor.page.get_by_test_id("saving")).to_have_text("Offline: kept on this device")
        editor.page.close()
        context.set_offline(False)
        again = EditorPage(context.new_page()).open(self.keepers_log.pk)
        again.expect_boxes(16)
        again.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(len(self.keepers_log.document["fields"]), 16)
