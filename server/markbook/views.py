import tempfile
import uuid

from django.contrib.auth.decorators import login_required
from django.http import FileResponse, HttpRequest, HttpResponse, HttpResponseBase
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.classes.flows.find import find_student
from server.copies.views import send_answer_file
from server.entrance.arrival import arrived_at
from server.entrance.screens import screen
from server.handouts.flows.hand_out import find_handout
from server.markbook.flows.overrule import find_copy_of_teacher
from server.markbook.flows.student_data import write_data
from server.markbook.show import results_of, review_of
from server.may import Right


@login_required
@require_safe
def handout(request: HttpRequest, handout_id: uuid.UUID) -> HttpResponse:
    """A handout: how to join it, who has, and the marks."""
    results = results_of(request, find_handout(teacher_of(request), handout_id, Right.LOOK))
    return screen(request, "handout", results.handout.title, results)


@login_required
@require_safe
def student_data(request: HttpRequest, student_id: uuid.UUID) -> FileResponse:
    """All that is kept of a student, as one file."""
    student = find_student(teacher_of(request), student_id, Right.OWN)
    out = tempfile.TemporaryFile()  # noqa: SIM115 (whoever sends it closes it)
    write_data(student, out)
    out.seek(0)
    response = FileResponse(out, as_attachment=True, filename=f"{student.name}.zip", content_type="application/zip")
    response["Cache-Control"] = "no-store"
    return response


@login_required
@require_safe
def review(request: HttpRequest, copy_id: uuid.UUID) -> HttpResponse:
    """A copy as its student left it."""
    copy = find_copy_of_teacher(teacher_of(request), copy_id, Right.LOOK)
    return screen(request, "review", f"{copy.name}: {copy.handout.edition.title}", review_of(copy, arrived_at(request)))


@login_required
@require_safe
def answer_file(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A file that a student put into an answer."""
    return send_answer_file(request, find_copy_of_teacher(teacher_of(request), copy_id, Right.LOOK), sha256)
