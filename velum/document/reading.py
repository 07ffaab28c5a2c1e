"""Reading a kept worksheet, of this version or an older one.

``UPGRADES`` has one step for each older version: it turns the JSON of that version into the JSON of the next.
"""

from collections.abc import Callable
from typing import Any

from velum.document.worksheet import Worksheet
from velum.errors import VelumError

CURRENT_VERSION = 2


def _give_options_room_for_pictures(data: dict[str, Any]) -> dict[str, Any]:
    """In version 1 the options of a choice were their words alone."""
    fields = [
        field | {"options": [{"text": text} for text in field["options"]]} if field["kind"] == "choice" else field
        for field in data["fields"]
    ]
    return data | {"version": 2, "fields": fields}


UPGRADES: dict[int, Callable[[dict[str, Any]], dict[str, Any]]] = {1: _give_options_room_for_pictures}


class DocumentUnreadable(VelumError):
    """A kept document that this release cannot read."""


def read_worksheet(data: dict[str, Any]) -> Worksheet:
    """The worksheet kept as ``data``. Raises DocumentUnreadable for a version that is not known."""
    version = data.get("version")
    while version in UPGRADES:
        data = UPGRADES[version](data)
        version = data.get("version")
    if version != CURRENT_VERSION:
        raise DocumentUnreadable(
            "document.version", "This worksheet was made by another release of Velum. It is kept as it is."
        )
    return Worksheet.model_validate(data)
