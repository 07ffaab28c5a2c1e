"""All that is kept of a student: taken away as one file, and erased (docs/student-data.md)."""

import json
import shutil
import uuid
import zipfile
from datetime import datetime
from typing import IO, Any

from django.core.files.storage import default_storage
from django.core.serializers.json import DjangoJSONEncoder
from django.db import transaction

from server import may
from server.accounts.models import User
from server.classes.flows.find import find_student
from server.classes.models import Class, Enrolment, Erasure, Student
from server.copies.flows.marking import marker_of
from server.copies.models import AnswerFile, Copy
from server.entrance.errors import Conflict
from server.files.in_use import in_use
from server.handouts.flows.documents import document_of, marked_by
from server.handouts.flows.happen import What, happen
from server.markbook.flows.results import counted_marks
from server.may import Right
from velum.document.numbering import numbers_of

VERSION = 1


def write_data(student: Student, out: IO[bytes]) -> None:
    """Write a zip: ``student.json``, and the files that the student put into answers."""
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as packed:
        copies = student.copies.select_related("handout__edition", "handout__to_class").order_by("joined_at", "pk")
        work = []
        for copy in copies:
            work.append(_work(copy))
            for file in copy.files.all():
                if default_storage.exists(file.name):
                    with (
                        default_storage.open(file.name) as kept,
                        packed.open(_name(file), "w", force_zip64=True) as put,
                    ):
                        shutil.copyfileobj(kept, put)
        enrolments = student.enrolments.select_related("of_class").order_by("since", "pk")
        written = {
            "format": "velum-student",
            "version": VERSION,
            "student": student.value.model_dump(),
            "classes": [_enrolment(enrolment) for enrolment in enrolments],
            "work": work,
        }
        packed.writestr("student.json", json.dumps(written, cls=DjangoJSONEncoder, ensure_ascii=False, indent=1))


@transaction.atomic
def erase(teacher: User, student_id: uuid.UUID, now: datetime) -> Erasure:
    """Erase all that is kept of a student. Raises Missing, and Conflict for one who is in somebody else's class too."""
    found = find_student(teacher, student_id, Right.OWN)
    # Whoever would make a copy for them meanwhile waits, and then finds nobody.
    student = Student.objects.select_for_update().get(pk=found.pk)
    there = Class.objects.filter(enrolments__student=student, enrolments__left_at=None)
    other = there.exclude(may.class_of(teacher, Right.OWN)).first()
    if other is not None:
        raise Conflict(
            "student.in_another_class",
            "This student is in {name} too. Whoever owns that class takes them out of it first.",
            {"name": other.name},
        )
    copies = list(student.copies.select_related("handout"))
    classes = Class.objects.filter(enrolments__student=student).order_by("name")
    erasure = Erasure.objects.create(
        school_id=student.school_id,
        by=teacher,
        at=now,
        classes="\n".join(each.name for each in classes),
        copies=len(copies),
    )
    contents = set(AnswerFile.objects.filter(copy__in=copies).values_list("sha256", flat=True))
    Copy.objects.filter(pk__in=[copy.pk for copy in copies]).delete()
    student.delete()
    for handout in {copy.handout_id for copy in copies}:
        happen(handout, What.SETTLED, now)  # its results are without them now
    transaction.on_commit(lambda: _forget(contents))
    return erasure


def _forget(contents: set[str]) -> None:
    """Remove the content of files that no answer speaks of any more."""
    with in_use(alone=True):
        still = set(AnswerFile.objects.filter(sha256__in=contents).values_list("sha256", flat=True))
        for sha256 in contents - still:
            default_storage.delete(AnswerFile(sha256=sha256).name)


def _name(file: AnswerFile) -> str:
    return f"files/{file.copy_id}/{file.sha256}.{file.media_type.rpartition('/')[2].split('+')[0]}"


def _enrolment(enrolment: Enrolment) -> dict[str, Any]:
    of_class = enrolment.of_class
    return {"class": of_class.name, "year": of_class.year, "since": enrolment.since, "left": enrolment.left_at}


def _work(copy: Copy) -> dict[str, Any]:
    """A copy, with all that was noted about it."""
    by = marked_by(copy.handout)
    numbers = {(ref.field, ref.part): number for ref, number in numbers_of(document_of(copy.handout).fields).items()}

    def rows(name: str, *more: str) -> list[dict[str, Any]]:
        order = getattr(copy, name).order_by("pk")
        return list(order.values("field_id", *more))

    return {
        "worksheet": copy.handout.edition.title,
        "class": copy.handout.to_class.name if copy.handout.to_class else None,
        "handed_out": copy.handout.created_at,
        "opened": copy.joined_at,
        "begun": copy.begun_at,
        "saved": copy.saved_at,
        "handed_in": list(copy.handings_in.values("at", "taken_back_at")),
        "answers": rows("answers", "entry", "value", "typed_at"),
        "changes": rows("changes", "entry", "value", "typed_at", "kept", "late", "after_end"),
        "checks": rows("tries", "part", "value", "verdict", "reason", "at"),
        "help": rows("shown_help", "help_id", "at"),
        "marks": [
            {
                "question": numbers.get((mark.ref.field, mark.ref.part), ""),
                "field_id": mark.ref.field,
                "part": mark.ref.part,
                "verdict": mark.verdict.value,
                "earned": str(mark.earned),
                "points": str(mark.points),
                "reason": mark.reason.words,
            }
            for mark in counted_marks(copy, by, marker_of(copy.handout, by.keys))
        ],
        "decisions": rows("overrules", "part", "earned", "note", "at"),
        "files": [_name(file) for file in copy.files.order_by("pk")],
    }
