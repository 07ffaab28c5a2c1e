"""Words printed in a bank, from which the blanks below or above are filled."""

import re
from collections.abc import Iterator, Sequence

from velum.finding.labels import is_label
from velum.finding.printed import Printed, Row, Token
from velum.finding.rect import Rect, around
from velum.finding.ruling import Ruling
from velum.geometry.box import Box
from velum.model import Model

_FEWEST, _MOST = 3, 60
"""Words, or pairs of them, that make a bank."""

_LONGEST = 3
"""Words of one entry."""

_HIGHEST = 8
"""Rows of a bank."""

_SEPARATED = re.compile(r"^[,;|/•·–—*✱◆■□]+$|[,;]$")
"""What stands between entries, or at the end of one."""

_SIGNS = "•·|/*–—◆■□✱,;"

_ENTRY = re.compile(r"^[^\W_]")

_INTRODUCED = re.compile(
    r"\b(?:word bank|words?|wörter|wortkasten|wortspeicher|mots|banque|palabras|parole|woorden|ord|palavras)\s*:?$",
    re.IGNORECASE,
)
"""How a bank is called, at the end of the words before it."""


class WordBank(Model):
    """The entries of a bank, as printed, and where each stands; ``box`` is around all."""

    box: Box
    words: tuple[str, ...]
    places: tuple[Box, ...]


def word_banks(printed: Printed, ruling: Ruling, blanks: Sequence[Rect], cells: Sequence[Rect]) -> list[WordBank]:
    """The banks of a page, down the page: those for which there are blanks that their words can go into.

    ``cells`` are blanks of tables: a row of words above those alone is the heading of the table.
    """
    found: list[WordBank] = []
    for rows, in_box in _candidates(printed, ruling):
        entries = [entry for row in rows for entry in _entries(row)]
        bank = _bank(entries, rows, in_box, [*blanks, *cells] if in_box else blanks)
        if bank and not any(_overlap(bank.box, other.box) for other in found):
            found.append(bank)
    return sorted(found, key=lambda bank: (bank.box.y, bank.box.x))


def _candidates(printed: Printed, ruling: Ruling) -> Iterator[tuple[list[Row], bool]]:
    """Rows that may be a bank: those in a box, those that are called one, and those with nothing else."""
    for room in sorted(ruling.rooms, key=lambda room: room.rect.width * room.rect.height):
        inside = [Row(tuple(token for token in row.tokens if room.rect.holds(token.rect))) for row in printed.rows]
        rows = [row for row in inside if row.tokens]
        if 0 < len(rows) <= _HIGHEST:
            yield _without_heading(rows), True
    for place, row in enumerate(printed.rows):
        called = _behind_its_name(row)
        if called:
            yield [called], True
        elif _INTRODUCED.search(row.text) and place + 1 < len(printed.rows):
            yield [printed.rows[place + 1]], True
        yield [row], False


def _without_heading(rows: list[Row]) -> list[Row]:
    """Without the row that says what the box is."""
    called = _behind_its_name(rows[0])
    if called:
        return [called, *rows[1:]]
    return rows[1:] if len(rows) > 1 and _INTRODUCED.search(rows[0].text) else rows


def _behind_its_name(row: Row) -> Row | None:
    """What stands behind "Word bank:" in its row."""
    for place in range(1, min(4, len(row.tokens) - 2)):
        before = " ".join(token.text for token in row.tokens[:place])
        if before.endswith(":") and _INTRODUCED.search(before):
            return Row(row.tokens[place:])
    return None


def _entries(row: Row) -> list[list[Token]]:
    """The entries of a row: what signs or wide gaps part."""
    height = max(token.rect.height for token in row.tokens)
    entries: list[list[Token]] = [[]]
    for place, token in enumerate(row.tokens):
        gap = token.rect.x - row.tokens[place - 1].rect.right if place else 0.0
        if gap > 0.9 * height:
            entries.append([])
        if token.text.strip(_SIGNS):
            entries[-1].append(token)
        if _SEPARATED.search(token.text):
            entries.append([])
    return [entry for entry in entries if entry]


def _bank(entries: list[list[Token]], rows: list[Row], in_box: bool, blanks: Sequence[Rect]) -> WordBank | None:
    if not (_FEWEST if in_box else _FEWEST + 1) <= len(entries) <= _MOST:
        return None
    if not all(map(_is_entry, entries)):
        return None
    whole = around(row.rect for row in rows)
    if any(blank.touches(whole) for blank in blanks):
        return None
    outside = [blank for blank in blanks if blank.y > whole.bottom - 4 or blank.bottom < whole.y + 4]
    # A bank may hold words too many, and words that are used twice.
    if len(outside) < max(_FEWEST, len(entries) // 2):
        return None
    words = tuple(" ".join(token.text for token in entry).strip(_SIGNS + " ") for entry in entries)
    if all(word.isdecimal() for word in words):
        return None
    places = tuple(around(token.rect for token in entry).box for entry in entries)
    return WordBank(box=whole.box, words=words, places=places)


def _is_entry(tokens: list[Token]) -> bool:
    """Whether words may be one entry, and no sentence, question or number of one."""
    if len(tokens) > _LONGEST or not _ENTRY.match(tokens[0].text) or is_label(tokens[0].text):
        return False
    return not any(token.text.endswith((".", "?", "!", ":", "=")) or "__" in token.text for token in tokens)


def _overlap(one: Box, other: Box) -> bool:
    return (
        one.x < other.x + other.width and other.x < one.x + one.width and one.y < other.bottom and other.y < one.bottom
    )
