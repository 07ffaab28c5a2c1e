"""The pages of a worksheet: put in, moved, turned, shown anew, set aside and brought back.

A page that is set aside is no longer shown, and can be brought back for ever.
"""

from collections.abc import Collection, Sequence

from velum.document.grouping import without_field
from velum.document.worksheet import Page, Shown, Worksheet
from velum.errors import VelumError
from velum.geometry.turn import Turn, added
from velum.paper.look import Look, checked
from velum.paper.page_size import check_count, page_size


class PageRefused(VelumError):
    """Something that cannot be done to a page."""


def with_pages_aside(worksheet: Worksheet, pages: Sequence[Page]) -> Worksheet:
    """Put pages behind those set aside. Raises PaperRefused for more than a worksheet can take."""
    aside = (*worksheet.aside, *pages)
    check_count(len(aside))
    return worksheet.changed(aside=aside)


def with_pages(worksheet: Worksheet, pages: Sequence[Page]) -> Worksheet:
    """Put pages behind the worksheet's own. Raises PaperRefused for more than a worksheet can take."""
    all_pages = (*worksheet.pages, *pages)
    check_count(len(all_pages))
    return worksheet.changed(pages=all_pages)


def move_page(worksheet: Worksheet, page_id: str, to: int) -> Worksheet:
    """Move a page to a place among the others, counted from 0. Raises PageRefused."""
    page = find_page(worksheet.pages, page_id)
    others = [other for other in worksheet.pages if other != page]
    return worksheet.changed(pages=(*others[:to], page, *others[to:]))


def turn_page(worksheet: Worksheet, page_id: str, by: Turn) -> Worksheet:
    """Turn a page clockwise, and all that lies on it. Raises PageRefused."""
    page = find_page(worksheet.pages, page_id)
    sides = {"width": page.width, "height": page.height}
    if by in (90, 270):
        sides = {"width": page.height, "height": page.width}
    turned = page.changed(turn=added(page.turn, by), **sides)
    fields = tuple(
        field.turned(by, page.width, page.height) if field.page == page_id else field for field in worksheet.fields
    )
    fixtures = tuple(
        fixture.turned(by, page.width, page.height) if fixture.page == page_id else fixture
        for fixture in worksheet.fixtures
    )
    pages = tuple(turned if other == page else other for other in worksheet.pages)
    return worksheet.changed(pages=pages, fields=fields, fixtures=fixtures)


def insert_page(worksheet: Worksheet, page: Page, to: int) -> Worksheet:
    """Put in a page of a file that the worksheet has already, at a place counted from 0.

    Raises PageRefused, PaperRefused.
    """
    known = (*worksheet.pages, *worksheet.aside)
    if any(other.id == page.id for other in known):
        raise PageRefused("page.exists", "A page of this name is part of the worksheet already.")
    if not any(_same_paper(page, other) for other in known):
        raise PageRefused("page.of_no_file", "This page is not of a file that the worksheet has.")
    check_count(len(worksheet.pages) + 1)
    _check(page)
    return worksheet.changed(pages=(*worksheet.pages[:to], page, *worksheet.pages[to:]))


def show_page(worksheet: Worksheet, page_id: str, shown: Shown) -> Worksheet:
    """Show a page flattened or as it is, whitened or not; what lies on it stays where it is. Raises PageRefused."""
    page = find_page(worksheet.pages, page_id)
    sides = (shown.width, shown.height) if page.turn in (0, 180) else (shown.height, shown.width)
    update = {"corners": shown.corners, "whiten": shown.whiten, "width": sides[0], "height": sides[1]}
    changed = page.changed(**update)
    _check(changed)
    return worksheet.changed(pages=tuple(changed if other == page else other for other in worksheet.pages))


def looking(page: Page, look: Look) -> Page:
    """The page, shown otherwise."""
    update: dict[str, object] = {"turn": look.turn, "whiten": look.whiten, "corners": None}
    if look.flat:
        sides = (look.flat.width, look.flat.height)
        width, height = sides if look.turn in (0, 180) else sides[::-1]
        update |= {"corners": look.flat.corners, "width": width, "height": height}
    return page.changed(**update)


def set_page_aside(worksheet: Worksheet, page_id: str) -> Worksheet:
    """Take a page out and keep it aside. Raises PageRefused while fields lie on it, or for the last."""
    page = find_page(worksheet.pages, page_id)
    if len(worksheet.pages) == 1:
        raise PageRefused("page.last", "This is the only page; a worksheet has at least one.")
    if any(field.page == page_id for field in worksheet.fields):
        raise PageRefused("page.in_use", "Fields lie on this page. Remove them first.")
    pages = tuple(other for other in worksheet.pages if other != page)
    return worksheet.changed(pages=pages, aside=(*worksheet.aside, page))


def bring_page_back(worksheet: Worksheet, page_id: str, to: int) -> Worksheet:
    """Bring a page back from those set aside, to a place counted from 0. Raises PageRefused, PaperRefused."""
    page = find_page(worksheet.aside, page_id)
    check_count(len(worksheet.pages) + 1)
    aside = tuple(other for other in worksheet.aside if other != page)
    pages = (*worksheet.pages[:to], page, *worksheet.pages[to:])
    return worksheet.changed(pages=pages, aside=aside)


def forget_page(worksheet: Worksheet, page_id: str) -> Worksheet:
    """Forget a page set aside of which there is another copy, so that nothing is lost. Raises PageRefused."""
    page = find_page(worksheet.aside, page_id)
    others = [other for other in (*worksheet.pages, *worksheet.aside) if other != page]
    if any(fixture.page == page_id for fixture in worksheet.fixtures):
        raise PageRefused("page.in_use", "Something is laid on this page. It stays aside.")
    if not any(_same_paper(page, other) for other in others):
        raise PageRefused("page.only_copy", "There is no other copy of this page. It stays aside.")
    return worksheet.changed(aside=tuple(other for other in worksheet.aside if other != page))


def without_pages(worksheet: Worksheet, page_ids: Collection[str]) -> Worksheet:
    """The worksheet without these pages, shown or set aside, and without all that lies on them.

    Raises PageRefused when no page would be left.
    """
    pages = tuple(page for page in worksheet.pages if page.id not in page_ids)
    if not pages:
        raise PageRefused("page.last", "These are the only pages; a worksheet has at least one.")
    gone = {field.id for field in worksheet.fields if field.page in page_ids}
    groups = worksheet.groups
    for name in gone:
        groups = without_field(groups, name)
    return worksheet.changed(
        pages=pages,
        aside=tuple(page for page in worksheet.aside if page.id not in page_ids),
        fields=tuple(field for field in worksheet.fields if field.id not in gone),
        fixtures=tuple(fixture for fixture in worksheet.fixtures if fixture.page not in page_ids),
        keys={name: key for name, key in worksheet.keys.items() if name not in gone},
        groups=groups,
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
