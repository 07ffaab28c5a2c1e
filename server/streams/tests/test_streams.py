"""Streams of what happens, as a browser gets them."""

import asyncio
import uuid
from collections.abc import Collection, Mapping
from typing import Any
from unittest import mock

from django.test import SimpleTestCase

from server.config.bridge import Bridge
from server.entrance.follows import FOLLOWS
from server.streams import events
from server.streams.hub import Hub

TIDES, SHELLS = uuid.uuid4(), uuid.uuid4()


class Database:
    """Where numbers are looked at."""

    def __init__(self) -> None:
        self.numbers = {TIDES: 3, SHELLS: 8}
        self.looks: list[set[uuid.UUID]] = []
        self.fails = 0

    def look(self, handouts: Collection[uuid.UUID]) -> Mapping[uuid.UUID, int]:
        self.looks.append(set(handouts))
        if self.fails:
            self.fails -= 1
            raise OSError("gone")
        return {name: self.numbers[name] for name in handouts}


class Listener:
    """A browser that listens to a stream of one handout."""

    def __init__(self, hub: Hub, handout: uuid.UUID = TIDES, last_id: bytes = b"") -> None:
        self.heard: list[str] = []
        self.started: dict[str, Any] = {}
        self._gone = asyncio.Event()
        self._more = asyncio.Event()

        def views(environ: Any, start: Any) -> list[bytes]:
            start("204 No Content", [(FOLLOWS, str(handout))])
            return [b""]

        scope: Any = {
            "type": "http",
            "method": "GET",
            "path": "/",
            "query_string": b"",
            "headers": [(b"last-event-id", last_id)] if last_id else [],
            "http_version": "1.1",
        }
        self._asked = False
        self.ending = asyncio.create_task(Bridge(views, 1, lambda: hub)(scope, self._receive, self._send))

    async def _receive(self) -> Any:
        if self._asked:
            await self._gone.wait()
            return {"type": "http.disconnect"}
        self._asked = True
        return {"type": "http.request", "body": b"", "more_body": False}

    async def _send(self, message: Any) -> None:
        if message["type"] == "http.response.start":
            self.started = message
        else:
            self.heard.append(message["body"].decode())
        self._more.set()

    async def until(self, *parts: str) -> None:
        """Wait until something that was said holds each of these."""
        while not all(any(part in said for said in self.heard) for part in parts):
            self._more.clear()
            await asyncio.wait_for(self._more.wait(), 60)

    async def leave(self) -> None:
        self._gone.set()
        await self.ending


class Streams(SimpleTestCase):
    def setUp(self) -> None:
        self.database = Database()

    def hub(self, apart: float = 0.01) -> Hub:
        return Hub(self.database.look, apart)

    def test_the_newest_number_is_said_at_once_and_each_new_one_once(self) -> None:
        async def listen() -> list[str]:
            listener = Listener(self.hub())
            await listener.until("data: 3")
            self.database.numbers[TIDES] = 5
            await listener.until("data: 5")
            await listener.leave()
            return listener.heard

        heard = asyncio.run(listen())
        said = ["retry: 3000\n\n", "id: 3\ndata: 3\n\n", "id: 5\ndata: 5\n\n"]
        self.assertEqual([words for words in heard if words], said)

    def test_a_stream_that_broke_goes_on_where_it_was(self) -> None:
        async def listen() -> list[str]:
            listener = Listener(self.hub(), last_id=b"3")
            while len(self.database.looks) < 5:
                await asyncio.sleep(0.01)
            self.database.numbers[TIDES] = 4
            await listener.until("data: 4")
            await listener.leave()
            return listener.heard

        self.assertNotIn("id: 3\ndata: 3\n\n", asyncio.run(listen()))

    def test_nonsense_of_where_it_was_is_the_beginning(self) -> None:
        for said in (b"", b"-1", b"x", b"9" * 40, b"\xb2"):
            self.assertEqual(events.last_seen({b"last-event-id": said}), -1)
        self.assertEqual(events.last_seen({b"last-event-id": b"12"}), 12)

    def test_one_look_is_for_all_and_nobody_hears_of_another_handout(self) -> None:
        async def listen() -> tuple[list[str], list[str]]:
            hub = self.hub()
            one, other, third = Listener(hub), Listener(hub, SHELLS), Listener(hub)
            await asyncio.gather(one.until("data: 3"), other.until("data: 8"), third.until("data: 3"))
            self.assertEqual(hub.followers, 3)
            self.database.numbers[SHELLS] = 9
            await other.until("data: 9")
            for listener in (one, other, third):
                await listener.leave()
            self.assertEqual(hub.followers, 0)
            return one.heard, third.heard

        for heard in asyncio.run(listen()):
            self.assertFalse(any("9" in said or "8" in said for said in heard))
        self.assertIn({TIDES, SHELLS}, self.database.looks)

    def test_nobody_looks_when_nobody_listens(self) -> None:
        async def listen() -> None:
            listener = Listener(self.hub())
            await listener.until("data: 3")
            await listener.leave()
            await asyncio.sleep(0.05)
            seen = len(self.database.looks)
            await asyncio.sleep(0.1)
            self.assertEqual(len(self.database.looks), seen)

        asyncio.run(listen())

    def test_a_database_that_fails_is_asked_again(self) -> None:
        self.database.fails = 3

        async def listen() -> None:
            listener = Listener(self.hub())
            await listener.until("data: 3")
            await listener.leave()

        with self.assertLogs("server.streams.hub", "ERROR"):
            asyncio.run(listen())

    def test_a_hub_that_is_woken_does_not_wait(self) -> None:
        async def listen() -> None:
            hub = self.hub(apart=3600)
            listener = Listener(hub)
            await listener.until("data: 3")
            self.database.numbers[TIDES] = 4
            hub.wake()
            await listener.until("data: 4")
            await listener.leave()

        asyncio.run(listen())

    def test_a_quiet_stream_says_that_it_is_there_and_an_old_one_ends(self) -> None:
        async def listen() -> Listener:
            listener = Listener(self.hub())
            await listener.until(": here")
            await listener.ending
            return listener

        with mock.patch.object(events, "HEARTBEAT", 0.02), mock.patch.object(events, "LONGEST", 0.5):
            listener = asyncio.run(listen())
        self.assertEqual(listener.heard[-1], "")
        headers = dict(listener.started["headers"])
        self.assertEqual(headers[b"content-type"], b"text/event-stream; charset=utf-8")
        self.assertNotIn(FOLLOWS.lower().encode(), headers)

    def test_streams_end_with_the_server(self) -> None:
        async def listen() -> list[str]:
            hub = self.hub()
            bridge = Bridge(lambda *_: [], 1, lambda: hub)
            bridge._hubs[asyncio.get_running_loop()] = hub
            listener = Listener(hub)
            await listener.until("data: 3")
            bridge.end_streams()
            await listener.ending
            return listener.heard

        self.assertEqual(asyncio.run(listen())[-1], "")

    def test_there_is_an_end_to_how_many_streams_there_are(self) -> None:
        async def listen() -> Any:
            hub = self.hub()
            with mock.patch.object(events, "MOST", 1):
                one = Listener(hub)
                await one.until("data: 3")
                other = Listener(hub)
                await other.ending
            await one.leave()
            return other.started["status"]

        self.assertEqual(asyncio.run(listen()), 503)
