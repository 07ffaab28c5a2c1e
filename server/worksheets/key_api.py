"""What the server finds out about a worksheet's key; the key itself is set by edits."""

import uuid
from typing import Annotated

from ninja import Router
from pydantic import Field

from server.accounts.teacher import Teacher
from server.entrance.errors import ErrorOut
from server.entrance.schemas import Incoming
from server.worksheets.flows.find import find_document
from server.worksheets.show import FindingOut, finding_out
from velum.document.look_over import look_over
from velum.document.pasted_key import LONGEST, Pasted, match_key
from velum.model import Id

router = Router()


class PastedIn(Incoming):
    """``start`` is the field where a key without numbers begins; None: the first."""

    text: Annotated[str, Field(max_length=LONGEST)]
    start: Id | None = None


@router.post(
    "/worksheets/{uuid:worksheet_id}/pasted-key",
    response={200: Pasted, 404: ErrorOut, 422: ErrorOut},
    operation_id="match_pasted_key",
)
def match_pasted_key(request: Teacher, worksheet_id: uuid.UUID, body: PastedIn) -> Pasted:
    """Which fields a pasted key is for. Nothing is kept."""
    worksheet = find_document(request.user, worksheet_id)
    return match_key(worksheet, body.text, body.start)


@router.get(
    "/worksheets/{uuid:worksheet_id}/look-over",
    response={200: list[FindingOut], 404: ErrorOut},
    operation_id="look_over",
)
def look_over_worksheet(request: Teacher, worksheet_id: uuid.UUID) -> list[FindingOut]:
    return [finding_out(found) for found in look_over(find_document(request.user, worksheet_id))]
