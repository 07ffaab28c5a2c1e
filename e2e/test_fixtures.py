"""What a teacher lays on a page: changed for ever by the teacher, never by a student."""

import re
from typing import Any

from playwright.sync_api import FilePayload, Locator, expect

from demo.teachers import MAREN
from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out
from server.worksheets.models import Worksheet
from velum.testing import pictures


def _file(name: str, data: bytes) -> FilePayload:
    return {"name": name, "mimeType": "application/octet-stream", "buffer": data}


class Fixtures(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        self.page = self.editor.page

    def kept(self) -> list[dict[str, Any]]:
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        found: list[dict[str, Any]] = self.keepers_log.document["fixtures"]
        return found

    def pick_up(self, tool: str) -> None:
        self.page.get_by_label("Lay on the page").get_by_role("button", name=tool).click()

    def laid(self, name: str) -> Locator:
        return self.page.locator("[data-fixture]").and_(self.page.get_by_label(re.compile(f"^{name}.*, page 1")))

    def lay_box(self, x: int, y: int, width: int = 120, height: int = 60) -> None:
        self.pick_up("Box")
        self.editor.draw(x, y, x + width, y + height)

    def test_rich_text_is_written_on_the_page(self) -> None:
        page, editor = self.page, self.editor
        self.pick_up("Text")
        editor.draw(60, 300, 460, 460)
        words = page.get_by_role("textbox", name="Words of this text")
        words.press_sequentially("Before you begin")
        look = page.get_by_role("group", name="Look of the words")
        editor.slip.get_by_label("Style").select_option("Heading")
        words.press("Enter")
        look.get_by_role("button", name="List with dots").click()
        look.get_by_role("button", name="Bold").click()
        words.press_sequentially("Read")
        look.get_by_role("button", name="Bold").click()
        words.press_sequentially(" the log")
        words.press("Enter")
        look.get_by_role("button", name="Underlined").click()
        words.press_sequentially("Take notes")
        self.assert_accessible(page)
        words.press("Escape")
        expect(self.laid("Text")).to_contain_text("Read the log")
        heading, first, second = self.kept()[0]["paragraphs"]
        self.assertEqual((heading["style"], first["style"], second["style"]), ("heading", "bullet", "bullet"))
        self.assertEqual([(run["text"], run["bold"]) for run in first["runs"]], [("Read", True), (" the log", False)])
        self.assertTrue(second["runs"][0]["underline"])
        page.reload()
        self.laid("Text").press("Enter")
        page.get_by_role("textbox", name="Words of this text").press_sequentially("!")
        page.keyboard.press("Escape")
        self.assertEqual(self.kept()[0]["paragraphs"][2]["runs"][0]["text"], "Take notes!")

    def test_shapes_are_styled_layered_and_brought_in_line(self) -> None:
        editor, slip = self.editor, self.editor.slip
        self.lay_box(60, 300)
        slip.get_by_role("group", name="Filled").get_by_title("Marigold").click()
        slip.get_by_label("Drawn").select_option("Dashed")
        self.pick_up("Ellipse")
        editor.draw(140, 330, 300, 420)
        self.assertEqual([made["form"] for made in self.kept()], ["box", "ellipse"])
        slip.get_by_role("button", name="To the bottom").click()
        below, above = self.kept()
        self.assertEqual((below["form"], above["form"]), ("ellipse", "box"))
        self.assertEqual((above["fill"], above["stroke"]["dash"]), ("#e9a820", "dashed"))
        self.laid("Box").click(modifiers=["Shift"], position={"x": 4, "y": 4})
        slip.get_by_role("button", name="Left", exact=True).click()
        self.assertEqual(len({made["box"]["x"] for made in self.kept()}), 1)
        editor.undo.click()
        self.assertEqual(len({made["box"]["x"] for made in self.kept()}), 2)

    def test_an_arrow_points_where_it_was_drawn_to(self) -> None:
        self.pick_up("Arrow")
        self.editor.draw(300, 400, 200, 320)
        arrow = self.kept()[0]
        self.assertEqual((arrow["start"], arrow["heads"]), ("bottom right", "end"))

    def test_a_table_is_filled_in_and_answer_boxes_are_laid_over_it(self) -> None:
        editor, page = self.editor, self.page
        self.pick_up("Table")
        editor.draw(60, 300, 460, 460)
        editor.slip.get_by_label("Columns").fill("2")
        editor.slip.get_by_label("Columns").press("Tab")
        editor.slip.get_by_role("button", name="Write in the cells").click()
        page.get_by_label("Row 1, column 1").fill("Zone")
        page.keyboard.press("Tab")
        page.keyboard.type("Who lives there")
        page.keyboard.press("Escape")
        table = self.kept()[0]
        self.assertEqual(table["cells"][0], ["Zone", "Who lives there"])
        page.get_by_label("Lay on the film").get_by_role("button", name="Answer box").click()
        editor.draw(270, 350, 440, 372)
        expect(editor.box(1)).to_be_visible()

    def test_a_text_is_taken_up_by_a_press_though_a_tool_is_in_hand(self) -> None:
        editor = self.editor
        self.pick_up("Text")
        editor.draw(60, 300, 260, 360)
        self.page.get_by_role("textbox", name="Words of this text").press_sequentially("Keep this log dry")
        self.page.keyboard.press("Escape")
        self.page.get_by_label("Lay on the film").get_by_role("button", name="Answer box").click()
        editor.draw(100, 320, 100, 320)
        expect(self.laid("Text")).to_have_attribute("aria-pressed", "true")
        editor.draw(100, 320, 240, 350)
        expect(editor.box(1)).to_be_visible()
        self.assertEqual(len(self.kept()), 1)

    def test_everything_is_done_with_the_keyboard(self) -> None:
        page = self.page
        page.get_by_label("Lay on the page").get_by_role("button", name="Grid").press("Enter")
        page.keyboard.press("b")
        grid = self.laid("Grid")
        before = self.kept()[0]["box"]
        grid.press("Shift+ArrowDown")
        grid.press("Alt+ArrowRight")
        after = self.kept()[0]["box"]
        self.assertEqual((after["y"] - before["y"], after["width"] - before["width"]), (10, 1))
        grid.press("r")
        self.assertEqual(len(self.kept()), 2)
        page.keyboard.press("Delete")
        self.assertEqual(len(self.kept()), 1)

    def test_a_picture_of_the_library_is_found_and_laid(self) -> None:
        page = self.page
        self.pick_up("Picture")
        self.editor.draw(300, 300, 400, 400)
        dialog = page.get_by_role("dialog")
        expect(dialog.get_by_text("MIT licence")).to_be_visible()
        dialog.get_by_label("Find").fill("lobster")
        self.assert_accessible(page)
        dialog.get_by_role("button", name="lobster").click()
        picture = self.laid("Picture “lobster”").locator("img")
        page.wait_for_function("image => image.naturalWidth > 0", arg=picture.element_handle())
        self.editor.slip.get_by_label("What it shows").fill("A lobster in its cave")
        self.editor.slip.get_by_label("What it shows").press("Tab")
        self.assertEqual(self.kept()[0]["alternative"], "A lobster in its cave")

    def test_a_picture_of_ones_own_keeps_what_is_clear_and_is_offered_again(self) -> None:
        page = self.page
        self.pick_up("Picture")
        self.editor.draw(300, 300, 400, 400)
        dialog = page.get_by_role("dialog")
        dialog.get_by_label("A picture of your own").set_input_files(_file("rock_pool.png", pictures.see_through()))
        expect(dialog.get_by_label("What it shows")).to_have_value("rock pool")
        dialog.get_by_role("button", name="Take it").click()
        expect(self.laid("Picture “rock pool”")).to_be_visible()
        self.pick_up("Picture")
        self.editor.draw(100, 300, 200, 400)
        page.get_by_role("dialog").get_by_role("button", name="rock pool", exact=True).click()
        first, second = self.kept()
        self.assertEqual(first["picture"], second["picture"])

    def test_a_file_that_is_no_picture_is_refused(self) -> None:
        self.expected_problems = "status of 422"
        self.pick_up("Picture")
        self.editor.draw(300, 300, 400, 400)
        dialog = self.page.get_by_role("dialog")
        dialog.get_by_label("A picture of your own").set_input_files(_file("notes.txt", b"not a picture at all"))
        dialog.get_by_role("button", name="Take it").click()
        expect(dialog.get_by_role("alert")).to_contain_text("no picture that Velum knows")
        self.assertEqual(self.kept(), [])

    def test_a_ready_page_is_made_of_things_that_can_be_changed(self) -> None:
        page, editor = self.page, self.editor
        editor.step("Pages")
        page.get_by_label("New page").select_option("Words and meanings")
        page.get_by_role("button", name="Add it").click()
        expect(page.get_by_role("status").get_by_text("4 pages")).to_be_visible()
        self.assertEqual([made["kind"] for made in self.kept()], ["text", "table"])
        editor.undo.click()
        expect(page.get_by_role("status").get_by_text("3 pages")).to_be_visible()
        editor.redo.click()
        editor.step("Film")
        table = page.locator("[data-fixture]").and_(page.get_by_label("Table, page 4"))
        table.press("Enter")
        page.get_by_label("Row 2, column 1").fill("limpet")
        self.assertEqual(self.kept()[1]["cells"][1][0], "limpet")

    def test_students_see_it_and_cannot_touch_it(self) -> None:
        self.pick_up("Table")
        self.editor.draw(60, 300, 460, 460)
        self.editor.slip.get_by_role("button", name="Write in the cells").click()
        self.page.get_by_label("Row 1, column 1").fill("Zone")
        self.page.keyboard.press("Escape")
        self.pick_up("Picture")
        self.editor.draw(300, 500, 400, 600)
        self.page.get_by_role("dialog").get_by_label("Find").fill("lobster")
        self.page.get_by_role("dialog").get_by_role("button", name="lobster").click()
        expect(self.laid("Picture")).to_be_visible()
        self.kept()
        handout = hand_out(self.maren, self.keepers_log.pk)
        student = self.new_browser().new_page()
        JoinPage(student).join(handout.code, "Ama Lindqvist")
        expect(student.get_by_role("columnheader", name="Zone")).to_be_visible()
        picture = student.get_by_role("img", name="lobster")
        student.wait_for_function("image => image.naturalWidth > 0", arg=picture.element_handle())
        place = picture.bounding_box()
        assert place
        student.mouse.move(place["x"] + 20, place["y"] + 20)
        touched = student.evaluate(
            "([x, y]) => document.elementFromPoint(x, y).closest('[data-fixture]') !== null",
            [place["x"] + 20, place["y"] + 20],
        )
        self.assertFalse(touched)
        self.assert_accessible(student)
        self.assertEqual(Worksheet.objects.get(pk=self.keepers_log.pk).owner.email, MAREN.email)
