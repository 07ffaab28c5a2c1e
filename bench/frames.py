"""How long the frames of a page take while something moves on it."""

from collections.abc import Callable

from playwright.sync_api import Page

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
