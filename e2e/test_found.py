"""What is found on a page is offered, and taken: all of it, one by one, by pressing it, with the keyboard alone."""

from pathlib import Path
from typing import Any

from playwright.sync_api import Locator, expect

from e2e.files import file
from e2e.journey import Journey
from e2e.pages.desk import DeskPage
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out
from server.worksheets.models import Worksheet
from velum.testing import papers

PAGES = Path(__file__).resolve().parents[1] / "bench" / "pages" / "develop"


class Found(Journey):
    def bring_in(self, name: str) -> EditorPage:
        page = self.teacher_browser().new_page()
        editor = DeskPage(page).open().bring_in(PAGES / f"{name}.pdf")
        editor.step("Film")
        return editor

    def offer(self, editor: EditorPage) -> Locator:
        return editor.page.get_by_role("region", name="Found on the pages")

    def fields(self) -> list[dict[str, object]]:
        fields: list[dict[str, object]] = Worksheet.objects.latest("created_at").document["fields"]
        return fields

    def test_blanks_become_slots_for_the_words_printed_in_a_bank_and_columns_are_joined(self) -> None:
        page = self.teacher_browser().new_page()
        editor = DeskPage(page).open().bring_in(file("weather.pdf", papers.weather()))
        editor.step("Film")
        offer = self.offer(editor)
        offer.get_by_role("button", name="3 blanks as slots for them").click()
        editor.expect_saved()
        (bank,) = self.fields()
        self.assertEqual([piece["words"] for piece in bank["pieces"]], ["lamp", "fog horn", "lens", "stairs"])  # type: ignore[attr-defined]
        self.assertEqual(len(bank["slots"]), 3)  # type: ignore[arg-type]
        offer.get_by_role("button", name="Take it").click()
        editor.expect_saved()
        (joins,) = [field for field in self.fields() if field["kind"] == "joins"]
        self.assertEqual(len(joins["dots"]), 6)  # type: ignore[arg-type]
        self.assert_accessible(page)

    def test_all_that_is_found_is_taken_in_one_step(self) -> None:
        editor = self.bring_in("browser_exam")
        offer = self.offer(editor)
        expect(offer).to_contain_text("4 places found")
        expect(editor.told).to_contain_text("4 places to answer were found")
        self.assert_accessible(editor.page)
        offer.get_by_role("button", name="Take all").click()
        expect(offer).to_have_count(0)
        editor.expect_boxes(4)
        editor.expect_saved()
        self.assertEqual([field["number"] for field in self.fields()], ["1a", "1b", "2a", "2b"])
        editor.undo.click()
        expect(offer).to_contain_text("4 places found")
        editor.expect_boxes(0)
        editor.redo.click()
        editor.expect_boxes(4)
        editor.expect_saved()
        editor.page.reload()
        editor.expect_boxes(4)
        expect(offer).to_have_count(0)

    def test_one_is_taken_by_pressing_it_on_the_page(self) -> None:
        editor = self.bring_in("browser_exam")
        editor.page.get_by_role("button", name="Take what was found: Answer box 1b").click()
        editor.expect_boxes(1)
        expect(self.offer(editor)).to_contain_text("3 places found")
        expect(editor.slip).to_contain_text("Question 1b")
        editor.expect_saved()
        self.assertEqual([field["number"] for field in self.fields()], ["1b"])

    def test_one_by_one_with_the_keyboard_alone(self) -> None:
        editor = self.bring_in("browser_choice_column")
        offer = self.offer(editor)
        expect(offer).to_be_visible()
        offer.get_by_role("button", name="One by one").focus()
        editor.page.keyboard.press("Enter")
        expect(offer.get_by_role("listitem")).to_have_count(2)
        # Past "Refuse all" to the first of the list.
        for key in ("Tab", "Tab", "Enter"):
            editor.page.keyboard.press(key)
        editor.expect_boxes(1)
        expect(offer.get_by_role("listitem")).to_have_count(1)
        editor.expect_saved()
        self.assertEqual([field["kind"] for field in self.fields()], ["tick_places"])

    def test_those_in_a_region_are_taken(self) -> None:
        editor = self.bring_in("browser_exam")
        offer = self.offer(editor)
        offer.get_by_role("button", name="In a region").click()
        places = [place for one in editor.page.locator("[data-found]").all()[:2] if (place := one.bounding_box())]
        left, top = min(place["x"] for place in places), min(place["y"] for place in places)
        last = places[-1]
        editor.drag(left - 20, top - 6, last["x"] + last["width"] + 10, last["y"] + last["height"] + 4)
        editor.expect_boxes(2)
        expect(offer).to_contain_text("2 places found")
        editor.undo.click()
        editor.expect_boxes(0)

    def test_options_are_taken_as_a_choice_and_waiting_pages_are_named(self) -> None:
        editor = self.bring_in("browser_choice_column")
        offer = self.offer(editor)
        expect(editor.slip.get_by_role("region", name="Look-over")).to_contain_text("Page 1: 2")
        offer.get_by_role("button", name="One by one").click()
        offer.get_by_label("Take it otherwise").first.select_option("As a choice")
        editor.expect_boxes(1)
        editor.expect_saved()
        (field,) = self.fields()
        options: Any = field["options"]
        self.assertEqual((field["kind"], field["number"]), ("choice", "1"))
        self.assertEqual([option["text"] for option in options], ["the lamp", "the stove", "a candle", "a fire"])
        expect(offer).to_contain_text("1 place found")
        editor.page.goto("/desk/")
        expect(DeskPage(editor.page).sheet("browser choice column")).to_contain_text("found on page 1 and wait")

    def test_a_box_is_drawn_over_what_was_found(self) -> None:
        editor = self.bring_in("browser_exam")
        expect(self.offer(editor)).to_contain_text("4 places found")
        editor.draw(180, 210, 600, 270)
        editor.expect_boxes(1)
        expect(self.offer(editor)).to_contain_text("3 places found")

    def test_what_is_refused_stays_refused_and_can_be_taken_back(self) -> None:
        editor = self.bring_in("browser_exam")
        offer = self.offer(editor)
        offer.get_by_role("button", name="One by one").click()
        offer.get_by_role("listitem").filter(has_text="1b").get_by_role("button", name="Refuse").click()
        expect(offer).to_contain_text("3 places found")
        offer.get_by_role("button", name="Refuse all").click()
        expect(offer).to_have_count(0)
        expect(editor.page.locator("[data-found]")).to_have_count(0)
        editor.expect_saved()
        with editor.page.expect_response("**/found"):
            editor.page.reload()
        expect(editor.paper(0)).to_be_visible()
        expect(offer).to_have_count(0)
        self.assertEqual(len(Worksheet.objects.latest("created_at").document["pages"][0]["refused"]), 4)

    def test_students_find_their_names_written_where_the_page_asks_for_them(self) -> None:
        editor = self.bring_in("browser_fill")
        switch = editor.slip.get_by_label("Students find their names written")
        switch.check()
        expect(editor.page.locator("main [data-fixture]")).to_have_count(1)  # not where it asks for the class
        switch.uncheck()
        expect(editor.page.locator("main [data-fixture]")).to_have_count(0)
        editor.undo.click()
        editor.page.keyboard.press("Escape")
        expect(switch).to_be_checked()
        self.offer(editor).get_by_role("button", name="Take all").click()
        editor.expect_saved()
        handed = hand_out(self.maren, Worksheet.objects.latest("created_at").pk)
        student = JoinPage(self.new_browser().new_page()).join(handed.code, "Ama Lindqvist")
        expect(student.page.locator("main [data-fixture]")).to_have_text("Ama Lindqvist")

    def test_refusing_is_a_step_that_is_undone(self) -> None:
        editor = self.bring_in("browser_exam")
        offer = self.offer(editor)
        offer.get_by_role("button", name="Refuse all").click()
        expect(offer).to_have_count(0)
        editor.undo.click()
        expect(offer).to_contain_text("4 places found")

    def test_a_page_of_text_offers_nothing(self) -> None:
        editor = self.bring_in("browser_passage")
        with editor.page.expect_response("**/found"):
            pass
        expect(self.offer(editor)).to_have_count(0)
