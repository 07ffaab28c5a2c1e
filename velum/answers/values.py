"""Whether a number, with its unit, has the value of the key."""

import re
from collections.abc import Callable
from fractions import Fraction
from functools import lru_cache
from math import gcd

from velum.answers import reasons
from velum.answers.comparison import Between, Number, Rounded, Within, exact_value
from velum.answers.number import DecimalSign, Reading
from velum.answers.quantity import Quantity, read_quantity
from velum.mark import Mark, for_teacher, partly, right, wrong
from velum.sentence import Sentence

_NAMED = re.compile(r"^\s*[^\W\d_]\s*=")
"""A letter that the number is the value of, as in x = 3."""


def compare_values(written: str, meant: str, rules: Number, decimal: DecimalSign = ".") -> Mark | None:
    """Mark one answer against one right number; None when the key itself is no number.

    ``decimal`` is the worksheet's sign before decimals.
    """
    decimal = rules.decimal or decimal
    key = _key(meant, decimal)
    if key is None or key.number.sure is None:
        return None
    answer = read_quantity(written, decimal)
    if answer is None and "=" in written:
        answer = read_quantity(_NAMED.sub("", written, count=1), decimal)
    if answer is None:
        return wrong(reasons.NOT_A_NUMBER)
    conversion = _conversion(answer, key, rules)
    if isinstance(conversion, Mark):
        return conversion
    accepts = _accepting(key.number.sure, rules)
    number = answer.number
    problem = reasons.OTHER_VALUE
    if number.sure is not None:
        value = conversion(number.sure) if conversion else number.sure
        refusal = accepts(value)
        if refusal is None:
            lowest = not rules.lowest_terms or _in_lowest_terms(number)
            if not lowest:
                return wrong(reasons.NOT_LOWEST)
            if rules.unit == "half" and answer.unit is None and (key.unit or key.unknown):
                return partly(Fraction(1, 2), reasons.UNIT_MISSING)
            return right(_why(value, key.number.sure, rules))
        problem = refusal
    if any(accepts(conversion(value) if conversion else value) is None for value in number.possible):
        values = number.possible if number.sure is None else {number.sure, *number.possible}
        return for_teacher(reasons.unclear([_in_words(value) for value in sorted(values)]))
    return wrong(problem)


def unclear_values(written: str, decimal: DecimalSign) -> list[str]:
    """What a number may mean that can be read in several ways; empty where it is clear, or no number."""
    quantity = read_quantity(written, decimal)
    if quantity is None or quantity.number.sure is not None:
        return []
    return [_in_words(value) for value in sorted(quantity.number.possible)]


@lru_cache(maxsize=8_192)
def _key(meant: str, decimal: DecimalSign) -> Quantity | None:
    """A right answer as it is read: a class is marked against the same few."""
    return read_quantity(meant, decimal)


def _conversion(answer: Quantity, key: Quantity, rules: Number) -> Mark | Callable[[Fraction], Fraction] | None:
    """What turns the answer's number into the key's unit; None: nothing has to. Or the mark of a unit that is none."""
    if rules.unit == "ignored":
        return None
    if answer.unknown or key.unknown:
        if answer.unknown.casefold() == key.unknown.casefold() or (
            rules.unit in ("half", "optional") and not answer.unknown
        ):
            return None
        if key.unknown and not answer.unknown and answer.unit is None:
            return wrong(reasons.UNIT_MISSING)
        return for_teacher(reasons.UNIT_UNKNOWN)
    mine, wanted = answer.unit, key.unit
    if wanted is None:
        return None if mine is None else for_teacher(reasons.UNIT_UNASKED)
    if mine is None:
        return None if rules.unit in ("half", "optional") else wrong(reasons.UNIT_MISSING)
    if mine.kind != wanted.kind:
        return wrong(reasons.other_kind(wanted.kind, mine.kind))
    return lambda value: (value * mine.size + mine.zero - wanted.zero) / wanted.size if mine != wanted else value


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
