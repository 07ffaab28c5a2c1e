"""What teachers are shown of results."""

import json
import uuid
from collections import Counter
from collections.abc import Collection, Iterable, Mapping, Sequence
from datetime import datetime
from fractions import Fraction
from typing import TypeAlias

from django.db.models import Sum
from django.http import HttpRequest
from ninja import Schema

from server.accounts.teacher import teacher_of
from server.classes.flows.shown import names_in
from server.classes.show import students_in_order
from server.copies.flows.files import MOST_OF_A_COPY, MOST_OF_A_HANDOUT, kept_of_handout
from server.copies.flows.marking import marker_of
from server.copies.flows.read import in_order, read_entries
from server.copies.flows.when import own_of, times_of
from server.copies.models import Answer as StoredAnswer
from server.copies.models import AnswerChange, Copy
from server.entrance.arrival import arrived_at
from server.entrance.codes import shown
from server.handouts.flows.audience import students_of
from server.handouts.flows.documents import MarkedBy, document_of, marked_by
from server.handouts.flows.hand_out import right_to
from server.handouts.flows.happen import What, newest, since
from server.handouts.models import Handout
from server.handouts.show import HandoutOut, handout_out
from server.markbook.flows.newest_key import NewKey, key_is_newest
from server.markbook.flows.results import CountedMark, copies_with_marks, counted_marks, in_order_of_names
from server.may import Right
from server.words.say import say
from velum.document.document import Document, helps_of, points_of
from velum.document.key_set import with_keys
from velum.document.numbering import numbers_of
from velum.kinds import Answer, kind_of
from velum.kinds.help import HelpKind, HelpRef
from velum.kinds.part import WHOLE
from velum.mark import Verdict
from velum.marking.unit import Unreadable
from velum.points import show
from velum.times import Phase, ends, is_late, phase

Shown: TypeAlias = Mapping[uuid.UUID, str]
"""How students are shown where others see them."""


class MarkOut(Schema):
    """A mark as it is shown: ``earned`` and ``points`` are rounded for reading; ``most`` is what it may earn."""

    field_id: str
    part: str
    verdict: Verdict
    reason: str
    earned: str
    points: str
    most: float
    tries: int
    helped: int
    """How many helps were shown about it."""
    overruled: bool


class CopyRow(Schema):
    """A student in the results. ``total`` is what the marks add up to so far."""

    id: uuid.UUID
    name: str
    shown: str
    """The name as others may see it."""
    joined_at: datetime
    saved_at: datetime | None
    handed_in_at: datetime | None
    marks: list[MarkOut]
    total: str
    waiting: int
    late: int
    """Answers that came after it was handed in or closed."""
    begun_at: datetime | None
    more_minutes: int
    until: datetime | None
    ends_at: datetime | None
    """When its time ends, as far as is known."""
    over: bool
    """Whether that is past."""
    handed_in_late: bool


class AwaitedOut(Schema):
    """Somebody who has not opened the worksheet, by name and as others may see it."""

    name: str
    shown: str


class QuestionOut(Schema):
    field_id: str
    part: str
    number: str


class FilesOut(Schema):
    """What students have sent as files, in bytes, and how much there may be of a handout and of a copy."""

    kept: int
    most: int
    most_of_a_copy: int
    nearly_full: list[str]
    """The names of the copies into which hardly more fits."""


class ResultsOut(Schema):
    """A handout, the parts that are worth points in order, and a row for each copy.

    ``opinions`` are the numbers of the other parts.
    """

    number: int
    """The newest happening that it is sure to know of."""
    now: datetime
    handout: HandoutOut
    key_is_newest: bool
    questions: list[QuestionOut]
    opinions: list[str]
    points: str
    rows: list[CopyRow]
    awaited: list[AwaitedOut]
    """Those of its class who have not opened it."""
    files: FilesOut | None
    """None: nothing on the sheet takes files."""


class MeaningOut(Schema):
    """What settings would mean for those who have begun: how many they are, how many of them could not go on, and how
    many would have less time than now, or more.
    """

    begun: int
    ended: int
    less: int
    more: int


class ChangesOut(Schema):
    """What happened to a handout since somebody looked at it: the rows that may be others now, or all of it anew."""

    number: int
    results: ResultsOut | None
    rows: list[CopyRow]
    order: list[uuid.UUID] | None
    """All copies, in the order of names; None: it is as it was."""
    awaited: list[AwaitedOut]
    files: FilesOut | None


class DoubtOut(Schema):
    """A question whose newest key names something that the students' sheet does not have."""

    number: str
    words: str


class NewKeyPreviewOut(Schema):
    """The numbers of questions whose right answer is another by the newest key, and what is doubtful of it."""

    changed: list[str]
    doubtful: list[DoubtOut]


class NewKeyOut(Schema):
    """How many marks are others by the new key, and the results as they are now."""

    changed: int
    results: ResultsOut


class RulingOut(Schema):
    """An entry of the record: who decided what, when. ``earned`` is None where it went back to the machine's mark."""

    field_id: str
    part: str
    earned: str | None
    note: str
    by: str
    at: datetime


class AnswerOut(Schema):
    """``answer`` is None where this release cannot read it; ``kept`` is then what is kept, as it is."""

    field_id: str
    answer: Answer | None
    kept: str
    typed_at: datetime


class HelpUseOut(Schema):
    """A help that a student asked for."""

    field_id: str
    part: str | None
    kind: HelpKind
    cost: int
    at: datetime


class ReviewOut(Schema):
    """A copy as its student left it, with the key and the marks."""

    handout: uuid.UUID
    right: Right
    """The most that the teacher who asks may do with it."""
    row: CopyRow
    return_code: str | None
    """None: a student with a card needs none."""
    points: str
    document: Document
    answers: list[AnswerOut]
    late: list[AnswerOut]
    """What came after the copy was handed in or closed, and is no part of it."""
    help: list[HelpUseOut]
    record: list[RulingOut]
    next: uuid.UUID | None
    previous: uuid.UUID | None


class AcceptedOut(Schema):
    """How many marks of the handout are others now, and the copy as it is now."""

    changed: int
    review: ReviewOut


def _mark(mark: CountedMark) -> MarkOut:
    return MarkOut(
        field_id=mark.ref.field,
        part=mark.ref.part,
        verdict=mark.verdict,
        reason=say(mark.reason),
        earned=show(mark.earned),
        points=show(mark.points),
        most=float(mark.points),
        tries=mark.tries,
        helped=mark.helped,
        overruled=mark.overruled is not None and mark.overruled.earned is not None,
    )


def _total(points: Iterable[Fraction]) -> str:
    return show(sum(points, Fraction(0)))


def _row(copy: Copy, marks: list[CountedMark], late: int, now: datetime, shown: Shown) -> CopyRow:
    times, own = times_of(copy.handout), own_of(copy)
    return CopyRow(
        id=copy.pk,
        name=copy.name,
        shown=shown.get(copy.student_id, copy.name) if copy.student_id else copy.name,
        joined_at=copy.joined_at,
        saved_at=copy.saved_at,
        handed_in_at=copy.handed_in_at,
        marks=[_mark(mark) for mark in marks],
        total=_total(mark.earned for mark in marks),
        waiting=sum(mark.verdict is Verdict.TEACHER for mark in marks),
        late=late,
        begun_at=copy.begun_at,
        more_minutes=round(copy.more_time.total_seconds() / 60),
        until=copy.until,
        ends_at=ends(times, own),
        over=phase(times, own, now) is Phase.ENDED,
        handed_in_late=copy.handed_in_at is not None and is_late(times, own, copy.handed_in_at),
    )


def _shown_names(handout: Handout) -> Shown:
    """How the students of a handout are shown where others see it."""
    return names_in(handout.to_class) if handout.to_class else {}


def row_of(copy: Copy, now: datetime) -> CopyRow:
    """A copy as its row in the results says it."""
    by = marked_by(copy.handout)
    late = copy.changes.filter(late=True).count()
    marks = counted_marks(copy, by, marker_of(copy.handout, by.keys))
    return _row(copy, marks, late, now, _shown_names(copy.handout))


def results_of(request: HttpRequest, handout: Handout) -> ResultsOut:
    number = newest([handout.pk])[handout.pk]  # before anything is read: what happens meanwhile is asked for again
    document, by, now = document_of(handout), marked_by(handout), arrived_at(request)
    shown = _shown_names(handout)
    points, numbers = points_of(document.fields, by.keys.groups), numbers_of(document.fields)
    return ResultsOut(
        number=number,
        now=now,
        handout=handout_out(request, handout),
        key_is_newest=key_is_newest(handout, by.keys),
        questions=[
            QuestionOut(field_id=ref.field, part=ref.part, number=number)
            for ref, number in numbers.items()
            if points[ref]
        ],
        opinions=[number for ref, number in numbers.items() if not points[ref]],
        points=_total(points.values()),
        rows=_rows(handout, by, now, shown),
        awaited=_awaited(handout, shown),
        files=_files(handout, document),
    )


def changes_of(request: HttpRequest, handout: Handout, number: int) -> ChangesOut | None:
    """What happened after the happening with this number; None: nothing."""
    last = newest([handout.pk])[handout.pk]
    if last == number:
        return None
    happened = since(handout.pk, number)
    copies = {happening.copy for happening in happened if happening.copy}
    about_all = any(happening.copy is None for happening in happened)
    if about_all or last < number:  # the database is one from before, restored
        return ChangesOut(
            number=last, results=results_of(request, handout), rows=[], order=None, awaited=[], files=None
        )
    shown = _shown_names(handout)
    rows = _rows(handout, marked_by(handout), arrived_at(request), shown, copies)
    order = None
    if any(happening.what == What.JOINED for happening in happened):
        order = [copy.pk for copy in in_order_of_names(handout.copies.only("name", "joined_at"))]
    files = _files(handout, document_of(handout))
    return ChangesOut(number=last, results=None, rows=rows, order=order, awaited=_awaited(handout, shown), files=files)


def _rows(
    handout: Handout, by: MarkedBy, now: datetime, shown: Shown, only: Collection[uuid.UUID] | None = None
) -> list[CopyRow]:
    late = Counter(AnswerChange.objects.filter(copy__handout=handout, late=True).values_list("copy_id", flat=True))
    return [_row(copy, marks, late[copy.pk], now, shown) for copy, marks in copies_with_marks(handout, by, only)]


def _awaited(handout: Handout, shown: Shown) -> list[AwaitedOut]:
    if handout.to_class_id is None:
        return []
    here = handout.copies.filter(student__isnull=False).values("student")
    return [
        AwaitedOut(name=student.name, shown=shown[student.pk])
        for student in students_in_order(students_of(handout).exclude(pk__in=here))
    ]


_NEARLY = 0.8
"""The share of what a copy may keep from which on the teacher is told."""


def _files(handout: Handout, document: Document) -> FilesOut | None:
    if not any(kind_of(field).takes for field in document.fields):
        return None
    full = handout.copies.annotate(kept=Sum("files__size")).filter(kept__gte=_NEARLY * MOST_OF_A_COPY)
    return FilesOut(
        kept=kept_of_handout(handout),
        most=MOST_OF_A_HANDOUT,
        most_of_a_copy=MOST_OF_A_COPY,
        nearly_full=[copy.name for copy in in_order_of_names(full)],
    )


def _answers(document: Document, rows: Iterable[StoredAnswer]) -> list[AnswerOut]:
    """The answers of a copy, each as a whole."""
    of_fields: dict[str, list[StoredAnswer]] = {}
    for row in in_order(rows):
        of_fields.setdefault(row.field_id, []).append(row)
    return [_answer(document, kept) for kept in of_fields.values()]


def _answer(document: Document, kept: Sequence[StoredAnswer] | Sequence[AnswerChange]) -> AnswerOut:
    """An answer of which these entries were kept."""
    last = kept[-1]
    entries = {row.entry: row.value for row in kept}
    field = document.field(last.field_id)
    answer = read_entries(field, entries) if field else None
    readable = None if isinstance(answer, Unreadable) else answer
    text = "" if readable else json.dumps(entries.get(WHOLE, entries), ensure_ascii=False)
    return AnswerOut(field_id=last.field_id, answer=readable, kept=text, typed_at=last.typed_at)


def review_of(request: HttpRequest, copy: Copy) -> ReviewOut:
    document, by, now = document_of(copy.handout), marked_by(copy.handout), arrived_at(request)
    others = copy.handout.copies.only("name", "joined_at")
    order = [other.pk for other in in_order_of_names(others)]
    place = order.index(copy.pk)
    late = list(copy.changes.filter(late=True).order_by("pk"))
    return ReviewOut(
        handout=copy.handout.pk,
        right=right_to(teacher_of(request), copy.handout),
        row=_row(
            copy, counted_marks(copy, by, marker_of(copy.handout, by.keys)), len(late), now, _shown_names(copy.handout)
        ),
        return_code=shown(copy.guest.return_code) if copy.guest else None,
        points=_total(points_of(document.fields, by.keys.groups).values()),
        document=with_keys(document, by.keys),
        answers=_answers(document, copy.answers.all()),
        late=[_answer(document, [change]) for change in late],
        help=_help(copy, document),
        record=[
            RulingOut(
                field_id=ruling.field_id,
                part=ruling.part,
                earned=None if ruling.earned is None else show(Fraction(ruling.earned)),
                note=ruling.note,
                by=str(ruling.by),
                at=ruling.at,
            )
            for ruling in copy.overrules.select_related("by")
        ],
        previous=order[place - 1] if place > 0 else None,
        next=order[place + 1] if place + 1 < len(order) else None,
    )


def _help(copy: Copy, document: Document) -> list[HelpUseOut]:
    """The help that was asked for, in its order."""
    known = helps_of(document)
    rows = [(HelpRef(row.field_id, row.help_id), row.at) for row in copy.shown_help.order_by("at", "pk")]
    return [
        HelpUseOut(field_id=ref.field, part=help.part, kind=help.kind, cost=help.cost, at=at)
        for ref, at in rows
        if (help := known.get(ref))
    ]


def new_key_preview_out(handout: Handout, found: NewKey) -> NewKeyPreviewOut:
    numbers: dict[str, str] = {}
    for ref, number in numbers_of(document_of(handout).fields).items():
        numbers.setdefault(ref.field, number)
    return NewKeyPreviewOut(
        changed=[numbers[name] for name in found.changed if name in numbers],
        doubtful=[DoubtOut(number=numbers[name], words=say(doubt)) for name, doubt in found.doubtful.items()],
    )
