"""Where students answer on a page as it is shown, and the fields that are proposed for it."""

import hashlib
import re
from collections import Counter
from collections.abc import Collection, Iterable, Sequence
from string import ascii_lowercase
from typing import Any, Literal

from velum.document.page import Page
from velum.document.page_text import shown_lines
from velum.document.places import shown_box, source_box
from velum.finding.columns import Columns
from velum.finding.found import Found
from velum.finding.read import Reading, reading_of_picture, reading_of_print
from velum.geometry.box import Box, around, common_area, kept_inside
from velum.geometry.share import share
from velum.kinds import Field
from velum.kinds.answer_box import AnswerBox
from velum.kinds.joins import DOT_SIZE, MOST_DOTS, Dot, Joins
from velum.kinds.kind import FieldBase
from velum.kinds.picking import MOST_OPTIONS, id_of_place
from velum.kinds.tick_places import Spot, TickPlaces
from velum.model import Model
from velum.paper.page_size import PageSize
from velum.paper.pdf import PdfPage
from velum.paper.read import SourcePage
from velum.paper.render import draw
from velum.paper.text import Line

DOTS = 150
"""Dots an inch at which pictures are looked at."""

_SURE = 0.5
"""What is less sure is not offered."""

_OF_COLUMNS = 0.7
"""How sure it is that two columns are to be joined: they may be only two columns."""

_BESIDE = 10.0
"""Points from an entry of a column to its dot."""

_PRESSED = 16.0
"""Points: the side of a spot that can be pressed (look_over.SMALLEST, and a little)."""

_NAME = re.compile(r"\b(names?|nom|prénom|nombre|naam|navn|namn|nome|imię|имя|الاسم|שם)\b\W*$", re.IGNORECASE)
"""How a line for the name is called; the last of the words before it counts."""

_TAKEN = 0.2
"""The share of a place, or of a field, that lies over the other, from which on the place is taken."""


class Proposed(Model):
    """A field that may be laid on a page, and where on the page of its file it was found.

    Its id is the same each time that the page is read.
    """

    field: Field
    source: Box
    confidence: float


def find_on(source: SourcePage, page: Page, lines: Iterable[Line]) -> Reading:
    """What is read on a page. ``lines`` are those of the file's page, for one that is a picture."""
    size = PageSize(page.width, page.height)
    if isinstance(source, PdfPage) and source.resolution is None:
        return reading_of_print(source, size, page.look, lambda box: _on(page, box))
    picture = draw(source, round(page.width * DOTS / 72), page.look)
    return reading_of_picture(picture, shown_lines(page, lines), size)


def offered(found: Iterable[Found]) -> list[Found]:
    """What of all that was found is proposed; where the name stands is no question."""
    return [
        place
        for place in found
        if place.sort != "name" and place.confidence >= _SURE and len(place.spots) <= MOST_OPTIONS
    ]


def name_places(page: Page, found: Iterable[Found]) -> list[Box]:
    """Where a page asks for the student's name, and not for the class or the date."""
    asking = (place for place in found if place.sort == "name" and _NAME.search(place.name))
    return [kept_inside(place.box, page.width, page.height) for place in asking]


def proposed(page: Page, found: Iterable[Found], elsewhere: Collection[str] = ()) -> list[Proposed]:
    """The fields for what was found, in its order. ``elsewhere`` are the numbers of what was found on other pages."""
    places = offered(found)
    return [
        Proposed(field=_field(page, place, number), source=source_box(page, place.box), confidence=place.confidence)
        for place, number in zip(places, _numbers(places, elsewhere), strict=True)
    ]


def proposals_for(page: Page, reading: Reading, elsewhere: Collection[str] = ()) -> list[Proposed]:
    """All fields that are proposed for a page by what was read on it."""
    return [*proposed(page, reading.places, elsewhere), *joined(page, reading.columns)]


def joined(page: Page, columns: Iterable[Columns]) -> list[Proposed]:
    """Fields whose dots stand beside the entries of two printed columns."""
    return [
        Proposed(field=field, source=source_box(page, field.box), confidence=_OF_COLUMNS)
        for each in columns
        if (field := _joins(page, each)) is not None
    ]


def _joins(page: Page, columns: Columns) -> FieldBase | None:
    """Dots behind the entries on the left and before those on the right; None: there is no room between them."""
    start = max(place.x + place.width for place in columns.left_places) + _BESIDE
    end = min(place.x for place in columns.right_places) - _BESIDE
    top = min(place.y for place in (*columns.left_places, *columns.right_places))
    bottom = max(place.bottom for place in (*columns.left_places, *columns.right_places))
    if end - start < 2 * _BESIDE or len(columns.left) + len(columns.right) > MOST_DOTS:
        return None
    half = DOT_SIZE / 2
    box = kept_inside(
        Box(x=start - half, y=top, width=end - start + DOT_SIZE, height=bottom - top), page.width, page.height
    )
    sides: tuple[tuple[Literal["start", "end"], float, tuple[str, ...], tuple[Box, ...]], ...] = (
        ("start", start, columns.left, columns.left_places),
        ("end", end, columns.right, columns.right_places),
    )
    dots = tuple(
        Dot(
            id=f"{side}{number}",
            x=share((across - box.x) / box.width),
            y=share((place.y + place.height / 2 - box.y) / box.height),
            side=side,
            name=said[:200],
        )
        for side, across, words, places in sides
        for number, (said, place) in enumerate(zip(words, places, strict=True))
    )
    return Joins(id=_id(page, "columns", box), page=page.id, box=box, dots=dots)


def _numbers(places: Sequence[Found], elsewhere: Collection[str]) -> list[str]:
    """Their numbers as printed. Where several belong to one, as the cells of a table do, they get letters too; where
    sections begin again from 1, the section stands before the number.
    """
    count = Counter((place.number, place.asked) for place in places)
    same = Counter(number for number, _ in count if number)
    again = any(each > 1 or number in elsewhere for number, each in same.items())
    seen: Counter[tuple[str, int | None]] = Counter()
    numbers = []
    for place in places:
        number, key = place.number, (place.number, place.asked)
        if number and again and place.section:
            number = f"{place.section}.{number}" if place.section[-1:].isdigit() else place.section + number
        if number and count[key] > 1:
            part = seen[key]
            seen[key] += 1
            after_letter = number[-1].isalpha()
            number += str(part + 1) if after_letter or part >= len(ascii_lowercase) else ascii_lowercase[part]
        numbers.append(number)
    return numbers


def still_free(page: Page, proposals: Iterable[Proposed], fields: Sequence[Field]) -> list[Proposed]:
    """Those of the proposals for a page over which no field lies, and which were not refused."""
    taken = [(place.page, place.box) for field in fields for place in field.places]
    names = {field.id for field in fields}
    return [
        each
        for each in proposals
        if each.field.id not in names
        and not any(_lies_over(each.source, refused) for refused in page.refused)
        and not any(
            page == place.page and _lies_over(box, place.box) for page, box in taken for place in each.field.places
        )
    ]


def _lies_over(one: Box, other: Box) -> bool:
    smaller = min(one.width * one.height, other.width * other.height)
    return common_area(one, other) > _TAKEN * smaller


def _on(page: Page, box: Box) -> Box | None:
    seen = shown_box(page, box)
    on_page = common_area(seen, Box(x=0, y=0, width=page.width, height=page.height))
    return seen if on_page > 0.5 * seen.width * seen.height else None


def _to_be_pressed(spots: Sequence[Box]) -> list[Box]:
    """Spots as large as a finger needs them, as far as they do not come to lie over each other."""
    grown = []
    for spot in spots:
        x, y = spot.x + spot.width / 2, spot.y + spot.height / 2
        others = [(other.x + other.width / 2, other.y + other.height / 2) for other in spots if other is not spot]
        apart = min((max(abs(x - across), abs(y - down)) for across, down in others), default=_PRESSED)
        width, height = max(spot.width, min(_PRESSED, apart)), max(spot.height, min(_PRESSED, apart))
        grown.append(Box(x=round(x - width / 2, 1), y=round(y - height / 2, 1), width=width, height=height))
    return grown


def _id(page: Page, sort: str, box: Box) -> str:
    """The same each time that the page is read."""
    said = f"{page.id} {sort} {box.x:.0f} {box.y:.0f} {box.width:.0f} {box.height:.0f}"
    return f"f{hashlib.sha256(said.encode()).hexdigest()[:11]}"


def _field(page: Page, place: Found, number: str) -> FieldBase:
    box = kept_inside(place.box, page.width, page.height)
    common: dict[str, Any] = {
        "id": _id(page, place.sort, box),
        "page": page.id,
        "box": box,
        "number": number[:12],
        "name": place.name,
    }
    if place.sort != "options":
        return AnswerBox(**common, lines="several" if place.several else "one")
    places = _to_be_pressed(place.spots)
    box = kept_inside(around(places), page.width, page.height)
    common["box"] = box
    spots = tuple(
        Spot(
            id=id_of_place(number),
            x=share((spot.x - box.x) / box.width),
            y=share((spot.y - box.y) / box.height),
            width=share(spot.width / box.width),
            height=share(spot.height / box.height),
            name=place.says[number][:300] if number < len(place.says) else "",
        )
        for number, spot in enumerate(places)
    )
    return TickPlaces(**common, spots=spots, several=len(spots) == 1)
