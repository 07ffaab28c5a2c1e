"""Finding where students answer: on labelled pages that the rules were not made on, as files and as scans of them."""

import time
from collections.abc import Callable, Iterator, Sequence
from concurrent.futures import ProcessPoolExecutor

import numpy as np
from PIL import Image

from bench.figure import Figure
from bench.pages.score import Score, labelled, score
from velum.finding.found import Found
from velum.finding.read import reading_of_picture, reading_of_print
from velum.paper.look import Flat, Look
from velum.paper.ocr import read_print
from velum.paper.page_size import PageSize
from velum.paper.pdf import pdf_page
from velum.paper.proposal import propose
from velum.paper.read import open_page
from velum.paper.render import draw
from velum.testing.photos import tilted
from velum.testing.pictures import saved

_DOTS = 200
_SKEW = (-2, -1.2, -0.5, 0.4, 1, 1.7, 2)
"""Degrees, one page after the other."""

_SHADOW = 0.25
"""How much darker the right side of a scan is."""


def measure() -> Iterator[Figure]:
    for part, wanted in (("develop", False), ("report", True)):
        yield from _figures(f"{part}, as files", part, of_file, (0.95, 0.95) if wanted else None, 150)
    yield from _figures("report, scanned askew, noisy, in a shadow", "report", of_scan, (0.88, 0.90), 2500)


def _figures(
    what: str,
    part: str,
    find: Callable[[bytes, int], tuple[Sequence[Found], float]],
    wanted: tuple[float, float] | None,
    ms: int,
) -> Iterator[Figure]:
    pages = list(labelled(part))
    with ProcessPoolExecutor(1) as one:
        found = list(one.map(find, (data for _, data, _ in pages), range(len(pages))))
    told = Score()
    for (places, _), (_, _, labels) in zip(found, pages, strict=True):
        told.add(score(places, labels))
    counts = f"{told.right} right of {told.wanted} on {len(pages)} pages, {told.found} found"
    least = f"at least {wanted[0]:.2f}" if wanted else ""
    yield Figure(f"{what}: recall", f"{told.recall:.3f}", counts, least, told.recall >= wanted[0] if wanted else None)
    least = f"at least {wanted[1]:.2f}" if wanted else ""
    yield Figure(
        f"{what}: precision", f"{told.precision:.3f}", counts, least, told.precision >= wanted[1] if wanted else None
    )
    numbers = f"{told.right_numbers} of {told.numbered} that have one"
    yield Figure(
        f"{what}: printed numbers",
        f"{told.numbers:.3f}",
        numbers,
        "at least 0.95" if wanted else "",
        told.numbers >= 0.95 if wanted else None,
    )
    slowest = max(taken for _, taken in found)
    typical = sorted(taken for _, taken in found)[len(found) // 2]
    yield Figure(
        f"{what}: the slowest page",
        f"{slowest:.0f} ms",
        f"half of them within {typical:.0f} ms",
        f"at most {ms} ms",
        slowest <= ms,
    )


def of_file(data: bytes, number: int) -> tuple[Sequence[Found], float]:
    """What is found on a page that is print, and in how many milliseconds, with reading the file."""
    begun = time.perf_counter()
    with pdf_page(data, 0) as page:
        found = reading_of_print(page).places
    return found, 1000 * (time.perf_counter() - begun)


def of_scan(data: bytes, number: int) -> tuple[Sequence[Found], float]:
    """What is found on a scan of a page, straightened as proposed; reading the words is part of the time."""
    with open_page(scanned(data, number), 0) as page:
        proposal = propose(page)
        size = PageSize(proposal.width, proposal.height)
        flat = Flat(corners=proposal.corners, width=size.width, height=size.height) if proposal.corners else None
        shown = draw(page, round(size.width * _DOTS / 72), Look(turn=proposal.turn, whiten=proposal.whiten, flat=flat))
    begun = time.perf_counter()
    lines = read_print(shown, shown.width / size.width)
    found = reading_of_picture(shown, lines, size).places
    return found, 1000 * (time.perf_counter() - begun)


def scanned(data: bytes, number: int) -> bytes:
    """A page as a scanner makes it: askew, with grain, and darker on one side."""
    with pdf_page(data, 0) as page:
        picture = tilted(page.draw(_DOTS / 72), _SKEW[number % len(_SKEW)])
    pixels = np.asarray(picture).astype(float)
    pixels *= (1 - _SHADOW * np.linspace(0, 1, pixels.shape[1]))[None, :, None]
    return saved(Image.fromarray(pixels.clip(0, 255).astype(np.uint8)), "JPEG", dpi=(_DOTS, _DOTS), quality=70)
