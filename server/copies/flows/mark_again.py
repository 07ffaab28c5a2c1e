"""Marking a whole class again.

Rows are read as they are stored, an answer that several gave is read and marked once, and only marks that are others
now are written: so two hundred copies take a moment. Nothing is locked meanwhile, and what is written is written in
slices, between which students save. Whoever is stopped half way has lost nothing: marks that were made by another key
are computed anew when they are shown (``Copy.marked_by``), and marking again goes on where it was.
"""

import json
import uuid
from collections import Counter, defaultdict
from collections.abc import Mapping
from itertools import islice

from django.db import transaction
from django.db.models import TextField
from django.db.models.functions import Cast

from server.copies.flows.marking import NOT_RIGHT, marker_of, read_answer, said_by, stored
from server.copies.models import Answer, Copy, Mark, Try
from server.handouts.flows.documents import document_of, key_of
from server.handouts.models import Handout
from velum.document.worksheet import Worksheet
from velum.kinds import Answer as AnswerValue
from velum.marking.copies import Unreadable

_SAID = ("verdict", "earned", "points", "reason_code", "reason")
_SLICE = 50
"""Copies whose marks are written at a time."""


def mark_again(handout: Handout) -> int:
    """Mark all copies of a handout that were handed in; returns how many marks are others now."""
    marker = marker_of(handout)
    # First who is to be marked, then what they wrote: whoever writes or hands in after this is told by their ``saves``.
    copies = iter(list(handout.copies.filter(handed_in_at__isnull=False).values_list("pk", "saves")))
    answers = _answers_of(handout, document_of(handout))
    tries = _tries_of(handout) if handout.try_cost else {}
    before: defaultdict[uuid.UUID, dict[str, tuple[int, dict[str, str]]]] = defaultdict(dict)
    for pk, copy_id, field_id, *said in Mark.objects.filter(copy__handout=handout).values_list(
        "pk", "copy_id", "field_id", *_SAID
    ):
        before[copy_id][field_id] = pk, dict(zip(_SAID, said, strict=True))
    changed = 0
    while some := dict(islice(copies, _SLICE)):
        new, gone = [], []
        for copy_id in some:
            marks = before[copy_id]
            for marked in marker.mark(answers[copy_id], tries.get(copy_id)):
                pk, said = marks.pop(marked.field_id, (None, {}))
                if said != said_by(marked):
                    new.append(stored(copy_id, marked))
                    gone += [] if pk is None else [pk]
            gone += [pk for pk, _ in marks.values()]  # of fields that are no longer marked
        _write(handout, some, new, gone)
        changed += len(new)
    return changed


def _write(handout: Handout, copies: Mapping[uuid.UUID, int], new: list[Mark], gone: list[int]) -> None:
    with transaction.atomic():
        # A copy that was taken back meanwhile has no marks, and is marked when it is handed in again.
        there = Copy.objects.select_for_update().filter(pk__in=copies, handed_in_at__isnull=False)
        still = {copy_id for copy_id, saves in there.values_list("pk", "saves") if copies[copy_id] == saves}
        Mark.objects.filter(pk__in=gone, copy__in=still).delete()
        Mark.objects.bulk_create((mark for mark in new if mark.copy_id in still), ignore_conflicts=True)
        Copy.objects.filter(pk__in=still).update(marked_by=key_of(handout))


def _answers_of(handout: Handout, worksheet: Worksheet) -> defaultdict[uuid.UUID, dict[str, AnswerValue | Unreadable]]:
    """The answers of all copies, by copy and field."""
    read: dict[tuple[str, str], AnswerValue | Unreadable | None] = {}
    found: defaultdict[uuid.UUID, dict[str, AnswerValue | Unreadable]] = defaultdict(dict)
    rows = Answer.objects.filter(copy__handout=handout).annotate(written=Cast("value", TextField()))
    for copy_id, field_id, written in rows.values_list("copy_id", "field_id", "written"):
        if (field_id, written) not in read:
            read[field_id, written] = read_answer(worksheet, field_id, json.loads(written))
        answer = read[field_id, written]
        if answer is not None:
            found[copy_id][field_id] = answer
    return found


def _tries_of(handout: Handout) -> dict[uuid.UUID, Counter[str]]:
    found: defaultdict[uuid.UUID, Counter[str]] = defaultdict(Counter)
    rows = Try.objects.filter(copy__handout=handout, verdict__in=NOT_RIGHT)
    for copy_id, field_id in rows.values_list("copy_id", "field_id"):
        found[copy_id][field_id] += 1
    return found
