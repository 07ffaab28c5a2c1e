"""Rosters from files: CSV (RFC 4180, and what spreadsheets call so), XLSX (ISO/IEC 29500) and ODS (ISO/IEC 26300)."""

import csv
import io
import zipfile
from collections.abc import Iterator
from datetime import date, datetime

from python_calamine import CalamineError, CalamineWorkbook

from velum.rosters.columns import read_columns
from velum.rosters.roster import Roster, RosterRefused, damaged, nobody, too_large

MOST_BYTES = 10_000_000
MOST_UNPACKED = 100_000_000
"""Bytes that the parts of a file may have when they are unpacked: a roster of 5,000 has a hundredth of it."""
MOST_CELLS = 200_000
MOST_SHEETS = 50

_SEPARATORS = ",;\t|"


def read_spreadsheet(data: bytes) -> tuple[Roster, ...]:
    """The rosters of a file, one a sheet that holds anybody. Raises RosterRefused."""
    if len(data) > MOST_BYTES:
        raise too_large()
    if data.startswith(b"PK"):
        check_unpacked(data)
        found = tuple(_sheets(data))
    elif data.startswith(b"\xd0\xcf\x11\xe0"):
        found = tuple(_sheets(data))
    else:
        found = (read_csv(data),)
    found = tuple(roster for roster in found if roster.students)
    if not found:
        raise nobody()
    return found


def read_csv(data: bytes, title: str = "") -> Roster:
    """The roster of a CSV file in UTF-8, UTF-16 or Windows-1252. Raises RosterRefused."""
    text = decoded(data)
    try:
        # The sign that parts most lines into equally many cells.
        tables = [list(csv.reader(io.StringIO(text), delimiter=sign)) for sign in _SEPARATORS]
    except csv.Error as problem:
        raise damaged() from problem
    rows = max(tables, key=_columns)
    if sum(map(len, rows)) > MOST_CELLS:
        raise too_large()
    spoken = _columns(rows) == 2 and all(cell.startswith(" ") for row in rows[:50] for cell in row[1:2])
    return read_columns(rows, family_first=spoken, title=title)


def decoded(data: bytes) -> str:
    """The text of a file. Raises RosterRefused for one that holds none."""
    for encoding in ("utf-16",) if data.startswith((b"\xff\xfe", b"\xfe\xff")) else ("utf-8-sig", "cp1252"):
        try:
            text = data.decode(encoding)
        except UnicodeDecodeError:
            continue
        if "\0" not in text:
            return text
    raise RosterRefused(
        "roster.not_read", "This is no file that a roster can be read from. Choose a CSV, XLSX or ODS file."
    )


def check_unpacked(data: bytes) -> None:
    """Refuse a packed file of which far too much comes out, before anything is made of it. Raises RosterRefused."""
    room = MOST_UNPACKED
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as packed:
            for part in packed.infolist():
                # What a part says of its size need not be so: it is counted while it comes out.
                with packed.open(part) as opened:
                    while chunk := opened.read(1_000_000):
                        room -= len(chunk)
                        if room < 0:
                            raise too_large()
    except RosterRefused:
        raise
    except Exception as problem:  # besides zipfile's own, zlib, lzma and bz2 each have theirs
        raise damaged() from problem


def _columns(rows: list[list[str]]) -> int:
    """How many cells most rows have, where more than one has them all."""
    counts = [len(row) for row in rows[:200] if any(cell.strip() for cell in row)]
    return max(set(counts), key=counts.count) if counts else 0


def _sheets(data: bytes) -> Iterator[Roster]:
    try:
        with CalamineWorkbook.from_filelike(io.BytesIO(data)) as book:
            for name in book.sheet_names[:MOST_SHEETS]:
                sheet = book.get_sheet_by_name(name)
                if sheet.total_height * sheet.total_width > MOST_CELLS:
                    raise too_large()
                rows = [[_written(cell) for cell in row] for row in sheet.to_python()]
                yield read_columns(rows, title=name)
    except (CalamineError, OSError, ValueError) as problem:
        raise damaged() from problem


def _written(cell: object) -> str:
    """A cell as it is read by people: a number of a student has no decimals."""
    match cell:
        case bool():
            return ""
        case float() if cell.is_integer():
            return str(int(cell))
        case datetime() | date():
            return ""
    return str(cell)
