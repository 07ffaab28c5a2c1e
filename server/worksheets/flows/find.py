"""Finding a worksheet and what belongs to it, for the teacher who owns it."""

import uuid
from collections.abc import Iterable

from server import may
from server.accounts.models import User
from server.entrance.errors import Missing
from server.worksheets import documents
from server.worksheets.models import Worksheet
from velum.document.document import Document
from velum.document.page import Page
from velum.sentence import Sentence

_NO_WORKSHEET = Sentence("worksheet.missing", "There is no such worksheet on your desk.")


def find_worksheet(owner: User, worksheet_id: uuid.UUID) -> Worksheet:
    """A worksheet of this teacher's. Raises Missing, for another teacher's too."""
    return may.get(Worksheet.objects.filter(may.worksheet_of(owner)), worksheet_id, _NO_WORKSHEET)


def find_document(owner: User, worksheet_id: uuid.UUID) -> Document:
    """The document of a worksheet of this teacher's. Raises Missing and DocumentUnreadable."""
    return documents.read(find_worksheet(owner, worksheet_id))


def find_page(pages: Iterable[Page], page_id: str) -> Page:
    """The page of that name. Raises Missing."""
    for page in pages:
        if page.id == page_id:
            return page
    raise Missing("page.missing", "This worksheet has no such page.")
