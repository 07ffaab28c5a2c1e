"""Who is at a browser, and what they may do: the one place where it is settled for students and guests.

A student is known by the cookie of their card (server/classes/cookies.py), a guest by a signed cookie that names them,
sent to the addresses of their copy and of the handout's link alone. Neither names a copy: its row says whose it is.
"""

import uuid
from http.cookies import Morsel

from django.conf import settings
from django.core import signing
from django.http import HttpRequest, HttpResponse
from django.urls import reverse

from server.classes import cookies
from server.classes.cookies import signed_in, signed_in_id
from server.classes.models import Student
from server.copies.flows.find import home_of
from server.copies.models import Copy
from server.entrance.errors import Missing
from server.handouts.flows.audience import is_for
from server.handouts.models import Handout

_AT_COPY = "copy"
_AT_LINK = "joined"
_SALT = "server.copies.cookies"
_YEAR = 365 * 24 * 3600


def works_on(request: HttpRequest, copy_id: uuid.UUID) -> bool:
    """Whether whoever is at this browser may see and work on a copy."""
    try:
        home = home_of(copy_id)
    except Missing:
        return False
    if home.guest is not None:
        return _guest_in(request, _AT_COPY) == str(home.guest)
    return home.student is not None and signed_in_id(request) == home.student


def copy_here(request: HttpRequest, handout: Handout) -> Copy | None:
    """The copy that this browser's guest has of a handout already; only known on the handout's own link."""
    guest_id = _guest_in(request, _AT_LINK)
    return handout.copies.filter(guest__pk=guest_id).first() if guest_id else None


def let_in(response: HttpResponse, copy: Copy) -> None:
    """Let the browser that gets this response be the guest whose copy it is."""
    token = signing.dumps(str(copy.guest_id), salt=_SALT)
    for name, path in (
        (_AT_COPY, reverse("sheet", args=[copy.pk])),
        (_AT_LINK, reverse("join_with_code", args=[copy.handout.code])),
    ):
        response.set_cookie(name, token, max_age=_YEAR, path=path, httponly=True, samesite="Lax", secure=settings.HTTPS)


def let_go(response: HttpResponse, copy: Copy) -> None:
    """Have the browser that gets this response be nobody who may use the copy; it may be given another one by it."""
    if copy.guest_id is None:
        cookies.take_back(response)
        return
    gone: Morsel[str] = Morsel()
    gone.set(_AT_COPY, "", "")
    gone["path"], gone["max-age"], gone["samesite"] = reverse("sheet", args=[copy.pk]), "0", "Lax"
    # Cookies of a response are kept by name, and another copy's has the same.
    response.cookies[f"{_AT_COPY} {copy.pk}"] = gone


def forget_link(response: HttpResponse, copy: Copy) -> None:
    """Have the handout's link not find the guest again by itself."""
    response.delete_cookie(_AT_LINK, path=reverse("join_with_code", args=[copy.handout.code]), samesite="Lax")


def student_for(request: HttpRequest, handout: Handout) -> Student | None:
    """The student who is signed in here, if the handout is for them."""
    student = signed_in(request)
    return student if student and is_for(handout, student) else None


def _guest_in(request: HttpRequest, name: str) -> str | None:
    try:
        guest_id: str = signing.loads(request.COOKIES.get(name, ""), salt=_SALT)
    except signing.BadSignature:
        return None
    return guest_id
