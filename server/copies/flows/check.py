"""A student checks an answer."""

from server.config.errors import Refused
from server.copies.flows.answer import check_open
from server.copies.flows.marking import marks_now
from server.copies.models import Copy, Try
from velum.marking.mark import Verdict


def check(copy: Copy, field_id: str) -> Verdict:
    """The verdict on the saved answer of a field, and nothing else of its mark. Every try is on record.

    Raises Refused when the teacher does not allow it.
    """
    check_open(copy)
    if not copy.handout.may_check:
        raise Refused("check.not_allowed", "Your teacher has not switched checking on.")
    answer = copy.answers.filter(field_id=field_id).first()
    if answer is None:
        return Verdict.BLANK
    marked = next((mark for mark in marks_now(copy, [answer]) if mark.field_id == field_id), None)
    if marked is None:
        raise Refused("answer.no_field", "This question is no longer part of the worksheet.")
    verdict = marked.mark.verdict
    if verdict is not Verdict.BLANK:
        Try.objects.create(copy=copy, field_id=field_id, value=answer.value, verdict=verdict.value)
    return verdict
