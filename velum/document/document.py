"""A worksheet: pages, the fixtures laid on them, the fields on their film, and the answer key."""

from collections.abc import Iterable
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import StringConstraints

from velum.answers.settings import PLAIN, AnswerSettings
from velum.document.group import Group
from velum.document.page import Page
from velum.document.skills import Skills
from velum.fixtures import Fixture
from velum.geometry.reading_order import in_reading_order
from velum.instructions import Instructions
from velum.kinds import Field, Key
from velum.kinds.help import Help, HelpRef
from velum.kinds.kind import FieldBase
from velum.kinds.part import PartRef
from velum.kinds.style import USUAL, Style
from velum.model import Id, Model, NoNul
from velum.points import exact

VERSION: Literal[9] = 9
"""The version of the documents that are written; older ones are read (reading.py)."""

Title = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=200), NoNul]


WORKSHEET = ""
"""What the instructions of the worksheet itself are found by."""

Instructed = Annotated[str, StringConstraints(pattern=r"^([a-z0-9]{4,32})?$")]
"""What instructions are about: the worksheet itself, or a page by its id."""


class Document(Model):
    """The document that is kept. Fields stand in reading order, page by page; ``keys`` names each key by its field.

    Fixtures stand in layers, the lowest first. They stay on a page that is set aside.
    """

    version: Literal[9] = VERSION
    title: Title
    pages: tuple[Page, ...]
    aside: tuple[Page, ...] = ()
    """Pages that are not shown, and can be brought back."""
    fixtures: tuple[Fixture, ...] = ()
    fields: tuple[Field, ...] = ()
    keys: dict[Id, Key] = {}
    groups: tuple[Group, ...] = ()
    settings: AnswerSettings = PLAIN
    style: Style = USUAL
    """How fields look that have no style of their own."""
    instructions: dict[Instructed, Instructions] = {}
    """By the ids of pages; those of the worksheet itself have no name."""
    skills: Skills = ()

    def field(self, field_id: str) -> Field | None:
        """The field of that name, if there is one."""
        return next((field for field in self.fields if field.id == field_id), None)


def points_of(fields: Iterable[FieldBase], groups: Iterable[Group]) -> dict[PartRef, Fraction]:
    """What each part is worth, exact. Parts that are worth nothing collect opinions."""
    parts = {field.id: {PartRef(field.id, part.id): exact(part.points) for part in field.parts} for field in fields}
    points = {ref: worth for of_field in parts.values() for ref, worth in of_field.items()}
    for group in groups:
        if group.points is not None:
            together = [ref for name in group.fields for ref in parts.get(name, ())]
            points.update(dict.fromkeys(together, Fraction(group.points) / max(1, len(together))))
    return points


def helps_of(document: Document) -> dict[HelpRef, Help]:
    """All help of a worksheet, field by field."""
    return {HelpRef(field.id, help.id): help for field in document.fields for help in field.help}


def read_through(document: Document) -> Document:
    """The same worksheet with its fields in reading order, each by its first place. What covers a page comes last."""
    fields = [field for page in document.pages for field in _read(page, document.fields)]
    return document.changed(fields=tuple(fields))


def _read(page: Page, fields: Iterable[Field]) -> list[Field]:
    here = [field for field in fields if field.places[0].page == page.id]
    covering = [field for field in here if page.is_covered_by(field.places[0].box)]
    beside = [field for field in here if field not in covering]
    return [*in_reading_order(beside, lambda field: field.places[0].box), *covering]
