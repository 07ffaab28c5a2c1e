"""One drag for all that is laid on pages: what it knows of scrolling, edges, fingers, and of being taken back."""

from typing import Any

from playwright.sync_api import Page, expect

from e2e.finger import REST, Finger
from e2e.journey import TABLET, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage


class Dragging(Journey):
    def open(self, **options: Any) -> EditorPage:
        editor = EditorPage(self.teacher_browser(**options).new_page()).open(self.keepers_log.pk)
        expect(editor.paper(0).get_by_test_id("film")).to_be_visible()
        return editor

    def saved(self) -> int:
        self.keepers_log.refresh_from_db()
        return len(self.keepers_log.document["fields"])

    def scrolled(self, page: Page) -> float:
        return float(page.evaluate("document.querySelector('main .overflow-auto').scrollTop"))

    def test_a_page_that_scrolls_under_a_drag_takes_nothing_along(self) -> None:
        editor = self.open()
        page, mouse = editor.page, editor.page.mouse
        editor.draw(100, 300, 220, 330)
        editor.expect_saved()
        box = editor.box(1)
        on_paper = self.on_paper(editor, box)
        place = box.bounding_box()
        assert place
        mouse.move(place["x"] + 30, place["y"] + 15)
        mouse.down()
        mouse.move(place["x"] + 40, place["y"] + 15, steps=3)
        mouse.wheel(0, 120)
        wait_until(lambda: self.scrolled(page) >= 119, "the page is scrolled")
        expect(box).to_be_visible()
        wait_until(lambda: self.on_paper(editor, box)[1] >= on_paper[1] + 119, "the box stays under the pointer")
        mouse.up()
        x, y = self.on_paper(editor, box)
        self.assertEqual((x, y), (on_paper[0] + 10, on_paper[1] + 120))

    def on_paper(self, editor: EditorPage, box: Any) -> tuple[int, int]:
        paper, place = editor.paper(0).bounding_box(), box.bounding_box()
        assert paper and place
        return round(place["x"] - paper["x"]), round(place["y"] - paper["y"])

    def test_near_the_edge_the_page_goes_on_by_itself(self) -> None:
        editor = self.open()
        page, mouse = editor.page, editor.page.mouse
        stage = page.locator("main .overflow-auto").bounding_box()
        assert stage
        editor.draw(100, 300, 220, 330)
        editor.expect_saved()
        place = editor.box(1).bounding_box()
        assert place
        mouse.move(place["x"] + 30, place["y"] + 15)
        mouse.down()
        mouse.move(place["x"] + 30, stage["y"] + stage["height"] - 8, steps=4)
        wait_until(lambda: self.scrolled(page) > 200, "it goes on")
        mouse.move(place["x"] + 30, stage["y"] + stage["height"] / 2, steps=4)
        mouse.up()
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        lowest = max(field["box"]["y"] for field in self.keepers_log.document["fields"] if field["box"]["width"] < 130)
        self.assertGreater(lowest, 400)

    def test_undo_in_the_middle_of_a_drag_takes_the_drag_back_and_nothing_else(self) -> None:
        editor = self.open()
        editor.draw(100, 300, 220, 330)
        editor.expect_saved()
        before, box = editor.size(editor.box(1)), editor.box(1)
        for take_back in ("Control+z", "Escape"):
            editor.page.mouse.move(before[0] + 20, before[1] + 10)
            editor.page.mouse.down()
            editor.page.mouse.move(before[0] + 120, before[1] + 60, steps=4)
            self.assertNotEqual(editor.size(box), before)
            editor.page.keyboard.press(take_back)
            editor.page.mouse.up()
            self.assertEqual(editor.size(box), before)
        editor.expect_boxes(16)

    def test_a_pointer_that_is_lost_takes_the_drag_back(self) -> None:
        editor = self.open()
        editor.draw(100, 300, 220, 330)
        editor.expect_saved()
        before, box = editor.size(editor.box(1)), editor.box(1)
        editor.page.mouse.move(before[0] + 20, before[1] + 10)
        editor.page.mouse.down()
        editor.page.mouse.move(before[0] + 120, before[1] + 60, steps=4)
        editor.page.evaluate("window.dispatchEvent(new Event('blur'))")
        self.assertEqual(editor.size(box), before)
        editor.page.mouse.move(before[0] + 200, before[1] + 60, steps=4)
        editor.page.mouse.up()
        self.assertEqual(editor.size(box), before)

    def test_the_smallest_box_is_moved_by_its_middle(self) -> None:
        editor = self.open()
        editor.draw(100, 300, 116, 316)
        editor.expect_saved()
        x, y, width, height = editor.size(editor.box(1))
        self.assertLess(width, 24)
        editor.drag_by(editor.box(1), 50, 30)
        self.assertEqual(editor.size(editor.box(1)), (x + 50, y + 30, width, height))

    def test_a_swipe_scrolls_and_lays_nothing(self) -> None:
        editor = self.open(**TABLET)
        finger = Finger(editor.page)
        paper = editor.paper(0).bounding_box()
        assert paper

        def swiped() -> bool:
            finger.go(paper["x"] + 200, 650, paper["x"] + 200, 350)
            if editor.boxes().count() > 15:
                editor.undo.click()  # on a busy machine the finger came to rest before it moved
            return self.scrolled(editor.page) > 100

        wait_until(swiped, "the page is scrolled")
        editor.expect_boxes(15)
        self.assertEqual(self.saved(), 15)

    def test_a_finger_that_rests_draws_a_box_and_one_that_taps_lays_one(self) -> None:
        editor = self.open(**TABLET)
        finger = Finger(editor.page)
        paper = editor.paper(0).bounding_box()
        assert paper
        finger.go(paper["x"] + 80, 420, paper["x"] + 240, 460, rest=REST)
        editor.expect_boxes(16)
        _, _, width, height = editor.size(editor.page.locator("[data-field][aria-pressed=true]"))
        self.assertAlmostEqual(width, 160, delta=12)  # each corner may have been brought in line
        self.assertAlmostEqual(height, 40, delta=12)
        self.assertEqual(self.scrolled(editor.page), 0)
        editor.page.touchscreen.tap(paper["x"] + 300, 550)
        editor.expect_boxes(17)

    def test_what_is_in_hand_is_dragged_with_a_finger_and_what_is_not_lets_the_page_scroll(self) -> None:
        editor = self.open(**TABLET)
        finger = Finger(editor.page)
        paper = editor.paper(0).bounding_box()
        assert paper
        editor.page.touchscreen.tap(paper["x"] + 100, 450)
        editor.expect_boxes(16)
        box = editor.page.locator("[data-field][aria-pressed=true]")
        x, y, width, height = editor.size(box)
        finger.go(x + width / 2, y + height / 2, x + width / 2 + 60, y + height / 2 + 40)
        self.assertEqual(editor.size(box), (x + 60, y + 40, width, height))
        editor.page.keyboard.press("Escape")
        finger.go(x + width / 2 + 60, y + height / 2 + 40, x + width / 2 + 60, 200)
        wait_until(lambda: self.scrolled(editor.page) > 50, "the page is scrolled")
        editor.expect_saved()
