"""A hundred pieces on a student's page, on a processor slowed four times: how long a frame of a drag takes."""

from collections.abc import Iterator, Sequence
from statistics import median

from playwright.sync_api import Locator, Page

from bench.browser import browser
from bench.figure import Figure
from bench.frames import figures_of, frames_while, wander
from bench.laid import Json, handed_out, joined, slow
from demo.served import served

PIECES = 100
SLOWED = 4


def measure() -> Iterator[Figure]:
    with served() as server, browser() as opened:
        page = joined(opened, server, handed_out(opened, server, _set))
        page.locator("[data-piece]").nth(PIECES - 1).wait_for()
        page.locator("main").evaluate("main => main.scrollTo(0, 0)")
        slow(page, SLOWED)
        still = frames_while(page, lambda: wander(page, 600, 200))
        dragged = _dragged(page)
        slowed = _until_put(page, "slot7")
        slow(page, 1)
        answered = _until_put(page, "slot8")
    yield from figures_of(f"one of {PIECES} pieces dragged", dragged, still)
    yield Figure(
        f"one of {PIECES} pieces let go over a slot: shown there",
        f"{answered:.1f} ms",
        f"{slowed:.1f} ms slowed {SLOWED} times; {median(still):.1f} ms is a frame",
        "within 34 ms",
        answered <= 34,
    )


def _set(pages: Sequence[str]) -> list[Json]:
    """A set of pieces, and half as many slots above its tray."""
    page = pages[0]
    pieces = [{"id": f"piece{place}", "words": f"word {place}"} for place in range(PIECES)]
    slots = [
        {
            "id": f"slot{place}",
            "page": page,
            "box": {"x": 20 + 110 * (place % 5), "y": 20 + 30 * (place // 5), "width": 100, "height": 26},
        }
        for place in range(PIECES // 2)
    ]
    box = {"x": 20, "y": 330, "width": 550, "height": 480}
    return [
        {"kind": "pieces", "id": "bench1", "page": page, "box": box, "pieces": pieces, "slots": slots, "together": True}
    ]


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
