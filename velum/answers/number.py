"""Plain numbers: an optional sign, ASCII digits and an optional decimal point.

>>> read_number(" 4.50 ") == read_number("4.5") == Fraction(9, 2)
True
>>> read_number("4,5") is None
True
"""

import re
from fractions import Fraction

_PLAIN = re.compile(r"[+\-\N{MINUS SIGN}]?(?:[0-9]+\.?[0-9]*|\.[0-9]+)")
_LONGEST = 60


def read_number(written: str) -> Fraction | None:
    """The exact value of a plain number, or None when it is something else or longer than 60 characters."""
    text = written.strip()
    if len(text) > _LONGEST or not _PLAIN.fullmatch(text):
        return None
    return Fraction(text.replace("\N{MINUS SIGN}", "-"))
