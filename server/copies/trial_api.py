"""The teachers' way to try a worksheet out."""

import uuid

from django.http import HttpResponse
from ninja import Router, Schema

from server.accounts.teacher import Teacher
from server.copies import people
from server.copies.flows.try_out import try_out
from server.entrance.arrival import arrived_at
from server.entrance.errors import ErrorOut
from server.entrance.schemas import Incoming

router = Router()


class TrialIn(Incoming):
    """``anew``: as a new student, not where it was left."""

    anew: bool = False


class TrialOut(Schema):
    """A copy that this browser may now use as its student, and the handout that it is of."""

    copy_id: uuid.UUID
    handout: uuid.UUID
    may_check: bool
    handed_in: bool


@router.post(
    "/worksheets/{uuid:worksheet_id}/trial",
    response={200: TrialOut, 404: ErrorOut, 422: ErrorOut},
    operation_id="try_out",
)
def try_worksheet_out(request: Teacher, response: HttpResponse, worksheet_id: uuid.UUID, body: TrialIn) -> TrialOut:
    copy = try_out(request.user, worksheet_id, arrived_at(request), anew=body.anew)
    people.let_in(response, copy)
    return TrialOut(
        copy_id=copy.pk,
        handout=copy.handout_id,
        may_check=copy.handout.may_check,
        handed_in=copy.handed_in_at is not None,
    )
