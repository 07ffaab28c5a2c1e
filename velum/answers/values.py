"""Whether a number, with its unit, has the value of the key."""

import re
from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from math import gcd

from velum.answers import reasons
from velum.answers.comparison import Between, Number, Rounded, Within, exact_value
from velum.answers.number import DecimalSign, Reading, decimal_places, read_number
from velum.answers.number_words import read_words
from velum.answers.quantity import Quantity, read_quantity
from velum.answers.signs import plain_signs
from velum.answers.units import is_part_of, read_unit_loosely
from velum.answers.wrapping import doubts
from velum.mark import Mark, Verdict, for_teacher, partly, right, wrong
from velum.sentence import Sentence

NAMED = re.compile(r"^\s*[^\W\d_]\s*=")
"""A letter that the number is the value of, as in x = 3."""

CALLED = re.compile(r"^\s*(?:the )?([^\W\d_]{3,}(?: [^\W\d_]+)?)\s*(?:=|:(?= ))\s*", re.IGNORECASE)
"""What a number is called, as in mean = 12.5."""

_NOUN = re.compile(r"[^\W\d_]+(?:[ '-][^\W\d_]+){0,2}")
"""What is counted: up to three words, as in 8 apples."""

_FLAT = re.compile(r"(\d(?:[.,]\d+)?) ?[*x] ?10 ?(-\d{1,2}|\d{1,2})")
_STANDARD = re.compile(r"(-?\d+(?:[.,]\d+)?)(?: ?[*x·] ?10 ?\^ ?\(?-?\d+|e-?\d+)", re.IGNORECASE)
_MIXED = re.compile(r"(\d+)?(?:(?<=\d)(?: and | +|(?=[½-¾⅐-⅞])))?(?:[½-¾⅐-⅞]|(?<!\d)(\d+) ?/ ?(\d+))")
_NONE_OF = re.compile(r"(?:there (?:is|are|were) )?no [a-z]+", re.IGNORECASE)
_CLOCK = re.compile(r"(\d{1,2})[:.]([0-5]\d)")

_HOURS_AND_MINUTES = re.compile(r"\d+ ?(?:h|hrs?|hours?)\.?,?(?: and)? ?\d+ ?(?:m|mins?|minutes?)\.?", re.IGNORECASE)

_LEAST_FIGURES = 2
"""Figures that a rounded value has at least, to be near a right one that has no end."""


def compare_values(written: str, meant: str, rules: Number, decimal: DecimalSign = ".") -> Mark | None:
    """Mark one answer against one right number; None when the key itself is no number.

    The value is judged before its unit and its form, so that what is said of them is true. ``decimal`` is the
    worksheet's sign before decimals.
    """
    decimal = rules.decimal or decimal
    key = _key(meant, decimal)
    if key is None or key.number.sure is None:
        return None
    answer = read_quantity(written, decimal)
    called = ""
    if answer is None:
        bare, called = _uncalled(written)
        answer = read_quantity(bare, decimal)
    if _is_year(written, key):
        return right(reasons.SAME_VALUE)
    if _is_clock(written, key):
        plain = ":" in written and _HOURS_AND_MINUTES.fullmatch(meant.strip())  # it can be nothing else
        return right(reasons.SAME_VALUE) if plain else for_teacher(reasons.TIME_OR_LENGTH)
    if answer is None:
        none_of = key.number.sure == 0 and _NONE_OF.fullmatch(written.strip())
        return for_teacher(reasons.OTHER_WORD_FOR_IT) if none_of else wrong(reasons.NOT_A_NUMBER)
    if _is_power_laid_flat(written, key, decimal):
        return for_teacher(reasons.POWER_LAID_FLAT)
    answer = _in_the_keys_unit(answer, key)
    unit = _unit_of(answer, key, rules)
    accepts = _accepting(key.number.sure, rules)
    number = answer.number
    if number.sure is not None:
        value = unit.convert(number.sure)
        refusal = accepts(value)
        if refusal is None and called and _uncalled(meant)[1] not in ("", called):
            return for_teacher(reasons.CALLED_OTHERWISE)
        if refusal is None:
            return _of_right_value(written, value, number, key.number.sure, rules, unit.mark)
        if unit.offset and not unit.refuses and _is_rounded_on_its_scale(number.sure, unit, key.number.sure):
            return right(reasons.SAME_VALUE)
        if unit.refuses or not _may_be_rounded(value, number, key.number, rules):
            problem = _other(unit, refusal)
        else:
            return for_teacher(reasons.ROUNDED)
    else:
        problem = reasons.OTHER_VALUE
    if any(accepts(unit.convert(value)) is None for value in number.possible):
        values = number.possible if number.sure is None else {number.sure, *number.possible}
        return for_teacher(reasons.unclear([_in_words(value) for value in sorted(values)]))
    if _is_percent_left_out(meant, number, key.number.sure):
        return for_teacher(reasons.PERCENT_MISSING)
    return wrong(problem)


def _is_year(written: str, key: Quantity) -> bool:
    """Whether a year is said as two numbers: nineteen fourteen, ten sixty-six."""
    if key.unit or written[:1].isdigit():
        return False
    words = written.strip().casefold().rstrip(".").replace("-", " ").split()
    if not 2 <= len(words) <= 3 or not words[0].isalpha():
        return False
    hundreds, rest = read_words(words[0]), read_words(" ".join(words[1:]))
    if hundreds is None or rest is None or not (10 <= hundreds <= 20 and 10 <= rest < 100):
        return False
    return hundreds * 100 + rest == key.number.sure


def _is_power_laid_flat(written: str, key: Quantity, decimal: DecimalSign) -> bool:
    """Whether a power of ten lost its raised digits, 6x10-3, and would be what the key is with them."""
    found = _FLAT.fullmatch(plain_signs(written).strip()) if "10" in written else None
    number = read_number(found[1], decimal) if found else None
    if found is None or number is None or number.sure is None or abs(int(found[2])) > 60:
        return False
    return number.sure * Fraction(10) ** int(found[2]) == key.number.sure


def _is_clock(written: str, key: Quantity) -> bool:
    """Whether a length of time is written as a time of day is: 2:05 for 2 hours 5 minutes."""
    clock = _CLOCK.fullmatch(written.strip())
    if clock is None or key.unit is None or key.unit.kind != "time" or key.number.sure is None:
        return False
    return (int(clock[1]) * 60 + int(clock[2])) * 60 == key.number.sure * key.unit.size


def _of_right_value(
    written: str, value: Fraction, number: Reading, key: Fraction, rules: Number, of_unit: Mark | None
) -> Mark:
    """The mark of an answer whose number is right."""
    if of_unit and of_unit.verdict is not Verdict.PARTLY:
        return of_unit
    if rules.lowest_terms and not _in_lowest_terms(number):
        return wrong(reasons.NOT_LOWEST)
    if rules.form != "any" and not _is_in_form(written, value, rules.form):
        return wrong(reasons.OTHER_FORM)
    return of_unit or right(_why(value, key, rules))


def _is_in_form(written: str, value: Fraction, form: str) -> bool:
    """Whether a number is a mixed one, or in standard form; whole and proper fractions are as mixed as can be."""
    text = plain_signs(written)
    if form == "standard":
        standard = _STANDARD.search(text)
        return standard is not None and 1 <= abs(float(standard[1].replace(",", "."))) < 10
    if value.denominator == 1:
        return "/" not in text
    found = _MIXED.search(text)
    return bool(found and (found[1] or abs(value) < 1) and int(found[2] or 0) < int(found[3] or 1))


def _other(unit: "_OfUnit", refusal: Sentence) -> Sentence:
    """Why a value is not right: as it is in the key's unit, or because its unit is another sort of thing."""
    return unit.mark.reason if unit.refuses and unit.mark else refusal


def _is_percent_left_out(meant: str, number: Reading, key: Fraction) -> bool:
    return meant.rstrip().endswith("%") and number.sure == 100 * key


def _may_be_rounded(value: Fraction, number: Reading, key: Reading, rules: Number) -> bool:
    """Whether a teacher who set no tolerance may take a value for the key's.

    One that has more figures and rounds to it, or a decimal fraction near a value without end: 0.33 for 1/3.
    """
    if rules.tolerance or key.sure is None or number.fraction:
        return False
    places, wanted = decimal_places(value), decimal_places(key.sure)
    if places is None:
        return False
    if wanted is None:
        step = Fraction(1, 10**places)
        figures = len(str(abs(value.numerator * 10**places // value.denominator)).lstrip("0"))
        return figures >= _LEAST_FIGURES and places > 0 and abs(value - key.sure) < step
    if places > wanted > 0:
        return abs(value - key.sure) * 2 <= Fraction(1, 10**wanted)
    figures = len(str(abs(value.numerator * 10**places // value.denominator)))
    return wanted > places > 0 and figures >= _LEAST_FIGURES and abs(value - key.sure) * 2 <= Fraction(1, 10**places)


@lru_cache(maxsize=8_192)
def _key(meant: str, decimal: DecimalSign) -> Quantity | None:
    """A right answer as it is read: a class is marked against the same few."""
    quantity = read_quantity(meant, decimal)
    return read_quantity(_uncalled(meant)[0], decimal) if quantity is None else quantity


def _uncalled(text: str) -> tuple[str, str]:
    """A text without what a number is called in it, and that in small letters."""
    if "=" in text and (bare := NAMED.sub("", text, count=1)) != text:
        return bare, ""
    found = CALLED.match(text)
    return (text[found.end() :], found[1].casefold()) if found else (text, "")


def _is_rounded_on_its_scale(said: Fraction, unit: "_OfUnit", key: Fraction) -> bool:
    """Whether a value on a scale that begins elsewhere is the key's to its own places: 373 K for 100 °C."""
    places = decimal_places(said)
    return places is not None and abs((key - unit.offset) / unit.factor - said) * 2 <= Fraction(1, 10**places)


@dataclass(frozen=True, slots=True)
class _OfUnit:
    """What the unit of an answer does: how its number becomes one in the key's unit, and what mark it gives.

    ``mark`` is what becomes of an answer whose value is right; None: nothing. ``refuses``: its value is no such thing.
    """

    mark: Mark | None = None
    factor: Fraction = Fraction(1)
    offset: Fraction = Fraction(0)
    refuses: bool = False

    def convert(self, value: Fraction) -> Fraction:
        return value * self.factor + self.offset if self.factor != 1 or self.offset else value


_SAME_UNIT = _OfUnit()


def _in_the_keys_unit(answer: Quantity, key: Quantity) -> Quantity:
    """The answer with its unit read as the key's is written: "Kg" for kg, "francs" for CHF, "12.5m" for millions."""
    if key.unit is None and answer.spelled in ("m", "M") and key.spelled == "million":
        return Quantity(answer.number.times(Fraction(10**6)), None)
    if key.unit is None or not answer.spelled:
        return answer
    if answer.unit is not None and answer.unit.kind == key.unit.kind:
        return answer
    unit = read_unit_loosely(answer.spelled, key.spelled)
    return answer if unit is None else Quantity(answer.number, unit, spelled=answer.spelled)


def _unit_of(answer: Quantity, key: Quantity, rules: Number) -> _OfUnit:
    if rules.unit == "ignored":
        return _SAME_UNIT
    missing = _missing(rules)
    if answer.unknown or key.unknown:
        if answer.unknown.casefold() == key.unknown.casefold():
            return _SAME_UNIT
        if key.unknown and not answer.unknown:
            # What was counted: the number says it.
            return _OfUnit(for_teacher(reasons.UNIT_UNKNOWN)) if answer.unit else _SAME_UNIT
        if not key.unknown and key.unit is None and _NOUN.fullmatch(answer.unknown) and not doubts(answer.unknown):
            return _SAME_UNIT
        others = doubts(answer.unknown) or any(map(str.isdigit, answer.unknown))
        return _OfUnit(for_teacher(reasons.FOUND_AMONG_OTHERS if others else reasons.UNIT_UNKNOWN))
    mine, wanted = answer.unit, key.unit
    if wanted is None:
        return _SAME_UNIT if mine is None else _OfUnit(for_teacher(reasons.UNIT_UNASKED))
    if mine is None:
        return _OfUnit(missing)
    if mine.kind != wanted.kind:
        if is_part_of(answer.spelled, key.spelled):
            return _OfUnit(for_teacher(reasons.UNIT_INCOMPLETE))
        mark = wrong(reasons.other_kind(wanted.kind, mine.kind))
        return _OfUnit(mark, refuses=True)
    if mine == wanted:
        return _SAME_UNIT
    return _OfUnit(factor=mine.size / wanted.size, offset=(mine.zero - wanted.zero) / wanted.size)


def _missing(rules: Number) -> Mark | None:
    """The mark of a right number without the unit that the key has."""
    match rules.unit:
        case "half":
            return partly(Fraction(1, 2), reasons.UNIT_MISSING)
        case "optional":
            return None
        case _:
            return for_teacher(reasons.UNIT_LEFT_OUT)


def _accepting(key: Fraction, rules: Number) -> Callable[[Fraction], Sentence | None]:
    """Says of a value why it is not accepted, or None."""
    match rules.tolerance:
        case Within(amount=amount, percent=percent):
            room = abs(_value(amount) * key / 100) if percent else abs(_value(amount))
            return lambda value: None if abs(value - key) <= room else reasons.NOT_NEAR_ENOUGH
        case Between(low=low, high=high):
            ends = sorted((_value(low), _value(high)))
            return lambda value: None if ends[0] <= value <= ends[1] else reasons.OUT_OF_RANGE
        case Rounded(digits=digits, to=to):
            step = _step(key, digits, to)
            wanted = _rounded(key, step)
            return lambda value: (
                None
                if value in wanted
                else reasons.NOT_ROUNDED
                if _rounded(value, step) & wanted
                else reasons.OTHER_VALUE
            )
        case _:
            # Fractions are in lowest terms, so equal ones have equal parts.
            above, below = key.as_integer_ratio()
            return lambda value: (
                None if value.numerator == above and value.denominator == below else reasons.OTHER_VALUE
            )


def _step(value: Fraction, digits: int, to: str) -> Fraction:
    """Of what the rounded number is a multiple."""
    if to == "places" or value == 0:
        return Fraction(1, 10**digits)
    # The power of ten of the first figure: that of 999 is 2, that of 0.05 is -2.
    size = abs(value)
    power = len(str(size.numerator)) - len(str(size.denominator))
    if size < Fraction(10) ** power:
        power -= 1
    return Fraction(10) ** (power - max(1, digits) + 1)


def _rounded(value: Fraction, step: Fraction) -> set[Fraction]:
    """The nearest multiple of a step; both when it lies in the middle, for schools round a half either way."""
    below = value // step * step
    rest = value - below
    if rest * 2 == step:
        return {below, below + step}
    return {below if rest * 2 < step else below + step}


def _why(value: Fraction, key: Fraction, rules: Number) -> Sentence:
    match rules.tolerance:
        case Between():
            return reasons.IN_RANGE
        case Within():
            return reasons.SAME_VALUE if value == key else reasons.NEAR_ENOUGH
        case _:
            return reasons.SAME_VALUE


def _in_lowest_terms(number: Reading) -> bool:
    return number.fraction is None or gcd(*number.fraction) == 1


def _value(text: str) -> Fraction:
    value = exact_value(text)
    assert value is not None  # an Exact is checked when it is set
    return value


def _in_words(value: Fraction) -> str:
    """A value as a decimal where it is one that is short enough."""
    for places in range(7):
        if (value * 10**places).denominator == 1:
            return f"{float(value):.{places}f}" if abs(value) < 10**15 else str(value)
    return str(value)
