"""The pages of a worksheet: put in, moved, turned, shown anew, set aside and brought back.

A page that is set aside is no longer shown, and can be brought back for ever.
"""

from collections.abc import Collection, Sequence

from velum.document.document import WORKSHEET, Document
from velum.document.group import without_field
from velum.document.page import Page, Shown
from velum.errors import VelumError
from velum.geometry.box import Box
from velum.geometry.turn import Turn, added
from velum.instructions import Instructions
from velum.paper.look import Look, checked
from velum.paper.page_size import check_count, page_size


class PageRefused(VelumError):
    """Something that cannot be done to a page."""


def with_pages_aside(document: Document, pages: Sequence[Page]) -> Document:
    """Put pages behind those set aside. Raises PaperRefused for more than a worksheet can take."""
    aside = (*document.aside, *pages)
    check_count(len(aside))
    return document.changed(aside=aside)


def with_pages(document: Document, pages: Sequence[Page]) -> Document:
    """Put pages behind the worksheet's own. Raises PaperRefused for more than a worksheet can take."""
    all_pages = (*document.pages, *pages)
    check_count(len(all_pages))
    return document.changed(pages=all_pages)


def move_page(document: Document, page_id: str, to: int) -> Document:
    """Move a page to a place among the others, counted from 0. Raises PageRefused."""
    page = find_page(document.pages, page_id)
    others = [other for other in document.pages if other != page]
    return document.changed(pages=(*others[:to], page, *others[to:]))


def refuse_found(document: Document, page_id: str, refused: tuple[Box, ...]) -> Document:
    """Set what of all that is found on a page is not wanted. Raises PageRefused."""
    page = find_page(document.pages, page_id)
    pages = tuple(other.changed(refused=refused) if other is page else other for other in document.pages)
    return document.changed(pages=pages)


def instruct(document: Document, page_id: str | None, instructions: Instructions) -> Document:
    """Say what a page asks for, or, without one, the worksheet itself. Raises PageRefused."""
    if page_id is not None:
        find_page((*document.pages, *document.aside), page_id)
    said = _without_instructions(document, {page_id or WORKSHEET})
    return document.changed(instructions=said | ({page_id or WORKSHEET: instructions} if instructions else {}))


def _without_instructions(document: Document, names: Collection[str]) -> dict[str, Instructions]:
    return {name: said for name, said in document.instructions.items() if name not in names}


def turn_page(document: Document, page_id: str, by: Turn) -> Document:
    """Turn a page clockwise, and all that lies on it. Raises PageRefused."""
    page = find_page(document.pages, page_id)
    sides = {"width": page.width, "height": page.height}
    if by in (90, 270):
        sides = {"width": page.height, "height": page.width}
    turned = page.changed(turn=added(page.turn, by), **sides)
    fields = tuple(field.turned(page_id, by, page.width, page.height) for field in document.fields)
    fixtures = tuple(fixture.turned(page_id, by, page.width, page.height) for fixture in document.fixtures)
    pages = tuple(turned if other == page else other for other in document.pages)
    return document.changed(pages=pages, fields=fields, fixtures=fixtures)


def insert_page(document: Document, page: Page, to: int) -> Document:
    """Put in a page of a file that the worksheet has already, at a place counted from 0.

    Raises PageRefused, PaperRefused.
    """
    known = (*document.pages, *document.aside)
    if any(other.id == page.id for other in known):
        raise PageRefused("page.exists", "A page of this name is part of the worksheet already.")
    if not any(_same_paper(page, other) for other in known):
        raise PageRefused("page.of_no_file", "This page is not of a file that the worksheet has.")
    check_count(len(document.pages) + 1)
    _check(page)
    return document.changed(pages=(*document.pages[:to], page, *document.pages[to:]))


def show_page(document: Document, page_id: str, shown: Shown) -> Document:
    """Show a page flattened or as it is, whitened or not; what lies on it stays where it is. Raises PageRefused."""
    page = find_page(document.pages, page_id)
    sides = (shown.width, shown.height) if page.turn in (0, 180) else (shown.height, shown.width)
    update = {"corners": shown.corners, "whiten": shown.whiten, "width": sides[0], "height": sides[1]}
    changed = page.changed(**update)
    _check(changed)
    return document.changed(pages=tuple(changed if other == page else other for other in document.pages))


def looking(page: Page, look: Look) -> Page:
    """The page, shown otherwise."""
    update: dict[str, object] = {"turn": look.turn, "whiten": look.whiten, "corners": None}
    if look.flat:
        sides = (look.flat.width, look.flat.height)
        width, height = sides if look.turn in (0, 180) else sides[::-1]
        update |= {"corners": look.flat.corners, "width": width, "height": height}
    return page.changed(**update)


def set_page_aside(document: Document, page_id: str) -> Document:
    """Take a page out and keep it aside. Raises PageRefused while fields lie on it, or for the last."""
    page = find_page(document.pages, page_id)
    if len(document.pages) == 1:
        raise PageRefused("page.last", "This is the only page; a worksheet has at least one.")
    if any(field.lies_on(page_id) for field in document.fields):
        raise PageRefused("page.in_use", "Fields lie on this page. Remove them first.")
    pages = tuple(other for other in document.pages if other != page)
    return document.changed(pages=pages, aside=(*document.aside, page))


def bring_page_back(document: Document, page_id: str, to: int) -> Document:
    """Bring a page back from those set aside, to a place counted from 0. Raises PageRefused, PaperRefused."""
    page = find_page(document.aside, page_id)
    check_count(len(document.pages) + 1)
    aside = tuple(other for other in document.aside if other != page)
    pages = (*document.pages[:to], page, *document.pages[to:])
    return document.changed(pages=pages, aside=aside)


def forget_page(document: Document, page_id: str) -> Document:
    """Forget a page set aside of which there is another copy, so that nothing is lost. Raises PageRefused."""
    page = find_page(document.aside, page_id)
    others = [other for other in (*document.pages, *document.aside) if other != page]
    if any(fixture.page == page_id for fixture in document.fixtures):
        raise PageRefused("page.in_use", "Something is laid on this page. It stays aside.")
    if not any(_same_paper(page, other) for other in others):
        raise PageRefused("page.only_copy", "There is no other copy of this page. It stays aside.")
    return document.changed(
        aside=tuple(other for other in document.aside if other != page),
        instructions=_without_instructions(document, {page_id}),
    )


def without_pages(document: Document, page_ids: Collection[str]) -> Document:
    """The worksheet without these pages, shown or set aside, and without all that lies on them.

    Raises PageRefused when no page would be left.
    """
    pages = tuple(page for page in document.pages if page.id not in page_ids)
    if not pages:
        raise PageRefused("page.last", "These are the only pages; a worksheet has at least one.")
    gone = {field.id for field in document.fields if any(place.page in page_ids for place in field.places)}
    groups = document.groups
    for name in gone:
        groups = without_field(groups, name)
    return document.changed(
        pages=pages,
        aside=tuple(page for page in document.aside if page.id not in page_ids),
        fields=tuple(field for field in document.fields if field.id not in gone),
        fixtures=tuple(fixture for fixture in document.fixtures if fixture.page not in page_ids),
        keys={name: key for name, key in document.keys.items() if name not in gone},
        groups=groups,
        instructions=_without_instructions(document, page_ids),
    )


def _same_paper(page: Page, other: Page) -> bool:
    return (other.source, other.number) == (page.source, page.number)


def _check(page: Page) -> None:
    page_size(page.width, page.height, page.number)
    if page.look.flat:
        checked(page.look.flat)


def find_page(pages: tuple[Page, ...], page_id: str) -> Page:
    """The page of that name. Raises PageRefused."""
    for page in pages:
        if page.id == page_id:
            return page
    raise PageRefused("page.gone", "This page is no longer where it was.")
