"""A hundred pieces on a student's page, on a processor slowed four times: how long a frame of a drag takes."""

import uuid
from collections.abc import Iterator
from statistics import median

from playwright.sync_api import Browser, Locator, Page

from bench.browser import browser, signed_in
from bench.figure import Figure
from bench.frames import figures_of, frames_while, wander
from demo.served import Served, served

PIECES = 100
SLOWED = 4

_LAY = """async ([count, batch]) => {
    const id = location.pathname.split("/")[2];
    const {revision, document: sheet} = await (await fetch(`/api/worksheets/${id}`)).json();
    const page = sheet.pages[0].id;
    const pieces = Array.from({length: count}, (_, i) => ({id: `piece${i}`, words: `word ${i}`}));
    const slots = Array.from({length: count / 2}, (_, i) => ({
        id: `slot${i}`, page, box: {x: 20 + 110 * (i % 5), y: 20 + 30 * Math.floor(i / 5), width: 100, height: 26},
    }));
    const box = {x: 20, y: 330, width: 550, height: 480};
    const token = JSON.parse(document.querySelector("script[type='application/json']").textContent).csrf;
    const send = async (path, body) => {
        const headers = {"Content-Type": "application/json", "X-CSRFToken": token};
        const answer = await fetch(path, {method: "POST", headers, body: JSON.stringify(body)});
        if (!answer.ok) throw new Error(await answer.text());
        return answer.json();
    };
    const edits = sheet.fields.map(({id}) => ({op: "remove", field_id: id}));
    edits.push({op: "place", field: {kind: "pieces", id: "bench1", page, box, pieces, slots, together: true}});
    await send(`/api/worksheets/${id}/edits`, {version: 8, revision, batch, edits});
    return (await send(`/api/worksheets/${id}/handouts`)).code;
}"""


def measure() -> Iterator[Figure]:
    with served() as server, browser() as opened:
        page = _joined(opened, server)
        still = frames_while(page, lambda: wander(page, 600, 200))
        dragged = _dragged(page)
        slowed = _until_put(page, "slot7")
        _slow(page, 1)
        answered = _until_put(page, "slot8")
    yield from figures_of(f"one of {PIECES} pieces dragged", dragged, still)
    yield Figure(
        f"one of {PIECES} pieces let go over a slot: shown there",
        f"{answered:.1f} ms",
        f"{slowed:.1f} ms slowed {SLOWED} times; {median(still):.1f} ms is a frame",
        "within 34 ms",
        answered <= 34,
    )


def _joined(opened: Browser, server: Served) -> Page:
    teacher = signed_in(opened, server)
    teacher.get_by_role("link", name="The lighthouse keeper's log").first.click()
    teacher.wait_for_url("**/worksheets/**")
    code = teacher.evaluate(_LAY, [PIECES, str(uuid.uuid4())])
    page = opened.new_context(base_url=server.home, viewport={"width": 1366, "height": 1000}).new_page()
    page.goto(f"/join/{code}/")
    page.get_by_label("Your name").fill("Kaito Brandt")
    page.get_by_role("button", name="Start").click()
    page.locator("[data-piece]").nth(PIECES - 1).wait_for()
    page.locator("main").evaluate("main => main.scrollTo(0, 0)")
    _slow(page, SLOWED)
    return page


def _slow(page: Page, times: int) -> None:
    page.context.new_cdp_session(page).send("Emulation.setCPUThrottlingRate", {"rate": times})


def _middle(place: Locator) -> tuple[float, float]:
    place.scroll_into_view_if_needed()
    box = place.bounding_box()
    assert box
    return box["x"] + box["width"] / 2, box["y"] + box["height"] / 2


def _dragged(page: Page) -> list[float]:
    x, y = _middle(page.locator("[data-tray] [data-piece]").first)
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(x + 10, y - 10, steps=4)
    frames = frames_while(page, lambda: wander(page, 600, 200))
    if page.locator(".dragged-piece").count() != 1:
        raise RuntimeError("nothing was dragged")
    page.keyboard.press("Escape")
    page.mouse.up()
    return frames


_PUT = """(name) => {
    const slot = document.querySelector(`[data-slot=${name}]`);
    window.put_ = 0;
    const begin = () => {
        const begun = performance.now();
        const look = () => {
            if (slot.querySelector("[data-piece]")) window.put_ = performance.now() - begun;
            else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
    };
    window.addEventListener("pointerup", begin, {once: true, capture: true});
}"""


def _until_put(page: Page, slot: str) -> float:
    """Milliseconds from letting a piece go over a slot to the frame that shows it there."""
    x, y = _middle(page.locator("[data-tray] [data-piece]").first)
    to = _middle(page.locator(f"[data-slot={slot}]"))
    page.evaluate(_PUT, slot)
    page.mouse.move(x, y)
    page.mouse.down()
    page.mouse.move(*to, steps=5)
    page.mouse.up()
    page.wait_for_function("window.put_")
    milliseconds: float = page.evaluate("window.put_")
    return milliseconds
