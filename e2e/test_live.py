"""A teacher's page follows what happens, and asks for nothing that did not."""

from playwright.sync_api import Page, expect

from e2e.journey import NETWORK, Journey
from e2e.pages.handout import HandoutPage
from e2e.pages.sheet import JoinPage, SheetPage


class Live(Journey):
    expected_problems = NETWORK

    def setUp(self) -> None:
        super().setUp()
        self.page = self.teacher_browser().new_page()
        self.asked: list[str] = []
        self.page.on("request", lambda request: self.asked.append(request.url.rsplit("/", 1)[-1]))

    def join(self) -> SheetPage:
        return JoinPage(self.new_browser().new_page()).join(self.handout.code, "Zoe Quill")

    def open(self, page: Page) -> HandoutPage:
        handout = HandoutPage(page).open(self.handout.pk)
        expect(handout.row("Ama Lindqvist")).to_be_visible()
        return handout

    def test_who_joins_and_writes_is_seen_and_only_what_changed_is_asked_for(self) -> None:
        with self.page.expect_response("**/live/") as stream:
            handout = self.open(self.page)
        self.assertEqual(stream.value.headers["content-type"], "text/event-stream; charset=utf-8")
        sheet = self.join()
        expect(handout.row("Zoe Quill")).to_contain_text("Not begun")
        names = self.page.get_by_role("rowheader").all_inner_texts()
        self.assertEqual(names[-1], "Zoe Quill")
        sheet.write(1, "13:10")
        expect(handout.row("Zoe Quill")).to_contain_text("Working")
        self.assertNotIn("results", self.asked)
        changes = [asked for asked in self.asked if asked.startswith("changes?since=")]
        self.assertEqual(len(changes), len(set(changes)), "what did not change was asked for again")

    def test_where_streams_do_not_come_through_it_asks(self) -> None:
        self.page.route("**/live/", lambda route: route.abort())
        handout = self.open(self.page)
        self.join()
        expect(handout.row("Zoe Quill")).to_be_visible()
        self.assertNotIn("results", self.asked)

    def test_a_server_that_was_away_is_followed_again(self) -> None:
        handout = self.open(self.page)
        self.kill_server()
        expect(handout.counts).to_contain_text("cannot be reached")
        self.start_server()
        expect(handout.counts).to_contain_text("handed in")
        self.join()
        expect(handout.row("Zoe Quill")).to_be_visible()
