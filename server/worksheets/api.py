import io
import secrets
import uuid
from datetime import datetime
from typing import Annotated, Any, Literal
from urllib.parse import unquote

from django.http import HttpRequest
from django.urls import reverse
from ninja import Header, Query, Router, Schema, Status
from pydantic import Field, model_validator

from server.accounts.models import User
from server.config.errors import ErrorOut
from server.config.schemas import Incoming
from server.worksheets import documents, pictures, sources, surveys
from server.worksheets.flows.bring_in import BroughtIn, add_pages, add_ready_page, bring_in, cancel
from server.worksheets.flows.edit import Stale, edit
from server.worksheets.flows.find import find, find_document, find_page
from server.worksheets.flows.remove import remove
from server.worksheets.flows.replace import plan
from server.worksheets.incoming import Incomplete
from server.worksheets.models import Worksheet
from velum.document.cuts import cut_out
from velum.document.edits import Edit
from velum.document.reading import DocumentUnreadable, upgraded_edit
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

FIRST_VERSION_OF_EDITS = 2
"""The version of the documents when edits did not say theirs."""

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
    unreadable: bool
    """Whether this release cannot read it. It is kept, and can be downloaded."""
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


class EditsIn(Incoming):
    """Edits made on ``revision``; ``batch`` tells a batch that is sent again.

    ``version`` is that of the documents that the browser knew when they were made: they may have waited on a device
    while a newer release came.
    """

    version: int = FIRST_VERSION_OF_EDITS
    revision: int
    batch: uuid.UUID
    edits: Annotated[list[Edit], Field(max_length=5_000)]

    @model_validator(mode="before")
    @classmethod
    def _upgraded(cls, data: Any) -> Any:
        if not isinstance(data, dict) or not isinstance(data.get("edits"), list):
            return data
        version = data.get("version", FIRST_VERSION_OF_EDITS)
        return data | {"edits": [upgraded_edit(version, edit) for edit in data["edits"]]}


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
    return WorksheetOut(id=worksheet.pk, revision=worksheet.revision, document=documents.read(worksheet))


def _brought_in(brought: BroughtIn) -> BroughtInOut:
    out = _out(brought.worksheet)
    return BroughtInOut(id=out.id, revision=out.revision, document=out.document, left_out=list(brought.left_out))


def _announced(request: HttpRequest) -> int:
    """How many bytes a browser says that it will send. Raises Incomplete when it does not say."""
    length = request.META.get("CONTENT_LENGTH") or ""
    if not length and "HTTP_TRANSFER_ENCODING" not in request.META:
        return 0
    if not length.isdecimal():
        raise Incomplete("paper.no_length", "It was not said how large this file is. Bring it in again.")
    return int(length)


@router.get("/worksheets", response=list[DeskSheet], operation_id="list_worksheets")
def list_worksheets(request: Teacher, words: Annotated[str, Query(max_length=200)] = "") -> list[DeskSheet]:
    """The worksheets whose title or printed text holds all of these words."""
    return desk_of(request.user, words)


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
    return [_on_desk(worksheet) for worksheet in worksheets if _holds(worksheet, words)]


def _on_desk(worksheet: Worksheet) -> DeskSheet:
    handouts = worksheet.handouts.all()
    return DeskSheet(
        id=worksheet.pk,
        title=worksheet.title,
        pages=worksheet.page_count,
        thumb=_thumb(worksheet),
        fields=worksheet.field_count,
        keyed=worksheet.keyed_count,
        unreadable=worksheet.unreadable,
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


@router.post(
    "/worksheets",
    response={201: BroughtInOut, 400: ErrorOut, 409: ErrorOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="bring_in",
    openapi_extra=A_FILE,
)
def bring_in_worksheet(
    request: Teacher,
    name: Annotated[str, Query(max_length=1000)],
    password: Password = "",
    upload: uuid.UUID | None = None,
) -> Status[BroughtInOut]:
    """Make a worksheet of the file that is the body of the request.

    ``name`` is the file's, ``upload`` the browser's own id of this upload, by which it can be cancelled.
    """
    length = _announced(request)
    brought = bring_in(request.user, request, name, unquote(password), upload=upload, length=length)
    return Status(201, _brought_in(brought))


@router.delete("/uploads/{uuid:upload}", response={204: None}, operation_id="cancel_upload")
def cancel_upload(request: Teacher, upload: uuid.UUID) -> Status[None]:
    """Take an upload back, whether it has come or not."""
    cancel(request.user, upload)
    return Status(204, None)


@router.post(
    "/worksheets/{uuid:worksheet_id}/pages",
    response={201: BroughtInOut, 400: ErrorOut, 404: ErrorOut, 409: ErrorOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="add_pages",
    openapi_extra=A_FILE,
)
def add_pages_of_file(
    request: Teacher,
    worksheet_id: uuid.UUID,
    aside: bool = False,
    password: Password = "",
    upload: uuid.UUID | None = None,
) -> Status[BroughtInOut]:
    """Put the pages of the file that is the body of the request behind those of a worksheet, or those set aside."""
    length = _announced(request)
    brought = add_pages(
        request.user, worksheet_id, request, unquote(password), aside=aside, upload=upload, length=length
    )
    return Status(201, _brought_in(brought))


@router.post(
    "/worksheets/{uuid:worksheet_id}/blank-pages",
    response={201: WorksheetOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="add_blank_page",
)
def add_blank(request: Teacher, worksheet_id: uuid.UUID, body: BlankPageIn) -> Status[WorksheetOut]:
    """Put a blank page behind those of a worksheet."""
    page = blank_page(body.pattern, body.width, body.height)
    return Status(201, _out(add_pages(request.user, worksheet_id, io.BytesIO(page)).worksheet))


@router.post(
    "/worksheets/{uuid:worksheet_id}/ready-pages",
    response={201: WorksheetOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="add_ready_page",
)
def add_ready(request: Teacher, worksheet_id: uuid.UUID, body: ReadyPageIn) -> Status[WorksheetOut]:
    """Put a ready page behind those of a worksheet."""
    added = add_ready_page(request.user, worksheet_id, body.design, body.width, body.height)
    return Status(201, _out(added.worksheet))


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
        return Status(409, StaleOut(code=stale.code, message=stale.message, worksheet=newest, edits=body.edits))
    order = [field.id for field in documents.read(worksheet).fields]
    return Status(200, EditsOut(revision=worksheet.revision, order=order))


@router.get(
    "/worksheets/{uuid:worksheet_id}/pictures",
    response={200: list[PagePicture], 404: ErrorOut},
    operation_id="list_pictures",
)
def list_pictures(request: Teacher, worksheet_id: uuid.UUID) -> list[PagePicture]:
    """How far the drawing of the pages is."""
    document = find_document(request.user, worksheet_id)
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
    document = find_document(request.user, worksheet_id)
    pages = (*document.pages, *document.aside)
    pictures.begin(pages)
    surveys.begin(pages)
    return Status(202, None)


@router.get("/worksheets/{uuid:worksheet_id}/texts", response={200: list[str], 404: ErrorOut}, operation_id="get_texts")
def get_texts(request: Teacher, worksheet_id: uuid.UUID) -> list[str]:
    """What is printed on each page."""
    document = find_document(request.user, worksheet_id)
    return [surveys.text_of(page) for page in document.pages]


@router.post(
    "/worksheets/{uuid:worksheet_id}/pages/{str:page_id}/cuts",
    response={200: list[Page], 404: ErrorOut, 422: ErrorOut},
    operation_id="cut_out",
)
def cut_regions(request: Teacher, worksheet_id: uuid.UUID, page_id: str, body: CutsIn) -> list[Page]:
    """The pages that regions of a page would become; nothing is changed yet."""
    document = find_document(request.user, worksheet_id)
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
    document = find_document(request.user, worksheet_id)
    page = find_page(document.pages, page_id)
    size = sources.size_of(page.source, page.number)
    return straightened(document, page, body.corners, body.whiten, size)
