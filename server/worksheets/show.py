"""What teachers are shown of worksheets."""

import uuid
from datetime import datetime
from typing import Literal

from django.urls import reverse
from ninja import Schema

from server.accounts.models import User
from server.entrance.errors import ErrorOut
from server.words.say import say
from server.worksheets import documents, pictures, surveys
from server.worksheets.flows.bring_in import BroughtIn
from server.worksheets.models import Worksheet
from server.worksheets.waiting import pages_waiting
from velum.document.document import Document
from velum.document.edits import Edit
from velum.document.found_places import Proposed, name_places, offered, proposals_for, still_free
from velum.document.look_over import Doubt, Finding
from velum.document.page import Page
from velum.document.reading import DocumentUnreadable
from velum.finding.guides import Guides
from velum.finding.read import Reading
from velum.finding.word_banks import WordBank
from velum.fixtures.words import words_of
from velum.geometry.box import Box
from velum.model import Id
from velum.paper.look import AS_IT_IS
from velum.paper.proposal import Proposal


class DeskSheet(Schema):
    """A worksheet as it lies on the desk.

    ``keyed`` counts the fields that have a right answer; ``thumb`` is the address of its first page's picture.
    """

    id: uuid.UUID
    title: str
    pages: int
    thumb: str
    fields: int
    keyed: int
    unreadable: bool
    """Whether this release cannot read it. It is kept, and can be downloaded."""
    waiting: list[int]
    """The pages, from 1, on which places were found that are neither taken nor refused yet."""
    handouts: int
    newest_handout: uuid.UUID | None
    changed_at: datetime


class WorksheetOut(Schema):
    id: uuid.UUID
    revision: int
    document: Document


class BroughtInOut(WorksheetOut):
    """``left_out`` says what of the file could not be brought in."""

    left_out: list[str]


class StaleOut(ErrorOut):
    """The worksheet as somebody else left it, and the edits that came too late, as this release reads them."""

    worksheet: WorksheetOut
    edits: list[Edit]


class PagePicture(Schema):
    """Whether a page can be shown, and what was found out about it."""

    page: str
    look: str
    """How the page is shown; a picture's address bears it."""
    state: Literal["ready", "waiting", "failed"]
    surveyed: bool
    """Whether all has been found out that is to be found out."""
    dots: float | None
    """Pixels an inch, of a page that is a picture."""
    proposal: Proposal | None
    """What would make the page better; only for one that is shown as it is in its file."""


def worksheet_out(worksheet: Worksheet) -> WorksheetOut:
    return WorksheetOut(id=worksheet.pk, revision=worksheet.revision, document=documents.read(worksheet))


def brought_in_out(brought: BroughtIn) -> BroughtInOut:
    out = worksheet_out(brought.worksheet)
    return BroughtInOut(
        id=out.id, revision=out.revision, document=out.document, left_out=[say(each) for each in brought.left_out]
    )


def _thumb(worksheet: Worksheet) -> str:
    address = reverse("page_picture", args=[worksheet.pk, worksheet.cover_page, pictures.THUMB])
    return f"{address}?look={worksheet.cover_look}"


def desk_of(teacher: User, words: str = "") -> list[DeskSheet]:
    """What lies on a teacher's desk, what was touched last first; only what holds all of these words.

    What is shown stands in columns: a document that cannot be read is shown as that, and all others as ever.
    """
    worksheets = teacher.worksheets.prefetch_related("handouts")
    if not words.split():
        worksheets = worksheets.defer("document")
    shown = [worksheet for worksheet in worksheets if _holds(worksheet, words)]
    waiting = pages_waiting(shown)
    return [_on_desk(worksheet, waiting.get(worksheet.pk, [])) for worksheet in shown]


def _on_desk(worksheet: Worksheet, waiting: list[int]) -> DeskSheet:
    handouts = [handout for handout in worksheet.handouts.all() if not handout.trial]
    return DeskSheet(
        id=worksheet.pk,
        title=worksheet.title,
        pages=worksheet.page_count,
        thumb=_thumb(worksheet),
        fields=worksheet.field_count,
        keyed=worksheet.keyed_count,
        unreadable=worksheet.unreadable,
        waiting=waiting,
        handouts=len(handouts),
        newest_handout=handouts[0].pk if handouts else None,
        changed_at=worksheet.changed_at,
    )


def _holds(worksheet: Worksheet, words: str) -> bool:
    wanted = words.casefold().split()
    if not wanted:
        return True
    written = [worksheet.title]
    try:
        document = documents.read(worksheet)
        written += [surveys.text_of(page) for page in document.pages]
        written += [words_of(fixture) for fixture in document.fixtures]
    except DocumentUnreadable:
        pass  # it is found by its title
    printed = " ".join(written).casefold()
    return all(word in printed for word in wanted)


def page_picture_out(page: Page) -> PagePicture:
    survey = surveys.survey_of(page)
    proposal = survey.proposal if survey else None
    return PagePicture(
        page=page.id,
        look=str(page.look),
        state=pictures.state_of(page).value,
        surveyed=surveys.is_done(page),
        dots=survey.dots if survey else None,
        proposal=proposal if proposal and proposal.needed and page.look == AS_IT_IS else None,
    )


class FoundOut(Schema):
    """The fields that are proposed for a page; None: where students answer on it is not known yet."""

    page: Id
    proposals: list[Proposed] | None
    names: list[Box] = []
    """Where the page asks for the student's name."""
    banks: list[WordBank] = []
    """Words that are printed in a bank, from which blanks are filled."""


def found_out(document: Document) -> list[FoundOut]:
    """What is found on each page of a worksheet."""
    readings = {page.id: surveys.reading_of(page) for page in document.pages}
    places = {name: offered(reading.places) for name, reading in readings.items() if reading}
    told = []
    for page in document.pages:
        if page.id not in places:
            told.append(FoundOut(page=page.id, proposals=None))
            continue
        elsewhere = {place.number for name, others in places.items() if name != page.id for place in others}
        reading = readings[page.id] or Reading()
        told.append(
            FoundOut(
                page=page.id,
                proposals=still_free(page, proposals_for(page, reading, elsewhere), document.fields),
                names=name_places(page, reading.places),
                banks=list(reading.banks),
            )
        )
    return told


class GuidesOut(Schema):
    """What is printed on a page, to bring fields in line with; None: it is not known yet."""

    guides: Guides | None


def guides_out(page: Page) -> GuidesOut:
    reading = surveys.reading_of(page)
    return GuidesOut(guides=reading.guides if reading else None)


class FindingOut(Schema):
    """Something to look at, and the fields that it is about; ``words`` says more than the code where there is more."""

    doubt: Doubt
    fields: tuple[Id, ...]
    words: str


def finding_out(found: Finding) -> FindingOut:
    return FindingOut(doubt=found.doubt, fields=found.fields, words=say(found.words) if found.words else "")
