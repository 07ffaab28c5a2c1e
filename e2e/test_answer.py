from playwright.sync_api import Locator, Page, expect

from e2e.journey import LAPTOP, NETWORK, PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy
from server.handouts.flows.hand_out import hand_out
from server.worksheets.documents import written
from server.worksheets.models import Worksheet
from velum.document.edits import PlaceField, apply
from velum.document.reading import read_document
from velum.document.tests.examples import answer_box


class Student(Journey):
    def join(self, page: Page | None = None, name: str = "Kaito Brandt") -> SheetPage:
        page = page or self.new_browser().new_page()
        return JoinPage(page).join(self.handout.code, name)

    def saved(self, name: str = "Kaito Brandt") -> dict[str, str]:
        """What the server has of a student's answers, by the number of the question."""
        answers = Copy.objects.get(handout=self.handout, name=name).answers.all()
        return {answer.field_id.removeprefix("box0"): answer.value["text"] for answer in answers}


class Answer(Student):
    expected_problems = r"status of 409"

    def test_signs_that_are_on_no_keyboard_are_pressed(self) -> None:
        box = answer_box("formula1", y=700, on=self.tide_table.document["pages"][0]["id"])
        box = box.changed(signs="chemistry")
        document = apply(read_document(self.tide_table.document), [PlaceField(field=box)])
        sheet = Worksheet.objects.create(owner=self.maren, **written(document))
        code = hand_out(self.maren, sheet.pk).code
        for name, size in (("Ama Lindqvist", LAPTOP), ("Bao Okafor", PHONE)):
            page = self.new_browser(**size).new_page()
            JoinPage(page).join(code, name)
            if size is PHONE:
                page.locator("[data-field=formula1] button").click()
            answer = page.get_by_label("Answer 11", exact=True)
            answer.click()
            signs = page.get_by_role("group", name="Signs")
            page.keyboard.type("H")
            signs.get_by_role("button", name="Lowered digits").click()
            page.keyboard.type("2O")
            signs.get_by_role("button", name="Arrow", exact=True).click()
            page.keyboard.type("SO")
            signs.get_by_role("button", name="Lowered digits").click()
            page.keyboard.type("4")
            signs.get_by_role("button", name="Raised digits").click()
            page.keyboard.type("2-")
            expect(answer).to_have_value("H₂O→SO₄²⁻")
            self.assert_accessible(page)
            if size is LAPTOP:
                self.reach_signs_by_keyboard(page, signs)

    def reach_signs_by_keyboard(self, page: Page, signs: Locator) -> None:
        """They stand below the pages, over no box; Tab leads through them as if they stood beside the answer."""
        answer, bar = page.get_by_label("Answer 11", exact=True), signs.bounding_box()
        view = page.get_by_role("main").bounding_box()
        assert bar and view
        self.assertGreaterEqual(bar["y"], view["y"] + view["height"])
        expect(answer).to_be_in_viewport(ratio=1)
        answer.press("Tab")
        page.keyboard.press("Tab")
        page.keyboard.press("Tab")
        page.keyboard.press("Enter")
        expect(answer).to_have_value("H₂O→SO₄²⁻→")
        expect(answer).to_be_focused()
        page.keyboard.press("Tab")
        page.keyboard.press("Shift+Tab")
        expect(answer).to_be_focused()
        page.keyboard.press("Tab")
        page.keyboard.press("Escape")
        expect(answer).to_be_focused()
        buttons = signs.get_by_role("button")
        buttons.last.focus()
        page.keyboard.press("Tab")
        expect(answer).not_to_be_focused()
        expect(buttons.first).not_to_be_focused()

    def test_an_answer_that_is_not_taken_is_told_wherever_the_student_works(self) -> None:
        for name, size in (("Kaito Brandt", LAPTOP), ("Kaito B.", PHONE)):
            sheet = self.join(self.new_browser(**size).new_page(), name)
            answer = sheet.answer(1)
            answer.evaluate("box => box.removeAttribute('maxlength')")
            answer.fill("sea " * 6000)
            alert = sheet.page.get_by_role("alert").filter(has_text="Your answer to 1 was not taken")
            expect(alert).to_be_visible()
            answer.fill("13:10")
            expect(alert).to_have_count(0)
            sheet.expect_saved()

    def test_a_student_joins_answers_and_hands_in(self) -> None:
        sheet = self.join()
        for question, text in enumerate(("13:10", "07:50", "0.4"), start=1):
            sheet.write(question, text)
        sheet.expect_saved()
        self.assertEqual(self.saved(), {"00": "13:10", "01": "07:50", "02": "0.4"})
        sheet.hand_in.click()
        expect(sheet.dialog).to_contain_text("7 questions are still blank")
        self.assert_accessible(sheet.page)
        sheet.dialog.get_by_role("button", name="Go to question 6").click()
        expect(sheet.answer(6)).to_be_focused()
        sheet.write(6, "4.2")
        sheet.hand_in.click()
        expect(sheet.dialog).to_contain_text("6 questions are still blank")
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.page.get_by_text("Handed in")).to_be_visible()
        expect(sheet.answer(1)).to_have_attribute("readonly", "")
        self.assertEqual(self.saved()["05"], "4.2")
        sheet.page.reload()
        expect(sheet.answer(1)).to_have_value("13:10")
        expect(sheet.hand_in).to_have_count(0)

    def test_every_change_is_saved_within_two_seconds(self) -> None:
        page = self.new_browser().new_page()
        page.clock.install()
        sheet = self.join(page)
        sheet.answer(1).press_sequentially("13:1")
        page.clock.pause_at(page.evaluate("Date.now() + 50"))
        before = self.saved()
        page.clock.run_for(1_950)
        sheet.expect_saved()
        wait_until(lambda: self.saved() == {"00": "13:1"}, "what was typed is on the server")
        self.assertLessEqual(len(before), 1)

    def test_without_a_pause_in_typing_it_is_saved_all_the_same(self) -> None:
        page = self.new_browser().new_page()
        page.clock.install()
        sheet = self.join(page)
        sheet.answer(10).focus()
        for letter in "The Petrel sails":
            page.keyboard.type(letter)
            page.clock.run_for(300)
        wait_until(lambda: "09" in self.saved(), "something was saved while the student went on typing")

    def test_a_reload_at_once_loses_nothing(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.page.reload()
        expect(sheet.answer(1)).to_have_value("13:10")
        wait_until(lambda: self.saved() == {"00": "13:10"}, "the answer is on the server")

    def test_two_tabs_of_one_copy_show_the_same(self) -> None:
        context = self.new_browser()
        one = self.join(context.new_page())
        two_page = context.new_page()
        two_page.goto(one.page.url)
        two = SheetPage(two_page)
        one.write(2, "07:50")
        expect(two.answer(2)).to_have_value("07:50")
        two.write(2, "7:50")
        expect(one.answer(2)).to_have_value("7:50")
        two.expect_saved()
        wait_until(lambda: self.saved() == {"01": "7:50"}, "what was typed last stands")

    def test_what_was_done_on_a_page_is_undone_and_done_again(self) -> None:
        sheet = self.join()
        page = sheet.page
        sheet.answer(1).press_sequentially("13:10")
        sheet.answer(2).press_sequentially("07:50")
        page.get_by_role("heading", level=1).click()
        page.keyboard.press("Control+z")
        expect(sheet.answer(2)).to_have_value("")
        expect(sheet.answer(1)).to_have_value("13:10")
        page.get_by_role("button", name="Undo on this page").click()
        expect(sheet.answer(1)).to_have_value("")
        expect(page.get_by_role("button", name="Undo on this page")).to_be_disabled()
        page.keyboard.press("Control+Shift+z")
        expect(sheet.answer(1)).to_have_value("13:10")
        sheet.expect_saved()
        wait_until(lambda: self.saved() == {"00": "13:10", "01": ""}, "the server has what stands")
        # In a box, the browser undoes letters by itself.
        sheet.answer(1).press("Control+z")
        expect(sheet.answer(2)).to_have_value("")

    def test_the_back_button_leads_back_to_the_work(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.expect_saved()
        sheet.page.go_back()
        sheet.page.go_forward()
        expect(sheet.answer(1)).to_have_value("13:10")

    def test_checking_shows_right_or_not_right_where_it_is_allowed(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:00")
        sheet.page.get_by_role("button", name="Check 1").click()
        expect(sheet.page.get_by_role("img", name="not right")).to_be_visible()
        sheet.write(1, "13:10")
        expect(sheet.page.get_by_role("img", name="not right")).to_have_count(0)
        sheet.page.get_by_role("button", name="Check 1").click()
        expect(sheet.page.get_by_role("img", name="right on try 2")).to_be_visible()
        sheet.page.reload()
        expect(sheet.page.get_by_role("img", name="right on try 2")).to_be_visible()

    def test_no_check_is_offered_where_it_is_not_allowed(self) -> None:
        self.handout.may_check = False
        self.handout.save()
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.expect_saved()
        expect(sheet.page.get_by_role("button", name="Check 1")).to_have_count(0)

    def test_the_ribbon_leads_from_blank_to_blank(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.page.get_by_role("button", name="Next blank").click()
        expect(sheet.answer(2)).to_be_focused()
        sheet.bead(9).click()
        expect(sheet.answer(9)).to_be_focused()
        expect(sheet.bead(1)).to_have_accessible_name("Question 1, answered")

    def test_what_is_to_be_come_back_to_is_flagged_until_it_is_handed_in(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.page.get_by_role("button", name="Come back to question 1").press("Enter")
        sheet.page.get_by_role("button", name="Check 1").click()
        expect(sheet.bead(1)).to_have_accessible_name("Question 1, answered, right, to come back to")
        sheet.expect_saved()
        self.assert_accessible(sheet.page)
        sheet.page.reload()
        expect(sheet.bead(1)).to_have_accessible_name("Question 1, answered, right, to come back to")
        sheet.hand_in.click()
        flagged = sheet.dialog.get_by_role("list", name="To come back to")
        flagged.get_by_role("button", name="Go to question 1").click()
        expect(sheet.answer(1)).to_be_focused()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.page.get_by_text("Handed in")).to_be_visible()
        expect(sheet.bead(1)).to_have_accessible_name("Question 1, answered, right")
        self.assertEqual(sheet.kept_on_device("velum:flags:"), 0)

    def test_it_is_done_with_the_keyboard_alone(self) -> None:
        sheet = self.join()
        keys = sheet.page.keyboard
        sheet.answer(1).focus()
        for text in ("13:10", "07:50"):
            keys.type(text)
            keys.press("Tab")
        expect(sheet.answer(3)).to_be_focused()
        sheet.hand_in.focus()
        keys.press("Enter")
        expect(sheet.dialog).to_be_visible()
        keys.press("Escape")
        expect(sheet.dialog).to_be_hidden()
        expect(sheet.hand_in).to_be_focused()
        sheet.expect_saved()
        self.assertEqual(self.saved(), {"00": "13:10", "01": "07:50"})

    def test_the_numbers_of_questions_cover_nothing_that_is_printed(self) -> None:
        sheet = self.join()
        cells = [sheet.page.locator(f"[data-field=box00{i}] .film-tag") for i in range(5)]
        # Above the cells of the table other cells are printed.
        for number in cells:
            expect(number).to_have_attribute("data-edge", "before")
        expect(sheet.page.locator("[data-field=box005] .film-tag")).to_have_attribute("data-edge", "above")

    def test_nothing_printed_can_be_moved_or_marked(self) -> None:
        sheet = self.join()
        picture = sheet.page.get_by_role("img", name="Page 1 of 1")
        before = picture.bounding_box()
        place = sheet.page.locator(".paper").bounding_box()
        assert place
        sheet.page.mouse.move(place["x"] + 60, place["y"] + 120)
        sheet.page.mouse.down()
        sheet.page.mouse.move(place["x"] + 260, place["y"] + 220, steps=5)
        sheet.page.mouse.up()
        self.assertEqual(picture.bounding_box(), before)
        self.assertEqual(sheet.page.evaluate("getSelection().toString()"), "")

    def test_it_is_accessible_and_works_with_large_text(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        self.assert_accessible(sheet.page)
        sheet.page.evaluate("document.documentElement.style.fontSize = '200%'")
        sheet.write(2, "07:50")
        expect(sheet.hand_in).to_be_in_viewport()
        expect(sheet.page.get_by_role("button", name="Next blank")).to_be_in_viewport()

    def test_no_response_holds_the_key(self) -> None:
        page = self.new_browser().new_page()
        bodies: list[str] = []
        # The word stands on the paper too, where everybody reads it.
        page.on("response", lambda response: None if "/text" in response.url else bodies.append(body_of(response)))
        sheet = self.join(page)
        sheet.write(8, "Monday")
        page.get_by_role("button", name="Check 8").click()
        expect(page.get_by_role("img", name="not right")).to_be_visible()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        self.assertGreater(len(bodies), 5)
        for body in bodies:
            self.assertNotIn("Friday", body)


class AnswerOffline(Student):
    expected_problems = NETWORK

    def test_ten_minutes_without_a_network_lose_nothing(self) -> None:
        context = self.new_browser()
        page = context.new_page()
        page.clock.install()
        sheet = self.join(page)
        context.set_offline(True)
        sheet.write(1, "13:10")
        page.clock.fast_forward("00:03")
        expect(sheet.saving).to_have_text("Offline: kept on this device")
        page.clock.fast_forward("10:00")
        sheet.write(2, "07:50")
        self.assertEqual(self.saved(), {})
        context.set_offline(False)
        page.clock.fast_forward("00:15")
        sheet.expect_saved()
        wait_until(lambda: self.saved() == {"00": "13:10", "01": "07:50"}, "both answers are on the server")

    def test_a_device_closed_without_a_network_sends_later(self) -> None:
        context = self.new_browser()
        sheet = self.join(context.new_page())
        context.set_offline(True)
        sheet.write(1, "13:10")
        expect(sheet.saving).to_have_text("Offline: kept on this device")
        address = sheet.page.url
        sheet.page.close()
        context.set_offline(False)
        page = context.new_page()
        page.goto(address)
        expect(page.get_by_label("Answer 1", exact=True)).to_have_value("13:10")
        wait_until(lambda: self.saved() == {"00": "13:10"}, "the answer is on the server")

    def test_handing_in_without_a_network_is_told_so(self) -> None:
        context = self.new_browser()
        sheet = self.join(context.new_page())
        sheet.write(1, "13:10")
        sheet.expect_saved()
        context.set_offline(True)
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.dialog.get_by_role("alert")).to_contain_text("no connection")
        context.set_offline(False)
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(sheet.page.get_by_text("Handed in")).to_be_visible()

    def test_a_killed_server_loses_nothing(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.expect_saved()
        self.kill_server()
        sheet.write(2, "07:50")
        expect(sheet.saving).to_have_text("Offline: kept on this device")
        self.start_server()
        sheet.expect_saved()
        self.assertEqual(self.saved(), {"00": "13:10", "01": "07:50"})
        sheet.page.reload()
        expect(sheet.answer(2)).to_have_value("07:50")

    def test_a_server_that_lost_its_last_moments_is_offered_them_again(self) -> None:
        sheet = self.join()
        sheet.write(1, "13:10")
        sheet.expect_saved()
        Copy.objects.get(handout=self.handout, name="Kaito Brandt").answers.all().delete()
        sheet.page.reload()
        expect(sheet.answer(1)).to_have_value("13:10")
        wait_until(lambda: self.saved() == {"00": "13:10"}, "the server has the answer again")


class AnswerOnAPhone(Student):
    def setUp(self) -> None:
        super().setUp()
        self.sheet = self.join(self.new_browser(**PHONE).new_page(), "Lena Osei")
        self.page = self.sheet.page

    def test_a_question_is_answered_under_the_thumb(self) -> None:
        self.sheet.place(2).tap()
        dock = self.page.get_by_role("region", name="The question in hand")
        dock.get_by_label("Answer 2").fill("07:50")
        expect(self.sheet.place(2)).to_have_text("07:50")
        self.page.get_by_role("button", name="Next blank").tap()
        dock.get_by_label("Answer 3").fill("0.4")
        self.sheet.expect_saved()
        self.assertEqual(self.saved("Lena Osei"), {"01": "07:50", "02": "0.4"})

    def test_everything_is_in_reach_and_large_enough(self) -> None:
        for name in ("Hand in", "Next blank", "Back"):
            button = self.page.get_by_role("button", name=name, exact=True)
            expect(button).to_be_in_viewport(ratio=1)
            place = button.bounding_box()
            assert place
            self.assertGreaterEqual(min(place["width"], place["height"]), 44, name)
        self.assertEqual(self.page.evaluate("document.documentElement.scrollWidth"), 390)
        self.assert_accessible(self.page)

    def test_it_works_at_360_pixels(self) -> None:
        self.page.set_viewport_size({"width": 360, "height": 640})
        expect(self.sheet.hand_in).to_be_in_viewport(ratio=1)
        self.assertEqual(self.page.evaluate("document.documentElement.scrollWidth"), 360)


def body_of(response: object) -> str:
    """What a response holds, if it is text that a browser kept."""
    try:
        return response.text()  # type: ignore[attr-defined,no-any-return]
    except Exception:  # a picture, a redirect, or a page that was left meanwhile
        return ""
