"""Students check themselves: what they are told, how often, and at what cost."""

from playwright.sync_api import expect

from e2e.journey import PHONE, Journey
from e2e.pages.editor import EditorPage
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out
from server.handouts.models import Handout


class Checking(Journey):
    expected_problems = r"status of 422"

    def setUp(self) -> None:
        super().setUp()
        self.teacher = self.teacher_browser().new_page()
        editor = EditorPage(self.teacher).open(self.tide_table.pk)
        editor.box(4).click()
        editor.hint().fill("Each day it is 0.2 m deeper.")
        editor.hint().press("Enter")
        editor.expect_saved()
        self.handed = hand_out(self.maren, self.tide_table.pk)
        self.handout_page = HandoutPage(self.teacher).open(self.handed.pk)

    def allow(self, tries: str = "Any number", cost: str = "Nothing", reasons: bool = False) -> None:
        page = self.teacher
        self.handout_page.may_check.check()
        page.get_by_label("Tries for each question").select_option(tries)
        page.get_by_label("A try that was not right costs").select_option(cost)
        if reasons:
            page.get_by_label("why it is not right").check()
        self.assert_accessible(page)
        page.reload()
        expect(page.get_by_label("A try that was not right costs").locator("option:checked")).to_have_text(cost)

    def test_a_hint_the_reason_and_the_tries_left(self) -> None:
        self.allow(tries="3", reasons=True)
        sheet = JoinPage(self.new_browser().new_page()).join(self.handed.code, "Zoe Quill")
        questions = sheet.page.get_by_role("navigation", name="Questions")
        sheet.write(4, "5.8")
        expect(questions).to_contain_text("3 tries left")
        questions.get_by_role("button", name="Check 4").click()
        expect(questions).to_contain_text("not right: not what was asked for")
        expect(questions).to_contain_text("Each day it is 0.2 m deeper.")
        expect(questions).to_contain_text("2 tries left")
        self.assert_accessible(sheet.page)
        # The same again is no other try.
        questions.get_by_role("button", name="Check 4").click()
        sheet.write(4, "4.7")
        expect(questions).to_contain_text("2 tries left")
        questions.get_by_role("button", name="Check 4").click()
        expect(questions).to_contain_text("1 try left")
        sheet.page.reload()
        sheet.bead(4).click()
        expect(questions).to_contain_text("1 try left")
        sheet.write(4, "4.8")
        questions.get_by_role("button", name="Check 4").click()
        expect(questions.get_by_text("right", exact=True)).to_be_visible()
        expect(questions).not_to_contain_text("Each day it is")

    def test_no_try_is_left(self) -> None:
        self.allow(tries="1")
        sheet = JoinPage(self.new_browser().new_page()).join(self.handed.code, "Zoe Quill")
        questions = sheet.page.get_by_role("navigation", name="Questions")
        check = questions.get_by_role("button", name="Check 3")
        sheet.write(3, "4")
        check.click()
        expect(questions).to_contain_text("No try left")
        sheet.write(3, "0.4")
        expect(check).to_be_disabled()
        expect(questions.get_by_text("not right")).to_have_count(0)

    def test_right_on_a_later_try_is_told_apart_and_costs(self) -> None:
        self.allow(cost="50 % of its points")
        sheet = JoinPage(self.new_browser().new_page()).join(self.handed.code, "Zoe Quill")
        questions = sheet.page.get_by_role("navigation", name="Questions")
        for text in ("4", "0.4"):
            sheet.write(3, text)
            sheet.expect_saved()
            questions.get_by_role("button", name="Check 3").click()
        expect(questions.get_by_text("right", exact=True)).to_be_visible()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.page.get_by_text("Handed in")).to_be_visible()
        self.teacher.reload()
        expect(self.handout_page.row("Zoe Quill").get_by_role("img", name="3: right on try 2")).to_be_visible()
        review = self.handout_page.look_at("Zoe Quill")
        review.answer(3).click()
        expect(review.slip).to_contain_text("½ of 1 · right on try 2")

    def test_on_a_phone(self) -> None:
        self.allow(tries="2", reasons=True)
        sheet = JoinPage(self.new_browser(**PHONE).new_page()).join(self.handed.code, "Zoe Quill")
        sheet.place(4).click()
        dock = sheet.page.get_by_label("The question in hand")
        dock.get_by_label("Answer 4").fill("5")
        dock.get_by_role("button", name="Check 4").click()
        expect(dock).to_contain_text("Each day it is 0.2 m deeper.")
        expect(dock).to_contain_text("1 try left")
        self.assert_accessible(sheet.page)

    def test_a_new_key_marks_everybody_again(self) -> None:
        sheet = JoinPage(self.new_browser().new_page()).join(self.handed.code, "Zoe Quill")
        sheet.write(8, "Thursday")
        sheet.expect_saved()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.page.get_by_text("Handed in")).to_be_visible()
        editor = EditorPage(self.teacher).open(self.tide_table.pk, step="key")
        editor.key(8).fill("Thursday")
        editor.expect_saved()
        page = HandoutPage(self.teacher).open(self.handed.pk)
        expect(page.row("Zoe Quill").get_by_role("img", name="8: not right")).to_be_visible()
        self.teacher.get_by_role("button", name="Mark everybody by the new right answers").click()
        expect(page.row("Zoe Quill").get_by_role("img", name="8: right")).to_be_visible()
        expect(self.teacher.get_by_role("button", name="Mark everybody")).to_have_count(0)
        self.assertEqual(Handout.objects.get(pk=self.handed.pk).key_sets.get(place=1).why, "newest_key")
