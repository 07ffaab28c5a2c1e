"""A finger that touches the screen."""

from collections.abc import Sequence

from playwright.sync_api import Page

REST = 450
"""Milliseconds that a finger rests to drag, and some more."""


class Finger:
    """A finger on the screen, as the browser is told of one."""

    def __init__(self, page: Page) -> None:
        self.page = page
        self._session = page.context.new_cdp_session(page)

    def _touch(self, what: str, points: Sequence[tuple[float, float]]) -> None:
        at = [{"x": x, "y": y} for x, y in points]
        self._session.send("Input.dispatchTouchEvent", {"type": what, "touchPoints": at})

    def go(self, x1: float, y1: float, x2: float, y2: float, rest: int = 0) -> None:
        """From one point to another, in CSS pixels of the window, after resting for so many milliseconds."""
        self._touch("touchStart", [(x1, y1)])
        self.page.wait_for_timeout(rest)
        for step in range(1, 9):
            self._touch("touchMove", [(x1 + (x2 - x1) * step / 8, y1 + (y2 - y1) * step / 8)])
            self.page.wait_for_timeout(20)
        self._touch("touchEnd", [])

    def pinch(self, x: float, y: float, from_apart: float, to_apart: float) -> None:
        """Two fingers beside a point, from so far apart to so far."""
        for step in range(9):
            half = (from_apart + (to_apart - from_apart) * step / 8) / 2
            self._touch("touchMove" if step else "touchStart", [(x - half, y), (x + half, y)])
            self.page.wait_for_timeout(20)
        self._touch("touchEnd", [])
