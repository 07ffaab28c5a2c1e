"""What a screen says when a part of it does not come over the network."""

from playwright.sync_api import Page, expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage


class Loading(Journey):
    expected_problems = r"ERR_FAILED|Failed to fetch dynamically imported module|preloaded using link preload"

    def without(self, page: Page, part: str) -> None:
        page.route(part, lambda route: route.abort())

    def test_a_screen_that_does_not_come_says_so(self) -> None:
        page = self.new_browser().new_page()
        sheet = JoinPage(page).join(self.handout.code, "Kaito Brandt")
        expect(sheet.answer(1)).to_be_visible()
        self.without(page, "**/assets/main-*.js")
        page.reload()
        expect(page.get_by_text("Velum is still loading.")).to_be_visible()
        page.unroute_all()
        page.get_by_role("link", name="try again").click()
        expect(sheet.answer(1)).to_be_visible()

    def test_a_kind_that_does_not_come_is_told_and_loaded_again(self) -> None:
        page = self.new_browser().new_page()
        self.without(page, "**/assets/student-*.js")
        JoinPage(page).join(self.handout.code, "Kaito Brandt")
        expect(page.get_by_role("alert")).to_contain_text("A part of Velum could not be loaded.")
        self.assert_accessible(page)
        page.unroute_all()
        page.get_by_role("button", name="Try again").click()
        expect(SheetPage(page).answer(1)).to_be_visible()

    def test_a_dialog_that_does_not_come_is_told_and_loaded_again(self) -> None:
        page = self.teacher_browser().new_page()
        EditorPage(page).open(self.tide_table.pk, "key")
        self.without(page, "**/assets/PasteKey-*.js")
        page.get_by_role("button", name="Paste a key").click()
        alert = page.get_by_role("alert").filter(has_text="could not be loaded")
        expect(alert).to_be_visible()
        alert.get_by_role("button", name="Go on without it").click()
        expect(alert).to_have_count(0)
        page.get_by_role("button", name="Paste a key").click()
        expect(alert).to_be_visible()
        page.unroute_all()
        alert.get_by_role("button", name="Try again").click()
        expect(page.get_by_role("dialog", name="Paste a key")).to_be_visible()

    def test_only_the_kinds_of_a_sheet_are_loaded(self) -> None:
        page = self.new_browser().new_page()
        asked: list[str] = []
        page.on("request", lambda request: asked.append(request.url))
        sheet = JoinPage(page).join(self.handout.code, "Kaito Brandt")
        expect(sheet.answer(1)).to_be_visible()
        self.assertEqual(sum("/student-" in url for url in asked), len(self.kinds()))

    def kinds(self) -> set[str]:
        return {field["kind"] for field in self.tide_table.document["fields"]}
