"""A made-up language, long and from right to left, shows which words were forgotten, and what leans on English."""

from datetime import timedelta

from django.utils import timezone
from playwright.sync_api import Page, expect

from e2e.journey import LAPTOP, PHONE, Journey
from server.classes.flows.make import make_class
from server.classes.models import Teaching
from server.copies.models import Copy
from server.handouts.flows.hand_out import To, hand_out_to
from server.may import Role
from server.testing.world import make_students, make_teacher

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
    def setUp(self) -> None:
        super().setUp()
        self.others: list[str] = []

    def written(self) -> list[str]:
        """What people wrote in the sample world, and Velum's own name."""
        copies = Copy.objects.filter(handout=self.handout)
        titles = [self.tide_table.title, self.keepers_log.title]
        known = ["Velum", "maren@gullhaven.example", self.handout.code, *titles, *self.others]
        return [*known, *(copy.name for copy in copies)]

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

    def test_the_words_of_a_class_and_of_its_students(self) -> None:
        self.expected_problems = r"status of 4(04|22)"
        kestrels = make_class(self.maren, "Kestrels", "2026/27")
        ama, _ = make_students(kestrels, "Ama Lindqvist", "Bao Okafor")
        colleague = make_teacher("colleague")
        Teaching.objects.create(of_class=kestrels, teacher=colleague, role=Role.LOOKS)
        due = {"due_at": timezone.now() - timedelta(days=1), "minutes": 20}
        (handout,) = hand_out_to(self.maren, self.keepers_log.pk, [To(kestrels.pk)], due)
        hand_out_to(self.maren, self.tide_table.pk, [To(kestrels.pk)], {"open": False})
        own = ["Kestrels", "2026/27", "Ama", "Lindqvist", "Bao", "Okafor", "Ama Lindqvist", "Bao Okafor"]
        self.others = [*own, str(colleague), kestrels.code, handout.code, "Ba"]
        page = self.teacher_browser(locale="ar-XB").new_page()
        for address in ("/classes/", f"/classes/{kestrels.pk}/", f"/handouts/{handout.pk}/"):
            with self.subTest(address):
                page.goto(address)
                page.wait_for_load_state("networkidle")
                self.assert_nothing_forgotten(page)
        page.goto(f"/classes/{kestrels.pk}/")
        page.locator("header .btn-primary").click()
        self.assert_nothing_forgotten(page)
        page.get_by_role("dialog").locator("textarea").fill("Ama Lindqvist\nBao\n77")
        page.get_by_role("dialog").locator(".btn-primary").click()
        expect(page.get_by_role("dialog").locator(".border-accent")).to_be_visible()
        self.assert_nothing_forgotten(page)
        student = self.new_browser(locale="ar-XB", **PHONE).new_page()
        student.goto(f"/card/{ama.card.token}/")
        self.assert_nothing_forgotten(student)
        student.locator("main .btn-primary").click()
        student.wait_for_url("**/peg/")
        self.assert_nothing_forgotten(student)
        student.goto("/card/nothing/")
        self.assert_nothing_forgotten(student)
        student.goto(f"/class/{kestrels.code}/")
        self.assert_nothing_forgotten(student)
        student.locator("input[name=name]").fill("Ba")
        student.locator("main .btn-primary").click()
        self.assert_nothing_forgotten(student)

    def test_a_teachers_words(self) -> None:
        page = self.teacher_browser(locale="ar-XB").new_page()
        copy = Copy.objects.filter(handout=self.handout).exclude(handed_in_at=None)[0]
        sheet = f"/worksheets/{self.keepers_log.pk}/"
        for address in (
            "/desk/",
            sheet,
            f"{sheet}#pages",
            f"{sheet}#key",
            f"{sheet}#try",
            f"{sheet}#hand-out",
            f"/handouts/{self.handout.pk}/",
            f"/copies/{copy.pk}/",
        ):
            with self.subTest(address):
                page.goto("about:blank")
                page.goto(address)
                page.wait_for_load_state("networkidle")
                self.assert_nothing_forgotten(page)
