"""A key as teachers have it already: a numbered text, a list, two columns of a spreadsheet, or a run of letters.

What is pasted is matched to the fields by their numbers, or else to one field after the other; nothing is set here.
"""

import re
from bisect import bisect_left
from collections.abc import Sequence

from velum.document.document import Document, points_of
from velum.document.numbering import numbers_of
from velum.errors import VelumError
from velum.kinds import Field, Key, kind_of
from velum.kinds.part import PartId, PartRef
from velum.model import Id, Model

LONGEST = 20_000
"""Letters that are looked at."""

_MOST_NUMBERS = 2_000
_RUN = re.compile(r"[A-Za-z](?:[\s,;]+[A-Za-z])*|[A-Z]{2,}")
_ONE_LINE = re.compile(r";|, ")


class PasteRefused(VelumError):
    """A text in which nothing can be looked for."""


class Match(Model):
    """A field, the text that was found for it, and the key that it makes; None: the text fits no answer there."""

    field_id: Id
    part: PartId
    number: str
    text: str
    key: Key | None
    """The whole key of the field, with what was found for its parts before this one."""


class Pasted(Model):
    """What was found for which field, in the order of the fields, and what is left over."""

    matches: list[Match]
    left_over: list[str]


def match_key(document: Document, text: str, start: str | None = None) -> Pasted:
    """Find the fields that a pasted key is for. ``start`` is the field where a key without numbers begins.

    Raises PasteRefused.
    """
    if len(text) > LONGEST:
        raise PasteRefused.counted(
            "paste.too_long",
            "This is too long for a key: {count} letter can be looked at.",
            "This is too long for a key: {count} letters can be looked at.",
            LONGEST,
        )
    text = text.replace("\0", "").replace("\r\n", "\n").replace("\r", "\n").strip("\n")
    points, numbers = points_of(document.fields, document.groups), numbers_of(document.fields)
    asked = [
        (field, part.id)
        for field in document.fields
        for part in field.parts
        if points[PartRef(field.id, part.id)] and kind_of(field).keyed
    ]
    labels = [numbers[PartRef(field.id, part)] for field, part in asked]
    found, left_over = _numbered(text, labels)
    if not found:
        places = range(_place([field for field, _ in asked], start), len(asked))
        if _RUN.fullmatch(text.strip()) and (picked := [place for place in places if kind_of(asked[place][0]).picks]):
            places_for, parts = picked, re.findall("[A-Za-z]", text)
        else:
            places_for, parts = list(places), _list(text)
        found = {place: part for place, part in zip(places_for, parts, strict=False) if part}
        left_over = [part for part in parts[len(places_for) :] if part]
    matches = []
    keys: dict[str, Key] = dict(document.keys)
    for place in sorted(found):
        (field, part), text = asked[place], found[place]
        key = kind_of(field).key_from_text(field, part, text, keys.get(field.id))
        if key is not None:
            keys[field.id] = key
        matches.append(Match(field_id=field.id, part=part, number=labels[place], text=text, key=key))
    return Pasted(matches=matches, left_over=left_over)


def _place(fields: Sequence[Field], start: str | None) -> int:
    return next((place for place, field in enumerate(fields) if field.id == start), 0)


def _numbered(text: str, labels: Sequence[str]) -> tuple[dict[int, str], list[str]]:
    """What stands behind each field's number, by the field's place; and what stands before the first number.

    Of all that may be numbers, the longest row that goes up is taken: a number within an answer does not fit into it.
    """
    lines = text.split("\n")
    if any("\t" in line for line in lines):
        return _columns(lines, labels)
    candidates = sorted(
        (found.start(), -found.end(), place)
        for place, label in enumerate(labels)
        for found in _as_written(label, labels[place - 1] if place else "").finditer(text)
    )[:_MOST_NUMBERS]
    row = _longest_row([place for _, _, place in candidates])
    if not row or (len(row) == 1 and len(labels) > 1 and candidates[row[0]][0] > 0):
        return {}, []
    chosen = [candidates[index] for index in row]
    ends = [start for start, _, _ in chosen[1:]] + [len(text)]
    answers = {
        place: text[-after:end].strip().rstrip(";,").strip()
        for (_, after, place), end in zip(chosen, ends, strict=True)
    }
    before = text[: chosen[0][0]].strip()
    return {place: answer for place, answer in answers.items() if answer}, [before] if before else []


def _as_written(label: str, before: str) -> re.Pattern[str]:
    """A number as it may stand before an answer; of a sub-part, its letter may stand alone after the one before."""
    parts = re.findall(r"\d+|[^\W\d_]+", label) or [re.escape(label)]
    whole = r"\s?[.(]?\s?".join(map(re.escape, parts))
    first = re.match(r"\d+", label)
    if first and len(parts) == 2 and before.startswith(first[0]) and before != first[0]:
        whole = rf"(?:{whole}|{re.escape(parts[1])}(?=\s?\)))"
    sign = r"(?:\)?\s?[.:=–-](?!\d)|\)\s?[.:]?)"
    return re.compile(
        rf"(?:(?<=\n)|(?<=^)|(?<=[\s;,]))(?:[Qq](?:uestion)? ?)?\(?(?:{whole}{sign}\s*|(?<![^\n]){whole}(?=\s)\s+)"
    )


def _longest_row(places: Sequence[int]) -> list[int]:
    """The indices of a longest row of places that goes up strictly (patience sorting, Schensted 1961)."""
    ends: list[int] = []
    last: list[int] = []
    before: list[int | None] = []
    for index, place in enumerate(places):
        at = bisect_left(ends, place)
        before.append(last[at - 1] if at else None)
        ends[at:], last[at:] = [place, *ends[at + 1 :]], [index, *last[at + 1 :]]
    row: list[int] = []
    step = last[-1] if last else None
    while step is not None:
        row.append(step)
        step = before[step]
    return row[::-1]


def _columns(lines: Sequence[str], labels: Sequence[str]) -> tuple[dict[int, str], list[str]]:
    """Columns of a spreadsheet: a number in one, the answer in the next that holds something."""
    by_label = {_plain(label): place for place, label in reversed(list(enumerate(labels)))}
    found: dict[int, str] = {}
    left_over: list[str] = []
    for line in lines:
        cells = [cell.strip() for cell in line.split("\t")]
        at = next((at for at, cell in enumerate(cells) if _plain(cell) in by_label), None)
        answer = next((cell for cell in cells[at + 1 :] if cell), "") if at is not None else ""
        if at is not None and answer:
            found.setdefault(by_label[_plain(cells[at])], answer)
        elif any(cells):
            left_over.append(" ".join(cell for cell in cells if cell))
    return found, left_over if found else []


def _plain(label: str) -> str:
    return "".join(letter for letter in label.casefold() if letter.isalnum()).removeprefix("question").removeprefix("q")


def _list(text: str) -> list[str]:
    """One answer a line, or in one line with commas or semicolons between. An empty line leaves a field out."""
    lines = [line.split("\t")[0].strip() for line in text.strip().split("\n")]
    written = [line for line in lines if line]
    if len(written) == 1:
        return [part.strip() for part in _ONE_LINE.split(written[0])]
    # Empty lines between all answers only give them room.
    return written if len(lines) - len(written) >= len(written) - 1 else lines
