"""Regions cut out, and pages straightened, through the real interface."""

import re

from playwright.sync_api import Locator, expect

from e2e.files import file
from e2e.journey import Journey
from e2e.pages.desk import DeskPage
from e2e.pages.editor import EditorPage
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage
from server.worksheets.models import Worksheet
from velum.testing import pictures
from velum.testing.photos import photo, sheet, tilted


class CutOut(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page)
        self.page.goto(f"/worksheets/{self.keepers_log.pk}/#pages")
        self.page.get_by_role("button", name="Page 2", exact=True).click()
        self.page.get_by_role("button", name="Cut out…").click()
        self.dialog = self.page.get_by_role("dialog")
        expect(self.dialog.get_by_role("img", name="Page 2")).to_be_visible()

    def pages(self) -> list[dict[str, object]]:
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        pages: list[dict[str, object]] = self.keepers_log.document["pages"]
        return pages

    def region(self, number: int) -> Locator:
        return self.dialog.get_by_role("button", name=re.compile(f"^Region {number}\\."))

    def test_questions_are_cut_out_one_after_the_other(self) -> None:
        film = self.page.get_by_test_id("regions").bounding_box()
        assert film
        x, y = film["x"], film["y"]
        self.editor.drag(x + 40, y + 40, x + 440, y + 180)
        self.editor.drag(x + 40, y + 200, x + 600, y + 330)
        expect(self.region(2)).to_be_visible()
        self.assert_accessible(self.page)
        self.dialog.get_by_role("button", name="Make 2 pages").click()
        expect(self.dialog).to_have_count(0)
        first, second = self.pages()[2:4]
        self.assertAlmostEqual(float(str(first["width"])) / float(str(first["height"])), 400 / 140, delta=0.05)
        self.assertGreater(float(str(second["width"])), float(str(first["width"])))
        expect(self.page.get_by_role("button", name="Page 4", exact=True).locator("img")).to_be_visible()
        self.editor.undo.click()
        self.assertEqual(len(self.pages()), 3)

    def test_the_keyboard_alone_cuts_out_too(self) -> None:
        self.dialog.get_by_role("button", name="Add a region").focus()
        self.page.keyboard.press("Enter")
        self.region(1).focus()
        for key in ("Shift+ArrowDown", "ArrowDown", "Alt+ArrowLeft", "Alt+Shift+ArrowLeft"):
            self.page.keyboard.press(key)
        self.dialog.get_by_role("button", name="Make 1 page").focus()
        self.page.keyboard.press("Enter")
        expect(self.dialog).to_have_count(0)
        cut = self.pages()[2]
        self.assertEqual((cut["width"], cut["height"]), (round(595.276 - 35, 1), round(841.89 * 0.2, 1)))

    def test_a_region_is_taken_away_and_escape_changes_nothing(self) -> None:
        self.dialog.get_by_role("button", name="Add a region").click()
        self.region(1).focus()
        self.page.keyboard.press("Delete")
        expect(self.region(1)).to_have_count(0)
        expect(self.dialog.get_by_role("button", name="Make 0 pages")).to_be_disabled()
        self.page.keyboard.press("Escape")
        expect(self.dialog).to_have_count(0)
        self.assertEqual(len(self.pages()), 3)


class Straighten(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()

    def bring_in(self, *data: bytes) -> EditorPage:
        first = file("photo.jpg", data[0])
        editor = DeskPage(self.page).open().bring_in(first)
        for more in data[1:]:
            editor.step("Pages")
            path = file("more.jpg", more)
            self.page.get_by_label("Add pages from files").set_input_files(path)
        editor.step("Pages")
        expect(self.page.get_by_role("button", name=f"Page {len(data)}", exact=True)).to_be_visible()
        return editor

    def document(self) -> dict[str, list[dict[str, object]]]:
        document: dict[str, list[dict[str, object]]] = Worksheet.objects.order_by("created_at").last().document  # type: ignore[union-attr]
        return document

    def test_a_photo_is_straightened_as_proposed_and_set_back(self) -> None:
        editor = self.bring_in(pictures.saved(photo("sparse", 2, (960, 1280)).picture, "JPEG"))
        self.page.get_by_role("button", name="Straighten it").click()
        expect(self.page.get_by_text("210 × 297 mm")).to_be_visible()
        editor.expect_saved()
        page = self.document()["pages"][0]
        self.assertTrue(page["corners"] and page["whiten"])
        editor.step("Film")
        editor.draw(100, 100, 300, 140)
        editor.expect_boxes(1)
        for _ in range(2):
            editor.undo.click()
        editor.expect_saved()
        self.assertIsNone(self.document()["pages"][0]["corners"])

    def test_corners_are_dragged_before_and_after_are_seen(self) -> None:
        editor = self.bring_in(pictures.saved(sheet("text", 4, 90), "JPEG"))
        self.page.get_by_role("button", name="Page 1", exact=True).click()
        self.page.get_by_role("button", name="Straighten…").click()
        dialog = self.page.get_by_role("dialog")
        after = dialog.get_by_role("img", name="The page straightened")
        expect(after).to_be_visible()
        expect(dialog.get_by_role("img", name="The page as it is in its file")).to_be_visible()
        was = after.get_attribute("src")
        editor.drag_by(dialog.get_by_role("button", name="Top left corner"), 40, 30)
        expect(after).not_to_have_attribute("src", was or "")
        moved = after.get_attribute("src")
        dialog.get_by_role("button", name="Bottom right corner").focus()
        self.page.keyboard.press("Shift+ArrowUp")
        expect(after).not_to_have_attribute("src", moved or "")
        dialog.get_by_label("White paper, no shadows").check()
        dialog.get_by_role("button", name="Turn").click()
        expect(after).to_be_visible()
        self.assert_accessible(self.page)
        dialog.get_by_role("button", name="Use it").click()
        expect(dialog).to_have_count(0)
        editor.expect_saved()
        page = self.document()["pages"][0]
        self.assertEqual((page["turn"], page["whiten"]), (90, True))
        self.page.get_by_role("button", name="Straighten…").click()
        dialog.get_by_role("button", name="As it is in the file").click()
        dialog.get_by_role("button", name="Use it").click()
        expect(dialog).to_have_count(0)
        editor.expect_saved()
        page = self.document()["pages"][0]
        self.assertEqual((page["turn"], page["whiten"], page["corners"]), (0, False, None))

    def test_boxes_go_along_and_students_see_the_page_straight(self) -> None:
        editor = self.bring_in(pictures.saved(tilted(sheet("table", 1, 90), 6), "JPEG"))
        better = self.page.get_by_role("button", name="Straighten it")
        expect(better).to_be_visible()
        editor.step("Film")
        editor.draw(60, 160, 200, 190)
        editor.expect_saved()
        before = self.document()["fields"][0]["box"]
        self.page.keyboard.press("Escape")
        better.click()
        self.page.wait_for_function("() => document.querySelector('[data-page] img').src.includes('_')")
        editor.expect_saved()
        self.assertNotEqual(self.document()["fields"][0]["box"], before)
        editor.step("Hand out")
        self.page.get_by_role("button", name="Hand out to anybody").click()
        self.page.wait_for_url("**/handouts/**")
        student = JoinPage(self.new_browser().new_page()).follow(HandoutPage(self.page).link, "Ama Lindqvist")
        picture = student.page.get_by_role("img", name="Page 1 of 1")
        expect(picture).to_be_visible()
        self.assertIn("_", picture.get_attribute("src") or "")

    def test_a_coarse_picture_is_told(self) -> None:
        self.bring_in(pictures.saved(sheet("text", 1, 60), "JPEG"))
        expect(self.page.get_by_text("coarse for print")).to_be_visible()
        self.page.get_by_role("button", name="Page 1", exact=True).click()
        expect(self.page.get_by_text("This picture has 60 dots an inch")).to_be_visible()
