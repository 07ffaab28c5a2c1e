"""A number with its unit, as it was written."""

import re
from dataclasses import dataclass

from velum.answers.number import LONGEST, DecimalSign, Reading, read_number
from velum.answers.number_words import begins_number
from velum.answers.signs import DECIMAL, plain_signs
from velum.answers.units import MONEY_BEFORE, Unit, read_unit

_MOST_LETTERS = 40
_BEGINNINGS = f"0123456789.,+-({DECIMAL}{MONEY_BEFORE}"
_BEFORE_A_UNIT = "0123456789 .)%"
_ARTICLE = re.compile(r"^(?:an?|of) ")
_MONEY_FIRST = re.compile(rf"([+-]? ?)([{MONEY_BEFORE}]) ?(.+)")


@dataclass(frozen=True, slots=True)
class Quantity:
    """A number and its unit; ``unit`` is None when there is none, or when no such unit is known (``unknown``)."""

    number: Reading
    unit: Unit | None
    unknown: str = ""


def read_quantity(written: str, decimal: DecimalSign = ".") -> Quantity | None:
    """What a number with or without a unit says; None when it does not begin with a number."""
    if len(written) > LONGEST:
        return None
    number = read_number(written, decimal)
    if number is not None:
        return Quantity(number, None)
    text = plain_signs(written)
    if not text or not (text[0] in _BEGINNINGS or begins_number(text)):
        return None
    if found := _MONEY_FIRST.fullmatch(text):
        number, unit = read_number(found[1] + found[3], decimal), read_unit(found[2])
        return Quantity(number, unit) if number else None
    # A unit is what is left behind the longest beginning that is a number.
    for end in range(len(text) - 1, max(0, len(text) - 1 - _MOST_LETTERS), -1):
        if text[end - 1] not in _BEFORE_A_UNIT:
            continue
        rest = _ARTICLE.sub("", text[end:].strip())
        if not rest or rest[0].isdigit() or rest[0] in ".,'^/*+-":
            continue
        number = read_number(text[:end], decimal)
        if number is None:
            continue
        unit = read_unit(rest)
        return Quantity(number, unit, "" if unit else rest)
    return None
