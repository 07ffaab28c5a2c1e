"""What browsers keep so that a sheet opens without a network: the service worker, and the scripts of the sheet."""

import json
from collections.abc import Collection
from functools import cache
from pathlib import Path
from typing import Any

from django.conf import settings

_WORKER = "src/offline/worker.ts"
_SHEET = "src/screens/sheet/main.ts"


@cache
def _manifest() -> dict[str, Any]:
    read: dict[str, Any] = json.loads(Path(settings.DJANGO_VITE["default"]["manifest_path"]).read_text())
    return read


def worker_script() -> Path:
    """The built service worker."""
    return Path(settings.STATIC_ROOT, _manifest()[_WORKER]["file"])


def scripts_of(kinds: Collection[str]) -> list[str]:
    """The addresses of all scripts and styles that a sheet of these kinds may load, also later."""
    return list(_scripts_of(frozenset(kinds)))


@cache
def _scripts_of(kinds: frozenset[str]) -> tuple[str, ...]:
    manifest = _manifest()
    others = {name for name in manifest if name.startswith("src/kinds/") and name.split("/")[2] not in kinds}
    found: dict[str, None] = {}
    waiting, seen = [_SHEET], set(others)
    while waiting:
        name = waiting.pop()
        if name in seen:
            continue
        seen.add(name)
        chunk = manifest[name]
        for file in (chunk["file"], *chunk.get("css", ())):
            found[settings.STATIC_URL + file] = None
        waiting += [*chunk.get("imports", ()), *chunk.get("dynamicImports", ())]
    return tuple(found)
