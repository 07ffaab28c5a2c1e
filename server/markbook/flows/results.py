"""The marks of copies as they count: the machine's, or the teacher's where one was overruled."""

import uuid
from collections import Counter
from collections.abc import Collection, Iterable, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from server.copies.flows.help import refs_of
from server.copies.flows.marking import marker_of, marks_now, reason_of, tries_not_right
from server.copies.models import Copy
from server.handouts.flows.documents import MarkedBy, document_of
from server.handouts.models import Handout
from server.markbook.models import Overrule
from velum.document.group import Group
from velum.kinds.help import HelpRef
from velum.kinds.part import PartRef
from velum.mark import Mark, Verdict
from velum.marking.copies import Marker, PartMark, all_or_nothing
from velum.names import sort_key
from velum.sentence import Sentence


@dataclass(frozen=True)
class CountedMark:
    """``tries`` counts the checks that did not find the answer right, ``helped`` the helps that were shown about it;
    ``overruled`` is the teacher's last word.
    """

    ref: PartRef
    verdict: Verdict
    reason: Sentence
    earned: Fraction
    points: Fraction
    tries: int
    helped: int
    overruled: Overrule | None


def copies_with_marks(
    handout: Handout, by: MarkedBy, only: Collection[uuid.UUID] | None = None
) -> list[tuple[Copy, list[CountedMark]]]:
    """Every copy of a handout, or only these, with its marks, in the order of names."""
    asked = handout.copies.all() if only is None else handout.copies.filter(pk__in=only)
    copies = asked.select_related("handout").prefetch_related(
        "answers", "marks", "tries", "shown_help", "overrules__by"
    )
    marker = marker_of(handout, by.keys)
    return [(copy, counted_marks(copy, by, marker)) for copy in in_order_of_names(copies)]


def in_order_of_names(copies: Iterable[Copy]) -> list[Copy]:
    """Copies in the order in which people look for their students; of one name who came first stands first."""
    return sorted(copies, key=lambda copy: (sort_key(copy.name), copy.joined_at))


def counted_marks(copy: Copy, by: MarkedBy, marker: Marker) -> list[CountedMark]:
    """The marks of a copy, part by part: those stored when it was handed in, or how it stands now."""
    tries = tries_not_right(copy.tries.all())
    overruled = {PartRef(ruling.field_id, ruling.part): ruling for ruling in copy.overrules.all()}
    # Marks that were made by other keys are computed anew: a teacher never sees half of a class marked by each.
    is_marked = copy.handed_in_at is not None and copy.marked_by == by.name
    marked = _stored(copy) if is_marked else marks_now(copy, copy.answers.all(), marker)
    helped = _helped(copy)
    counted = [_counted(mark, tries[mark.ref], helped[mark.ref], overruled.get(mark.ref)) for mark in marked]
    return _together(by.keys.groups, counted)


def _helped(copy: Copy) -> Counter[PartRef]:
    """How many helps were shown about each part."""
    shown = set(refs_of(copy.shown_help.all()))
    return Counter(
        PartRef(field.id, part.id)
        for field in (document_of(copy.handout).fields if shown else ())
        for help in field.help
        if HelpRef(field.id, help.id) in shown
        for part in field.parts
        if help.is_about(part.id)
    )


_TOGETHER = Sentence("group.all_or_nothing", "counts only together with the others of its group")
_DECIDED = Sentence("overruled", "decided by the teacher")


def _together(groups: Sequence[Group], marks: list[CountedMark]) -> list[CountedMark]:
    """The marks after groups of which all or nothing counts. What the teacher decided of a field stands."""
    nothing = all_or_nothing(groups, {mark.ref: mark.verdict is Verdict.RIGHT for mark in marks})
    return [
        replace(mark, earned=Fraction(0), reason=mark.reason.and_also(_TOGETHER))
        if mark.ref in nothing and mark.earned and (mark.overruled is None or mark.overruled.earned is None)
        else mark
        for mark in marks
    ]


def _stored(copy: Copy) -> list[PartMark]:
    """The marks that were stored, in the order of the worksheet."""
    stored = {PartRef(mark.field_id, mark.part): mark for mark in copy.marks.all()}
    refs = (PartRef(field.id, part.id) for field in document_of(copy.handout).fields for part in field.parts)
    marks = []
    for mark in (stored[ref] for ref in refs if ref in stored):
        points, earned = Fraction(mark.points), Fraction(mark.earned)
        share = earned / points if points else Fraction(0)
        said = Mark(Verdict(mark.verdict), share, reason_of(mark))
        marks.append(PartMark(PartRef(mark.field_id, mark.part), said, earned, points))
    return marks


def _counted(marked: PartMark, tries: int, helped: int, ruling: Overrule | None) -> CountedMark:
    if ruling is None or ruling.earned is None:
        return CountedMark(
            marked.ref, marked.mark.verdict, marked.mark.reason, marked.earned, marked.points, tries, helped, ruling
        )
    earned = Fraction(ruling.earned)
    return CountedMark(
        marked.ref,
        _verdict_of(earned, marked.points),
        replace(_DECIDED, text=ruling.note) if ruling.note else _DECIDED,
        earned,
        marked.points,
        tries,
        helped,
        ruling,
    )


def _verdict_of(earned: Fraction, points: Fraction) -> Verdict:
    if earned == points:
        return Verdict.RIGHT
    return Verdict.PARTLY if earned > 0 else Verdict.WRONG
