"""Debian's Chromium, driven without a window."""

import shutil


def chromium() -> str:
    """Where it is: without all that only a window needs, if that is installed, which takes two thirds of the time."""
    for name in ("chromium-headless-shell", "chromium"):
        if found := shutil.which(name):
            return found
    raise RuntimeError("Debian's Chromium is not installed: `make chromium`.")
