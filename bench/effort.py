"""How often a teacher presses something from a paper to a worksheet handed out with its key."""

import tempfile
from pathlib import Path

from bench.browser import browser, signed_in
from bench.figure import Figure
from demo.papers import keepers_log
from demo.served import served
from e2e import effort


def measure() -> list[Figure]:
    return [
        _figure("a PDF of 15 blanks", "log.pdf", keepers_log.draw(), 15, effort.LOG_KEY, 40),
        _figure("a scanned page of 20 blanks", "scan.jpg", effort.twenty_blanks(), 20, effort.twenty_answers(), 60),
    ]


def _figure(what: str, name: str, data: bytes, blanks: int, key: str, most: int) -> Figure:
    with served() as server, browser() as opened, tempfile.TemporaryDirectory() as folder:
        page = signed_in(opened, server)
        effort.count(page.context)
        page.reload()
        path = Path(folder) / name
        path.write_bytes(data)
        pressed = effort.hand_out(page, path, blanks, key)
    return Figure(
        f"{what}, brought in, keyed, handed out",
        f"{pressed} presses",
        f"{blanks} boxes drawn and keyed one by one: {2 * blanks}, and their answers typed",
        f"at most {most}",
        pressed <= most,
    )
