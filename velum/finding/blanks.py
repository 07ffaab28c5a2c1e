"""Blanks to write on: runs of underscores, dots and dashes, ruled lines, and the gap behind a sign or a label."""

import re
from collections.abc import Collection, Iterable, Iterator
from dataclasses import dataclass

from velum.finding.found import Sort
from velum.finding.labels import is_label
from velum.finding.printed import UNREAD, Printed, Row, Token
from velum.finding.rect import Rect, around
from velum.finding.ruling import Ruling

_RUN = re.compile(r"_{2,}|\.{4,}|…{2,}|(?:\.\s){3,}\.|·{4,}|-{5,}|[–—]{2,}|─{2,}|‥{2,}|˙{4,}")
_EQUALS = re.compile(r"[=≈≙]$")
_NAMES = re.compile(
    r"\b(name|names|class|form|grade|date|teacher|group|score|marks|punkte|puntos|datum|klasse|nom|prénom|classe|nombre|fecha|clase|naam|klas|"
    r"navn|namn|nome|data|imię|klasa|имя|класс|дата|الاسم|שם)\b\W*$",
    re.IGNORECASE,
)

_MOST_OF_A_NAME = 3
"""Words that ask for a name; of more, it is one that the question speaks of."""

_SHORTEST_LINE = 14.0
"""Points: a shorter line is a sign."""

_LONGEST_CROWN = 60.0
"""Points of an arc that look straight at most: of a circle as wide as a page."""

_LINE_GAPS = (11.0, 60.0)
"""Points between two lines to write on."""

_NARROWEST_GAP = 24.0

_CLOSE, _BEFORE, _WITHIN = 4.0, 30.0, 2.0
"""In heights of print: how close words stand that lead into a line, how far before it a question may end that has a
number, and how far words of one sentence stand apart.
"""


_LISTED = 20.0
"""In heights of print: how far before lines of a list its words may begin; they end at half of that."""


@dataclass(frozen=True, slots=True)
class Blank:
    """A place to write, and on which line its writing stands."""

    sort: Sort
    rect: Rect
    rows: int = 1
    confidence: float = 1.0


def blanks_of(printed: Printed, ruling: Ruling, others: Collection[Rect] = ()) -> list[Blank]:
    """All blanks of a page, several lines that belong together as one; ``others`` are lines that are none."""
    lines = [*_runs(printed), *(line for line in _ruled(printed, ruling) if line not in others)]
    lines = _without_twins(lines)
    stacks = list(_stacked(printed, lines))
    return [*stacks, *_gaps(printed, ruling, [stack.rect for stack in stacks])]


def says_name(words: list[str]) -> bool:
    """Whether the words before a blank ask who the student is, or when it was written, and nothing else."""
    return 0 < len(words) <= _MOST_OF_A_NAME and bool(_NAMES.search(" ".join(words)))


def words_before(printed: Printed, line: Rect) -> list[str]:
    """The words that stand directly before a blank, from left to right."""
    words: list[str] = []
    end = line.x
    for token in reversed(printed.beside(line, 0, line.x + 2)):
        if end - token.rect.right > _CLOSE * printed.size or _RUN.fullmatch(token.text):
            break
        words.insert(0, token.text)
        end = token.rect.x
    return words


def _runs(printed: Printed) -> Iterator[Rect]:
    """Blanks that are written as text, by where their line runs."""
    for row in printed.rows:
        if _leads_to_a_page(row):
            continue
        pieces: list[Rect] = []
        for token in row.tokens:
            for run in _RUN.finditer(token.text):
                pieces.append(token.part(run.start(), run.end()))
        yield from _joined(pieces, printed.size)


def _leads_to_a_page(row: Row) -> bool:
    """Whether dots lead the eye to a number at the end of a row, as in a list of contents."""
    *before, last = row.tokens
    return (
        last.text.isdecimal()
        and bool(before)
        and bool(_RUN.search(before[-1].text))
        and not is_label(row.tokens[0].text)
    )


def _joined(pieces: Iterable[Rect], size: float) -> Iterator[Rect]:
    last: Rect | None = None
    for piece in pieces:
        if last and piece.x - last.right < 0.5 * size:
            last = around((last, piece))
        else:
            if last:
                yield last
            last = piece
    if last:
        yield last


def _ruled(printed: Printed, ruling: Ruling) -> Iterator[Rect]:
    """Ruled lines to write on: not those that underline words, nor bars of fractions, nor those that part a page."""
    for line in ruling.free:
        if line.width < _SHORTEST_LINE or line.height > 5 or _is_part_of_a_curve(printed, line):
            continue
        reach = Rect(line.x, line.y - 1.1 * printed.size, line.right, line.bottom + 1.1 * printed.size)
        above = [token.rect for token in printed.tokens if token.rect.touches(reach) and token.rect.middle[1] < line.y]
        if sum(max(0.0, rect.across(line)) for rect in above) > 0.2 * line.width:
            continue
        if printed.photographed and _leads_to_a_number(printed, line):
            continue
        yield line


def _is_part_of_a_curve(printed: Printed, line: Rect) -> bool:
    """Whether what is drawn goes on at both ends of a line, to the same side: the crown of an arc, seen as a line."""
    if line.width > _LONGEST_CROWN:
        return False
    y = line.middle[1]
    for side in (-1, 1):
        ends = (Rect(line.x - 8, y, line.x - 2, y), Rect(line.right + 2, y, line.right + 8, y))
        beside = [end._replace(y=min(y + side, y + 5 * side), bottom=max(y + side, y + 5 * side)) for end in ends]
        if all(printed.is_drawn_on(place) for place in beside):
            return True
    return False


def _leads_to_a_number(printed: Printed, line: Rect) -> bool:
    """The same where the dots are known as a line alone: words before it, and nothing but a number close behind."""
    behind = printed.beside(line, line.right - 2, printed.width)
    before = printed.beside(line, 0, line.x + 2)
    return (
        len(behind) == 1
        and (behind[0].text.isdecimal() or _is_unread_number(behind[0]))
        and behind[0].rect.x - line.right < printed.size
        and bool(before)
        and not is_label(before[0].text)
    )


def _is_unread_number(token: Token) -> bool:
    return token.text == UNREAD and token.rect.width < 1.5 * token.rect.height


def _without_twins(lines: list[Rect]) -> list[Rect]:
    """A run of underscores may be found as a line too."""
    kept: list[Rect] = []
    for line in sorted(lines, key=lambda line: -line.width):
        if not any(abs(line.bottom - other.bottom) < 5 and line.across(other) > 0.5 * line.width for other in kept):
            kept.append(line)
    return sorted(kept, key=lambda line: (line.bottom, line.x))


def _stacked(printed: Printed, lines: list[Rect]) -> Iterator[Blank]:
    left = list(lines)
    while left:
        stack = [left.pop(0)]
        for line in list(left):
            if _goes_on(printed, stack, line):
                stack.append(line)
                left.remove(line)
        yield from _blank(printed, stack)


def _goes_on(printed: Printed, stack: list[Rect], line: Rect) -> bool:
    """Whether a line is the next to be written on of a stack: as far below, as wide, and nothing printed between."""
    last = stack[-1]
    gap = line.bottom - last.bottom
    if not _LINE_GAPS[0] < gap < _LINE_GAPS[1]:
        return False
    if abs(line.right - last.right) > 0.12 * last.width + 6 or abs(line.x - last.x) > 0.2 * last.width + 6:
        return False
    if len(stack) > 1 and abs(gap - (last.bottom - stack[-2].bottom)) > 0.25 * gap:
        return False
    between = Rect(min(line.x, last.x), last.bottom + 1, max(line.right, last.right), line.bottom + 2)
    if any(not _RUN.search(token.text) for token in printed.inside(between)):
        return False
    return not (_has_words_of_its_own(printed, line) or _leads_on(printed, line) or _leads_on(printed, last))


def _leads_on(printed: Printed, line: Rect) -> bool:
    """Whether a sentence goes on behind a line: then it is a gap within that sentence."""
    behind = printed.beside(line, line.right - 2, printed.width)
    return bool(behind) and behind[0].rect.x - line.right < _WITHIN * printed.size


def _has_words_of_its_own(printed: Printed, line: Rect) -> bool:
    """Whether words stand before a line: then it is no line more for the answer above."""
    end = line.x
    if _is_named(printed, line):
        return True
    for token in reversed(printed.beside(line, 0, line.x + 2)):
        if end - token.rect.right > (_BEFORE if end == line.x else _WITHIN) * printed.size:
            return False
        if is_label(token.text) or (end == line.x and end - token.rect.right < _CLOSE * printed.size):
            return True
        end = token.rect.x
    return False


def _is_named(printed: Printed, line: Rect) -> bool:
    """Whether a few words stand before a line and on it, as before each line of a list: "keel      ______"."""
    before = [token.rect for token in printed.beside(line, line.x - _LISTED * printed.size, line.x + 2)]
    if not before or line.x - before[-1].right > _LISTED / 2 * printed.size:
        return False
    phrase = [before[-1]]
    while (rest := before[: -len(phrase)]) and phrase[0].x - rest[-1].right < _WITHIN * printed.size:
        phrase.insert(0, rest[-1])
    on_it = all(abs(rect.bottom - line.bottom) < 0.4 * printed.size for rect in phrase)
    return on_it and len(phrase) <= _MOST_OF_A_NAME


def _blank(printed: Printed, stack: list[Rect]) -> Iterator[Blank]:
    first, last = stack[0], stack[-1]
    gap = last.bottom - stack[-2].bottom if len(stack) > 1 else 0.0
    beside = [
        token
        for token in printed.tokens
        if not _RUN.fullmatch(token.text) and token.rect.y - 3 < first.bottom < token.rect.bottom + 0.8 * printed.size
    ]
    before = [token for token in beside if token.rect.right <= first.x + 2]
    after = [token for token in beside if token.rect.x >= first.right - 2]
    if len(stack) == 1 and not before and not after and not _asked_above(printed, first):
        return  # parts the page, and asks nothing
    height = _writing(printed, first, gap)
    rect = Rect(min(line.x for line in stack), first.bottom - height, max(line.right for line in stack), last.bottom)
    if len(stack) == 1:
        yield Blank("name" if says_name(words_before(printed, first)) else "line", rect)
    else:
        yield Blank("lines", rect, rows=len(stack))


def _asked_above(printed: Printed, line: Rect) -> bool:
    """Whether words stand close above a line that stands alone, with room to write between."""
    above = [token.rect for token in printed.tokens if token.rect.bottom < line.y and token.rect.x < line.right]
    if not above:
        return False
    room = line.y - max(rect.bottom for rect in above)
    below = [token.rect.y for token in printed.tokens if token.rect.y > line.y and token.rect.across(line) > 0]
    wide = line.width > 0.9 * (printed.margins[1] - printed.margins[0])
    after = min(below) - line.y if below else 0.0
    # What parts a page stands in the middle between what it parts; a line to write on is nearer to what comes after.
    return 0.9 * printed.size < room < 5 * printed.size and not (wide and after and room < 1.4 * after)


def _writing(printed: Printed, line: Rect, gap: float) -> float:
    """How high writing on a line may stand: the room above it, at most as high as lines stand apart."""
    most = gap or 1.65 * printed.size
    over = [
        token.rect.bottom
        for token in printed.tokens
        if token.rect.across(line) > 2 and token.rect.bottom < line.bottom - 2 and not _RUN.fullmatch(token.text)
    ]
    room = line.bottom - max(over, default=0.0)
    return max(min(most, room - 1), 0.9 * printed.size, 8.0)


def _gaps(printed: Printed, ruling: Ruling, taken: list[Rect]) -> Iterator[Blank]:
    """The room behind an equals sign, and behind a short label that ends its line."""
    for row in printed.rows:
        for place, token in enumerate(row.tokens):
            following = row.tokens[place + 1] if place + 1 < len(row.tokens) else None
            right = following.rect.x if following else printed.margins[1]
            room = Rect(token.rect.right + 3, token.rect.y - 2, right - 3, token.rect.bottom + 2)
            if room.width < _NARROWEST_GAP or any(room.touches(place) for place in taken):
                continue
            if any(room.touches(each.rect) and each.rect.width < printed.width / 2 for each in ruling.rooms):
                continue
            if _is_answered_below(printed, room, taken):
                continue
            if _EQUALS.search(token.text):
                width = min(room.width, 9 * printed.size)
                yield Blank("gap", room._replace(right=room.x + width), confidence=0.8)
            elif token.text.endswith((":", "：")) and not following and _is_short(row, place):
                yield Blank(
                    "name" if says_name([token.text]) else "gap",
                    room._replace(right=min(room.right, room.x + 22 * printed.size)),
                    confidence=0.55,
                )


def _is_answered_below(printed: Printed, room: Rect, taken: list[Rect]) -> bool:
    """Whether lines to write on begin right below the row: then its end is no room for an answer."""
    below = Rect(room.x - 12 * printed.size, room.bottom, room.right, room.bottom + 1.2 * printed.size)
    return any(below.touches(place) and place.x < room.x for place in taken)


def _is_short(row: Row, place: int) -> bool:
    """Whether no more than a few words lead up to this one."""
    words: list[Token] = []
    for token in reversed(row.tokens[: place + 1]):
        if words and words[-1].rect.x - token.rect.right > 12:
            break
        words.append(token)
    return len(words) <= 3
