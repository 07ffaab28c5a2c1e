"""How often something may be tried."""

from django.core.cache import cache
from django.http import HttpRequest

from server.config.errors import TooMany


def limit(request: HttpRequest, what: str, most: int, seconds: int) -> None:
    """Count one try from the sender's address. Raises TooMany after ``most`` within ``seconds``."""
    key = f"rate:{what}:{request.META.get('REMOTE_ADDR', '')}"
    if cache.add(key, 1, seconds):
        return
    try:
        tries = cache.incr(key)
    except ValueError:  # it ran out between the two calls
        return
    if tries > most:
        raise TooMany("rate.too_many", "Too many tries from here. Wait a minute, then try again.")
