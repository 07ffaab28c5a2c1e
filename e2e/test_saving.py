"""Nothing stops a save, and nothing is lost: what is refused, what comes too late, what breaks off half way."""

import json
import socket
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path
from threading import Event
from unittest import mock
from urllib.parse import urlsplit

from django.conf import settings
from playwright.sync_api import Route, expect

from demo.papers import keepers_log
from e2e.files import file
from e2e.journey import Journey
from e2e.live_server import wait_until
from e2e.pages.desk import DeskPage
from e2e.pages.editor import EditorPage
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy
from server.worksheets import api, show
from server.worksheets.flows.bring_in import BroughtIn
from server.worksheets.models import Worksheet
from server.worksheets.show import BroughtInOut


class RefusedEdits(Journey):
    expected_problems = r"status of 422"

    def setUp(self) -> None:
        super().setUp()
        self.editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        self.page = self.editor.page
        self.banner = self.page.get_by_role("status", name="Not saved")

    def fields(self) -> list[dict[str, object]]:
        self.keepers_log.refresh_from_db()
        fields: list[dict[str, object]] = self.keepers_log.document["fields"]
        return fields

    def refuse(self) -> None:
        """Give the second question a hint that the server will not have, as one that another release wrote."""

        def longer(route: Route) -> None:
            body = route.request.post_data or ""
            route.continue_(post_data=body.replace('"hint":"refuse me"', f'"hint":"{"x" * 5_000}"'))

        self.page.route("**/edits", longer)
        self.editor.box(2).click()
        self.editor.hint().fill("refuse me")
        expect(self.banner).to_contain_text("One change could not be saved. Everything else is.")

    def test_a_refused_change_is_set_aside_and_everything_else_is_saved(self) -> None:
        self.refuse()
        self.editor.draw(60, 560, 160, 590)
        self.assert_accessible(self.page)
        wait_until(lambda: len(self.fields()) == 16, "the box is saved")
        self.page.reload()
        expect(self.banner).to_contain_text("One change could not be saved")
        self.editor.expect_boxes(16)
        self.banner.get_by_role("button", name="Leave it out").click()
        expect(self.banner).to_have_count(0)
        self.editor.expect_saved()
        self.assertEqual({field["hint"] for field in self.fields()}, {""})

    def test_a_refused_change_is_corrected(self) -> None:
        self.refuse()
        self.editor.box(1).click()
        self.banner.get_by_role("button", name="Correct it").click()
        hint = self.editor.hint()
        expect(hint).to_have_value("refuse me")
        hint.fill("look at the log")
        expect(self.banner).to_have_count(0)
        self.editor.expect_saved()
        self.assertEqual([field["hint"] for field in self.fields()][:3], ["", "look at the log", ""])


class SettingsOfAQuestion(Journey):
    def test_what_is_typed_stays_with_the_question_it_was_typed_for(self) -> None:
        editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        page = editor.page
        page.get_by_label("Lay on the page").get_by_role("button", name="Box").click()
        editor.draw(40, 20, 160, 60)
        editor.box(1).click()
        editor.hint().fill("for the first")
        page.get_by_role("button", name="Box, page 1").press("Enter")
        editor.box(3).click()
        editor.hint().press_sequentially("for the third")
        editor.box(2).click()
        expect(editor.hint()).to_have_value("")
        editor.expect_saved()
        self.keepers_log.refresh_from_db()
        hints = [field["hint"] for field in self.keepers_log.document["fields"]]
        self.assertEqual(hints[:4], ["for the first", "", "for the third", ""])
        self.assertEqual([made["kind"] for made in self.keepers_log.document["fixtures"]], ["shape"])


class Uploads(Journey):
    expected_problems = r"status of 409"

    def incoming(self) -> list[Path]:
        return list((settings.DATA / "incoming").glob("*"))

    @contextmanager
    def answer_held(self) -> Iterator[Callable[[], None]]:
        """The server does what an upload asks for, and answers when it is told to."""
        answer, done = show.brought_in_out, Event()

        def late(brought: BroughtIn) -> BroughtInOut:
            done.wait(300)
            return answer(brought)

        with mock.patch.object(api, "brought_in_out", late):
            try:
                yield done.set
            finally:
                done.set()

    def test_cancelling_takes_back_what_has_left_already(self) -> None:
        page = self.teacher_browser().new_page()
        DeskPage(page).open()
        count = Worksheet.objects.count()
        path = file("keepers log.pdf", keepers_log.draw())
        with self.answer_held() as go_on:
            page.get_by_label("Choose files").set_input_files(path)
            wait_until(lambda: Worksheet.objects.count() == count + 1, "it has all come")
            page.get_by_role("button", name="Cancel").click()
            expect(page.get_by_role("alert")).to_have_text("Nothing was brought in.")
            go_on()
        wait_until(lambda: Worksheet.objects.count() == count, "the worksheet is taken back")

    def test_what_is_typed_while_an_upload_is_answered_is_kept(self) -> None:
        editor = EditorPage(self.teacher_browser().new_page()).open(self.keepers_log.pk)
        page = editor.page
        editor.step("Pages")
        path = file("more.pdf", keepers_log.draw())
        with self.answer_held() as go_on:
            page.get_by_label("Add pages from files").set_input_files(path)
            wait_until(lambda: self.now().page_count == 6, "it has all come")
            page.get_by_label("Title of the worksheet").fill("The keeper's two logs")
            page.keyboard.press("Tab")
            go_on()
        wait_until(lambda: self.now().title == "The keeper's two logs", "the title is saved")
        expect(page.get_by_label("Title of the worksheet")).to_have_value("The keeper's two logs")
        editor.expect_saved()
        self.assertEqual(self.now().page_count, 6)

    def now(self) -> Worksheet:
        return Worksheet.objects.get(pk=self.keepers_log.pk)

    def test_a_connection_that_breaks_leaves_nothing(self) -> None:
        context = self.teacher_browser()
        page = context.new_page()
        page.goto("/desk/")
        cookies = {cookie["name"]: cookie["value"] for cookie in context.cookies()}
        csrf = page.evaluate("JSON.parse(document.getElementById('begin').textContent).csrf")
        body = keepers_log.draw()
        count = Worksheet.objects.count()
        server = urlsplit(self.live_server_url)
        head = (
            f"POST /api/worksheets?name=a.pdf HTTP/1.1\r\nHost: {server.netloc}\r\nX-CSRFToken: {csrf}\r\n"
            f"Cookie: {'; '.join(f'{name}={value}' for name, value in cookies.items())}\r\n"
        )
        for announced in (len(body), 40_000_000):
            with socket.create_connection((server.hostname, server.port)) as connection:
                connection.sendall(f"{head}Content-Length: {announced}\r\n\r\n".encode() + body[: len(body) - 40])
        wait_until(lambda: not self.incoming(), "nothing half stays behind")
        self.assertEqual(Worksheet.objects.count(), count)


class SecondDevice(Journey):
    expected_problems = r"status of 409|ERR_INTERNET_DISCONNECTED"

    def test_what_came_too_late_to_be_handed_in_is_told_to_both(self) -> None:
        laptop = self.new_browser()
        sheet = JoinPage(laptop.new_page()).join(self.handout.code, "Kaito Brandt")
        sheet.write(1, "13:10")
        sheet.expect_saved()
        tablet = self.new_browser()
        held = next(cookie for cookie in laptop.cookies() if cookie["name"] == "copy")
        tablet.add_cookies([{"name": "copy", "value": held["value"], "domain": held["domain"], "path": held["path"]}])
        other = SheetPage(tablet.new_page())
        other.page.goto(sheet.page.url)
        expect(other.answer(1)).to_have_value("13:10")
        laptop.set_offline(True)
        sheet.write(2, "07:50")
        expect(sheet.saving).to_contain_text("Offline")
        other.hand_in.click()
        other.dialog.get_by_role("button", name="Hand in all the same").click()
        expect(other.page.get_by_text("Handed in")).to_be_visible()
        laptop.set_offline(False)
        expect(sheet.page.get_by_text("1 answer of this device came too late for it")).to_be_visible()
        expect(sheet.answer(2)).to_have_attribute("readonly", "")
        self.assert_accessible(sheet.page)
        copy = Copy.objects.get(name="Kaito Brandt")
        self.assertEqual([answer.value["text"] for answer in copy.answers.all()], ["13:10"])
        teacher = self.teacher_browser().new_page()
        teacher.goto(f"/copies/{copy.pk}/")
        expect(teacher.get_by_text("Answers to question 2 came too late to be handed in.")).to_be_visible()
        self.assertEqual(sheet.kept_on_device(), 0)

    def test_what_an_older_release_kept_on_the_device_is_sent(self) -> None:
        browser = self.new_browser()
        sheet = JoinPage(browser.new_page()).join(self.handout.code, "Kaito Brandt")
        copy = Copy.objects.get(name="Kaito Brandt")
        first = self.tide_table.document["fields"][0]["id"]
        answer = {"kind": "answer_box", "version": 1, "text": "13:10"}
        kept = {"revision": 1, "answer": answer, "typed": 1, "order": 1, "sent": False}
        sheet.page.evaluate(
            "([name, kept]) => localStorage.setItem(name, kept)", [f"velum:copy:{copy.pk}:{first}", json.dumps(kept)]
        )
        sheet.page.reload()
        expect(sheet.answer(1)).to_have_value("13:10")
        wait_until(lambda: copy.answers.filter(value=answer).exists(), "the answer is on the server")
        self.assertEqual(sheet.page.evaluate("Object.keys(localStorage).length"), 0)
        self.assertEqual(sheet.kept_on_device(), 1)


class Unreadable(Journey):
    expected_problems = r"status of 422"

    def test_a_worksheet_that_cannot_be_read_is_shown_as_that_and_downloaded(self) -> None:
        broken = self.keepers_log.document | {"pages": "gone"}
        Worksheet.objects.filter(pk=self.keepers_log.pk).update(document=broken)
        page = self.teacher_browser().new_page()
        page.goto(f"/worksheets/{self.keepers_log.pk}/")
        expect(page.get_by_text("cannot be read")).to_be_visible()
        desk = DeskPage(page).open()
        expect(desk.sheet("Reading a tide table")).to_be_visible()
        sheet = desk.sheet("The lighthouse keeper's log")
        expect(sheet).to_contain_text("This worksheet cannot be read. It is kept as it is.")
        with page.expect_download() as download:
            sheet.get_by_role("link", name="Download it").click()
        self.assertEqual(json.loads(Path(download.value.path()).read_text()), broken)
