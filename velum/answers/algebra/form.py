"""The form of an expression: what is left when only the order of what is added or multiplied does not count."""

from fractions import Fraction
from typing import Any, TypeAlias

from velum.answers.algebra.reading import Statement
from velum.answers.algebra.tree import Call, Letter, Node, Num, Power, Product, Quotient, Sum

Form: TypeAlias = tuple[Any, ...]

_TURNED = {"<": ">", ">": "<", "≤": "≥", "≥": "≤"}


def form_of(statement: Statement) -> Form:
    """Equal for statements of the same form: 3(x + 2) and (2 + x)·3, but not 3x + 6."""
    sides = tuple(_form(side) for side in statement.sides)
    if not statement.relations:
        return sides
    turned = tuple(_TURNED.get(relation, relation) for relation in reversed(statement.relations))
    return min((sides, statement.relations), (sides[::-1], turned), key=repr)


def _form(node: Node) -> Form:
    match node:
        case Num(value):
            return ("number", str(value))
        case Letter(name):
            return ("letter", name)
        case Sum(terms):
            return ("sum", *sorted((_form(term) for term in _flat(terms, Sum)), key=repr))
        case Product():
            sign, factors = _signed(node)
            return ("product", sign, *sorted((_form(factor) for factor in factors), key=repr))
        case Quotient(Num(above), Num(below)) if below and Fraction(above, below).denominator == abs(below):
            return ("number", str(Fraction(above, below)))
        case Quotient(above, below):
            return ("quotient", _form(above), _form(below))
        case Power(base, exponent):
            return ("power", _form(base), _form(exponent))
        case Call(function, argument):
            return ("call", function, _form(argument))


def _flat(parts: tuple[Node, ...], kind: type[Sum] | type[Product]) -> tuple[Node, ...]:
    """Brackets that change nothing are none."""
    flat: list[Node] = []
    for part in parts:
        if isinstance(part, (Sum, Product)) and isinstance(part, kind):
            flat += _flat(part[0], kind)
        else:
            flat.append(part)
    return tuple(flat)


def _signed(product: Product) -> tuple[int, list[Node]]:
    """The sign of a product, and its factors without a sign and without a 1."""
    sign, factors = 1, []
    for factor in _flat(product.factors, Product):
        if isinstance(factor, Num):
            sign = -sign if factor.value < 0 else sign
            if abs(factor.value) == 1:
                continue
            factor = Num(factor.value if factor.value > 0 else -factor.value)
        factors.append(factor)
    return sign, factors
