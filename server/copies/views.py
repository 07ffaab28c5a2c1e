import uuid
from contextlib import suppress
from datetime import datetime

from csp.constants import SELF
from django.http import Http404, HttpRequest, HttpResponse, HttpResponseBase
from django.shortcuts import get_list_or_404, get_object_or_404, redirect, render
from django.urls import reverse
from django.views.decorators.http import require_http_methods, require_POST, require_safe

from server.classes.cookies import signed_in
from server.classes.flows.shown import borrowed_names
from server.classes.flows.sign_in import class_of_code
from server.copies import offline, people
from server.copies.flows.answer import TooLate
from server.copies.flows.begin import begin, is_seen
from server.copies.flows.files import find_file
from server.copies.flows.help import pictures_shown, sounds_shown
from server.copies.flows.join import NameTaken, come_back, copy_for, handout_of_code, join, may_join
from server.copies.flows.when import ends_at, phase_of, time_for
from server.copies.models import Copy
from server.copies.peg import peg_of
from server.copies.show import copy_out
from server.entrance.arrival import arrived_at
from server.entrance.codes import shown
from server.entrance.errors import Missing, Refused
from server.entrance.rate import guessed_wrongly
from server.entrance.screens import screen
from server.files.send import send_disarmed, send_part_disarmed
from server.handouts.flows.audience import is_for
from server.handouts.models import Handout
from server.pictures.models import KeptPicture
from server.sounds.models import OwnSound
from server.words.say import say
from server.worksheets.flows.freeze import read_edition
from server.worksheets.pictures import LAPTOP
from server.worksheets.views import send_seen_picture
from velum.document.media import pictures_on, sounds_on


@require_http_methods(["GET", "HEAD", "POST"])
def enter_code(request: HttpRequest) -> HttpResponse:
    """The page that asks for a code: of a handout, or of a class."""
    if request.method != "POST":
        return render(request, "join/code.html")
    typed = request.POST.get("code", "")
    with suppress(Missing):
        return redirect("class_sign_in", code=class_of_code(typed).code)
    try:
        handout = _handout_of(request, typed)
    except Refused as refused:
        return render(
            request, "join/code.html", {"error": say(refused.sentence), "code": typed[:20]}, status=refused.status
        )
    return redirect("join_with_code", code=handout.code)


@require_http_methods(["GET", "HEAD", "POST"])
def join_with_code(request: HttpRequest, code: str) -> HttpResponse:
    """The page behind a handout's link: asks for a name, or for the code of somebody who comes back."""
    try:
        handout = _handout_of(request, code)
    except Refused as refused:
        return render(
            request, "join/code.html", {"error": say(refused.sentence), "code": code[:20]}, status=refused.status
        )
    if handout.code != code:
        return redirect("join_with_code", code=handout.code)
    name = request.POST.get("name", "")
    student = people.student_for(request, handout)
    context = {
        "handout": handout,
        "may_join": may_join(handout, arrived_at(request)),
        "student": student,
        "title": handout.edition.title,
        "code": shown(handout.code),
        "joined": people.copy_here(request, handout),
        "name": name[:60],
    }
    if request.method != "POST":
        return render(request, "join/name.html", context)
    try:
        if "as_student" in request.POST and student:
            return redirect("sheet", copy_id=copy_for(handout, student, arrived_at(request)).pk)
        if "return_code" in request.POST:
            copy = _copy_of(request, handout, request.POST["return_code"])
        else:
            copy = join(handout, name, arrived_at(request), namesake="namesake" in request.POST)
    except Refused as refused:
        context |= {
            "error": say(refused.sentence),
            "error_code": refused.code,
            "name_taken": isinstance(refused, NameTaken),
        }
        return render(request, "join/name.html", context, status=refused.status)
    response = redirect("sheet", copy_id=copy.pk)
    before = people.copy_here(request, handout)
    if before is not None and before.pk != copy.pk:
        people.let_go(response, before)  # somebody else uses this device now
    people.let_in(response, copy)
    return response


def _handout_of(request: HttpRequest, typed: str) -> Handout:
    """The handout of a join code. Raises Missing, and TooMany for wrong ones."""
    try:
        return handout_of_code(typed)
    except Missing:
        guessed_wrongly(request, "join_code")
        raise


def _copy_of(request: HttpRequest, handout: Handout, typed: str) -> Copy:
    """The copy of a return code. Raises Missing, and TooMany for wrong ones."""
    try:
        return come_back(handout, typed)
    except Missing:
        guessed_wrongly(request, "return_code", key=str(handout.pk))
        raise


@require_safe
def peg(request: HttpRequest) -> HttpResponse:
    """The page of the student who is signed in."""
    return _peg(request)


def _peg(request: HttpRequest, problem: str = "", status: int = 200) -> HttpResponse:
    student, now = signed_in(request), arrived_at(request)
    if student is None:
        return redirect("enter_code")
    borrowed = borrowed_names(student)
    context = {"student": student, "peg": peg_of(student, now), "borrowed": borrowed, "now": now, "problem": problem}
    response = render(request, "peg.html", context, status=status)
    response["Cache-Control"] = "no-store"
    return response


@require_POST
def open_from_peg(request: HttpRequest, handout_id: uuid.UUID) -> HttpResponse:
    """Open one's copy of a handout; the first time, it is made."""
    handout = get_object_or_404(Handout, pk=handout_id)
    student = signed_in(request)
    copy = student and handout.copies.filter(student=student).first()
    if copy:  # also when it would not be handed out to them any more
        return redirect("sheet", copy_id=copy.pk)
    if student is None or not is_for(handout, student):
        raise Http404("There is no such worksheet on your peg.")
    try:
        copy = copy_for(handout, student, arrived_at(request))
    except Refused as refused:
        return _peg(request, say(refused.sentence), refused.status)
    return redirect("sheet", copy_id=copy.pk)


@require_safe
def sheet(request: HttpRequest, copy_id: uuid.UUID) -> HttpResponse:
    """The student's sheet."""
    copy, now = own_copy_or_404(request, copy_id), arrived_at(request)
    if not is_seen(copy, now):
        return _not_yet(request, copy, now)
    out = copy_out(copy, now)
    first = out.sheet.pages[0]
    picture = reverse("copy_page_picture", args=[copy_id, first.id, LAPTOP]) + f"?look={first.look}"
    kinds = sorted({prompt.kind for prompt in out.sheet.prompts})
    response = screen(
        request,
        "sheet",
        out.sheet.title,
        out,
        picture=picture,
        modules=offline.first_scripts_of(kinds),
        assets=offline.scripts_of(kinds),
    )
    return _framed(response) if copy.handout.trial else response


def _framed(response: HttpResponse) -> HttpResponse:
    """A page that the application's own may show in a frame: the editor shows how a sheet looks on other devices."""
    response["X-Frame-Options"] = "SAMEORIGIN"
    response._csp_replace = {"frame-ancestors": [SELF]}  # type: ignore[attr-defined]  # django-csp reads it
    return response


def _not_yet(request: HttpRequest, copy: Copy, now: datetime) -> HttpResponse:
    """The page of a copy whose sheet cannot be seen: it is not open yet, or its time has not begun, or is over."""
    handout, phase, limit = copy.handout, phase_of(copy, now), time_for(copy)
    context = {
        "copy": copy,
        "handout": handout,
        "title": handout.edition.title,
        "phase": phase.value if handout.open else "closed",
        "minutes": limit and round(limit.total_seconds() / 60),
        "ends": ends_at(copy),
    }
    response = render(request, "join/not_yet.html", context)
    response["Cache-Control"] = "no-store"
    return response


@require_POST
def begin_copy(request: HttpRequest, copy_id: uuid.UUID) -> HttpResponse:
    """Have the time of a copy run, and show its sheet."""
    copy = own_copy_or_404(request, copy_id)
    with suppress(TooLate):  # the page behind this says how it stands
        begin(copy, arrived_at(request))
    return redirect("sheet", copy_id=copy.pk)


@require_safe
def worker(request: HttpRequest) -> HttpResponse:
    """The service worker of all sheets. Its scope is the folder that it is served from."""
    response = HttpResponse(offline.worker_script().read_bytes(), content_type="text/javascript")
    response["Cache-Control"] = "no-cache"
    return response


@require_POST
def leave(request: HttpRequest, copy_id: uuid.UUID) -> HttpResponse:
    """Have this browser forget whoever works on a copy: somebody else uses the device next."""
    copy = own_copy_or_404(request, copy_id)
    response = redirect("welcome")
    people.let_go(response, copy)
    people.forget_link(response, copy)
    return response


@require_safe
def page_picture(request: HttpRequest, copy_id: uuid.UUID, page_id: str, width: int) -> HttpResponseBase:
    copy = _seen_copy_or_404(request, copy_id)
    return send_seen_picture(request, read_edition(copy.handout.edition_id), page_id, width)


@require_safe
def picture(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A picture that is laid on a page of the copy's sheet, or of help that was shown."""
    copy = _seen_copy_or_404(request, copy_id)
    if sha256 not in pictures_on(read_edition(copy.handout.edition_id)) and sha256 not in pictures_shown(copy):
        raise Http404("This picture is not part of the sheet.")
    kept = get_object_or_404(KeptPicture, pk=sha256)
    return send_disarmed(kept.name, kept.media_type)


@require_safe
def sound(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A sound of the sheet's instructions, or of help that was shown."""
    copy = _seen_copy_or_404(request, copy_id)
    if sha256 not in sounds_on(read_edition(copy.handout.edition_id)) and sha256 not in sounds_shown(copy):
        raise Http404("This sound is not part of the sheet.")
    kept = get_list_or_404(OwnSound, sha256=sha256)[0]
    return send_part_disarmed(request, kept.name, kept.media_type)


@require_safe
def answer_file(request: HttpRequest, copy_id: uuid.UUID, sha256: str) -> HttpResponseBase:
    """A file that the student put into an answer."""
    return send_answer_file(request, _seen_copy_or_404(request, copy_id), sha256)


def send_answer_file(request: HttpRequest, copy: Copy, sha256: str) -> HttpResponseBase:
    kept = find_file(copy, sha256)
    return send_part_disarmed(request, kept.name, kept.media_type)


def own_copy_or_404(request: HttpRequest, copy_id: uuid.UUID) -> Copy:
    """The copy, for whoever works on it; for others it does not exist."""
    if people.works_on(request, copy_id):
        copy = Copy.objects.select_related("handout__edition", "guest").filter(pk=copy_id).first()
        if copy is not None:
            return copy
    raise Http404("There is no such copy of yours.")


def _seen_copy_or_404(request: HttpRequest, copy_id: uuid.UUID) -> Copy:
    """One's own copy whose sheet one may see."""
    copy = own_copy_or_404(request, copy_id)
    if not is_seen(copy, arrived_at(request)):
        raise Http404("This sheet is not open.")
    return copy
