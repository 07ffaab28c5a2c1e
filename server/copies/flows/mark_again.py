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

from server.copies.flows.marking import NOT_RIGHT, marker_of, said_by, stored
from server.copies.flows.read import read_entries
from server.copies.models import Answer, Copy, ShownHelp, StoredMark, Try
from server.handouts.flows.documents import document_of, marked_by
from server.handouts.models import Handout
from velum.document.document import Document
from velum.kinds.help import HelpRef
from velum.kinds.part import PartRef
from velum.marking.unit import Given

_SAID = ("verdict", "earned", "points", "reason_code", "reason")
_SLICE = 50
"""Copies whose marks are written at a time."""


def mark_again(handout: Handout) -> int:
    """Mark all copies of a handout that were handed in; returns how many marks are others now."""
    by = marked_by(handout)
    marker = marker_of(handout, by.keys)
    # First who is to be marked, then what they wrote: whoever writes or hands in after this is told by their ``saves``.
    copies = iter(list(handout.copies.filter(handed_in_at__isnull=False).values_list("pk", "saves")))
    answers = _answers_of(handout, document_of(handout))
    tries = _tries_of(handout) if handout.try_cost else {}
    helped = _helped_of(handout)
    before: defaultdict[uuid.UUID, dict[PartRef, tuple[int, dict[str, str]]]] = defaultdict(dict)
    rows = StoredMark.objects.filter(copy__handout=handout)
    for pk, copy_id, field_id, part, *said in rows.values_list("pk", "copy_id", "field_id", "part", *_SAID):
        before[copy_id][PartRef(field_id, part)] = pk, dict(zip(_SAID, said, strict=True))
    changed = 0
    while some := dict(islice(copies, _SLICE)):
        new, gone = [], []
        for copy_id in some:
            marks = before[copy_id]
            for marked in marker.mark(answers[copy_id], tries.get(copy_id), helped[copy_id]):
                pk, said = marks.pop(marked.ref, (None, {}))
                if said != said_by(marked):
                    new.append(stored(copy_id, marked))
                    gone += [] if pk is None else [pk]
            gone += [pk for pk, _ in marks.values()]  # of parts that are no longer marked
        _write(by.name, some, new, gone)
        changed += len(new)
    return changed


def _write(name: str, copies: Mapping[uuid.UUID, int], new: list[StoredMark], gone: list[int]) -> None:
    with transaction.atomic():
        # A copy that was taken back meanwhile has no marks, and is marked when it is handed in again.
        there = Copy.objects.select_for_update().filter(pk__in=copies, handed_in_at__isnull=False)
        still = {copy_id for copy_id, saves in there.values_list("pk", "saves") if copies[copy_id] == saves}
        StoredMark.objects.filter(pk__in=gone, copy__in=still).delete()
        StoredMark.objects.bulk_create((mark for mark in new if mark.copy_id in still), ignore_conflicts=True)
        Copy.objects.filter(pk__in=still).update(marked_by=name)


def _answers_of(handout: Handout, document: Document) -> defaultdict[uuid.UUID, dict[str, Given]]:
    """The answers of all copies, by copy and field. What several wrote alike is read once."""
    fields = {field.id: field for field in document.fields}
    written: defaultdict[tuple[uuid.UUID, str], list[tuple[str, str]]] = defaultdict(list)
    rows = Answer.objects.filter(copy__handout=handout).annotate(written=Cast("value", TextField()))
    for copy_id, field_id, entry, text in rows.order_by("typed_at", "entry").values_list(
        "copy_id", "field_id", "entry", "written"
    ):
        if field_id in fields:
            written[copy_id, field_id].append((entry, text))
    read: dict[tuple[str, tuple[tuple[str, str], ...]], Given] = {}
    found: defaultdict[uuid.UUID, dict[str, Given]] = defaultdict(dict)
    for (copy_id, field_id), entries in written.items():
        known = (field_id, tuple(entries))
        if known not in read:
            read[known] = read_entries(fields[field_id], {entry: json.loads(text) for entry, text in entries})
        found[copy_id][field_id] = read[known]
    return found


def _helped_of(handout: Handout) -> defaultdict[uuid.UUID, list[HelpRef]]:
    found: defaultdict[uuid.UUID, list[HelpRef]] = defaultdict(list)
    rows = ShownHelp.objects.filter(copy__handout=handout)
    for copy_id, field_id, help_id in rows.values_list("copy_id", "field_id", "help_id"):
        found[copy_id].append(HelpRef(field_id, help_id))
    return found


def _tries_of(handout: Handout) -> dict[uuid.UUID, Counter[PartRef]]:
    found: defaultdict[uuid.UUID, Counter[PartRef]] = defaultdict(Counter)
    rows = Try.objects.filter(copy__handout=handout, verdict__in=NOT_RIGHT)
    for copy_id, field_id, part in rows.values_list("copy_id", "field_id", "part"):
        found[copy_id][PartRef(field_id, part)] += 1
    return found
