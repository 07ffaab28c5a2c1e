"""Fixtures of a worksheet: laid, changed, put in another layer, taken off."""

from velum.document.pages import find_page
from velum.document.worksheet import Worksheet
from velum.errors import VelumError
from velum.fixtures import Fixture
from velum.fixtures.picture import Picture
from velum.kinds import kind_of

MOST_FIXTURES = 2_000


class FixtureRefused(VelumError):
    """Something that cannot be done to a fixture."""


def lay_fixture(worksheet: Worksheet, fixture: Fixture, layer: int | None) -> Worksheet:
    """Lay a fixture in a layer counted from 0, or above all others. Raises FixtureRefused and PageRefused."""
    if any(other.id == fixture.id for other in (*worksheet.fixtures, *worksheet.fields)):
        raise FixtureRefused("fixture.exists", "Something of this name is part of the worksheet already.")
    if len(worksheet.fixtures) == MOST_FIXTURES:
        raise FixtureRefused("fixture.too_many", f"A worksheet holds at most {MOST_FIXTURES} things laid on pages.")
    _check_page(worksheet, fixture)
    return _inserted(worksheet, worksheet.fixtures, fixture, layer)


def change_fixture(worksheet: Worksheet, fixture: Fixture) -> Worksheet:
    """Change the fixture of the same name; it stays in its layer. Raises FixtureRefused and PageRefused."""
    before = find_fixture(worksheet, fixture.id)
    if before.kind != fixture.kind:
        raise FixtureRefused("fixture.kind_changed", "What is laid on a page cannot become another kind of thing.")
    _check_page(worksheet, fixture)
    fixtures = tuple(fixture if other is before else other for other in worksheet.fixtures)
    return worksheet.changed(fixtures=fixtures)


def layer_fixture(worksheet: Worksheet, fixture_id: str, layer: int) -> Worksheet:
    """Move a fixture to another layer, counted from 0. Raises FixtureRefused."""
    fixture = find_fixture(worksheet, fixture_id)
    return _inserted(worksheet, _without(worksheet, fixture), fixture, layer)


def remove_fixture(worksheet: Worksheet, fixture_id: str) -> Worksheet:
    """Take a fixture off. Raises FixtureRefused."""
    fixture = find_fixture(worksheet, fixture_id)
    return worksheet.changed(fixtures=_without(worksheet, fixture))


def find_fixture(worksheet: Worksheet, fixture_id: str) -> Fixture:
    """The fixture of that name. Raises FixtureRefused."""
    for fixture in worksheet.fixtures:
        if fixture.id == fixture_id:
            return fixture
    raise FixtureRefused("fixture.gone", "This is no longer on its page.")


def pictures_on(worksheet: Worksheet) -> set[str]:
    """The pictures that are laid on pages and shown with fields, each by its SHA-256."""
    laid = {fixture.picture for fixture in worksheet.fixtures if isinstance(fixture, Picture)}
    return laid.union(*(kind_of(field).pictures(field) for field in worksheet.fields))


def _inserted(worksheet: Worksheet, others: tuple[Fixture, ...], fixture: Fixture, layer: int | None) -> Worksheet:
    at = len(others) if layer is None else layer
    return worksheet.changed(fixtures=(*others[:at], fixture, *others[at:]))


def _without(worksheet: Worksheet, fixture: Fixture) -> tuple[Fixture, ...]:
    return tuple(other for other in worksheet.fixtures if other is not fixture)


def _check_page(worksheet: Worksheet, fixture: Fixture) -> None:
    find_page((*worksheet.pages, *worksheet.aside), fixture.page)
