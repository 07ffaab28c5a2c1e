"""How a browser shows which student is at it: a signed cookie that names the student and their card."""

import uuid

from django.conf import settings
from django.core import signing
from django.db import connection
from django.http import HttpRequest, HttpResponse

from server.classes.models import Card, Student

_NAME = "student"
_SALT = "server.classes.cookies"
_DAYS = 30


def give(response: HttpResponse, card: Card) -> None:
    """Sign the student of a card in, in the browser that gets this response."""
    token = signing.dumps([str(card.student_id), card.number], salt=_SALT)
    response.set_cookie(_NAME, token, max_age=_DAYS * 24 * 3600, httponly=True, samesite="Lax", secure=settings.HTTPS)


def take_back(response: HttpResponse) -> None:
    """Sign whoever it is out."""
    response.delete_cookie(_NAME, samesite="Lax")


def signed_in(request: HttpRequest) -> Student | None:
    """The student who is signed in here, unless their card is another by now."""
    student_id = signed_in_id(request)
    return Student.objects.filter(pk=student_id).first() if student_id else None


def signed_in_id(request: HttpRequest) -> uuid.UUID | None:
    """Which student it is. Asked with each save of a class, so it costs no more than it must."""
    if _NAME not in request.COOKIES:
        return None
    try:
        student, number = signing.loads(request.COOKIES[_NAME], salt=_SALT, max_age=_DAYS * 24 * 3600)
        student_id = uuid.UUID(student)
        stored = _STUDENT.get_db_prep_value(student_id, connection)
        with connection.cursor() as cursor:
            cursor.execute(_HAS_CARD, (stored, int(number)))
            return student_id if cursor.fetchone() else None
    except (signing.BadSignature, ValueError, TypeError):
        return None


_STUDENT = Student._meta.pk
_HAS_CARD = f"SELECT 1 FROM {Card._meta.db_table} WHERE student_id = %s AND number = %s"  # noqa: S608 (own names only)
