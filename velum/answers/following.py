"""Numbers that follow from earlier answers of the same student: ``2 × {3a}``.

What stands in braces names an earlier question; the rule is read by the algebra of the core.

>>> names_in("2 × {a} + {b} ÷ {a}")
('a', 'b')
>>> worked_out("2 × {a}", {"a": Fraction(7, 2)}, ".")
Fraction(7, 1)
>>> worked_out("2 × {b}", {"a": Fraction(7, 2)}, ".") is None
True
"""

import re
from collections.abc import Mapping
from fractions import Fraction

from velum.answers.algebra.reading import read
from velum.answers.algebra.tree import letters
from velum.answers.algebra.values import Inexact, Unknown, exactly, roughly
from velum.answers.number import DecimalSign, decimal_places
from velum.answers.quantity import read_quantity
from velum.answers.wrapping import unwrapped

_NAME = re.compile(r"\{([^{}]{1,40})\}")
_MOST_PLACES = 12
"""Decimal places of what is worked out with roots or π: more than anybody writes."""


def names_in(rule: str) -> tuple[str, ...]:
    """What a rule follows from, each once."""
    return tuple(dict.fromkeys(_NAME.findall(rule)))


def value_of(written: str, decimal: DecimalSign) -> Fraction | None:
    """The number that an answer says, with or without a unit; None where it says none for sure."""
    for text in (written, *unwrapped(written)):
        quantity = read_quantity(text, decimal)
        if quantity and quantity.number.sure is not None:
            return quantity.number.sure
    return None


def worked_out(rule: str, values: Mapping[str, Fraction], decimal: DecimalSign) -> Fraction | None:
    """What a rule comes to with these values; None where it cannot be worked out."""
    names = names_in(rule)
    if any(name not in values for name in names):
        return None
    text = _NAME.sub(lambda found: f"(({values[found[1]].numerator})/({values[found[1]].denominator}))", rule)
    statements = read(text.strip().removeprefix("="), decimal)
    if len(statements) != 1 or statements[0].relations or letters(statements[0].sides[0]):
        return None
    try:
        return Fraction(exactly(statements[0].sides[0], {}))
    except Inexact:
        pass
    except Unknown:
        return None
    try:
        value = roughly(statements[0].sides[0], {})
    except Unknown:
        return None
    return None if abs(value.imag) > 1e-9 else round(Fraction(value.real), _MOST_PLACES)


def as_written(value: Fraction, like: str, decimal: DecimalSign) -> str:
    """A value as an answer says it, with the unit of another: 15 cm for 14 cm."""
    places = decimal_places(value)
    if places is None:
        text = f"{value.numerator}/{value.denominator}"
    else:
        digits = f"{abs(value * 10**places).numerator:0{places + 1}d}"
        text = f"{digits[: len(digits) - places]}.{digits[len(digits) - places :]}".rstrip(".")
        text = ("-" if value < 0 else "") + text.replace(".", decimal)
    quantity = read_quantity(like, decimal)
    return f"{text} {quantity.spelled}" if quantity and quantity.spelled else text
