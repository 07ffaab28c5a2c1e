"""Answers that are made beside Django, on the loop."""

from collections.abc import Iterable

from a2wsgi.asgi_typing import Send


async def send_empty(send: Send, status: int, headers: Iterable[tuple[bytes, bytes]] = ()) -> None:
    """Answer with a status alone."""
    await send({"type": "http.response.start", "status": status, "headers": list(headers)})
    await send({"type": "http.response.body", "body": b"", "more_body": False})
