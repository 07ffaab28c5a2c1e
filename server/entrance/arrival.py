"""When requests arrived."""

from collections.abc import Callable
from datetime import datetime

from django.http import HttpRequest
from django.http.response import HttpResponseBase
from django.utils import timezone

ARRIVED_AT = "velum.arrived_at"
"""Where a request's environment says when it began to come."""


def note_arrival(
    get_response: Callable[[HttpRequest], HttpResponseBase],
) -> Callable[[HttpRequest], HttpResponseBase]:
    """Middleware that notes when a request began to come: reading its body may take long on a bad connection, and what
    was typed is as old as its beginning says.
    """

    def middleware(request: HttpRequest) -> HttpResponseBase:
        request.META.setdefault(ARRIVED_AT, timezone.now())  # the bridge knows better, where there is one
        return get_response(request)

    return middleware


def arrived_at(request: HttpRequest) -> datetime:
    arrived: datetime = request.META[ARRIVED_AT]
    return arrived
