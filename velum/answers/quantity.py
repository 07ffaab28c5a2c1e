"""A number with its unit, as it was written."""

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache

from velum.answers.number import LONGEST, DecimalSign, Reading, read_number
from velum.answers.number_words import begins_number, read_words
from velum.answers.signs import DECIMAL, plain_signs
from velum.answers.units import MONEY, Unit, as_rate, read_unit

_MOST_LETTERS = 40
_BEGINNINGS = f"0123456789.,+-({DECIMAL}"
_BEFORE_A_UNIT = "0123456789 .)%"
_ARTICLE = re.compile(r"^(?:an?|of) ")
_IN_CENTS = re.compile(r"[^.,]*([.,])\d{2}")
_PART = re.compile(r"(\d+(?:[.,]\d+)?) ?([^\W\d_]+|['\"′″])[.,]?(?: ?and)? ?")
_MOST_PARTS = 4
_PRIMES = {"'": "ft", "′": "ft", '"': "in", "″": "in"}
_HOUR = 3600
_LONGEST_NUMBER = 6
"""Words of a number within a length of time."""

_MILLIONS = re.compile(r"\d ?million", re.IGNORECASE)
_LENGTH_OF_TIME = re.compile(r"\b(?:hours?|hrs?|h|minutes?|mins?|seconds?|secs?)\b", re.IGNORECASE)
_HALF_AN = re.compile(r"\b(half|(?:a )?quarter of|three quarters of) an? (hour|minute)\b", re.IGNORECASE)
_AND_A_HALF = re.compile(r"\b([\w-]+) (hours?|minutes?) and a half\b", re.IGNORECASE)
_HALVES = {"half": "0.5", "quarter of": "0.25", "a quarter of": "0.25", "three quarters of": "0.75"}
_CLOCK = re.compile(r"(\d{1,3}):([0-5]\d) ?(?:h|hours?|hrs?)", re.IGNORECASE)
_METRES_AND_MORE = re.compile(r"^(\d{1,3}) ?m ?(\d{2})$")
_MONEY_FIRST = re.compile(r"([+-]? ?)([^\w\s.,()+'\"°%-]|[A-Z]{3}|[A-Z]{1,2}\$|[Ff]r\.?|[Kk]r\.?) ?((?=[\d.,]).+)")
_UNIT_BEHIND = r"((?:(?:square|sq\.?|cubic|cu\.?) )?[^\W\d_π√]+(?:/[^\W\d_]+)?(?: ?\^?[23²³])?|°|%)\.?"
_EXACT = re.compile(r"(?=.*(?:π|√|pi\b|sqrt|root))(.*(?:[\dπ)]|pi)) ?" + _UNIT_BEHIND)
_DECIMAL = re.compile(r"(-?\d+(?:[.,]\d+)?) ?" + _UNIT_BEHIND)
_NO_UNIT = re.compile(r".*(?:pi|sqrt)$|(?:pi|root|sqrt)$", re.IGNORECASE)
_MONEY_PARTS = re.compile(
    r"(.+?) ([^\W\d_]+)(?: and)? (?:(\d{2}|[a-z-]+)(?: ?(?:p|pence|cents?|ct))?|(\d) ?(?:p|pence|cents?|ct))"
)


@dataclass(frozen=True, slots=True)
class Quantity:
    """A number and its unit; ``unit`` is None when there is none, or when no such unit is known (``unknown``)."""

    number: Reading
    unit: Unit | None
    unknown: str = ""
    spelled: str = ""
    """The unit as it was written; empty where there is none, or several; "million" behind a number of them."""


@lru_cache(maxsize=8_192)
def read_quantity(written: str, decimal: DecimalSign = ".") -> Quantity | None:
    """What a number with or without a unit says; None when it does not begin with a number."""
    if len(written) > LONGEST:
        return None
    number = read_number(written, decimal)
    if number is not None:
        return Quantity(number, None, spelled="million" if _MILLIONS.search(written) else "")
    text = _METRES_AND_MORE.sub(r"\1 m \2 cm", as_rate(plain_signs(written)))
    said = text[:1].isalpha() or _CLOCK.fullmatch(text) or " and " in text
    if said and _LENGTH_OF_TIME.search(text) and " per " not in text:
        text = _in_digits(text)
    if (found := _MONEY_FIRST.fullmatch(text)) and (money := _money_first(found, decimal)):
        return money
    if not text or not (text[0] in _BEGINNINGS or text[0].isdigit() or begins_number(text)):
        return None
    if (found := _MONEY_PARTS.fullmatch(text)) and (money := _money_in_parts(found, decimal)):
        return money
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
        if unit and unit.kind.startswith(MONEY):
            number = _money(text[:end], decimal) or number
        return Quantity(number, unit, "" if unit else rest, rest)
    return None


def value_and_unit(written: str) -> tuple[str, Unit | None] | None:
    """An exact value with a root or a multiple of π, and its unit: 9π cm². None where it has no such unit."""
    found = _EXACT.fullmatch(written.strip()) if len(written) <= LONGEST else None
    if not found or _NO_UNIT.fullmatch(found[2]) or (unit := read_unit(plain_signs(found[2]))) is None:
        found = _DECIMAL.fullmatch(written.strip()) if len(written) <= LONGEST else None
        if not found or (unit := read_unit(plain_signs(found[2]))) is None:
            return None
    return found[1], unit


_BESIDE = re.compile(r"\((?:in )?([^()\d]{1,20})\)|\bin ([^\W\d_]{1,20})\W*$")


def in_unit_beside(meant: str, written: str, beside: str) -> str | None:
    """A key without a unit in the unit that is printed beside its box, "How deep? (m)", for an answer that has one.

    None: there is no such unit, or the answer has none either.
    """
    found = _BESIDE.findall(beside)
    if not found or has_unit(meant) or not has_unit(written) or read_number(meant.strip()) is None:
        return None
    unit = "".join(found[-1]).strip()
    return f"{meant.strip()} {unit}" if read_unit(unit) else None


def has_unit(written: str, decimal: DecimalSign = ".") -> bool:
    """Whether a number with a unit stands there, known or not."""
    read = read_quantity(written, decimal)
    return read is not None and (read.unit is not None or read.unknown != "")


def _and_a_half(number: str) -> str:
    value = 1 if number.lower() in ("a", "an") else read_words(number) if number.isalpha() else int(number or 0)
    return f"{float(value) + 0.5:g}" if value is not None else number


def _in_digits(text: str) -> str:
    """A length of time with its numbers in digits: "an hour and twenty minutes" as 1 hour 20 minutes."""
    text = _AND_A_HALF.sub(lambda found: f"{_and_a_half(found[1])} {found[2]}", text)
    text = _HALF_AN.sub(lambda found: f"{_HALVES[found[1].lower()]} {found[2]}", text)
    if found := _CLOCK.fullmatch(text):
        return f"{found[1]} h {found[2]} min"
    words, said, at = text.replace("-", " ").split(), [], 0
    while at < len(words):
        ends = range(min(len(words), at + _LONGEST_NUMBER), at, -1)
        end, value = next(
            ((end, value) for end in ends if (value := read_words(" ".join(words[at:end])))), (at + 1, None)
        )
        if value is not None:
            said.append(str(value) if value.denominator == 1 else f"{float(value):g}")
        elif words[at].lower() != "and":
            said.append("1" if words[at].lower() in ("a", "an") else words[at])
        at = end
    return " ".join(said)


def _money(written: str, decimal: DecimalSign) -> Reading | None:
    """An amount of money. Two digits behind a comma or a point are cents, whatever the decimal sign."""
    number = read_number(written, decimal)
    if number is None or number.sure is not None:
        return number
    cents = _IN_CENTS.fullmatch(written.strip())
    return read_number(written, "," if cents[1] == "," else ".") if cents else number


def _money_first(found: re.Match[str], decimal: DecimalSign) -> Quantity | None:
    """An amount behind the sign or the code of its currency: £4.50, CHF 150."""
    sign, amount = found[2], found[3]
    unit = read_unit(sign.rstrip("."))
    if sign == "£":
        amount = amount.removesuffix("p").rstrip()
    number = _money(found[1] + amount, decimal)
    if number is None or not (sign.isupper() or unit or sign[-1:] == "$" or sign[-1:] in "r."):
        return None
    if unit and not unit.kind.startswith(MONEY):
        return None
    return Quantity(number, unit, "" if unit else sign, sign)


def _money_in_parts(found: re.Match[str], decimal: DecimalSign) -> Quantity | None:
    """An amount as it is said: 4 pounds 50, four pounds fifty."""
    unit = read_unit(found[2]) if found[2] not in ("pound", "pounds") else Unit(f"{MONEY}GBP", Fraction(1))
    whole, part = read_number(found[1], decimal), read_number(found[3] or found[4], decimal)
    if not unit or not unit.kind.startswith(MONEY) or unit.size != 1 or not whole or not part:
        return None
    if whole.sure is None or part.sure is None or whole.sure.denominator != 1 or not 0 < part.sure < 100:
        return None
    return Quantity(Reading(whole.sure + part.sure / 100), unit, spelled=found[2])


def _in_parts(text: str, decimal: DecimalSign) -> Quantity | None:
    """A quantity in several units, such as 6 h 10 min, in the first of them; the minutes behind hours need no name."""
    total, first, at = Fraction(0), None, 0
    before: Unit | None = None
    for _ in range(_MOST_PARTS):
        found = _PART.match(text, at)
        if found is None:
            break
        number, unit = read_number(found[1], decimal), read_unit(_PRIMES.get(found[2], found[2]))
        if before and before.kind == "time" and found[2] == "m":
            unit = read_unit("min")
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
