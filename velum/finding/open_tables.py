"""Tables that have lines between their rows only: their columns are told by how words stand below each other."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import pairwise

from velum.finding.blanks import Blank
from velum.finding.printed import Printed, Token
from velum.finding.rect import Rect

_HEIGHTS = (9.0, 70.0)
"""Points of the rows of a table."""

_BETWEEN_COLUMNS = 14.0
_FEWEST = 3
"""Lines of a table: with fewer, it is words between two lines."""


@dataclass(frozen=True)
class OpenTable:
    lines: tuple[Rect, ...]
    cells: tuple[Blank, ...]


def open_tables(printed: Printed, free: Sequence[Rect]) -> list[OpenTable]:
    """Tables of lines that shut off nothing; ``free`` are horizontal ones, from the top."""
    found = []
    for lines in _of_one_width(free):
        rows = [Rect(above.x, above.bottom, above.right, below.y) for above, below in pairwise(lines)]
        words = [printed.inside(row) for row in rows]
        columns = _columns([token for row in words for token in row], lines[0])
        if len(columns) < 2 or sum(len(_filled(row, columns)) >= 1 for row in words) < 0.6 * len(rows):
            continue
        counts = [sum(place in _filled(row, columns) for row in words) for place in range(len(columns))]
        cells = [
            Blank("cell", Rect(column.x, row.y, column.right, row.bottom), confidence=0.75)
            for row, inside in zip(rows, words, strict=True)
            for place, column in enumerate(columns)
            # A row of headings says what belongs into a column; without one, other rows do.
            if inside and place not in _filled(inside, columns) and counts[place] >= 1
        ]
        found.append(OpenTable(tuple(lines), tuple(cells)))
    return found


def _of_one_width(free: Sequence[Rect]) -> Iterator[list[Rect]]:
    """Lines of the same width below each other, as far apart as rows are."""
    left = sorted(free, key=lambda line: line.y)
    while left:
        stack = [left.pop(0)]
        for line in list(left):
            same = abs(line.x - stack[0].x) < 4 and abs(line.right - stack[0].right) < 4
            if same and _HEIGHTS[0] < line.y - stack[-1].y < _HEIGHTS[1]:
                stack.append(line)
                left.remove(line)
        if len(stack) >= _FEWEST:
            yield stack


def _columns(tokens: Sequence[Token], line: Rect) -> list[Rect]:
    """The columns across a line: words that stand apart everywhere part them."""
    spans: list[list[float]] = []
    for token in sorted(tokens, key=lambda token: token.rect.x):
        if spans and token.rect.x - spans[-1][1] < _BETWEEN_COLUMNS:
            spans[-1][1] = max(spans[-1][1], token.rect.right)
        else:
            spans.append([token.rect.x, token.rect.right])
    starts = [line.x, *(start - 0.4 * (start - spans[place][1]) for place, (start, _) in enumerate(spans[1:]))]
    ends = [*starts[1:], line.right]
    return [Rect(start, line.y, end, line.bottom) for start, end in zip(starts, ends, strict=True)]


def _filled(row: Sequence[Token], columns: Sequence[Rect]) -> set[int]:
    return {
        place
        for place, column in enumerate(columns)
        if any(column.x <= token.rect.middle[0] <= column.right for token in row)
    }
