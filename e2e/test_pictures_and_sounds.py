"""Picture boxes and sound boxes: brought, turned, labelled, recorded; kept on the device until the server has them."""

import io
import re
from typing import Any

from django.core.files.storage import default_storage
from PIL import Image
from playwright.sync_api import FilePayload, Page, expect

from e2e.journey import NETWORK, PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import AnswerFile, Copy, StoredMark
from server.handouts.flows.hand_out import hand_out
from server.worksheets import documents
from server.worksheets.flows.edit import replace
from velum.kinds.picture_box import PICTURE_BOX
from velum.kinds.sound_box import SOUND_BOX


def photo(colour: str = "#336699") -> FilePayload:
    out = io.BytesIO()
    Image.new("RGB", (400, 200), colour).save(out, "JPEG")
    return {"name": "shell.jpg", "mimeType": "image/jpeg", "buffer": out.getvalue()}


class OnTheSheet(Journey):
    arguments = ("--autoplay-policy=no-user-gesture-required",)
    expected_problems = rf"{NETWORK}|422|413"

    def setUp(self) -> None:
        super().setUp()
        document = documents.read(self.keepers_log)
        page = document.pages[0].id
        picture = PICTURE_BOX.example[0].changed(page=page)
        picture = picture.changed(box=picture.box.changed(y=200))
        sound = SOUND_BOX.example[0].changed(page=page, most_seconds=1_200)
        sound = sound.changed(box=sound.box.changed(y=380, width=340))
        short = sound.changed(id="voice002", most_seconds=5, box=sound.box.changed(y=440))
        replace(self.keepers_log, document.changed(fields=(picture, sound, short), keys={}, groups=()))
        self.handed = hand_out(self.maren, self.keepers_log.pk)

    def join(self, **options: Any) -> SheetPage:
        return JoinPage(self.new_browser(**options).new_page()).join(self.handed.code, "Zoe Quill")

    def value(self, field: str) -> dict[str, Any]:
        row = Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.filter(field_id=field).first()
        return row.value if row else {}

    def expect_value(self, field: str, **wanted: Any) -> dict[str, Any]:
        def holds() -> bool:
            value = self.value(field)
            return all(name in value and value[name] == what for name, what in wanted.items())

        wait_until(holds, f"the server has {wanted}")
        return self.value(field)

    def expect_file(self, field: str, member: str) -> str:
        wait_until(lambda: bool(self.value(field).get(member)), f"the answer speaks of a {member}")
        name: str = self.value(field)[member]
        return name

    def test_a_picture_is_brought_turned_labelled_and_said(self) -> None:
        sheet = self.join()
        page = sheet.page
        place = page.get_by_role("group", name="Answer 1")
        place.click()
        page.get_by_label("Picture for 1").set_input_files(photo())
        name = self.expect_file("photo001", "picture")
        self.assertTrue(default_storage.exists(AnswerFile.objects.get(sha256=name).name))
        page.get_by_role("button", name="Turn", exact=True).click()
        page.get_by_role("button", name="Larger", exact=True).last.click()
        page.get_by_label("What is on it?").fill("a whelk")
        self.expect_value("photo001", turn=90, zoom=1.25, says="a whelk")
        page.get_by_role("button", name="Label", exact=True).click()
        place.click(position={"x": 150, "y": 100})
        page.get_by_label("Words of the label").press_sequentially("the lip")
        page.keyboard.press("Enter")
        wait_until(lambda: len(self.value("photo001")["labels"]) == 1, "the label is saved")
        labels = self.value("photo001")["labels"]
        self.assertEqual(labels[0]["text"], "the lip")
        self.assertAlmostEqual(labels[0]["x"], 0.5, delta=0.1)
        self.assert_accessible(page)
        page.reload()
        expect(page.get_by_role("img", name="a whelk")).to_be_visible()
        sheet.hand_in.click()
        sheet.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(page.get_by_text("Handed in")).to_be_visible()
        marks = StoredMark.objects.filter(copy__handout=self.handed).values_list("field_id", "verdict")
        self.assertEqual(dict(marks), {"photo001": "teacher", "voice001": "blank", "voice002": "blank"})
        review = self.teacher_browser().new_page()
        review.goto(f"/copies/{sheet.copy_id}/")
        expect(review.get_by_role("img", name="a whelk")).to_be_visible()
        self.assertEqual(review.request.get(f"/copies/{sheet.copy_id}/files/{name}/").status, 200)
        # Nobody else is shown it.
        stranger = self.new_browser().new_page()
        self.assertEqual(stranger.request.get(f"/c/{sheet.copy_id}/files/{name}/").status, 404)

    def test_the_keyboard_moves_the_picture_and_labels_it(self) -> None:
        page = self.join().page
        place = page.get_by_role("group", name="Answer 1")
        place.focus()
        page.get_by_label("Picture for 1").set_input_files(photo())
        self.expect_file("photo001", "picture")
        place.focus()
        page.keyboard.press("+")
        page.keyboard.press("+")
        page.keyboard.press("+")
        wait_until(lambda: self.value("photo001")["zoom"] > 1.9, "it is larger")
        page.keyboard.press("ArrowRight")
        wait_until(lambda: self.value("photo001")["x"] > 0.5, "it moved")
        page.keyboard.press("Enter")
        page.get_by_label("Words of the label").press_sequentially("here")
        page.keyboard.press("Enter")
        wait_until(lambda: [label["text"] for label in self.value("photo001")["labels"]] == ["here"], "it is labelled")
        page.get_by_role("button", name="Change the label here").press("Enter")
        page.get_by_label("Words of the label").fill("there")
        page.keyboard.press("Enter")
        wait_until(lambda: [label["text"] for label in self.value("photo001")["labels"]] == ["there"], "it is changed")

    def test_what_is_no_picture_is_refused_with_a_reason(self) -> None:
        page = self.join().page
        page.get_by_role("group", name="Answer 1").focus()
        page.get_by_label("Picture for 1").set_input_files(
            {"name": "shell.jpg", "mimeType": "image/jpeg", "buffer": b"<html><script>alert(1)</script></html>"}
        )
        expect(page.get_by_role("alert")).to_contain_text("Your answer to 1 was not taken")
        self.assertEqual((AnswerFile.objects.count(), self.value("photo001")), (0, {}))

    def test_without_a_connection_a_picture_waits_on_the_device(self) -> None:
        sheet = self.join()
        page = sheet.page
        page.get_by_role("group", name="Answer 1").focus()
        page.context.set_offline(True)
        page.get_by_label("Picture for 1").set_input_files(photo())
        expect(page.get_by_text("It is kept on this device")).to_be_visible()
        self.assertEqual(AnswerFile.objects.count(), 0)
        page.context.set_offline(False)
        self.expect_file("photo001", "picture")
        expect(page.get_by_text("It is kept on this device")).to_have_count(0)

    def test_a_sound_is_recorded_heard_and_recorded_again(self) -> None:
        sheet = self.join()
        page = sheet.page
        place = page.get_by_role("group", name="Answer 2")
        place.get_by_role("button", name="Record").click()
        expect(place.get_by_role("timer")).to_have_text(re.compile(r"[1-9] of 20:00"))
        self.assert_accessible(page)
        place.get_by_role("button", name="Stop").click()
        first = self.expect_file("voice001", "sound")
        row = AnswerFile.objects.get(sha256=first)
        self.assertEqual(row.media_type, "audio/webm")
        expect(place.locator("audio")).to_have_attribute("src", re.compile(first))
        place.get_by_role("button", name="Record again").click()
        expect(place.get_by_role("timer")).to_have_text(re.compile(r"[1-9] of 20:00"))
        place.get_by_role("button", name="Stop").click()
        wait_until(lambda: self.value("voice001")["sound"] != first, "another recording is kept")
        review = self.teacher_browser().new_page()
        review.goto(f"/copies/{sheet.copy_id}/")
        review.get_by_role("button", name="Question 2: a recording").click()
        heard = review.locator("audio").get_attribute("src")
        self.assertEqual(heard, f"/copies/{sheet.copy_id}/files/{self.value('voice001')['sound']}/")

    def test_a_recording_that_is_not_stopped_ends_by_itself(self) -> None:
        page = self.join().page
        place = page.get_by_role("group", name="Answer 3")
        place.get_by_role("button", name="Record").click()
        self.expect_file("voice002", "sound")
        expect(place.get_by_role("button", name="Record again")).to_be_visible()

    def test_a_phone_adds_a_picture_from_the_dock(self) -> None:
        page: Page = self.join(**PHONE).page
        dock = page.get_by_role("region", name="The question in hand")
        dock.get_by_label("Picture for 1").set_input_files(photo())
        self.expect_file("photo001", "picture")
        dock.get_by_label("What is on it?").fill("a whelk")
        self.expect_value("photo001", says="a whelk")
        self.assert_accessible(page)
        page.get_by_role("button", name="Next blank").tap()
        expect(dock.get_by_role("button", name="Record")).to_be_visible()
        self.assert_accessible(page)


class OnTheFilm(Journey):
    def test_both_are_laid(self) -> None:
        page = self.teacher_browser().new_page()
        editor = EditorPage(page).open(self.keepers_log.pk)
        known = {field.id for field in documents.read(self.keepers_log).fields}
        page.get_by_role("button", name="Picture box").click()
        editor.draw(60, 620, 260, 760)
        page.get_by_role("button", name="Sound box").click()
        editor.draw(300, 620, 560, 660)
        editor.slip.get_by_label("A recording is at most").select_option("120")
        editor.slip.get_by_label("Marked by you").uncheck()
        editor.expect_saved()
        self.assert_accessible(page)
        self.keepers_log.refresh_from_db()
        made = [field for field in documents.read(self.keepers_log).fields if field.id not in known]
        self.assertEqual({(field.kind, field.points) for field in made}, {("picture_box", 1), ("sound_box", 0)})
        editor.step("Key")
        expect(page.get_by_text("You look at it yourself.").first).to_be_visible()
