"""The text that is printed on pages: for those who listen, and for finding a worksheet again."""

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage

STAND_IN_VOICE = """
window.said = []; window.spoken = [];
speechSynthesis.getVoices = () => [{ name: "stand-in" }];
speechSynthesis.speak = (utterance) => { said.push(utterance.text); spoken.push(utterance); };
speechSynthesis.cancel = () => { window.hushed = true; };
"""


class Text(Journey):
    def test_a_student_who_listens_hears_what_is_printed(self) -> None:
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/handouts/{self.handout.pk}/")
        sheet = JoinPage(self.new_browser().new_page()).follow(HandoutPage(teacher).link, "Sena Adeyemi")
        printed = sheet.page.locator(".paper > p.sr-only")
        expect(printed).to_contain_text("Reading a tide table")
        expect(printed).to_contain_text("High tide")
        self.assert_accessible(sheet.page)

    def test_a_page_is_read_aloud_with_the_voice_of_the_device(self) -> None:
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/handouts/{self.handout.pk}/")
        browser = self.new_browser()
        browser.add_init_script(STAND_IN_VOICE)
        sheet = JoinPage(browser.new_page()).follow(HandoutPage(teacher).link, "Sena Adeyemi")
        expect(sheet.page.locator(".paper > p.sr-only")).to_contain_text("High tide")
        button = sheet.page.get_by_role("button", name="Read this page to me")
        button.click()
        stop = sheet.page.get_by_role("button", name="Stop reading")
        expect(stop).to_be_visible()
        said = sheet.page.evaluate("window.said.join(' ')")
        self.assertIn("Reading a tide table", said)
        self.assertIn("High tide", said)
        stop.click()
        expect(button).to_be_visible()
        self.assertTrue(sheet.page.evaluate("window.hushed"))
        button.click()
        sheet.page.evaluate("window.spoken.at(-1).onend()")
        expect(button).to_be_visible()

    def test_without_a_voice_none_is_offered(self) -> None:
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/handouts/{self.handout.pk}/")
        browser = self.new_browser()
        browser.add_init_script("speechSynthesis.getVoices = () => []")
        sheet = JoinPage(browser.new_page()).follow(HandoutPage(teacher).link, "Sena Adeyemi")
        expect(sheet.answer(1)).to_be_visible()
        expect(sheet.page.get_by_role("button", name="Read this page to me")).to_have_count(0)

    def test_a_worksheet_is_found_by_a_word_on_its_pages(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto(f"/worksheets/{self.keepers_log.pk}/")
        expect(page.locator(".paper > p.sr-only").first).to_contain_text("Gull Rock")
        page.goto("/desk/")
        expect(page.get_by_role("main").get_by_role("listitem")).to_have_count(2)
        page.get_by_label("Find a worksheet").fill("merry ANNE")
        expect(page.get_by_text("1 worksheet", exact=True)).to_be_visible()
        expect(page.get_by_role("main").get_by_role("listitem")).to_contain_text("keeper's log")
        page.get_by_label("Find a worksheet").fill("submarine")
        expect(page.get_by_text("0 worksheets")).to_be_visible()
        page.get_by_label("Find a worksheet").fill("")
        expect(page.get_by_role("main").get_by_role("listitem")).to_have_count(2)
