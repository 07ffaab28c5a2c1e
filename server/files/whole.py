"""Writing files of which none is ever seen half written. Knows nothing of Django: the drawing processes write too."""

import os
import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import IO

HALF = ".half-"
"""How the name of a file begins that is still being written."""


@contextmanager
def written_whole(place: Path) -> Iterator[IO[bytes]]:
    """A file to write, which gets its name once it is whole and on the disk; a crash leaves the name as it was."""
    place.parent.mkdir(parents=True, exist_ok=True)
    half = tempfile.NamedTemporaryFile(dir=place.parent, prefix=HALF, delete=False)  # noqa: SIM115
    try:
        with half:
            yield half
            half.flush()
            os.fsync(half.fileno())
        os.replace(half.name, place)
    except BaseException:
        Path(half.name).unlink(missing_ok=True)
        raise
    folder = os.open(place.parent, os.O_RDONLY)
    try:
        os.fsync(folder)  # the name is only on the disk once its folder is
    finally:
        os.close(folder)
