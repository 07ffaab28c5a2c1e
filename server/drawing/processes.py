"""Processes that do work, each with limits on time and memory."""

import multiprocessing
import threading
import time
from collections.abc import Callable, Sequence
from concurrent.futures import Future
from multiprocessing.util import Finalize
from typing import Any

from pebble import ProcessPool

from server.drawing.jobs import limit_memory

_LOOK = 0.2
"""Seconds between two looks whether the processes still take work."""

exiting = threading.Event()
"""Set when this web process ends: what still waits would else have new processes made, and nobody would end those."""


class Processes:
    """So many processes. Whatever they take comes to an end, also when they break while they have it.

    A pool breaks when a process dies that is not known to be at work, by a machine out of memory for instance. What it
    was given in the same moment would else wait for ever, and all that waits for it.
    """

    def __init__(self, count: int, most_bytes: int) -> None:
        self._pool = ProcessPool(
            max_workers=count,
            max_tasks=50,
            initializer=limit_memory,
            initargs=[most_bytes],
            context=multiprocessing.get_context("spawn"),
        )
        self._under_way: set[Future[Any]] = set()
        self._ending = threading.Lock()
        self._ended = False
        # Before multiprocessing waits for its children at exit, which these would never let it finish.
        Finalize(None, self._exit, exitpriority=10)
        # The first look starts the processes.
        self._is_active()
        threading.Thread(target=self._watch, name="watch-drawing", daemon=True).start()

    def take(self, work: Callable[..., Any], arguments: Sequence[Any], seconds: float) -> "Future[Any]":
        """Have some work done. Raises RuntimeError when the processes are broken or ended.

        What the work raises, its time-out and the death of its process come out of the future; when the processes
        break, so does BrokenProcessPool, or the future is cancelled.
        """
        future: Future[Any] = self._pool.schedule(work, args=arguments, timeout=seconds)
        self._under_way.add(future)
        future.add_done_callback(self._under_way.discard)
        if not self._is_active():
            self._give_up()
        return future

    def _exit(self) -> None:
        exiting.set()
        self.end()

    def end(self) -> None:
        """Stop what they do, and wait until none of them is left."""
        with self._ending:
            if not self._ended:
                self._pool.stop()  # type: ignore[no-untyped-call]
                self._pool.join()
                self._ended = True

    def _is_active(self) -> bool:
        return bool(self._pool.active)

    def _watch(self) -> None:
        while self._is_active():
            time.sleep(_LOOK)
        self._give_up()
        self.end()  # of a pool that broke, some processes may be left

    def _give_up(self) -> None:
        for future in tuple(self._under_way):
            future.cancel()
