"""When requests arrived."""

from collections.abc import Callable
from datetime import datetime

from django.http import HttpRequest
from django.http.response import HttpResponseBase
from django.utils import timezone

_KEY = "velum.arrived_at"


def note_arrival(
    get_response: Callable[[HttpRequest], HttpResponseBase],
) -> Callable[[HttpRequest], HttpResponseBase]:
    """Middleware that notes when a request began to come: reading its body may take long on a bad connection, and what
    was typed is as old as its beginning says.
    """

    def middleware(request: HttpRequest) -> HttpResponseBase:
        request.META[_KEY] = timezone.now()
        return get_response(request)

    return middleware


def arrived_at(request: HttpRequest) -> datetime:
    arrived: datetime = request.META[_KEY]
    return arrived
