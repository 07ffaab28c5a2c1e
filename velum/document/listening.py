"""A page in regions, for those who listen to it: paragraphs of print and what the teacher laid, in the order of
reading; and what is printed about each question.

Found by geometry alone, so that it holds in every language.
"""

import itertools
import re
from collections.abc import Iterable, Iterator, Sequence

from velum.document.document import Document
from velum.document.page import Page
from velum.fixtures import Fixture
from velum.fixtures.words import words_of
from velum.geometry.box import Box, around
from velum.geometry.reading_order import in_reading_order
from velum.kinds import Field
from velum.kinds.part import PartId
from velum.model import Id, Model
from velum.paper.text import Line

_ALIKE = 1.35
"""How many times as high the letters of one line may be as those of the line before it in the same paragraph."""
_BETWEEN = 0.9
"""The space between two lines of a paragraph, in heights of a line."""
_APART = 2.2
"""The space between two words from which on they stand in columns, in heights of the line."""
_NEAR = 60.0
"""Points above a field up to which print is about it."""
_BEGINS = re.compile(r"\(?(\d{1,3}|[^\W\d_]|[ivx]{1,4})[.):]", re.IGNORECASE)
"""What a question begins with: "3.", "b)", "(ii)"."""


class Region(Model):
    """What is read at one go, and where it stands on the page as shown."""

    box: Box
    text: str


class Asked(Model):
    """What is printed about a question, and where; the box holds the place of its answer too."""

    field: Id
    part: PartId
    page: Id
    text: str
    box: Box


def regions_of(lines: Iterable[Line], fixtures: Iterable[Fixture]) -> list[Region]:
    """A page's print, as far as it can be seen, and what is laid on it, in the order of reading."""
    laid = (Region(box=fixture.box, text=words) for fixture in fixtures if (words := words_of(fixture).strip()))
    printed = (
        Region(box=around([line.box for line in lines]), text="\n".join(line.text for line in lines))
        for lines in _paragraphs(lines)
    )
    return in_reading_order([*printed, *laid], lambda region: region.box)


def _paragraphs(lines: Iterable[Line]) -> Iterator[list[Line]]:
    begun: list[Line] = []
    for line in lines:
        if begun and not _goes_on(begun, line):
            yield begun
            begun = []
        begun.append(line)
    if begun:
        yield begun


def _goes_on(begun: Sequence[Line], line: Line) -> bool:
    """Whether a line goes on with what has begun before it."""
    last, box, all_before = begun[-1].box, line.box, around([each.box for each in begun])
    across = min(all_before.x + all_before.width, box.x + box.width) - max(all_before.x, box.x)
    higher, lower = sorted((last.height, box.height), reverse=True)
    return (
        higher <= _ALIKE * lower
        and -0.5 * last.height <= box.y - last.bottom <= _BETWEEN * last.height
        and across >= min(all_before.width, box.width) / 2
        and not _BEGINS.match(line.text)
        and not _in_columns(line)
        and not _in_columns(begun[-1])
    )


def _in_columns(line: Line) -> bool:
    """Whether the words of a line stand apart, as in the row of a table."""
    words = sorted((word.box for word in line.words), key=lambda box: box.x)
    return any(
        after.x - (before.x + before.width) > _APART * line.box.height for before, after in itertools.pairwise(words)
    )


def asked_on(document: Document, page_id: str, regions: Sequence[Region]) -> list[Asked]:
    """What is printed about each question of a page."""
    page = next(page for page in document.pages if page.id == page_id)
    return [asked for field in document.fields for asked in _asked(field, page, regions)]


def _asked(field: Field, page: Page, regions: Sequence[Region]) -> Iterator[Asked]:
    places = {place.id: place for place in field.places if place.page == page.id}
    for part in field.parts:
        place = places.get(part.place)
        if place is None:
            continue
        about = [] if page.is_covered_by(place.box) else about_box(regions, place.box)
        yield Asked(
            field=field.id,
            part=part.id,
            page=page.id,
            text="\n".join(region.text for region in about),
            box=around([place.box, *(region.box for region in about)]),
        )


def about_box(regions: Sequence[Region], box: Box) -> list[Region]:
    """The print that says what is asked at a place: around it, else before it in its row, else right above it."""
    top, bottom = box.y - _NEAR, box.bottom
    regions = [region for region in regions if region.box.y < bottom and region.box.bottom >= top]
    around_it = [region for region in regions if _touches(region.box, box)]
    if around_it:
        return around_it
    beside = [region for region in regions if _in_row(region.box, box) and region.box.x + region.box.width <= box.x]
    if beside:
        return [max(beside, key=lambda region: region.box.x + region.box.width)]
    above = [region for region in regions if _is_above(region.box, box)]
    return [max(above, key=lambda region: region.box.bottom)] if above else []


def _touches(region: Box, box: Box) -> bool:
    """Whether print reaches into a place, or stands so near that the place is a blank within it."""
    room = min(region.height, 12.0) / 3
    return (
        region.x - room < box.x + box.width
        and box.x < region.x + region.width + room
        and region.y < box.bottom
        and box.y < region.bottom
    )


def _in_row(region: Box, box: Box) -> bool:
    common = min(region.bottom, box.bottom) - max(region.y, box.y)
    return common >= min(region.height, box.height) / 2


def _is_above(region: Box, box: Box) -> bool:
    across = min(region.x + region.width, box.x + box.width) - max(region.x, box.x)
    return across > 0 and 0 <= box.y - region.bottom <= _NEAR
