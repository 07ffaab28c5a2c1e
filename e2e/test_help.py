"""Help: the teacher lays it beside a question, a student asks for it, and both see what that means."""

from playwright.sync_api import Page, expect

from e2e.journey import NETWORK, PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy, ShownHelp
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from velum.kinds.help import ExampleHelp, HintHelp, LinkHelp
from velum.rich_text import letters_of


class Help(Journey):
    expected_problems = NETWORK

    def open(self) -> tuple[EditorPage, Page]:
        page = self.teacher_browser().new_page()
        editor = EditorPage(page).open(self.keepers_log.pk)
        editor.box(1).click()
        editor.unfold("Instructions, help, working-out")
        editor.slip.get_by_role("button", name="Help").click()
        return editor, page

    def lay(self) -> EditorPage:
        """Lay a hint that costs a quarter, a worked example and a link beside question 1."""
        editor, page = self.open()
        dialog = page.get_by_role("dialog", name="Help on question 1")
        add = dialog.get_by_role("group", name="Add help")
        add.get_by_role("button", name="Hint").click()
        dialog.get_by_role("textbox", name="Hint").press_sequentially("Look at the ")
        dialog.get_by_role("button", name="Bold").click()
        page.keyboard.type("first line")
        dialog.get_by_label("Takes from the points").select_option("25 %")
        add.get_by_role("button", name="Worked example").click()
        dialog.get_by_role("textbox", name="Worked example").click()
        page.keyboard.type("Find the date.")
        page.keyboard.press("Enter")
        page.keyboard.type("Read what follows it.")
        add.get_by_role("button", name="Link").click()
        dialog.get_by_label("Address").fill("https://elsewhere.example/")
        dialog.get_by_role("button", name="Add this link").click()
        expect(dialog.get_by_role("alert")).to_contain_text("gullhaven.example")
        dialog.get_by_label("Address").fill("https://lights.gullhaven.example/log")
        dialog.get_by_label("What is there").fill("The real log")
        dialog.get_by_role("button", name="Add this link").click()
        expect(dialog.get_by_role("link", name="https://lights.gullhaven.example/log")).to_be_visible()
        self.assert_accessible(page)
        dialog.get_by_role("button", name="Close").click()
        editor.expect_saved()
        return editor

    def joined(self, page: Page | None = None) -> SheetPage:
        handed = hand_out(self.maren, self.keepers_log.pk)
        return JoinPage(page or self.new_browser().new_page()).join(handed.code, "Zoe Quill")

    def test_a_teacher_lays_it_and_takes_it_back(self) -> None:
        editor = self.lay()
        self.keepers_log.refresh_from_db()
        hint, example, link = documents.read(self.keepers_log).fields[0].help
        assert isinstance(hint, HintHelp) and isinstance(example, ExampleHelp) and isinstance(link, LinkHelp)
        self.assertEqual(letters_of(hint.paragraphs), "Look at the first line")
        self.assertTrue(hint.paragraphs[0].runs[1].bold)
        self.assertEqual((hint.cost, link.address), (25, "https://lights.gullhaven.example/log"))
        self.assertEqual(len(example.paragraphs), 2)
        for _ in range(12):
            if editor.undo.is_enabled():
                editor.undo.click()
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(documents.read(self.keepers_log).fields[0].help, ())

    def test_a_student_asks_for_it_and_the_teacher_sees_that(self) -> None:
        self.lay()
        sheet = self.joined()
        page = sheet.page
        sheet.answer(1).click()
        button = page.get_by_role("button", name="Help on question 1")
        button.click()
        self.assertNotIn("first line", page.content())
        self.assert_accessible(page)
        hint = sheet.dialog.get_by_role("listitem").filter(has_text="A hint")
        expect(hint).to_contain_text("Takes 25 % of the points.")
        hint.get_by_role("button", name="Show it: A hint").click()
        expect(sheet.dialog.get_by_text("first line")).to_be_visible()
        sheet.dialog.get_by_role("button", name="Show it: A worked example").click()
        expect(sheet.dialog.get_by_text("Find the date.")).to_be_visible()
        expect(sheet.dialog.get_by_text("Read what follows it.")).to_have_count(0)
        sheet.dialog.get_by_role("button", name="Next step").click()
        expect(sheet.dialog.get_by_text("Read what follows it.")).to_be_visible()
        sheet.dialog.get_by_role("button", name="Show it: A page to look at").click()
        link = sheet.dialog.get_by_role("link", name="The real log")
        expect(link).to_have_attribute("target", "_blank")
        expect(link).to_have_attribute("rel", "noopener noreferrer external")
        self.assert_accessible(page)
        sheet.dialog.get_by_role("button", name="Back to the question").click()
        expect(button).to_be_focused()
        sheet.answer(2).click()
        expect(page.get_by_role("button", name="Help on question 2")).to_have_count(0)
        page.reload()
        sheet.answer(1).click()
        button.click()
        expect(sheet.dialog.get_by_text("first line")).to_be_visible()
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/copies/{sheet.copy_id}/")
        teacher.get_by_role("button", name="Question 1").or_(teacher.locator("[data-field]").first).first.click()
        used = teacher.get_by_role("list", name="Help that was asked for")
        expect(used.get_by_role("listitem")).to_have_count(3)
        expect(used).to_contain_text("25 %")
        self.assert_accessible(teacher)

    def test_by_keyboard_on_a_phone(self) -> None:
        self.lay()
        sheet = self.joined(self.new_browser(**PHONE).new_page())
        page = sheet.page
        button = page.get_by_role("button", name="Help on question 1")
        button.focus()
        page.keyboard.press("Enter")
        show = sheet.dialog.get_by_role("button", name="Show it: A hint")
        show.focus()
        page.keyboard.press("Enter")
        expect(sheet.dialog.get_by_text("first line")).to_be_visible()
        self.assert_accessible(page)
        page.keyboard.press("Escape")
        expect(button).to_be_focused()

    def test_without_a_network_it_says_so_and_nothing_is_noted(self) -> None:
        self.lay()
        sheet = self.joined()
        sheet.answer(1).click()
        sheet.page.get_by_role("button", name="Help on question 1").click()
        show = sheet.dialog.get_by_role("button", name="Show it: A hint")
        expect(show).to_be_visible()
        self.kill_server()
        show.click()
        expect(sheet.dialog.get_by_role("alert")).to_contain_text("needs a connection")
        self.start_server()
        self.assertEqual(ShownHelp.objects.filter(copy__pk=sheet.copy_id).count(), 0)
        show.click()
        expect(sheet.dialog.get_by_text("first line")).to_be_visible()
        wait_until(lambda: ShownHelp.objects.filter(copy__pk=sheet.copy_id).count() == 1, "it is noted")

    def test_after_handing_in_what_was_seen_is_seen(self) -> None:
        self.lay()
        sheet = self.joined()
        sheet.answer(1).click()
        sheet.page.get_by_role("button", name="Help on question 1").click()
        sheet.dialog.get_by_role("button", name="Show it: A hint").click()
        expect(sheet.dialog.get_by_text("first line")).to_be_visible()
        sheet.dialog.get_by_role("button", name="Back to the question").click()
        sheet.hand_in.click()
        sheet.page.get_by_role("button", name="Hand in all the same").click()
        wait_until(lambda: Copy.objects.get(pk=sheet.copy_id).handed_in_at is not None, "it is handed in")
        sheet.bead(1).click()
        sheet.page.get_by_role("button", name="Help on question 1").click()
        expect(sheet.dialog.get_by_role("listitem")).to_have_count(1)
        expect(sheet.dialog.get_by_text("first line")).to_be_visible()
