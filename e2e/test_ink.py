"""Ink: written with the mouse, a pen and a finger, rubbed out, undone, typed; and kept stroke by stroke."""

from typing import Any

from playwright.sync_api import Locator, Page, expect

from e2e.journey import PHONE, TABLET, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.ink import INK, points_of

_POINTERS = """(place, [type, id, points, kind]) => {
  const at = place.getBoundingClientRect();
  const send = (name, [x, y]) => place.dispatchEvent(new PointerEvent(name, {
    pointerType: type, pointerId: id, clientX: at.left + x, clientY: at.top + y, pressure: 0.5, isPrimary: true,
    button: name === "pointermove" ? -1 : 0, bubbles: true, cancelable: true,
  }));
  place.setPointerCapture = () => undefined; // these pointers are no device's
  for (const name of kind) send(name, points[0]);
  for (const point of points.slice(1)) send("pointermove", point);
}"""


class OnTheSheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        field = INK.example[0].changed(page=document.pages[0].id)
        field = field.changed(box=field.box.changed(y=200))
        page = field.changed(id="page0001", whole_page=True, page=document.pages[1].id, points=0)
        page = page.changed(box=page.box.changed(x=0, y=0, width=595, height=842))
        boxes = tuple(box for box in document.fields if box.page == document.pages[1].id)
        keys = {name: key for name, key in document.keys.items() if name in {box.id for box in boxes}}
        replace(self.keepers_log, document.changed(fields=(field, *boxes, page), keys=keys, groups=()))
        self.handed = hand_out(self.maren, self.keepers_log.pk)

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def strokes(self, field: str = "sketch01") -> list[dict[str, Any]]:
        rows = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.filter(field_id=field).order_by("pk")
        return [row.value for row in rows if row.value["path"]]

    def expect_strokes(self, count: int, field: str = "sketch01") -> list[dict[str, Any]]:
        wait_until(lambda: len(self.strokes(field)) == count, f"the server has {count} strokes")
        return self.strokes(field)

    def area(self, page: Page) -> Locator:
        return page.get_by_role("group", name="Answer 1:")

    def draw(self, page: Page, *points: tuple[float, float]) -> None:
        """Draw through points of the area, in pixels from its corner."""
        place = self.area(page).bounding_box()
        assert place
        first, *others = [(place["x"] + x, place["y"] + y) for x, y in points]
        page.mouse.move(*first)
        page.mouse.down()
        for point in others:
            page.mouse.move(*point, steps=4)
        page.mouse.up()

    def test_strokes_are_drawn_rubbed_out_and_undone(self) -> None:
        page = self.join().page
        self.draw(page, (20, 20), (120, 20), (120, 90))
        (stroke,) = self.expect_strokes(1)
        scale = 920 / 595.276
        points = points_of(stroke["path"])
        self.assertEqual(len(points), 3)
        for (x, y), (wanted_x, wanted_y) in zip(points, ((20, 20), (120, 20), (120, 90)), strict=True):
            self.assertAlmostEqual(x, 72 + wanted_x / scale, delta=1)
            self.assertAlmostEqual(y, 200 + wanted_y / scale, delta=1)
        page.get_by_role("button", name="Straight line").click()
        page.get_by_role("button", name="Blue").click()
        page.get_by_role("button", name="Thick").click()
        self.draw(page, (40, 60), (60, 75), (200, 60))
        line = self.expect_strokes(2)[1]
        self.assertEqual((line["colour"], line["width"], len(points_of(line["path"]))), ("blue", 3.5, 2))
        expect(self.area(page)).to_have_accessible_name("Answer 1: 2 strokes. Press Enter to type a note.")
        page.get_by_role("button", name="Rub out parts").click()
        self.draw(page, (160, 60), (161, 60))
        self.expect_strokes(3)
        page.get_by_role("button", name="Undo", exact=True).click()
        self.assertEqual({stroke["colour"] for stroke in self.expect_strokes(2)}, {"ink", "blue"})
        page.get_by_role("button", name="Redo").click()
        self.expect_strokes(3)
        page.get_by_role("button", name="Rub out strokes").click()
        self.draw(page, (70, 20), (71, 20))
        self.expect_strokes(2)
        self.assert_accessible(page)
        page.reload()
        expect(self.area(page)).to_have_accessible_name("Answer 1: 2 strokes. Press Enter to type a note.")

    def test_notes_are_typed_with_the_keyboard_alone(self) -> None:
        sheet = self.join()
        page = sheet.page
        self.area(page).focus()
        page.keyboard.press("Enter")
        page.get_by_label("Note", exact=True).press_sequentially("the wave")
        page.keyboard.press("Enter")
        expect(self.area(page)).to_be_focused()
        page.keyboard.press("Enter")
        page.get_by_label("Note", exact=True).press_sequentially("the shore")
        page.keyboard.press("Enter")
        first, second = self.expect_strokes(2)
        self.assertEqual((first["text"], second["text"]), ("the wave", "the shore"))
        self.assertGreater(points_of(second["path"])[0][1], points_of(first["path"])[0][1] + 12)
        page.keyboard.press("Control+z")
        self.expect_strokes(1)
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed, field_id="sketch01")
        self.assertEqual([mark.verdict for mark in marks], ["teacher"])

    def test_a_hand_beside_the_pen_does_not_write(self) -> None:
        page = self.join(**TABLET).page
        area = self.area(page)
        area.evaluate(_POINTERS, ["pen", 7, [(20, 20), (60, 40), (90, 20)], ["pointerdown"]])
        area.evaluate(_POINTERS, ["pen", 7, [(90, 20)], ["pointerup"]])
        (stroke,) = self.expect_strokes(1)
        self.assertEqual(set(stroke["pressure"]), {"5"})
        area.evaluate(_POINTERS, ["touch", 8, [(30, 80), (70, 90)], ["pointerdown"]])
        area.evaluate(_POINTERS, ["touch", 8, [(70, 90)], ["pointerup"]])
        area.evaluate(_POINTERS, ["pen", 9, [(20, 60), (60, 60)], ["pointerdown"]])
        area.evaluate(_POINTERS, ["pen", 9, [(60, 60)], ["pointerup"]])
        self.assertEqual(len(self.expect_strokes(2)), 2)

    def test_a_finger_writes_and_two_move_the_page(self) -> None:
        page = self.join(**PHONE).page
        dock = page.get_by_role("region", name="The question in hand")
        dock.get_by_role("button", name="Highlighter").tap()
        area = self.area(page)
        area.evaluate(_POINTERS, ["touch", 1, [(20, 20), (90, 40)], ["pointerdown"]])
        area.evaluate(_POINTERS, ["touch", 1, [(90, 40)], ["pointerup"]])
        (stroke,) = self.expect_strokes(1)
        self.assertEqual(stroke["tool"], "highlighter")
        before = page.locator("main").evaluate("(main) => main.scrollTop")
        area.evaluate(_POINTERS, ["touch", 2, [(60, 90)], ["pointerdown"]])
        area.evaluate(_POINTERS, ["touch", 3, [(90, 90), (90, 40)], ["pointerdown"]])
        area.evaluate(_POINTERS, ["touch", 3, [(90, 40)], ["pointerup"]])
        area.evaluate(_POINTERS, ["touch", 2, [(60, 90)], ["pointerup"]])
        self.assertGreater(page.locator("main").evaluate("(main) => main.scrollTop"), before)
        self.assertEqual(len(self.expect_strokes(1)), 1)
        self.assert_accessible(page)

    def test_over_a_whole_page_boxes_are_written_in_as_long_as_the_pen_is_not_taken(self) -> None:
        sheet = self.join()
        page = sheet.page
        sheet.answer(2).fill("Merry Anne")
        sheet.expect_saved()
        page.locator("li > button[aria-label^='Question ']").last.click()
        page.get_by_role("button", name="Write on the page").click()
        over = page.locator("[data-field=page0001]")
        place = over.bounding_box()
        assert place
        view = page.locator("main").bounding_box()
        assert view
        x, y = place["x"] + 300, max(place["y"], view["y"]) + 200
        page.mouse.move(x, y)
        page.mouse.down()
        page.mouse.move(x + 80, y + 30, steps=4)
        page.mouse.up()
        self.expect_strokes(1, "page0001")
        page.get_by_role("button", name="Write on the page").click()
        sheet.answer(3).click()
        expect(sheet.answer(3)).to_be_focused()


class OnTheFilm(Journey):
    def test_an_area_is_laid_for_working_out(self) -> None:
        page = self.teacher_browser().new_page()
        editor = EditorPage(page).open(self.keepers_log.pk)
        known = {field.id for field in documents.read(self.keepers_log).fields}
        page.get_by_role("button", name="Ink", exact=True).click()
        editor.draw(60, 620, 560, 760)
        editor.slip.get_by_label("Marked by you").uncheck()
        editor.expect_saved()
        self.assert_accessible(page)
        self.keepers_log.refresh_from_db()
        (made,) = [field for field in documents.read(self.keepers_log).fields if field.id not in known]
        self.assertEqual((made.kind, made.points), ("ink", 0))
        editor.slip.get_by_label("Over the whole page").check()
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        document = documents.read(self.keepers_log)
        whole = document.field(made.id)
        assert whole
        self.assertEqual((whole.box.x, whole.box.y), (0, 0))
        self.assertAlmostEqual(whole.box.width, document.pages[0].width, delta=0.1)
        editor.step("Key")
        expect(page.get_by_text("You look at it yourself.")).to_be_visible()
        self.assert_accessible(page)
