"""A student's peg: what is to do and by when, and what was handed in."""

from dataclasses import dataclass
from datetime import datetime

from django.db.models import Q

from server.classes.models import Student
from server.copies.flows.when import ends_at, phase_of, times_of
from server.copies.models import Copy
from server.handouts.flows.audience import for_student
from server.handouts.models import Handout
from velum.times import Own, Phase, ends, phase


@dataclass(frozen=True)
class OnPeg:
    """A worksheet on a peg. ``copy`` is None as long as it was never opened; ``until`` is when nothing can be written
    any more, as far as is known.
    """

    handout: Handout
    copy: Copy | None
    phase: Phase
    is_open: bool
    until: datetime | None

    @property
    def is_handed_in(self) -> bool:
        return self.copy is not None and self.copy.handed_in_at is not None

    @property
    def is_begun(self) -> bool:
        return self.copy is not None and (self.copy.saved_at is not None or self.copy.begun_at is not None)


@dataclass(frozen=True)
class Peg:
    """``to_do`` is in the order in which it is due, the others with the newest first."""

    to_do: list[OnPeg]
    handed_in: list[OnPeg]
    over: list[OnPeg]

    @property
    def copies(self) -> list[Copy]:
        return [each.copy for each in (*self.to_do, *self.handed_in, *self.over) if each.copy]


MOST = 200
"""Worksheets that are listed."""


def handouts_for(student: Student) -> list[Handout]:
    """What is for a student now, and what they have worked on, the newest first."""
    own = Q(pk__in=student.copies.values("handout"))
    rows = Handout.objects.select_related("edition", "to_class").defer("edition__document")
    return list(rows.filter(for_student(student) | own)[:MOST])


def peg_of(student: Student, now: datetime) -> Peg:
    """What hangs on a student's peg."""
    copies = {copy.handout_id: copy for copy in student.copies.all()}
    on_peg = []
    for handout in handouts_for(student):
        copy = copies.get(handout.pk)
        if copy:
            copy.handout = handout
        stands = phase_of(copy, now) if copy else phase(times_of(handout), Own(), now)
        until = ends_at(copy) if copy else ends(times_of(handout), Own())
        on_peg.append(OnPeg(handout, copy, stands, handout.open and stands is not Phase.ENDED, until))
    to_do = [each for each in on_peg if each.is_open and not each.is_handed_in]
    return Peg(
        to_do=sorted(to_do, key=_due),
        handed_in=[each for each in on_peg if each.is_handed_in],
        over=[each for each in on_peg if not each.is_open and not each.is_handed_in],
    )


def _due(each: OnPeg) -> tuple[bool, datetime, datetime]:
    due = each.handout.due_at or each.until
    return due is None, due or each.handout.created_at, each.handout.created_at
