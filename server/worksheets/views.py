import uuid
from collections.abc import Iterable

from django.conf import settings
from django.contrib.auth.decorators import login_required
from django.http import FileResponse, Http404, HttpRequest, HttpResponse, HttpResponseBase, JsonResponse
from django.shortcuts import render
from django.urls import reverse
from django.utils.translation import gettext
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.entrance.errors import Busy
from server.entrance.screens import screen
from server.words.say import say
from server.worksheets import documents, pictures
from server.worksheets.flows.find import find_page, find_worksheet
from server.worksheets.show import desk_of
from velum.document.document import VERSION, Document
from velum.document.page import Page
from velum.document.pages import looking
from velum.document.reading import DocumentUnreadable
from velum.paper.look import LookRefused, read_look
from velum.paper.page_size import PaperRefused


@login_required
@require_safe
def desk(request: HttpRequest) -> HttpResponse:
    teacher = teacher_of(request)
    sheets = [sheet.model_dump(mode="json") for sheet in desk_of(teacher)]
    return screen(
        request,
        "desk",
        gettext("Your desk"),
        {"worksheets": sheets, "email": teacher.email} | _bringing_in(),
    )


@login_required
@require_safe
def editor(request: HttpRequest, worksheet_id: uuid.UUID) -> HttpResponse:
    worksheet = find_worksheet(teacher_of(request), worksheet_id)
    try:
        document = documents.read(worksheet)
    except DocumentUnreadable as problem:
        context = {"worksheet": worksheet, "problem": say(problem.sentence)}
        return render(request, "unreadable.html", context, status=422)
    data = {
        "id": str(worksheet.pk),
        "revision": worksheet.revision,
        "version": VERSION,
        "document": document.model_dump(mode="json"),
        "link_sites": settings.LINK_SITES,
        "stand_in_microphone": settings.DEMO,
    } | _bringing_in()
    return screen(request, "editor", document.title, data)


@login_required
@require_safe
def document(request: HttpRequest, worksheet_id: uuid.UUID) -> HttpResponse:
    """The document of a worksheet as it is kept, to be taken away; also one that this release cannot read."""
    worksheet = find_worksheet(teacher_of(request), worksheet_id)
    response = JsonResponse(worksheet.document, safe=False, json_dumps_params={"indent": 1, "ensure_ascii": False})
    response["Content-Disposition"] = f'attachment; filename="worksheet-{worksheet.pk}.json"'
    response["Cache-Control"] = "no-store"
    return response


def _bringing_in() -> dict[str, object]:
    """What a screen has to know on which papers are brought in."""
    return {
        "largest_upload": settings.LARGEST_UPLOAD,
        "stand_in_camera": reverse("camera_frame") if settings.DEMO else None,
    }


@login_required
@require_safe
def page_picture(request: HttpRequest, worksheet_id: uuid.UUID, page_id: str, width: int) -> HttpResponseBase:
    """A page as it is shown, or as it would be shown otherwise: before somebody decides on it."""
    worksheet = find_worksheet(teacher_of(request), worksheet_id)
    document = documents.read(worksheet)
    pages = (*document.pages, *document.aside)
    try:
        if "look" in request.GET:
            look = read_look(request.GET["look"])
            pages = tuple(looking(page, look) for page in pages if page.id == page_id)
    except LookRefused as refused:
        raise Http404(str(refused)) from refused
    return send_picture(request, pages, page_id, width)


def send_seen_picture(request: HttpRequest, document: Document, page_id: str, width: int) -> HttpResponseBase:
    """One of a document's pages as a picture in which what is covered cannot be seen."""
    return send_picture(request, document.pages, page_id, width, pictures.covers_on(document, page_id))


def send_picture(
    request: HttpRequest, pages: Iterable[Page], page_id: str, width: int, covers: pictures.Covers = ()
) -> HttpResponseBase:
    """One of these pages as a picture. Its address says how the page is shown, so a browser may keep it."""
    if width not in (pictures.THUMB, pictures.LAPTOP, pictures.FINE):
        raise Http404("There are no pictures of this width.")
    try:
        page = find_page(pages, page_id)
        if request.GET.get("look", str(page.look)) != str(page.look):
            raise Http404("The page is not shown like this.")
        place = pictures.picture(page, width, covers)
    except Busy as busy:
        # No failure: a browser that shows it as one would fill its console while a long paper is drawn.
        return HttpResponse(
            say(busy.sentence), status=202, headers={"Cache-Control": "no-store"}, content_type="text/plain"
        )
    except PaperRefused as refused:
        return HttpResponse(say(refused.sentence), status=422, content_type="text/plain")
    response = FileResponse(place.open("rb"), content_type="image/webp")
    response["Cache-Control"] = "private, max-age=604800"
    return response
