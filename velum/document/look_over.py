"""The look-over: what of a worksheet is missing or doubtful. It only says so; nothing is stopped by it."""

from collections import defaultdict
from collections.abc import Iterable, Iterator
from typing import Literal

from velum.document.numbering import numbers_of
from velum.document.worksheet import Page, Worksheet, points_of
from velum.geometry.box import Box
from velum.kinds import Field, kind_of
from velum.model import Id, Model

Doubt = Literal["nothing", "no_key", "doubtful_key", "no_points", "same_number", "overlap", "off_page", "too_small"]

SMALLEST = 15.5
"""Points that a target needs each way: 24 CSS pixels (WCAG 2.2, 2.5.8) where a page of 595 points is 920 wide, as it
is on a laptop.
"""

_TOUCHING = 1.0
"""Points by which boxes may lie over each other, or over an edge, without anybody seeing it."""


class Finding(Model):
    """Something to look at, and the fields that it is about; ``words`` says more than the code where there is more."""

    doubt: Doubt
    fields: tuple[Id, ...] = ()
    words: str = ""


def look_over(worksheet: Worksheet) -> list[Finding]:
    """All that there is to look at, what is missing first."""
    if not worksheet.fields:
        return [Finding(doubt="nothing")]
    return [*_keys(worksheet), *_points(worksheet), *_numbers(worksheet), *_places(worksheet), *_targets(worksheet)]


def _keys(worksheet: Worksheet) -> Iterator[Finding]:
    points = points_of(worksheet)
    for field in worksheet.fields:
        key = worksheet.keys.get(field.id)
        if key is not None and (words := kind_of(field).doubt(field, key, worksheet.decimal)):
            yield Finding(doubt="doubtful_key", fields=(field.id,), words=words)
        elif key is None and points[field.id]:
            yield Finding(doubt="no_key", fields=(field.id,))


def _points(worksheet: Worksheet) -> Iterator[Finding]:
    for name, points in points_of(worksheet).items():
        if not points:
            yield Finding(doubt="no_points", fields=(name,))


def _numbers(worksheet: Worksheet) -> Iterator[Finding]:
    fields = defaultdict(list)
    for name, number in numbers_of(worksheet.fields).items():
        fields[number].append(name)
    for names in fields.values():
        if len(names) > 1:
            yield Finding(doubt="same_number", fields=tuple(names))


def _places(worksheet: Worksheet) -> Iterator[Finding]:
    for page in worksheet.pages:
        fields = [field for field in worksheet.fields if field.page == page.id]
        for one, other in _near_each_other(fields):
            if _overlap(one.box, other.box):
                yield Finding(doubt="overlap", fields=(one.id, other.id))
        for field in fields:
            if _is_off(field.box, page):
                yield Finding(doubt="off_page", fields=(field.id,))


def _near_each_other(fields: Iterable[Field]) -> Iterator[tuple[Field, Field]]:
    """The pairs of which the lower begins above the end of the higher."""
    downwards = sorted(fields, key=lambda field: field.box.y)
    for place, one in enumerate(downwards):
        for other in downwards[place + 1 :]:
            if other.box.y >= one.box.bottom:
                break
            yield one, other


def _overlap(one: Box, other: Box) -> bool:
    across = min(one.x + one.width, other.x + other.width) - max(one.x, other.x)
    down = min(one.bottom, other.bottom) - max(one.y, other.y)
    return across > _TOUCHING and down > _TOUCHING


def _is_off(box: Box, page: Page) -> bool:
    beyond = max(-box.x, -box.y, box.x + box.width - page.width, box.bottom - page.height)
    return beyond > _TOUCHING


def _targets(worksheet: Worksheet) -> Iterator[Finding]:
    for field in worksheet.fields:
        if min(kind_of(field).smallest_target(field)) < SMALLEST:
            yield Finding(doubt="too_small", fields=(field.id,))
