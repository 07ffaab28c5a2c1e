"""Numbers and letters of questions that were not read off a picture, or read wrongly, told from those around them."""

from collections.abc import Iterator, Sequence
from dataclasses import replace

from velum.finding.labels import Label, item_of
from velum.finding.printed import UNREAD, Printed, Token
from velum.finding.rect import Rect

_IN_COLUMN = 4.0
"""Points by which labels that stand below each other are out of line, at the left or at the right."""

_WIDE = 2.4
"""How wide a label is at most, in its heights."""


def mended(printed: Printed, labels: Sequence[Label]) -> list[Label]:
    """The labels, with those between two that are known: what stands between "1." and "3." is "2.".

    A letter has lost its stop, "b" between "a." and "c."; a number may have been taken for anything: "4" before "2.".
    """
    found = {label.rect: label for label in labels}
    sure = [label for label in labels if label.is_closed and not label.inline]
    starts = [(row.tokens[place], item_of(row, place)) for row in printed.rows for place in row.starts]
    doubtful = [(token, item) for token, item in starts if _is_doubtful(token, found)]
    for label in _between_numbers(sure, doubtful):
        old = found.get(label.rect)
        found[label.rect] = replace(old, text=label.text, is_closed=True) if old else label
    for label in _between_letters(sure, [each for each in doubtful if each[0].rect not in found]):
        found[label.rect] = label
    return [found[token.rect] for row in printed.rows for token in row.tokens if token.rect in found]


def _is_doubtful(token: Token, found: dict[Rect, Label]) -> bool:
    known = found.get(token.rect)
    is_short = token.text == UNREAD or len(token.text.strip(".,:;)(")) <= 2
    return is_short and token.rect.width < _WIDE * token.rect.height and not (known and known.is_closed)


def _between_numbers(sure: Sequence[Label], doubtful: Sequence[tuple[Token, Rect]]) -> Iterator[Label]:
    numbers = [label for label in sure if label.depth == 0 and label.text.isdecimal()]
    for below in numbers:
        column = [label for label in numbers if _in_column(label.rect, below.rect) and label.rect.y < below.rect.y - 2]
        above = max(column, key=lambda label: label.rect.y, default=None)
        first = int(above.text) + 1 if above else 1
        top = above.rect.bottom if above else 0.0
        between = [
            (token.rect, item)
            for token, item in doubtful
            if _in_column(token.rect, below.rect) and top <= token.rect.middle[1] < below.rect.y
        ]
        if len(between) == int(below.text) - first:
            for number, (rect, item) in enumerate(between, first):
                yield Label(str(number), rect, 0, item)


def _between_letters(sure: Sequence[Label], doubtful: Sequence[tuple[Token, Rect]]) -> Iterator[Label]:
    letters = [label for label in sure if label.depth == 1]
    for token, item in doubtful:
        near = [label for label in letters if _is_near(label.rect, token.rect)]
        if len(token.text) == 1 and token.text.isalpha() and {-1, 1} <= {_after(token.text, label) for label in near}:
            yield Label(token.text, token.rect, 1, item)


def _after(letter: str, label: Label) -> int:
    return ord(label.text) - ord(letter)


def _in_column(one: Rect, other: Rect) -> bool:
    return min(abs(one.x - other.x), abs(one.right - other.right)) < _IN_COLUMN


def _is_near(one: Rect, other: Rect) -> bool:
    """Whether letters of the options of one question may stand so: in a row, or below each other."""
    return one.down(other) > 0 or (_in_column(one, other) and abs(one.y - other.y) < 5 * other.height)
