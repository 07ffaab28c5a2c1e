"""Sending files that came from outside."""

from django.core.files.storage import default_storage
from django.http import FileResponse, HttpRequest, HttpResponseBase

from server.files.ranges import part_of


def send_disarmed(name: str, media_type: str) -> HttpResponseBase:
    """A file of the storage, disarmed: opened by itself it runs nothing, fetches nothing, and is of no origin.

    Its address names its content, so a browser may keep it.
    """
    return _disarmed(FileResponse(default_storage.open(name), content_type=media_type))


def send_part_disarmed(request: HttpRequest, name: str, media_type: str) -> HttpResponseBase:
    """The same, or the part of it that the request asks for."""
    file = default_storage.open(name)
    return _disarmed(part_of(request, file, file.size, media_type))


def _disarmed(response: HttpResponseBase) -> HttpResponseBase:
    response["Cache-Control"] = "private, max-age=604800, immutable"
    response["Content-Security-Policy"] = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox"
    response["X-Content-Type-Options"] = "nosniff"
    return response
