"""What a student downloads, and how soon the sheet can be used on a processor slowed six times."""

import json
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from statistics import median
from typing import Any

from playwright.sync_api import Browser, CDPSession, Page, StorageState

from bench.browser import browser
from bench.figure import Figure
from demo.served import Served, served

SLOWED = 6
RUNS = 5


def measure() -> list[Figure]:
    with served() as server, browser() as opened:
        address, held = _join(opened, server)
        with fresh(opened, server, held) as (page, session):
            loaded = follow_downloads(session)
            _until_usable(page, address)
        usable = _median(_until_usable, opened, server, held, address)
        bare = _median(_until_shown, opened, server, held, f"{server.home}/join/")
        code = code_of(loaded)
        fonts = sum(download.content for download in loaded.values() if download.kind == "Font")
    return [
        Figure(
            "scripts and styles of the student's sheet",
            f"{code.content / 1000:.1f} kB",
            f"compressed; {code.sent / 1000:.1f} kB with their headers; fonts besides: {fonts / 1000:.0f} kB",
            "at most 110 kB",
            code.content <= 110_000,
        ),
        Figure(
            f"sheet usable on a processor slowed {SLOWED} times",
            f"{usable:.2f} s",
            f"{bare:.2f} s for the page that asks for a code; medians of {RUNS}",
            "within 2.5 s",
            usable <= 2.5,
        ),
    ]


def _join(opened: Browser, server: Served) -> tuple[str, StorageState]:
    """Join the demo's handout; returns the sheet's address, and what the browser holds that opens it."""
    context = opened.new_context(base_url=server.home)
    page = context.new_page()
    page.goto(f"/join/{server.join_code()}/")
    page.get_by_label("Your name").fill("Kaito Brandt")
    page.get_by_role("button", name="Start").click()
    page.wait_for_url("**/c/**")
    page.get_by_label("Answer 1", exact=True).wait_for()
    address, held = page.url, context.storage_state()
    context.close()
    return address, held


@contextmanager
def fresh(opened: Browser, server: Served, held: StorageState) -> Iterator[tuple[Page, CDPSession]]:
    """A browser that has downloaded nothing yet, on a slow processor."""
    context = opened.new_context(base_url=server.home, storage_state=held, viewport={"width": 1366, "height": 768})
    page = context.new_page()
    session = context.new_cdp_session(page)
    session.send("Emulation.setCPUThrottlingRate", {"rate": SLOWED})
    yield page, session
    context.close()


def _median(
    measure: Callable[[Page, str], float], opened: Browser, server: Served, held: StorageState, to: str
) -> float:
    """The middle one of several measurements, each in a fresh browser."""
    seconds = []
    for _ in range(RUNS):
        with fresh(opened, server, held) as (page, _session):
            seconds.append(measure(page, to))
    return median(seconds)


@dataclass
class Download:
    """What a page loaded: its kind, as the browser names it, and how many bytes came."""

    kind: str
    headers: int
    sent: int = 0
    """With the headers."""

    @property
    def content(self) -> int:
        """Bytes of what was asked for, compressed if it was."""
        return max(0, self.sent - self.headers)


def follow_downloads(session: CDPSession) -> dict[str, Download]:
    """All that a page loads, filled in as it does."""
    session.send("Network.enable")
    loaded: dict[str, Download] = {}

    def begun(event: dict[str, Any]) -> None:
        loaded[event["requestId"]] = Download(event["type"], int(event["response"]["encodedDataLength"]))

    def ended(event: dict[str, Any]) -> None:
        if event["requestId"] in loaded:
            loaded[event["requestId"]].sent = int(event["encodedDataLength"])

    session.on("Network.responseReceived", begun)
    session.on("Network.loadingFinished", ended)
    return loaded


def code_of(loaded: dict[str, Download]) -> Download:
    """Scripts and styles together."""
    code = [download for download in loaded.values() if download.kind in ("Script", "Stylesheet") and download.sent]
    return Download("code", sum(each.headers for each in code), sum(each.sent for each in code))


def watch(page: Page, usable: str) -> None:
    """Have a page note when what the selector names is there and its first page is seen, in ``window.usableAt``."""
    page.add_init_script(
        """
    const look = () => {
        const there = document.querySelector(USABLE);
        const picture = document.querySelector(".paper img");
        if (there && picture?.complete && picture.naturalWidth > 0) window.usableAt ??= performance.now();
    };
    new MutationObserver(look).observe(document, {childList: true, subtree: true});
    document.addEventListener("load", look, true);
    """.replace("USABLE", json.dumps(usable))
    )


def _until_usable(page: Page, address: str) -> float:
    """Seconds from asking for the sheet until its first box can be typed into and its first page is seen.

    Told by the page itself: waiting from outside would slow it down further.
    """
    watch(page, "[data-field] input")
    page.goto(address, wait_until="load")
    page.wait_for_function("() => window.usableAt")
    box = page.get_by_label("Answer 1", exact=True)
    box.fill("13:10")
    if page.get_by_text("1 of 10 answered").count() != 1:
        raise RuntimeError("the sheet was shown and could not be used")
    milliseconds: float = page.evaluate("window.usableAt")
    return milliseconds / 1000


def _until_shown(page: Page, address: str) -> float:
    begun = time.perf_counter()
    page.goto(address, wait_until="load")
    return time.perf_counter() - begun
