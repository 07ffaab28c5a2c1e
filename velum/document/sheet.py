"""What a student is given of a worksheet: everything but the key."""

from velum.document.document import WORKSHEET, Document, Instructed, Title, points_of
from velum.document.numbering import numbers_of
from velum.document.page import Page
from velum.fixtures import Fixture
from velum.fixtures.covers import hidden_below
from velum.instructions import Instructions, said
from velum.kinds import Prompt, kind_of
from velum.kinds.kind import FieldBase, PartPrompt
from velum.kinds.part import Part, PartRef
from velum.model import Model


class Sheet(Model):
    """What a student is given of a worksheet: everything but the key."""

    title: Title
    pages: tuple[Page, ...]
    fixtures: tuple[Fixture, ...]
    prompts: tuple[Prompt, ...]
    instructions: dict[Instructed, Instructions] = {}
    """Those of the worksheet itself, which have no name, and of its pages, by their ids."""


def seen_fixtures(document: Document, page_id: str) -> list[Fixture]:
    """What is laid on a page and can be seen, the lowest first: a text under a filled box is no student's business."""
    laid = [fixture for fixture in document.fixtures if fixture.page == page_id]
    hidden = hidden_below(laid)
    return [fixture for fixture in laid if fixture.id not in hidden]


def sheet_of(document: Document) -> Sheet:
    """The worksheet as a student may see it."""
    numbers, points = numbers_of(document.fields), points_of(document.fields, document.groups)

    def shown(field: FieldBase, part: Part) -> PartPrompt:
        ref = PartRef(field.id, part.id)
        return PartPrompt(id=part.id, number=numbers[ref], points=float(points[ref]), name=part.name, place=part.place)

    instructed = [WORKSHEET, *(page.id for page in document.pages)]
    return Sheet(
        title=document.title,
        pages=document.pages,
        fixtures=tuple(fixture for page in document.pages for fixture in seen_fixtures(document, page.id)),
        prompts=tuple(
            kind_of(field).prompt(field, [shown(field, part) for part in field.parts], document.style)
            for field in document.fields
        ),
        instructions={name: found for name in instructed if (found := said(document.instructions.get(name, ())))},
    )
