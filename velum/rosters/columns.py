"""From the cells of a table to a roster: which column holds what."""

import re
from collections.abc import Mapping, Sequence
from enum import StrEnum

from pydantic import ValidationError

from velum.outside_text import one_line
from velum.rosters.roster import (
    LONGEST_NAME,
    MOST_STUDENTS,
    NO_NAME,
    Doubt,
    LeftOut,
    Roster,
    Student,
    too_long,
)
from velum.sentence import Sentence

Cells = Sequence[str]

_HEADINGS_WITHIN = 10
"""Rows among which the one with the headings is looked for: a title may stand above it."""


class Column(StrEnum):
    """What a column holds: a part of a student, or ``name``, the whole name."""

    GIVEN = "given"
    FAMILY = "family"
    NAME = "name"
    NUMBER = "number"
    EMAIL = "email"
    SOURCE = "source"


# As spreadsheets of schools head their columns: all that matters of a heading are its letters.
_HEADINGS: Mapping[Column, str] = {
    Column.GIVEN: "given name, givenname, given, first name, firstname, first, forename, forenames, vorname, prénom,"
    " nombre, nome, voornaam, fornavn, förnamn, etunimi, imię, jméno, ad, имя, όνομα, 名",
    Column.FAMILY: "family name, familyname, family, last name, lastname, last, surname, nachname, familienname, nom,"
    " nom de famille, apellido, apellidos, cognome, sobrenome, achternaam, etternavn, efternamn, sukunimi, nazwisko,"
    " příjmení, soyad, фамилия, επώνυμο, 姓",
    Column.NAME: "name, full name, fullname, student, student name, pupil, pupil name, schüler, schülerin, élève,"
    " alumno, alumna, leerling, elev, 氏名, 姓名",
    Column.NUMBER: "number, no, nr, student number, student no, student id, studentid, id, identifier,"
    " admission number, roll number, matrikelnummer, schülernummer, numéro, número, numero, leerlingnummer, 学号",
    Column.EMAIL: "email, e-mail, mail, email address, e-mail address, student email, e-mail-adresse, courriel,"
    " correo, correo electrónico, posta elettronica",
    Column.SOURCE: "sourcedid",
}
_COLUMN_OF = {heading.strip(): column for column, words in _HEADINGS.items() for heading in words.split(",")}

_EMAIL = re.compile(r"[^\s@<>]+@[^\s@<>]+\.[^\s@<>]+")
_NUMBER = re.compile(r"[A-Za-z]{0,3}[-/]?\d[\d./-]*")
_FORMULA = re.compile(r"[=+@]|-(?=\w+\()")

_TWICE = Sentence("roster.twice", "Two in this list have this name. They are taken for two students.")
_SAME_NUMBER = Sentence("roster.same_number", "Somebody above has the same number or e-mail address.")
_FORMULA_SEEN = Sentence("roster.formula", "This looks like a formula, not like a name.")
_TOO_LONG = Sentence("roster.long_name", "This is too long for a name: {most} letters fit.", {"most": LONGEST_NAME})


def read_columns(rows: Sequence[Cells], *, family_first: bool = False, title: str = "") -> Roster:
    """The students of a table. Raises RosterRefused for one that is too long or holds nobody.

    Headings are known in several languages; without any, what a column holds is told from its cells, and of two names
    the first is the given one unless ``family_first``.
    """
    cleaned = [[one_line(cell[:1_000]) for cell in row] for row in rows]
    first, columns = _headings(cleaned)
    students: list[Student] = []
    left_out: list[LeftOut] = []
    for number, cells in enumerate(cleaned[first:], start=first + 1):
        if not any(cells):
            continue
        parts = _by_headings(cells, columns) if columns else _by_looks(cells, family_first)
        try:
            students.append(Student.model_validate(parts))
        except ValidationError as error:
            why = _TOO_LONG if any("too_long" in fault["type"] for fault in error.errors()) else NO_NAME
            left_out.append(LeftOut(number, " ".join(filter(None, cells))[:100], why))
        if len(students) > MOST_STUDENTS:
            raise too_long()
    return Roster(tuple(students), tuple(left_out), tuple(doubts_of(students)), title)


def doubts_of(students: Sequence[Student]) -> list[Doubt]:
    """What a teacher should look at, in the order of students."""
    names: dict[str, int] = {}
    ids: set[str] = set()
    doubts = []
    for place, student in enumerate(students):
        name = student.name.casefold()
        own = {f"{kind}:{value}".casefold() for kind, value in _ids_of(student) if value}
        if _FORMULA.match(student.given) or _FORMULA.match(student.family):
            doubts.append(Doubt(student=place, why=_FORMULA_SEEN))
        elif own & ids:
            doubts.append(Doubt(student=place, why=_SAME_NUMBER))
        elif name in names:
            doubts.append(Doubt(student=place, why=_TWICE))
        names[name] = place
        ids |= own
    return doubts


def _ids_of(student: Student) -> tuple[tuple[str, str], ...]:
    return ("number", student.number), ("email", student.email), ("source", student.source)


def _headings(rows: Sequence[Cells]) -> tuple[int, Mapping[int, Column]]:
    """In which row students begin, and what the columns hold; nothing where there are no headings."""
    for place, cells in enumerate(rows[:_HEADINGS_WITHIN]):
        found: dict[int, Column] = {}
        for column, cell in enumerate(cells):
            known = _COLUMN_OF.get(cell.casefold().strip(" :.*"))
            if known and known not in found.values():
                found[column] = known
        filled = sum(1 for cell in cells if cell)
        names = {Column.GIVEN, Column.FAMILY, Column.NAME} & set(found.values())
        # One heading among many cells may be somebody who is called so.
        if names and len(found) * 2 >= min(filled, 4):
            return place + 1, found
    return 0, {}


def _by_headings(cells: Cells, columns: Mapping[int, Column]) -> dict[str, str]:
    parts = {held.value: cells[column] for column, held in columns.items() if column < len(cells)}
    whole = parts.pop(Column.NAME.value, "")
    if whole and not (parts.get("given") and parts.get("family")):
        parts = {**split_name(whole), **{name: value for name, value in parts.items() if value}}
    return parts


def _by_looks(cells: Cells, family_first: bool) -> dict[str, str]:
    """What the cells of one row hold, by what they look like."""
    parts: dict[str, str] = {}
    names: list[str] = []
    for cell in filter(None, cells):
        if _EMAIL.fullmatch(cell):
            parts.setdefault("email", cell)
        elif _NUMBER.fullmatch(cell):
            parts.setdefault("number", cell)
        elif len(names) < 2:
            names.append(cell)
    if len(names) == 2:
        given, family = reversed(names) if family_first else names
        return parts | {"given": given, "family": family}
    return parts | split_name(names[0] if names else "")


def split_name(whole: str) -> dict[str, str]:
    """A whole name in its two parts: at a comma ("Family, Given"), else before its last word.

    >>> split_name("Lindqvist, Ama Sofia") == split_name("Ama Sofia Lindqvist")
    True
    >>> split_name("Ama Sofia Lindqvist"), split_name("Bao")
    ({'given': 'Ama Sofia', 'family': 'Lindqvist'}, {'given': 'Bao', 'family': ''})
    """
    family, comma, given = whole.partition(",")
    if comma:
        return {"given": given.strip(), "family": family.strip()}
    given, _, family = whole.rpartition(" ")
    return {"given": given, "family": family} if given else {"given": family, "family": ""}
