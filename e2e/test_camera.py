"""Papers under a camera: the device's own, and the demo's stand-in for one."""

from django.conf import settings
from playwright.sync_api import expect

from demo.camera import lay_sheets
from e2e.journey import PHONE, Journey
from e2e.pages.editor import EditorPage
from server.worksheets.models import Worksheet


class Camera(Journey):
    @classmethod
    def setUpClass(cls) -> None:
        super().setUpClass()
        lay_sheets(settings.DATA / "camera")

    def test_sheets_are_taken_with_the_document_camera_and_straightened(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto("/desk/")
        page.get_by_role("button", name="Use the camera").click()
        dialog = page.get_by_role("dialog")
        expect(page.get_by_test_id("camera").locator("img")).to_be_visible()
        page.wait_for_function("() => document.querySelector('[data-testid=camera] img')?.naturalWidth > 1000")
        self.assert_accessible(page)
        for _ in range(3):
            dialog.get_by_role("button", name="Take a photo").click()
        expect(dialog.get_by_role("list", name="Photos").get_by_role("listitem")).to_have_count(3)
        dialog.get_by_role("button", name="Remove photo 3").click()
        dialog.get_by_role("button", name="Bring in 2 photos").click()
        page.wait_for_url("**/worksheets/**")
        page.get_by_role("navigation", name="Steps").get_by_role("link", name="Pages").click()
        page.get_by_role("button", name="Straighten all 2").click()
        expect(page.get_by_text("210 × 297 mm")).to_have_count(2)
        EditorPage(page).expect_saved()
        sheet = Worksheet.objects.order_by("created_at").last()
        assert sheet
        self.assertEqual([bool(made["corners"]) for made in sheet.document["pages"]], [True, True])

    def test_nothing_is_brought_in_by_looking(self) -> None:
        page = self.teacher_browser().new_page()
        page.goto("/desk/")
        page.get_by_role("button", name="Use the camera").click()
        expect(page.get_by_role("button", name="Bring in 0 photos")).to_be_disabled()
        page.keyboard.press("Escape")
        expect(page.get_by_role("dialog")).to_have_count(0)
        expect(page.get_by_role("button", name="Use the camera")).to_be_visible()


class OwnCamera(Journey):
    """The device's own camera, which shows a clock, and is allowed to whoever asks."""

    arguments = ("--use-fake-device-for-media-stream", "--use-fake-ui-for-media-stream")

    def test_it_is_used_where_it_is_allowed(self) -> None:
        page = self.teacher_browser(None, **PHONE).new_page()
        page.goto("/desk/")
        page.get_by_role("button", name="Use the camera").click()
        dialog = page.get_by_role("dialog")
        expect(dialog.get_by_label("Camera").locator("option").last).to_contain_text("stand-in")
        self.assertGreater(dialog.get_by_label("Camera").locator("option").count(), 1)
        page.wait_for_function("() => document.querySelector('[data-testid=camera] video')?.videoWidth > 0")
        dialog.get_by_role("button", name="Take a photo").click()
        dialog.get_by_role("button", name="Bring in 1 photo").click()
        page.wait_for_url("**/worksheets/**")
        sheet = Worksheet.objects.order_by("created_at").last()
        assert sheet
        self.assertEqual((sheet.document["title"], len(sheet.document["pages"])), ("Photo 1", 1))
