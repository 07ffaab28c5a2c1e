"""How large pages are shown, and moving what is seen."""

from typing import Any

from playwright.sync_api import expect

from e2e.finger import Finger
from e2e.journey import Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage

TABLET = {"viewport": {"width": 1024, "height": 768}, "has_touch": True}


class Zoom(Journey):
    def open(self, **options: Any) -> EditorPage:
        return EditorPage(self.teacher_browser(**options).new_page()).open(self.keepers_log.pk)

    def width(self, editor: EditorPage) -> float:
        place = editor.paper(0).bounding_box()
        assert place
        return place["width"]

    def scrolled(self, editor: EditorPage) -> tuple[float, float]:
        left, top = editor.page.evaluate(
            "(({scrollLeft, scrollTop}) => [scrollLeft, scrollTop])(document.querySelector('main .overflow-auto'))"
        )
        return left, top

    def test_by_keys_and_buttons_to_the_page_and_the_width(self) -> None:
        editor = self.open()
        keys, zoom = editor.page.keyboard, editor.page.get_by_role("group", name="Zoom")
        wide = self.width(editor)
        keys.press("p")
        wait_until(lambda: editor.size(editor.paper(0))[3] < 800, "the whole page is seen")
        keys.press("w")
        wait_until(lambda: self.width(editor) == wide, "the width fits again")
        for _ in range(14):
            keys.press("+")
        expect(zoom).to_contain_text("400 %")
        for _ in range(16):
            zoom.get_by_role("button", name="Smaller").click()
        expect(zoom).to_contain_text("25 %")

    def test_by_the_wheel_around_the_pointer(self) -> None:
        editor = self.open()
        page = editor.page
        box = editor.box(3)
        box.scroll_into_view_if_needed()
        place = box.bounding_box()
        assert place
        x, y = place["x"] + 10, place["y"] + 10
        page.mouse.move(x, y)
        page.keyboard.down("Control")
        page.mouse.wheel(0, -150)
        page.keyboard.up("Control")
        wait_until(lambda: editor.size(box)[2] > place["width"] * 1.2, "it is larger")
        now = box.bounding_box()
        assert now
        # Its corner stays where it was, as far as ten pixels into it grow.
        self.assertAlmostEqual(now["x"], place["x"], delta=8)
        self.assertAlmostEqual(now["y"], place["y"], delta=8)

    def test_two_fingers_zoom_and_lay_nothing(self) -> None:
        editor = self.open(**TABLET)
        expect(editor.paper(0).get_by_test_id("film")).to_be_visible()
        wide = self.width(editor)
        Finger(editor.page).pinch(500, 400, 100, 220)
        wait_until(lambda: self.width(editor) > wide * 1.5, "the page is larger")
        editor.expect_boxes(15)

    def test_what_is_seen_is_moved_with_the_space_bar_held(self) -> None:
        editor = self.open()
        page, mouse = editor.page, editor.page.mouse
        page.locator("body").press("+")
        before = self.scrolled(editor)
        page.keyboard.down("Space")
        mouse.move(600, 500)
        mouse.down()
        mouse.move(560, 300, steps=5)
        mouse.up()
        page.keyboard.up("Space")
        self.assertGreater(self.scrolled(editor)[1], before[1] + 150)
        editor.expect_boxes(15)
