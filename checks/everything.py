"""Runs all tests, some beside each other, as many as there are processors: `python -m checks.everything`.

Each run has a folder and a database of its own. What a run says is shown when it has ended, so nothing is mixed.
"""

import os
import subprocess
import sys
import time
from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from pathlib import Path

from checks.postgres import ROOT


@dataclass(frozen=True)
class Run:
    """Tests that run in one process; on PostgreSQL where that is said."""

    name: str
    tests: Sequence[str]
    postgresql: bool = False

    @property
    def command(self) -> list[str]:
        if self.postgresql:
            return [sys.executable, "-m", "checks.postgres", *self.tests]
        return [sys.executable, "manage.py", "test", "--noinput", *self.tests]


@dataclass(frozen=True)
class Ended:
    run: Run
    passed: bool
    seconds: float
    said: str


def journeys(count: int) -> list[Run]:
    """The journeys in so many runs of about as many each."""
    modules = sorted((ROOT / "e2e").glob("test_*.py"), key=lambda file: -file.read_text().count("    def test_"))
    shares: list[list[Path]] = [[] for _ in range(count)]
    for module in modules:
        min(shares, key=_weight).append(module)
    return [Run(f"journeys {n + 1}", [f"e2e.{file.stem}" for file in share]) for n, share in enumerate(shares)]


def _weight(modules: Sequence[Path]) -> int:
    return sum(file.read_text().count("    def test_") for file in modules)


def runs() -> list[Run]:
    """All of them, those that take longest first."""
    return [
        *journeys(4),
        Run("server", ["server"]),
        Run("core", ["velum"]),
        Run("checks", ["checks"]),
        Run("server on PostgreSQL", ["server"], postgresql=True),
    ]


def carry_out(run: Run) -> Ended:
    data = ROOT / "var" / "test" / run.name.replace(" ", "-").lower()
    data.mkdir(parents=True, exist_ok=True)
    environment = os.environ | {"VELUM_DATA": str(data), "TEST_DATABASE": str(data / "test.sqlite3")}
    begun = time.monotonic()
    done = subprocess.run(
        run.command, cwd=ROOT, env=environment, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True, check=False
    )
    return Ended(run, done.returncode == 0, time.monotonic() - begun, done.stdout)


def main() -> int:
    begun = time.monotonic()
    failed = []
    with ThreadPoolExecutor(max(2, os.cpu_count() or 1)) as pool:
        for ended in pool.map(carry_out, runs()):
            verdict = "passed" if ended.passed else "FAILED"
            print(f"{'=' * 8} {ended.run.name}: {verdict} in {ended.seconds:.0f} s {'=' * 8}\n{ended.said}", flush=True)
            failed += [] if ended.passed else [ended.run.name]
    print(f"All runs ended after {time.monotonic() - begun:.0f} s: {'FAILED ' + ', '.join(failed) if failed else 'OK'}")
    return 1 if failed else 0


if __name__ == "__main__":
    sys.exit(main())
