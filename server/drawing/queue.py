"""Work that waits for the drawing processes: what somebody is looking at goes first.

A piece of work is named by the file that it makes. The same work is never done twice at once. Of work that is slow and
that nobody waits for, one piece is under way at a time: the other processes are free for what somebody looks at.
"""

import logging
import threading
import time
from collections import OrderedDict
from collections.abc import Callable
from concurrent.futures import Future
from concurrent.futures.process import BrokenProcessPool
from dataclasses import dataclass, field
from functools import partial
from pathlib import Path
from typing import Any

from django.conf import settings

from server.drawing import pool
from velum.errors import VelumError

_SLOW_SECONDS = 90
"""The longest that slow work may take."""

_TRY_AGAIN_AFTER = 600
"""Seconds after which what failed is tried again."""


@dataclass(frozen=True)
class _Work:
    place: Path
    run: Callable[..., None]
    arguments: tuple[Any, ...]
    slow: bool
    done: "Future[None]" = field(default_factory=Future)


_log = logging.getLogger(__name__)


class Queue:
    """Work that waits, and work that is under way."""

    def __init__(self) -> None:
        self._waiting: OrderedDict[Path, _Work] = OrderedDict()
        self._running: dict[Path, _Work] = {}
        self._lock = threading.RLock()

    def drop(self, folder: Path) -> None:
        """Forget work that waits to make files in a folder, for nothing uses them any more."""
        with self._lock:
            for place in [place for place in self._waiting if place.parent == folder]:
                self._waiting.pop(place).done.cancel()

    def begin(
        self, place: Path, run: Callable[..., None], *arguments: Any, first: bool = False, slow: bool = False
    ) -> "Future[None]":
        """Have work done that makes the file ``place``, before all other or after it. What waits already moves up."""
        with self._lock:
            if place in self._running:
                return self._running[place].done
            work = self._waiting.get(place) or _Work(place, run, arguments, slow)
            if place not in self._waiting or first:
                self._waiting[place] = work
                self._waiting.move_to_end(place, last=not first)
            self._go_on()
            return work.done

    def _go_on(self) -> None:
        """Keep the processes busy, each with one piece of work more at hand."""
        with self._lock:
            while len(self._running) < 2 * settings.DRAWING_PROCESSES and (place := self._next()):
                work = self._running[place] = self._waiting.pop(place)
                try:
                    future = pool.submit(work.run, *work.arguments, seconds=_SLOW_SECONDS if work.slow else None)
                except Exception as problem:
                    del self._running[place]
                    work.done.set_exception(problem)
                    continue
                future.add_done_callback(partial(self._finished, work))

    def _next(self) -> Path | None:
        slow = any(work.slow for work in self._running.values())
        return next((place for place, work in self._waiting.items() if not (slow and work.slow)), None)

    def _finished(self, work: _Work, future: "Future[Any]") -> None:
        problem = BrokenProcessPool() if future.cancelled() else future.exception()
        # A pool that broke says nothing about the page.
        if problem is None:
            _failure(work.place).unlink(missing_ok=True)
        elif not isinstance(problem, BrokenProcessPool):
            if not isinstance(problem, VelumError):
                _log.error("%s could not be made: %r", work.place.name, problem)
            work.place.parent.mkdir(parents=True, exist_ok=True)
            _failure(work.place).touch()
        with self._lock:
            self._running.pop(work.place, None)
            self._go_on()
        if problem is None:
            work.done.set_result(None)
        else:
            work.done.set_exception(problem)


_queue = Queue()
begin, drop = _queue.begin, _queue.drop


def failed(place: Path) -> bool:
    """Whether the work failed when it was last tried."""
    return _failure(place).exists()


def failed_lately(place: Path) -> bool:
    """Whether the work failed a short time ago. Later it is worth another try: a machine may be busy."""
    try:
        return time.time() - _failure(place).stat().st_mtime < _TRY_AGAIN_AFTER
    except FileNotFoundError:
        return False


def _failure(place: Path) -> Path:
    return place.with_suffix(".failed")
