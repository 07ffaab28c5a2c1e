"""Files to bring in, written where a browser can choose them."""

import tempfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path


@contextmanager
def file(name: str, data: bytes) -> Iterator[Path]:
    """A file of that name, gone afterwards."""
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / name
        path.write_bytes(data)
        yield path
