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
    own = set(_reached(_SHEET, later=False))
    names = {name: None for kind in kinds for name in _reached(f"src/kinds/{kind}/student.ts", later=False)}
    return [settings.STATIC_URL + _manifest()[name]["file"] for name in names if name not in own]


def scripts_of(kinds: Collection[str]) -> list[str]:
    """The addresses of all scripts and styles that a sheet of these kinds may load, also later."""
    chunks = [_manifest()[name] for name in _reached(_SHEET, later=True, kinds=frozenset(kinds))]
    files = {file: None for chunk in chunks for file in (chunk["file"], *chunk.get("css", ()))}
    return [settings.STATIC_URL + file for file in files]


@cache
def _reached(name: str, *, later: bool, kinds: frozenset[str] | None = None) -> tuple[str, ...]:
    """The names of a script and of what it imports, and what that imports; ``later``: also of what it loads when used.

    Nothing of other kinds than ``kinds``, where some are named.
    """
    manifest = _manifest()
    edges = ("imports", "dynamicImports") if later else ("imports",)
    found: dict[str, None] = {}
    waiting = [name]
    while waiting:
        name = waiting.pop()
        is_other = kinds is not None and name.startswith("src/kinds/") and name.split("/")[2] not in kinds
        if name not in found and not is_other:
            found[name] = None
            waiting += [other for edge in edges for other in manifest[name].get(edge, ())]
    return tuple(found)
