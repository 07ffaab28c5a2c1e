"""The drawing processes of this web process: started when first needed, each with limits on time and memory."""

import functools
import logging
import multiprocessing
import tempfile
import threading
from collections.abc import Sequence
from concurrent.futures import Future, TimeoutError
from concurrent.futures.process import BrokenProcessPool
from multiprocessing.util import Finalize
from pathlib import Path
from typing import Any

from django.conf import settings
from pebble import ProcessExpired, ProcessPool

from server.drawing import jobs
from velum.errors import VelumError
from velum.geometry.box import Box
from velum.paper.page_size import PaperRefused
from velum.paper.read import Contents
from velum.paper.reprint import Reprint
from velum.pictures.prepared import PictureRefused, Prepared

_log = logging.getLogger(__name__)
_exiting = threading.Event()


@functools.cache
def _pool() -> ProcessPool:
    pool = ProcessPool(
        max_workers=settings.DRAWING_PROCESSES,
        max_tasks=50,
        initializer=jobs.limit_memory,
        initargs=[settings.DRAWING_BYTES],
        context=multiprocessing.get_context("spawn"),
    )
    # Before multiprocessing waits for its children at exit, which these would never let it finish.
    Finalize(None, _end, args=(pool,), exitpriority=10)
    return pool


def _end(pool: ProcessPool) -> None:
    _exiting.set()  # work that still waits would otherwise have a new pool made, and nobody would end that one
    pool.stop()  # type: ignore[no-untyped-call]
    pool.join()


def submit(work: Any, *arguments: Any, seconds: float | None = None) -> "Future[Any]":
    """Have a drawing process do some work, in so many seconds or as many as a page may take.

    What it raises, its time-out and its death come out of the future.
    """
    if _exiting.is_set():
        raise RuntimeError("The drawing processes have ended with their web process.")
    future: Future[Any]
    seconds = seconds or settings.DRAWING_SECONDS
    try:
        future = _pool().schedule(work, args=arguments, timeout=seconds)
    except RuntimeError:
        # The pool gives itself up when an idle process of it is killed, by a machine out of memory for instance.
        _pool.cache_clear()
        future = _pool().schedule(work, args=arguments, timeout=seconds)
    return future


def start() -> None:
    """Have the drawing processes ready before the first paper comes."""
    submit(len, ())


def read_file(source: Path) -> Contents:
    """What a file holds, read in a process of its own. Raises PaperRefused."""
    found: Contents = _result(submit(jobs.read, source))
    return found


def unlock(source: Path, password: str) -> None:
    """Replace a locked PDF by the same without its lock, in a process of its own. Raises PaperRefused."""
    _result(submit(jobs.unlock, source, password))


def compare_prints(old: jobs.Paper, new: jobs.Paper, places: Sequence[Box]) -> Reprint:
    """Two printings of a page compared, in a process of its own. Raises PaperRefused."""
    reprint: Reprint = _result(submit(jobs.compare_papers, old, new, places))
    return reprint


def prepare_picture(data: bytes) -> Prepared:
    """A file made a picture that can be shown, in a process of its own. Raises PictureRefused."""
    incoming = settings.DATA / "incoming"
    incoming.mkdir(parents=True, exist_ok=True)
    with tempfile.NamedTemporaryFile(dir=incoming) as out:
        out.write(data)
        out.flush()
        try:
            prepared: Prepared = _result(submit(jobs.prepare_picture, Path(out.name)))
        except PaperRefused as refused:
            too_heavy = "This picture is too heavy to open. Save it smaller."
            raise PictureRefused("picture.too_heavy", too_heavy) from refused
    return prepared


def _result(future: "Future[Any]") -> Any:
    try:
        return future.result()
    except VelumError:
        raise
    except TimeoutError as problem:
        raise PaperRefused("paper.too_slow", "This file takes too long to open.") from problem
    except (ProcessExpired, BrokenProcessPool, MemoryError) as problem:
        raise PaperRefused("paper.too_heavy", "This file is too heavy to open.") from problem
    except Exception as problem:
        # The libraries that read files raise nearly anything; a teacher is told a sentence, the operator all of it.
        _log.exception("A file could not be opened")
        raise PaperRefused("paper.failed", "This file could not be opened. Nothing was kept of it.") from problem
