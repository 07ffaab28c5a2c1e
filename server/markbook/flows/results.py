"""The marks of copies as they count: the machine's, or the teacher's where one was overruled."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from server.copies.flows.marking import marker_of, marks_now, tries_not_right
from server.copies.models import Copy
from server.handouts.flows.documents import document_of, key_of
from server.handouts.models import Handout
from server.markbook.models import Overrule
from velum.document.worksheet import Worksheet
from velum.marking.copies import FieldMark, Marker, all_or_nothing
from velum.marking.group import Group
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
    marker = marker_of(handout)
    return [(copy, counted_marks(copy, marker)) for copy in copies]


def counted_marks(copy: Copy, marker: Marker | None = None) -> list[CountedMark]:
    """The marks of a copy, field by field: those stored when it was handed in, or how it stands now."""
    tries = tries_not_right(copy.tries.all())
    overruled = {ruling.field_id: ruling for ruling in copy.overrules.all()}
    document = document_of(copy.handout)
    # Marks that were made by another key are computed anew: a teacher never sees half of a class marked by each.
    is_marked = copy.handed_in_at is not None and copy.marked_by == key_of(copy.handout)
    marked = _stored(copy, document) if is_marked else marks_now(copy, copy.answers.all(), marker)
    counted = [_counted(mark, tries[mark.field_id], overruled.get(mark.field_id)) for mark in marked]
    return _together(document.groups, counted)


def _together(groups: Sequence[Group], marks: list[CountedMark]) -> list[CountedMark]:
    """The marks after groups of which all or nothing counts. What the teacher decided of a field stands."""
    nothing = all_or_nothing(groups, {mark.field_id for mark in marks if mark.verdict is Verdict.RIGHT})
    return [
        replace(mark, earned=Fraction(0), reason=_with(mark.reason))
        if mark.field_id in nothing and mark.earned and (mark.overruled is None or mark.overruled.earned is None)
        else mark
        for mark in marks
    ]


def _with(reason: Reason) -> Reason:
    return Reason(reason.code, f"{reason.words}; counts only together with the others of its group")


def _stored(copy: Copy, document: Worksheet) -> list[FieldMark]:
    """The marks that were stored, in the order of the fields."""
    stored = {mark.field_id: mark for mark in copy.marks.all()}
    marks = []
    for mark in (stored[field.id] for field in document.fields if field.id in stored):
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
