"""When worksheets open and end, from both sides."""

from datetime import timedelta

from django.utils import timezone
from playwright.sync_api import expect

from e2e.journey import PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy
from server.handouts.models import Handout

_SHOWN_AGAIN = "document.dispatchEvent(new Event('visibilitychange'))"


class Times(Journey):
    def setUp(self) -> None:
        super().setUp()
        self.teacher = self.teacher_browser().new_page()
        self.handout_page = HandoutPage(self.teacher).open(self.handout.pk)
        self.times = self.teacher.get_by_role("region", name="How students join")
        self.asked = self.times.get_by_role("alert")

    def limit(self, minutes: int) -> None:
        """Set a limit as a teacher does, by the keyboard alone."""
        folded = self.times.get_by_text("Times", exact=True)
        minutes_box = self.times.get_by_label("Minutes from when a student begins")
        if not minutes_box.is_visible():
            folded.focus()
            self.teacher.keyboard.press("Enter")
        minutes_box.focus()
        self.teacher.keyboard.press("ControlOrMeta+a")
        self.teacher.keyboard.type(str(minutes))
        self.teacher.keyboard.press("Tab")

    def join(self, name: str = "Zoe Quill") -> SheetPage:
        page = self.new_browser(**PHONE).new_page()
        return JoinPage(page).join(self.handout.code, name)

    def copy_of(self, name: str = "Zoe Quill") -> Copy:
        return Copy.objects.get(handout=self.handout, name=name)

    def test_a_limited_time_begins_when_the_student_says_so_and_can_be_longer_for_one(self) -> None:
        self.limit(20)
        # Others are at work already.
        self.asked.get_by_role("button", name="Change it").click()
        wait_until(lambda: Handout.objects.get(pk=self.handout.pk).minutes == 20, "the limit is set")
        sheet = self.join()
        expect(sheet.page.get_by_text("You have 20 minutes from when you begin.")).to_be_visible()
        self.assert_accessible(sheet.page)
        sheet.page.get_by_role("button", name="Begin now").click()
        timer = sheet.page.get_by_role("timer")
        expect(timer).to_have_text("20 minutes left")
        self.assert_accessible(sheet.page)
        # Somebody else may be at work on another limit; one of them has more time.
        self.teacher.get_by_role("button", name="Time of Zoe Quill").click()
        dialog = self.teacher.get_by_role("dialog")
        dialog.get_by_role("button", name="10 minutes more").click()
        expect(dialog.get_by_role("status").first).to_contain_text("10 minutes more than the others.")
        self.assert_accessible(self.teacher)
        dialog.get_by_role("button", name="Done").click()
        sheet.page.evaluate(_SHOWN_AGAIN)
        expect(timer).to_have_text("30 minutes left")

    def test_what_is_written_is_handed_in_by_itself_when_the_time_is_up(self) -> None:
        Handout.objects.filter(pk=self.handout.pk).update(minutes=20)
        sheet = self.join()
        sheet.page.get_by_role("button", name="Begin now").click()
        sheet.page.get_by_role("timer").wait_for()
        sheet.page.get_by_label("Answer 1", exact=True).first.fill("13:10")
        sheet.expect_saved()
        begun = timezone.now() - timedelta(minutes=19, seconds=58)
        Copy.objects.filter(pk=self.copy_of().pk).update(begun_at=begun, time_up_at=begun + timedelta(minutes=20))
        sheet.page.evaluate(_SHOWN_AGAIN)
        expect(sheet.page.get_by_text("Handed in", exact=False).last).to_be_visible()
        expect(sheet.page.get_by_test_id("announcer")).to_have_text("The time is over. Your work is handed in.")
        copy = self.copy_of()
        self.assertEqual(copy.handings_in.count(), 1)
        self.assertGreater(copy.marks.count(), 0)
        expect(self.handout_page.row("Zoe Quill")).to_contain_text("Handed in")

    def test_nothing_of_a_worksheet_is_seen_before_it_opens(self) -> None:
        tomorrow = timezone.now() + timedelta(days=1)
        Handout.objects.filter(pk=self.handout.pk).update(opens_at=tomorrow)
        sheet = self.join()
        expect(sheet.page.get_by_text("It opens:")).to_be_visible()
        expect(sheet.page.locator("img.page-picture")).to_have_count(0)
        self.assert_accessible(sheet.page)
        Handout.objects.filter(pk=self.handout.pk).update(opens_at=timezone.now())
        sheet.page.get_by_role("link", name="Look whether it is open").click()
        expect(sheet.hand_in).to_be_visible()

    def test_what_a_change_means_is_said_before_it_is_made(self) -> None:
        self.limit(20)
        # Others are at work already.
        self.asked.get_by_role("button", name="Change it").click()
        wait_until(lambda: Handout.objects.get(pk=self.handout.pk).minutes == 20, "the limit is set")
        sheet = self.join()
        sheet.page.get_by_role("button", name="Begin now").click()
        sheet.page.get_by_role("timer").wait_for()
        self.limit(5)
        expect(self.asked).to_contain_text("would have less time")
        self.asked.get_by_role("button", name="Leave it as it is").click()
        expect(self.times.get_by_label("Minutes from when a student begins")).to_have_value("20")
        self.assertEqual(Handout.objects.get(pk=self.handout.pk).minutes, 20)
        self.limit(5)
        self.asked.get_by_role("button", name="Change it").click()
        wait_until(lambda: Handout.objects.get(pk=self.handout.pk).minutes == 5, "the limit is shorter")

    def test_late_work_is_marked_as_late(self) -> None:
        Handout.objects.filter(pk=self.handout.pk).update(due_at=timezone.now() - timedelta(hours=1))
        sheet = self.join()
        expect(sheet.page.get_by_text("due")).to_be_visible()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in").click()
        expect(self.handout_page.row("Zoe Quill")).to_contain_text("Handed in late")
