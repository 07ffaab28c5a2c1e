import uuid

from django.contrib.auth.decorators import login_required
from django.http import Http404, HttpRequest, HttpResponse
from django.views.decorators.http import require_safe

from server.config.errors import Missing
from server.config.screens import screen
from server.handouts.views import found_or_404
from server.markbook.api import results_of, review_of
from server.markbook.flows.overrule import find_copy
from server.worksheets.views import teacher_of


@login_required
@require_safe
def handout(request: HttpRequest, handout_id: uuid.UUID) -> HttpResponse:
    """A handout: how to join it, who has, and the marks."""
    results = results_of(request, found_or_404(request, handout_id))  # type: ignore[arg-type]
    return screen(request, "handout", results.handout.title, results)


@login_required
@require_safe
def review(request: HttpRequest, copy_id: uuid.UUID) -> HttpResponse:
    """A copy as its student left it."""
    try:
        copy = find_copy(teacher_of(request), copy_id)
    except Missing as missing:
        raise Http404(missing.message) from missing
    return screen(request, "review", f"{copy.name}: {copy.handout.edition.title}", review_of(copy))
