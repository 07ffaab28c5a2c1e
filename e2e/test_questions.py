"""Question numbers, fields that are marked together, and the look-over."""

from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.handouts.flows.hand_out import hand_out


class Questions(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.tide_table.pk)
        self.page = self.editor.page
        self.slip = self.editor.slip

    def take_three(self) -> None:
        self.editor.box(1).click()
        for number in (2, 3):
            self.editor.box(number).click(modifiers=["Shift"])

    def document(self) -> dict[str, list[dict[str, object]]]:
        self.editor.expect_saved()
        self.tide_table.refresh_from_db()
        return dict(self.tide_table.document)

    def test_a_number_is_changed_and_the_others_go_on_from_it(self) -> None:
        self.editor.box(4).click()
        self.slip.get_by_label("Number", exact=True).fill("7a")
        self.slip.get_by_label("Number", exact=True).press("Enter")
        expect(self.slip.get_by_role("heading", name="Question 7a")).to_be_visible()
        expect(self.editor.box(3)).to_be_visible()
        expect(self.page.get_by_role("button", name="Answer box 7b,")).to_be_visible()
        self.editor.step("Key")
        expect(self.page.get_by_label("Right answer 7b", exact=True)).to_be_visible()
        self.editor.undo.click()
        expect(self.page.get_by_label("Right answer 5", exact=True)).to_be_visible()

    def test_parts_of_a_question_are_numbered_at_once_and_the_student_sees_them(self) -> None:
        self.take_three()
        self.slip.get_by_role("button", name="Number as parts").click()
        for name in ("Answer box 1a,", "Answer box 1c,", "Answer box 2,"):
            expect(self.page.get_by_role("button", name=name)).to_be_visible()
        self.editor.expect_saved()
        handout = hand_out(self.maren, self.tide_table.pk)
        student = JoinPage(self.new_browser().new_page()).join(handout.code, "Zoe Quill")
        expect(student.page.get_by_label("Answer 1b", exact=True)).to_be_visible()
        student.page.get_by_role("button", name="Question 1b, blank").click()
        expect(student.page.get_by_label("Answer 1b", exact=True)).to_be_focused()

    def test_boxes_are_marked_together_in_any_order(self) -> None:
        self.take_three()
        self.slip.get_by_role("button", name="Mark together").click()
        self.slip.get_by_label("Their answers may stand in any order").check()
        self.slip.get_by_label("Points for all together").check()
        self.assert_accessible(self.page)
        (group,) = self.document()["groups"]
        self.assertEqual((group["any_order"], group["points"]), (True, 1))
        handout = hand_out(self.maren, self.tide_table.pk)
        sheet = JoinPage(self.new_browser().new_page()).join(handout.code, "Zoe Quill")
        for number, text in enumerate(("0.4", "13:10", "13.10"), start=1):
            sheet.write(number, text)
        sheet.expect_saved()
        self.page.goto(f"/handouts/{handout.pk}/")
        row = self.page.get_by_role("row").filter(has_text="Zoe Quill")
        for name in ("1: right", "2: right", "3: not right"):
            expect(row.get_by_role("img", name=name)).to_be_visible()
        self.page.get_by_role("link", name="Zoe Quill").click()
        self.page.get_by_role("button", name="Question 3:").click()
        expect(self.page.get_by_label("The box in hand")).to_contain_text("the same answer stands in another box")

    def test_a_group_is_taken_apart_again(self) -> None:
        self.take_three()
        self.slip.get_by_role("button", name="Mark together").click()
        self.slip.get_by_role("button", name="Mark one by one").click()
        self.assertEqual(self.document()["groups"], [])
        self.editor.undo.click()
        self.editor.box(2).click()
        expect(self.slip.get_by_text("Marked together: 1, 2 and 3")).to_be_visible()

    def test_a_box_that_is_removed_comes_back_into_its_group(self) -> None:
        self.take_three()
        self.slip.get_by_role("button", name="Mark together").click()
        self.editor.box(1).click()
        self.page.keyboard.press("Delete")
        expect(self.editor.boxes()).to_have_count(9)
        self.editor.undo.click()
        (group,) = self.document()["groups"]
        self.assertEqual(len(group["fields"]), 3)  # type: ignore[arg-type]

    def test_the_look_over_leads_to_what_is_missing(self) -> None:
        self.editor.step("Hand out")
        over = self.page.get_by_role("region", name="Look-over")
        expect(over).to_contain_text("No right answer")
        over.get_by_role("button", name="Go to 10").click()
        expect(self.editor.key(10)).to_be_focused()
        self.page.keyboard.type("It is a bay.")
        self.editor.step("Film")
        expect(self.editor.box(10)).to_be_visible()
        self.page.keyboard.press("Escape")
        expect(over).to_contain_text("Nothing is missing")
        self.assert_accessible(self.page)

    def test_boxes_over_each_other_are_named(self) -> None:
        self.editor.box(6).click()
        for _ in range(3):
            self.page.keyboard.press("Shift+ArrowDown")
        self.page.keyboard.press("Escape")
        over = self.page.get_by_role("region", name="Look-over")
        expect(over).to_contain_text("They lie over each other.")
        over.get_by_role("button", name="6 + 7").click()
        expect(self.slip.get_by_role("heading", name="2 in hand")).to_be_visible()

    def test_without_points_it_is_an_opinion(self) -> None:
        self.editor.box(1).click()
        self.slip.get_by_label("Points", exact=True).fill("0")
        self.slip.get_by_label("Points", exact=True).press("Enter")
        expect(self.slip).to_contain_text("opinions, which are not marked")
        self.editor.expect_saved()
        handout = hand_out(self.maren, self.tide_table.pk)
        sheet = JoinPage(self.new_browser().new_page()).join(handout.code, "Zoe Quill")
        sheet.write(1, "too early")
        sheet.expect_saved()
        self.page.goto(f"/handouts/{handout.pk}/")
        expect(self.page.get_by_text("opinions that are not marked: 1.")).to_be_visible()
        self.page.get_by_role("link", name="Zoe Quill").click()
        self.page.get_by_role("button", name="Question 1:").click()
        expect(self.page.get_by_label("The box in hand")).to_contain_text("too early")
