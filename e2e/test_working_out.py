"""Places for working-out, which belong to the question they are beside."""

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents


class WorkingOut(Journey):
    def lay(self) -> EditorPage:
        editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        editor.box(9).click()
        editor.unfold("Instructions, help, working-out")
        editor.slip.get_by_role("button", name="Working-out").click()
        expect(editor.slip).to_contain_text("Question 9+")
        editor.unfold("Instructions, help, working-out")
        expect(editor.slip).to_contain_text("Working-out for question 9.")
        editor.expect_saved()
        return editor

    def test_it_is_numbered_with_its_question_and_goes_with_it(self) -> None:
        editor = self.lay()
        expect(editor.box(15)).to_have_count(1)
        self.assert_accessible(editor.page)
        editor.box(9).click()
        editor.slip.get_by_role("button", name="Remove", exact=True).click()
        editor.expect_boxes(14)
        editor.undo.click()
        editor.expect_boxes(16)
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        fields = documents.read(self.keepers_log).fields
        (working,) = [field for field in fields if field.working_for]
        self.assertEqual((working.kind, working.points, working.working_for), ("ink", 0, "box008"))

    def test_it_can_be_made_a_question_of_its_own(self) -> None:
        editor = self.lay()
        editor.slip.get_by_role("button", name="Make it a question of its own").click()
        expect(editor.slip.get_by_role("heading", level=2)).not_to_contain_text("+")

    def test_a_student_may_leave_it_blank(self) -> None:
        self.lay()
        sheet = JoinPage(self.new_browser().new_page()).join(
            hand_out(self.maren, self.keepers_log.pk).code, "Zoe Quill"
        )
        page = sheet.page
        expect(page.get_by_text("0 of 15 answered")).to_be_visible()
        working = page.get_by_role("button", name="Question 9+, blank")
        working.click()
        place = page.locator("[data-field]").filter(has_text="9+").bounding_box()
        assert place
        page.mouse.move(place["x"] + 60, place["y"] + 30)
        page.mouse.down()
        page.mouse.move(place["x"] + 120, place["y"] + 60, steps=5)
        page.mouse.up()
        expect(page.get_by_role("button", name="Question 9+, answered")).to_be_visible()
        expect(page.get_by_text("0 of 15 answered")).to_be_visible()
        sheet.hand_in.click()
        blank = sheet.dialog.get_by_role("list", name="Blank questions")
        expect(blank.get_by_role("listitem")).to_have_count(15)
        self.assert_accessible(page)
