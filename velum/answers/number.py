"""Numbers, in all the ways in which students write them; their values are exact.

A thousands separator is a space, an apostrophe, a comma or a point with three digits behind it each time (or, as in
India, two and two and three in the end). Of a comma and a point together the last is the decimal sign. One alone that
is not the worksheet's decimal sign parts thousands when three digits follow; else it is another country's decimal sign.

>>> read_number("4 750").sure == read_number("4,750").sure == Fraction(4750)
True
>>> read_number("1,5").sure == read_number("1.5").sure, sorted(read_number("4.750").possible) == [Fraction(4750)]
(True, True)
>>> read_number("1.5·10⁻³").sure == Fraction(15, 10_000)
True
"""

import re
from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from velum.answers.number_words import read_words, read_words_abroad
from velum.answers.signs import DECIMAL, THOUSANDS, plain_signs

DecimalSign = Literal[".", ","]

LONGEST = 200
"""Letters: whoever writes a longer number writes something else."""

_MOST_DIGITS = 60
_LARGEST_POWER = 300
_MOST_BITS = 2_000
"""Of a power: no student means a number of more than six hundred digits, and Python writes none of over 4,300."""

_PLAINEST = re.compile(r" *(-?[0-9]{1,18})(?:\.([0-9]{1,2}|[0-9]{4,18}))? *")
_GROUPED = re.compile(r"\d{1,3}(?:G\d{3})+|\d{1,2}(?:G\d{2})+G\d{3}")
_FRACTION = re.compile(r"(?:(\d+) (?:and )?)?(\d+)/(\d+)")
_SCIENTIFIC = re.compile(r"(.+?)(?:e([+-]?\d{1,4})|(?:\*| ?x ?)10\^\(?([+-]?\d{1,4})\)?)", re.IGNORECASE)
_POWER = re.compile(r"\(?([^()^]+)\)?\^\(?([+-]?\d{1,4})\)?")
_SCALES = {"hundred": 100, "thousand": 10**3, "dozen": 12, "million": 10**6, "billion": 10**9, "trillion": 10**12}
_SCALES |= {"mio": 10**6, "mn": 10**6, "bn": 10**9, "mrd": 10**9}
_SCALED = re.compile(rf"(-?\d[\d.,' ]*?) ?({'|'.join(_SCALES)})\.?", re.IGNORECASE)
_OUT_OF = re.compile(r"([\w-]+) (?:in|out of) ([\w-]+)", re.IGNORECASE)
_PARTS_SAID = re.compile(
    r"(\d{1,4}) (half|halves|third|quarter|fourth|fifth|sixth|seventh|eighth|ninth|tenth|hundredth)s?", re.IGNORECASE
)
"""So many parts: 5 eighths."""
_RECURRING = re.compile(
    r"(-?)(\d{0,12})[.,](\d{0,12}?)(?:"
    r"\((\d{1,12})\)|((?:\d[\u0305\u0307]){1,6})|(\d{1,12}) ?(?:\.{2,}|…)|(\d) ?(?:recurring|rec\.?))",
    re.IGNORECASE,
)
"""A decimal fraction that goes on and on: 0.(3), 0.3 with a dot or a bar above, 0.333..., 0.3 recurring."""

_SIGNED = re.compile(r"([+-]) ?")


@dataclass(frozen=True, slots=True)
class Reading:
    """What a written number says: its value, or the values that it may have when that is not clear."""

    sure: Fraction | None
    possible: frozenset[Fraction] = frozenset()
    fraction: tuple[int, int] | None = None
    """The parts of a fraction as they were written, without sign."""

    def times(self, factor: Fraction) -> "Reading":
        """The same, so many times."""
        sure = None if self.sure is None else self.sure * factor
        return Reading(sure, frozenset(value * factor for value in self.possible), self.fraction)


def read_number(written: str, decimal: DecimalSign = ".") -> Reading | None:
    """What a number says, or None when it is no number, or larger than any that a student means."""
    if len(written) > LONGEST:
        return None
    if decimal == "." and (found := _PLAINEST.fullmatch(written)):
        return Reading(Fraction(int(found[1] + (found[2] or "")), 10 ** len(found[2] or "")))
    text = plain_signs(written)
    if not text:
        return None
    if text[0].isalpha() and not _OUT_OF.fullmatch(text):
        words = text.removesuffix("%")
        value = read_words(words)
        if value is None:
            value = read_words_abroad(words)
        return None if value is None else Reading(value / 100 if text.endswith("%") else value)
    if (found := _PARTS_SAID.fullmatch(text)) and (share := read_words(f"one {found[2]}")):
        return Reading(int(found[1]) * share)
    if found := _OUT_OF.fullmatch(text):
        part, whole = read_number(found[1], decimal), read_number(found[2], decimal)
        if part and whole and part.sure is not None and whole.sure and part.sure <= whole.sure:
            return Reading(part.sure / whole.sure)
        return None
    if found := _SCALED.fullmatch(text):
        base = read_number(found[1], decimal)
        return base and base.times(Fraction(_SCALES[found[2].lower()]))
    if found := _RECURRING.fullmatch(text):
        value = _recurring(found)
        return None if value is None else Reading(value)
    percent = text.endswith("%")
    if percent:
        text = text[:-1].rstrip()
    reading = _signed(text, decimal)
    return reading.times(Fraction(1, 100)) if reading and percent else reading


def _recurring(found: re.Match[str]) -> Fraction | None:
    """The value of a recurring decimal. Of digits before dots, those recur that stand there twice at least."""
    sign, whole, before = found[1], found[2], found[3]
    again = found[4] or re.sub(r"[^0-9]", "", found[5] or "") or found[7]
    if found[6]:
        digits = before + found[6]
        twice = re.fullmatch(r"(\d*?)(\d{1,6})\2+", digits)
        if twice is None:
            return None
        before, again = twice[1], twice[2]
    value = Fraction(int(before or 0), 10 ** len(before))
    value += Fraction(int(again), (10 ** len(again) - 1) * 10 ** len(before)) + int(whole or 0)
    return -value if sign else value


def decimal_places(value: Fraction | int) -> int | None:
    """How many decimal places a value has; None: it has no end, or more than anybody writes."""
    return next((places for places in range(13) if 10**places % value.denominator == 0), None)


def _signed(text: str, decimal: DecimalSign) -> Reading | None:
    sign = _SIGNED.match(text)
    reading = _unsigned(text[sign.end() :] if sign else text, decimal)
    if reading is None or not sign or sign[1] == "+":
        return reading
    return reading.times(Fraction(-1))


def _unsigned(text: str, decimal: DecimalSign) -> Reading | None:
    if found := _FRACTION.fullmatch(text):
        whole, above, below = int(found[1] or 0), int(found[2]), int(found[3])
        if below == 0 or len(text) > _MOST_DIGITS:
            return None
        return Reading(whole + Fraction(above, below), fraction=(above, below))
    if found := _SCIENTIFIC.fullmatch(text):
        base, power = _decimal(found[1].strip(), decimal), int(found[2] or found[3])
        return base.times(Fraction(10) ** power) if base and abs(power) <= _LARGEST_POWER else None
    if found := _POWER.fullmatch(text):
        base, power = _signed_base(found[1].strip(), decimal, bracketed=text.startswith("(")), int(found[2])
        if base is None or base.sure is None or abs(power) > _LARGEST_POWER or (base.sure == 0 and power < 0):
            return None
        if abs(power) * max(*map(int.bit_length, base.sure.as_integer_ratio())) > _MOST_BITS:
            return None
        return Reading(base.sure**power)
    return _decimal(text, decimal)


def _signed_base(text: str, decimal: DecimalSign, *, bracketed: bool) -> Reading | None:
    base = _signed(text, decimal) if bracketed else _decimal(text, decimal)
    return base if base and base.sure is not None and len(text) <= 20 else None


def _decimal(text: str, decimal: DecimalSign) -> Reading | None:
    """Digits with separators, unsigned."""
    if len(text) > _MOST_DIGITS or not re.fullmatch(rf"[\d., '_{DECIMAL}{THOUSANDS}]*\d[.,{DECIMAL}]?", text):
        return None
    text = text.replace("_", " ").replace(THOUSANDS, "'")
    if DECIMAL in text:
        return _parted(text, DECIMAL)
    marks = [mark for mark in ".," if mark in text]
    if len(marks) == 2:
        return _parted(text, max(marks, key=text.rindex))
    if not marks or text.count(marks[0]) > 1:
        return _whole(text)
    return _one_mark(text, marks[0], decimal)


def _one_mark(text: str, mark: str, decimal: DecimalSign) -> Reading | None:
    as_decimal, as_whole = _parted(text, mark), _whole(text)
    # 0,125 and ,125 have no thousands.
    if text[0] in "0.,":
        as_whole = None
    if mark == decimal:
        if as_decimal is None:
            return None
        others = {as_whole.sure} if as_whole and as_whole.sure is not None else set()
        return Reading(as_decimal.sure, frozenset(others))
    if as_whole is not None:
        return as_whole
    if as_decimal is None or as_decimal.sure is None:
        return None
    # No thousands are parted there, so it is the decimal sign of another country.
    return as_decimal


def _parted(text: str, mark: str) -> Reading | None:
    """Digits with one decimal sign."""
    before, _, behind = text.partition(mark)
    if not re.fullmatch(r"\d*", behind) or not (before or behind):
        return None
    whole = _whole(before) if before else Reading(Fraction(0))
    if whole is None or whole.sure is None:
        return None
    return Reading(whole.sure + Fraction(int(behind or 0), 10 ** len(behind)))


def _whole(text: str) -> Reading | None:
    """Digits, in groups or not."""
    marks = set(text) - set("0123456789")
    if not marks:
        return Reading(Fraction(int(text))) if text else None
    if len(marks) > 1 or not _GROUPED.fullmatch(text.replace(marks.copy().pop(), "G")):
        return None
    return Reading(Fraction(int(re.sub(r"\D", "", text))))
