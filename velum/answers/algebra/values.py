"""What expressions are worth when numbers stand for their letters.

Two expressions that are equal at a handful of points, reckoned exactly, are the same for all that a school asks: of two
different ones of degree d, a fifth of a thousand points in a row agrees by chance with (d/200)⁵ (Schwartz 1980, Zippel
1979). Where roots, logarithms or angles come in, they are reckoned in floating point, and what is nearly equal is left
for a person to see.
"""

import cmath
import math
import random
from collections.abc import Callable, Mapping
from fractions import Fraction
from functools import lru_cache
from typing import TypeAlias

from velum.answers.algebra.tree import Call, Letter, Node, Num, Power, Product, Quotient, Sum

Exact: TypeAlias = int | Fraction

_POINTS = 5
_HIGHEST_POWER = 64
_MOST_BITS = 2_000
NEAR, NEARLY = 1e-9, 1e-6
"""Shares of a value: what differs by less is equal; what differs by more than the second is not."""


class Unknown(Exception):
    """It has no value here: a division by nothing, or a number larger than any that a student means."""


class Inexact(Exception):
    """It has a value, but no fraction says it."""


@lru_cache(maxsize=1_024)
def points(names: tuple[str, ...]) -> list[dict[str, Exact]]:
    """Numbers for each letter, always the same for the same letters; half of the points have negative ones."""
    luck = random.Random(" ".join(names))  # noqa: S311 (no secret)
    return [{name: luck.randint(-101, 101) or 7 for name in names} for _ in range(_POINTS)] if names else [{}]


@lru_cache(maxsize=1_024)
def small_points(names: tuple[str, ...]) -> list[dict[str, Exact]]:
    """The same between 0 and 3, where roots, logarithms and powers have values that are not too large."""
    luck = random.Random(" ".join(names))  # noqa: S311 (no secret)
    return [{name: Fraction(luck.randint(3, 29), 11) for name in names} for _ in range(2 * _POINTS)] if names else [{}]


@lru_cache(maxsize=8_192)
def exact_values(node: Node, names: tuple[str, ...]) -> tuple[Exact | None, ...]:
    """The exact value at each of the points of these letters; None where there is none.

    Remembered: in a group every answer is compared with every key. Raises Inexact.
    """
    values: list[Exact | None] = []
    for at in points(names):
        try:
            values.append(exactly(node, at))
        except Unknown:
            values.append(None)
    return tuple(values)


@lru_cache(maxsize=8_192)
def rough_values(node: Node, names: tuple[str, ...], sign: int) -> tuple[complex | None, ...]:
    """The same at each of the small points, times ``sign``, in floating point."""
    values: list[complex | None] = []
    for at in small_points(names):
        try:
            values.append(roughly(node, {name: sign * value for name, value in at.items()}))
        except Unknown:
            values.append(None)
    return tuple(values)


def exactly(node: Node, at: Mapping[str, Exact]) -> Exact:
    """The exact value. Raises Inexact and Unknown."""
    match node:
        case Num(value):
            return value
        case Letter(name):
            if name not in at:
                raise Inexact
            return at[name]
        case Sum(terms):
            return _small(sum(exactly(term, at) for term in terms))
        case Product(factors):
            return _small(math.prod(exactly(factor, at) for factor in factors))
        case Quotient(above, below):
            divisor = exactly(below, at)
            if not divisor:
                raise Unknown
            return _small(Fraction(exactly(above, at), divisor))
        case Power(base, exponent):
            return _exact_power(exactly(base, at), exactly(exponent, at))
        case Call("abs", argument):
            return _size(exactly(argument, at))
        case Call():
            raise Inexact


def _size(value: Exact) -> Exact:
    return value if value >= 0 else -value


def _exact_power(base: Exact, exponent: Exact) -> Exact:
    if exponent.denominator != 1:
        raise Inexact
    if _size(exponent) > _HIGHEST_POWER:
        raise Inexact
    if not base and exponent <= 0:
        raise Unknown
    bits = max(base.numerator.bit_length(), base.denominator.bit_length())
    if bits * _size(exponent) > _MOST_BITS:
        raise Unknown
    return (Fraction(base) if exponent < 0 else base) ** int(exponent)


def _small(value: Exact) -> Exact:
    if max(value.numerator.bit_length(), value.denominator.bit_length()) > _MOST_BITS:
        raise Unknown
    return value


def roughly(node: Node, at: Mapping[str, Exact]) -> complex:
    """The value in floating point. Raises Unknown."""
    try:
        value = _rough(node, at)
    except (ArithmeticError, ValueError):
        raise Unknown from None
    if not cmath.isfinite(value):
        raise Unknown
    return value


def _rough(node: Node, at: Mapping[str, Exact]) -> complex:
    match node:
        case Num(value):
            return complex(value)
        case Letter(name):
            return complex(math.pi) if name == "π" and name not in at else complex(at[name])
        case Sum(terms):
            return sum((_rough(term, at) for term in terms), 0j)
        case Product(factors):
            return math.prod((_rough(factor, at) for factor in factors), start=1 + 0j)
        case Quotient(above, below):
            return _rough(above, at) / _rough(below, at)
        case Power(base, exponent):
            return _rough(base, at) ** _rough(exponent, at)
        case Call(function, argument):
            return _FUNCTIONS[function](_rough(argument, at))


_FUNCTIONS: dict[str, Callable[[complex], complex]] = {
    "sin": cmath.sin,
    "cos": cmath.cos,
    "tan": cmath.tan,
    "arcsin": cmath.asin,
    "arccos": cmath.acos,
    "arctan": cmath.atan,
    "sqrt": cmath.sqrt,
    "cbrt": lambda value: value ** (1 / 3),
    "exp": cmath.exp,
    "ln": cmath.log,
    "log": cmath.log10,
    "lg": cmath.log10,
    "abs": lambda value: complex(abs(value)),
}
