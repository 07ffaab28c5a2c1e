"""Free notes: laid by pressing the page, written on, moved, taken away; by mouse, finger and keyboard."""

from typing import Any

from playwright.sync_api import expect

from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.document.tests.examples import answer_box
from velum.kinds.free_note import FREE_NOTE, FreeNote


class OnTheSheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        page = document.pages[0]
        box = answer_box("box1").changed(page=page.id)
        whole = box.box.changed(x=0, y=0, width=page.width, height=page.height)
        notes = FREE_NOTE.example[0].changed(
            page=page.id, box=whole, whole_page=True, points=0, name="What puzzles you"
        )
        replace(self.keepers_log, document.changed(fields=(box, notes), keys={}, groups=()))
        self.handed = hand_out(self.maren, self.keepers_log.pk)

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def notes(self) -> list[dict[str, Any]]:
        rows = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.filter(field_id="notes001")
        return [row.value for row in rows if row.value["text"]]

    def expect_notes(self, *texts: str) -> None:
        wait_until(lambda: sorted(note["text"] for note in self.notes()) == sorted(texts), f"the server has {texts}")

    def test_by_mouse_beside_what_else_is_answered(self) -> None:
        sheet = self.join()
        page = sheet.page
        sheet.write(1, "a gale")
        sheet.bead(2).click()
        page.get_by_role("button", name="Blue").click()
        page.get_by_role("button", name="Lay a note: press the page").click()
        page.mouse.click(500, 300)
        page.keyboard.type("Why the tin?")
        self.expect_notes("Why the tin?")
        (note,) = self.notes()
        self.assertEqual(note["colour"], "blue")
        grip = page.get_by_role("button", name="Move note 1 with the arrow keys").bounding_box()
        assert grip
        page.mouse.move(grip["x"] + 8, grip["y"] + 8)
        page.mouse.down()
        page.mouse.move(grip["x"] + 108, grip["y"] + 58, steps=4)
        page.mouse.up()
        wait_until(lambda: self.notes()[0]["x"] > note["x"] + 30, "it lies farther right")
        self.assert_accessible(page)
        # The box beneath is written in as before.
        sheet.write(1, "a storm")
        page.reload()
        expect(page.get_by_label("Words of note 1")).to_have_value("Why the tin?")
        page.get_by_role("button", name="Take note 1 away").click()
        self.expect_notes()
        # One that is laid and left without a word was not meant.
        sheet.bead(2).click()
        page.get_by_role("button", name="Lay it where there is room").click()
        expect(page.get_by_label("Words of note 1")).to_be_focused()
        sheet.answer(1).click()
        expect(page.get_by_label("Words of note 1")).to_have_count(0)

    def test_by_keyboard_and_seen_by_the_teacher(self) -> None:
        sheet = self.join()
        page = sheet.page
        sheet.bead(2).click()
        page.get_by_role("button", name="Lay it where there is room").press("Enter")
        page.keyboard.type("Who came?")
        page.get_by_role("button", name="Move note 1 with the arrow keys").focus()
        self.expect_notes("Who came?")
        x = self.notes()[0]["x"]
        page.keyboard.press("Shift+ArrowRight")
        wait_until(lambda: self.notes()[0]["x"] == x + 24, "it lies farther right")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in").first.click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        review = self.teacher_browser().new_page()
        review.goto(f"/copies/{sheet.copy_id}/")
        expect(review.locator(".free-note")).to_have_text("Who came?")
        self.assert_accessible(review)

    def test_by_finger_on_a_phone(self) -> None:
        sheet = self.join(**PHONE)
        page = sheet.page
        page.get_by_role("button", name="Next blank").tap()
        page.get_by_role("button", name="Lay a note: press the page").tap()
        page.touchscreen.tap(180, 300)
        page.keyboard.type("Who came?")
        self.expect_notes("Who came?")
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def test_they_are_allowed_in_a_part_of_the_page_or_anywhere(self) -> None:
        document = documents.read(self.tide_table)
        replace(self.tide_table, document.changed(fields=(), keys={}, groups=()))
        page = self.teacher_browser().new_page()
        editor = EditorPage(page).open(self.tide_table.pk)
        page.get_by_role("button", name="Free notes").click()
        editor.draw(60, 620, 560, 720)
        page.get_by_label("Anywhere on the page").check()
        editor.expect_saved()
        self.tide_table.refresh_from_db()
        document = documents.read(self.tide_table)
        (field,) = document.fields
        assert isinstance(field, FreeNote)
        self.assertEqual((field.whole_page, field.points, field.box.height), (True, 0, document.pages[0].height))
        self.assert_accessible(page)
