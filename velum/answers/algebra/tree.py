"""An expression as a tree. Subtraction is the sum with a negative, so that there is one way to say it."""

from collections.abc import Mapping
from fractions import Fraction
from functools import lru_cache
from typing import NamedTuple, TypeAlias


class Num(NamedTuple):
    """``value`` is a whole number wherever it is one, for they are reckoned with much faster."""

    value: int | Fraction


class Letter(NamedTuple):
    """A variable, or one of the constants in ``CONSTANTS``."""

    name: str


class Sum(NamedTuple):
    terms: "tuple[Node, ...]"


class Product(NamedTuple):
    """``joined``: its factors stand side by side with no sign between."""

    factors: "tuple[Node, ...]"
    joined: bool = False


class Quotient(NamedTuple):
    """``sign`` tells it from a power, for tuples of the same parts are equal."""

    above: "Node"
    below: "Node"
    sign: str = "/"


class Power(NamedTuple):
    base: "Node"
    exponent: "Node"
    sign: str = "^"


class Call(NamedTuple):
    function: str
    argument: "Node"


Node: TypeAlias = Num | Letter | Sum | Product | Quotient | Power | Call

CONSTANTS = ("π",)


def negative(node: Node) -> Node:
    match node:
        case Num(value):
            return Num(-value)
        case Product((Num(value), *others)):
            return Product((Num(-value), *others))
        case Quotient(above, below):
            return Quotient(negative(above), below)
        case Product(factors):
            return Product((Num(-1), *factors))
        case _:
            return Product((Num(-1), node))


@lru_cache(maxsize=8_192)
def letters(node: Node) -> frozenset[str]:
    """The variables in an expression."""
    found: set[str] = set()
    _collect(node, found)
    return frozenset(found)


def _collect(node: Node, found: set[str]) -> None:
    match node:
        case Letter(name):
            if name not in CONSTANTS:
                found.add(name)
        case Sum(parts) | Product(parts):
            for part in parts:
                _collect(part, found)
        case Quotient(one, other) | Power(one, other):
            _collect(one, found)
            _collect(other, found)
        case Call(_, argument):
            _collect(argument, found)


def bound_to_the_left(node: Node) -> Node:
    """The other way to read ``a/bc``: not a over bc, but a over b, times c. The same where there is one way only."""
    match node:
        case Quotient(above, Product((first, *others), joined=True)):
            return Product((Quotient(bound_to_the_left(above), first), *map(bound_to_the_left, others)))
        case Quotient(above, below):
            return Quotient(bound_to_the_left(above), bound_to_the_left(below))
        case Sum(terms):
            return Sum(tuple(map(bound_to_the_left, terms)))
        case Product(factors, joined):
            return Product(tuple(map(bound_to_the_left, factors)), joined)
        case Power(base, exponent):
            return Power(bound_to_the_left(base), bound_to_the_left(exponent))
        case Call(function, argument):
            return Call(function, bound_to_the_left(argument))
        case _:
            return node


def renamed(node: Node, names: Mapping[str, str]) -> Node:
    """The same with other letters, where ``names`` has another for one."""
    match node:
        case Letter(name):
            return Letter(names.get(name, name))
        case Num():
            return node
        case Sum(terms):
            return Sum(tuple(renamed(term, names) for term in terms))
        case Product(factors, joined):
            return Product(tuple(renamed(factor, names) for factor in factors), joined)
        case Quotient(one, other):
            return Quotient(renamed(one, names), renamed(other, names))
        case Power(one, other):
            return Power(renamed(one, names), renamed(other, names))
        case Call(function, argument):
            return Call(function, renamed(argument, names))
