"""How often codes may be guessed wrongly.

Only failures count, by who guesses (the address) and by what is guessed (such as the return codes of one handout), and
whoever types a right code is never shut out: a school behind one address joins all at once, also while somebody in it
guesses. What a guesser is denied is to be told that a guess was wrong; the operator reads of it in the log.

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
    "told": "1/m/ip",
}
"""Wrong guesses from one address, and at one key; and how often the operator is told of them."""


def guessed_wrongly(request: HttpRequest, what: str, key: str = "") -> None:
    """Count a guess that was wrong. Raises TooMany when there were too many."""
    if ratelimit.consume(request, app="velum", action=what, config=RATES, key=key or what, limit_get=True) is None:
        if ratelimit.consume(request, app="velum", action="told", config=RATES, limit_get=True):
            _log.warning("Somebody guesses: %s, from %s", what, ratelimit.get_ip(request))
        raise TooMany("rate.too_many", "Too many wrong codes from here. Look at yours again, letter by letter.")
