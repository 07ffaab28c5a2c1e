"""A student checks an answer."""

from collections import defaultdict
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Any

from django.db import IntegrityError

from server.copies.flows.answer import TRIES, check_open
from server.copies.flows.find import find_copy
from server.copies.flows.marking import NOT_RIGHT, kept, reason_of, tries_used
from server.copies.flows.read import read_answer, read_answers
from server.copies.flows.write import Overtaken, add
from server.copies.models import LONGEST_REASON, Answer, Copy, Try
from server.entrance.errors import Busy, Refused
from server.handouts.flows.documents import document_of, marked_by
from server.handouts.models import Handout
from velum.answers.student_reasons import for_student
from velum.kinds import Answer as AnswerValue
from velum.kinds.part import PartRef
from velum.mark import Verdict
from velum.marking.copies import Marker
from velum.marking.unit import Given, Unreadable
from velum.sentence import Sentence


@dataclass(frozen=True)
class Checked:
    """What the last check of a part said of the answer as it was then, as far as the student may see it."""

    ref: PartRef
    answer: AnswerValue | None
    """None: it cannot be read any more."""
    verdict: Verdict
    tries: int
    """How many checks there were."""
    left: int | None
    """How many there may still be; None: any number."""
    reason: Sentence | None
    hint: str | None


def check(copy: Copy, ref: PartRef, now: datetime) -> Checked | None:
    """Check a part of the saved answer of a field; None: it is blank. Every try is on record, the same again is none.

    Raises Refused when the teacher does not allow it, and when no try is left; Busy when others go on checking the
    same answer at the same time. Marking is done before anything is locked, and of this field and its group alone.
    """
    check_open(copy, now)
    if not copy.handout.may_check:
        raise Refused("check.not_allowed", "Your teacher has not switched checking on.")
    document = document_of(copy.handout)
    marker = Marker(document, marked_by(copy.handout).keys)
    for _ in range(TRIES):
        rows = copy.answers.filter(field_id__in=marker.fields_for(ref.field))
        answers = read_answers(document, rows)
        marked = marker.mark_part(answers, ref)
        if marked is None:
            field = document.field(ref.field)
            if field and any(part.id == ref.part for part in field.parts):
                raise Refused("check.opinion", "This question asks what you think. There is nothing to check.")
            raise Refused("answer.no_field", "This question is no longer part of the worksheet.")
        if marked.mark.verdict is Verdict.BLANK:
            return None
        value = _as_it_is(answers[ref.field], rows, ref.field)
        tries = list(copy.tries.filter(field_id=ref.field, part=ref.part).order_by("place", "pk"))
        verdict = marked.mark.verdict.value
        if tries and (tries[-1].value, tries[-1].verdict) == (value, verdict):
            return _said_last(copy.handout, ref, tries)
        allowed = copy.handout.tries_allowed
        if allowed is not None and tries_used(tries)[ref] >= allowed:
            raise Refused("check.no_tries_left", "No try is left for this question. Your answer is kept as it is.")
        new = Try(
            copy=copy,
            field_id=ref.field,
            part=ref.part,
            place=len(tries),
            value=value,
            verdict=verdict,
            reason=marked.mark.reason.words[:LONGEST_REASON],
            sentence=kept(marked.mark.reason),
        )
        try:
            add(copy.pk, new, now)
        except IntegrityError:
            continue  # it was checked elsewhere at the same time: look again how many tries are left
        except Overtaken:
            check_open(find_copy(copy.pk), now)
            continue
        return _said_last(copy.handout, ref, [*tries, new])
    raise Busy("check.busy", "This answer is being checked elsewhere at the same time. Check it again.")


def _as_it_is(answer: Given, rows: Iterable[Answer], field_id: str) -> Any:
    """A whole answer as a try keeps it; what cannot be read as it was kept."""
    if isinstance(answer, Unreadable):
        return next(row.value for row in rows if row.field_id == field_id)
    return answer.model_dump(mode="json")


def all_checked(copy: Copy) -> list[Checked]:
    """What the last check of each part said."""
    tries: defaultdict[PartRef, list[Try]] = defaultdict(list)
    for attempt in copy.tries.order_by("place", "pk"):
        tries[PartRef(attempt.field_id, attempt.part)].append(attempt)
    return [_said_last(copy.handout, ref, of_part) for ref, of_part in tries.items()]


def _said_last(handout: Handout, ref: PartRef, tries: Sequence[Try]) -> Checked:
    """What the last of the tries of a part said; there is at least one."""
    last, allowed = tries[-1], handout.tries_allowed
    document = document_of(handout)
    field = document.field(ref.field)
    hints = {part.id: part.hint for part in field.parts} if field else {}
    hint = hints.get(ref.part, "") if handout.shows_hints and last.verdict in NOT_RIGHT else ""
    answer = read_answer(document, ref.field, last.value)
    return Checked(
        ref=ref,
        answer=None if isinstance(answer, Unreadable) else answer,
        verdict=Verdict(last.verdict),
        tries=len(tries),
        left=None if allowed is None else max(0, allowed - tries_used(tries)[ref]),
        reason=for_student(reason_of(last), Verdict(last.verdict)) if handout.shows_reasons else None,
        hint=hint or None,
    )
