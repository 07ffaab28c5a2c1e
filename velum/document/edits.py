"""Edits: the only way a worksheet changes.

A list of edits is applied whole or not at all.
"""

from collections.abc import Sequence
from typing import Annotated, Literal, TypeAlias, assert_never

from pydantic import Discriminator, ValidationError
from pydantic import Field as Limits

from velum.answers.settings import AnswerSettings
from velum.document.document import Document, Title, read_through
from velum.document.group import Group, check_groups, without_field
from velum.document.laying import change_fixture, lay_fixture, layer_fixture, remove_fixture
from velum.document.page import MOST_REFUSED, Page, Shown
from velum.document.pages import (
    bring_page_back,
    forget_page,
    insert_page,
    instruct,
    move_page,
    refuse_found,
    set_page_aside,
    show_page,
    turn_page,
)
from velum.document.replacing import swap_paper
from velum.document.skills import Skills
from velum.errors import VelumError
from velum.fixtures import Fixture
from velum.geometry.box import Box
from velum.instructions import Instructions
from velum.kinds import Field, Key
from velum.kinds.style import Style
from velum.model import Id, Model

MOST_FIELDS = 2_000
Position = Annotated[int, Limits(ge=0, le=100_000)]


class EditRefused(VelumError):
    """An edit that does not fit the worksheet it was made on."""


class EditFailed(EditRefused):
    """An edit that the core failed on: a fault of the core, to be told to the operator."""


class PlaceField(Model):
    """Lay a new field on the film."""

    op: Literal["place"] = "place"
    field: Field


class ChangeField(Model):
    """Give the field of the same name another place or other settings."""

    op: Literal["change"] = "change"
    field: Field


class RemoveField(Model):
    """Take a field off the film, and its key with it."""

    op: Literal["remove"] = "remove"
    field_id: Id


class SetKey(Model):
    """Set the right answer of a field, or take it away (None)."""

    op: Literal["set_key"] = "set_key"
    field_id: Id
    key: Key | None


class Rename(Model):
    op: Literal["rename"] = "rename"
    title: Title


class SetSettings(Model):
    """Settle how answers are read."""

    op: Literal["set_settings"] = "set_settings"
    settings: AnswerSettings


class SetStyle(Model):
    """Settle how fields look that have no style of their own."""

    op: Literal["set_style"] = "set_style"
    style: Style


class SetInstructions(Model):
    """Say what a page asks for, or, without one, the worksheet itself; what was said before no longer holds."""

    op: Literal["set_instructions"] = "set_instructions"
    page_id: Id | None = None
    instructions: Instructions


class SetSkills(Model):
    """Settle what is practised on the worksheet."""

    op: Literal["set_skills"] = "set_skills"
    skills: Skills


class SetGroups(Model):
    """Say which fields are marked together; what was said before no longer holds."""

    op: Literal["set_groups"] = "set_groups"
    groups: Annotated[tuple[Group, ...], Limits(max_length=MOST_FIELDS)]


class SwapPaper(Model):
    """Exchange what a page shows with what a page set aside shows, such as a newer printing of it."""

    op: Literal["swap_paper"] = "swap_paper"
    page_id: Id
    with_id: Id


class MovePage(Model):
    """Move a page to a place among the others, counted from 0."""

    op: Literal["move_page"] = "move_page"
    page_id: Id
    to: Position


class TurnPage(Model):
    """Turn a page clockwise, with all that lies on it."""

    op: Literal["turn_page"] = "turn_page"
    page_id: Id
    by: Literal[90, 180, 270]


class RefuseFound(Model):
    """Say what of all that is found on a page is not wanted: places on the page of its file."""

    op: Literal["refuse_found"] = "refuse_found"
    page_id: Id
    refused: Annotated[tuple[Box, ...], Limits(max_length=MOST_REFUSED)]


class InsertPage(Model):
    """Put in a page of a file that the worksheet has already: a double, or a region cut out."""

    op: Literal["insert_page"] = "insert_page"
    page: Page
    to: Position


class ShowPage(Model):
    """Show a page flattened or as it is, whitened or not."""

    op: Literal["show_page"] = "show_page"
    page_id: Id
    shown: Shown


class SetPageAside(Model):
    """Take a page on which nothing lies out of the worksheet, and keep it."""

    op: Literal["set_page_aside"] = "set_page_aside"
    page_id: Id


class BringPageBack(Model):
    """Bring a page back that was set aside."""

    op: Literal["bring_page_back"] = "bring_page_back"
    page_id: Id
    to: Position


class ForgetPage(Model):
    """Forget a page set aside, of which there is another copy."""

    op: Literal["forget_page"] = "forget_page"
    page_id: Id


class LayFixture(Model):
    """Lay a new fixture on a page, in a layer counted from 0, the lowest; None: above all others."""

    op: Literal["lay_fixture"] = "lay_fixture"
    fixture: Fixture
    layer: Position | None = None


class ChangeFixture(Model):
    """Give the fixture of the same name another place, look or content."""

    op: Literal["change_fixture"] = "change_fixture"
    fixture: Fixture


class LayerFixture(Model):
    """Move a fixture to another layer, counted from 0, the lowest."""

    op: Literal["layer_fixture"] = "layer_fixture"
    fixture_id: Id
    layer: Position


class RemoveFixture(Model):
    """Take a fixture off its page."""

    op: Literal["remove_fixture"] = "remove_fixture"
    fixture_id: Id


FieldEdit: TypeAlias = PlaceField | ChangeField | RemoveField | SetKey
PageEdit: TypeAlias = (
    SwapPaper | MovePage | TurnPage | RefuseFound | InsertPage | ShowPage | SetPageAside | BringPageBack | ForgetPage
)
FixtureEdit: TypeAlias = LayFixture | ChangeFixture | LayerFixture | RemoveFixture
SettledEdit: TypeAlias = SetSettings | SetGroups | SetStyle | SetInstructions | SetSkills
Edit = Annotated[FieldEdit | PageEdit | FixtureEdit | SettledEdit | Rename, Discriminator("op")]


def apply(document: Document, edits: Sequence[Edit]) -> Document:
    """The worksheet after the edits, its fields in reading order.

    Raises EditRefused, GroupRefused, FixtureRefused, PageRefused, LookRefused and PaperRefused, whose ``path`` says
    which edit it was, and EditFailed for what should not have happened. Every edit is tried, each after those before it
    that fit, so that all that do not are told at once: the first, and the ``others``.
    """
    film = _Film(document)
    refused = []
    for number, edit in enumerate(edits):
        try:
            film.edit(edit)
        except Exception as problem:
            refused.append(_about(number, problem))
    if refused:
        first, *others = refused
        first.others = tuple(others)
        raise first
    return read_through(film.document)


def _about(number: int, problem: Exception) -> VelumError:
    """What is told of an edit that was not made."""
    match problem:
        case VelumError():
            refused = problem
        case ValidationError():
            refused = EditRefused("edit.impossible", "This cannot be done to what lies here.")
            refused.__cause__ = problem
        case _:
            refused = EditFailed("edit.failed", "This change could not be made.")
            refused.__cause__ = problem
    refused.path = ("edits", number)
    return refused


class _Film:
    """A worksheet under edits: its fields and keys by name, for most edits change one of them."""

    def __init__(self, document: Document) -> None:
        self._rest = document
        self.fields = {field.id: field for field in document.fields}
        self._keys = dict(document.keys)

    @property
    def document(self) -> Document:
        return self._rest.changed(fields=tuple(self.fields.values()), keys=self._keys)

    def edit(self, edit: Edit) -> None:
        match edit:
            case Rename(title=title):
                self._rest = self._rest.changed(title=title)
            case SetSettings(settings=settings):
                self._rest = self._rest.changed(settings=settings)
            case SetStyle(style=style):
                self._rest = self._rest.changed(style=style)
            case SetInstructions(page_id=page_id, instructions=instructions):
                self._rest = instruct(self._rest, page_id, instructions)
            case SetSkills(skills=skills):
                self._rest = self._rest.changed(skills=skills)
            case SetGroups(groups=groups):
                check_groups(groups, self.fields)
                self._rest = self._rest.changed(groups=groups)
            case RemoveField(field_id=field_id):
                _known(self.fields, field_id)
                del self.fields[field_id]
                self._keys.pop(field_id, None)
                if any(field_id in group.fields for group in self._rest.groups):
                    self._rest = self._rest.changed(groups=without_field(self._rest.groups, field_id))
            case PlaceField() | ChangeField() | SetKey():
                _edit_field(self._rest, self.fields, self._keys, edit)
            case LayFixture() | ChangeFixture() | LayerFixture() | RemoveFixture():
                self._rest = _edit_fixture(self.document, edit)
            case _:
                self._rest = _edit_page(self.document, edit)
                self.fields = {field.id: field for field in self._rest.fields}


def _edit_fixture(document: Document, edit: FixtureEdit) -> Document:
    match edit:
        case LayFixture(fixture=fixture, layer=layer):
            return lay_fixture(document, fixture, layer)
        case ChangeFixture(fixture=fixture):
            return change_fixture(document, fixture)
        case LayerFixture(fixture_id=fixture_id, layer=layer):
            return layer_fixture(document, fixture_id, layer)
        case RemoveFixture(fixture_id=fixture_id):
            return remove_fixture(document, fixture_id)
        case _:
            assert_never(edit)


def _edit_page(document: Document, edit: PageEdit) -> Document:
    match edit:
        case SwapPaper(page_id=page_id, with_id=with_id):
            return swap_paper(document, page_id, with_id)
        case MovePage(page_id=page_id, to=to):
            return move_page(document, page_id, to)
        case TurnPage(page_id=page_id, by=by):
            return turn_page(document, page_id, by)
        case RefuseFound(page_id=page_id, refused=refused):
            return refuse_found(document, page_id, refused)
        case InsertPage(page=page, to=to):
            return insert_page(document, page, to)
        case ShowPage(page_id=page_id, shown=shown):
            return show_page(document, page_id, shown)
        case SetPageAside(page_id=page_id):
            return set_page_aside(document, page_id)
        case BringPageBack(page_id=page_id, to=to):
            return bring_page_back(document, page_id, to)
        case ForgetPage(page_id=page_id):
            return forget_page(document, page_id)
        case _:
            assert_never(edit)


def _edit_field(
    document: Document, fields: dict[str, Field], keys: dict[str, Key], edit: PlaceField | ChangeField | SetKey
) -> None:
    """Change ``fields`` and ``keys``, both by the field's name."""
    pages, fixtures = document.pages, document.fixtures
    match edit:
        case PlaceField(field=field):
            if field.id in fields or any(fixture.id == field.id for fixture in fixtures):
                raise EditRefused("edit.field_exists", "A field of this name already lies on the film.")
            if len(fields) >= MOST_FIELDS:
                raise EditRefused.counted(
                    "edit.too_many_fields",
                    "A worksheet holds at most {count} field.",
                    "A worksheet holds at most {count} fields.",
                    MOST_FIELDS,
                )
            _check_page(field, pages)
            fields[field.id] = field
        case ChangeField(field=field):
            if _known(fields, field.id).kind != field.kind:
                raise EditRefused("edit.kind_changed", "A field cannot become one of another kind.")
            _check_page(field, pages)
            fields[field.id] = field
        case SetKey(field_id=field_id, key=None):
            _known(fields, field_id)
            keys.pop(field_id, None)
        case SetKey(field_id=field_id, key=key):
            if key is None or _known(fields, field_id).kind != key.kind:
                raise EditRefused("edit.key_of_other_kind", "This answer does not fit the field's kind.")
            keys[field_id] = key
        case _:
            assert_never(edit)


def _known(fields: dict[str, Field], field_id: str) -> Field:
    if field_id not in fields:
        raise EditRefused("edit.field_gone", "This field no longer lies on the film.")
    return fields[field_id]


def _check_page(field: Field, pages: tuple[Page, ...]) -> None:
    if not {place.page for place in field.places} <= {page.id for page in pages}:
        raise EditRefused("edit.page_gone", "The page of this field is no longer part of the worksheet.")
