"""A newer version of a paper, put under boxes that are placed."""

from playwright.sync_api import expect

from demo.papers import keepers_log
from e2e.files import file
from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from velum.testing import papers


class Replace(Journey):
    expected_problems = r"status of 422"

    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.editor = EditorPage(self.page)
        self.page.goto(f"/worksheets/{self.keepers_log.pk}/#pages")
        self.page.get_by_role("button", name="Replace the paper…").click()
        self.dialog = self.page.get_by_role("dialog")

    def choose(self, data: bytes) -> None:
        path = file("newer.pdf", data)
        self.dialog.get_by_label("Choose the new version").set_input_files(path)

    def document(self) -> dict[str, list[dict[str, dict[str, float]]]]:
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        document: dict[str, list[dict[str, dict[str, float]]]] = self.keepers_log.document
        return document

    def test_boxes_move_with_what_is_printed_and_all_is_taken_back(self) -> None:
        before = self.document()
        self.choose(papers.moved(keepers_log.draw(), 0, 18))
        pages = self.dialog.get_by_role("list", name="Pages and their new versions").get_by_role("listitem")
        expect(pages).to_have_count(3)
        expect(pages.nth(1)).to_contain_text("Down: 6.4 mm.")
        expect(pages.nth(1).get_by_role("img", name="Page 2, new version")).to_be_visible()
        self.assert_accessible(self.page)
        self.dialog.get_by_role("button", name="Use the new version").click()
        expect(self.dialog).to_have_count(0)
        after = self.document()
        self.assertNotEqual(after["pages"][1]["source"], before["pages"][1]["source"])
        for was, now in zip(before["fields"], after["fields"], strict=True):
            self.assertAlmostEqual(now["box"]["y"] - was["box"]["y"], 18, delta=0.4)
        self.editor.undo.click()
        again = self.document()
        self.assertEqual((again["pages"], again["fields"]), (before["pages"], before["fields"]))

    def test_boxes_whose_print_changed_are_listed_and_led_to(self) -> None:
        changed = papers.painted_over(keepers_log.draw(), 1, (40, 110, 520, 60), "A new question about the whales")
        self.choose(changed)
        pages = self.dialog.get_by_role("list", name="Pages and their new versions").get_by_role("listitem")
        expect(pages.nth(1)).to_contain_text("need")
        self.dialog.get_by_label("Replace this page").nth(0).uncheck()
        self.dialog.get_by_role("button", name="Use the new version").click()
        self.editor.step("Film")
        doubtful = self.editor.slip.get_by_role("list", name="Boxes that need a look")
        expect(doubtful.get_by_role("button").first).to_have_text("Answer box 1")
        count = doubtful.get_by_role("button").count()
        doubtful.get_by_role("button").first.click()
        expect(self.editor.box(1)).to_have_attribute("aria-pressed", "true")
        self.page.keyboard.press("Escape")
        if count > 1:
            expect(doubtful.get_by_role("button")).to_have_count(count - 1)
        sources = [page["source"] for page in self.document()["pages"]]
        self.assertNotEqual(sources[0], sources[1])

    def test_a_shorter_version_leaves_the_other_pages_alone(self) -> None:
        self.choose(papers.first_pages(keepers_log.draw(), 2))
        expect(self.dialog).to_contain_text("The new version has no page for Page 3")
        expect(self.dialog.get_by_role("button", name="Use the new version")).to_be_enabled()
        self.page.keyboard.press("Escape")
        self.assertEqual(len(self.document()["pages"]), 3)

    def test_what_is_no_paper_changes_nothing(self) -> None:
        path = file("notes.txt", b"Dear Maren")
        self.dialog.get_by_label("Choose the new version").set_input_files(path)
        expect(self.dialog.get_by_role("alert")).to_contain_text("neither a PDF nor a picture")
        self.assertEqual(len(self.document()["aside"]), 0)
