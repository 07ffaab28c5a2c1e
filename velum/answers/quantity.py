"""A number with its unit, as it was written."""

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache

from velum.answers.number import LONGEST, DecimalSign, Reading, read_number
from velum.answers.number_words import begins_number
from velum.answers.signs import DECIMAL, plain_signs
from velum.answers.units import MONEY_BEFORE, Unit, read_unit

_MOST_LETTERS = 40
_BEGINNINGS = f"0123456789.,+-({DECIMAL}{MONEY_BEFORE}"
_BEFORE_A_UNIT = "0123456789 .)%"
_ARTICLE = re.compile(r"^(?:an?|of) ")
_IN_CENTS = re.compile(r"[^.,]*([.,])\d{2}")
_PART = re.compile(r"(\d+(?:[.,]\d+)?) ?([^\W\d_]+|['\"′″])[.,]?(?: ?and)? ?")
_MOST_PARTS = 4
_PRIMES = {"'": "ft", "′": "ft", '"': "in", "″": "in"}
_HOUR = 3600
_MONEY_FIRST = re.compile(rf"([+-]? ?)([{MONEY_BEFORE}]) ?(.+)")


@dataclass(frozen=True, slots=True)
class Quantity:
    """A number and its unit; ``unit`` is None when there is none, or when no such unit is known (``unknown``)."""

    number: Reading
    unit: Unit | None
    unknown: str = ""


@lru_cache(maxsize=8_192)
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
        number, unit = _money(found[1] + found[3], decimal), read_unit(found[2])
        return Quantity(number, unit) if number else None
    if parts := _in_parts(text, decimal):
        return parts
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
        if unit and unit.kind.startswith("money"):
            number = _money(text[:end], decimal) or number
        return Quantity(number, unit, "" if unit else rest)
    return None


def has_unit(written: str, decimal: DecimalSign = ".") -> bool:
    """Whether a number with a unit stands there, known or not."""
    read = read_quantity(written, decimal)
    return read is not None and (read.unit is not None or read.unknown != "")


def _money(written: str, decimal: DecimalSign) -> Reading | None:
    """An amount of money. Two digits behind a comma or a point are cents, whatever the decimal sign."""
    number = read_number(written, decimal)
    if number is None or number.sure is not None:
        return number
    cents = _IN_CENTS.fullmatch(written.strip())
    return read_number(written, "," if cents[1] == "," else ".") if cents else number


def _in_parts(text: str, decimal: DecimalSign) -> Quantity | None:
    """A quantity in several units, such as 6 h 10 min, in the first of them; the minutes behind hours need no name."""
    total, first, at = Fraction(0), None, 0
    before: Unit | None = None
    for _ in range(_MOST_PARTS):
        found = _PART.match(text, at)
        if found is None:
            break
        number, unit = read_number(found[1], decimal), read_unit(_PRIMES.get(found[2], found[2]))
        if number is None or number.sure is None or unit is None or unit.zero:
            return None
        if before and not (
            unit.kind == before.kind and unit.size < before.size and number.sure * unit.size < before.size
        ):
            return None
        total += number.sure * unit.size
        first, before, at = first or unit, unit, found.end()
    if first is None or before is None:
        return None
    rest = text[at:]
    if rest.isdigit() and before.kind == "time" and before.size == _HOUR and int(rest) < 60:
        return Quantity(Reading((total + int(rest) * 60) / first.size), first)
    return Quantity(Reading(total / first.size), first) if not rest and before is not first else None
