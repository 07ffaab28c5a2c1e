"""Marking a whole class again.

Rows are read as they are stored, an answer that several gave is read and marked once, and only marks that are others
now are written: so two hundred copies take a moment.
"""

import json
import uuid
from collections import Counter, defaultdict

from django.db import transaction
from django.db.models import TextField
from django.db.models.functions import Cast

from server.copies.flows.marking import NOT_RIGHT, marker_of, said_by, stored
from server.copies.models import Answer, Mark, Try
from server.handouts.flows.documents import document_of
from server.handouts.models import Handout
from velum.document.worksheet import Worksheet
from velum.kinds import Answer as AnswerValue
from velum.kinds import kind_of

_SAID = ("verdict", "earned", "points", "reason_code", "reason")


@transaction.atomic
def mark_again(handout: Handout) -> int:
    """Mark all copies of a handout that were handed in; returns how many marks are others now."""
    worksheet = document_of(handout)
    marker = marker_of(handout)
    answers = _answers_of(handout, worksheet)
    tries = _tries_of(handout) if handout.try_cost else {}
    before = {
        (copy_id, field_id): (pk, dict(zip(_SAID, said, strict=True)))
        for pk, copy_id, field_id, *said in Mark.objects.filter(copy__handout=handout).values_list(
            "pk", "copy_id", "field_id", *_SAID
        )
    }
    new, gone = [], []
    for copy_id in handout.copies.filter(handed_in_at__isnull=False).values_list("pk", flat=True):
        for marked in marker.mark(answers[copy_id], tries.get(copy_id)):
            pk, said = before.pop((copy_id, marked.field_id), (None, {}))
            if said != said_by(marked):
                new.append(stored(copy_id, marked))
                gone += [] if pk is None else [pk]
    # What is left is of fields that are no longer marked.
    Mark.objects.filter(pk__in=[*gone, *(pk for pk, _ in before.values())]).delete()
    Mark.objects.bulk_create(new)
    return len(new)


def _answers_of(handout: Handout, worksheet: Worksheet) -> dict[uuid.UUID, dict[str, AnswerValue]]:
    """The answers of all copies, by copy and field."""
    fields = {field.id: field for field in worksheet.fields}
    read: dict[tuple[str, str], AnswerValue] = {}
    found: defaultdict[uuid.UUID, dict[str, AnswerValue]] = defaultdict(dict)
    rows = Answer.objects.filter(copy__handout=handout).annotate(written=Cast("value", TextField()))
    for copy_id, field_id, written in rows.values_list("copy_id", "field_id", "written"):
        if field_id not in fields:
            continue
        if (field_id, written) not in read:
            read[field_id, written] = kind_of(fields[field_id]).read_answer(json.loads(written))
        found[copy_id][field_id] = read[field_id, written]
    return found


def _tries_of(handout: Handout) -> dict[uuid.UUID, Counter[str]]:
    found: defaultdict[uuid.UUID, Counter[str]] = defaultdict(Counter)
    rows = Try.objects.filter(copy__handout=handout, verdict__in=NOT_RIGHT)
    for copy_id, field_id in rows.values_list("copy_id", "field_id"):
        found[copy_id][field_id] += 1
    return found
