"""A student checks an answer."""

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from django.db import transaction

from server.config.errors import Refused
from server.copies.flows.answer import check_open
from server.copies.flows.marking import NOT_RIGHT, marks_of_answers, tries_not_right
from server.copies.models import Copy, Try
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
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
    verdict, reason = marked.mark.verdict.value, marked.mark.reason.words
    if not tries or (tries[-1].value, tries[-1].verdict) != (value, verdict):
        allowed = copy.handout.tries_allowed
        if allowed is not None and tries_not_right(tries)[field_id] >= allowed:
            raise Refused("check.no_tries_left", "No try is left for this question. Your answer is kept as it is.")
        tries.append(Try.objects.create(copy=copy, field_id=field_id, value=value, verdict=verdict, reason=reason))
    return _said_last(copy.handout, field_id, tries)


def all_checked(copy: Copy) -> list[Checked]:
    """What the last check of each field said."""
    tries: defaultdict[str, list[Try]] = defaultdict(list)
    for attempt in copy.tries.order_by("pk"):
        tries[attempt.field_id].append(attempt)
    return [_said_last(copy.handout, field_id, of_field) for field_id, of_field in tries.items()]


def _said_last(handout: Handout, field_id: str, tries: Sequence[Try]) -> Checked:
    """What the last of the tries of a field said; there is at least one."""
    last, allowed = tries[-1], handout.tries_allowed
    field = document_of(handout).field(field_id)
    hint = field.hint if field and handout.shows_hints and last.verdict in NOT_RIGHT else ""
    return Checked(
        field_id=field_id,
        answer=last.value,
        verdict=Verdict(last.verdict),
        tries=len(tries),
        left=None if allowed is None else max(0, allowed - tries_not_right(tries)[field_id]),
        reason=last.reason if handout.shows_reasons else None,
        hint=hint or None,
    )
