import uuid

from django.contrib.auth.decorators import login_required
from django.http import HttpRequest, HttpResponse, HttpResponseBase
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.copies.views import send_answer_file
from server.entrance.arrival import arrived_at
from server.entrance.screens import screen
from server.handouts.flows.hand_out import find_handout
from server.markbook.flows.overrule import find_copy_of_teacher
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
def review(request: HttpRequest, copy_id: uuid.UUID) -> HttpResponse:
    """A copy as its student left it."""
    copy = find_copy_of_teacher(teacher_of(request), copy_id, Right.LOOK)
    return screen(request, "review", f"{copy.name}: {copy.handout.edition.title}", review_of(copy, arrived_at(request)))


@login_required
@require_safe
def answer_file(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A file that a student put into an answer."""
    return send_answer_file(request, find_copy_of_teacher(teacher_of(request), copy_id, Right.LOOK), sha256)
