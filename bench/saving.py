"""A school saving answers: two hundred students, each every two seconds; then as many as it can take."""

import asyncio
import json
import multiprocessing
import sqlite3
import tempfile
import time
import uuid
from dataclasses import dataclass
from pathlib import Path

from bench.figure import Figure, percentile
from demo.served import Served, served

STUDENTS = 200
EVERY = 2.0
LASTS = 20.0
RATES = range(150, 1_000, 50)
"""Saves a second that are tried, until they are too many."""
RATE_LASTS = 6.0
TOO_SLOW = 0.050


def measure() -> list[Figure]:
    with served() as server:
        copies = json.loads(server.run("bench.students", str(STUDENTS)))
        steady = run_aside(server, copies, EVERY, LASTS)
        slow = percentile(steady.seconds, 0.95)
        held, last = 0, steady
        for rate in RATES:
            last = run_aside(server, copies, STUDENTS / rate, RATE_LASTS)
            if percentile(last.seconds, 0.95) > TOO_SLOW or last.errors:
                break
            held = rate
        bare = {kept: _bare_inserts(server.data, kept) for kept in ("FULL", "NORMAL")}
    return [
        Figure(
            f"{STUDENTS} students saving every {EVERY:.0f} s, 95th percentile",
            f"{slow * 1000:.1f} ms",
            f"median {percentile(steady.seconds, 0.5) * 1000:.1f} ms, {len(steady.seconds)} saves, "
            f"{steady.errors} errors",
            "at most 50 ms",
            slow <= TOO_SLOW and steady.errors == 0,
        ),
        Figure(
            "saves a second with a 95th percentile under 50 ms",
            f"{held} /s",
            f"{bare['FULL']:.0f} /s bare inserts of the same rows, {bare['NORMAL']:.0f} /s when they are not synced; "
            f"at the rate above {percentile(last.seconds, 0.95) * 1000:.0f} ms, {last.errors} errors",
            "at least 250",
            held >= 250,
        ),
    ]


@dataclass(frozen=True)
class Took:
    """Seconds that saves took, and how many were refused."""

    seconds: list[float]
    errors: int


def run_aside(server: Served, copies: list[dict[str, str]], every: float, lasts: float) -> Took:
    """Make the load in a process of its own, as it comes in a school."""
    with multiprocessing.get_context("spawn").Pool(1) as pool:
        return pool.apply(_load, (server.port, copies, every, lasts))


def _load(port: int, copies: list[dict[str, str]], every: float, lasts: float) -> Took:
    return asyncio.run(_students(port, copies, every, lasts))


async def _students(port: int, copies: list[dict[str, str]], every: float, lasts: float) -> Took:
    took = Took([], 0)
    errors = 0
    revision = int(time.time() * 1000) % 1_000_000_000  # later than those of a load before
    connections = [await _Connection.open(port, copy) for copy in copies]
    begin = time.perf_counter()

    async def student(number: int, connection: "_Connection") -> None:
        """Saves at fixed times, also when the save before took long; what then waits counts as waiting."""
        nonlocal errors
        due = begin + every * number / len(copies)
        change = revision
        while due < begin + lasts:
            await asyncio.sleep(max(0, due - time.perf_counter()))
            errors += not await connection.save(change)
            took.seconds.append(time.perf_counter() - due)
            change += 1
            due += every
        connection.close()

    await asyncio.gather(*(student(number, connection) for number, connection in enumerate(connections)))
    return Took(took.seconds, errors)


class _Connection:
    """A browser's connection, kept open."""

    def __init__(self, reader: asyncio.StreamReader, writer: asyncio.StreamWriter, copy: dict[str, str]) -> None:
        self._reader, self._writer, self._copy = reader, writer, copy

    @classmethod
    async def open(cls, port: int, copy: dict[str, str]) -> "_Connection":
        return cls(*await asyncio.open_connection("127.0.0.1", port), copy)

    async def save(self, revision: int) -> bool:
        field = f"box{revision % 10:03}"
        answer = {"kind": "answer_box", "version": 1, "text": f"What I think of it, for the {revision}th time"}
        change = {
            "field_id": field,
            "revision": revision,
            "answer": answer,
            "age": 400,
            "device": self._copy["id"].replace("-", ""),
            "order": revision,
        }
        body = json.dumps({"changes": [change]}).encode()
        head = (
            f"POST /c/{self._copy['id']}/answers HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
            f"Cookie: {self._copy.get('name', 'copy')}={self._copy['cookie']}; csrftoken={self._copy['csrf']}\r\n"
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


def _bare_inserts(data: Path, synchronous: str) -> float:
    """The same rows in the same SQLite settings with nothing around them, a second."""
    with tempfile.TemporaryDirectory(dir=data) as folder:
        database = sqlite3.connect(Path(folder) / "bare.sqlite3", isolation_level=None)
        database.executescript(
            f"""
            PRAGMA journal_mode=WAL; PRAGMA synchronous={synchronous};
            CREATE TABLE copy (id TEXT PRIMARY KEY, saved_at TEXT);
            CREATE TABLE answer (id INTEGER PRIMARY KEY, copy TEXT, field TEXT, revision INT, value TEXT, typed TEXT,
                UNIQUE (copy, field));
            CREATE TABLE change (id INTEGER PRIMARY KEY, copy TEXT, field TEXT, revision INT, value TEXT, typed TEXT,
                kept INT);
            CREATE INDEX change_copy ON change (copy);
            """
        )
        return _insert_for(3, database)


def _insert_for(seconds: float, database: sqlite3.Connection) -> float:
    copies = [str(uuid.uuid4()) for _ in range(STUDENTS)]
    database.executemany("INSERT INTO copy VALUES (?, '')", [(copy,) for copy in copies])
    value = json.dumps({"kind": "answer_box", "version": 1, "text": "What I think of it, for the 1000th time"})
    saved, begun = 0, time.perf_counter()
    while time.perf_counter() - begun < seconds:
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
