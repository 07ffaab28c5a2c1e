"""How a student's browser shows that a copy is its own: a signed cookie, sent to that copy's addresses only."""

import uuid
from http.cookies import Morsel

from django.conf import settings
from django.core import signing
from django.http import HttpRequest, HttpResponse
from django.urls import reverse

from server.copies.models import Copy
from server.handouts.models import Handout

_COPY = "copy"
_JOINED = "joined"
_SALT = "server.copies.cookies"
_YEAR = 365 * 24 * 3600


def give(response: HttpResponse, copy: Copy) -> None:
    """Let the browser that gets this response use the copy, and find it again from the handout's link."""
    token = signing.dumps(str(copy.pk), salt=_SALT)
    for name, path in (
        (_COPY, reverse("sheet", args=[copy.pk])),
        (_JOINED, reverse("join_with_code", args=[copy.handout.code])),
    ):
        response.set_cookie(name, token, max_age=_YEAR, path=path, httponly=True, samesite="Lax", secure=settings.HTTPS)


def take_back(response: HttpResponse, copy: Copy) -> None:
    """Have the browser that gets this response hold the copy no more; it may be given another one by it."""
    gone: Morsel[str] = Morsel()
    gone.set(_COPY, "", "")
    gone["path"], gone["max-age"], gone["samesite"] = reverse("sheet", args=[copy.pk]), "0", "Lax"
    # Cookies of a response are kept by name, and another copy's has the same.
    response.cookies[f"{_COPY} {copy.pk}"] = gone


def forget_joined(response: HttpResponse, copy: Copy) -> None:
    """Have the handout's link not find the copy again by itself."""
    response.delete_cookie(_JOINED, path=reverse("join_with_code", args=[copy.handout.code]), samesite="Lax")


def holds(request: HttpRequest, copy_id: uuid.UUID) -> bool:
    """Whether the browser may use this copy."""
    return _copy_in(request, _COPY) == str(copy_id)


def joined(request: HttpRequest, handout: Handout) -> Copy | None:
    """The copy that this browser has of a handout already; only known on the handout's own link."""
    copy_id = _copy_in(request, _JOINED)
    return handout.copies.filter(pk=copy_id).first() if copy_id else None


def _copy_in(request: HttpRequest, name: str) -> str | None:
    try:
        copy_id: str = signing.loads(request.COOKIES.get(name, ""), salt=_SALT)
    except signing.BadSignature:
        return None
    return copy_id
