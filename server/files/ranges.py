"""Sending a part of a file, where one is asked for: browsers play sounds, and skip in them, by parts (RFC 9110, 14)."""

import re
from collections.abc import Iterator

from django.core.files import File
from django.http import FileResponse, HttpRequest, HttpResponse, HttpResponseBase, StreamingHttpResponse

CHUNK = 64 * 1024
"""Bytes that are read at once."""

_RANGE = re.compile(r"bytes=(\d{0,18})-(\d{0,18})")


def part_of(request: HttpRequest, file: "File[bytes]", size: int, media_type: str) -> HttpResponseBase:
    """The part of a file that the request asks for, or all of it.

    More than one part, or one of a certain version, is answered with all of it, as the standard allows.
    """
    wanted = _RANGE.fullmatch(request.headers.get("Range", ""))
    if wanted is None or not any(wanted.groups()) or "If-Range" in request.headers:
        response: HttpResponseBase = FileResponse(file, content_type=media_type)
    else:
        response = _part(file, size, media_type, *_bounds(wanted[1], wanted[2], size))
    response["Accept-Ranges"] = "bytes"
    return response


def _bounds(first: str, last: str, size: int) -> tuple[int, int]:
    """The first byte, and the one after the last; "-500" are the last 500."""
    if not first:
        return max(0, size - int(last)), size
    return int(first), min(size, int(last) + 1) if last else size


def _part(file: "File[bytes]", size: int, media_type: str, start: int, end: int) -> HttpResponseBase:
    if start >= end:
        file.close()
        return HttpResponse(status=416, headers={"Content-Range": f"bytes */{size}"})
    response = StreamingHttpResponse(_read(file, start, end), status=206, content_type=media_type)
    response["Content-Range"] = f"bytes {start}-{end - 1}/{size}"
    response["Content-Length"] = str(end - start)
    return response


def _read(file: "File[bytes]", start: int, end: int) -> Iterator[bytes]:
    with file:
        file.seek(start)
        left = end - start
        while left > 0 and (chunk := file.read(min(CHUNK, left))):
            left -= len(chunk)
            yield chunk
