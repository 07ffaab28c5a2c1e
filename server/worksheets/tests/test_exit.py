"""A web process that ends takes its drawing processes with it, whatever still waits for them."""

import os
import subprocess
import sys

from django.test import SimpleTestCase

_PROGRAM = """
import django, pathlib, sys, time
django.setup()
from server.drawing import queue
if __name__ == "__main__":
    asked = [queue.begin(pathlib.Path(sys.argv[1], f"{number}.webp"), time.sleep, 0.2) for number in range(50)]
    asked[0].result(timeout=600)
    print("ending")
"""


class Exit(SimpleTestCase):
    def test_a_process_ends_although_work_waits(self) -> None:
        environment = os.environ | {"DJANGO_SETTINGS_MODULE": "server.config.settings"}
        ended = subprocess.run(
            [sys.executable, "-c", _PROGRAM, "var/test/exit"],
            env=environment,
            capture_output=True,
            text=True,
            timeout=900,  # it would never end
            check=False,
        )
        self.assertEqual((ended.stdout, ended.returncode), ("ending\n", 0), ended.stderr)
