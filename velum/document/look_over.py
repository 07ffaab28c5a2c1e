"""The look-over: what of a worksheet is missing or doubtful. It only says so; nothing is stopped by it."""

from collections import defaultdict
from collections.abc import Iterable, Iterator
from typing import Literal, TypeAlias

from velum.document.document import Document, points_of
from velum.document.numbering import numbers_of
from velum.document.page import Page
from velum.document.replacing import places_on
from velum.geometry.box import Box
from velum.kinds import Field, kind_of
from velum.kinds.kind import KeyBase
from velum.kinds.part import PartRef
from velum.model import Id, Model
from velum.placed import Place
from velum.sentence import Sentence

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
    words: Sentence | None = None


def look_over(document: Document) -> list[Finding]:
    """All that there is to look at, what is missing first."""
    if not document.fields:
        return [Finding(doubt="nothing")]
    return [*_keys(document), *_points(document), *_numbers(document), *_places(document), *_targets(document)]


def _keys(document: Document) -> Iterator[Finding]:
    points = points_of(document.fields, document.groups)
    before: dict[str, KeyBase] = {}
    for field in document.fields:
        key, kind = document.keys.get(field.id), kind_of(field)
        words = kind.doubt(field, key, document.settings) if key is not None else None
        if key is not None and words is None and kind.following and kind.following.names(key):
            words = kind.following.doubt(key, before, document.settings)
        if words is not None:
            yield Finding(doubt="doubtful_key", fields=(field.id,), words=words)
        elif kind.keyed and any(points[PartRef(field.id, part)] for part in kind.parts_without_key(field, key)):
            yield Finding(doubt="no_key", fields=(field.id,))
        if key is not None:
            before[field.id] = key


def _points(document: Document) -> Iterator[Finding]:
    points = points_of(document.fields, document.groups)
    for name in dict.fromkeys(ref.field for ref, worth in points.items() if not worth):
        # What no key can judge may be there to be worked in, such as a place for working-out.
        if (field := document.field(name)) and kind_of(field).keyed:
            yield Finding(doubt="no_points", fields=(name,))


def _numbers(document: Document) -> Iterator[Finding]:
    parts = defaultdict(list)
    for ref, number in numbers_of(document.fields).items():
        parts[number].append(ref)
    for refs in parts.values():
        if len(refs) > 1:
            yield Finding(doubt="same_number", fields=tuple(dict.fromkeys(ref.field for ref in refs)))


def _places(document: Document) -> Iterator[Finding]:
    for page in document.pages:
        places = places_on(document, page.id)
        over = (
            (one.id, other.id)
            for (one, here), (other, there) in _near_each_other(places)
            if one is not other
            and _overlap(here.box, there.box)
            and not (page.is_covered_by(here.box) or page.is_covered_by(there.box))
        )
        for pair in dict.fromkeys(over):
            yield Finding(doubt="overlap", fields=pair)
        for name in dict.fromkeys(field.id for field, place in places if _is_off(place.box, page)):
            yield Finding(doubt="off_page", fields=(name,))


Lying: TypeAlias = tuple[Field, Place]


def _near_each_other(lying: Iterable[Lying]) -> Iterator[tuple[Lying, Lying]]:
    """The pairs of which the lower begins above the end of the higher."""
    downwards = sorted(lying, key=lambda each: each[1].box.y)
    for at, one in enumerate(downwards):
        for other in downwards[at + 1 :]:
            if other[1].box.y >= one[1].box.bottom:
                break
            yield one, other


def _overlap(one: Box, other: Box) -> bool:
    across = min(one.x + one.width, other.x + other.width) - max(one.x, other.x)
    down = min(one.bottom, other.bottom) - max(one.y, other.y)
    return across > _TOUCHING and down > _TOUCHING


def _is_off(box: Box, page: Page) -> bool:
    beyond = max(-box.x, -box.y, box.x + box.width - page.width, box.bottom - page.height)
    return beyond > _TOUCHING


def _targets(document: Document) -> Iterator[Finding]:
    for field in document.fields:
        if min(kind_of(field).smallest_target(field)) < SMALLEST:
            yield Finding(doubt="too_small", fields=(field.id,))
