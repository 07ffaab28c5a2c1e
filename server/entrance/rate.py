"""How often codes may be guessed wrongly.

Only failures count, by who guesses (the address) and by what is guessed (such as the return codes of one handout), and
whoever types a right code is never shut out: a school behind one address joins all at once, also while somebody in it
guesses. What a guesser is denied is to be told that a guess was wrong; the operator reads of it in the log.

A card's pictures are short enough to be guessed, so for them it is otherwise: after ten wrong ones for one name from
one address, or sixty from anywhere, that name waits. Others behind the address do not, and the QR code always opens.

The counting is django-allauth's, which locks a counter while it counts, in whatever cache the settings name.
"""

import logging

from allauth.core.internal import ratelimit
from django.http import HttpRequest

from server.entrance.errors import TooMany

_log = logging.getLogger(__name__)

RATES = {
    "join_code": "60/m/ip",
    "return_code": "60/m/ip,300/m/key",
    "card": "60/m/ip",
    "class_code": "60/m/ip",
    "told": "1/m/ip",
}
"""Wrong guesses from one address, and at one key; and how often the operator is told of them."""

LOCKS = {"secret_here": "10/10m/key", "secret": "60/h/key"}
"""Of what is short enough to be guessed: wrong guesses at it after which right ones are not taken either."""


def guessed_wrongly(request: HttpRequest, what: str, key: str = "") -> None:
    """Count a guess that was wrong. Raises TooMany when there were too many."""
    if ratelimit.consume(request, app="velum", action=what, config=RATES, key=key or what, limit_get=True) is None:
        if ratelimit.consume(request, app="velum", action="told", config=RATES, limit_get=True):
            _log.warning("Somebody guesses: %s, from %s", what, ratelimit.get_ip(request))
        raise TooMany("rate.too_many", "Too many wrong codes from here. Look at yours again, letter by letter.")


def locked(request: HttpRequest, what: str, key: str) -> bool:
    """Whether so much was guessed wrongly at a short secret that nothing is taken for it now; asking counts nothing."""
    return (
        ratelimit.consume(request, app="velum", action=what, config=LOCKS, key=key, limit_get=True, dry_run=True)
        is None
    )


def count_wrong(request: HttpRequest, what: str, key: str) -> None:
    """Count a wrong guess at a short secret."""
    ratelimit.consume(request, app="velum", action=what, config=LOCKS, key=key, limit_get=True)


def address_of(request: HttpRequest) -> str:
    """The address that a request comes from, as far as a trusted proxy says."""
    address: str = ratelimit.get_ip(request)
    return address
