"""A new version of a paper put under a worksheet."""

import uuid

from server.accounts.models import User
from server.drawing import pool
from server.worksheets import sources
from server.worksheets.flows.find import find_document, find_page
from velum.document.replacing import Replacement, places_on, replacement


def plan(owner: User, worksheet_id: uuid.UUID, page_id: str, with_id: str) -> Replacement:
    """What becomes of a page's fields when it shows what a page set aside shows. Raises Missing and PaperRefused."""
    document = find_document(owner, worksheet_id)
    page, other = find_page(document.pages, page_id), find_page(document.aside, with_id)
    places = [place.box for _, place in places_on(document, page_id)]
    papers = [(sources.path_of(each.source), each.number, each.look) for each in (page, other)]
    return replacement(document, page_id, with_id, pool.compare_prints(papers[0], papers[1], places))
