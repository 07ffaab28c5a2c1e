"""Two thousand strokes on a student's page: how long a frame takes while another one is drawn."""

from collections.abc import Iterator, Sequence

from bench.browser import browser
from bench.figure import Figure
from bench.frames import figures_of, frames_while, wander
from bench.laid import Json, handed_out, joined
from demo.served import served

STROKES = 2_000

_ANSWER = """async (strokes) => {
    const {csrf} = JSON.parse(document.querySelector("script[type='application/json']").textContent);
    const changes = strokes.map((path, i) => ({
        field_id: "bench1", entry: `stroke${i}`, revision: 1, answer: {kind: "ink", version: 1, path},
    }));
    const headers = {"Content-Type": "application/json", "X-CSRFToken": csrf};
    const answer = await fetch(`${location.pathname}answers`, {
        method: "POST", headers, body: JSON.stringify({changes}),
    });
    if (!answer.ok) throw new Error(await answer.text());
}"""


def measure() -> Iterator[Figure]:
    with served() as server, browser() as opened:
        page = joined(opened, server, handed_out(opened, server, _area))
        page.evaluate(_ANSWER, [_path(place) for place in range(STROKES)])
        page.reload()
        area = page.get_by_role("group", name=f"Answer 1: {STROKES:,} strokes")
        area.wait_for()
        page.locator("main").evaluate("main => main.scrollTo(0, 0)")
        page.wait_for_timeout(1_000)
        still = frames_while(page, lambda: wander(page, 600, 250))
        page.mouse.move(600, 250)
        page.mouse.down()
        drawn = frames_while(page, lambda: wander(page, 600, 250))
        page.mouse.up()
        page.get_by_role("group", name=f"Answer 1: {STROKES + 1:,} strokes").wait_for()
    yield from figures_of(f"a stroke drawn among {STROKES:,}", drawn, still)


def _area(pages: Sequence[str]) -> list[Json]:
    box = {"x": 20, "y": 20, "width": 550, "height": 780}
    return [{"kind": "ink", "id": "bench1", "page": pages[0], "box": box}]


def _path(place: int) -> str:
    """A small wave, as handwriting has them."""
    x, y = 300 + 100 * (place % 50), 300 + 180 * (place // 50)
    return f"m{x} {y}l" + " ".join(f"6 {(-1) ** step * (4 + step % 5)}" for step in range(12))
