"""Fields laid by hand where print, rules and other fields are: fitted, brought in line, repeated."""

from pathlib import Path
from typing import Any

from playwright.sync_api import Locator, expect

from e2e.finger import Finger
from e2e.journey import TABLET, Journey
from e2e.live_server import wait_until
from e2e.pages.desk import DeskPage
from e2e.pages.editor import EditorPage

PAGES = Path(__file__).resolve().parents[1] / "bench" / "pages" / "develop"

Box = tuple[float, float, float, float]


class Lines(Journey):
    def bring_in(self, name: str, **options: Any) -> EditorPage:
        """A page of which nothing that was found is wanted."""
        editor = DeskPage(self.teacher_browser(**options).new_page()).open().bring_in(PAGES / f"{name}.pdf")
        offer = editor.page.get_by_role("region", name="Found on the pages")
        self.blanks = self.boxes_of(editor.page.locator("[data-found]"), offer)
        offer.get_by_role("button", name="Refuse all").click()
        expect(offer).to_have_count(0)
        editor.expect_saved()
        with editor.page.expect_response("**/guides"):
            editor.page.reload()  # what is printed is known from now on
        expect(editor.paper(0)).to_be_visible()
        editor.paper(0).hover(position={"x": 5, "y": 5})
        editor.page.wait_for_load_state("networkidle")
        return editor

    def boxes_of(self, found: Locator, offer: Locator) -> list[Box]:
        """Where what was found lies, in CSS pixels of the window."""
        expect(offer).to_be_visible()
        places = [one.bounding_box() for one in found.all()]
        return [(place["x"], place["y"], place["width"], place["height"]) for place in places if place]

    def assert_lies_in(self, field: Locator, box: Box) -> None:
        place = field.bounding_box()
        assert place
        for one, other in zip((place["x"], place["y"], place["width"], place["height"]), box, strict=True):
            self.assertAlmostEqual(one, other, delta=2)

    def test_a_press_fits_a_box_to_the_blank_under_it(self) -> None:
        editor = self.bring_in("browser_fill")
        for x, y, width, height in self.blanks[:2]:
            editor.page.mouse.click(x + width / 3, y + height / 2)
        editor.expect_boxes(2)
        for number, blank in enumerate(self.blanks[:2]):
            self.assert_lies_in(editor.box(number + 1), blank)

    def test_elsewhere_a_press_lays_a_box_of_the_size_laid_last(self) -> None:
        editor = self.bring_in("browser_fill")
        editor.draw(100, 700, 290, 740)
        editor.draw(500, 760, 500, 760)
        one, other = editor.size(editor.boxes().nth(0)), editor.size(editor.boxes().nth(1))
        self.assertEqual(one[2:], other[2:])

    def test_edges_are_brought_in_line_with_print_and_fields_and_a_guide_shows_to_what(self) -> None:
        editor = self.bring_in("browser_fill")
        x, y, width, height = self.blanks[0]
        page, mouse = editor.page, editor.page.mouse
        # Drawn roughly over the blank, it comes to lie on it.
        mouse.move(x + 4, y + 3)
        mouse.down()
        mouse.move(x + width / 2, y + height / 2, steps=4)
        mouse.move(x + width - 4, y + height - 4, steps=4)
        expect(page.locator("[data-guide=x]").first).to_be_visible()
        mouse.up()
        expect(page.locator("[data-guide]")).to_have_count(0)
        self.assert_lies_in(editor.box(1), self.blanks[0])
        # One that is moved comes to lie in line with another, however far away that is.
        editor.draw(520, 700, 640, 730)
        other = editor.boxes().nth(1)
        ox = editor.size(other)[0]
        editor.drag_by(other, x - ox + 4, 40, free=False)
        self.assertAlmostEqual(editor.size(other)[0], round(x), delta=1)
        # With a key held, it stays where it was dropped.
        before = editor.size(other)
        editor.drag_by(other, 3, 0, free=True)
        self.assertEqual(editor.size(other)[0], before[0] + 3)

    def test_a_handle_lays_copies_on_the_blanks_below(self) -> None:
        editor = self.bring_in("browser_fill")
        x, y, width, height = self.blanks[0]
        editor.page.mouse.click(x + width / 2, y + height / 2)
        handle = editor.page.locator("[data-handle=repeat]").bounding_box()
        assert handle
        down = self.blanks[3][1] - y
        editor.drag(handle["x"] + 15, handle["y"] + 15, handle["x"] + 15, handle["y"] + 15 + down)
        editor.expect_boxes(4)
        for number, blank in enumerate(self.blanks):
            self.assert_lies_in(editor.box(number + 1), (blank[0], blank[1], width, height))
        expect(editor.slip).to_contain_text("4 in hand")
        editor.undo.click()
        editor.expect_boxes(1)

    def test_keys_lay_the_next_at_the_printed_spacing(self) -> None:
        editor = self.bring_in("browser_fill")
        x, y, width, height = self.blanks[0]
        editor.page.mouse.click(x + width / 2, y + height / 2)
        for _ in range(2):
            editor.page.keyboard.press("r")
        editor.expect_boxes(3)
        for number, blank in enumerate(self.blanks[:3]):
            self.assert_lies_in(editor.box(number + 1), (blank[0], blank[1], width, height))
        editor.page.keyboard.press("Shift+R")
        editor.expect_boxes(4)
        beside = editor.size(editor.page.locator("[data-field][aria-pressed=true]"))
        self.assertGreater(beside[0], self.blanks[2][0] + width - 2)

    def test_a_finger_fits_repeats_and_fills_a_grid(self) -> None:
        editor = self.bring_in("browser_fill", **TABLET)
        finger, screen = Finger(editor.page), editor.page.touchscreen
        x, y, width, height = self.blanks[0]
        screen.tap(x + width / 2, y + height / 2)
        self.assert_lies_in(editor.box(1), self.blanks[0])
        self.repeat(editor, finger, 0, self.blanks[1][1] - y)
        editor.expect_boxes(2)
        self.assert_lies_in(editor.box(2), self.blanks[1])
        editor.page.keyboard.press("Escape")
        screen.tap(x - 50, 560)
        editor.expect_boxes(3)
        across, down = editor.size(editor.page.locator("[data-field][aria-pressed=true]"))[2:]
        self.repeat(editor, finger, 2.3 * across, 1.5 * down)
        editor.expect_boxes(8)

    def repeat(self, editor: EditorPage, finger: Finger, right: float, down: float) -> None:
        handle = editor.page.locator("[data-handle=repeat]").bounding_box()
        assert handle
        at = (handle["x"] + 15, handle["y"] + 15)
        finger.go(*at, at[0] + right, at[1] + down)

    def test_a_frame_lays_a_slot_in_each_blank_and_a_slot_is_laid_again(self) -> None:
        editor = self.bring_in("browser_fill")
        page = editor.page
        page.get_by_role("button", name="Pieces").click()
        editor.draw(300, 560, 620, 600)
        page.get_by_role("button", name="Add by pressing").click()
        left, top = min(box[0] for box in self.blanks), min(box[1] for box in self.blanks)
        right = max(box[0] + box[2] for box in self.blanks)
        bottom = max(box[1] + box[3] for box in self.blanks)
        editor.drag(left - 8, top - 8, right + 8, bottom + 8)
        slots = page.locator("[data-slot]")
        expect(slots).to_have_count(len(self.blanks))
        for slot, blank in zip(slots.all(), sorted(self.blanks, key=lambda box: box[1]), strict=True):
            self.assert_lies_in(slot, blank)
        page.get_by_role("button", name="Add by pressing").click()
        slots.last.focus()
        page.keyboard.press("Shift+R")
        expect(slots).to_have_count(len(self.blanks) + 1)
        expect(slots.last).to_be_focused()
        handle = page.locator("[data-handle=repeat]").last.bounding_box()
        assert handle
        x, y = handle["x"] + 15, handle["y"] + 15
        editor.drag(x, y, x, y - 3 * self.blanks[0][3])
        wait_until(lambda: slots.count() > len(self.blanks) + 1, "the slot is laid again along its column")
        self.assert_accessible(page)
