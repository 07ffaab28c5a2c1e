"""A server as it ships, with two worker processes, on data of its own."""

import os
import socket
import sqlite3
import subprocess
import sys
import tempfile
import time
import urllib.request
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]


@dataclass(frozen=True)
class Served:
    home: str
    port: int
    data: Path
    environment: dict[str, str]

    def join_code(self) -> str:
        """The code of the handout of the sample world that anybody may join."""
        with sqlite3.connect(self.data / "velum.sqlite3") as database:
            code: str = database.execute("SELECT code FROM handouts_handout WHERE to_class_id IS NULL").fetchone()[0]
            return code

    def run(self, module: str, *arguments: str) -> str:
        """Run a module against the server's data; returns what it prints."""
        done = subprocess.run(
            [sys.executable, "-m", module, *arguments],
            cwd=ROOT,
            env=self.environment,
            check=True,
            capture_output=True,
            text=True,
        )
        return done.stdout


@contextmanager
def served() -> Iterator[Served]:
    """The demo, served from an empty folder."""
    with tempfile.TemporaryDirectory() as folder:
        port = _free_port()
        environment = os.environ | {
            "VELUM_DEMO": "1",
            "VELUM_DATA": folder,
            "DJANGO_SETTINGS_MODULE": "server.config.settings",
        }
        subprocess.run([sys.executable, "-m", "demo.load"], cwd=ROOT, env=environment, check=True)
        command = [sys.executable, "-m", "demo.serve", str(port)]
        process = subprocess.Popen(command, cwd=ROOT, env=environment, stdout=subprocess.DEVNULL)
        try:
            home = f"http://localhost:{port}"
            _wait(home)
            yield Served(home, port, Path(folder), environment)
        finally:
            process.terminate()
            process.wait()


def _free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        port: int = probe.getsockname()[1]
        return port


def _wait(home: str) -> None:
    for _ in range(3_000):  # a busy machine takes its time
        try:
            urllib.request.urlopen(f"{home}/join/")
            return
        except OSError:
            time.sleep(0.1)
    raise RuntimeError("the server did not start")
