"""Saving what a student answers.

Every change carries the student's revision of that answer, so a save that is sent again does no harm. A device orders
its own changes, however late one of them arrives; when two devices changed the same answer, what was typed last stands,
and the other stays in the log. An answer of a kind that is kept entry by entry is merged by them: each entry is saved
as other answers are, so devices that change different ones both keep theirs. What comes after the copy was handed in or
closed stands nowhere, but is in the log too.
"""

import uuid
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Any, TypeAlias

from django.db.models import Max

from server.copies.flows.find import find_copy, home_of
from server.copies.flows.when import counting_at, phase_of
from server.copies.flows.write import Overtaken, write
from server.copies.models import Answer, AnswerChange, AnswerFile, Copy
from server.entrance.errors import Busy, Conflict
from server.worksheets.flows.freeze import read_edition
from velum.document.document import Document
from velum.errors import VelumError
from velum.kinds import kind_of
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.times import Phase

TRIES = 5
MOST_LATE = 1_000
"""Changes to a copy that are noted after it was handed in or closed."""


Of: TypeAlias = tuple[str, str]
"""What is saved by itself: a field, and the entry of its answer, which is empty for all of it."""


@dataclass(frozen=True)
class Change:
    """One answer, or an entry of one, as a device has it; ``age`` says how long ago it was typed.

    ``order`` rises with each change that ``device`` makes to it; "" and 0 where a device does not say.
    """

    field_id: str
    revision: int
    value: Any
    age: timedelta
    device: str = ""
    order: int = 0
    entry: str = WHOLE

    @property
    def of(self) -> Of:
        """What it changes."""
        return self.field_id, self.entry


@dataclass(frozen=True)
class Outcome:
    """What now stands, or why the change was refused (and then nothing of it changed)."""

    of: Of
    revision: int
    value: dict[str, Any] | None
    refused: VelumError | None = None


class TooLate(Conflict):
    """Changes to a copy that can no longer be changed. Those that differ from what stands are noted: ``outcomes``."""

    handed_in_at: datetime | None = None
    outcomes: Sequence[Outcome] = ()


class NotYet(TooLate):
    """Changes to a copy that cannot be changed yet: the device keeps them until it can."""


def _time_up() -> TooLate:
    return TooLate("copy.time_up", "The time for this worksheet is over. What was saved is kept.")


def too_late(copy: Copy, now: datetime) -> TooLate | None:
    """Why a copy cannot be changed at a moment; None: it can."""
    if copy.handed_in_at is not None:
        refused = TooLate("copy.handed_in", "This worksheet is handed in. Ask your teacher if you want to go on.")
        refused.handed_in_at = copy.handed_in_at
        return refused
    if not copy.handout.open:
        return TooLate("handout.closed", "Your teacher has closed this worksheet. What was saved is kept.")
    match phase_of(copy, now):
        case Phase.WAITING:
            return NotYet("handout.not_open_yet", "This worksheet is not open yet. Come back when it is.")
        case Phase.UNBEGUN:
            return NotYet("copy.not_begun", "Your time has not begun. Open this worksheet again to begin.")
        case Phase.ENDED:
            return _time_up()
    return None


def check_open(copy: Copy, now: datetime) -> None:
    """Raises TooLate when a copy cannot be changed at a moment."""
    if refused := too_late(copy, now):
        raise refused


def open_at(copy: Copy, now: datetime) -> datetime:
    """The moment as of which a change that comes now counts: now, or the end while that is not long past.

    Raises TooLate.
    """
    refused = too_late(copy, now)
    if refused is None:
        return now
    counting = counting_at(copy, now)
    if refused.code != "copy.time_up" or counting is None:
        raise refused
    return counting


def save_answers(copy_id: uuid.UUID, changes: Iterable[Change], now: datetime) -> list[Outcome]:
    """Save changes, and say for each what stands now.

    What was typed before the end counts for some minutes after it. Raises TooLate when the copy is handed in or closed,
    or when something came that was typed after the end; Missing when there is none, and Busy when others go on changing
    the same answers at the same time.
    """
    latest = latest_of(changes)
    after: list[Change] = []
    edition, counting = home_of(copy_id).edition, now
    # At first as if nothing stood in the way, which is nearly always so; only when something does is it read.
    standing = Standing({}, {})
    for _ in range(TRIES):
        decided = decide(copy_id, edition, latest, standing, now, after_end=counting < now)
        if decided.log:
            try:
                write(copy_id, decided.log, decided.answers, now, counting)
            except Overtaken:
                pass
            else:
                return _with_late(copy_id, decided.outcomes, after, now)
        copy = find_copy(copy_id)
        try:
            counting = open_at(copy, now)
        except TooLate as refused:
            if not isinstance(refused, NotYet):
                refused.outcomes = note_late(copy, [*latest, *after], now)
            raise
        if not decided.log:
            return _with_late(copy_id, decided.outcomes, after, now)
        latest, later = in_time(latest, counting, now)
        after += later
        standing = standing_of(copy_id, latest)
    raise Busy("answers.busy", "These answers are being changed elsewhere at the same time. They are sent again.")


def in_time(changes: Iterable[Change], counting: datetime, now: datetime) -> tuple[list[Change], list[Change]]:
    """Those that were typed by the moment as of which they count, and the others."""
    by_then: list[Change] = []
    later: list[Change] = []
    for change in changes:
        (later if now - change.age > counting else by_then).append(change)
    return by_then, later


def _with_late(copy_id: uuid.UUID, outcomes: list[Outcome], after: Sequence[Change], now: datetime) -> list[Outcome]:
    """What became of changes some of which may have been typed after the end. Raises TooLate for those."""
    if not after:
        return outcomes
    copy = find_copy(copy_id)
    refused = too_late(copy, now) or _time_up()
    refused.outcomes = [*outcomes, *note_late(copy, after, now)]
    raise refused


def latest_of(changes: Iterable[Change]) -> list[Change]:
    """The last change of each answer or entry."""
    return list({change.of: change for change in changes}.values())


@dataclass(frozen=True)
class Standing:
    """What stands, and the newest order that each device has sent for it."""

    answers: Mapping[Of, Answer]
    orders: Mapping[tuple[Of, str], int]


def standing_of(copy_id: uuid.UUID, changes: Sequence[Change]) -> Standing:
    """What stands in the way of changes."""
    names = [change.field_id for change in changes]
    answers = Answer.objects.filter(copy_id=copy_id, field_id__in=names)
    return Standing({(answer.field_id, answer.entry): answer for answer in answers}, orders_of(copy_id, changes))


def orders_of(copy_id: uuid.UUID, changes: Sequence[Change]) -> dict[tuple[Of, str], int]:
    """The newest order that each device has sent for what the changes are of."""
    names = [change.field_id for change in changes]
    rows = AnswerChange.objects.filter(copy_id=copy_id, field_id__in=names, late=False).exclude(device="")
    newest = rows.values_list("field_id", "entry", "device").annotate(Max("order"))
    return {((field_id, entry), device): order for field_id, entry, device, order in newest}


@dataclass(frozen=True)
class Decided:
    """What to note in the log, what is to stand from now on, and what to say of each change."""

    log: list[AnswerChange]
    answers: list[Answer]
    outcomes: list[Outcome]


def decide(
    copy_id: uuid.UUID,
    edition: int,
    changes: Sequence[Change],
    standing: Standing,
    now: datetime,
    *,
    after_end: bool = False,
) -> Decided:
    """What becomes of changes to a copy of an edition, where this stands. ``after_end``: the time is over."""
    document = read_edition(edition)
    decided = Decided([], [], [])
    full = _full(copy_id, document, changes)
    for change in changes:
        try:
            value = read_change(copy_id, document, change)
            if change.of in full:
                raise AnswerRefused("answer.too_many_entries", "Nothing more fits into this answer. All else is kept.")
        except VelumError as refused:
            decided.outcomes.append(Outcome(change.of, change.revision, None, refused))
            continue
        _decide(copy_id, change, value, standing, now, decided)
    for row in decided.log:
        row.after_end = after_end
    return decided


def _decide(
    copy_id: uuid.UUID, change: Change, value: dict[str, Any], standing: Standing, now: datetime, decided: Decided
) -> None:
    before = standing.answers.get(change.of)
    newest = standing.orders.get((change.of, change.device), 0)
    if before is not None and change.revision <= before.revision and before.value == value:
        decided.outcomes.append(Outcome(change.of, before.revision, before.value))  # it came before
        return
    new = _columns(copy_id, change, value, now)
    kept = True
    if before is not None and change.revision <= before.revision:
        new["revision"] = before.revision + 1
        is_newest = not change.order or change.order > newest
        kept = is_newest and (
            (bool(change.device) and before.device == change.device) or new["typed_at"] > before.typed_at
        )
    decided.log.append(AnswerChange(kept=kept, order=change.order, **new))
    if kept or before is None:
        decided.answers.append(Answer(**new))
        decided.outcomes.append(Outcome(change.of, new["revision"], value))
    else:
        decided.outcomes.append(Outcome(change.of, before.revision, before.value))


def read_change(copy_id: uuid.UUID, document: Document, change: Change) -> dict[str, Any]:
    """The answer, or the entry, as it is kept. Raises AnswerRefused."""
    field = document.field(change.field_id)
    if field is None:
        raise AnswerRefused("answer.no_field", "This question is no longer part of the worksheet.")
    kind = kind_of(field)
    entry = kind.read_entry(field, change.entry, change.value)
    files = set(kind.files(entry))
    if files and len(files) > AnswerFile.objects.filter(copy_id=copy_id, sha256__in=files).count():
        raise AnswerRefused("answer.no_file", "A file of this answer has not come. It is sent again.")
    return entry.model_dump(mode="json")


def _full(copy_id: uuid.UUID, document: Document, changes: Sequence[Change]) -> set[Of]:
    """Entries that are new to an answer which holds as many as it may. Answers that are one whole are never full."""
    names: dict[str, list[str]] = {}
    for change in changes:
        names.setdefault(change.field_id, []).append(change.entry)
    full: set[Of] = set()
    for field_id, new in names.items():
        field = document.field(field_id)
        entries = kind_of(field).entries if field else None
        if entries:
            there = set(Answer.objects.filter(copy_id=copy_id, field_id=field_id).values_list("entry", flat=True))
            more = [name for name in dict.fromkeys(new) if name not in there]
            full.update((field_id, name) for name in more[max(0, entries.most - len(there)) :])
    return full


def note_late(copy: Copy, changes: Sequence[Change], now: datetime) -> list[Outcome]:
    """Note what was answered too late, and say for each change what stands. The same again is noted once."""
    document = read_edition(copy.handout.edition_id)
    stands = {(answer.field_id, answer.entry): answer for answer in copy.answers.all()}
    earlier = AnswerChange.objects.filter(copy=copy, late=True).order_by("pk")
    noted = {(change.field_id, change.entry): change.value for change in earlier}
    room = MOST_LATE - len(earlier)
    log: list[AnswerChange] = []
    outcomes = []
    for change in changes:
        before = stands.get(change.of)
        try:
            value = read_change(copy.pk, document, change)
            if value not in (before and before.value, noted.get(change.of)):
                if len(log) >= room:
                    raise AnswerRefused("answer.too_many_late", "Too much came after this was handed in.")
                log.append(_late(copy, change, value, now))
        except VelumError as refused:
            outcomes.append(Outcome(change.of, change.revision, None, refused))
        else:
            outcomes.append(Outcome(change.of, change.revision, before.value if before else None))
    AnswerChange.objects.bulk_create(log)
    return outcomes


def _late(copy: Copy, change: Change, value: dict[str, Any], now: datetime) -> AnswerChange:
    return AnswerChange(kept=False, late=True, order=change.order, **_columns(copy.pk, change, value, now))


def _columns(copy_id: uuid.UUID, change: Change, value: dict[str, Any], now: datetime) -> dict[str, Any]:
    """What an answer and its row in the log have in common."""
    return {
        "copy_id": copy_id,
        "field_id": change.field_id,
        "entry": change.entry,
        "revision": change.revision,
        "value": value,
        "typed_at": now - change.age,
        "device": change.device,
    }
