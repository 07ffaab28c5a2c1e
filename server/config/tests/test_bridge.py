"""Requests on their way between the loop and the views."""

import asyncio
from collections.abc import Iterator
from typing import Any
from unittest import mock

from django.test import SimpleTestCase
from django.utils import timezone

from server.config import bridge
from server.config.bridge import PART, SMALL, Bridge
from server.entrance.arrival import ARRIVED_AT


class Browser:
    """Sends a request in pieces, and keeps what is answered.

    After ``gone`` messages it hears no more; it ``stalls`` when it does not say that its last piece was the last.
    """

    def __init__(self, *pieces: bytes | None, gone: int | None = None, stalls: bool = False) -> None:
        self.pieces = list(pieces)
        self.answered: list[Any] = []
        self._gone = gone
        self._stalls = stalls

    async def ask(self, views: Any, *, length: int | None, method: str = "POST") -> None:
        headers = [(b"transfer-encoding", b"chunked")] if length is None else [(b"content-length", b"%d" % length)]
        scope: Any = {
            "type": "http",
            "method": method,
            "path": "/",
            "query_string": b"",
            "headers": headers,
            "http_version": "1.1",
        }
        await Bridge(views, threads=2)(scope, self._receive, self._send)

    async def _receive(self) -> Any:
        if not self.pieces and self._stalls:
            await asyncio.Event().wait()
        piece = self.pieces.pop(0) if self.pieces else b""
        if piece is None:
            return {"type": "http.disconnect"}
        return {"type": "http.request", "body": piece, "more_body": bool(self.pieces) or self._stalls}

    async def _send(self, message: Any) -> None:
        if self._gone is not None and len(self.answered) >= self._gone:
            raise OSError("gone")
        self.answered.append(message)

    @property
    def body(self) -> bytes:
        return b"".join(message.get("body", b"") for message in self.answered)


class Echo:
    """Answers with the body."""

    def __init__(self) -> None:
        self.environ: Any = None
        self.closed = 0

    def __call__(self, environ: Any, start_response: Any) -> Any:
        self.environ = environ
        start_response("200 OK", [("Content-Type", "text/plain")])
        self._chunks = self.chunks(environ["wsgi.input"].read())
        return self

    def __iter__(self) -> Iterator[bytes]:
        return self._chunks

    def close(self) -> None:
        self.closed += 1

    def chunks(self, body: bytes) -> Iterator[bytes]:
        yield body


class Long(Echo):
    def chunks(self, body: bytes) -> Iterator[bytes]:
        for number in range(5):
            yield bytes([number]) * PART


class TheBridge(SimpleTestCase):
    async def test_a_small_request_crosses_whole_and_so_does_its_answer(self) -> None:
        browser, views, before = Browser(b"eb", b"b"), Echo(), timezone.now()
        await browser.ask(views, length=3)
        self.assertEqual(
            [message["type"] for message in browser.answered], ["http.response.start", "http.response.body"]
        )
        self.assertEqual((browser.answered[0]["status"], browser.body, views.closed), (200, b"ebb", 1))
        self.assertEqual(browser.answered[0]["headers"], [(b"content-type", b"text/plain")])
        self.assertLess(before, views.environ[ARRIVED_AT])

    async def test_a_small_request_that_breaks_off_is_never_heard_of(self) -> None:
        browser, views = Browser(b"eb", None), Echo()
        await browser.ask(views, length=3)
        self.assertEqual((views.environ, browser.answered[0]["status"]), (None, 408))

    async def test_a_request_that_stalls_has_broken_off_and_holds_nothing_for_ever(self) -> None:
        with mock.patch.object(bridge, "STALLED", 0.01):
            small, views = Browser(b"eb", stalls=True), Echo()
            await small.ask(views, length=3)
            self.assertEqual((views.environ, small.answered[0]["status"]), (None, 408))
            large = Browser(b"a" * SMALL, stalls=True)
            await large.ask(views, length=2 * SMALL)
        self.assertEqual(large.body, b"a" * SMALL)  # the views see that less came than was announced

    async def test_a_large_request_is_read_as_it_comes(self) -> None:
        views = Echo()
        for length in (SMALL + 1, None):
            browser = Browser(b"a" * SMALL, b"b")
            await browser.ask(views, length=length)
            self.assertEqual(browser.body, b"a" * SMALL + b"b")

    async def test_a_long_answer_goes_in_parts(self) -> None:
        browser, views = Browser(), Long()
        await browser.ask(views, length=0, method="GET")
        self.assertEqual(browser.body, b"".join(bytes([number]) * PART for number in range(5)))
        going_on = [message["more_body"] for message in browser.answered if "more_body" in message]
        self.assertEqual((going_on[-1], set(going_on[:-1]), views.closed), (False, {True}, 1))

    async def test_an_answer_that_nobody_waits_for_is_closed(self) -> None:
        browser, views = Browser(gone=2), Long()
        with self.assertRaises(OSError):
            await browser.ask(views, length=0, method="GET")
        self.assertEqual(views.closed, 1)

    async def test_views_that_fail_leave_it_to_the_server_to_say_so(self) -> None:
        def fail(environ: Any, start_response: Any) -> Any:
            raise ZeroDivisionError

        with self.assertRaises(ZeroDivisionError):
            await Browser().ask(fail, length=0)
