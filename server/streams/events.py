"""Server-sent events (HTML Living Standard, 9.2) over ASGI."""

import asyncio
import uuid
from typing import Any

from a2wsgi.asgi_typing import Receive, Send

from server.entrance.asgi import send_empty
from server.streams.hub import Hub

MOST = 1_000
"""Streams of one process."""
HEARTBEAT = 15.0
"""Seconds after which a stream says that it is there, so that nothing between takes it for dead."""
LONGEST = 300.0
"""Seconds after which a stream ends. The browser asks again, and so it is asked again who that is."""
AGAIN = 3_000
"""Milliseconds after which a browser asks again."""

_HEADERS = [
    (b"content-type", b"text/event-stream; charset=utf-8"),
    (b"cache-control", b"no-store, no-transform"),
    (b"x-accel-buffering", b"no"),  # nginx would keep what it gets until it is much
    (b"x-content-type-options", b"nosniff"),
]


async def send_stream(hub: Hub, handout: uuid.UUID, seen: int, receive: Receive, send: Send) -> None:
    """Say each new number of a handout, until whoever listens is gone, the stream is old or the server ends."""
    if hub.followers >= MOST:
        await send_empty(send, 503, [(b"retry-after", b"30"), (b"cache-control", b"no-store")])
        return
    await send({"type": "http.response.start", "status": 200, "headers": _HEADERS})
    await _say(send, f"retry: {AGAIN}\n\n")
    telling = asyncio.create_task(_tell(hub, handout, seen, send))
    leaving = asyncio.create_task(_left(receive))
    ending = asyncio.create_task(hub.ended.wait())
    try:
        await asyncio.wait({telling, leaving, ending}, timeout=LONGEST, return_when=asyncio.FIRST_COMPLETED)
    finally:
        for task in (telling, leaving, ending):
            task.cancel()
        await asyncio.gather(telling, leaving, ending, return_exceptions=True)
    if not leaving.done() or leaving.cancelled():
        await send({"type": "http.response.body", "body": b"", "more_body": False})


async def _tell(hub: Hub, handout: uuid.UUID, seen: int, send: Send) -> None:
    with hub.following(handout):
        while True:
            try:
                seen = await asyncio.wait_for(hub.other_than(handout, seen), HEARTBEAT)
            except TimeoutError:
                await _say(send, ": here\n\n")
            else:
                await _say(send, f"id: {seen}\ndata: {seen}\n\n")


async def _left(receive: Receive) -> None:
    while (await receive())["type"] != "http.disconnect":
        pass


async def _say(send: Send, words: str) -> None:
    await send({"type": "http.response.body", "body": words.encode(), "more_body": True})


def last_seen(headers: dict[bytes, bytes]) -> int:
    """How far a browser has heard a stream that broke; -1: nothing of it."""
    said: Any = headers.get(b"last-event-id", b"")
    return int(said) if said.isdigit() and len(said) < 19 else -1
