"""A sheet of sixty fields of all kinds: what a student downloads for it, and how soon it can be used."""

import json
from collections.abc import Iterator, Sequence
from statistics import median

from bench.browser import browser
from bench.figure import Figure
from bench.laid import Json, handed_out, joined
from bench.sheet import RUNS, SLOWED, code_of, follow_downloads, fresh, watch
from demo.served import served
from velum.geometry.box import Box
from velum.kinds import KINDS

FIELDS = 60


def measure() -> Iterator[Figure]:
    with served() as server, browser() as opened:
        first = joined(opened, server, handed_out(opened, server, _fields))
        held, address = first.context.storage_state(), first.url
        seconds, loaded, first_code = [], {}, 0
        for _ in range(RUNS):
            with fresh(opened, server, held) as (page, session):
                loaded = follow_downloads(session)
                watch(page, "li > button[aria-label^='Question ']")
                page.goto(address, wait_until="load")
                page.wait_for_function("() => window.usableAt")
                seconds.append(page.evaluate("window.usableAt") / 1000)
                first_code = code_of(loaded).content
                page.locator(".written-in").first.wait_for()
                page.wait_for_load_state("networkidle")
    code, usable = code_of(loaded), median(seconds)
    yield Figure(
        f"scripts and styles of a sheet of {FIELDS} fields of all {len(KINDS)} kinds",
        f"{code.content / 1000:.1f} kB",
        f"compressed, {first_code / 1000:.1f} kB until it can be used; {code.sent / 1000:.1f} kB with all headers",
        "at most 160 kB",
        code.content <= 160_000,
    )
    yield Figure(
        f"such a sheet usable on a processor slowed {SLOWED} times",
        f"{usable:.2f} s",
        f"medians of {RUNS}, from {min(seconds):.2f} to {max(seconds):.2f} s",
        "within 2.5 s",
        usable <= 2.5,
    )


def _fields(pages: Sequence[str]) -> list[Json]:
    """Examples of all kinds in turn, in two columns down the pages."""
    kinds = list(KINDS.values())
    made = []
    for place in range(FIELDS):
        field = kinds[place % len(kinds)].example[0]
        row, column = divmod(place % 20, 2)
        box = Box(x=40 + 260 * column, y=20 + 80 * row, width=240, height=72)
        laid = json.loads(field.changed(id=f"bench{place}", box=box).model_dump_json())
        text = json.dumps(laid).replace('"page1"', f'"{pages[place // 20]}"').replace('"page2"', f'"{pages[-1]}"')
        made.append(json.loads(text))
    return made
