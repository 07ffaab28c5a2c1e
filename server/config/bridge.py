"""Hands requests from uvicorn, which listens, to Django's plain views, which run in threads.

Between the loop and a thread a request crosses twice: there with its whole body, and back with its whole answer. Each
crossing waits for the interpreter's lock, so a bridge that crosses for every part makes a class wait (decision 0001).
A body that comes slowly holds no thread; one that is large comes in parts, to a thread that only such requests use.
"""

import asyncio
import uuid
from collections.abc import Callable, Iterator
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, field
from io import BytesIO
from typing import Any
from weakref import WeakKeyDictionary

from a2wsgi.asgi_typing import HTTPScope, Receive, Scope, Send
from a2wsgi.wsgi import Body, build_environ
from a2wsgi.wsgi_typing import WSGIApp
from django.utils import timezone

from server.entrance.arrival import ARRIVED_AT
from server.entrance.asgi import send_empty
from server.entrance.follows import FOLLOWS
from server.streams.events import last_seen, send_stream
from server.streams.hub import Hub

SMALL = 1_000_000
"""Bytes of a body that is waited for as a whole."""
UPLOADS = 16
"""Threads for large bodies, which mostly wait for what comes."""
STALLED = 60.0
"""Seconds after which a body that does not come any more has broken off: a lid was shut, a network left."""
PART = 256_000
"""Bytes of an answer that cross at once, or a little more."""


class Bridge:
    """An ASGI application that runs a WSGI application in so many threads."""

    def __init__(self, views: WSGIApp, threads: int, make_hub: Callable[[], Hub] | None = None) -> None:
        """``make_hub`` makes what streams follow, in the loop; without it there are none."""
        self._views = views
        self._make_hub = make_hub
        self._hubs: WeakKeyDictionary[asyncio.AbstractEventLoop, Hub] = WeakKeyDictionary()
        self._threads = ThreadPoolExecutor(threads, thread_name_prefix="views")
        self._upload_threads = ThreadPoolExecutor(UPLOADS, thread_name_prefix="uploads")

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] == "http":
            await self._http(scope, receive, send)
        elif scope["type"] == "websocket":
            await send({"type": "websocket.close", "code": 1000, "reason": ""})

    async def _http(self, scope: HTTPScope, receive_at_last: Receive, send: Send) -> None:
        loop, receive = asyncio.get_running_loop(), _impatient(receive_at_last)
        arrived_at = timezone.now()
        body: Any
        if _announced(scope) > SMALL:
            threads, body = self._upload_threads, Body(loop, receive)
        else:
            threads, body = self._threads, await _whole(receive)
            if body is None:
                # It broke off; there is hardly anybody to hear it.
                await send_empty(send, 408, [(b"connection", b"close")])
                return
        environ: Any = build_environ(scope, body) | {ARRIVED_AT: arrived_at}
        answer = _Answer(self._views, environ)
        try:
            while answer.is_going_on:
                messages = await loop.run_in_executor(threads, answer.next_part)
                if followed := _followed(messages[0]):
                    await self._stream(scope, followed, receive_at_last, send)
                    return
                for message in messages:
                    await send(message)
        finally:
            if answer.is_going_on:  # whoever asked is gone
                await loop.run_in_executor(threads, answer.close)

    def end_streams(self) -> None:
        """End the streams of the loop that runs, which would else keep the server from ending."""
        hub = self._hubs.get(asyncio.get_running_loop())
        if hub is not None:
            hub.ended.set()

    async def _stream(self, scope: HTTPScope, followed: uuid.UUID, receive: Receive, send: Send) -> None:
        loop = asyncio.get_running_loop()
        if self._make_hub is None or scope["method"] != "GET":
            await send_empty(send, 204)
            return
        if loop not in self._hubs:
            self._hubs[loop] = self._make_hub()
        await send_stream(self._hubs[loop], followed, last_seen(dict(scope["headers"])), receive, send)


_FOLLOWS = FOLLOWS.lower().encode()


def _followed(message: Any) -> uuid.UUID | None:
    """What the answer that begins with this message lets its asker follow."""
    said = dict(message.get("headers", ())).get(_FOLLOWS)
    return uuid.UUID(said.decode()) if said else None


def _announced(scope: HTTPScope) -> int:
    """Bytes that a request says it brings; one that does not say is taken for large."""
    headers = dict(scope["headers"])
    if b"transfer-encoding" in headers:
        return SMALL + 1
    return int(headers.get(b"content-length", b"0"))  # uvicorn has seen to it that it is a number


def _impatient(receive: Receive) -> Receive:
    async def receive_in_time() -> Any:
        try:
            return await asyncio.wait_for(receive(), STALLED)
        except TimeoutError:
            return {"type": "http.disconnect"}

    return receive_in_time


async def _whole(receive: Receive) -> BytesIO | None:
    """A body, when all of it has come; None: it broke off."""
    body = BytesIO()
    while True:
        message = await receive()
        if message["type"] != "http.request":
            return None
        body.write(message.get("body", b""))
        if not message.get("more_body", False):
            body.seek(0)
            return body


@dataclass
class _Answer:
    """What the views answer to one request. Everything but ``is_going_on`` runs in a thread."""

    views: WSGIApp
    environ: Any
    is_going_on: bool = True
    _begun: Any = None
    _chunks: Iterator[bytes] | None = None
    _start: list[dict[str, Any]] = field(default_factory=list)

    def next_part(self) -> list[Any]:
        """The messages of the next part, the first of which begins the answer."""
        if self._chunks is None:
            self._begun = self.views(self.environ, self._start_response)
            self._chunks = iter(self._begun)
        part = bytearray()
        for chunk in self._chunks:
            part += chunk
            if len(part) >= PART:
                break
        else:
            self.is_going_on = False
            self.close()
        start, self._start = self._start, []
        return [*start, {"type": "http.response.body", "body": bytes(part), "more_body": self.is_going_on}]

    def close(self) -> None:
        getattr(self._begun, "close", lambda: None)()

    def _start_response(self, status: str, headers: list[tuple[str, str]], exc_info: Any = None) -> Any:
        raw = [(name.strip().encode("latin1").lower(), value.strip().encode("latin1")) for name, value in headers]
        self._start = [{"type": "http.response.start", "status": int(status.split(" ", 1)[0]), "headers": raw}]
        return None
