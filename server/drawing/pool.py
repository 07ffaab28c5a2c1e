"""The drawing processes of this web process: started when first needed, each with limits on time and memory."""

import logging
import tempfile
import threading
from collections.abc import Sequence
from concurrent.futures import CancelledError, Future, TimeoutError
from concurrent.futures.process import BrokenProcessPool
from pathlib import Path
from typing import Any

from django.conf import settings
from pebble import ProcessExpired

from server.drawing import jobs
from server.drawing.processes import Processes, exiting
from velum.errors import VelumError
from velum.geometry.box import Box
from velum.paper.page_size import PaperRefused
from velum.paper.read import Contents
from velum.paper.reprint import Reprint
from velum.pictures.prepared import PictureRefused, Prepared
from velum.rosters.roster import Roster, RosterRefused

_log = logging.getLogger(__name__)


class _Current:
    """The processes that work is given to now: others are made when these are broken."""

    def __init__(self) -> None:
        self._processes: Processes | None = None
        self._lock = threading.Lock()

    def take(self, work: Any, arguments: Sequence[Any], seconds: float) -> "Future[Any]":
        processes = self._now()
        try:
            return processes.take(work, arguments, seconds)
        except RuntimeError:
            return self._now(instead_of=processes).take(work, arguments, seconds)

    def _now(self, instead_of: Processes | None = None) -> Processes:
        with self._lock:
            if exiting.is_set():
                raise RuntimeError("The drawing processes have ended with their web process.")
            if self._processes is instead_of:  # both None: none were needed yet
                self._processes = Processes(settings.DRAWING_PROCESSES, settings.DRAWING_BYTES)
            assert self._processes is not None
            return self._processes


_current = _Current()


def submit(work: Any, *arguments: Any, seconds: float | None = None) -> "Future[Any]":
    """Have a drawing process do some work, in so many seconds or as many as a page may take.

    What comes out of it is told at ``Processes.take``.
    """
    return _current.take(work, arguments, seconds or settings.DRAWING_SECONDS)


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
            raise PictureRefused(
                "picture.too_heavy", "This picture is too heavy to open. Save it smaller."
            ) from refused
    return prepared


def read_roster(data: bytes) -> tuple[Roster, ...]:
    """The rosters of a file, read in a process of its own. Raises RosterRefused."""
    try:
        found: tuple[Roster, ...] = _result(submit(jobs.read_roster, data))
    except PaperRefused as refused:
        raise RosterRefused("roster.too_heavy", "This file is too heavy to open. Nothing was taken.") from refused
    return found


def _result(future: "Future[Any]") -> Any:
    try:
        return future.result()
    except VelumError:
        raise
    except TimeoutError as problem:
        raise PaperRefused("paper.too_slow", "This file takes too long to open.") from problem
    except (ProcessExpired, BrokenProcessPool, CancelledError, MemoryError) as problem:
        raise PaperRefused("paper.too_heavy", "This file is too heavy to open.") from problem
    except Exception as problem:
        # The libraries that read files raise nearly anything; a teacher is told a sentence, the operator all of it.
        _log.exception("A file could not be opened")
        raise PaperRefused("paper.failed", "This file could not be opened. Nothing was kept of it.") from problem
