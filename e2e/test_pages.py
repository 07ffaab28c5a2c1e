from playwright.sync_api import Locator, expect

from e2e.files import file
from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage
from velum.testing import papers, pictures


class Pages(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page)
        self.page.goto(f"/worksheets/{self.keepers_log.pk}/#pages")
        expect(self.pressed(3)).to_be_visible()

    def sheets(self) -> Locator:
        return self.page.get_by_role("list", name="Pages", exact=True).get_by_role("listitem")

    def pressed(self, number: int) -> Locator:
        """A page by its number, to be chosen or let go."""
        return self.page.get_by_role("button", name=f"Page {number}", exact=True)

    def picture(self, number: int) -> Locator:
        return self.pressed(number).locator("img")

    def press(self, what: str, *numbers: int) -> None:
        """Choose pages, and do something with them."""
        chosen = self.page.get_by_role("button", pressed=True)
        while chosen.count():
            chosen.first.click()
        for number in numbers:
            self.pressed(number).click()
        self.editor.slip.get_by_role("button", name=what).click()

    def document(self) -> dict[str, list[dict[str, object]]]:
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        document: dict[str, list[dict[str, object]]] = self.keepers_log.document
        return document

    def test_a_page_is_moved_and_its_boxes_with_it(self) -> None:
        expect(self.sheets().nth(1)).to_contain_text("7 fields")
        self.press("Earlier", 2)
        expect(self.sheets().nth(0)).to_contain_text("7 fields")
        self.assertEqual([page["number"] for page in self.document()["pages"]], [1, 0, 2])
        self.editor.undo.click()
        expect(self.sheets().nth(1)).to_contain_text("7 fields")

    def test_a_page_is_turned_and_drawn_anew(self) -> None:
        self.press("Turn", 2)
        expect(self.sheets().nth(1)).to_contain_text("297 × 210 mm")
        self.page.wait_for_function(
            "() => { const i = document.querySelector('button[aria-label=\"Page 2\"] img');"
            " return i && i.complete && i.naturalWidth > i.naturalHeight }"
        )
        self.assertEqual(self.document()["pages"][1]["turn"], 90)
        self.editor.step("Film")
        expect(self.editor.boxes().first).to_be_visible()

    def test_a_page_is_set_aside_and_brought_back_with_all_that_lay_on_it(self) -> None:
        self.press("Set aside", 2)
        expect(self.sheets()).to_have_count(2)
        expect(self.page.get_by_role("list", name="Pages set aside").get_by_role("listitem")).to_have_count(1)
        self.assertEqual(len(self.document()["fields"]), 8)
        self.editor.undo.click()
        expect(self.sheets()).to_have_count(3)
        expect(self.sheets().nth(1)).to_contain_text("7 fields")
        self.assertEqual(len(self.document()["keys"]), 10)
        self.press("Set aside", 1)
        self.page.reload()
        self.page.get_by_role("button", name="Bring back page set aside 1").click()
        expect(self.sheets()).to_have_count(3)

    def test_a_page_is_doubled(self) -> None:
        self.press("Double", 1)
        expect(self.sheets()).to_have_count(4)
        expect(self.picture(4)).to_be_visible()
        self.editor.undo.click()
        expect(self.sheets()).to_have_count(3)
        self.editor.expect_saved()
        self.editor.redo.click()
        expect(self.sheets()).to_have_count(4)
        self.assertEqual([page["number"] for page in self.document()["pages"]], [0, 0, 1, 2])

    def test_students_get_the_pages_that_are_left_in_their_order(self) -> None:
        self.press("Set aside", 1)
        self.press("Turn", 1)
        self.assertEqual(len(self.document()["pages"]), 2)
        self.editor.step("Hand out")
        self.page.get_by_role("button", name="Hand out to anybody").click()
        self.page.wait_for_url("**/handouts/**")
        sheet = JoinPage(self.new_browser().new_page()).follow(HandoutPage(self.page).link, "Ama Lindqvist")
        first = sheet.page.get_by_role("img", name="Page 1 of 2")
        expect(first).to_be_visible()
        self.assertTrue(first.evaluate("image => image.naturalWidth > image.naturalHeight"))

    def test_pages_of_more_files_are_added(self) -> None:
        photo = file("photo.jpg", pictures.turned_photo())
        more = file("two.pdf", papers.pdf(2, words="More"))
        self.page.get_by_label("Add pages from files").set_input_files([photo, more])
        expect(self.sheets()).to_have_count(6)
        expect(self.picture(6)).to_be_visible()
        self.editor.undo.click()
        expect(self.sheets()).to_have_count(3)
        self.editor.redo.click()
        expect(self.sheets()).to_have_count(6)
        self.press("Earlier", 6)
        self.assertEqual(len(self.document()["pages"]), 6)

    def test_a_file_that_is_refused_leaves_the_pages_as_they_are(self) -> None:
        self.expected_problems = r"status of 422"
        notes = file("notes.txt", b"Dear Maren")
        self.page.get_by_label("Add pages from files").set_input_files(notes)
        expect(self.page.get_by_role("alert")).to_contain_text("neither a PDF nor a picture")
        expect(self.sheets()).to_have_count(3)

    def test_a_blank_page_is_added(self) -> None:
        self.page.get_by_label("New page").select_option("Squared")
        self.page.get_by_label("Size").select_option("Letter lying")
        self.page.get_by_role("button", name="Add it").click()
        expect(self.sheets().nth(3)).to_contain_text("279 × 216 mm")
        expect(self.picture(4)).to_be_visible()
        self.press("Turn", 4)
        expect(self.sheets().nth(3)).to_contain_text("216 × 279 mm")
        self.assertEqual(self.document()["pages"][3]["turn"], 90)

    def test_a_blank_page_of_any_size_is_added(self) -> None:
        self.page.get_by_label("Size").select_option("Another size")
        self.page.get_by_label("Width (mm)").fill("100")
        self.page.get_by_label("Height (mm)").fill("320")
        self.page.get_by_role("button", name="Add it").click()
        expect(self.sheets().nth(3)).to_contain_text("100 × 320 mm")

    def test_several_pages_are_chosen_and_moved_together(self) -> None:
        self.press("Later", 1, 2)
        self.assertEqual([page["number"] for page in self.document()["pages"]], [2, 0, 1])
        self.page.get_by_label("Move to place").fill("1")
        self.page.keyboard.press("Enter")
        self.assertEqual([page["number"] for page in self.document()["pages"]], [0, 1, 2])

    def test_pages_are_chosen_by_number_and_only_they_are_kept(self) -> None:
        self.page.get_by_label("Choose by number").fill("1, 3")
        self.page.keyboard.press("Enter")
        expect(self.editor.slip.get_by_role("heading")).to_have_text("2 pages")
        self.editor.slip.get_by_role("button", name="Keep only these").click()
        expect(self.sheets()).to_have_count(2)
        self.assertEqual([page["number"] for page in self.document()["aside"]], [1])
        self.editor.undo.click()
        expect(self.sheets()).to_have_count(3)
        self.assertEqual(len(self.document()["fields"]), 15)

    def test_shift_chooses_all_pages_up_to_there(self) -> None:
        self.pressed(1).click()
        self.pressed(3).click(modifiers=["Shift"])
        expect(self.page.get_by_role("button", pressed=True)).to_have_count(3)
        expect(self.editor.slip.get_by_role("button", name="Set aside")).to_be_disabled()

    def test_it_is_accessible(self) -> None:
        self.press("Set aside", 3)
        self.assert_accessible(self.page)
        self.pressed(1).click()
        self.assert_accessible(self.page)
