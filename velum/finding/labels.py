"""The numbers that are printed beside questions: "1.", "2)", "A 3", "b)", "(ii)"."""

import re
from collections.abc import Sequence
from dataclasses import dataclass

from velum.finding.printed import Printed, Row, Token
from velum.finding.rect import Rect

_NUMBER = re.compile(r"^[(\[.)]?(?:Q(?:uestion)?\.?\s*)?([A-Z]?\d{1,3})([a-z])?\s?[.):\]]*$")
_LETTER = re.compile(r"^[(\[]?([a-z]|[A-Z])[.):\]]+$")
_ROMAN = re.compile(r"^[(\[]?(i{1,3}|iv|vi{0,3}|ix|x)[.):\]]+$")
_IN_BRACKETS = re.compile(r"^[(\[](\d{1,3})[)\]]$")
_CLOSED = re.compile(r"[.):\]]$")

_SECTION = re.compile(r"^(?:section|part|teil|abschnitt|exercise|partie|parte|sección|sezione|seção)$", re.IGNORECASE)
"""Words that sections are called by."""

_NAME = re.compile(r"^([A-Z]|\d{1,2}|[IVX]{1,4})[.:)]?$")


@dataclass(frozen=True, slots=True)
class Label:
    """A number or a letter before a question. ``depth``: 0 for a number, 1 for a letter, 2 for a Roman one."""

    text: str
    rect: Rect
    depth: int
    item: Rect
    """The label and the words behind it, in its row."""
    is_closed: bool = True
    """Whether a stop or a bracket ends it."""
    inline: bool = False
    """Whether it stands within a sentence, before a blank of its own: "the keeper (3) ____"."""


def labels_of(printed: Printed, cells: Sequence[Rect] = ()) -> list[Label]:
    """The labels of a page, in the order of rows. In cells of tables, what has no stop is no label, but a number."""
    found: list[Label] = []
    for row in printed.rows:
        starts = row.starts
        if len(row.tokens) > 1 and 1 not in starts and _stands_behind_a_label(row, 1):
            starts.insert(1, 1)
        found += [label for place in starts if (label := _label(row, place))]
        found += [
            Label(number[1], token.rect, 0, token.rect, inline=True)
            for place, token in enumerate(row.tokens)
            if place not in starts and (number := _IN_BRACKETS.match(token.text))
        ]
    found = [*found, *_bare(printed, found)]
    return [label for label in found if label.is_closed or not any(cell.holds(label.rect) for cell in cells)]


def section_of(label: Label, labels: Sequence[Label], printed: Printed) -> str:
    """The letter or number of the section that a numbered question stands in; empty: of none."""
    above = [
        (other.rect, other.text)
        for other in labels
        if other.depth == 1 and other.text.isupper() and other.rect.x <= label.rect.x + 4
    ]
    for row in printed.rows:
        if len(row.tokens) > 1 and _SECTION.match(row.tokens[0].text) and (name := _NAME.match(row.tokens[1].text)):
            above.append((row.rect, name[1]))
    return max(((rect.y, text) for rect, text in above if rect.bottom <= label.rect.y + 2), default=(0, ""))[1]


def _bare(printed: Printed, known: list[Label]) -> list[Label]:
    """Numbers without a stop that begin their rows below each other, and count on: 1, 2, 3."""
    rows = [row for row in printed.rows if len(row.tokens) > 1 and row.tokens[0].text.isdecimal()]
    rows = [row for row in rows if not row.tokens[1].text[0].isdecimal()]  # sums, and rows of a table
    rows = [row for row in rows if not any(row.tokens[0].rect == label.rect for label in known)]
    found = []
    for row in rows:
        number = row.tokens[0]
        others = {
            int(other.tokens[0].text)
            for other in rows
            if other is not row and abs(other.tokens[0].rect.x - number.rect.x) < 4
        }
        if others & {int(number.text) - 1, int(number.text) + 1}:
            found.append(Label(number.text, number.rect, 0, row.rect, is_closed=False))
    return found


def is_label(text: str) -> bool:
    """Whether a word is a number or a letter as they stand before questions."""
    return bool((_NUMBER.match(text) and _CLOSED.search(text)) or _LETTER.match(text) or _ROMAN.match(text))


def _stands_behind_a_label(row: Row, place: int) -> bool:
    """Whether the word before is a label itself: "3. a) …"."""
    before = row.tokens[place - 1].text
    return bool(_NUMBER.match(before) and _CLOSED.search(before))


def _begins(number: Token, word: Token) -> bool:
    """Whether a number without a stop stands before what it numbers, and is not a part of it."""
    return word.rect.x - number.rect.right > 4 and any(letter.isalpha() or letter == "_" for letter in word.text[:2])


def item_of(row: Row, place: int) -> Rect:
    """A word of a row that begins something, with what belongs to it behind it."""
    token = row.tokens[place]
    item = token.rect
    for other in row.tokens[place + 1 :]:
        if other.rect.x - item.right > 3 * token.rect.height:
            break
        item = Rect(item.x, min(item.y, other.rect.y), other.rect.right, max(item.bottom, other.rect.bottom))
    return item


def _label(row: Row, place: int) -> Label | None:
    token = row.tokens[place]
    rest = row.tokens[place + 1 :]
    item = item_of(row, place)
    if _IN_BRACKETS.match(token.text) and item == token.rect and place > 0:
        return None  # points, at the end of a line
    if number := _NUMBER.match(token.text):
        # A bare number is a label only at the very beginning, with words or a blank behind it.
        if not _CLOSED.search(token.text) and not (place == 0 and rest and _begins(token, rest[0])):
            return None
        return Label(number[1] + (number[2] or ""), token.rect, 0, item, bool(_CLOSED.search(token.text)))
    if roman := _ROMAN.match(token.text):
        return Label(roman[1], token.rect, 2, item)
    if letter := _LETTER.match(token.text):
        return Label(letter[1], token.rect, 1, item)
    return None
