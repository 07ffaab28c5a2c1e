"""How a student reads best, how large the pages are, and who uses the device next."""

from typing import Any

from playwright.sync_api import Page, expect

from e2e.finger import Finger
from e2e.journey import NETWORK, PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.sheet import JoinPage, SheetPage
from server.handouts.flows.hand_out import hand_out


class Reading(Journey):
    expected_problems = rf"{NETWORK}|40[14]"

    def setUp(self) -> None:
        super().setUp()
        self.handed = hand_out(self.maren, self.keepers_log.pk)

    def join(self, page: Page | None = None, name: str = "Zoe Quill", **options: Any) -> SheetPage:
        return JoinPage(page or self.new_browser(**options).new_page()).join(self.handed.code, name)

    def settle(self, sheet: SheetPage) -> None:
        sheet.page.get_by_role("button", name="Reading", exact=True).click()
        expect(sheet.dialog).to_be_visible()

    def test_it_stays_for_the_student_and_not_for_another(self) -> None:
        sheet = self.join(**PHONE)
        page = sheet.page
        before = page.get_by_label("Answer 1", exact=True).evaluate("(input) => getComputedStyle(input).fontSize")
        self.settle(sheet)
        sheet.dialog.get_by_text("150 %").click()
        sheet.dialog.get_by_text("Dusk").click()
        sheet.dialog.get_by_label("More room between letters and lines").check()
        sheet.dialog.get_by_label("Stronger contrast").check()
        self.assert_accessible(page)
        sheet.dialog.get_by_role("button", name="Close").click()
        self.assert_accessible(page)
        page.reload()
        root = page.locator("html")
        expect(root).to_have_attribute("data-theme", "velum-dusk")
        expect(root).to_have_attribute("data-contrast", "high")
        expect(root).to_have_attribute("data-spacing", "wide")
        after = page.get_by_label("Answer 1", exact=True).evaluate("(input) => getComputedStyle(input).fontSize")
        self.assertAlmostEqual(float(after[:-2]) / float(before[:-2]), 1.5, delta=0.01)
        other = self.join(page.context.new_page(), "Ama Lindqvist")
        expect(other.answer(1)).to_be_visible()
        self.assertIsNone(other.page.locator("html").get_attribute("data-theme"))

    def test_a_ruler_follows_the_mouse_the_question_and_the_keys(self) -> None:
        sheet = self.join()
        page = sheet.page
        self.settle(sheet)
        sheet.dialog.get_by_label("A reading ruler").check()
        sheet.dialog.get_by_role("button", name="Close").click()
        handle = page.get_by_role("slider", name="Reading ruler")

        def at() -> float:
            box = handle.bounding_box()
            assert box
            return box["y"] + box["height"] / 2

        page.mouse.move(500, 420)
        wait_until(lambda: abs(at() - 420) < 4, "it is where the mouse is")
        handle.focus()
        start = at()
        page.keyboard.press("ArrowDown")
        wait_until(lambda: at() > start + 10, "it goes down")
        # What lies beneath it can be pressed.
        answer = sheet.answer(1)
        answer.scroll_into_view_if_needed()
        answer.click()
        expect(answer).to_be_focused()
        box = answer.bounding_box()
        assert box
        wait_until(lambda: abs(at() - (box["y"] + box["height"] / 2)) < 30, "it is at the question in hand")
        self.assert_accessible(page)

    def test_two_fingers_and_the_wheel_zoom_where_they_are(self) -> None:
        page = self.join(**PHONE).page
        paper = page.locator("main .paper").first
        before = paper.bounding_box()
        assert before
        Finger(page).pinch(200, 300, 80, 160)

        def width() -> float:
            box = paper.bounding_box()
            assert box
            return box["width"]

        wait_until(lambda: width() > before["width"] * 1.5, "the page is larger")
        laptop = self.join(name="Ama Lindqvist").page
        sheet = laptop.locator("main .paper").first
        start = sheet.bounding_box()
        assert start
        laptop.mouse.move(600, 400)
        laptop.keyboard.down("Control")
        laptop.mouse.wheel(0, -200)
        laptop.keyboard.up("Control")

        def grown() -> bool:
            box = sheet.bounding_box()
            assert box
            at = (400 - box["y"]) / box["height"] * start["height"] + start["y"]
            return box["width"] > start["width"] * 1.2 and abs(at - 400) < 3

        wait_until(grown, "what was under the mouse is there still, and larger")

    def test_a_phone_shows_one_question_at_a_time_as_the_student_likes(self) -> None:
        sheet = self.join(**PHONE)
        page = sheet.page
        page.get_by_role("button", name="One question").click()
        view = page.get_by_role("main")
        expect(view.locator("p:not(.sr-only)")).to_have_text("1. What was the name of the second herring boat?")

        def is_seen(question: int) -> bool:
            place = view.locator(f"[data-questions='box{question - 1:03}']")
            inner, outer = place.bounding_box(), view.bounding_box()
            assert inner and outer
            return outer["y"] <= inner["y"] and inner["y"] + inner["height"] <= outer["y"] + outer["height"]

        for question in (1, 2, 3, 4, 5):
            wait_until(lambda question=question: is_seen(question), "the question in hand is in view")
            self.assertLessEqual(view.evaluate("(view) => view.scrollWidth - view.clientWidth"), 1)
            page.get_by_role("button", name="Next blank").click()
        self.assert_accessible(page)
        page.reload()
        expect(page.get_by_role("button", name="Whole page")).to_be_visible()
        page.get_by_role("button", name="Whole page").click()
        expect(page.locator("main .paper")).to_have_count(3)

    def test_a_keyboard_on_the_screen_lies_over_no_question(self) -> None:
        sheet = self.join(**PHONE)
        page = sheet.page
        answer = sheet.answer(1)
        answer.click()
        expect(answer).to_be_focused()
        # Browsers that make the page smaller for it.
        self.assertIn("resizes-content", str(page.locator("meta[name=viewport]").get_attribute("content")))
        page.set_viewport_size({"width": 390, "height": 430})
        expect(answer).to_be_in_viewport(ratio=1)
        expect(page.locator("main .paper").first).to_be_in_viewport()
        page.set_viewport_size({"width": 390, "height": 844})
        # Browsers that lay it over the page, and tell what is seen.
        page.evaluate(
            """() => {
              Object.defineProperty(visualViewport, "height", { value: 420, configurable: true });
              visualViewport.dispatchEvent(new Event("resize"));
            }"""
        )

        def bottom() -> float:
            box = answer.bounding_box()
            assert box
            return box["y"] + box["height"]

        wait_until(lambda: bottom() < 420, "the answer is above the keyboard")

    def test_a_sheet_is_taken_off_the_device(self) -> None:
        context = self.new_browser()
        sheet = self.join(context.new_page())
        page, address = sheet.page, sheet.page.url
        code = page.locator("header bdi").nth(1).inner_text()
        self.settle(sheet)
        sheet.dialog.get_by_role("button", name="Close").click()
        self.kill_server()
        sheet.write(1, "the third of November")
        self.settle(sheet)
        leave = sheet.dialog.get_by_role("button", name="Take my sheet off this device")
        leave.click()
        expect(sheet.dialog.get_by_role("alert")).to_contain_text("on this device alone")
        self.start_server()
        leave.click()
        page.wait_for_url(f"{self.live_server_url}/")
        self.assertEqual(sheet.kept_on_device(), 0)
        answer = page.goto(address)
        assert answer
        self.assertEqual(answer.status, 404)
        page.goto(f"/join/{self.handed.code}/")
        page.get_by_label("Return code").or_(page.get_by_text("I have begun on another device")).first.click()
        page.get_by_label("Return code").fill(code)
        page.get_by_role("button", name="Come back").click()
        expect(sheet.answer(1)).to_have_value("the third of November")
