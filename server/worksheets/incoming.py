"""Files on their way in: received whole or not at all."""

import fcntl
import hashlib
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from dataclasses import dataclass
from pathlib import Path
from typing import IO

from django.conf import settings

from server.drawing import pool
from server.entrance.errors import Refused, TooLarge
from server.files.upload import CHUNK, Readable, read_away
from velum.paper.page_size import PaperRefused
from velum.paper.read import Contents
from velum.paper.sort import START, Sort, sort_of


class Incomplete(Refused):
    """An upload of which less came than was announced, or of which nothing was announced."""

    status = 400


@dataclass(frozen=True)
class Received:
    """A file that came whole: where it lies until it is kept, and what it holds."""

    path: Path
    sha256: str
    contents: Contents


@contextmanager
def received(file: Readable, password: str = "", length: int | None = None) -> Iterator[Received]:
    """Receive an upload of ``length`` bytes into a temporary file, gone afterwards, and read what it holds.

    A PDF that ``password`` opens is kept unlocked: it must be drawn again at any time, and the password is not kept.
    Raises Incomplete, TooLarge and PaperRefused, and then keeps nothing.
    """
    with _temporary() as out:
        sha256, sort = _copy(file, out, length)
        path = Path(out.name)
        if password and sort is Sort.PDF:
            pool.unlock(path, password)
            with path.open("rb") as unlocked:
                sha256 = hashlib.file_digest(unlocked, "sha256").hexdigest()
        yield Received(path, sha256, pool.read_file(path))


@contextmanager
def _temporary() -> Iterator[IO[bytes]]:
    """A temporary file, locked as long as it is in use: ``forget_halves`` takes away what a killed server left."""
    folder = settings.DATA / "incoming"
    folder.mkdir(parents=True, exist_ok=True)
    with tempfile.NamedTemporaryFile(dir=folder) as out:
        fcntl.flock(out, fcntl.LOCK_EX)
        yield out


def forget_halves() -> int:
    """Remove what was left half received by servers that are no longer there; returns how many files."""
    gone = 0
    for half in (settings.DATA / "incoming").glob("*"):
        with suppress(FileNotFoundError, BlockingIOError), half.open("rb") as file:
            fcntl.flock(file, fcntl.LOCK_EX | fcntl.LOCK_NB)
            half.unlink(missing_ok=True)
            gone += 1
    return gone


def _copy(file: Readable, out: IO[bytes], length: int | None) -> tuple[str, Sort]:
    """Copy an upload and return its SHA-256 and its sort. What is no paper is refused by its first bytes."""
    if length is not None and length > settings.LARGEST_UPLOAD:
        read_away(file)
        raise _too_large()
    chunk = _next(file)
    try:
        sort = sort_of(chunk[:START])
    except PaperRefused:
        read_away(file)
        raise
    digest, size = hashlib.sha256(), 0
    while chunk:
        size += len(chunk)
        if size > settings.LARGEST_UPLOAD:
            read_away(file)
            raise _too_large()
        digest.update(chunk)
        out.write(chunk)
        chunk = _next(file)
    if length is not None and size != length:
        raise _incomplete()
    out.flush()
    return digest.hexdigest(), sort


def _next(file: Readable) -> bytes:
    """The next piece of an upload. Raises Incomplete when its connection is gone."""
    try:
        return file.read(CHUNK)
    except OSError as problem:
        raise _incomplete() from problem


def _incomplete() -> Incomplete:
    return Incomplete("paper.incomplete", "Only a part of this file came. Nothing was kept of it; bring it in again.")


def _too_large() -> TooLarge:
    return TooLarge(
        "paper.too_large",
        "This file is too large: {most} MB is the most. Nothing was kept of it.",
        {"most": settings.LARGEST_UPLOAD // 1_000_000},
    )
