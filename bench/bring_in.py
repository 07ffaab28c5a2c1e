"""Bringing in papers of forty and two hundred pages, beside a bare loop that renders and encodes the same pages."""

import io
import tempfile
import time
from concurrent.futures import ProcessPoolExecutor
from multiprocessing import get_context
from pathlib import Path

import pikepdf
import pypdfium2
from playwright.sync_api import Page

from bench.browser import browser, signed_in
from bench.figure import Figure
from demo.papers import keepers_log, tide_table
from demo.served import served

LENGTHS = (40, 200)
PROCESSES = 2
WIDTH = 1700
"""Pixels across, as a laptop shows a page at 200 %."""


def measure() -> list[Figure]:
    with tempfile.TemporaryDirectory() as folder, served() as server, browser() as opened:
        page = signed_in(opened, server)
        # The drawing processes are started by the first paper of the day; a school does not wait for that each time.
        _bring_in(page, _small(Path(folder)))
        figures = [figure for pages in LENGTHS for figure in _of(pages, page, Path(folder))]
        picture_bytes = _picture_bytes(server.data)
    size, wanted = f"{picture_bytes / 1000:.0f} kB", "at most 120 kB"
    return [
        *figures,
        Figure("a page's picture at a laptop's width", size, "mean of all", wanted, picture_bytes <= 120_000),
    ]


def _of(pages: int, page: Page, folder: Path) -> list[Figure]:
    path = folder / f"{pages} pages.pdf"
    path.write_bytes(paper(pages))
    page.goto("/desk/")
    first, everything = _bring_in(page, path)
    bare = _bare(path, pages)
    return [
        Figure(
            f"bringing in {pages} pages, all drawn",
            f"{everything:.2f} s",
            f"{bare:.2f} s for a bare loop, {PROCESSES} processes",
            f"at most 1.5 times: {everything / bare:.2f}",
            everything <= 1.5 * bare,
        ),
        Figure(f"first of {pages} pages on screen", f"{first:.2f} s", "from choosing the file", "under 1 s", first < 1),
    ]


def paper(pages: int) -> bytes:
    """Pages of print, each a little different."""
    whole = pikepdf.new()
    sources = [pikepdf.open(io.BytesIO(draw())) for draw in (keepers_log.draw, tide_table.draw)]
    sheets = [page for source in sources for page in source.pages]
    for number in range(pages):
        whole.pages.append(sheets[number % len(sheets)])
        mark = b"BT /F1 8 Tf 300 20 Td (%d of %d) Tj ET" % (number, pages)
        whole.pages[-1].contents_add(whole.make_stream(mark))
    out = io.BytesIO()
    whole.save(out)
    return out.getvalue()


def _small(folder: Path) -> Path:
    path = folder / "one page.pdf"
    path.write_bytes(tide_table.draw())
    return path


def _bring_in(page: Page, path: Path) -> tuple[float, float]:
    """Seconds from choosing a file until its first page is seen, and until all are drawn."""
    begun = time.perf_counter()
    page.get_by_label("Choose files").set_input_files(path)
    page.wait_for_function(
        "() => { const i = document.querySelector('main .page-picture');"
        " return location.pathname.startsWith('/worksheets/') && i && i.complete && i.naturalWidth > 0 }",
        polling=20,
    )
    first = time.perf_counter() - begun
    page.wait_for_function(
        "() => /^\\d+ pages?$/.test(document.querySelector('nav [role=status]')?.textContent?.trim())",
        polling=20,
        timeout=180_000,
    )
    return first, time.perf_counter() - begun


def _picture_bytes(data: Path) -> float:
    sizes = [path.stat().st_size for path in (data / "pictures").rglob(f"*-{WIDTH}.webp")]
    return sum(sizes) / len(sizes)


def _bare(path: Path, pages: int) -> float:
    """Seconds that PDFium and Pillow need for the same pages with nothing around them."""
    with ProcessPoolExecutor(PROCESSES, mp_context=get_context("spawn")) as pool:
        list(pool.map(_render_share, [str(path)] * PROCESSES, [range(0)] * PROCESSES))  # started
        begun = time.perf_counter()
        shares = [range(number, pages, PROCESSES) for number in range(PROCESSES)]
        list(pool.map(_render_share, [str(path)] * PROCESSES, shares))
        return time.perf_counter() - begun


def _render_share(path: str, numbers: range) -> int:
    document = pypdfium2.PdfDocument(path)
    size = 0
    for number in numbers:
        page = document[number]
        picture = page.render(scale=WIDTH / page.get_width()).to_pil().convert("RGB")
        out = io.BytesIO()
        picture.save(out, "WEBP", lossless=True, method=4)
        size += out.tell()
    return size
