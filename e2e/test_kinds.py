"""Choices and places to tick: from a PDF's own form, placed by hand, keyed, answered and marked."""

from typing import Any

from playwright.sync_api import Locator, Page, expect

from e2e.files import file
from e2e.journey import LAPTOP, PHONE, Journey
from e2e.pages.desk import DeskPage
from e2e.pages.editor import EditorPage
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out
from server.worksheets.models import Worksheet
from velum.testing import papers


def words_of(choice: Any) -> list[str]:
    return [option["text"] for option in choice["options"]]


class Forms(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        path = file("shore.pdf", papers.form())
        self.editor = DeskPage(self.page).open().bring_in(path)

    def key(self, number: int, option: str) -> Locator:
        group = self.page.get_by_label(f"Right answer {number}", exact=True)
        return group.get_by_label(option, exact=True)

    def hand_out(self) -> str:
        self.editor.step("Hand out")
        self.page.get_by_role("button", name="Hand out to anybody").click()
        self.page.wait_for_url("**/handouts/**")
        return HandoutPage(self.page).link

    def set_keys(self) -> None:
        self.editor.step("Key")
        self.page.get_by_label("Right answer 1", exact=True).fill("Petrel")
        self.key(3, "low").check()
        self.key(4, "A").check()
        self.page.get_by_label("Right answer 5", exact=True).select_option("gale")
        self.key(6, "tern").check()
        self.editor.expect_saved()

    def answer(self, page: Page) -> None:
        page.get_by_label("Answer 1: Name of the boat").fill("petrel")
        page.get_by_label("Answer 3: Which zone?").get_by_label("splash").check()
        page.get_by_label("Answer 4: I have seen it").get_by_label("A").check()
        page.get_by_label("Answer 5: Wind").select_option("gale")
        birds = page.get_by_label("Answer 6: Birds")
        birds.get_by_label("gull").check()
        birds.get_by_label("tern").check()

    def test_a_forms_fields_lie_on_the_film_with_their_names(self) -> None:
        self.editor.expect_boxes(7)
        kinds = [self.editor.boxes().nth(i).get_attribute("aria-label") or "" for i in range(7)]
        self.assertEqual(sum("Answer box" in kind for kind in kinds), 3)
        self.assertEqual(sum("Tick places" in kind for kind in kinds), 2)
        self.assertEqual(sum("Choice" in kind for kind in kinds), 2)
        self.assert_accessible(self.page)

    def test_they_are_keyed_answered_and_marked(self) -> None:
        self.set_keys()
        self.assert_accessible(self.page)
        student = self.new_browser().new_page()
        sheet = JoinPage(student).follow(self.hand_out(), "Ama Lindqvist")
        self.answer(student)
        self.assert_accessible(student)
        expect(student.get_by_label("Answer 3: Which zone?").get_by_label("splash")).to_be_checked()
        student.reload()
        expect(student.get_by_label("Answer 3: Which zone?").get_by_label("splash")).to_be_checked()
        expect(student.get_by_label("Answer 5: Wind")).to_have_value("opt02")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(student.get_by_text("Handed in")).to_be_visible()
        self.page.reload()
        row = self.page.get_by_role("row").filter(has_text="Ama Lindqvist")
        expect(row).to_contain_text("3")
        self.page.get_by_role("link", name="Ama Lindqvist").click()
        self.page.get_by_role("button", name="Question 3: splash, not right").click()
        expect(self.page.get_by_text("another option is the right one")).to_be_visible()
        self.assert_accessible(self.page)

    def test_the_keyboard_picks_and_lets_go(self) -> None:
        student = self.new_browser().new_page()
        JoinPage(student).follow(self.hand_out(), "Ama Lindqvist")
        zone = student.get_by_label("Answer 3: Which zone?")
        zone.get_by_label("splash").focus()
        student.keyboard.press("Space")
        expect(zone.get_by_label("splash")).to_be_checked()
        student.keyboard.press("ArrowRight")
        expect(zone.get_by_label("middle")).to_be_checked()
        student.keyboard.press("Delete")
        expect(zone.locator("input:checked")).to_have_count(0)

    def test_a_phone_shows_the_options_under_the_thumb(self) -> None:
        student = self.new_browser(**PHONE).new_page()
        JoinPage(student).follow(self.hand_out(), "Ama Lindqvist")
        dock = student.get_by_label("The question in hand")
        for _ in range(2):
            dock.get_by_role("button", name="Next blank").click()
        dock.get_by_text("middle").click()
        expect(dock.get_by_label("middle")).to_be_checked()
        self.assert_accessible(student)
        expect(student.get_by_role("button", name="Question 3: middle")).to_be_visible()


class Placing(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page).open(self.tide_table.pk)
        self.count = len(self.tide_table.document["fields"])

    def made(self) -> dict[str, Any]:
        self.editor.expect_saved()
        sheet = Worksheet.objects.get(pk=self.tide_table.pk)
        known = {field["id"] for field in self.tide_table.document["fields"]}
        (made,) = [field for field in sheet.document["fields"] if field["id"] not in known]
        return dict(made)

    def test_two_words_of_ones_own_in_one_step(self) -> None:
        self.page.get_by_role("button", name="Choice").click()
        self.editor.draw(60, 640, 260, 670)
        self.page.get_by_label("Two words of your own").fill("rises / falls")
        self.page.keyboard.press("Enter")
        self.assertEqual(words_of(self.made()), ["rises", "falls"])

    def test_an_option_is_a_picture_that_students_see_and_hear_of(self) -> None:
        self.page.get_by_role("button", name="Choice").click()
        self.editor.draw(60, 640, 360, 720)
        self.page.get_by_role("group", name="Options").get_by_text("2", exact=True).click()
        self.page.get_by_text("Words or pictures of the options").click()
        self.page.get_by_role("button", name="A picture for A").click()
        dialog = self.page.get_by_role("dialog")
        dialog.get_by_label("Find").fill("lobster")
        dialog.get_by_role("button", name="lobster").first.click()
        expect(self.page.get_by_label("A, what its picture shows")).to_have_value("lobster")
        self.assert_accessible(self.page)
        made = self.made()
        self.assertEqual(words_of(made), ["lobster", ""])
        handout = hand_out(self.maren, self.tide_table.pk)
        for device in (LAPTOP, PHONE):
            page = self.new_browser(**device).new_page()
            JoinPage(page).join(handout.code, f"Zoe Quill {device is PHONE}")
            field = page.locator(f'[data-field="{made["id"]}"]')
            field.scroll_into_view_if_needed()
            if device is PHONE:
                field.get_by_role("button").click()
            place = page.get_by_label("The question in hand") if device is PHONE else field
            picture = place.locator("img")
            page.wait_for_function("image => image.naturalWidth > 0", arg=picture.element_handle())
            place.get_by_role("radio", name="lobster").check(force=True)
            expect(place.get_by_role("radio", name="lobster")).to_be_checked()
            self.assert_accessible(page)

    def test_a_choice_of_bare_letters_needs_no_typing(self) -> None:
        self.page.get_by_role("button", name="Choice").click()
        self.editor.draw(60, 640, 260, 670)
        self.page.get_by_role("group", name="Options").get_by_text("4", exact=True).click()
        self.assertEqual(words_of(self.made()), ["", "", "", ""])
        self.page.get_by_role("button", name="true / false").click()
        self.page.get_by_label("They stand").select_option("column")
        made = self.made()
        self.assertEqual((words_of(made), made["arrangement"]), (["true", "false"], "column"))
        self.editor.undo.click()
        self.assertEqual(self.made()["arrangement"], "row")
        self.assertEqual(self.made()["sign"], "ring")
        self.page.get_by_role("group", name="Students put a").get_by_text("Cross").click()
        self.assertEqual(self.made()["sign"], "cross")
        self.editor.step("Key")
        self.page.locator("[data-field]").get_by_role("radio").last.check()
        expect(self.page.locator("[data-sign=cross]")).to_be_visible()

    def test_places_to_tick_are_laid_over_what_is_printed_and_turn_with_the_page(self) -> None:
        self.page.get_by_role("button", name="Tick places").click()
        self.editor.draw(60, 620, 80, 700)
        self.page.get_by_label("Places to tick").fill("3")
        self.page.keyboard.press("Tab")
        made = self.made()
        self.assertEqual(len(made["spots"]), 3)
        self.page.get_by_text("Several", exact=True).click()
        self.editor.step("Pages")
        self.page.get_by_role("button", name="Page 1", exact=True).click()
        self.editor.slip.get_by_role("button", name="Turn", exact=True).click()
        spots = self.made()["spots"]
        assert isinstance(spots, list)
        self.assertEqual([spot["y"] for spot in spots], [0, 0, 0], "a column has become a row")
