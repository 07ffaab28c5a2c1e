"""A made-up language, long and from right to left, shows which words were forgotten, and what leans on English."""

from playwright.sync_api import Page, expect

from e2e.journey import LAPTOP, PHONE, Journey
from server.copies.models import Copy

FORGOTTEN = """(written) => {
  // Nobody's words but theirs: what people wrote, and what stands on paper.
  const others = "[dir=auto], [translate=no], script, noscript, .paper";
  // A letter of the made-up language bears a dot.
  const plain = (text) => {
    for (const words of written) text = text.replaceAll(words, "");
    return /[a-z](?!\u0307)[a-z](?!\u0307)/i.test(text);
  };
  const found = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    if (!node.parentElement.closest(others) && plain(node.data)) found.push(node.data.trim());
  }
  for (const name of ["aria-label", "title", "placeholder", "alt"]) {
    for (const thing of document.body.querySelectorAll(`[${name}]`)) {
      const text = thing.getAttribute(name);
      if (!thing.closest(others) && plain(text)) found.push(`${name}: ${text}`);
    }
  }
  return [...new Set(found)];
}"""


class MadeUpLanguage(Journey):
    def written(self) -> list[str]:
        """What people wrote in the sample world, and Velum's own name."""
        copies = Copy.objects.filter(handout=self.handout)
        titles = [self.tide_table.title, self.keepers_log.title]
        return ["Velum", "maren@gullhaven.example", self.handout.code, *titles, *(copy.name for copy in copies)]

    def assert_nothing_forgotten(self, page: Page) -> None:
        self.assertEqual(page.evaluate("document.documentElement.dir"), "rtl")
        self.assertIn("\u0307", page.locator("body").inner_text())
        self.assertEqual(page.evaluate(FORGOTTEN, self.written()), [], page.url)
        beyond = page.evaluate("document.documentElement.scrollWidth - innerWidth")
        self.assertLessEqual(beyond, 0, page.url)

    def test_a_students_words(self) -> None:
        for size, name in ((LAPTOP, "Kaito Brandt"), (PHONE, "Kaito B.")):
            page = self.new_browser(locale="ar-XB", **size).new_page()
            page.goto(f"/join/{self.handout.code}/")
            page.locator("input[name=name]").fill(name)
            page.locator("form").filter(has=page.locator("input[name=name]")).locator("button").click()
            expect(page.locator("main .paper").first).to_be_visible()
            self.assert_nothing_forgotten(page)
            reading, hand_in = page.locator("header button").all()
            for opens in (reading, hand_in):
                opens.click()
                expect(page.get_by_role("dialog")).to_be_visible()
                self.assert_nothing_forgotten(page)
                page.get_by_role("dialog").locator(".btn-primary").click()
            expect(page.locator("header button")).to_have_count(1)
            self.assert_nothing_forgotten(page)

    def test_the_words_of_the_servers_pages(self) -> None:
        self.expected_problems = r"status of 4(04|09|22)"
        page = self.new_browser(locale="ar-XB").new_page()
        for address in (
            "/",
            "/join/",
            "/accounts/login/",
            "/accounts/signup/",
            "/accounts/password/reset/",
            "/nothing/",
        ):
            with self.subTest(address):
                page.goto(address)
                self.assert_nothing_forgotten(page)
        page.goto("/join/")
        page.locator("input[name=code]").fill("NOCODE")
        page.locator("main .btn-primary").click()
        expect(page.get_by_role("alert")).to_be_visible()
        self.assert_nothing_forgotten(page)
        for name in ("\u200b", Copy.objects.filter(handout=self.handout)[0].name):
            page.goto(f"/join/{self.handout.code}/")
            page.locator("input[name=name]").evaluate("(input, name) => (input.value = name)", name)
            page.locator("main .btn-primary").first.click()
            expect(page.get_by_role("alert")).to_be_visible()
            self.assert_nothing_forgotten(page)

    def test_a_teachers_words(self) -> None:
        page = self.teacher_browser(locale="ar-XB").new_page()
        copy = Copy.objects.filter(handout=self.handout).exclude(handed_in_at=None)[0]
        sheet = f"/worksheets/{self.keepers_log.pk}/"
        for address in (
            "/desk/",
            sheet,
            f"{sheet}#pages",
            f"{sheet}#key",
            f"{sheet}#hand-out",
            f"/handouts/{self.handout.pk}/",
            f"/copies/{copy.pk}/",
        ):
            with self.subTest(address):
                page.goto("about:blank")
                page.goto(address)
                page.wait_for_load_state("networkidle")
                self.assert_nothing_forgotten(page)
