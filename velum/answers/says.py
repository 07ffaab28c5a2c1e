"""What an answer says, as a value that is equal for two answers that say the same, whatever they are compared with.

>>> says("2") == says("two") == says("2.0")
True
>>> says("19:00") == says("7 pm"), says("1 km") == says("1000 m")
(True, True)
>>> says("Shore crab.") == says("shore  crab"), says("crab") == says("crabs")
(True, False)
"""

import re
from collections.abc import Hashable

from velum.answers.algebra.says import says_expression
from velum.answers.compare import LONGEST
from velum.answers.number import DecimalSign
from velum.answers.quantity import read_quantity
from velum.answers.text import normalise
from velum.answers.times import read_time

_TELLING = re.compile(r":|[ap]\.? ?m\b|\b(?:past|to|o'clock|half|noon|midday|midnight)\b", re.IGNORECASE)
"""What a time of day has, and a number or a length of time has not: a colon, half of a day, or words of the clock."""


def says(written: str, decimal: DecimalSign = ".") -> Hashable:
    """What a written answer says: a quantity, a time of day, an expression, or else words."""
    if len(written) <= LONGEST:
        times = read_time(written)
        if times and _TELLING.search(written):
            return "time", times[0]
        quantity = read_quantity(written, decimal)
        if quantity and quantity.number.sure is not None:
            if quantity.unit is None:
                return "quantity", quantity.number.sure, quantity.unknown.casefold()
            return "quantity", quantity.number.sure * quantity.unit.size + quantity.unit.zero, quantity.unit.kind
        if (expression := says_expression(written, decimal)) is not None:
            return expression
    return "words", normalise(written)
