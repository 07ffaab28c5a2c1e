"""A teacher tries a worksheet out before handing it out, as a student would have it."""

from playwright.sync_api import FrameLocator, Page, expect

from e2e.journey import Journey
from server.copies.models import Copy


class TryOut(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.page.goto(f"/worksheets/{self.keepers_log.pk}/")
        self.page.get_by_role("navigation", name="Steps").get_by_role("link", name="Try").click()

    def sheet(self, device: str) -> FrameLocator:
        return self.page.frame_locator(f"iframe[title='The sheet on a {device}']")

    def show(self, page: Page, size: str) -> None:
        page.get_by_role("radio", name=size).focus()
        page.keyboard.press("Space")

    def test_what_is_written_on_one_device_is_there_on_the_others(self) -> None:
        laptop = self.sheet("Laptop")
        laptop.get_by_label("Answer 1", exact=True).fill("Merry Anne")
        expect(laptop.get_by_test_id("saving")).to_have_text("Saved")
        expect(self.page.get_by_role("heading", name="Look-over")).to_be_visible()
        self.assert_accessible(self.page)
        self.show(self.page, "Side by side")
        for device in ("Laptop", "Tablet"):
            expect(self.sheet(device).get_by_label("Answer 1", exact=True)).to_have_value("Merry Anne")
        expect(self.sheet("Phone").get_by_role("button", name="Question 1: Merry Anne")).to_be_visible()
        self.sheet("Laptop").get_by_label("Answer 2", exact=True).fill("gannet")
        expect(self.sheet("Tablet").get_by_label("Answer 2", exact=True)).to_have_value("gannet")

    def test_it_is_checked_handed_in_marked_and_begun_anew_and_is_in_no_list(self) -> None:
        laptop = self.sheet("Laptop")
        laptop.get_by_label("Answer 1", exact=True).fill("Merry Anne")
        laptop.get_by_role("button", name="Check 1").click()
        expect(laptop.get_by_text("right", exact=True).first).to_be_visible()
        laptop.get_by_role("button", name="Hand in", exact=True).click()
        laptop.get_by_role("button", name="Hand in all the same").click()
        expect(laptop.get_by_text("Handed in")).to_be_visible()
        with self.page.context.expect_page() as opened:
            self.page.get_by_role("link", name="How it is marked").click()
        expect(opened.value.get_by_test_id("total")).to_contain_text("1")
        opened.value.close()
        self.page.get_by_role("button", name="As a new student").click()
        expect(laptop.get_by_label("Answer 1", exact=True)).to_have_value("")
        self.assertEqual(Copy.objects.filter(handout__worksheet=self.keepers_log).count(), 1)
        self.page.get_by_role("navigation", name="Steps").get_by_role("link", name="Hand out").click()
        expect(self.page.get_by_role("button", name="Hand out to anybody")).to_be_enabled()
        expect(self.page.get_by_role("heading", name="Handed out before")).to_have_count(0)

    def test_a_change_of_the_worksheet_is_tried_with_what_was_written(self) -> None:
        laptop = self.sheet("Laptop")
        laptop.get_by_label("Answer 1", exact=True).fill("Merry Anne")
        expect(laptop.get_by_test_id("saving")).to_have_text("Saved")
        self.page.get_by_label("Title of the worksheet").fill("The log, once more")
        self.page.get_by_role("button", name="Try it as it is now").click()
        expect(laptop.get_by_role("heading", name="The log, once more")).to_be_visible()
        expect(laptop.get_by_label("Answer 1", exact=True)).to_have_value("Merry Anne")
