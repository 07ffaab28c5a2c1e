"""Rosters from OneRoster 1.2 CSV (1EdTech, Rostering Service, CSV Binding): users.csv, classes.csv, enrollments.csv.

A row that says ``tobedeleted`` is not there any more, and nor is a user who is not enabled. Files of changes alone (a
"delta") do not say who is in a class, so they are refused.
"""

import csv
import io
import zipfile
from collections import defaultdict
from collections.abc import Iterator, Mapping

from pydantic import ValidationError

from velum.rosters.columns import doubts_of
from velum.rosters.roster import (
    MOST_STUDENTS,
    NO_NAME,
    LeftOut,
    Roster,
    RosterRefused,
    Student,
    damaged,
    nobody,
    too_large,
    too_long,
)
from velum.rosters.spreadsheet import check_unpacked, decoded

FILES = ("users.csv", "classes.csv", "enrollments.csv")
_MANIFEST = "manifest.csv"

Row = Mapping[str, str]


def is_packed_oneroster(data: bytes) -> bool:
    """Whether a file is a zip of such files."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as packed:
            return FILES[0] in {_base(name) for name in packed.namelist()}
    except (zipfile.BadZipFile, NotImplementedError, ValueError, OSError):
        return False


def read_packed(data: bytes) -> tuple[Roster, ...]:
    """The rosters of a zip. Raises RosterRefused."""
    check_unpacked(data)
    with zipfile.ZipFile(io.BytesIO(data)) as packed:
        wanted = [name for name in packed.namelist() if _base(name) in (*FILES, _MANIFEST)]
        return read_folder({name: packed.read(name) for name in wanted})


def read_folder(files: Mapping[str, bytes]) -> tuple[Roster, ...]:
    """The rosters of a folder, given by the names of its files: one a class. Raises RosterRefused."""
    texts = {_base(name): decoded(data) for name, data in files.items()}
    missing = [name for name in FILES if name not in texts]
    if missing:
        raise RosterRefused(
            "roster.file_missing",
            "{name} is missing: a OneRoster folder has it. Nothing was taken.",
            {"name": missing[0]},
        )
    if any(
        row.get("value") == "delta" for row in _rows(texts.get(_MANIFEST, "")) if "file." in row.get("propertyName", "")
    ):
        raise RosterRefused(
            "roster.delta", "These files hold changes alone. Export all of the roster (bulk). Nothing was taken."
        )
    users = {row["sourcedId"]: row for row in _rows(texts["users.csv"]) if _is_there(row) and _is_enabled(row)}
    enrolled: defaultdict[str, dict[str, None]] = defaultdict(dict)
    for row in _rows(texts["enrollments.csv"]):
        if _is_there(row) and row.get("role", "student").casefold() == "student":
            enrolled[row.get("classSourcedId", "")][row.get("userSourcedId", "")] = None
    if sum(map(len, enrolled.values())) > 20 * MOST_STUDENTS:
        raise too_large()
    found = [
        _roster(row, [users[user] for user in enrolled[row["sourcedId"]] if user in users])
        for row in _rows(texts["classes.csv"])
        if _is_there(row)
    ]
    rosters = tuple(roster for roster in found if roster.students)
    if not rosters:
        raise nobody()
    return rosters


def _roster(of: Row, users: list[Row]) -> Roster:
    students: list[Student] = []
    left_out: list[LeftOut] = []
    for place, user in enumerate(users, start=1):
        try:
            students.append(
                Student(
                    given=_given(user),
                    family=user.get("familyName", "").strip(),
                    number=user.get("identifier", "").strip(),
                    email=user.get("email", "").strip(),
                    source=user["sourcedId"].strip(),
                )
            )
        except ValidationError:
            left_out.append(LeftOut(place, user.get("username", "")[:100], NO_NAME))
    if len(students) > MOST_STUDENTS:
        raise too_long()
    title = of.get("title", "").strip()[:60]
    return Roster(tuple(students), tuple(left_out), tuple(doubts_of(students)), title, of["sourcedId"].strip()[:100])


def _given(user: Row) -> str:
    """The name somebody is called by (1.2 has one column for it), else the given one."""
    return (user.get("preferredFirstName") or user.get("givenName") or "").strip()


def _is_there(row: Row) -> bool:
    return bool(row.get("sourcedId")) and row.get("status", "").casefold() != "tobedeleted"


def _is_enabled(row: Row) -> bool:
    return row.get("enabledUser", "true").casefold() != "false"


def _rows(text: str) -> Iterator[Row]:
    try:
        for row in csv.DictReader(io.StringIO(text), restval=""):
            yield {name: value for name, value in row.items() if name is not None}
    except csv.Error as problem:
        raise damaged() from problem


def _base(name: str) -> str:
    return name.replace("\\", "/").rpartition("/")[2].casefold()
