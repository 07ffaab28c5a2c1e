"""A school saving answers: two hundred students, each every two seconds; then as fast as the server goes."""

import asyncio
import json
import multiprocessing
import sqlite3
import time
import uuid
from pathlib import Path

from bench.figure import Figure, percentile
from demo.served import Served, served

STUDENTS = 200
EVERY = 2.0
LASTS = 20.0
FLAT_OUT = 10.0
AT_ONCE = 16


def measure() -> list[Figure]:
    with served() as server:
        copies = json.loads(server.run("bench.students", str(STUDENTS)))
        seconds, errors = _run_aside(_steady, server, copies)
        saved, taken, hard_errors = _run_aside(_flat_out, server, copies)
        bare = _bare_inserts(server.data)
    slow = percentile(seconds, 0.95) * 1000
    return [
        Figure(
            f"{STUDENTS} students saving every {EVERY:.0f} s, 95th percentile",
            f"{slow:.1f} ms",
            f"median {percentile(seconds, 0.5) * 1000:.1f} ms, {len(seconds)} saves, {errors} errors",
            "at most 50 ms",
            slow <= 50 and errors == 0,
        ),
        Figure(
            f"saves a second, {AT_ONCE} at once",
            f"{saved / taken:.0f} /s",
            f"{bare:.0f} /s bare inserts of the same rows; {hard_errors} errors",
            f"{saved / taken / bare:.2f} of bare",
        ),
    ]


def _run_aside(work, server: Served, copies: list[dict[str, str]]):  # type: ignore[no-untyped-def]
    """Make the load in a process of its own, as it comes in a school."""
    with multiprocessing.get_context("spawn").Pool(1) as pool:
        return pool.apply(work, (server.port, copies))


def _steady(port: int, copies: list[dict[str, str]]) -> tuple[list[float], int]:
    return asyncio.run(_students(port, copies))


async def _students(port: int, copies: list[dict[str, str]]) -> tuple[list[float], int]:
    seconds: list[float] = []
    errors = 0
    end = time.perf_counter() + LASTS

    async def student(number: int, copy: dict[str, str]) -> None:
        nonlocal errors
        await asyncio.sleep(EVERY * number / len(copies))
        connection = await _Connection.open(port, copy)
        revision = 1
        while time.perf_counter() < end:
            begun = time.perf_counter()
            errors += not await connection.save(revision)
            seconds.append(time.perf_counter() - begun)
            revision += 1
            await asyncio.sleep(max(0, EVERY - (time.perf_counter() - begun)))
        connection.close()

    await asyncio.gather(*(student(number, copy) for number, copy in enumerate(copies)))
    return seconds, errors


def _flat_out(port: int, copies: list[dict[str, str]]) -> tuple[int, float, int]:
    return asyncio.run(_hurry(port, copies))


async def _hurry(port: int, copies: list[dict[str, str]]) -> tuple[int, float, int]:
    saved = errors = 0
    begun = time.perf_counter()

    async def student(copy: dict[str, str]) -> None:
        nonlocal saved, errors
        connection = await _Connection.open(port, copy)
        revision = 1_000
        while time.perf_counter() - begun < FLAT_OUT:
            if await connection.save(revision):
                saved += 1
            else:
                errors += 1
            revision += 1
        connection.close()

    await asyncio.gather(*(student(copy) for copy in copies[:AT_ONCE]))
    return saved, time.perf_counter() - begun, errors


class _Connection:
    """A browser's connection, kept open."""

    def __init__(self, reader: asyncio.StreamReader, writer: asyncio.StreamWriter, copy: dict[str, str]) -> None:
        self._reader, self._writer, self._copy = reader, writer, copy

    @classmethod
    async def open(cls, port: int, copy: dict[str, str]) -> "_Connection":
        return cls(*await asyncio.open_connection("127.0.0.1", port), copy)

    async def save(self, revision: int) -> bool:
        field = f"box{revision % 10:03}"
        answer = {"kind": "answer_box", "text": f"What I think of it, for the {revision}th time"}
        change = {"field_id": field, "revision": revision, "answer": answer, "age": 400}
        body = json.dumps({"changes": [change]}).encode()
        head = (
            f"POST /c/{self._copy['id']}/answers HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
            f"Cookie: copy={self._copy['cookie']}; csrftoken={self._copy['csrf']}\r\n"
            f"X-CSRFToken: {self._copy['csrf']}\r\nContent-Length: {len(body)}\r\n\r\n"
        )
        self._writer.write(head.encode() + body)
        answered = await self._reader.readuntil(b"\r\n\r\n")
        length = next(
            int(line.split(b":")[1]) for line in answered.split(b"\r\n") if line.lower().startswith(b"content-length")
        )
        await self._reader.readexactly(length)
        return b" 200 " in answered.split(b"\r\n")[0]

    def close(self) -> None:
        self._writer.close()


def _bare_inserts(data: Path) -> float:
    """The same rows in the same SQLite settings with nothing around them, a second."""
    path = data / "bare.sqlite3"
    database = sqlite3.connect(path, isolation_level=None)
    database.executescript(
        """
        PRAGMA journal_mode=WAL; PRAGMA synchronous=NORMAL;
        CREATE TABLE copy (id TEXT PRIMARY KEY, saved_at TEXT);
        CREATE TABLE answer (id INTEGER PRIMARY KEY, copy TEXT, field TEXT, revision INT, value TEXT, typed TEXT,
            UNIQUE (copy, field));
        CREATE TABLE change (id INTEGER PRIMARY KEY, copy TEXT, field TEXT, revision INT, value TEXT, typed TEXT,
            kept INT);
        CREATE INDEX change_copy ON change (copy);
        """
    )
    copies = [str(uuid.uuid4()) for _ in range(STUDENTS)]
    database.executemany("INSERT INTO copy VALUES (?, '')", [(copy,) for copy in copies])
    value = json.dumps({"kind": "answer_box", "text": "What I think of it, for the 1000th time"})
    saved, begun = 0, time.perf_counter()
    while time.perf_counter() - begun < 3:
        copy, field = copies[saved % STUDENTS], f"box{saved % 10:03}"
        row = (copy, field, saved, value, "2026-11-25 10:00:00")
        database.execute("BEGIN IMMEDIATE")
        database.execute("SELECT handed_in FROM (SELECT 1 AS handed_in)")
        database.execute(
            "INSERT INTO change (copy, field, revision, value, typed, kept) VALUES (?, ?, ?, ?, ?, 1)", row
        )
        database.execute(
            "INSERT INTO answer (copy, field, revision, value, typed) VALUES (?, ?, ?, ?, ?) ON CONFLICT (copy, field)"
            " DO UPDATE SET revision = excluded.revision, value = excluded.value, typed = excluded.typed",
            row,
        )
        database.execute("UPDATE copy SET saved_at = ? WHERE id = ?", ("2026-11-25 10:00:00", copy))
        database.execute("COMMIT")
        saved += 1
    return saved / (time.perf_counter() - begun)
