"""Reading a kept worksheet, and edits that waited on a device, of this version or an older one.

``UPGRADES`` has one step for each older version: it turns the JSON of that version into the JSON of the next. What a
kind's own fields and keys need for it stands with the kind (``upgrades_of_field``, ``upgrades_of_key``).
"""

from collections.abc import Callable
from typing import Any, TypeVar

from pydantic import ValidationError

from velum.document.document import VERSION, Document
from velum.document.key_set import KeySet
from velum.errors import VelumError
from velum.kinds import KINDS
from velum.kinds.kind import Json


class DocumentUnreadable(VelumError):
    """A kept document that this release cannot read.

    ``why`` is for the operator: where it fails, and nothing of what it holds.
    """

    why = ""


def read_document(data: Any) -> Document:
    """The worksheet kept as ``data``. Raises DocumentUnreadable."""
    return _read(Document, data)


def read_key_set(data: Any) -> KeySet:
    """The key set kept as ``data``: what of a document of the same version its copies are marked by.

    Raises DocumentUnreadable.
    """
    return _read(KeySet, data)


M = TypeVar("M", Document, KeySet)


def _read(sort: type[M], data: Any) -> M:
    try:
        version = data.get("version")
        while version in UPGRADES:
            data = UPGRADES[version](data) | {"version": version + 1}
            version = data["version"]
        if version == VERSION:
            return sort.model_validate(data)
    except (ValidationError, AttributeError, KeyError, TypeError, ValueError, RecursionError) as problem:
        unreadable = DocumentUnreadable(
            "document.unreadable", "This worksheet cannot be read. It is kept as it is and can be downloaded."
        )
        unreadable.why = _why(problem)
        raise unreadable from problem
    raise DocumentUnreadable(
        "document.version", "This worksheet was made by another release of Velum. It is kept as it is."
    )


def _why(problem: Exception) -> str:
    if not isinstance(problem, ValidationError):
        return type(problem).__name__
    faults = problem.errors(include_input=False, include_context=False, include_url=False)
    return "; ".join(f"{'.'.join(map(str, fault['loc']))}: {fault['type']}" for fault in faults[:5])


def write_document(document: Document) -> Json:
    """A worksheet as it is kept, which was read again to be sure of it. Raises DocumentUnreadable."""
    data = document.model_dump(mode="json")
    if read_document(data) != document:
        raise DocumentUnreadable("document.not_the_same", "This worksheet would not come back as it is now.")
    return data


def write_key_set(key_set: KeySet) -> Json:
    """A key set as it is kept, which was read again to be sure of it. Raises DocumentUnreadable."""
    data = key_set.model_dump(mode="json")
    if read_key_set(data) != key_set:
        raise DocumentUnreadable("document.not_the_same", "This answer key would not come back as it is now.")
    return data


def upgraded_edit(version: Any, edit: Any) -> Any:
    """The JSON of an edit that was made on a document of ``version``, as it is made on one of this version.

    What is no edit, or of no version, stays as it is: it is refused when it is read.
    """
    try:
        while version in UPGRADES:
            if edit.get("op") in ("place", "change"):
                edit = edit | {"field": _field(version, edit["field"])}
            elif edit.get("op") == "set_key" and edit.get("key"):
                edit = edit | {"key": _key(version, edit["key"])}
            elif edit.get("op") == "set_decimal":
                edit = {"op": "set_settings", "settings": {"decimal": edit["decimal"]}}
            version += 1
    except (AttributeError, KeyError, TypeError):
        pass
    return edit


def _field(version: int, field: Json) -> Json:
    return KINDS[field["kind"]].upgrades_of_field.get(version, _as_it_is)(field)


def _key(version: int, key: Json) -> Json:
    return KINDS[key["kind"]].upgrades_of_key.get(version, _as_it_is)(key)


def _as_it_is(data: Json) -> Json:
    return data


def _upgrade_of_kinds(version: int) -> Callable[[Json], Json]:
    """What only the kinds know."""

    def upgrade(data: Json) -> Json:
        keys = {name: _key(version, key) for name, key in data.get("keys", {}).items()}
        fields = {"fields": [_field(version, field) for field in data["fields"]]} if "fields" in data else {}
        return data | fields | {"keys": keys}

    return upgrade


def _with_settings(data: Json) -> Json:
    """Up to version 3 the sign before decimals was all that could be settled."""
    settings = {"decimal": data.get("decimal", ".")}
    return {name: value for name, value in data.items() if name != "decimal"} | {"settings": settings}


UPGRADES: dict[int, Callable[[Json], Json]] = {
    1: _upgrade_of_kinds(1),  # options got room for pictures
    2: _upgrade_of_kinds(2),  # options and spots got ids
    3: _with_settings,
    4: _as_it_is,  # pages got a list of what was refused
    5: _as_it_is,  # fields got a look of their own
    6: _as_it_is,  # keys got answers that are not accepted, and dates
    7: _as_it_is,  # keys got answers worth a part, and may follow from earlier answers
    8: _as_it_is,  # fields got help, instructions and skills, and so did the worksheet
}
