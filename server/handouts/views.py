import uuid
from http import HTTPStatus

import segno
from django.contrib.auth.decorators import login_required
from django.http import HttpRequest, HttpResponse, HttpResponseBase
from django.shortcuts import render
from django.urls import reverse
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.entrance.codes import shown
from server.entrance.follows import FOLLOWS
from server.handouts.flows.hand_out import find_handout
from server.may import Right
from server.worksheets.flows.freeze import read_edition
from server.worksheets.views import send_seen_picture


@login_required
@require_safe
def qr_code(request: HttpRequest, handout_id: uuid.UUID) -> HttpResponse:
    """The link that students open, as a QR code (ISO/IEC 18004)."""
    link = request.build_absolute_uri(
        reverse("join_with_code", args=[find_handout(teacher_of(request), handout_id, Right.LOOK).code])
    )
    picture = segno.make(link, error="m", micro=False).svg_inline(scale=8, dark="#16324A", light="#FFFDF7", border=3)
    return HttpResponse(
        picture.replace("<svg", '<svg xmlns="http://www.w3.org/2000/svg"', 1), content_type="image/svg+xml"
    )


@login_required
@require_safe
def code_sheet(request: HttpRequest, handout_id: uuid.UUID) -> HttpResponse:
    """A page for the wall: how students join."""
    handout = find_handout(teacher_of(request), handout_id, Right.LOOK)
    context = {
        "handout": handout,
        "title": handout.edition.title,
        "code": shown(handout.code),
        "place": f"{request.get_host()}{reverse('enter_code')}".removesuffix("/"),
    }
    return render(request, "handouts/code_sheet.html", context)


@login_required
@require_safe
def live(request: HttpRequest, handout_id: uuid.UUID) -> HttpResponse:
    """The numbers of a handout's happenings, as they happen: a stream of server-sent events (server/streams/).

    Where nothing makes a stream of it, it says so by having no content, and browsers ask for what changed instead.
    """
    handout = find_handout(teacher_of(request), handout_id, Right.LOOK)
    return HttpResponse(status=HTTPStatus.NO_CONTENT, headers={FOLLOWS: str(handout.pk)})


@login_required
@require_safe
def page_picture(request: HttpRequest, handout_id: uuid.UUID, page_id: str, width: int) -> HttpResponseBase:
    return send_seen_picture(
        request, read_edition(find_handout(teacher_of(request), handout_id, Right.LOOK).edition_id), page_id, width
    )
