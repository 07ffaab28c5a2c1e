import uuid
from datetime import datetime

from django.urls import reverse
from ninja import Router, Schema, Status

from server.config.errors import ErrorOut
from server.config.schemas import Incoming
from server.handouts.codes import shown
from server.handouts.flows.hand_out import find, hand_out
from server.handouts.flows.settle import settle
from server.handouts.models import Handout
from server.worksheets.api import Teacher
from server.worksheets.flows.find import find as find_worksheet

router = Router()


class HandoutOut(Schema):
    """``link`` is the whole address that students open, ``code`` what they type instead."""

    id: uuid.UUID
    worksheet: uuid.UUID
    title: str
    code: str
    link: str
    open: bool
    may_check: bool
    created_at: datetime
    edition_is_newest: bool


class HandoutSettings(Incoming):
    """A setting that is left out stays as it is."""

    open: bool | None = None
    may_check: bool | None = None


def handout_out(request: Teacher, handout: Handout) -> HandoutOut:
    return HandoutOut(
        id=handout.pk,
        worksheet=handout.worksheet.pk,
        title=handout.edition.document["title"],
        code=shown(handout.code),
        link=request.build_absolute_uri(reverse("join_with_code", args=[handout.code])),
        open=handout.open,
        may_check=handout.may_check,
        created_at=handout.created_at,
        edition_is_newest=handout.edition.revision == handout.worksheet.revision,
    )


@router.post(
    "/worksheets/{uuid:worksheet_id}/handouts",
    response={201: HandoutOut, 404: ErrorOut},
    operation_id="hand_out",
)
def create_handout(request: Teacher, worksheet_id: uuid.UUID) -> Status[HandoutOut]:
    return Status(201, handout_out(request, hand_out(request.user, worksheet_id)))


@router.get(
    "/worksheets/{uuid:worksheet_id}/handouts",
    response={200: list[HandoutOut], 404: ErrorOut},
    operation_id="list_handouts",
)
def list_handouts(request: Teacher, worksheet_id: uuid.UUID) -> list[HandoutOut]:
    handouts = find_worksheet(request.user, worksheet_id).handouts.select_related("worksheet", "edition")
    return [handout_out(request, handout) for handout in handouts]


@router.patch("/handouts/{uuid:handout_id}", response={200: HandoutOut, 404: ErrorOut}, operation_id="settle_handout")
def settle_handout(request: Teacher, handout_id: uuid.UUID, body: HandoutSettings) -> HandoutOut:
    handout = settle(request.user, handout_id, open=body.open, may_check=body.may_check)
    return handout_out(request, find(request.user, handout.pk))
