"""Who follows which handout in this process, and the one look at the database for all of them."""

import asyncio
import logging
import uuid
from collections import Counter
from collections.abc import Callable, Collection, Iterator, Mapping
from concurrent.futures import ThreadPoolExecutor
from contextlib import contextmanager

_log = logging.getLogger(__name__)

Look = Callable[[Collection[uuid.UUID]], Mapping[uuid.UUID, int]]
"""Reads the number of the newest happening of each of these handouts. It runs in a thread of its own."""


class Hub:
    """Looks at the database every ``apart`` seconds while anybody follows anything, and at once when it is woken."""

    def __init__(self, look: Look, apart: float, leave: Callable[[], object] = lambda: None) -> None:
        """``leave`` is done at the end, in the thread that looked."""
        self._look = look
        self._leave = leave
        self._apart = apart
        self._followed: Counter[uuid.UUID] = Counter()
        self._numbers: dict[uuid.UUID, int] = {}
        self._changed = asyncio.Condition()
        self._woken = asyncio.Event()
        self._looking: asyncio.Task[None] | None = None
        self.ended = asyncio.Event()
        """Set when the server ends: then streams end too."""
        self._thread = ThreadPoolExecutor(1, thread_name_prefix="streams")

    @property
    def followers(self) -> int:
        return self._followed.total()

    def wake(self) -> None:
        """Something was committed. Call it in the loop."""
        self._woken.set()

    def close(self) -> None:
        """Look no more. Nobody follows anything by then."""
        self._thread.submit(self._leave)
        self._thread.shutdown()

    @contextmanager
    def following(self, handout: uuid.UUID) -> Iterator[None]:
        """While this lasts, a handout is looked at. Enter it in the loop."""
        self._followed[handout] += 1
        self.wake()
        if self._looking is None or self._looking.done():
            self._looking = asyncio.create_task(self._go_on_looking())
        try:
            yield
        finally:
            self._followed[handout] -= 1
            if not self._followed[handout]:
                del self._followed[handout]
                self._numbers.pop(handout, None)

    async def other_than(self, handout: uuid.UUID, seen: int) -> int:
        """The number of the newest happening of a handout that is followed, once it is another than ``seen``."""
        async with self._changed:
            await self._changed.wait_for(lambda: self._numbers.get(handout, seen) != seen)
            return self._numbers[handout]

    async def _go_on_looking(self) -> None:
        loop = asyncio.get_running_loop()
        while self._followed:
            self._woken.clear()
            try:
                numbers = await loop.run_in_executor(self._thread, self._look, list(self._followed))
            except Exception:
                _log.exception("What happens could not be read; it is tried again.")
            else:
                async with self._changed:
                    self._numbers |= {name: number for name, number in numbers.items() if name in self._followed}
                    self._changed.notify_all()
            try:
                await asyncio.wait_for(self._woken.wait(), self._apart)
            except TimeoutError:
                continue
