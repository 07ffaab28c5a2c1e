"""Where students answer on a page."""

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import replace
from typing import Any

from velum.finding.blanks import Blank, blanks_of, words_before
from velum.finding.found import Found
from velum.finding.labels import Label, labels_of, section_of
from velum.finding.mended_labels import mended
from velum.finding.open_tables import open_tables
from velum.finding.options import Options, options_of
from velum.finding.pointers import pointers
from velum.finding.printed import UNREAD, Printed
from velum.finding.rect import Rect
from velum.finding.rooms import boxes_of, small_boxes, tables_of
from velum.finding.ruling import Ruling
from velum.geometry.box import Box

MOST_FOUND = 300
"""Places of a page that are offered: of more, what was read is no worksheet."""

_SPACE = 3.4
"""Lines of print that are left free under a question, from which on that is room for an answer."""


_HEAD = 0.25
"""The share of a page, from its top, where it asks who the student is."""


def find_places(printed: Printed, ruling: Ruling) -> list[Found]:
    """The places of a page with its ruling, down the page."""
    if not printed.is_from_right:
        return _find(printed, ruling)
    # Where one reads from the right, all is as if seen in a mirror.
    found = _find(printed.in_mirror(), ruling.in_mirror(printed.width))
    return [_in_mirror(place, printed.width) for place in found]


def _in_mirror(place: Found, width: float) -> Found:
    def turned(box: Box) -> Box:
        return box.changed(x=round(width - box.x - box.width, 1))

    return place.changed(box=turned(place.box), spots=tuple(turned(spot) for spot in place.spots))


def _find(printed: Printed, ruling: Ruling) -> list[Found]:
    tables = tables_of(ruling)
    labels = labels_of(printed, [room.rect for table in tables if len(table.rooms) > 1 for room in table.rooms])
    if printed.photographed:
        labels = mended(printed, labels)
    opened = open_tables(printed, ruling.free)
    rooms = [*boxes_of(printed, tables), *(cell for table in opened for cell in table.cells)]
    of_tables = {line for table in opened for line in table.lines}
    blanks = [*rooms, *_apart(blanks_of(printed, ruling, of_tables), [room.rect for room in rooms])]
    if printed.photographed:
        blanks = [_named_unread(printed, blank, labels) for blank in blanks]
    options = options_of(printed, ruling, labels, blanks, small_boxes(tables, printed))
    spots = [spot for group in options for spot in group.spots]
    blanks = [blank for blank in blanks if not any(blank.rect.holds(spot) for spot in spots)]
    used = {label for group in options for label in group.labels}
    questions = [label for label in labels if label not in used]
    taken = [blank.rect for blank in blanks] + spots
    blanks += pointers(printed, ruling, taken)
    blanks += _spaces(printed, questions, [blank.rect for blank in blanks] + spots)
    found = [
        *(_written(printed, blank, questions) for blank in blanks),
        *(_ticked(printed, group, questions) for group in options),
    ]
    found = [place for place in found if _is_on(place, printed)]
    return sorted(found, key=lambda place: (round(place.box.y / 8), place.box.x))[:MOST_FOUND]


def _apart(blanks: Iterable[Blank], taken: Sequence[Rect]) -> Iterator[Blank]:
    for blank in blanks:
        if not any(blank.rect.across(rect) > 4 and blank.rect.down(rect) > 4 for rect in taken):
            yield blank


def _named_unread(printed: Printed, blank: Blank, labels: Sequence[Label]) -> Blank:
    """A line at the head of a page, above its first question, behind words in a script that is not read: a name's."""
    first = min((label.rect.y for label in labels if label.depth == 0), default=0.0)
    if blank.sort != "line" or blank.rect.bottom > min(first, _HEAD * printed.height):
        return blank
    words = words_before(printed, blank.rect)
    return replace(blank, sort="name") if words and set(words) == {UNREAD} and len(words) <= 2 else blank


def _is_on(place: Found, printed: Printed) -> bool:
    box = place.box
    return box.x >= -1 and box.y >= -1 and box.x + box.width <= printed.width + 1 and box.bottom <= printed.height + 1


def _written(printed: Printed, blank: Blank, labels: Sequence[Label]) -> Found:
    number, label = _number_of(blank.rect, labels)
    return Found(
        sort=blank.sort,
        box=blank.rect.box,
        number=number,
        **_place_of(label, labels, printed),
        name=_name_of(printed, blank.rect, label),
        several=blank.rows > 1,
        confidence=blank.confidence,
    )


def _ticked(printed: Printed, group: Options, labels: Sequence[Label]) -> Found:
    number, label = _number_of(group.rect, labels)
    return Found(
        sort="options",
        box=group.rect.box,
        number=number,
        **_place_of(label, labels, printed),
        spots=tuple(spot.box for spot in group.spots),
        says=group.says,
        confidence=group.confidence,
    )


def _place_of(label: Label | None, labels: Sequence[Label], printed: Printed) -> dict[str, Any]:
    """Which of the numbers of a page a label is, and the section that it stands in."""
    if label is None:
        return {}
    numbered = label if label.depth == 0 else _above(label, 0, labels)
    section = section_of(numbered, labels, printed) if numbered else ""
    return {"asked": labels.index(label), "section": section}


def _number_of(rect: Rect, labels: Sequence[Label]) -> tuple[str, Label | None]:
    """The number of the question that a place belongs to, and its label."""
    for label in labels:
        if label.inline and -2 < rect.x - label.rect.right < 14 and label.rect.down(rect) > 0:
            return label.text, label
    labels = [label for label in labels if not label.inline]
    above = [label for label in labels if label.rect.y < rect.bottom - 2]
    if not above:
        return "", None
    label = min(above, key=lambda each: _away(each, rect))
    number = label.text
    if label.depth:
        for depth in range(label.depth - 1, -1, -1):
            over = _above(label, depth, labels)
            number = f"{over.text}{number}" if over else number
    return number, label


def _away(label: Label, rect: Rect) -> float:
    """How far a place is from a label that it may belong to."""
    beside = (
        label.rect.right <= rect.x + 6 and label.item.down(Rect(rect.x, rect.bottom - 14, rect.right, rect.bottom)) > 0
    )
    if beside:
        return 0.002 * (rect.x - label.rect.right)
    aside = max(0.0, rect.x - label.item.right, label.item.x - rect.right)
    return 1 + max(0.0, rect.y - label.rect.y) + 3 * max(0.0, aside - 20) + (200 if label.rect.x > rect.x + 30 else 0)


def _above(label: Label, depth: int, labels: Sequence[Label]) -> Label | None:
    before = [
        other
        for other in labels
        if other.depth == depth
        and other.rect.y <= label.rect.y + 2
        and other.rect.x <= label.rect.x + 4
        and other is not label
    ]
    return max(before, key=lambda other: (round(other.rect.y), other.rect.x), default=None)


def _name_of(printed: Printed, rect: Rect, label: Label | None) -> str:
    line = Rect(rect.x - 220, rect.bottom - 1.5 * printed.size, rect.x + 4, rect.bottom + 3)
    said = " ".join(token.text for token in printed.along(line) if token.text.strip("_.…-\ufffd"))
    if not said and label:
        said = " ".join(token.text for token in printed.along(label.item)[1:])
    return said[:200]


def _spaces(printed: Printed, labels: Sequence[Label], taken: Sequence[Rect]) -> Iterator[Blank]:
    """The room under questions that have nothing else to write on."""
    left, right = printed.margins
    rows = printed.rows
    highest = 0.0
    for label in labels:
        later = [
            other for other in labels if other.rect.y > label.rect.bottom and abs(other.rect.x - label.rect.x) < 40
        ]
        next_one = min((other.rect.y for other in later), default=None)
        end = next_one if next_one is not None else printed.height * 0.93
        words = [row.rect for row in rows if label.rect.y - 3 < row.rect.y < end and row.rect.right > label.rect.x]
        if not words:
            continue
        text = max(_together(words, printed.size), key=lambda rect: rect.bottom)
        below = [row.rect.y for row in rows if row.rect.y > text.bottom]
        bottom = min([*below, printed.height * 0.93])
        room = Rect(max(left, label.rect.x), text.bottom + 3, right, bottom - 4)
        if room.height < _SPACE * printed.size or (next_one is None and not _asks(printed, label)):
            continue
        # The last question may have as much room as others had, and not the rest of the page.
        if next_one is None and highest:
            room = room._replace(bottom=min(room.bottom, room.y + highest))
        own = Rect(label.rect.x - 10, label.rect.y - 5, right, room.bottom)
        if not any(own.holds(place) for place in taken):
            highest = max(highest, room.height)
            yield Blank("space", room, rows=2, confidence=0.6)


def _together(rows: Sequence[Rect], size: float) -> Iterator[Rect]:
    """The rows of a question, up to the first gap."""
    last: Rect | None = None
    for row in sorted(rows, key=lambda row: row.y):
        if last and row.y - last.bottom > 1.2 * size:
            return
        last = row
        yield row


def _asks(printed: Printed, label: Label) -> bool:
    return any(token.text.endswith(("?", ".", ":", ")")) for token in printed.inside(label.item))
