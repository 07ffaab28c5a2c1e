"""The text that is printed on pages: for those who listen, and for finding a worksheet again."""

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage, SheetPage
from e2e.voice import HAS_SAID_ALL, STAND_IN_VOICE


class Text(Journey):
    def test_a_student_who_listens_hears_what_is_printed(self) -> None:
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/handouts/{self.handout.pk}/")
        sheet = JoinPage(self.new_browser().new_page()).follow(HandoutPage(teacher).link, "Sena Adeyemi")
        printed = sheet.page.locator(".paper > p.sr-only")
        expect(printed).to_contain_text("Reading a tide table")
        expect(printed).to_contain_text("High tide")
        self.assert_accessible(sheet.page)

    def listening(self) -> SheetPage:
        """A sheet on a device that has a voice, once it is known what is printed there."""
        browser = self.new_browser()
        browser.add_init_script(STAND_IN_VOICE)
        sheet = JoinPage(browser.new_page()).join(self.handout.code, "Sena Adeyemi")
        expect(sheet.page.locator(".paper > p.sr-only")).to_contain_text("High tide")
        return sheet

    def test_a_page_is_read_aloud_with_the_voice_of_the_device(self) -> None:
        sheet = self.listening()
        button = sheet.page.get_by_role("button", name="Read this page to me")
        button.click()
        stop = sheet.page.get_by_role("button", name="Stop reading")
        expect(stop).to_be_visible()
        regions = sheet.page.get_by_role("group", name="Press what you want to hear")
        expect(regions.locator("[aria-current]")).to_have_count(1)
        stop.click()
        expect(button).to_be_visible()
        self.assertTrue(sheet.page.evaluate("window.hushed"))
        expect(regions).to_have_count(0)
        button.click()
        sheet.page.evaluate(HAS_SAID_ALL)
        said = sheet.page.evaluate("window.said.join(' ')")
        self.assertIn("Reading a tide table", said)
        self.assertIn("High tide", said)
        # What is pressed is heard, and nothing else.
        sheet.page.evaluate("said.length = 0")
        regions.get_by_role("button", name="Read: High tide").first.click()
        sheet.page.evaluate(HAS_SAID_ALL)
        self.assertIn("High tide", sheet.page.evaluate("said[0]"))
        self.assertNotIn("Reading a tide table", sheet.page.evaluate("said.join(' ')"))
        self.assert_accessible(sheet.page)
        stop.click()
        expect(button).to_be_visible()

    def test_a_question_is_read_with_what_is_printed_about_it(self) -> None:
        sheet = self.listening()
        sheet.answer(1).click()
        sheet.page.get_by_role("button", name="Read question 1 to me").click()
        self.assertTrue(sheet.page.evaluate("said.join(' ')"))

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
