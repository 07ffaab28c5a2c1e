import io
import secrets
import uuid
from datetime import datetime
from typing import Annotated, Literal
from urllib.parse import unquote

from django.http import HttpRequest
from django.urls import reverse
from ninja import Header, Query, Router, Schema, Status
from pydantic import Field

from server.accounts.models import User
from server.config.errors import ErrorOut
from server.config.schemas import Incoming
from server.worksheets import pictures, sources, surveys
from server.worksheets.flows.bring_in import add_pages, add_ready_page, bring_in
from server.worksheets.flows.edit import Stale, edit
from server.worksheets.flows.find import find, find_page
from server.worksheets.flows.remove import remove
from server.worksheets.flows.replace import plan
from server.worksheets.models import Worksheet
from velum.document.cuts import cut_out
from velum.document.edits import Edit
from velum.document.reading import read_worksheet
from velum.document.replacing import Replacement
from velum.document.straightening import Straightened, straightened
from velum.document.worksheet import Page
from velum.document.worksheet import Worksheet as Document
from velum.fixtures.ready import Design
from velum.fixtures.words import words_of
from velum.geometry.box import Box, Length
from velum.geometry.projection import Corners
from velum.model import Id
from velum.paper.blank import Pattern, blank_page
from velum.paper.look import AS_IT_IS
from velum.paper.proposal import Proposal

router = Router()

A_FILE = {"requestBody": {"content": {"application/octet-stream": {"schema": {"type": "string", "format": "binary"}}}}}
Password = Annotated[str, Header(max_length=1000, alias="Velum-Password")]
"""The password that opens a locked PDF, percent-encoded; not in the address, which servers write down."""


class Teacher(HttpRequest):
    user: User


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
    handouts: int
    newest_handout: uuid.UUID | None
    changed_at: datetime


class WorksheetOut(Schema):
    id: uuid.UUID
    revision: int
    document: Document


class EditsIn(Incoming):
    """Edits made on ``revision``; ``batch`` tells a batch that is sent again."""

    revision: int
    batch: uuid.UUID
    edits: Annotated[list[Edit], Field(max_length=5_000)]


class BlankPageIn(Incoming):
    """Sides in points."""

    pattern: Pattern
    width: Length
    height: Length


class ReadyPageIn(Incoming):
    """Sides in points."""

    design: Design
    width: Length
    height: Length


class EditsOut(Schema):
    """``order`` names the fields in reading order, which numbers them."""

    revision: int
    order: list[str]


class StaleOut(ErrorOut):
    """The worksheet as somebody else left it."""

    worksheet: WorksheetOut


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


class CutsIn(Incoming):
    """Regions of the page as shown, in points."""

    boxes: Annotated[list[Box], Field(min_length=1, max_length=100)]


class ReplacementIn(Incoming):
    """The page set aside whose paper is to be shown."""

    with_id: Id


class StraightenIn(Incoming):
    """Corners of the sheet on the file's page, in points; None: the whole page."""

    corners: Corners | None
    whiten: bool


def _out(worksheet: Worksheet) -> WorksheetOut:
    return WorksheetOut(id=worksheet.pk, revision=worksheet.revision, document=read_worksheet(worksheet.document))


@router.get("/worksheets", response=list[DeskSheet], operation_id="list_worksheets")
def list_worksheets(request: Teacher, words: Annotated[str, Query(max_length=200)] = "") -> list[DeskSheet]:
    """The worksheets whose title or printed text holds all of these words."""
    return desk_of(request.user, words)


def _thumb(worksheet: Worksheet) -> str:
    first = worksheet.document["pages"][0]
    address = reverse("page_picture", args=[worksheet.pk, first["id"], pictures.THUMB])
    return f"{address}?look={Page.model_validate(first).look}"


def desk_of(teacher: User, words: str = "") -> list[DeskSheet]:
    """What lies on a teacher's desk, what was touched last first; only what holds all of these words."""
    sheets = []
    for worksheet in teacher.worksheets.prefetch_related("handouts"):
        document = worksheet.document
        if not _holds(worksheet, words):
            continue
        handouts = worksheet.handouts.all()
        sheets.append(
            DeskSheet(
                id=worksheet.pk,
                title=document["title"],
                pages=len(document["pages"]),
                thumb=_thumb(worksheet),
                fields=len(document["fields"]),
                keyed=len(document["keys"]),
                handouts=len(handouts),
                newest_handout=handouts[0].pk if handouts else None,
                changed_at=worksheet.changed_at,
            )
        )
    return sheets


def _holds(worksheet: Worksheet, words: str) -> bool:
    wanted = words.casefold().split()
    if not wanted:
        return True
    document = read_worksheet(worksheet.document)
    laid = (words_of(fixture) for fixture in document.fixtures)
    printed = " ".join([document.title, *(surveys.text_of(page) for page in document.pages), *laid]).casefold()
    return all(word in printed for word in wanted)


@router.post(
    "/worksheets",
    response={201: WorksheetOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="bring_in",
    openapi_extra=A_FILE,
)
def bring_in_worksheet(
    request: Teacher, name: Annotated[str, Query(max_length=1000)], password: Password = ""
) -> Status[WorksheetOut]:
    """Make a worksheet of the file that is the body of the request. ``name`` is the file's."""
    return Status(201, _out(bring_in(request.user, request, name, unquote(password))))


@router.post(
    "/worksheets/{uuid:worksheet_id}/pages",
    response={201: WorksheetOut, 404: ErrorOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="add_pages",
    openapi_extra=A_FILE,
)
def add_pages_of_file(
    request: Teacher, worksheet_id: uuid.UUID, aside: bool = False, password: Password = ""
) -> Status[WorksheetOut]:
    """Put the pages of the file that is the body of the request behind those of a worksheet, or those set aside."""
    return Status(201, _out(add_pages(request.user, worksheet_id, request, unquote(password), aside=aside)))


@router.post(
    "/worksheets/{uuid:worksheet_id}/blank-pages",
    response={201: WorksheetOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="add_blank_page",
)
def add_blank(request: Teacher, worksheet_id: uuid.UUID, body: BlankPageIn) -> Status[WorksheetOut]:
    """Put a blank page behind those of a worksheet."""
    page = blank_page(body.pattern, body.width, body.height)
    return Status(201, _out(add_pages(request.user, worksheet_id, io.BytesIO(page))))


@router.post(
    "/worksheets/{uuid:worksheet_id}/ready-pages",
    response={201: WorksheetOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="add_ready_page",
)
def add_ready(request: Teacher, worksheet_id: uuid.UUID, body: ReadyPageIn) -> Status[WorksheetOut]:
    """Put a ready page behind those of a worksheet."""
    return Status(201, _out(add_ready_page(request.user, worksheet_id, body.design, body.width, body.height)))


@router.get(
    "/worksheets/{uuid:worksheet_id}", response={200: WorksheetOut, 404: ErrorOut}, operation_id="get_worksheet"
)
def get_worksheet(request: Teacher, worksheet_id: uuid.UUID) -> WorksheetOut:
    return _out(find(request.user, worksheet_id))


@router.delete(
    "/worksheets/{uuid:worksheet_id}",
    response={204: None, 404: ErrorOut, 409: ErrorOut},
    operation_id="remove_worksheet",
)
def remove_worksheet(request: Teacher, worksheet_id: uuid.UUID) -> Status[None]:
    remove(request.user, worksheet_id)
    return Status(204, None)


@router.post(
    "/worksheets/{uuid:worksheet_id}/edits",
    response={200: EditsOut, 404: ErrorOut, 409: StaleOut, 422: ErrorOut},
    operation_id="edit_worksheet",
)
def edit_worksheet(request: Teacher, worksheet_id: uuid.UUID, body: EditsIn) -> Status[EditsOut] | Status[StaleOut]:
    try:
        worksheet = edit(request.user, worksheet_id, body.revision, body.batch, body.edits)
    except Stale as stale:
        newest = _out(find(request.user, worksheet_id))
        return Status(409, StaleOut(code=stale.code, message=stale.message, worksheet=newest))
    order = [field["id"] for field in worksheet.document["fields"]]
    return Status(200, EditsOut(revision=worksheet.revision, order=order))


@router.get(
    "/worksheets/{uuid:worksheet_id}/pictures",
    response={200: list[PagePicture], 404: ErrorOut},
    operation_id="list_pictures",
)
def list_pictures(request: Teacher, worksheet_id: uuid.UUID) -> list[PagePicture]:
    """How far the drawing of the pages is."""
    document = read_worksheet(find(request.user, worksheet_id).document)
    pages = (*document.pages, *document.aside)
    return [_page_picture(page) for page in pages]


def _page_picture(page: Page) -> PagePicture:
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


@router.post(
    "/worksheets/{uuid:worksheet_id}/pictures", response={202: None, 404: ErrorOut}, operation_id="draw_pictures"
)
def draw_pictures(request: Teacher, worksheet_id: uuid.UUID) -> Status[None]:
    """Draw the pages whose pictures are missing, for instance because the server was stopped while it drew."""
    pages = read_worksheet(find(request.user, worksheet_id).document).pages
    pictures.begin(pages)
    surveys.begin(pages)
    return Status(202, None)


@router.get("/worksheets/{uuid:worksheet_id}/texts", response={200: list[str], 404: ErrorOut}, operation_id="get_texts")
def get_texts(request: Teacher, worksheet_id: uuid.UUID) -> list[str]:
    """What is printed on each page."""
    document = read_worksheet(find(request.user, worksheet_id).document)
    return [surveys.text_of(page) for page in document.pages]


@router.post(
    "/worksheets/{uuid:worksheet_id}/pages/{str:page_id}/cuts",
    response={200: list[Page], 404: ErrorOut, 422: ErrorOut},
    operation_id="cut_out",
)
def cut_regions(request: Teacher, worksheet_id: uuid.UUID, page_id: str, body: CutsIn) -> list[Page]:
    """The pages that regions of a page would become; nothing is changed yet."""
    document = read_worksheet(find(request.user, worksheet_id).document)
    page = find_page(document.pages, page_id)
    return [cut_out(page, box, secrets.token_hex(5)) for box in body.boxes]


@router.post(
    "/worksheets/{uuid:worksheet_id}/pages/{str:page_id}/replacement",
    response={200: Replacement, 404: ErrorOut, 422: ErrorOut},
    operation_id="plan_replacement",
)
def plan_replacement(request: Teacher, worksheet_id: uuid.UUID, page_id: str, body: ReplacementIn) -> Replacement:
    """What becomes of a page's fields on the paper of a page set aside; nothing is changed yet."""
    return plan(request.user, worksheet_id, page_id, body.with_id)


@router.post(
    "/worksheets/{uuid:worksheet_id}/pages/{str:page_id}/straightened",
    response={200: Straightened, 404: ErrorOut, 422: ErrorOut},
    operation_id="straighten",
)
def straighten(request: Teacher, worksheet_id: uuid.UUID, page_id: str, body: StraightenIn) -> Straightened:
    """How a page would be shown between these corners, and where its fields would lie; nothing is changed yet."""
    document = read_worksheet(find(request.user, worksheet_id).document)
    page = find_page(document.pages, page_id)
    size = sources.size_of(page.source, page.number)
    return straightened(document, page, body.corners, body.whiten, size)
