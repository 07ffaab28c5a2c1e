"""A browser to measure in."""

from collections.abc import Iterator
from contextlib import contextmanager

from playwright.sync_api import Browser, Page, sync_playwright

from demo.served import Served
from demo.teachers import MAREN
from server.testing.chromium import chromium


@contextmanager
def browser() -> Iterator[Browser]:
    with sync_playwright() as playwright:
        opened = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox"])
        yield opened
        opened.close()


def signed_in(opened: Browser, served: Served) -> Page:
    """A page whose teacher sits at the desk."""
    page = opened.new_context(base_url=served.home, viewport={"width": 1366, "height": 768}).new_page()
    page.goto("/accounts/login/")
    page.get_by_label("Email").fill(MAREN.email)
    page.get_by_label("Password").fill(MAREN.password)
    page.get_by_role("button", name="Sign in").click()
    page.wait_for_url("**/desk/")
    return page
