from typing import Annotated

from ninja import Query, Router, Status

from server.accounts.teacher import Teacher
from server.entrance.errors import ErrorOut
from server.entrance.schemas import A_FILE, Incoming
from server.pictures.flows.keep import keep_from_library, keep_upload, put_away
from server.pictures.show import PictureOut, picture_out
from velum.fixtures.picture import Alternative

router = Router()


class LibraryPictureIn(Incoming):
    name: str
    alternative: Alternative


@router.get("/pictures", response=list[PictureOut], operation_id="list_own_pictures")
def list_own_pictures(request: Teacher) -> list[PictureOut]:
    """The teacher's own pictures, what was used last first."""
    return [
        picture_out(own)
        for own in request.user.pictures.filter(put_away=False, uploaded=True).select_related("picture")
    ]


@router.post(
    "/pictures",
    response={201: PictureOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="upload_picture",
    openapi_extra=A_FILE,
)
def upload_picture(request: Teacher, alternative: Annotated[Alternative, Query()]) -> Status[PictureOut]:
    """Keep the file that is the body of the request as a picture; ``alternative`` says what it shows."""
    return Status(201, picture_out(keep_upload(request.user, request, alternative)))


@router.post(
    "/pictures/from-library", response={201: PictureOut, 404: ErrorOut}, operation_id="take_picture_from_library"
)
def take_from_library(request: Teacher, body: LibraryPictureIn) -> Status[PictureOut]:
    """Take a picture of the library, to be laid on a page."""
    return Status(201, picture_out(keep_from_library(request.user, body.name, body.alternative)))


@router.delete("/pictures/{str:sha256}", response={204: None, 404: ErrorOut}, operation_id="put_picture_away")
def put_picture_away(request: Teacher, sha256: str) -> Status[None]:
    """No longer offer a picture. Pages that show it go on showing it."""
    put_away(request.user, sha256)
    return Status(204, None)
