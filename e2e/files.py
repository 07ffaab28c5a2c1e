"""Files to bring in, written where a browser can choose them."""

import atexit
import tempfile
from functools import cache
from pathlib import Path


@cache
def _folder() -> Path:
    folder = tempfile.TemporaryDirectory()
    atexit.register(folder.cleanup)
    return Path(folder.name)


def file(name: str, data: bytes) -> Path:
    """A file of that name. It stays until the tests are over: a browser reads what it was given when it needs it."""
    path = Path(tempfile.mkdtemp(dir=_folder())) / name
    path.write_bytes(data)
    return path
