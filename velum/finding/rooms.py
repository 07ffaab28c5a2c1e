"""Empty boxes, and empty cells of tables."""

from collections.abc import Iterator
from dataclasses import dataclass

from velum.finding.blanks import Blank
from velum.finding.printed import Printed
from velum.finding.rect import Rect, around
from velum.finding.ruling import Room, Ruling

_WALL = 6.0
"""Points: rooms that are no further apart have a wall in common."""

_SMALLEST = (16.0, 10.0)
_TICK = (5.0, 24.0)
"""Points: the sides of boxes to be ticked."""

_TICK_IN_PHOTOS = 5.8
"""Points: smaller ones are what is left of letters."""

_WALLS = 0.8
"""Points of the walls of a small box, which belong to it."""

_LEFT_TO_WRITE = 30.0
"""Points below the words at the top of a box, from which on they ask for something to be written."""


@dataclass(frozen=True)
class Table:
    """Rooms with walls in common."""

    rooms: tuple[Room, ...]

    @property
    def rect(self) -> Rect:
        return around(room.rect for room in self.rooms)


def tables_of(ruling: Ruling) -> list[Table]:
    """All rooms that are not round, by what they have walls in common with; a box alone is a table of one."""
    rooms = sorted((room for room in ruling.rooms if not room.is_round), key=lambda room: room.rect.y)
    group = list(range(len(rooms)))

    def root(place: int) -> int:
        while group[place] != place:
            group[place] = group[group[place]]
            place = group[place]
        return place

    for one, room in enumerate(rooms):
        for other in range(one + 1, len(rooms)):
            if rooms[other].rect.y > room.rect.bottom + _WALL:
                break
            if _has_a_wall_in_common(room.rect, rooms[other].rect):
                group[root(other)] = root(one)
    tables: dict[int, list[Room]] = {}
    for place, room in enumerate(rooms):
        tables.setdefault(root(place), []).append(room)
    return [Table(tuple(members)) for members in tables.values()]


def boxes_of(printed: Printed, tables: list[Table]) -> Iterator[Blank]:
    """The places to write in."""
    for table in tables:
        empty = [room.rect for room in table.rooms if room.is_bare and not printed.inside(room.rect)]
        if len(table.rooms) == 1:
            if table.rooms[0].is_bare:
                yield from _box(printed, table.rooms[0].rect, bool(empty))
        elif not _is_graph_paper(table) and not _is_drawing(table, printed):
            yield from (
                Blank("cell", rect, confidence=0.95)
                for rect in empty
                if _is_written_in(rect, printed) and not _is_corner(rect, table, printed)
            )
            for room in table.rooms:
                if room.is_bare and room.rect not in empty:
                    yield from _below_words(printed, room.rect)


def small_boxes(tables: list[Table], printed: Printed) -> list[Rect]:
    """Empty boxes that are too small to be written in, and can be ticked."""
    rects = [room.rect for table in tables if len(table.rooms) == 1 for room in table.rooms]
    least = _TICK_IN_PHOTOS if printed.photographed else 0.0
    empty = [rect for rect in rects if _can_be_ticked(rect) and rect.width >= least and not printed.inside(rect)]
    return [Rect(rect.x - _WALLS, rect.y - _WALLS, rect.right + _WALLS, rect.bottom + _WALLS) for rect in empty]


def _can_be_ticked(rect: Rect) -> bool:
    least, most = _TICK
    return (
        least <= min(rect.width, rect.height)
        and max(rect.width, rect.height) <= most
        and (0.75 < rect.width / rect.height < 1.35)
    )


def _has_a_wall_in_common(one: Rect, other: Rect) -> bool:
    across, down = one.across(other), one.down(other)
    return (-_WALL < across <= 1 and down > 0.5 * min(one.height, other.height)) or (
        -_WALL < down <= 1 and across > 0.5 * min(one.width, other.width)
    )


def _box(printed: Printed, rect: Rect, is_empty: bool) -> Iterator[Blank]:
    if is_empty and _is_written_in(rect, printed) and not _can_be_ticked(rect):
        yield Blank("box", rect, rows=_lines_in(rect, printed), confidence=0.9)
    elif not is_empty:
        yield from _below_words(printed, rect)


def _below_words(printed: Printed, rect: Rect) -> Iterator[Blank]:
    """What is left below a few words at the top of a box, such as "My drawing"."""
    words = printed.inside(rect)
    end = max(token.rect.bottom for token in words)
    room = Rect(rect.x + 2, end + 3, rect.right - 2, rect.bottom - 2)
    if len(words) <= 14 and room.height > max(_LEFT_TO_WRITE, 0.55 * rect.height) and room.width > 60:
        yield Blank("box", room, rows=_lines_in(room, printed), confidence=0.65)


def _lines_in(rect: Rect, printed: Printed) -> int:
    return max(1, int(rect.height / (2.2 * printed.size)))


def _is_written_in(rect: Rect, printed: Printed) -> bool:
    if rect.width < _SMALLEST[0] or rect.height < _SMALLEST[1]:
        return False
    return rect.width * rect.height < 0.5 * printed.width * printed.height


def _is_graph_paper(table: Table) -> bool:
    small = [room for room in table.rooms if room.rect.width < 22 and room.rect.height < 22]
    return len(small) > 40 and len(small) > 0.8 * len(table.rooms)


def _is_drawing(table: Table, printed: Printed) -> bool:
    """Whether rooms without a word among them are not even set out in rows and columns."""
    if any(printed.inside(room.rect) for room in table.rooms):
        return False
    rows = {round(room.rect.y / 3) for room in table.rooms}
    columns = {round(room.rect.x / 3) for room in table.rooms}
    return min(len(rows), len(columns)) < 2 or len(table.rooms) < 0.8 * len(rows) * len(columns)


def _is_corner(rect: Rect, table: Table, printed: Printed) -> bool:
    """Whether a cell is the empty corner between the headings of rows and those of columns."""
    whole = table.rect
    if rect.x > whole.x + 3 or rect.y > whole.y + 3:
        return False
    top = [room.rect for room in table.rooms if room.rect.y < whole.y + 3 and room.rect != rect]
    left = [room.rect for room in table.rooms if room.rect.x < whole.x + 3 and room.rect != rect]
    return bool(top and left) and all(printed.inside(other) for other in (*top, *left))
