"""Fixtures of a worksheet: laid, changed, put in another layer, taken off."""

from velum.document.document import Document
from velum.document.pages import find_page
from velum.errors import VelumError
from velum.fixtures import Fixture

MOST_FIXTURES = 2_000


class FixtureRefused(VelumError):
    """Something that cannot be done to a fixture."""


def lay_fixture(document: Document, fixture: Fixture, layer: int | None) -> Document:
    """Lay a fixture in a layer counted from 0, or above all others. Raises FixtureRefused and PageRefused."""
    if any(other.id == fixture.id for other in (*document.fixtures, *document.fields)):
        raise FixtureRefused("fixture.exists", "Something of this name is part of the worksheet already.")
    if len(document.fixtures) == MOST_FIXTURES:
        raise FixtureRefused.counted(
            "fixture.too_many",
            "A worksheet holds at most {count} thing laid on pages.",
            "A worksheet holds at most {count} things laid on pages.",
            MOST_FIXTURES,
        )
    _check_page(document, fixture)
    return _inserted(document, document.fixtures, fixture, layer)


def change_fixture(document: Document, fixture: Fixture) -> Document:
    """Change the fixture of the same name; it stays in its layer. Raises FixtureRefused and PageRefused."""
    before = find_fixture(document, fixture.id)
    if before.kind != fixture.kind:
        raise FixtureRefused("fixture.kind_changed", "What is laid on a page cannot become another kind of thing.")
    _check_page(document, fixture)
    fixtures = tuple(fixture if other is before else other for other in document.fixtures)
    return document.changed(fixtures=fixtures)


def layer_fixture(document: Document, fixture_id: str, layer: int) -> Document:
    """Move a fixture to another layer, counted from 0. Raises FixtureRefused."""
    fixture = find_fixture(document, fixture_id)
    return _inserted(document, _without(document, fixture), fixture, layer)


def remove_fixture(document: Document, fixture_id: str) -> Document:
    """Take a fixture off. Raises FixtureRefused."""
    fixture = find_fixture(document, fixture_id)
    return document.changed(fixtures=_without(document, fixture))


def find_fixture(document: Document, fixture_id: str) -> Fixture:
    """The fixture of that name. Raises FixtureRefused."""
    for fixture in document.fixtures:
        if fixture.id == fixture_id:
            return fixture
    raise FixtureRefused("fixture.gone", "This is no longer on its page.")


def _inserted(document: Document, others: tuple[Fixture, ...], fixture: Fixture, layer: int | None) -> Document:
    at = len(others) if layer is None else layer
    return document.changed(fixtures=(*others[:at], fixture, *others[at:]))


def _without(document: Document, fixture: Fixture) -> tuple[Fixture, ...]:
    return tuple(other for other in document.fixtures if other is not fixture)


def _check_page(document: Document, fixture: Fixture) -> None:
    find_page((*document.pages, *document.aside), fixture.page)
