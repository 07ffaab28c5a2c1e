"""What every journey begins with: the sample world, a server, and browsers to open."""

import os
import re
from pathlib import Path
from typing import Any, ClassVar

from django.core.cache import cache
from django.test import Client, LiveServerTestCase, override_settings
from playwright.sync_api import Browser, BrowserContext, ConsoleMessage, Page, Playwright, expect, sync_playwright

from demo.teachers import MAREN
from e2e import sample
from e2e.live_server import UvicornThread
from server.accounts.models import User
from server.handouts.flows.documents import read_keys
from server.handouts.models import Handout
from server.testing.chromium import chromium
from server.worksheets.flows.freeze import read_edition
from server.worksheets.models import Worksheet

# Playwright's synchronous interface runs an event loop in this thread, beside which Django's ORM is used.
os.environ.setdefault("DJANGO_ALLOW_ASYNC_UNSAFE", "true")

ROOT = Path(__file__).resolve().parents[1]
AXE = (ROOT / "node_modules" / "axe-core" / "axe.min.js").read_text()
CHROMIUM = [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-background-networking",
    "--disable-component-update",
]

RUN_AXE = """async (options) => {
  // Colours that are on their way to others are nobody's.
  for (let frame = 0; frame < 2; frame++) await new Promise(requestAnimationFrame);
  const { passes, violations } = await axe.run(document, { resultTypes: ["violations"], ...options });
  const serious = violations
    .filter(({ impact }) => impact === "serious" || impact === "critical")
    .flatMap(({ id, nodes }) => nodes.map((node) => `${id}: ${node.html.slice(0, 200)} ${node.failureSummary}`));
  return { passes: passes.length, serious };
}"""

NETWORK = (
    r"ERR_INTERNET_DISCONNECTED|ERR_CONNECTION|ERR_EMPTY|ERR_FAILED|ERR_INCOMPLETE_CHUNKED|ERR_SOCKET"
    r"|error occurred when fetching the script"
)
"""What the console says while there is no network."""

PATIENCE = 300
"""Seconds that anything may take, on however busy a machine."""

expect.set_options(timeout=PATIENCE * 1000)

LAPTOP = {"viewport": {"width": 1280, "height": 800}}
TABLET: dict[str, Any] = {"viewport": {"width": 1024, "height": 768}, "has_touch": True}
PHONE: dict[str, Any] = {"viewport": {"width": 390, "height": 844}, "has_touch": True, "is_mobile": True}


@override_settings(
    EMAIL_BACKEND="server.outbox.backend.OutboxBackend",
    PASSWORD_HASHERS=["django.contrib.auth.hashers.MD5PasswordHasher"],  # fast: each journey makes its people
)
class Journey(LiveServerTestCase):
    """Begins in the sample world. Fails when a page logs an error that the journey did not expect."""

    server_thread_class = UvicornThread
    browser: ClassVar[Browser]
    _playwright: ClassVar[Playwright]

    arguments: ClassVar[tuple[str, ...]] = ()
    """What else the browser is started with."""

    expected_problems = r"^$"
    """What the console may say in this journey: a regular expression."""

    @classmethod
    def setUpClass(cls) -> None:
        super().setUpClass()
        cls._playwright = sync_playwright().start()
        cls.addClassCleanup(cls._playwright.stop)
        cls.browser = cls._playwright.chromium.launch(executable_path=chromium(), args=[*CHROMIUM, *cls.arguments])
        cls.addClassCleanup(cls.browser.close)

    @classmethod
    def _make_connections_override(cls) -> dict[str, Any]:
        return {}  # the server's threads open connections of their own

    def setUp(self) -> None:
        cache.clear()
        read_edition.cache_clear()
        read_keys.cache_clear()
        self.problems: list[str] = []
        sample.begin()
        self.maren = User.objects.get(email=MAREN.email)
        self.tide_table = self.worksheet("Reading a tide table")
        self.keepers_log = self.worksheet("The lighthouse keeper's log")
        self.handout = Handout.objects.get(worksheet=self.tide_table)

    def _fixture_teardown(self) -> None:
        pass  # each journey puts the sample world back by itself, which is quicker than taking all away

    def tearDown(self) -> None:
        for context in list(self.browser.contexts):
            context.close()
        unexpected = [said for said in self.problems if not re.search(self.expected_problems, said)]
        self.assertEqual(unexpected, [])

    def worksheet(self, title: str) -> Worksheet:
        return Worksheet.objects.get(owner=self.maren, title=title)

    def new_browser(self, **options: Any) -> BrowserContext:
        context = self.browser.new_context(base_url=self.live_server_url, **(LAPTOP | options))
        context.set_default_timeout(PATIENCE * 1000)
        context.on("console", self._note)
        context.on("weberror", lambda error: self.problems.append(str(error.error)))
        return context

    def _note(self, message: ConsoleMessage) -> None:
        if message.type in ("error", "warning"):
            self.problems.append(message.text)

    def teacher_browser(self, teacher: User | None = None, **options: Any) -> BrowserContext:
        """A browser in which a teacher is signed in."""
        client = Client()
        client.force_login(teacher or self.maren)
        context = self.new_browser(**options)
        session = client.cookies["sessionid"].value
        context.add_cookies([{"name": "sessionid", "value": session, "url": self.live_server_url}])
        return context

    def kill_server(self) -> None:
        """Stop serving, as a machine that loses power does; what is under way is dropped."""
        self.server_thread.terminate()
        # Whatever comes of this journey, the next one is served.
        self.addCleanup(lambda: None if self.server_thread.is_alive() else self.start_server())

    def start_server(self) -> None:
        type(self).server_thread = self.server_thread.restarted()

    def assert_accessible(self, page: Page) -> None:
        """axe-core finds nothing serious or critical on the page as it is shown now, however it is looked at."""
        page.evaluate(AXE)
        page.emulate_media(reduced_motion="reduce")
        self.assert_axe_clean(page, "by day")
        page.emulate_media(color_scheme="dark")
        self.assert_axe_clean(page, "at dusk")
        page.emulate_media(color_scheme="null", forced_colors="active")
        # Which colours these are is the system's affair, and axe reads those that would have been.
        self.assert_axe_clean(page, "in the system's colours", {"rules": {"color-contrast": {"enabled": False}}})
        page.emulate_media(forced_colors="null")
        page.evaluate("document.documentElement.style.fontSize = '200%'")
        self.assert_axe_clean(page, "with text twice as large")
        page.evaluate("document.documentElement.style.fontSize = ''")
        page.emulate_media(reduced_motion="null")

    def assert_axe_clean(self, page: Page, look: str, options: dict[str, Any] | None = None) -> None:
        results = page.evaluate(RUN_AXE, options or {})
        self.assertGreater(results["passes"], 0, "axe looked at nothing")
        self.assertEqual(results["serious"], [], look)
