"""Worksheets with certain fields, laid through the server's own addresses, handed out and joined."""

import uuid
from collections.abc import Callable, Sequence
from typing import Any

from playwright.sync_api import Browser, Page

from bench.browser import signed_in
from demo.served import Served

Json = dict[str, Any]

_PAGES = """async () => {
    const id = location.pathname.split("/")[2];
    return (await (await fetch(`/api/worksheets/${id}`)).json()).document.pages.map((page) => page.id);
}"""

_LAY = """async ([fields, batch]) => {
    const id = location.pathname.split("/")[2];
    const {revision, document: sheet} = await (await fetch(`/api/worksheets/${id}`)).json();
    const {csrf, version} = JSON.parse(document.querySelector("script[type='application/json']").textContent);
    const send = async (path, body) => {
        const headers = {"Content-Type": "application/json", "X-CSRFToken": csrf};
        const answer = await fetch(path, {method: "POST", headers, body: JSON.stringify(body)});
        if (!answer.ok) throw new Error(await answer.text());
        return answer.json();
    };
    const edits = sheet.fields.map(({id}) => ({op: "remove", field_id: id}));
    edits.push(...fields.map((field) => ({op: "place", field})));
    await send(`/api/worksheets/${id}/edits`, {version: version ?? 8, revision, batch, edits});
    return (await send(`/api/worksheets/${id}/handouts`)).code;
}"""


def handed_out(opened: Browser, server: Served, make: Callable[[Sequence[str]], list[Json]]) -> str:
    """Lay fields, made for the ids of the pages, on the keeper's log, and hand it out; the join code."""
    teacher = signed_in(opened, server)
    teacher.get_by_role("link", name="The lighthouse keeper's log").first.click()
    teacher.wait_for_url("**/worksheets/**")
    fields = make(teacher.evaluate(_PAGES))
    code: str = teacher.evaluate(_LAY, [fields, str(uuid.uuid4())])
    return code


def joined(opened: Browser, server: Served, code: str) -> Page:
    """A student's sheet."""
    page = opened.new_context(base_url=server.home, viewport={"width": 1366, "height": 1000}).new_page()
    page.goto(f"/join/{code}/")
    page.get_by_label("Your name").fill("Kaito Brandt")
    page.get_by_role("button", name="Start").click()
    page.wait_for_url("**/c/**")
    return page


def slow(page: Page, times: int) -> None:
    """Slow the page's processor so many times."""
    page.context.new_cdp_session(page).send("Emulation.setCPUThrottlingRate", {"rate": times})
