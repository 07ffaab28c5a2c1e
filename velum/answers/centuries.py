"""Centuries, by their number or by their hundreds of years.

>>> century_of("the 1800s") == century_of("nineteenth century") == century_of("19th C.")
True
>>> century_of("1800"), century_of("the 2nd century BC")
(None, -2)
"""

import re

from velum.answers.number_words import read_ordinal

_NUMBERED = re.compile(
    r"(?:(?:in|during) )?(?:the )?([\w-]+(?: [\w-]+)?) (?:century|cent\.?|c\.?)(?: (ad|ce|bc|bce))?", re.IGNORECASE
)
_HUNDREDS = re.compile(r"(?:(?:in|during) )?(?:the )?(\d{1,2})00'?s(?: (ad|ce|bc|bce))?", re.IGNORECASE)


def century_of(written: str) -> int | None:
    """Which century is named, below zero before our era; None: none is."""
    text = " ".join(written.replace("’", "'").split()).rstrip(".")
    if found := _HUNDREDS.fullmatch(text):
        century: int | None = int(found[1]) + 1
    elif (found := _NUMBERED.fullmatch(text)) or (found := _NUMBERED.fullmatch(text + ".")):
        century = read_ordinal(found[1])
    else:
        return None
    return -century if century and (found[2] or "").casefold() in ("bc", "bce") else century
