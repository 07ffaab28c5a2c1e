"""How a browser shows which student is at it: a signed cookie that names the student and their card."""

import uuid

from django.conf import settings
from django.core import signing
from django.http import HttpRequest, HttpResponse

from server.classes.models import Card, Student

_NAME = "student"
_SALT = "server.classes.cookies"
_DAYS = 30
_ASKED = "_velum_student"


def give(response: HttpResponse, card: Card) -> None:
    """Sign the student of a card in, in the browser that gets this response."""
    token = signing.dumps([str(card.student_id), card.number], salt=_SALT)
    response.set_cookie(_NAME, token, max_age=_DAYS * 24 * 3600, httponly=True, samesite="Lax", secure=settings.HTTPS)


def take_back(response: HttpResponse) -> None:
    """Sign whoever it is out."""
    response.delete_cookie(_NAME, samesite="Lax")


def signed_in(request: HttpRequest) -> Student | None:
    """The student who is signed in here, unless their card is another by now. Asked for once a request."""
    if not hasattr(request, _ASKED):
        setattr(request, _ASKED, _student_in(request))
    student: Student | None = getattr(request, _ASKED)
    return student


def _student_in(request: HttpRequest) -> Student | None:
    if _NAME not in request.COOKIES:
        return None
    try:
        student_id, number = signing.loads(request.COOKIES[_NAME], salt=_SALT, max_age=_DAYS * 24 * 3600)
        return Student.objects.filter(pk=uuid.UUID(student_id), card__number=number).first()
    except (signing.BadSignature, ValueError, TypeError):
        return None
