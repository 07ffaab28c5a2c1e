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
_SECTION = re.compile(r"([A-Z]|\d+\.)(\d.*)", re.DOTALL)
"""A number with its section before it: "B3", "2.3"."""

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
    first = _place([field for field, _ in asked], start)
    behind, left_over = _numbered(text, labels[first:])
    found = {first + place: answer for place, answer in behind.items()}
    if not found:
        places = range(first, len(asked))
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
    written = [
        (found.start(), -found.end(), place)
        for place, label in enumerate(labels)
        for found in _as_written(label, labels[place - 1] if place else "").finditer(text)
    ]
    # Of those that begin at one place, a row that goes up can only have one.
    candidates = sorted(written, key=lambda each: (each[0], -each[2]))[:_MOST_NUMBERS]
    row = _longest_row([place for _, _, place in candidates])
    if not row or (len(row) == 1 and len(labels) > 1 and candidates[row[0]][0] > 0):
        return {}, []
    chosen = [candidates[index] for index in row]
    ends = [start for start, _, _ in chosen[1:]] + [len(text)]
    headings = [_heading(labels[place]) for _, _, place in chosen[1:]] + [""]
    answers = {
        place: _without_heading(text[-after:end], following).strip().rstrip(";,").strip()
        for (_, after, place), end, following in zip(chosen, ends, headings, strict=True)
    }
    before = _without_heading("\n" + text[: chosen[0][0]], _heading(labels[chosen[0][2]])).strip()
    return {place: answer for place, answer in answers.items() if answer}, [before] if before else []


def _heading(label: str) -> str:
    """The section that a number stands in; empty: in none."""
    section = _SECTION.match(label)
    return section[1].rstrip(".") if section else ""


def _without_heading(text: str, section: str) -> str:
    """What stands before a number, without the heading of its section: "Section B" on a line of its own."""
    heading = rf"\n[^\S\n]*(?:\w+[^\S\n]+)?{re.escape(section)}[^\S\n]*[.:)]?[^\S\n]*\n?\s*$"
    return re.sub(heading, "", text) if section else text


def _as_written(label: str, before: str) -> re.Pattern[str]:
    """A number as it may stand before an answer; of a sub-part, its letter may stand alone after the one before."""
    parts = re.findall(r"\d+|[^\W\d_]+", label) or [re.escape(label)]
    whole = r"[^\S\n]?[.(]?[^\S\n]?".join(map(re.escape, parts))
    first = re.match(r"\d+", label)
    if first and len(parts) == 2 and before.startswith(first[0]) and before != first[0]:
        whole = rf"(?:{whole}|{re.escape(parts[1])}(?=\s?\)))"
    if section := _SECTION.match(label):
        # A key may have the sections as headings, and the numbers alone below them.
        whole = rf"(?:{whole}|{re.escape(section[2])})"
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
