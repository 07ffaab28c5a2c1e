import uuid

from ninja import Router, Status

from server.accounts.teacher import Teacher
from server.entrance.errors import ErrorOut
from server.handouts.flows.hand_out import ANYBODY, To, hand_out_to
from server.handouts.incoming import HandOutIn
from server.handouts.show import HandoutOut, handout_out
from server.worksheets.flows.find import find_worksheet

router = Router()


@router.post(
    "/worksheets/{uuid:worksheet_id}/handouts",
    response={201: list[HandoutOut], 404: ErrorOut, 422: ErrorOut},
    operation_id="hand_out",
)
def create_handouts(request: Teacher, worksheet_id: uuid.UUID, body: HandOutIn) -> Status[list[HandoutOut]]:
    to = [To(each.of_class, each.students or ()) for each in body.classes] + [ANYBODY] * body.guests
    settings = body.settings.model_dump(exclude_unset=True)
    made = hand_out_to(request.user, worksheet_id, to, settings)
    return Status(201, [handout_out(request, handout) for handout in made])


@router.get(
    "/worksheets/{uuid:worksheet_id}/handouts",
    response={200: list[HandoutOut], 404: ErrorOut},
    operation_id="list_handouts",
)
def list_handouts(request: Teacher, worksheet_id: uuid.UUID) -> list[HandoutOut]:
    handouts = find_worksheet(request.user, worksheet_id).handouts.filter(trial=False)
    return [handout_out(request, handout) for handout in handouts.select_related("worksheet", "edition", "to_class")]
