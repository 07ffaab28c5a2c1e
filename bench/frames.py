"""How long the frames of a page take while something moves on it."""

from collections.abc import Callable, Iterator
from statistics import median

from playwright.sync_api import Page

from bench.figure import Figure, percentile

STEPS = 150

_COUNT = """() => {
    window.frames_ = [];
    let last = performance.now();
    const next = (now) => { window.frames_.push(now - last); last = now; window.going = requestAnimationFrame(next); };
    window.going = requestAnimationFrame(next);
}"""


def frames_while(page: Page, moving: Callable[[], None]) -> list[float]:
    """Milliseconds of each frame."""
    page.evaluate(_COUNT)
    moving()
    page.evaluate("cancelAnimationFrame(window.going)")
    frames: list[float] = page.evaluate("window.frames_")
    return frames[2:]


def wander(page: Page, x: float, y: float) -> None:
    """Move the pointer about below a point of the window, in CSS pixels."""
    for step in range(STEPS):
        page.mouse.move(x + step % 50, y + step)


def figures_of(what: str, frames: list[float], still: list[float]) -> Iterator[Figure]:
    """How long frames took, beside those while the pointer moved and carried nothing."""
    for which, most in (("median", 17), ("95th percentile", 34)):
        measured, without = (
            (median(each) if which == "median" else percentile(each, 0.95)) for each in (frames, still)
        )
        yield Figure(
            f"{what}: a frame, {which}",
            f"{measured:.1f} ms",
            f"{without:.1f} ms with the pointer moving over them",
            f"under {most} ms",
            measured < most,
        )
