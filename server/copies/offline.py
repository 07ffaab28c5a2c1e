"""The scripts of a sheet: those that it needs first, those that browsers keep for it, and the service worker."""

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


def first_scripts_of(kinds: Collection[str]) -> list[str]:
    """The addresses of the scripts that fields of these kinds are answered with, besides the sheet's own.

    With all that they import: a browser that finds this out by itself asks for each file once it has read another.
    """
    manifest = _manifest()
    own = _imported(_SHEET)
    names = {name: None for kind in kinds for name in _imported(f"src/kinds/{kind}/student.ts") if name not in own}
    return [settings.STATIC_URL + manifest[name]["file"] for name in names]


@cache
def _imported(name: str) -> tuple[str, ...]:
    """The names of a script and of what it imports, and what that imports."""
    found: dict[str, None] = {}
    waiting = [name]
    while waiting:
        found[(name := waiting.pop())] = None
        waiting += [other for other in _manifest()[name].get("imports", ()) if other not in found]
    return tuple(found)


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
