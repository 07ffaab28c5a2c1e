"""Fields carried over a page of the editor: how long a frame takes."""

import uuid

from playwright.sync_api import Page

from bench.browser import browser, signed_in
from bench.figure import Figure, percentile
from demo.served import served

FIELDS = 300
CARRIED = 50
STEPS = 150

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
        body: JSON.stringify({version: 4, revision, batch, edits}),
    });
    if (!answer.ok) throw new Error(await answer.text());
}"""

_FRAMES = """() => {
    window.frames_ = [];
    let last = performance.now();
    const next = (now) => { window.frames_.push(now - last); last = now; window.going = requestAnimationFrame(next); };
    window.going = requestAnimationFrame(next);
}"""


def measure() -> list[Figure]:
    with served() as server, browser() as opened:
        page = signed_in(opened, server)
        page.get_by_role("link", name="The lighthouse keeper's log").first.click()
        page.wait_for_url("**/worksheets/**")
        page.evaluate(_LAY, [FIELDS, str(uuid.uuid4())])
        page.reload()
        page.locator("[data-field=bench299]").wait_for()
        still = _frames(page, carry=False)
        carried = _frames(page, carry=True)
    return [
        Figure(
            f"{CARRIED} of {FIELDS} fields carried: a frame, 95th percentile",
            f"{percentile(carried, 0.95):.0f} ms",
            f"{percentile(still, 0.95):.0f} ms with the pointer moving over them",
            "under 34 ms",
            percentile(carried, 0.95) < 34,
        )
    ]


def _frames(page: Page, *, carry: bool) -> list[float]:
    """Milliseconds of each frame while the pointer moves; the first fields are in hand, and carried."""
    mouse = page.mouse
    if carry:
        for number in range(CARRIED):
            page.locator(f"[data-field=bench{number}]").click(modifiers=["Shift"] if number else [])
    place = page.locator("[data-field=bench12]").bounding_box()
    assert place
    x, y = place["x"] + 40, place["y"] + 6
    mouse.move(x, y)
    if carry:
        mouse.down()
        mouse.move(x + 10, y + 10, steps=4)
    page.evaluate(_FRAMES)
    for step in range(STEPS):
        mouse.move(x + 10 + step % 50, y + 10 + step)
    page.evaluate("cancelAnimationFrame(window.going)")
    if carry:
        if not page.locator("[data-field=bench49]").evaluate("field => field.style.translate"):
            raise RuntimeError("nothing was carried")
        page.keyboard.press("Escape")
        mouse.up()
    frames: list[float] = page.evaluate("window.frames_")
    return frames[2:]
