import uuid

from ninja import Router, Status

from server.accounts.teacher import Teacher
from server.entrance.errors import ErrorOut
from server.handouts.flows.hand_out import hand_out
from server.handouts.show import HandoutOut, handout_out
from server.worksheets.flows.find import find_worksheet

router = Router()


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
