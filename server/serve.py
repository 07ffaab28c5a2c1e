"""Serves Velum: `python -m server.serve --port 8000 --workers 2`.

Each worker process listens on a socket of its own on the same port (SO_REUSEPORT), among which the kernel shares out
the connections. On one shared socket, whichever process is awake takes them all, and a class waits for one core.
"""

import argparse
import gc
import multiprocessing
import os
import signal
import socket
import sys
import threading
from multiprocessing.connection import wait
from multiprocessing.context import SpawnProcess
from types import FrameType

import uvicorn

APPLICATION = "server.config.asgi:application"
SECONDS_TO_FINISH = 5
"""How long requests under way may take to end when the server is stopped."""


def main() -> None:
    options = argparse.ArgumentParser(prog="python -m server.serve")
    options.add_argument("--host", default="127.0.0.1")
    options.add_argument("--port", type=int, default=8000)
    options.add_argument("--workers", type=int, default=2)
    serve(**vars(options.parse_args()))


def serve(host: str, port: int, workers: int) -> None:
    """Serve until told to stop; a worker that dies is replaced."""
    _bind(host, port).close()  # a port that is taken is told here
    signal.signal(signal.SIGTERM, _stop)
    signal.signal(signal.SIGINT, _stop)
    processes: list[SpawnProcess] = []
    try:
        while True:
            processes = [process for process in processes if process.is_alive()]
            while len(processes) < workers:
                processes.append(_start(host, port))
            wait([process.sentinel for process in processes])
    finally:
        for process in processes:
            process.terminate()
        for process in processes:
            process.join(2 * SECONDS_TO_FINISH)
            process.kill()


def _stop(signal_number: int, frame: FrameType | None) -> None:
    sys.exit(0)


def _start(host: str, port: int) -> SpawnProcess:
    process = multiprocessing.get_context("spawn").Process(target=_work, args=(host, port))
    process.start()
    return process


def _work(host: str, port: int) -> None:
    threading.Thread(target=_end_with_parent, daemon=True).start()
    # uvicorn raises the signal again once it has finished; this lets what ends with the process end too.
    signal.signal(signal.SIGTERM, _stop)
    os.environ.setdefault("DJANGO_SETTINGS_MODULE", "server.config.settings")
    from django.conf import settings

    config = uvicorn.Config(
        APPLICATION,
        lifespan="off",
        log_level="warning",
        server_header=False,
        timeout_graceful_shutdown=SECONDS_TO_FINISH,
        # Nobody else is believed about where a request comes from.
        proxy_headers=bool(settings.TRUSTED_PROXIES),
        forwarded_allow_ips=settings.TRUSTED_PROXIES,
    )
    config.load()  # sets Django up
    from server.worksheets.resume import resume

    threading.Thread(target=resume, daemon=True).start()
    # What is loaded by now stays for good: looking through it for rubbish took a seventh of every request.
    gc.collect()
    gc.freeze()
    _Server(config).run(sockets=[_bind(host, port, shared=True)])


class _Server(uvicorn.Server):
    """Ends the streams that browsers listen to before it waits for what is on its way."""

    async def shutdown(self, sockets: list[socket.socket] | None = None) -> None:
        from server.config.asgi import application

        application.end_streams()
        await super().shutdown(sockets)


def _end_with_parent() -> None:
    """Stop serving when the process that started this one is gone, however it went."""
    parent = multiprocessing.parent_process()
    if parent is not None:
        wait([parent.sentinel])
        os.kill(os.getpid(), signal.SIGTERM)


def _bind(host: str, port: int, *, shared: bool = False) -> socket.socket:
    listener = socket.socket(socket.AF_INET6 if ":" in host else socket.AF_INET)
    listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
    if shared:
        listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEPORT, 1)
    listener.bind((host, port))
    return listener


if __name__ == "__main__":
    main()
