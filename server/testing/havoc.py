"""What a hostile file could make a drawing process do. Imported by those processes, so it knows nothing of Django."""

import os
import time
from pathlib import Path


def hoard(_: Path) -> int:
    """Takes more memory than any page may."""
    return len(bytearray(3_000_000_000))


def die(_: Path) -> None:
    """Ends its process as a fault in a library would."""
    time.sleep(0.1)
    os.abort()


def stumble(_: Path) -> None:
    """Fails as a library does that was given what it did not expect."""
    raise TypeError("pikepdf cannot read this")


def dawdle(_: Path) -> None:
    """Never comes to an end."""
    while True:
        time.sleep(1)
