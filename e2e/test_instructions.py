"""Instructions of a worksheet, a page and a question, in several languages, written and spoken; and skills."""

import re

from playwright.sync_api import Page, expect

from e2e.journey import PHONE, Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from e2e.voice import HAS_SAID_ALL, STAND_IN_VOICE
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from velum.document.skills import skills_of
from velum.rich_text import letters_of


class Instructions(Journey):
    def editor(self) -> EditorPage:
        editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        editor.page.keyboard.press("Escape")
        editor.unfold("Instructions, skills")
        return editor

    def instruct(self) -> EditorPage:
        """The worksheet in English and Norwegian, the second page and the first question in English."""
        editor = self.editor()
        page = editor.page
        dialog = page.get_by_role("dialog")
        page.get_by_role("button", name="Instructions of the worksheet").click()
        dialog.get_by_role("textbox").click()
        page.keyboard.type("Read the whole log first.")
        dialog.get_by_label("In another language too").select_option("norsk bokmål")
        dialog.get_by_role("textbox", name="Instructions, norsk bokmål").click()
        page.keyboard.type("Les hele loggen først.")
        dialog.get_by_role("button", name="Record").click()
        expect(dialog.get_by_role("timer")).to_have_text(re.compile(r"[1-9] of 10:00"))
        dialog.get_by_role("button", name="Stop").click()
        expect(dialog.locator("audio")).to_be_visible()
        self.assert_accessible(page)
        dialog.get_by_role("button", name="Close").click()
        page.get_by_role("button", name="Instructions of page 2").click()
        dialog.get_by_role("textbox").click()
        page.keyboard.type("Write in whole sentences.")
        dialog.get_by_role("button", name="Close").click()
        editor.box(1).click()
        editor.unfold("Instructions, help, working-out")
        editor.slip.get_by_role("button", name="Instructions").click()
        dialog.get_by_role("textbox").click()
        page.keyboard.type("Look for the date.")
        dialog.get_by_role("button", name="Close").click()
        editor.expect_saved()
        return editor

    def joined(self, page: Page) -> SheetPage:
        handed = hand_out(self.maren, self.keepers_log.pk)
        return JoinPage(page).join(handed.code, "Zoe Quill")

    def test_a_teacher_says_what_is_asked_for(self) -> None:
        editor = self.instruct()
        self.keepers_log.refresh_from_db()
        document = documents.read(self.keepers_log)
        english, norwegian = document.instructions[""]
        self.assertEqual((english.language[:2], norwegian.language), ("en", "nb"))
        self.assertEqual(letters_of(norwegian.paragraphs), "Les hele loggen først.")
        self.assertTrue(norwegian.sound)
        self.assertEqual(set(document.instructions), {"", document.pages[1].id})
        self.assertEqual(letters_of(document.fields[0].instructions[0].paragraphs), "Look for the date.")
        editor.page.reload()
        editor.paper(0).wait_for()
        editor.unfold("Instructions, skills")
        editor.page.get_by_role("button", name="Instructions of the worksheet").click()
        dialog = editor.page.get_by_role("dialog")
        dialog.get_by_text("norsk bokmål").first.click()
        dialog.get_by_role("button", name="Take norsk bokmål away").click()
        expect(dialog.get_by_role("textbox")).to_contain_text("Read the whole log")
        dialog.get_by_role("button", name="Close").click()
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(len(documents.read(self.keepers_log).instructions[""]), 1)

    def test_a_student_picks_the_language_and_keeps_it(self) -> None:
        self.instruct()
        browser = self.new_browser()
        browser.add_init_script(STAND_IN_VOICE)
        sheet = self.joined(browser.new_page())
        page = sheet.page
        whole = page.get_by_role("region", name="Instructions", exact=True)
        expect(whole).to_contain_text("Read the whole log first.")
        whole.get_by_role("button", name="Read to me: Instructions").click()
        self.assertEqual(page.evaluate("[said[0], spoken[0].lang.slice(0, 2)]"), ["Read the whole log first.", "en"])
        page.evaluate(HAS_SAID_ALL)
        whole.get_by_label("Language of the instructions").select_option("norsk bokmål")
        expect(whole).to_contain_text("Les hele loggen først.")
        expect(whole.locator("[lang=nb]").first).to_be_visible()
        page.reload()
        expect(whole).to_contain_text("Les hele loggen først.")
        # What was recorded is heard, and no voice.
        with page.expect_response(lambda response: "/sounds/" in response.url) as sound:
            whole.get_by_role("button", name="Read to me: Instructions").click()
        self.assertIn(sound.value.status, (200, 206))
        self.assertEqual(page.evaluate("said.length"), 0)
        expect(page.get_by_role("region", name="Instructions of page 2")).to_contain_text("whole sentences")
        sheet.answer(1).click()
        expect(page.get_by_role("region", name="Instructions of question 1")).to_contain_text("Look for the date.")
        self.assert_accessible(page)
        sheet.answer(2).click()
        expect(page.get_by_role("region", name="Instructions of question 1")).to_have_count(0)

    def test_on_a_phone_they_stand_with_the_question(self) -> None:
        self.instruct()
        sheet = self.joined(self.new_browser(**PHONE).new_page())
        dock = sheet.page.get_by_role("region", name="The question in hand")
        expect(dock).to_contain_text("Look for the date.")
        self.assert_accessible(sheet.page)

    def test_skills_are_listed_and_fields_tagged(self) -> None:
        editor = self.editor()
        page = editor.page
        for name in ("Reading closely", "Spelling"):
            page.get_by_label("Another skill").fill(name)
            page.keyboard.press("Enter")
        page.get_by_label("Another skill").fill("spelling")
        page.keyboard.press("Enter")
        expect(page.get_by_label("Name of the skill")).to_have_count(2)
        editor.box(1).click()
        editor.unfold("Instructions, help, working-out")
        editor.slip.get_by_label("Spelling").check(force=True)
        editor.box(2).click(modifiers=["Shift"])
        expect(editor.slip.get_by_label("Spelling")).not_to_be_checked()
        editor.slip.get_by_label("Spelling").check(force=True)
        editor.expect_saved()
        self.assert_accessible(page)
        self.keepers_log.refresh_from_db()
        document = documents.read(self.keepers_log)
        tagged = [skills_of(field, document.skills) for field in document.fields[:3]]
        self.assertEqual(tagged, [["Spelling"], ["Spelling"], []])
