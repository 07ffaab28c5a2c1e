"""What an expression says, as a value to be looked up by."""

from collections.abc import Hashable

from velum.answers.algebra.compare import looks_like_expression
from velum.answers.algebra.form import form_of
from velum.answers.algebra.reading import Statement, read
from velum.answers.algebra.tree import letters
from velum.answers.algebra.values import Inexact, Unknown, exactly, points
from velum.answers.number import DecimalSign


def says_expression(written: str, decimal: DecimalSign) -> Hashable | None:
    """Equal for expressions that are equal wherever they have exact values, and for the rest of one form.

    None for what is no expression.
    """
    if not looks_like_expression(written):
        return None
    return "expression", frozenset(_one(statement) for statement in read(written, decimal))


def _one(statement: Statement) -> Hashable:
    if statement.relations:
        return repr(form_of(statement))
    side = statement.sides[0]
    names = tuple(sorted(letters(side)))
    try:
        return names, tuple(exactly(side, at) for at in points(names))
    except (Inexact, Unknown):
        return repr(form_of(statement))
