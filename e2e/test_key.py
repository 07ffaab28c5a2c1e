from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage
from server.copies.models import StoredMark
from server.handouts.flows.hand_out import hand_out


class KeySheet(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk, step="key")
        self.page = self.editor.page

    def keys(self) -> dict[str, str]:
        self.keepers_log.refresh_from_db()
        return {name: key["text"] for name, key in self.keepers_log.document["keys"].items()}

    def test_the_sheet_is_filled_in_as_a_student_would(self) -> None:
        self.editor.key(15).click()
        self.page.keyboard.type("5")
        self.page.keyboard.press("Shift+Tab")
        expect(self.editor.key(14)).to_be_focused()
        self.editor.key(1).fill("Merry Ann")
        self.editor.expect_saved()
        keys = self.keys()
        self.assertEqual((keys["box014"], keys["box000"]), ("5", "Merry Ann"))

    def test_an_emptied_box_has_no_key(self) -> None:
        self.editor.key(1).fill("")
        self.editor.expect_saved()
        self.assertNotIn("box000", self.keys())
        expect(self.page.locator("[data-field=box000]")).to_be_visible()

    def test_what_is_typed_survives_an_immediate_reload(self) -> None:
        self.editor.key(15).fill("five nights")
        self.page.reload()
        expect(self.editor.key(15)).to_have_value("five nights")
        self.editor.expect_saved()
        self.assertEqual(self.keys()["box014"], "five nights")

    def test_an_answer_may_be_worth_a_part_and_another_follow_from_it(self) -> None:
        slip = self.editor.slip
        self.editor.key(1).fill("3 l")
        slip.get_by_label("Another right answer").fill("3.5 l")
        slip.get_by_role("button", name="Add", exact=True).click()
        slip.get_by_label("What 3.5 l is worth").select_option("50 %")
        slip.get_by_label("Try an answer").fill("3.5 litres")
        expect(slip.get_by_label("What would be said of it")).to_contain_text("for a part of the points")
        self.editor.key(2).fill("21 l")
        self.editor.unfold("Follows on from earlier answers")
        rule = slip.get_by_label("Worked out as")
        rule.fill("7 × {9}")
        expect(slip).to_contain_text("is called 9")
        rule.fill("8 × {1}")
        rule.press("Enter")
        expect(slip).to_contain_text("With your key that is 24 l; here the key is 21 l")
        rule.fill("7 × {1}")
        rule.press("Enter")
        expect(slip).to_contain_text("With your key that is 21 l; here the key is 21 l")
        self.assert_accessible(self.page)
        self.editor.expect_saved()
        self.page.reload()
        self.editor.key(2).click()
        expect(slip.get_by_label("Worked out as")).to_have_value("7 × {1}")
        handed = hand_out(self.maren, self.keepers_log.pk)
        student = JoinPage(self.new_browser().new_page()).join(handed.code, "Zoe Quill")
        student.answer(1).fill("3.5 litres")
        student.answer(2).fill("24.5 litres")
        student.hand_in.click()
        student.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(student.page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=handed, field_id__in=("box000", "box001"))
        self.assertEqual(dict(marks.values_list("field_id", "verdict")), {"box000": "partly", "box001": "right"})

    def test_what_else_is_right_is_proposed_and_tried(self) -> None:
        slip = self.editor.slip
        self.editor.key(1).fill("the harbour")
        slip.get_by_role("button", name="+ the harbor").click()
        slip.get_by_label("Another right answer").fill("the port")
        slip.get_by_role("button", name="Add", exact=True).click()
        expect(slip.get_by_role("list", name="Also right").get_by_role("listitem")).to_have_count(2)
        said = slip.get_by_label("What would be said of it")
        slip.get_by_label("Try an answer").fill("Port")
        expect(said).to_contain_text("says the same")
        slip.get_by_text("Compared as").click()
        slip.get_by_label("Capital letters count").check()
        slip.get_by_label("Try an answer").fill("THE PORT")
        expect(said).to_contain_text("not the words of the key")
        slip.get_by_label("Try an answer").fill("port")
        expect(said).to_contain_text("says the same")
        self.assert_accessible(self.page)
        slip.get_by_role("button", name="the port is not right").click()
        expect(said).to_contain_text("not the words of the key")
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        key = self.keepers_log.document["keys"]["box000"]
        self.assertEqual((key["also"], key["comparison"]["case_counts"]), (["the harbor"], True))

    def test_wrong_answers_are_expected(self) -> None:
        slip = self.editor.slip
        self.editor.key(1).fill("high tide")
        said = slip.get_by_label("What would be said of it")
        slip.get_by_label("Try an answer").fill("low tide")
        expect(said).to_contain_text("not the words of the key")
        slip.get_by_text("Wrong answers to expect").click()
        slip.get_by_label("Another wrong answer").fill("low tide")
        slip.get_by_label("Another wrong answer").press("Enter")
        slip.get_by_label("What students are told of low tide").fill("That is six hours later.")
        expect(said).to_contain_text("That is six hours later.")
        slip.get_by_label("What low tide is worth").select_option("Worth 50 %")
        expect(said).to_contain_text("partly right")
        self.assert_accessible(self.page)
        self.editor.expect_saved()
        self.page.reload()
        self.editor.key(1).click()
        expect(slip.get_by_text("Wrong answers to expect: 1")).to_be_visible()
        slip.get_by_role("button", name="Expect low tide no longer").click()
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(self.keepers_log.document["keys"]["box000"]["refused"], [])

    def test_a_number_is_taken_for_one_and_may_be_near(self) -> None:
        slip = self.editor.slip
        self.editor.key(15).fill("12 cm")
        examples = slip.get_by_role("list", name="Examples")
        expect(examples).to_contain_text("without its unit")
        said = slip.get_by_label("What would be said of it")
        slip.get_by_label("Try an answer").fill("0.121 m")
        expect(said).to_contain_text("another number")
        slip.get_by_text("Compared as").click()
        expect(slip.get_by_label("The unit")).to_be_visible()
        slip.get_by_label("Right is").select_option("Within an amount")
        expect(said).to_contain_text("near enough")
        slip.get_by_label("Amount", exact=True).fill("a bit")
        slip.get_by_label("Amount", exact=True).press("Tab")
        expect(slip.get_by_role("alert")).to_contain_text("no number")
        slip.get_by_label("Amount", exact=True).fill("0.05")
        slip.get_by_label("Amount", exact=True).press("Tab")
        expect(said).to_contain_text("not near enough")
        self.editor.undo.click()
        self.editor.expect_saved()

    def test_the_guess_is_changed(self) -> None:
        slip = self.editor.slip
        self.editor.key(15).fill("12")
        slip.get_by_label("Try an answer").fill("12.0")
        said = slip.get_by_label("What would be said of it")
        expect(said).to_contain_text("equal in value")
        slip.get_by_text("Compared as").click()
        expect(slip.get_by_label("The unit")).to_have_count(0)
        slip.get_by_label("Compared as").select_option("words")
        expect(said).to_contain_text("not the words of the key")
        self.page.reload()
        self.editor.key(15).click()
        expect(slip.get_by_label("Compared as")).to_have_value("words")

    def test_it_is_said_what_a_key_is_taken_for_and_one_press_changes_that(self) -> None:
        slip = self.editor.slip
        self.editor.key(15).fill("12:15")
        taken = slip.get_by_test_id("taken-for")
        expect(taken).to_contain_text("A time of day")
        expect(taken).to_contain_text("too")
        taken.get_by_role("button", name="Take it for: A ratio").click()
        slip.get_by_label("Try an answer").fill("4:5")
        expect(slip.get_by_label("What would be said of it")).to_contain_text("the same ratio")
        expect(taken).to_have_count(0)
        self.editor.undo.click()
        self.editor.key(15).click()
        expect(taken).to_contain_text("A time of day")

    def test_parts_of_a_list_earn_their_share(self) -> None:
        slip = self.editor.slip
        self.editor.key(15).fill("gull, goby, limpet")
        slip.get_by_text("Compared as").click()
        slip.get_by_label("Points for parts").select_option("Each part of a list earns its share")
        slip.get_by_label("Try an answer").fill("goby and gull")
        expect(slip.get_by_label("What would be said of it")).to_contain_text("2 of 3 are there")
        self.assert_accessible(self.page)
        self.editor.expect_saved()

    def test_points_are_set_beside_the_key(self) -> None:
        self.editor.key(2).click()
        expect(self.editor.slip).to_contain_text("gannet")
        points = self.editor.slip.get_by_label("Points")
        expect(points).to_have_value("1")
        points.fill("2")
        points.press("Enter")
        self.editor.expect_saved()
        self.keepers_log.refresh_from_db()
        self.assertEqual(self.keepers_log.document["fields"][1]["points"], 2)

    def test_it_is_accessible(self) -> None:
        self.editor.key(2).click()
        self.assert_accessible(self.page)
