"""A sheet that was opened once opens without a network, and not for anybody else."""

from playwright.sync_api import BrowserContext, Page, expect

from e2e.journey import NETWORK, PHONE, Journey
from e2e.live_server import wait_until
from e2e.pages.sheet import JoinPage, SheetPage
from server.copies.models import Copy
from server.handouts.flows.hand_out import hand_out

_KEPT = """async () => {
  const names = (await caches.keys()).filter((name) => name.startsWith("velum:sheet:"));
  return Promise.all(names.map(async (name) => {
    const keys = await (await caches.open(name)).keys();
    return [name.slice(12), keys.map(({ url }) => new URL(url).pathname)];
  }));
}"""


class Offline(Journey):
    expected_problems = rf"{NETWORK}|40[14]"

    def setUp(self) -> None:
        super().setUp()
        self.handed = hand_out(self.maren, self.keepers_log.pk)

    def join(self, context: BrowserContext, name: str = "Zoe Quill") -> SheetPage:
        sheet = JoinPage(context.new_page()).join(self.handed.code, name)
        wait_until(lambda: self.has_kept(sheet), "the whole sheet is kept on the device")
        return sheet

    def lose_network(self) -> None:
        """As the device sees it: a browser that only plays being offline still lets its service worker out."""
        self.kill_server()

    def kept(self, page: Page) -> dict[str, list[str]]:
        return dict(page.evaluate(_KEPT))

    def has_kept(self, sheet: SheetPage) -> bool:
        addresses = self.kept(sheet.page).get(sheet.copy_id, [])
        pages = len({address.split("/")[4] for address in addresses if "/pages/" in address})
        return pages == 3 and f"/c/{sheet.copy_id}/" in addresses and any("/static/" in each for each in addresses)

    def saved(self) -> set[str]:
        return {row.value["text"] for row in Copy.objects.get(handout=self.handed, name="Zoe Quill").answers.all()}

    def test_it_opens_again_and_what_is_written_goes_when_there_is_a_network(self) -> None:
        context = self.new_browser()
        sheet = self.join(context)
        page = sheet.page
        self.lose_network()
        sheet.write(1, "the third of November")
        expect(sheet.saving).to_have_text("Offline: kept on this device")
        page.reload()
        expect(sheet.answer(1)).to_have_value("the third of November")
        # Pages that were not looked at before are there too.
        last = page.locator("main .paper").nth(2)
        last.scroll_into_view_if_needed()
        wait_until(
            lambda: last.locator("img").first.evaluate("(img) => img.complete && img.naturalWidth > 0"),
            "the last page is shown",
        )
        sheet.write(2, "oil")
        address = page.url
        page.close()
        again = SheetPage(context.new_page())
        again.page.goto(address)
        expect(again.answer(2)).to_have_value("oil")
        self.assertEqual(self.saved(), set())
        self.start_server()
        wait_until(lambda: self.saved() == {"the third of November", "oil"}, "both answers are on the server")
        self.assert_accessible(again.page)

    def test_on_a_phone_too(self) -> None:
        context = self.new_browser(**PHONE)
        sheet = self.join(context)
        self.lose_network()
        sheet.page.reload()
        expect(sheet.page.get_by_role("region", name="The question in hand")).to_be_visible()

    def test_nobody_else_sees_it(self) -> None:
        context = self.new_browser()
        first = self.join(context)
        other = self.join(context, "Ama Lindqvist")
        self.assertEqual(set(self.kept(other.page)), {other.copy_id})
        answer = other.page.request.get(f"/c/{first.copy_id}/")
        self.assertEqual(answer.status, 404)
        self.lose_network()
        page = context.new_page()
        with self.assertRaisesRegex(Exception, "ERR_"):
            page.goto(first.page.url)

    def test_a_sheet_that_the_server_does_not_know_any_more_is_forgotten(self) -> None:
        context = self.new_browser()
        sheet = self.join(context)
        context.clear_cookies()
        page = context.new_page()
        answer = page.goto(sheet.page.url)
        assert answer
        self.assertEqual(answer.status, 404)
        self.assertEqual(self.kept(page), {})
