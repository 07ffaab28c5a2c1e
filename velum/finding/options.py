"""Printed options to tick: letters in a row or a column, boxes and circles, and pairs of words to choose between."""

import re
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from itertools import pairwise

from velum.finding.blanks import Blank
from velum.finding.labels import Label
from velum.finding.printed import Printed, Row, Token
from velum.finding.rect import Rect, around
from velum.finding.ruling import Ruling

_BOXES = "☐□▢◻⬜❏❑❒○◯⚪❍⭘\uf06f\uf0a8\uf071\uf0a1\uf0f0\uf0a3"
"""Boxes and circles, and those of fonts of signs (Wingdings), which have no place in Unicode."""

_CIRCLED = re.compile(r"^[ⓐ-ⓩⒶ-Ⓩ]$")
_ASKS = re.compile(r"[?=:：]\W*$")
_PAIR = re.compile(
    r"\b(true\s*/\s*false|false\s*/\s*true|t\s*/\s*f|yes\s*/\s*no|agree\s*/\s*disagree|richtig\s*/\s*falsch|wahr\s*/\s*falsch|"
    r"ja\s*/\s*nein|vrai\s*/\s*faux|oui\s*/\s*non|verdadero\s*/\s*falso|sí\s*/\s*no|vero\s*/\s*falso)\b",
    re.IGNORECASE,
)
_SLASH = re.compile(r"\s*/\s*")
_EITHER = re.compile(r"^\(([^\W\d_]{1,12})\s*/\s*([^\W\d_]{1,12})\)[.,;!?]?$")

_IN_LINE = 5.0
"""Points by which what stands in a column may be out of line."""


@dataclass(frozen=True, slots=True)
class Options:
    """Places to tick that belong together, and what each says."""

    spots: tuple[Rect, ...]
    says: tuple[str, ...]
    labels: tuple[Label, ...] = ()
    """Those of the page's labels that are the letters of options, not of questions."""
    confidence: float = 0.9

    @property
    def rect(self) -> Rect:
        return around(self.spots)


def options_of(
    printed: Printed, ruling: Ruling, labels: Sequence[Label], blanks: Sequence[Blank], boxes: Sequence[Rect]
) -> list[Options]:
    """All groups of options of a page; ``boxes`` are empty ones that can be ticked."""
    lettered = list(_lettered(printed, labels, blanks))
    used = [spot for group in lettered for spot in group.spots]
    ticks = [tick for tick in _ticks(printed, ruling, boxes) if not any(tick.touches(spot) for spot in used)]
    return [*lettered, *_grouped(printed, ticks, labels), *_pairs(printed)]


def _lettered(printed: Printed, labels: Sequence[Label], blanks: Sequence[Blank]) -> Iterator[Options]:
    for run in _runs_of_letters(labels):
        if len(run) >= 2 and not _are_questions(printed, run, blanks):
            says = tuple(_words_of(printed, label) for label in run)
            yield Options(tuple(label.rect for label in run), says, tuple(run), 0.9 if len(run) > 2 else 0.7)


def _runs_of_letters(labels: Sequence[Label]) -> list[list[Label]]:
    """Letters that follow each other, in a column, in a row, or in rows of a column."""
    runs: list[list[Label]] = []
    for label in labels:
        if label.depth == 0 or (label.depth == 2 and label.text != "i" and not _roman_follows(runs, label)):
            continue
        for run in reversed(runs):
            if _follows(run, label):
                run.append(label)
                break
        else:
            if label.text in ("a", "A", "i"):
                runs.append([label])
    return runs


def _roman_follows(runs: list[list[Label]], label: Label) -> bool:
    return any(run[0].text == "i" for run in runs) or len(label.text) == 1


_ROMANS = ["i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x"]


def _follows(run: list[Label], label: Label) -> bool:
    last = run[-1]
    if run[0].text == "i":
        if (
            label.text not in _ROMANS
            or last.text not in _ROMANS
            or _ROMANS.index(label.text) != _ROMANS.index(last.text) + 1
        ):
            return False
    elif len(label.text) != 1 or ord(label.text) != ord(last.text) + 1:
        return False
    below = label.rect.y - last.rect.y
    if abs(below) < 0.6 * last.rect.height:
        return label.rect.x > last.rect.right
    in_column = any(abs(label.rect.x - other.rect.x) < _IN_LINE for other in run)
    return in_column and 0 < below < 6 * last.rect.height


def _are_questions(printed: Printed, run: Sequence[Label], blanks: Sequence[Blank]) -> bool:
    """Whether letters stand before questions with answers of their own, and not before options."""
    for place, label in enumerate(run):
        following = run[place + 1] if place + 1 < len(run) else None
        in_row = (following is not None and following.rect.y <= label.rect.bottom) or place == len(run) - 1
        end = label.rect.bottom + 6 * printed.size if in_row or following is None else following.rect.y
        right = following.rect.x if following and following.rect.y <= label.rect.bottom else printed.margins[1]
        own = Rect(label.rect.x, label.rect.y - 4, right, max(end, label.rect.bottom + 2))
        if any(blank.rect.touches(own) and own.across(blank.rect) > 0.5 * blank.rect.width for blank in blanks):
            return True
        if _ASKS.search(_words_of(printed, label)):
            return True
    steps = [two.rect.y - one.rect.y for one, two in pairwise(run) if two.rect.y > one.rect.bottom]
    # What is asked leaves room for an answer; what is offered stands close together.
    return bool(steps) and min(steps) > 3.2 * printed.size


def _words_of(printed: Printed, label: Label) -> str:
    words = (token for token in printed.along(label.item) if token.rect.x >= label.rect.right - 1)
    return " ".join(token.text for token in words)[:200]


def _ticks(printed: Printed, ruling: Ruling, boxes: Sequence[Rect]) -> Iterator[Rect]:
    """Boxes and circles to be ticked, as signs of the text or as drawn ones."""
    for token in printed.tokens:
        if _CIRCLED.match(token.text):
            yield token.rect
        else:
            for place, letter in enumerate(token.text):
                if letter in _BOXES:
                    yield token.part(place, place + 1)
    yield from boxes
    for room in ruling.rooms:
        words = printed.inside(room.rect)
        if room.is_round and 7 < room.rect.width < 30 and (not words or (len(words) == 1 and len(words[0].text) == 1)):
            yield room.rect


def _grouped(printed: Printed, ticks: Iterable[Rect], labels: Sequence[Label]) -> Iterator[Options]:
    """Ticks that belong to one question: those of a row, else those of a column up to the next number."""
    left = sorted(ticks, key=lambda tick: (round(tick.middle[1] / 4), tick.x))
    numbers = [label.rect.middle[1] for label in labels if label.depth == 0]
    while left:
        first = left[0]
        row = [tick for tick in left if abs(tick.middle[1] - first.middle[1]) < 0.6 * max(first.height, 8)]
        group = row
        if len(row) == 1:
            for tick in left[1:]:
                gap = tick.y - group[-1].bottom
                parted = any(group[-1].middle[1] + 3 < y < tick.middle[1] + 3 for y in numbers)
                if abs(tick.x - first.x) < _IN_LINE and 0 <= gap < 2.6 * printed.size and not parted:
                    group.append(tick)
        else:
            group = [*row, *_rows_below(printed, row, [tick for tick in left if tick not in row], numbers)]
        for tick in group:
            left.remove(tick)
        yield Options(tuple(group), tuple(_beside(printed, tick, group) for tick in group), (), 0.85)


def _rows_below(
    printed: Printed, row: Sequence[Rect], others: Sequence[Rect], numbers: Sequence[float]
) -> Iterator[Rect]:
    """Ticks that stand right below those of a row, with nothing before them: options of the same question."""
    last = row
    for tick in others:
        y = tick.middle[1]
        gap = tick.y - last[0].bottom
        if not 0 <= gap < 2.6 * printed.size or any(last[0].middle[1] + 3 < number < y + 3 for number in numbers):
            continue
        below = [other for other in others if abs(other.middle[1] - y) < 0.6 * max(tick.height, 8)]
        in_columns = all(any(abs(other.x - first.x) < _IN_LINE for first in row) for other in below)
        if tick is below[0] and in_columns and not any(_has_words_before(printed, line[0]) for line in (row, below)):
            yield from below
            last = below


def _has_words_before(printed: Printed, tick: Rect) -> bool:
    return bool(printed.along(Rect(0, tick.y - 1, tick.x - 1, tick.bottom + 1)))


def _beside(printed: Printed, tick: Rect, group: Sequence[Rect]) -> str:
    ends = [other.x for other in group if other.x > tick.right and abs(other.y - tick.y) < tick.height]
    reach = Rect(tick.right, tick.y - 2, min(ends, default=printed.margins[1]), tick.bottom + 2)
    return " ".join(token.text for token in printed.along(reach) if token.text[0] not in _BOXES)[:200]


def _pairs(printed: Printed) -> Iterator[Options]:
    """Words of which one is to be chosen."""
    for row in printed.rows:
        for token in row.tokens:
            if either := _EITHER.match(token.text):
                spots = tuple(token.part(*either.span(side)) for side in (1, 2))
                yield Options(spots, (either[1], either[2]), (), 0.6)
        yield from _well_known(row)


def _well_known(row: Row) -> Iterator[Options]:
    starts: list[tuple[int, Token]] = []
    text = ""
    for token in row.tokens:
        starts.append((len(text), token))
        text += token.text + " "
    for pair in _PAIR.finditer(text):
        slash = _SLASH.search(text, pair.start())
        assert slash, "every pair has one"
        sides = ((pair.start(), slash.start()), (slash.end(), pair.end()))
        spots = tuple(_where(starts, start, end) for start, end in sides)
        yield Options(spots, tuple(text[start:end] for start, end in sides), (), 0.85)


def _where(starts: Sequence[tuple[int, Token]], start: int, end: int) -> Rect:
    parts = [
        token.part(max(0, start - at), min(len(token.text), end - at))
        for at, token in starts
        if at < end and at + len(token.text) > start
    ]
    return around(parts)
