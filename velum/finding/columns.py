"""Two printed columns whose entries are to be joined by lines."""

from collections.abc import Sequence
from itertools import groupby, pairwise

from velum.finding.printed import Printed, Token
from velum.finding.rect import Rect, around
from velum.finding.ruling import Ruling
from velum.geometry.box import Box
from velum.model import Model

_FEWEST = 3
"""Entries of a column."""

_BETWEEN = 60.0
"""Points between the columns, where the lines are drawn."""

_ALIGNED = 8.0
"""Points by which entries of a column begin apart at most."""

_LONGEST = 8
"""Words of an entry."""

_DOTS = {"•", "●", "○", "◦", "·", "∙", ".", "o", "⚫", "⚪", "\ufffd"}
"""What is printed beside entries, for the lines to begin at."""


class Columns(Model):
    """The entries of two columns down the page, as printed, and where each stands."""

    left: tuple[str, ...]
    left_places: tuple[Box, ...]
    right: tuple[str, ...]
    right_places: tuple[Box, ...]


def columns_of(printed: Printed, ruling: Ruling, taken: Sequence[Rect]) -> list[Columns]:
    """The pairs of columns of a page that are to be joined; ``taken`` is where one answers otherwise."""
    rows = [_halves(row.tokens) for row in printed.rows]
    pairs: list[Columns] = []
    for together, group in groupby(rows, key=lambda halves: halves is not None):
        if together:
            pairs += _columns([halves for halves in group if halves], printed, ruling, taken)
    return pairs


_Halves = tuple[list[Token], list[Token]]


def _halves(tokens: Sequence[Token]) -> _Halves | None:
    """The two entries of a row; None: it is no such row."""
    gaps = [after.rect.x - before.rect.right for before, after in pairwise(tokens)]
    worded = [token for token in tokens if token.text not in _DOTS]
    if len(worded) < 2 or not gaps:
        return None
    widest = max(range(len(gaps)), key=gaps.__getitem__)
    left, right = list(tokens[: widest + 1]), list(tokens[widest + 1 :])
    left, right = ([token for token in half if token.text not in _DOTS] for half in (left, right))
    if not left or not right or gaps[widest] < _BETWEEN or len(left) > _LONGEST or len(right) > _LONGEST:
        return None
    others = [gap for place, gap in enumerate(gaps) if place != widest]
    # A third column makes it a table, or words in a row.
    return (left, right) if max(others, default=0) < 0.6 * gaps[widest] else None


def _columns(rows: list[_Halves], printed: Printed, ruling: Ruling, taken: Sequence[Rect]) -> list[Columns]:
    found = []
    for _, group in groupby(_runs(rows), key=lambda numbered: numbered[0]):
        run = [halves for _, halves in group]
        lefts, rights = ([around(token.rect for token in row[side]) for row in run] for side in (0, 1))
        ends, starts = max(rect.right for rect in lefts), min(rect.x for rect in rights)
        if len(run) < _FEWEST or starts - ends < _BETWEEN:
            continue
        between = Rect(ends + 6, lefts[0].y, starts - 6, lefts[-1].bottom)
        if any(rect.touches(around([*lefts, *rights])) for rect in taken) or _is_ruled(between, ruling):
            continue
        said = [tuple(" ".join(token.text for token in row[side]) for row in run) for side in (0, 1)]
        if any(word.endswith(("?", "=")) for word in said[0]):
            continue  # questions, and what is written beside them
        found.append(
            Columns(
                left=said[0],
                left_places=tuple(rect.box for rect in lefts),
                right=said[1],
                right_places=tuple(rect.box for rect in rights),
            )
        )
    return found


def _runs(rows: list[_Halves]) -> list[tuple[int, _Halves]]:
    """The rows, each with the number of the run that it belongs to: rows as far from each other, in two columns."""
    numbered: list[tuple[int, _Halves]] = []
    number, gap = 0, 0.0
    for row in rows:
        if numbered:
            last = numbered[-1][1]
            down = row[0][0].rect.y - last[0][0].rect.y
            aligned = all(abs(row[side][0].rect.x - last[side][0].rect.x) < _ALIGNED for side in (0, 1))
            if not aligned or (gap and abs(down - gap) > 0.35 * gap):
                number, gap = number + 1, 0.0
            else:
                gap = down
        numbered.append((number, row))
    return numbered


def _is_ruled(between: Rect, ruling: Ruling) -> bool:
    """Whether lines part the columns or their rows, as in a table."""
    upright = any(line.touches(between) and line.height > 0.5 * between.height for line in ruling.down)
    level = [line for line in ruling.across if line.touches(between) and line.across(between) > 0.7 * between.width]
    return upright or len(level) > 1
