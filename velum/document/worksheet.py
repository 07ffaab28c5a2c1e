"""A worksheet: pages, the fixtures laid on them, the fields on their film, and the answer key."""

from fractions import Fraction
from typing import Annotated, Literal

from pydantic import Field as Limits
from pydantic import StringConstraints

from velum.answers.number import DecimalSign
from velum.document.numbering import numbers_of
from velum.fixtures import Fixture
from velum.fixtures.covers import hidden_below
from velum.geometry.box import Length
from velum.geometry.projection import Corners
from velum.geometry.reading_order import in_reading_order
from velum.geometry.turn import Turn
from velum.kinds import Field, Key, Prompt, kind_of
from velum.marking.group import Group
from velum.model import Id, Model, NoNul, Sha256
from velum.paper.look import Flat, Look

VERSION: Literal[3] = 3
"""The version of the documents that are written; older ones are read (reading.py)."""

Title = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=200), NoNul]


class Shown(Model):
    """What part of a file's page is shown, and how, before it is turned; width and height in points."""

    width: Length
    height: Length
    whiten: bool = False
    corners: Corners | None = None


class Page(Model):
    """A page as shown: which page of which file it is (``number`` counts from 0), how it is shown, and the size in
    points that it then has.
    """

    id: Id
    source: Sha256
    number: Annotated[int, Limits(ge=0)]
    width: Length
    height: Length
    turn: Turn = 0
    whiten: bool = False
    """Whether shadows and grey paper are made white."""
    corners: Corners | None = None
    """Where the page's corners lie on the file's page, before it is turned; None: it is the whole page as it is."""

    @property
    def look(self) -> Look:
        """How the file's page is shown."""
        width, height = self.unturned
        flat = Flat(corners=self.corners, width=width, height=height) if self.corners else None
        return Look(turn=self.turn, whiten=self.whiten, flat=flat)

    @property
    def unturned(self) -> tuple[float, float]:
        """Width and height before the page is turned, in points."""
        return (self.width, self.height) if self.turn in (0, 180) else (self.height, self.width)


class Worksheet(Model):
    """The document that is kept. Fields stand in reading order, page by page; ``keys`` names each key by its field.

    Fixtures stand in layers, the lowest first. They stay on a page that is set aside.
    """

    version: Literal[3] = VERSION
    title: Title
    pages: tuple[Page, ...]
    aside: tuple[Page, ...] = ()
    """Pages that are not shown, and can be brought back."""
    fixtures: tuple[Fixture, ...] = ()
    fields: tuple[Field, ...] = ()
    keys: dict[Id, Key] = {}
    groups: tuple[Group, ...] = ()
    decimal: DecimalSign = "."
    """The sign before decimals, where a key does not say otherwise."""

    def field(self, field_id: str) -> Field | None:
        """The field of that name, if there is one."""
        return next((field for field in self.fields if field.id == field_id), None)


def points_of(worksheet: Worksheet) -> dict[str, Fraction]:
    """What each field is worth, exact, by its name. Fields that are worth nothing collect opinions."""
    points = {field.id: Fraction(field.points) for field in worksheet.fields}
    for group in worksheet.groups:
        if group.points is not None:
            points.update(dict.fromkeys(group.fields, Fraction(group.points) / len(group.fields)))
    return points


class Sheet(Model):
    """What a student is given of a worksheet: everything but the key."""

    title: Title
    pages: tuple[Page, ...]
    fixtures: tuple[Fixture, ...]
    prompts: tuple[Prompt, ...]


def seen_fixtures(worksheet: Worksheet, page_id: str) -> list[Fixture]:
    """What is laid on a page and can be seen, the lowest first: a text under a filled box is no student's business."""
    laid = [fixture for fixture in worksheet.fixtures if fixture.page == page_id]
    hidden = hidden_below(laid)
    return [fixture for fixture in laid if fixture.id not in hidden]


def sheet_of(worksheet: Worksheet) -> Sheet:
    """The worksheet as a student may see it."""
    numbers, points = numbers_of(worksheet.fields), points_of(worksheet)
    return Sheet(
        title=worksheet.title,
        pages=worksheet.pages,
        fixtures=tuple(fixture for page in worksheet.pages for fixture in seen_fixtures(worksheet, page.id)),
        prompts=tuple(
            kind_of(field).prompt(field).changed(number=numbers[field.id], marked=points[field.id] > 0)
            for field in worksheet.fields
        ),
    )


def read_through(worksheet: Worksheet) -> Worksheet:
    """The same worksheet with its fields in reading order."""
    fields = [
        field
        for page in worksheet.pages
        for field in in_reading_order(
            (field for field in worksheet.fields if field.page == page.id), lambda field: field.box
        )
    ]
    return worksheet.changed(fields=tuple(fields))
