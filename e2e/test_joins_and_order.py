"""Dots that are joined, and places that are numbered: by mouse, finger and keyboard."""

import re
from typing import Any

from playwright.sync_api import Locator, Page, expect

from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import Handout
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.joins import JOINS
from velum.kinds.order import ORDER


class OnTheSheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        page = document.pages[0].id
        joins, lines, _ = JOINS.example
        order, sequence, _ = ORDER.example
        fields = (order.changed(page=page, box=order.box.changed(x=20)), joins.changed(page=page))
        keys = {order.id: sequence, joins.id: lines}
        replace(self.keepers_log, document.changed(fields=fields, keys=keys, groups=()))
        self.handed: Handout = hand_out(self.maren, self.keepers_log.pk)

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def dot(self, page: Page, name: str) -> Locator:
        return page.locator("main").get_by_role("button", name=re.compile(rf"^{name}(,|$)"))

    def answers(self) -> dict[str, Any]:
        """The lines that are drawn, and the order, as the server has them."""
        rows = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.all()
        drawn = {row.entry for row in rows if row.value.get("drawn")}
        return {"lines": drawn, "order": next((row.value["sequence"] for row in rows if "sequence" in row.value), [])}

    def expect_answers(self, lines: set[str], order: str = "") -> None:
        wanted = {"lines": lines, "order": order.split()}
        wait_until(lambda: self.answers() == wanted, f"the server has {wanted}")

    def test_lines_are_dragged_pressed_and_taken_away(self) -> None:
        page = self.join().page
        start, end = self.dot(page, "tern").bounding_box(), self.dot(page, "nest").bounding_box()
        assert start and end
        page.mouse.move(start["x"] + 12, start["y"] + 12)
        page.mouse.down()
        page.mouse.move(end["x"] + 6, end["y"] + 16, steps=6)
        page.mouse.up()
        expect(self.dot(page, "tern")).to_have_accessible_name("tern, joined to nest")
        self.expect_answers({"terntonest"})
        self.dot(page, "seal").click()
        self.dot(page, "nest").click()
        self.expect_answers({"sealtonest"})
        self.dot(page, "seal").click()
        self.dot(page, "nest").click()
        self.expect_answers(set())
        self.assert_accessible(page)

    def test_the_keyboard_joins(self) -> None:
        page = self.join().page
        self.dot(page, "tern").focus()
        page.keyboard.press("Enter")
        expect(page.get_by_test_id("announcer")).to_contain_text("A line from tern")
        page.keyboard.press("ArrowDown")
        page.keyboard.press("ArrowDown")
        expect(self.dot(page, "nest")).to_be_focused()
        page.keyboard.press("Enter")
        expect(page.get_by_test_id("announcer")).to_contain_text("tern is joined to nest")
        self.expect_answers({"terntonest"})
        page.reload()
        expect(self.dot(page, "nest")).to_have_accessible_name("nest, joined to tern")

    def test_places_are_numbered_by_pressing_and_marked(self) -> None:
        sheet = self.join()
        page = sheet.page
        for name in ("the boat comes", "the lamp is put out", "the lamp is lit"):
            page.get_by_role("button", name=f"{name}, no number").click()
        page.get_by_role("button", name="the boat comes, number 1").click()
        expect(page.get_by_role("button", name="the lamp is put out, number 1")).to_be_visible()
        page.get_by_role("button", name="the boat comes, no number").press("Enter")
        self.expect_answers(set(), "dawn dusk noon")
        self.dot(page, "tern").click()
        self.dot(page, "nest").click()
        self.expect_answers({"terntonest"}, "dawn dusk noon")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in", exact=True).click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed).values_list("field_id", "verdict")
        self.assertEqual(dict(marks), {"hours1": "partly", "homes1": "partly"})

    def test_a_finger_does_both_on_the_page_and_from_the_dock(self) -> None:
        page = self.join(**PHONE).page
        dock = page.get_by_role("region", name="The question in hand")
        dock.get_by_role("button", name="the lamp is lit, no number").tap()
        self.expect_answers(set(), "dusk")
        page.get_by_role("button", name="Next blank").tap()
        dock.get_by_label("tern is joined to").select_option("nest")
        self.expect_answers({"terntonest"}, "dusk")
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page).open(self.keepers_log.pk)
        self.known = {field.id for field in documents.read(self.keepers_log).fields}

    def made(self) -> Any:
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        (made,) = [field for field in self.keepers_log.document["fields"] if field["id"] not in self.known]
        return made

    def test_dots_are_laid_named_moved_and_joined_on_the_key_sheet(self) -> None:
        self.page.get_by_role("button", name="Join dots").click()
        self.editor.draw(300, 230, 620, 370)
        self.assertEqual([dot["side"] for dot in self.made()["dots"]], ["start"] * 3 + ["end"] * 3)
        self.editor.unfold("Each dot")
        self.page.get_by_label("Name of dot 1").fill("tern")
        before = self.made()["dots"][0]
        self.page.get_by_role("button", name="Move dot 1 with the arrow keys").press("Shift+ArrowDown")
        self.assertGreater(self.made()["dots"][0]["y"], before["y"])
        self.assert_accessible(self.page)
        self.editor.step("Key")
        self.page.get_by_role("button", name="tern").click()
        self.page.get_by_role("button", name="B", exact=True).click()
        made = self.made()
        key = self.keepers_log.document["keys"][made["id"]]
        self.assertEqual(key["lines"], [{"a": made["dots"][0]["id"], "b": made["dots"][4]["id"]}])

    def test_places_are_laid_and_their_order_pressed(self) -> None:
        self.page.get_by_role("button", name="Put in order").click()
        self.editor.draw(60, 220, 84, 360)
        self.editor.step("Key")
        for name in ("B", "A", "C"):
            self.page.get_by_role("button", name=f"{name}, no number").click()
        made = self.made()
        ids = [step["id"] for step in made["steps"]]
        self.assertEqual(self.keepers_log.document["keys"][made["id"]]["sequence"], [ids[1], ids[0], ids[2]])
        self.assert_accessible(self.page)
