"""Keeping files and cleaning up exclude each other, on all processes of this machine."""

import fcntl
from collections.abc import Iterator
from contextlib import contextmanager

from django.conf import settings


@contextmanager
def in_use(*, alone: bool = False) -> Iterator[None]:
    """Between keeping a file and writing down what uses it, nobody cleans up; who cleans up does it ``alone``."""
    settings.DATA.mkdir(parents=True, exist_ok=True)
    with open(settings.DATA / "files.lock", "wb") as lock:
        fcntl.flock(lock, fcntl.LOCK_EX if alone else fcntl.LOCK_SH)
        yield
