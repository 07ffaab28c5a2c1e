from playwright.sync_api import expect

from e2e.journey import Journey
from e2e.pages.desk import DeskPage
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage


class HandOut(Journey):
    expected_problems = r"status of (404|409|422)"

    def test_one_press_gives_a_code_a_link_and_a_qr_code(self) -> None:
        page = self.teacher_browser().new_page()
        DeskPage(page).open().sheet("keeper's log").get_by_role("link", name="Set the key").click()
        page.get_by_role("link", name="Hand out").first.click()
        expect(page.get_by_text("No right answer: what students write there waits for you.")).to_be_visible()
        page.get_by_role("button", name="Hand out to anybody").click()
        page.wait_for_url("**/handouts/**")
        handout = HandoutPage(page)
        self.assertRegex(handout.code, r"^\w{3} \w{3}$")
        self.assertIn(handout.code.replace(" ", ""), handout.link)
        picture = page.get_by_role("img", name="QR code").first
        self.assertGreater(picture.evaluate("image => image.naturalWidth"), 100)
        expect(page.get_by_role("heading", name="Nobody has joined yet")).to_be_visible()
        self.assert_accessible(page)

        student = JoinPage(self.new_browser().new_page()).follow(handout.link, "Ama Lindqvist")
        expect(student.answer(1)).to_be_visible()
        expect(handout.row("Ama Lindqvist")).to_be_visible()

    def test_the_code_is_shown_large_for_the_class(self) -> None:
        page = self.teacher_browser().new_page()
        handout = HandoutPage(page).open(self.handout.pk)
        page.get_by_role("button", name="Show it large").click()
        dialog = page.get_by_role("dialog", name="How to join")
        expect(dialog).to_contain_text(handout.code)
        self.assert_accessible(page)
        page.keyboard.press("Escape")
        expect(dialog).to_be_hidden()

    def test_the_code_is_printed_for_the_wall_with_what_the_teacher_says(self) -> None:
        page = self.teacher_browser().new_page()
        handout = HandoutPage(page).open(self.handout.pk)
        message = page.get_by_label("Message to students")
        message.fill("Bring a ruler.")
        with page.expect_response(lambda response: response.request.method == "PATCH"):
            message.blur()
        code = handout.code
        page.get_by_role("link", name="Print it for the wall").click()
        sheet = page.get_by_role("main")
        expect(sheet).to_contain_text(code)
        expect(sheet).to_contain_text("Bring a ruler.")
        self.assertGreater(sheet.get_by_role("img").evaluate("image => image.naturalWidth"), 100)
        self.assert_accessible(page)
        page.evaluate("window.print = () => (window.printed = true)")
        page.get_by_role("button", name="Print").click()
        self.assertTrue(page.evaluate("window.printed"))
        page.emulate_media(media="print")
        expect(page.get_by_role("button", name="Print")).to_be_hidden()

        student = JoinPage(self.new_browser().new_page())
        student.page.goto(f"/join/{code.replace(' ', '')}/")
        expect(student.page.get_by_text("Bring a ruler.")).to_be_visible()
        student.give_name("Zoe Quill")
        expect(student.page.get_by_text("From your teacher: Bring a ruler.")).to_be_visible()

    def test_a_closed_handout_lets_nobody_in_and_nobody_write(self) -> None:
        page = self.teacher_browser().new_page()
        handout = HandoutPage(page).open(self.handout.pk)
        sheet = JoinPage(self.new_browser().new_page()).join(handout.code, "Kaito Brandt")
        handout.is_open.uncheck()
        sheet.write(1, "late")
        expect(sheet.saving).to_contain_text("closed this worksheet")
        late = self.new_browser().new_page()
        late.goto(handout.link)
        expect(late.get_by_text("This worksheet is closed")).to_be_visible()

    def test_a_code_mistyped_is_told_so(self) -> None:
        page = self.new_browser().new_page()
        page.goto("/join/")
        page.get_by_label("Code", exact=True).fill("XXX XXX")
        page.get_by_role("button", name="Open the worksheet").click()
        expect(page.get_by_role("alert")).to_contain_text("No worksheet has this code")

    def test_a_student_comes_back_on_another_device(self) -> None:
        code = self.handout.code
        first = JoinPage(self.new_browser().new_page()).join(code, "Lena Osei")
        first.write(1, "13:10")
        first.expect_saved()
        words = first.page.locator("header").inner_text()
        return_code = words.split("return code ")[1][:7]
        other = self.new_browser().new_page()
        other.goto(f"/join/{code}/")
        other.get_by_label("Your name").fill("lena osei")
        other.get_by_role("button", name="Start").click()
        expect(other.get_by_role("alert")).to_contain_text("has joined already")
        other.get_by_label("Return code").fill(return_code)
        other.get_by_role("button", name="Come back").click()
        expect(other.get_by_label("Answer 1", exact=True)).to_have_value("13:10")

    def test_the_same_device_goes_on_where_it_was(self) -> None:
        page = self.new_browser().new_page()
        JoinPage(page).join(self.handout.code, "Lena Osei")
        page.goto(f"/join/{self.handout.code}/")
        page.get_by_role("link", name="Go on as Lena Osei").click()
        expect(page.get_by_role("heading", name="Reading a tide table")).to_be_visible()
