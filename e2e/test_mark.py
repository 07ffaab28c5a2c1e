from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage
from server.markbook.models import Overrule


class Mark(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.handout_page = HandoutPage(self.page).open(self.handout.pk)

    def test_the_teacher_sees_who_joined_who_handed_in_and_every_mark(self) -> None:
        results = self.handout_page
        expect(results.counts).to_have_text("7 handed in · 2 working · 1 not begun")
        expect(results.row("Greta Quill")).to_contain_text("Handed in")
        for student, question, verdict in (
            ("Ama Lindqvist", 4, "right on try 2"),
            ("Bao Okafor", 2, "not right"),
            ("Cleo Marchetti", 5, "blank"),
            ("Dmitri Vale", 10, "waiting for the teacher"),
        ):
            expect(results.verdict(student, question)).to_have_accessible_name(f"{question}: {verdict}")
        self.assert_accessible(self.page)

    def test_work_appears_as_it_is_done(self) -> None:
        sheet = JoinPage(self.new_browser().new_page()).join(self.handout_page.code, "Kaito Brandt")
        expect(self.handout_page.row("Kaito Brandt")).to_contain_text("Not begun")
        sheet.write(1, "13:10")
        expect(self.handout_page.row("Kaito Brandt")).to_contain_text("Working")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(self.handout_page.row("Kaito Brandt")).to_contain_text("Handed in")

    def test_a_copy_is_seen_as_its_student_left_it(self) -> None:
        review = self.handout_page.look_at("Edda Solano")
        expect(review.answer(4)).to_have_accessible_name("Question 4: 4.6, not right")
        review.answer(4).click()
        expect(review.slip).to_contain_text("another number")
        expect(review.slip).to_contain_text("4.8")
        self.assert_accessible(self.page)
        self.page.get_by_role("link", name="Next student").click()
        expect(self.page.get_by_role("heading", name="Farid Holm", level=1)).to_be_visible()

    def test_a_mark_is_overruled_and_the_change_is_on_record(self) -> None:
        review = self.handout_page.look_at("Bao Okafor")
        expect(review.total).to_have_text("8 of 12")
        review.answer(2).click()
        review.give("All", why="read off the next row")
        expect(review.total).to_have_text("9 of 12")
        expect(review.slip).to_contain_text("read off the next row")
        review.answer(10).click()
        review.give("Half")
        expect(review.total).to_have_text("10½ of 12")
        review.answer(2).click()
        self.page.get_by_role("button", name="Back to Velum's mark").click()
        expect(review.total).to_have_text("9½ of 12")
        expect(review.slip).to_contain_text("maren@gullhaven.example")
        self.assertEqual(Overrule.objects.count(), 3)

    def test_other_points_are_typed_and_wrong_ones_told(self) -> None:
        review = self.handout_page.look_at("Bao Okafor")
        review.answer(10).click()
        other = review.slip.get_by_label("Other points")
        other.fill("4")
        other.press("Enter")
        expect(review.slip.get_by_role("alert")).to_have_text("From 0 to 3, in quarters.")
        other.fill("2,25")
        other.press("Enter")
        expect(review.total).to_have_text("10¼ of 12")

    def test_a_student_may_go_on_after_all(self) -> None:
        sheet = JoinPage(self.new_browser().new_page()).join(self.handout_page.code, "Kaito Brandt")
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.page.get_by_text("Handed in")).to_be_visible()
        self.page.goto(f"/copies/{sheet.copy_id}/")
        self.page.get_by_role("button", name="Let Kaito Brandt go on").click()
        expect(self.page.get_by_text("not begun")).to_be_visible()
        sheet.page.reload()
        sheet.write(1, "13:10")
        sheet.expect_saved()

    def test_the_results_say_when_the_server_is_gone(self) -> None:
        self.expected_problems = r"ERR_"
        self.kill_server()
        expect(self.handout_page.counts).to_contain_text("cannot be reached")
        self.start_server()
        expect(self.handout_page.counts).to_contain_text("7 handed in")
