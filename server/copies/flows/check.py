"""A student checks an answer."""

from dataclasses import dataclass
from typing import Any

from django.db import transaction

from server.config.errors import Refused
from server.copies.flows.answer import check_open
from server.copies.flows.marking import NOT_RIGHT, marks_of_answers, tries_not_right
from server.copies.models import Copy, Try
from server.handouts.flows.documents import document_of
from velum.marking.mark import Verdict


@dataclass(frozen=True)
class Checked:
    """What the last check of a field said of the answer as it was then, as far as the student may see it."""

    field_id: str
    answer: dict[str, Any]
    verdict: Verdict
    tries: int
    """How many checks there were."""
    left: int | None
    """How many there may still be; None: any number."""
    reason: str | None
    hint: str | None


@transaction.atomic
def check(copy: Copy, field_id: str) -> Checked | None:
    """Check the saved answer of a field; None: it is blank. Every try is on record, the same again is none.

    Raises Refused when the teacher does not allow it, and when no try is left.
    """
    check_open(copy)
    if not copy.handout.may_check:
        raise Refused("check.not_allowed", "Your teacher has not switched checking on.")
    worksheet = document_of(copy.handout)
    answers = list(copy.answers.all())
    marked = next((mark for mark in marks_of_answers(worksheet, answers) if mark.field_id == field_id), None)
    if marked is None:
        if worksheet.field(field_id):
            raise Refused("check.opinion", "This question asks what you think. There is nothing to check.")
        raise Refused("answer.no_field", "This question is no longer part of the worksheet.")
    if marked.mark.verdict is Verdict.BLANK:
        return None
    value = next(answer.value for answer in answers if answer.field_id == field_id)
    tries = list(copy.tries.filter(field_id=field_id).order_by("pk"))
    said = (value, marked.mark.verdict.value)
    if not tries or (tries[-1].value, tries[-1].verdict) != said:
        allowed = copy.handout.tries_allowed
        if allowed is not None and tries_not_right(tries)[field_id] >= allowed:
            raise Refused("check.no_tries_left", "No try is left for this question. Your answer is kept as it is.")
        verdict, reason = marked.mark.verdict.value, marked.mark.reason.words
        Try.objects.create(copy=copy, field_id=field_id, value=value, verdict=verdict, reason=reason)
    return next(checked for checked in all_checked(copy) if checked.field_id == field_id)


def all_checked(copy: Copy) -> list[Checked]:
    """What the last check of each field said."""
    handout = copy.handout
    tries = list(copy.tries.order_by("pk"))
    not_right = tries_not_right(tries)
    hints = {field.id: field.hint for field in document_of(handout).fields}
    last = {attempt.field_id: attempt for attempt in tries}
    return [
        Checked(
            field_id=field_id,
            answer=attempt.value,
            verdict=Verdict(attempt.verdict),
            tries=sum(other.field_id == field_id for other in tries),
            left=None if handout.tries_allowed is None else max(0, handout.tries_allowed - not_right[field_id]),
            reason=attempt.reason if handout.shows_reasons else None,
            hint=_hint(attempt, hints.get(field_id, "")) if handout.shows_hints else None,
        )
        for field_id, attempt in last.items()
    ]


def _hint(attempt: Try, hint: str) -> str | None:
    return hint or None if attempt.verdict in NOT_RIGHT else None
