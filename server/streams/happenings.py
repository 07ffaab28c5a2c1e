"""What the streams of this process look at: the happenings of handouts (server/handouts/flows/happen.py)."""

import asyncio
import logging
import threading
import uuid
from collections.abc import Collection, Mapping

from django.db import close_old_connections, connection

from server.handouts.flows.happen import CHANNEL, newest
from server.streams.hub import Hub

_log = logging.getLogger(__name__)

APART = 0.25
"""Seconds between two looks where the database does not say when something happens (SQLite)."""
APART_WHEN_TOLD = 5.0
"""The same where it does (PostgreSQL): what it could not say is seen all the same."""


LISTENING = 1.0
"""Seconds after which whoever listens looks whether there is still somebody to tell."""


def hub() -> Hub:
    """A hub for the loop that runs."""
    if connection.vendor != "postgresql":
        return Hub(_look, APART, connection.close)
    listener = _Listener()
    told = Hub(_look, APART_WHEN_TOLD, listener.end)
    listener.begin(told)
    return told


def _look(handouts: Collection[uuid.UUID]) -> Mapping[uuid.UUID, int]:
    close_old_connections()  # one that broke is made anew
    return newest(handouts)


class _Listener:
    """Has PostgreSQL say when something was committed, in a thread with a connection of its own."""

    def __init__(self) -> None:
        self._ended = threading.Event()
        self._thread: threading.Thread | None = None

    def begin(self, hub: Hub) -> None:
        """Wake a hub of the loop that runs, from now on."""
        loop = asyncio.get_running_loop()
        self._thread = threading.Thread(target=self._listen, args=(loop, hub), name="listener", daemon=True)
        self._thread.start()

    def end(self) -> None:
        """Called in the thread that looks, whose connection goes too."""
        self._ended.set()
        if self._thread is not None:
            self._thread.join()
        connection.close()

    def _listen(self, loop: asyncio.AbstractEventLoop, hub: Hub) -> None:
        while not self._ended.is_set():
            try:
                with connection.cursor() as cursor:
                    cursor.execute(f"LISTEN {CHANNEL}")
                while not self._ended.is_set():
                    for _ in connection.connection.notifies(timeout=LISTENING):
                        loop.call_soon_threadsafe(hub.wake)
            except Exception:
                if loop.is_closed():
                    break
                _log.exception("The database does not say when something happens; it is asked again.")
                connection.close()
                self._ended.wait(APART_WHEN_TOLD)
        connection.close()
