"""Requests of signed-in teachers."""

from django.http import HttpRequest

from server.accounts.models import User


class Teacher(HttpRequest):
    """A request to the teachers' API, which lets nobody else in."""

    user: User


def teacher_of(request: HttpRequest) -> User:
    """The signed-in teacher; only for views behind ``login_required``."""
    assert isinstance(request.user, User)
    return request.user
