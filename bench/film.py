"""Fields carried over a page of the editor: how long a frame takes."""

import tempfile
import time
import uuid
from collections.abc import Iterator
from pathlib import Path

from playwright.sync_api import Page

from bench.browser import browser, signed_in
from bench.figure import Figure
from bench.frames import figures_of, frames_while, wander
from demo.served import served
from velum.testing import papers

FIELDS = 300
CARRIED = 50
PAGES = 40
IN_ALL = 600

_LAY = """async ([count, batch]) => {
    const id = location.pathname.split("/")[2];
    const {revision, document: sheet} = await (await fetch(`/api/worksheets/${id}`)).json();
    const edits = Array.from({length: count}, (_, i) => ({op: "place", field: {
        kind: "answer_box", id: `bench${i}`, page: sheet.pages[0].id,
        box: {x: 20 + 110 * (i % 5), y: 20 + 13 * Math.floor(i / 5), width: 100, height: 12},
    }}));
    const token = JSON.parse(document.querySelector("script[type='application/json']").textContent).csrf;
    const answer = await fetch(`/api/worksheets/${id}/edits`, {
        method: "POST", headers: {"Content-Type": "application/json", "X-CSRFToken": token},
        body: JSON.stringify({version: 8, revision, batch, edits}),
    });
    if (!answer.ok) throw new Error(await answer.text());
}"""

_LAY_ON_EACH = """async ([each, batch]) => {
    const id = location.pathname.split("/")[2];
    const {revision, document: sheet} = await (await fetch(`/api/worksheets/${id}`)).json();
    const edits = sheet.pages.flatMap((page, at) => Array.from({length: each}, (_, i) => ({op: "place", field: {
        kind: "answer_box", id: `bench${at}x${i}`, page: page.id,
        box: {x: 60 + 220 * (i % 2), y: 60 + 60 * Math.floor(i / 2), width: 180, height: 22},
    }})));
    const token = JSON.parse(document.querySelector("script[type='application/json']").textContent).csrf;
    const answer = await fetch(`/api/worksheets/${id}/edits`, {
        method: "POST", headers: {"Content-Type": "application/json", "X-CSRFToken": token},
        body: JSON.stringify({version: 8, revision, batch, edits}),
    });
    if (!answer.ok) throw new Error(await answer.text());
}"""


def measure() -> Iterator[Figure]:
    yield from _carrying()
    yield from _many()


def _carrying() -> Iterator[Figure]:
    with served() as server, browser() as opened:
        page = signed_in(opened, server)
        page.get_by_role("link", name="The lighthouse keeper's log").first.click()
        page.wait_for_url("**/worksheets/**")
        page.evaluate(_LAY, [FIELDS, str(uuid.uuid4())])
        page.reload()
        page.locator("[data-field=bench299]").wait_for()
        still = _frames(page, 0)
        one, many = _frames(page, 1), _frames(page, CARRIED)
    for count, frames in ((1, one), (CARRIED, many)):
        yield from figures_of(f"{count} of {FIELDS} fields carried", frames, still)


def _many() -> Iterator[Figure]:
    """A worksheet of 40 pages and 600 fields: how soon it can be worked on, and what a change sends."""
    with served() as server, browser() as opened, tempfile.TemporaryDirectory() as folder:
        page = signed_in(opened, server)
        path = Path(folder) / "long.pdf"
        path.write_bytes(papers.pdf(pages=PAGES))
        page.get_by_label("Choose files").set_input_files(path)
        page.wait_for_url("**/worksheets/**")
        empty = _usable(page)
        page.evaluate(_LAY_ON_EACH, [IN_ALL // PAGES, str(uuid.uuid4())])
        usable = _usable(page)
        box = page.locator("[data-field=bench0x0]")
        box.click()
        with page.expect_request("**/edits") as sent:
            page.keyboard.press("ArrowRight")
        change = len(sent.value.post_data_buffer or b"")
    yield Figure(
        f"{PAGES} pages with {IN_ALL} fields: until one can be moved",
        f"{usable:.2f} s",
        f"{empty:.2f} s without a field",
        "under 2 s",
        usable < 2,
    )
    yield Figure(
        "one change of a field: what is sent",
        f"{change} B",
        f"of a worksheet of {IN_ALL} fields",
        "under 2 kB",
        change < 2_000,
    )


def _usable(page: Page) -> float:
    """Seconds from asking for the worksheet until its first page answers a press; the best of three."""

    def once() -> float:
        begun = time.perf_counter()
        page.goto(page.url.split("#")[0] + f"?again={uuid.uuid4()}#film")
        film = page.get_by_test_id("film").first
        film.wait_for()
        film.click(position={"x": 5, "y": 5}, trial=True)
        return time.perf_counter() - begun

    return min(once() for _ in range(3))


def _frames(page: Page, count: int) -> list[float]:
    """Milliseconds of each frame while the pointer moves; so many of the first fields are in hand, and carried."""
    mouse = page.mouse
    page.keyboard.press("Escape")
    page.keyboard.press("Escape")
    for number in range(count):
        page.locator(f"[data-field=bench{number}]").click(modifiers=["Shift"] if number else [])
    place = page.locator("[data-field=bench0]" if count else "[data-field=bench12]").bounding_box()
    assert place
    x, y = place["x"] + 40, place["y"] + 6
    mouse.move(x, y)
    if count:
        mouse.down()
        mouse.move(x + 10, y + 10, steps=4)

    frames = frames_while(page, lambda: wander(page, x + 10, y + 10))
    if count:
        if not page.locator(f"[data-field=bench{count - 1}]").evaluate("field => field.style.translate"):
            raise RuntimeError("nothing was carried")
        page.keyboard.press("Escape")
        mouse.up()
    return frames
