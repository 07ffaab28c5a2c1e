import os
import signal
import socket
import subprocess
import sys
import time
import unittest
import urllib.request
from pathlib import Path

from checks.api_types import ROOT


class Serving(unittest.TestCase):
    """The server as it ships: started, a worker killed, stopped."""

    def setUp(self) -> None:
        with socket.socket() as probe:
            probe.bind(("127.0.0.1", 0))
            self.port = probe.getsockname()[1]
        self.server = self.start()
        self.addCleanup(self.server.wait)
        self.addCleanup(self.server.terminate)

    def start(self) -> "subprocess.Popen[bytes]":
        command = [sys.executable, "-m", "server.serve", "--port", str(self.port), "--workers", "1"]
        return subprocess.Popen(
            command, cwd=ROOT, env=os.environ.copy(), stdout=subprocess.DEVNULL, stderr=subprocess.PIPE
        )

    def answers(self) -> bool:
        for _ in range(6_000):
            try:
                with urllib.request.urlopen(f"http://127.0.0.1:{self.port}/static/icon.svg") as answer:
                    return bool(answer.status == 200)
            except OSError:
                time.sleep(0.1)
        return False

    def workers(self) -> set[int]:
        children = Path(f"/proc/{self.server.pid}/task/{self.server.pid}/children").read_text().split()
        return {int(child) for child in children if b"spawn_main" in Path(f"/proc/{child}/cmdline").read_bytes()}

    def test_a_worker_that_dies_is_replaced_and_all_end_together(self) -> None:
        self.assertTrue(self.answers())
        (first,) = self.workers()
        os.kill(first, signal.SIGKILL)
        self.assertTrue(self.answers())
        (second,) = self.workers()
        self.assertNotEqual(first, second)
        self.server.terminate()
        self.assertEqual(self.server.wait(timeout=600), 0)
        self.assertFalse(os.path.exists(f"/proc/{second}"))

    def test_no_worker_outlives_a_server_that_was_killed(self) -> None:
        self.assertTrue(self.answers())
        (worker,) = self.workers()
        self.server.kill()
        for _ in range(6_000):
            if not os.path.exists(f"/proc/{worker}"):
                return
            time.sleep(0.1)
        self.fail("the worker goes on serving alone")

    def test_a_port_that_is_taken_is_told(self) -> None:
        self.assertTrue(self.answers())
        late = self.start()
        _, said = late.communicate(timeout=600)
        self.assertNotEqual(late.returncode, 0)
        self.assertIn(b"in use", said)
