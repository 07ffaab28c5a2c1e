"""Run within a served school: hands a class's work in, changes a key, marks again; prints the seconds as JSON.

`python -m bench.class_marks STUDENTS FIELDS`
"""

import json
import os
import sys
import time
import uuid
from fractions import Fraction
from typing import Any

import django

os.environ.setdefault("DJANGO_SETTINGS_MODULE", "server.config.settings")
django.setup()

from django.utils import timezone  # noqa: E402

from server.accounts.models import User  # noqa: E402
from server.copies.flows.marking import marker_of, marks_now, stored  # noqa: E402
from server.copies.models import Answer, Copy, Guest, StoredMark  # noqa: E402
from server.handouts.flows.documents import marked_by  # noqa: E402
from server.handouts.flows.hand_out import hand_out  # noqa: E402
from server.markbook.flows.newest_key import use_newest_key  # noqa: E402
from server.worksheets.documents import written  # noqa: E402
from server.worksheets.flows.edit import edit  # noqa: E402
from server.worksheets.models import Worksheet  # noqa: E402
from velum.document.edits import SetKey  # noqa: E402
from velum.document.tests.examples import a_document, answer_box  # noqa: E402
from velum.geometry.box import Box  # noqa: E402
from velum.kinds.answer_box import AnswerBoxKey  # noqa: E402
from velum.kinds.choice import Choice, ChoiceKey, worded  # noqa: E402
from velum.kinds.kind import FieldBase  # noqa: E402

WRITTEN = [
    ("bladder wrack", ["Bladder wrack", "kelp", "bladderwrack"]),
    ("4750", ["4,750", "475", "4 750"]),
    ("12 cm", ["0.12 m", "12", "12 cm"]),
    ("14:30", ["2.30 pm", "2:30", "14:30"]),
    ("H2O", ["H₂O", "H20", "water"]),
    ("2x + 3", ["3 + 2x", "2x", "5x"]),
]
"""Keys, and what students write; every seventh field is a choice."""


def run(students: int, count: int) -> dict[str, float]:
    owner = User.objects.first()
    assert owner is not None
    fields, keys = _sheet(count)
    document = a_document().changed(fields=tuple(fields), keys=keys)
    sheet = Worksheet.objects.create(owner=owner, **written(document))
    handout = hand_out(owner, sheet.pk)
    now = timezone.now()
    guests = Guest.objects.bulk_create(
        Guest(handout=handout, name=f"Student {number}", folded_name=f"student {number}", return_code=f"R{number}")
        for number in range(students)
    )
    copies = Copy.objects.bulk_create(
        Copy(handout=handout, guest=guest, name=guest.name, saved_at=now, handed_in_at=now) for guest in guests
    )
    Answer.objects.bulk_create(
        Answer(copy=copy, field_id=field.id, revision=1, value=_answer(place, number), typed_at=now)
        for number, copy in enumerate(copies)
        for place, field in enumerate(fields)
    )
    marker = marker_of(handout, marked_by(handout).keys)
    for copy in copies:
        marks = marks_now(copy, copy.answers.all(), marker)
        StoredMark.objects.bulk_create(stored(copy.pk, marked) for marked in marks)
    key = AnswerBoxKey(text="kelp", also=("bladder wrack",))
    edit(owner, sheet.pk, sheet.revision, uuid.uuid4(), [SetKey(field_id=fields[0].id, key=key)])
    begun = time.perf_counter()
    changed = use_newest_key(owner, handout.pk)
    seconds = time.perf_counter() - begun
    begun = time.perf_counter()
    rows = list(Answer.objects.filter(copy__handout=handout).values_list("copy", "field_id", "value"))
    bare = time.perf_counter() - begun
    total = sum(Fraction(mark.earned) for mark in StoredMark.objects.filter(copy__handout=handout))
    return {"seconds": seconds, "bare": bare, "answers": len(rows), "changed": changed, "total": float(total)}


def _sheet(count: int) -> tuple[list[Any], dict[str, Any]]:
    fields: list[FieldBase] = []
    keys: dict[str, Any] = {}
    for place in range(count):
        name = f"box{place:03}"
        if place % 7 == 6:
            box = Box(x=72, y=10 + place * 12, width=120, height=22)
            fields.append(Choice(id=name, page="page1", box=box, options=worded("", "", "", "")))
            keys[name] = ChoiceKey(picked=("opt01",))
        else:
            fields.append(answer_box(name, y=10 + place * 12))
            keys[name] = AnswerBoxKey(text=WRITTEN[place % 7][0])
    return fields, keys


def _answer(place: int, number: int) -> dict[str, Any]:
    if place % 7 == 6:
        return {"kind": "choice", "version": 2, "picked": [f"opt{number % 4:02}"]}
    texts = WRITTEN[place % 7][1]
    return {"kind": "answer_box", "text": texts[(number + place) % len(texts)]}


if __name__ == "__main__":
    print(json.dumps(run(int(sys.argv[1]), int(sys.argv[2]))))
