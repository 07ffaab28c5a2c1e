from ninja import Router, Schema, Status

from server.accounts.teacher import Teacher
from server.entrance.errors import ErrorOut
from server.entrance.schemas import A_FILE
from server.sounds.flows.keep import keep_sound

router = Router()


class SoundOut(Schema):
    """A sound by its SHA-256."""

    sound: str
    media_type: str
    size: int


@router.post(
    "/sounds",
    response={201: SoundOut, 413: ErrorOut, 422: ErrorOut},
    operation_id="upload_sound",
    openapi_extra=A_FILE,
)
def upload_sound(request: Teacher) -> Status[SoundOut]:
    """Keep the file that is the body of the request as a sound."""
    kept = keep_sound(request.user, request)
    return Status(201, SoundOut(sound=kept.sha256, media_type=kept.media_type, size=kept.size))
