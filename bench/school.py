"""A school at work: 500 students open a worksheet within a minute and then save; a busy teacher's desk and class."""

import asyncio
import json
import multiprocessing
import time
import urllib.request
from typing import Any

from bench.figure import Figure, percentile
from bench.saving import run_aside
from demo.served import Served, served

STUDENTS = 500
WITHIN = 60.0
"""Seconds in which they all open it."""
EVERY = 4.0
LASTS = 24.0
TOO_SLOW = 0.050
WORKSHEETS = 300
LOOKS = 7
LONGEST = 0.300


def measure() -> list[Figure]:
    with served() as server:
        school: dict[str, Any] = json.loads(server.run("bench.school_students", str(STUDENTS), str(WORKSHEETS)))
        with multiprocessing.get_context("spawn").Pool(1) as pool:
            opened = pool.apply(_open, (server.port, school["handout"], school["students"]))
        copies = [student | {"id": copy} for student, copy in zip(school["students"], opened["copies"], strict=True)]
        saving = run_aside(server, [copy for copy in copies if copy["id"]], EVERY, LASTS)
        looks = {path: _look(server, path, school["session"]) for path in ("/desk/", f"/classes/{school['class']}/")}
    slow = percentile(saving.seconds, 0.95)
    desk, class_ = looks.values()
    return [
        Figure(
            f"{STUDENTS} students opening a handout within a minute",
            f"{percentile(opened['seconds'], 0.95) * 1000:.0f} ms",
            f"95th percentile from the peg to the sheet, {opened['errors']} errors",
            "no error",
            opened["errors"] == 0,
        ),
        Figure(
            f"then each saving every {EVERY:.0f} s, 95th percentile",
            f"{slow * 1000:.1f} ms",
            f"median {percentile(saving.seconds, 0.5) * 1000:.1f} ms, {len(saving.seconds)} saves, "
            f"{saving.errors} errors",
            "at most 50 ms",
            slow <= TOO_SLOW and saving.errors == 0,
        ),
        Figure(
            f"a desk of {WORKSHEETS} worksheets",
            f"{desk * 1000:.0f} ms",
            f"median of {LOOKS}; a class of 35 in {class_ * 1000:.0f} ms",
            "within 300 ms",
            max(desk, class_) <= LONGEST,
        ),
    ]


def _open(port: int, handout: str, students: list[dict[str, str]]) -> dict[str, Any]:
    return asyncio.run(_students(port, handout, students))


async def _students(port: int, handout: str, students: list[dict[str, str]]) -> dict[str, Any]:
    """All open the handout from their pegs, one after the other; when each began is settled beforehand."""
    seconds: list[float] = []
    copies = [""] * len(students)
    begin = time.perf_counter()

    async def student(number: int, held: dict[str, str]) -> None:
        due = begin + WITHIN * number / len(students)
        await asyncio.sleep(max(0, due - time.perf_counter()))
        status, place = await _ask(port, "POST", f"/peg/{handout}/", held)
        if status == 302 and place.startswith("/c/"):
            shown, _ = await _ask(port, "GET", place, held)
            copies[number] = place.split("/")[2] if shown == 200 else ""
        seconds.append(time.perf_counter() - due)

    await asyncio.gather(*(student(number, held) for number, held in enumerate(students)))
    return {"seconds": seconds, "copies": copies, "errors": copies.count("")}


async def _ask(port: int, method: str, path: str, held: dict[str, str]) -> tuple[int, str]:
    """The status of an answer, and where it leads."""
    reader, writer = await asyncio.open_connection("127.0.0.1", port)
    writer.write(
        f"{method} {path} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Length: 0\r\n"
        f"Cookie: student={held['cookie']}; csrftoken={held['csrf']}\r\nX-CSRFToken: {held['csrf']}\r\n\r\n".encode()
    )
    answered = (await reader.read()).split(b"\r\n\r\n")[0].decode().split("\r\n")
    writer.close()
    places = [line.split(": ", 1)[1] for line in answered if line.lower().startswith("location: ")]
    return int(answered[0].split()[1]), places[0] if places else ""


def _look(server: Served, path: str, session: str) -> float:
    """Seconds until a teacher has a page, the median of several."""
    took = []
    for _ in range(LOOKS):
        begin = time.perf_counter()
        asked = urllib.request.Request(server.home + path, headers={"Cookie": f"sessionid={session}"})
        with urllib.request.urlopen(asked) as answered:
            assert answered.status == 200 and "accounts/login" not in answered.url
            answered.read()
        took.append(time.perf_counter() - begin)
    return percentile(took, 0.5)
