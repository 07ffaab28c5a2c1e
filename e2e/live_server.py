"""The server as it ships, uvicorn and all, in a thread of the test run."""

import asyncio
import time
from typing import Any

import uvicorn
from django.contrib.staticfiles.handlers import StaticFilesHandler
from django.db import connections
from django.test.testcases import LiveServerThread

from server.config.asgi import application


class KillableServer(uvicorn.Server):
    """When it is told to end, those who wait for an answer get none, as from a process that is killed."""

    async def shutdown(self, sockets: list[Any] | None = None) -> None:
        for connection in list(self.server_state.connections):
            connection.transport.abort()  # else uvicorn would answer 500 to what is on its way
        await super().shutdown(sockets)


class UvicornThread(LiveServerThread):
    """Serves the application on a port of its own; can be killed and started again on the same port."""

    _server: KillableServer | None = None

    def run(self) -> None:
        try:
            config = uvicorn.Config(
                application,
                host=self.host,
                port=self.port,
                log_level="critical",
                timeout_graceful_shutdown=1,
                proxy_headers=False,
            )
            socket = config.bind_socket()
            self.port = socket.getsockname()[1]
            self._server = KillableServer(config)
            self._server.install_signal_handlers = lambda: None  # type: ignore[attr-defined]
            self.is_ready.set()
            asyncio.run(self._server.serve(sockets=[socket]))
        except Exception as problem:
            self.error = problem  # type: ignore[assignment]
            self.is_ready.set()
        finally:
            connections.close_all()

    def terminate(self) -> None:
        if self._server is not None:
            self._server.should_exit = True
            self._server.force_exit = True
        self.join()

    def restarted(self) -> "UvicornThread":
        """A new server on the port of this one, which was killed."""
        again = UvicornThread(self.host, StaticFilesHandler, connections_override={}, port=self.port)
        again.daemon = True
        again.start()
        again.is_ready.wait()
        if again.error:
            raise again.error
        return again


def wait_until(true: Any, what: str, seconds: float = 300) -> None:
    """Wait for something that no screen shows, such as a row in the database."""
    end = time.monotonic() + seconds
    while not true():
        if time.monotonic() > end:
            raise AssertionError(f"never came true: {what}")
        time.sleep(0.02)
