import uuid
from datetime import datetime
from typing import Annotated

from django.urls import reverse
from ninja import Router, Schema, Status
from pydantic import Field

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
    tries_allowed: int | None
    try_cost: int
    shows_reasons: bool
    shows_hints: bool
    created_at: datetime
    edition_is_newest: bool


class HandoutSettings(Incoming):
    """A setting that is left out stays as it is. ``try_cost`` is in hundredths of a field's points."""

    open: bool = True
    may_check: bool = False
    tries_allowed: Annotated[int, Field(ge=1, le=100)] | None = None
    try_cost: Annotated[int, Field(ge=0, le=100)] = 0
    shows_reasons: bool = False
    shows_hints: bool = True


def handout_out(request: Teacher, handout: Handout) -> HandoutOut:
    return HandoutOut(
        id=handout.pk,
        worksheet=handout.worksheet.pk,
        title=handout.edition.title,
        code=shown(handout.code),
        link=request.build_absolute_uri(reverse("join_with_code", args=[handout.code])),
        open=handout.open,
        may_check=handout.may_check,
        tries_allowed=handout.tries_allowed,
        try_cost=handout.try_cost,
        shows_reasons=handout.shows_reasons,
        shows_hints=handout.shows_hints,
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
    handout = settle(request.user, handout_id, body.model_dump(exclude_unset=True))
    return handout_out(request, find(request.user, handout.pk))
