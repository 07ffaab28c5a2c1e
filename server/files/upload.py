"""Reading what a browser sends, within bounds."""

from typing import Protocol

from django.conf import settings

CHUNK = 1 << 20
"""Bytes read at once."""


class Readable(Protocol):
    def read(self, size: int, /) -> bytes: ...


def read_at_most(file: Readable, most: int) -> bytes | None:
    """An upload of at most ``most`` bytes; None when it is larger, and then it is read away."""
    data = file.read(most + 1)
    if len(data) <= most:
        return data
    read_away(file)
    return None


def read_away(file: Readable) -> None:
    """Read what is left of an upload: a browser only hears why it was refused once it has sent it."""
    left = settings.LARGEST_UPLOAD
    while left > 0 and (chunk := file.read(CHUNK)):
        left -= len(chunk)
