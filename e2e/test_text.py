"""The text that is printed on pages: for those who listen, and for finding a worksheet again."""

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage


class Text(Journey):
    def test_a_student_who_listens_hears_what_is_printed(self) -> None:
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/handouts/{self.handout.pk}/")
        sheet = JoinPage(self.new_browser().new_page()).follow(HandoutPage(teacher).link, "Sena Adeyemi")
        printed = sheet.page.locator(".paper > p.sr-only")
        expect(printed).to_contain_text("Reading a tide table", timeout=20_000)
        expect(printed).to_contain_text("High tide")
        self.assert_accessible(sheet.page)

    def test_a_worksheet_is_found_by_a_word_on_its_pages(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto(f"/worksheets/{self.keepers_log.pk}/")
        expect(page.locator(".paper > p.sr-only").first).to_contain_text("Gull Rock", timeout=20_000)
        page.goto("/desk/")
        expect(page.get_by_role("main").get_by_role("listitem")).to_have_count(2)
        page.get_by_label("Find a worksheet").fill("merry ANNE")
        expect(page.get_by_text("1 worksheet", exact=True)).to_be_visible()
        expect(page.get_by_role("main").get_by_role("listitem")).to_contain_text("keeper's log")
        page.get_by_label("Find a worksheet").fill("submarine")
        expect(page.get_by_text("0 worksheets")).to_be_visible()
        page.get_by_label("Find a worksheet").fill("")
        expect(page.get_by_role("main").get_by_role("listitem")).to_have_count(2)
