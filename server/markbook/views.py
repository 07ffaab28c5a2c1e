import tempfile
import uuid

from django.contrib.auth.decorators import login_required
from django.http import FileResponse, Http404, HttpRequest, HttpResponse, HttpResponseBase
from django.shortcuts import get_object_or_404
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.classes.flows.find import find_student
from server.copies.views import send_answer_file
from server.entrance.screens import screen
from server.files.send import send_disarmed
from server.handouts.flows.hand_out import find_handout
from server.markbook.flows.overrule import find_copy_of_teacher
from server.markbook.flows.student_data import write_data
from server.markbook.show import results_of, review_of
from server.may import Right
from server.pictures.models import KeptPicture
from server.worksheets.flows.freeze import read_edition
from velum.document.media import pictures_on


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
    return screen(request, "review", f"{copy.name}: {copy.handout.edition.title}", review_of(request, copy))


@login_required
@require_safe
def picture(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A picture that is laid on a page of a copy's sheet, for whoever may look at the copy."""
    copy = find_copy_of_teacher(teacher_of(request), copy_id, Right.LOOK)
    if sha256 not in pictures_on(read_edition(copy.handout.edition_id)):
        raise Http404("This picture is not part of the sheet.")
    kept = get_object_or_404(KeptPicture, pk=sha256)
    return send_disarmed(kept.name, kept.media_type)


@login_required
@require_safe
def answer_file(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A file that a student put into an answer."""
    return send_answer_file(request, find_copy_of_teacher(teacher_of(request), copy_id, Right.LOOK), sha256)
