"""The marks of copies as they count: the machine's, or the teacher's where one was overruled."""

from collections import Counter
from dataclasses import dataclass
from fractions import Fraction

from server.copies.flows.marking import marks_now
from server.copies.models import Copy
from server.handouts.models import Handout
from server.markbook.models import Overrule
from velum.marking.copies import FieldMark
from velum.marking.mark import Mark, Reason, Verdict


@dataclass(frozen=True)
class CountedMark:
    """``tries`` counts the checks that did not find the answer right; ``overruled`` is the teacher's last word."""

    field_id: str
    verdict: Verdict
    reason: Reason
    earned: Fraction
    points: Fraction
    tries: int
    overruled: Overrule | None


def copies_with_marks(handout: Handout) -> list[tuple[Copy, list[CountedMark]]]:
    """Every copy of a handout with its marks, by name."""
    copies = handout.copies.select_related("handout").prefetch_related("answers", "marks", "tries", "overrules__by")
    return [(copy, counted_marks(copy)) for copy in copies]


def counted_marks(copy: Copy) -> list[CountedMark]:
    """The marks of a copy, field by field: those stored when it was handed in, or how it stands now."""
    tries = Counter(attempt.field_id for attempt in copy.tries.all() if attempt.verdict != Verdict.RIGHT)
    overruled = {ruling.field_id: ruling for ruling in copy.overrules.all()}
    marked = _stored(copy) if copy.handed_in_at else marks_now(copy, copy.answers.all())
    return [_counted(mark, tries[mark.field_id], overruled.get(mark.field_id)) for mark in marked]


def _stored(copy: Copy) -> list[FieldMark]:
    marks = []
    for mark in copy.marks.all():
        points, earned = Fraction(mark.points), Fraction(mark.earned)
        share = earned / points if points else Fraction(0)
        said = Mark(Verdict(mark.verdict), share, Reason(mark.reason_code, mark.reason))
        marks.append(FieldMark(mark.field_id, said, earned, points))
    return marks


def _counted(marked: FieldMark, tries: int, ruling: Overrule | None) -> CountedMark:
    if ruling is None or ruling.earned is None:
        return CountedMark(
            marked.field_id, marked.mark.verdict, marked.mark.reason, marked.earned, marked.points, tries, ruling
        )
    earned = Fraction(ruling.earned)
    return CountedMark(
        marked.field_id,
        _verdict_of(earned, marked.points),
        Reason("overruled", ruling.note or "decided by the teacher"),
        earned,
        marked.points,
        tries,
        ruling,
    )


def _verdict_of(earned: Fraction, points: Fraction) -> Verdict:
    if earned == points:
        return Verdict.RIGHT
    return Verdict.PARTLY if earned > 0 else Verdict.WRONG
