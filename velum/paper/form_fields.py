"""Form fields that a PDF already has: ISO 32000-1, 12.7, "Interactive forms".

What they are called, what they offer, where they are seen and what was filled in is read; any script is not. What no
student fills in, such as text that is only to be read, and buttons, is drawn as part of the page (pdf.py).
"""

import io
from collections.abc import Iterator
from contextlib import suppress
from dataclasses import dataclass
from typing import Any, Literal

import pikepdf
import pypdfium2

from velum.geometry.box import Box
from velum.paper.page_size import PageSize
from velum.paper.pdf_words import seeing
from velum.paper.text import tidy

MOST_WIDGETS = 2_000
_SMALLEST = 3
"""Points: nobody sees a smaller widget."""

_DEEPEST = 32
"""Fields above a field that are looked at; there may be circles."""

_READ_ONLY, _MULTILINE, _RADIO, _BUTTON, _MULTISELECT = 1 << 0, 1 << 12, 1 << 15, 1 << 16, 1 << 21
"""Field flags: tables 221, 226, 228 and 230."""

_HIDDEN = 1 << 1 | 1 << 5
"""Annotation flags, table 165: hidden, or not seen on a screen."""

Sort = Literal["text", "check", "radio", "list"]


@dataclass(frozen=True, slots=True)
class Widget:
    """One place of a form field: on which page (from 0), where it is seen, in points; what ticking it says, and
    whether it is ticked.
    """

    page: int
    box: Box
    says: str
    ticked: bool = False


@dataclass(frozen=True, slots=True)
class FormField:
    """``options`` are those of a list; ``several``: more than one may be picked, or several lines be written.
    ``filled`` is what was typed, or those of the options that were picked.
    """

    sort: Sort
    name: str
    widgets: tuple[Widget, ...]
    options: tuple[str, ...] = ()
    several: bool = False
    filled: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class Form:
    """The form fields of a file, and how many more there are that could not be read."""

    fields: tuple[FormField, ...] = ()
    unread: int = 0


_FAULTS = (
    pikepdf.PdfError,
    pikepdf.PasswordError,
    pypdfium2.PdfiumError,
    ValueError,
    TypeError,
    AttributeError,
    KeyError,
    IndexError,
    RecursionError,
)
"""What is raised on forms that are not what they should be."""


def form_fields(data: bytes) -> Form:
    """The form fields of a PDF in the order of their first widgets; none when the file's form cannot be read."""
    try:
        with pikepdf.open(io.BytesIO(data), suppress_warnings=True) as document:
            shown = pypdfium2.PdfDocument(data)
            try:
                return _gathered(document, shown)
            finally:
                shown.close()
    except (pikepdf.PdfError, pypdfium2.PdfiumError):
        return Form()  # whether there is a form is not known
    except _FAULTS:
        return Form(unread=1)


def _gathered(document: pikepdf.Pdf, shown: pypdfium2.PdfDocument) -> Form:
    by_field: dict[object, tuple[dict[str, Any], list[Widget]]] = {}
    unread = 0
    for number, _, annotation in _annotations(document):
        try:
            own = _inherited(annotation)
            widget = own and _widget(number, annotation, shown)
        except _FAULTS:
            unread += 1
            continue
        if own and widget:
            by_field.setdefault(own["names"], (own, []))[1].append(widget)
    fields = []
    for own, widgets in by_field.values():
        try:
            fields.append(_field(own, tuple(widgets)))
        except _FAULTS:
            unread += 1
    return Form(tuple(fields), unread)


def _widget(number: int, annotation: pikepdf.Object, shown: pypdfium2.PdfDocument) -> Widget | None:
    """Where a widget is seen; None for one that is too small to be seen."""
    page = shown[number]
    size = PageSize(*page.get_size())
    left, bottom, right, top = (float(value) for value in annotation.Rect)
    box = seeing(page, size)((min(left, right), min(bottom, top), max(left, right), max(bottom, top)))
    if min(box.width, box.height) < _SMALLEST:
        return None
    on = _on_state(annotation)
    return Widget(number, box, tidy(on)[:300], bool(on) and str(annotation.get("/AS", ""))[1:] == on)


def brought_over(data: bytes, number: int) -> list[int]:
    """Which annotations of page ``number`` (from 0) become fields: students see those in their place, not the PDF's."""
    found = []
    try:
        with pikepdf.open(io.BytesIO(data), suppress_warnings=True) as document:
            for page, place, annotation in _annotations(document):
                if page > number:
                    break
                if page == number:
                    with suppress(*_FAULTS):
                        left, bottom, right, top = (float(value) for value in annotation.Rect)
                        if min(abs(right - left), abs(top - bottom)) >= _SMALLEST and _inherited(annotation):
                            found.append(place)
    except _FAULTS:
        pass  # a form that cannot be read is not brought over
    return found


def _annotations(document: pikepdf.Pdf) -> Iterator[tuple[int, int, pikepdf.Object]]:
    """The widgets that are seen: the number of their page, their place on it, and they themselves."""
    count = 0
    for number, page in enumerate(document.pages):
        annotations: Any = page.get("/Annots")
        for place, annotation in enumerate(annotations if isinstance(annotations, pikepdf.Array) else ()):
            if not _is_seen(annotation):
                continue
            count += 1
            if count > MOST_WIDGETS:
                return
            yield number, place, annotation


def _is_seen(annotation: pikepdf.Object) -> bool:
    """Whether an annotation is a widget that is not hidden."""
    if not isinstance(annotation, pikepdf.Dictionary) or annotation.get("/Subtype") != "/Widget":
        return False
    flags = annotation.get("/F", 0)
    return "/Rect" in annotation and not (isinstance(flags, int) and flags & _HIDDEN)


def _inherited(annotation: pikepdf.Object) -> dict[str, Any] | None:
    """What a widget's field is, which the fields above it may say; None for what no student fills in."""
    found: dict[str, Any] = {}
    names: list[str] = []
    node: pikepdf.Object | None = annotation
    for _ in range(_DEEPEST):
        if node is None:
            break
        for key in ("/FT", "/Ff", "/Opt", "/TU", "/V", "/DV"):
            if key in node:
                found.setdefault(key, node[key])
        if "/T" in node:
            names.insert(0, str(node["/T"]))
        node = node.get("/Parent")
    flags = int(found.get("/Ff", 0))
    sort = _sort(str(found.get("/FT", "")), flags)
    if sort is None or flags & _READ_ONLY:
        return None
    words = tidy(str(found.get("/TU", "")) or (names[-1] if names else ""))[:200]
    return {
        "sort": sort,
        "flags": flags,
        "name": words,
        # A widget that is called nothing is a field of its own.
        "names": ".".join(names) or annotation.unparse(),
        "options": found.get("/Opt", []),
        "value": found.get("/V") if found.get("/V") != found.get("/DV") else None,
    }


def _sort(kind: str, flags: int) -> Sort | None:
    if kind == "/Tx":
        return "text"
    if kind == "/Ch":
        return "list"
    if kind == "/Btn" and not flags & _BUTTON:
        return "radio" if flags & _RADIO else "check"
    return None


def _field(own: dict[str, Any], widgets: tuple[Widget, ...]) -> FormField:
    several = bool(own["flags"] & (_MULTISELECT if own["sort"] == "list" else _MULTILINE))
    options = tuple(_option(option) for option in own["options"]) if own["sort"] == "list" else ()
    filled = _filled(own) if own["sort"] in ("list", "text") else ()
    return FormField(own["sort"], own["name"], widgets, options, several and own["sort"] in ("list", "text"), filled)


def _filled(own: dict[str, Any]) -> tuple[str, ...]:
    """What was typed, or the options picked as they are shown; a value may be what is exported instead."""
    value = own["value"]
    values = [*value] if isinstance(value, pikepdf.Array) else [value]
    said = [str(each) for each in values if isinstance(each, (str, pikepdf.String))]
    if own["sort"] == "text":
        return tuple(text.strip()[:2_000] for text in said if text.strip())
    if not own["flags"] & _MULTISELECT and said and own["options"] and said[0] == _exported(own["options"][0]):
        return ()  # a list that nobody touched shows its first option
    shown = {_exported(option): _option(option) for option in own["options"]}
    return tuple(shown.get(text, tidy(text)[:300]) for text in said)


def _exported(option: Any) -> str:
    """What a file says of an option that is picked."""
    return str(option[0]) if isinstance(option, pikepdf.Array) and len(option) else str(option)


def _option(option: Any) -> str:
    """A string, or a pair: what is exported, and what is shown. Arrays within are not in the standard, but in files."""
    while isinstance(option, pikepdf.Array):
        option = option[-1] if len(option) else ""
    return tidy(str(option))[:300]


def _on_state(annotation: pikepdf.Object) -> str:
    """What a check box or radio button says when it is on: the name of its appearance that is not Off."""
    appearances = annotation.get("/AP", pikepdf.Dictionary()).get("/N")
    if not isinstance(appearances, pikepdf.Dictionary):
        return ""
    names = [str(name)[1:] for name in appearances if name != "/Off"]
    return names[0] if names else ""
