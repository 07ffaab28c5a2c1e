import io
import secrets
import uuid
from typing import Annotated, Any
from urllib.parse import unquote

from django.http import HttpRequest
from ninja import Header, Query, Router, Schema, Status
from pydantic import Field, model_validator

from server.accounts.teacher import Teacher
from server.entrance.errors import ErrorOut
from server.entrance.schemas import A_FILE, Incoming
from server.pictures.show import PictureOut, picture_out
from server.words.say import say
from server.worksheets import documents, pictures, sources, surveys
from server.worksheets.flows.bring_in import add_pages, add_ready_page, bring_in, cancel
from server.worksheets.flows.cut_picture import cut_from_page
from server.worksheets.flows.edit import Stale, edit
from server.worksheets.flows.find import find_document, find_page, find_worksheet
from server.worksheets.flows.remove import remove
from server.worksheets.flows.replace import plan
from server.worksheets.incoming import Incomplete
from server.worksheets.show import (
    BroughtInOut,
    DeskSheet,
    FoundOut,
    GuidesOut,
    PagePicture,
    StaleOut,
    WorksheetOut,
    brought_in_out,
    desk_of,
    found_out,
    guides_out,
    page_picture_out,
    worksheet_out,
)
from velum.document.cuts import cut_out
from velum.document.edits import Edit
from velum.document.page import Page
from velum.document.reading import upgraded_edit
from velum.document.replacing import Replacement
from velum.document.straightening import Straightened, straightened
from velum.fixtures.picture import Alternative
from velum.fixtures.ready import Design
from velum.geometry.box import Box, Length
from velum.geometry.projection import Corners
from velum.model import Id
from velum.paper.blank import Pattern, blank_page

router = Router()

FIRST_VERSION_OF_EDITS = 2
"""The version of the documents when edits did not say theirs."""

Password = Annotated[str, Header(max_length=1000, alias="Velum-Password")]
"""The password that opens a locked PDF, percent-encoded; not in the address, which servers write down."""


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


class CutsIn(Incoming):
    """Regions of the page as shown, in points."""

    boxes: Annotated[list[Box], Field(min_length=1, max_length=100)]


class CutPictureIn(Incoming):
    """A region of the page as shown, in points, and what is printed there."""

    box: Box
    alternative: Alternative


class ReplacementIn(Incoming):
    """The page set aside whose paper is to be shown."""

    with_id: Id


class StraightenIn(Incoming):
    """Corners of the sheet on the file's page, in points; None: the whole page."""

    corners: Corners | None
    whiten: bool


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
    return Status(201, brought_in_out(brought))


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
    return Status(201, brought_in_out(brought))


@router.post(
    "/worksheets/{uuid:worksheet_id}/blank-pages",
    response={201: WorksheetOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="add_blank_page",
)
def add_blank(request: Teacher, worksheet_id: uuid.UUID, body: BlankPageIn) -> Status[WorksheetOut]:
    """Put a blank page behind those of a worksheet."""
    page = blank_page(body.pattern, body.width, body.height)
    return Status(201, worksheet_out(add_pages(request.user, worksheet_id, io.BytesIO(page)).worksheet))


@router.post(
    "/worksheets/{uuid:worksheet_id}/ready-pages",
    response={201: WorksheetOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="add_ready_page",
)
def add_ready(request: Teacher, worksheet_id: uuid.UUID, body: ReadyPageIn) -> Status[WorksheetOut]:
    """Put a ready page behind those of a worksheet."""
    added = add_ready_page(request.user, worksheet_id, body.design, body.width, body.height)
    return Status(201, worksheet_out(added.worksheet))


@router.get(
    "/worksheets/{uuid:worksheet_id}", response={200: WorksheetOut, 404: ErrorOut}, operation_id="get_worksheet"
)
def get_worksheet(request: Teacher, worksheet_id: uuid.UUID) -> WorksheetOut:
    return worksheet_out(find_worksheet(request.user, worksheet_id))


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
        newest = worksheet_out(find_worksheet(request.user, worksheet_id))
        return Status(409, StaleOut(code=stale.code, message=say(stale.sentence), worksheet=newest, edits=body.edits))
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
    return [page_picture_out(page) for page in pages]


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


@router.get(
    "/worksheets/{uuid:worksheet_id}/found", response={200: list[FoundOut], 404: ErrorOut}, operation_id="get_found"
)
def get_found(request: Teacher, worksheet_id: uuid.UUID) -> list[FoundOut]:
    """Where students may answer on each page, as far as nothing lies there yet."""
    return found_out(find_document(request.user, worksheet_id))


@router.get(
    "/worksheets/{uuid:worksheet_id}/pages/{str:page_id}/guides",
    response={200: GuidesOut, 404: ErrorOut},
    operation_id="get_guides",
)
def get_guides(request: Teacher, worksheet_id: uuid.UUID, page_id: str) -> GuidesOut:
    """What is printed on a page as it is shown, to bring what is laid by hand in line with."""
    return guides_out(find_page(find_document(request.user, worksheet_id).pages, page_id))


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
    "/worksheets/{uuid:worksheet_id}/pages/{str:page_id}/pictures",
    response={201: PictureOut, 404: ErrorOut, 422: ErrorOut, 503: ErrorOut},
    operation_id="cut_picture",
)
def cut_picture(request: Teacher, worksheet_id: uuid.UUID, page_id: str, body: CutPictureIn) -> Status[PictureOut]:
    """Keep what is printed in a region of a page as a picture, as large as it is there, without the paper around it."""
    page = find_page(find_document(request.user, worksheet_id).pages, page_id)
    return Status(201, picture_out(cut_from_page(request.user, page, body.box, body.alternative)))


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
