"""A student checks an answer."""

from collections import defaultdict
from collections.abc import Sequence
from dataclasses import dataclass

from django.db import IntegrityError

from server.config.errors import Busy, Refused
from server.copies.flows.answer import TRIES, check_open
from server.copies.flows.marking import NOT_RIGHT, mark_of, read_answer, tries_not_right
from server.copies.models import Copy, Try
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
from velum.kinds import Answer
from velum.marking.copies import Unreadable, marked_with
from velum.marking.mark import Verdict


@dataclass(frozen=True)
class Checked:
    """What the last check of a field said of the answer as it was then, as far as the student may see it."""

    field_id: str
    answer: Answer | None
    """None: it cannot be read any more."""
    verdict: Verdict
    tries: int
    """How many checks there were."""
    left: int | None
    """How many there may still be; None: any number."""
    reason: str | None
    hint: str | None


def check(copy: Copy, field_id: str) -> Checked | None:
    """Check the saved answer of a field; None: it is blank. Every try is on record, the same again is none.

    Raises Refused when the teacher does not allow it, and when no try is left; Busy when others go on checking the
    same answer at the same time. Marking is done before anything is locked, and of this field and its group alone.
    """
    check_open(copy)
    if not copy.handout.may_check:
        raise Refused("check.not_allowed", "Your teacher has not switched checking on.")
    worksheet = document_of(copy.handout)
    for _ in range(TRIES):
        answers = list(copy.answers.filter(field_id__in=marked_with(worksheet, field_id)))
        marked = mark_of(worksheet, answers, field_id)
        if marked is None:
            if worksheet.field(field_id):
                raise Refused("check.opinion", "This question asks what you think. There is nothing to check.")
            raise Refused("answer.no_field", "This question is no longer part of the worksheet.")
        if marked.mark.verdict is Verdict.BLANK:
            return None
        value = next(answer.value for answer in answers if answer.field_id == field_id)
        tries = list(copy.tries.filter(field_id=field_id).order_by("place", "pk"))
        verdict, reason = marked.mark.verdict.value, marked.mark.reason.words
        if tries and (tries[-1].value, tries[-1].verdict) == (value, verdict):
            return _said_last(copy.handout, field_id, tries)
        allowed = copy.handout.tries_allowed
        if allowed is not None and tries_not_right(tries)[field_id] >= allowed:
            raise Refused("check.no_tries_left", "No try is left for this question. Your answer is kept as it is.")
        new = Try(
            copy=copy, field_id=field_id, place=len(tries), value=value, verdict=verdict, reason=reason[:_LONGEST]
        )
        try:
            new.save(force_insert=True)
        except IntegrityError:
            continue  # it was checked elsewhere at the same time: look again how many tries are left
        return _said_last(copy.handout, field_id, [*tries, new])
    raise Busy("check.busy", "This answer is being checked elsewhere at the same time. Check it again.")


_LONGEST = 300
"""Letters of a reason that are kept."""


def all_checked(copy: Copy) -> list[Checked]:
    """What the last check of each field said."""
    tries: defaultdict[str, list[Try]] = defaultdict(list)
    for attempt in copy.tries.order_by("place", "pk"):
        tries[attempt.field_id].append(attempt)
    return [_said_last(copy.handout, field_id, of_field) for field_id, of_field in tries.items()]


def _said_last(handout: Handout, field_id: str, tries: Sequence[Try]) -> Checked:
    """What the last of the tries of a field said; there is at least one."""
    last, allowed = tries[-1], handout.tries_allowed
    document = document_of(handout)
    field = document.field(field_id)
    hint = field.hint if field and handout.shows_hints and last.verdict in NOT_RIGHT else ""
    answer = read_answer(document, field_id, last.value)
    return Checked(
        field_id=field_id,
        answer=None if isinstance(answer, Unreadable) else answer,
        verdict=Verdict(last.verdict),
        tries=len(tries),
        left=None if allowed is None else max(0, allowed - tries_not_right(tries)[field_id]),
        reason=last.reason if handout.shows_reasons else None,
        hint=hint or None,
    )
