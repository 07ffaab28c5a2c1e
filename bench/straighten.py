"""Straightening a photo of twelve megapixels, and what a drawing process takes for a page of a hundred."""

import io
import time
from collections import defaultdict
from collections.abc import Callable
from concurrent.futures import ProcessPoolExecutor
from multiprocessing import get_context
from pathlib import Path
from statistics import median
from typing import Any

import numpy as np
from PIL import Image

from bench.figure import Figure
from velum.geometry.projection import Point
from velum.paper.corners import find_sheet
from velum.paper.cut_off import completed
from velum.paper.look import AS_IT_IS, Flat, Look
from velum.paper.page_size import PageSize
from velum.paper.render import render_page
from velum.paper.sheet_size import PHONE
from velum.testing.hard_photos import hard_photos
from velum.testing.photos import photo

WIDTHS = (1700, 340)
RUNS = 5

SEEDS = range(100, 112)
"""Others than those that are tested."""


def measure() -> list[Figure]:
    taken = photo("text", 0, (3000, 4000))
    data = _saved(taken.picture, "JPEG")
    points = taken.corners * (595.276 / taken.picture.width)
    one, two, three, four = (Point(x=x, y=y).rounded() for x, y in points)
    look = Look(whiten=True, flat=Flat(corners=(one, two, three, four), width=595.276, height=841.89))
    straightened = _median(lambda: render_page(data, 0, WIDTHS, look))
    plain = _median(lambda: render_page(data, 0, WIDTHS, AS_IT_IS))
    return [
        Figure(
            "a photo of 12 megapixels, straightened and whitened",
            f"{straightened:.2f} s",
            f"{plain:.2f} s to draw it as it is; medians of {RUNS}",
            "under 2 s",
            straightened < 2,
        ),
        *(_memory(kind) for kind in ("JPEG", "PNG")),
        _corners(),
    ]


def _corners() -> Figure:
    """Of made photos of every kind that is hard, how many corners are found."""
    near: dict[str, list[float]] = defaultdict(list)
    for kind, taken in hard_photos(SEEDS):
        found = find_sheet(taken.picture)
        share = 0.0
        if found:
            page = PageSize(*taken.picture.size)
            corners = found.corners if found.cut is None else completed(found.corners, found.cut, page, PHONE)
            off = np.array([(point.x, point.y) for point in corners]) - taken.corners
            width = np.hypot(*(taken.corners[1] - taken.corners[0]))
            share = float((np.hypot(*off.T) < 0.01 * width).mean())
        near[kind].append(share)
    share = float(np.mean([one for kind in near.values() for one in kind]))
    kinds = ", ".join(f"{kind} {np.mean(shares):.2f}" for kind, shares in near.items())
    return Figure(
        "corners of sheets in hard photos within 1 % of their width",
        f"{share:.3f}",
        f"of {4 * sum(map(len, near.values()))}: {kinds}",
        "at least 0.90",
        share >= 0.9,
    )


def _memory(kind: str) -> Figure:
    shades = np.linspace(0, 255, 10_000, dtype=np.uint8)
    data = _saved(Image.fromarray(np.broadcast_to(shades[:, None, None], (10_000, 10_000, 3)).copy()), kind)
    before, after = _alone(_nothing), _alone(_draw, data)
    return Figure(
        f"memory for a {kind} of 100 megapixels",
        f"{after / 1_000_000:.0f} MB",
        f"{before / 1_000_000:.0f} MB before it draws anything",
        "under 500 MB",
        after < 500_000_000,
    )


def _draw(data: bytes) -> int:
    for width in (3400, 1700):
        render_page(data, 0, [width], Look(whiten=True))
    return _peak()


def _nothing() -> int:
    return _peak()


def _peak() -> int:
    """The most bytes that this process held (proc(5), VmHWM); getrusage(2) may tell its parent's."""
    status = Path("/proc/self/status").read_text()
    return int(status.split("VmHWM:")[1].split()[0]) * 1024


def _alone(work: Callable[..., int], *arguments: Any) -> int:
    """Run in a process of its own; returns the most bytes that it held."""
    with ProcessPoolExecutor(1, mp_context=get_context("spawn")) as pool:
        return pool.submit(work, *arguments).result()


def _median(work: Callable[[], object]) -> float:
    times = []
    for _ in range(RUNS):
        begun = time.perf_counter()
        work()
        times.append(time.perf_counter() - begun)
    return median(times)


def _saved(picture: Image.Image, kind: str) -> bytes:
    out = io.BytesIO()
    picture.save(out, kind)
    return out.getvalue()
