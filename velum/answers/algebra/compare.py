"""Whether an expression, an equation or an inequality says the same as the key's."""

import re
from collections import Counter
from collections.abc import Callable, Iterator, Sequence
from enum import Enum, auto
from fractions import Fraction
from itertools import chain

from velum.answers import reasons
from velum.answers.algebra.form import form_of
from velum.answers.algebra.reading import LONGEST, Statement, read
from velum.answers.algebra.tree import Node, Sum, bound_to_the_left, letters, negative, renamed
from velum.answers.algebra.values import NEAR, NEARLY, Exact, Inexact, exact_values, rough_values
from velum.answers.comparison import Expression
from velum.answers.number import DecimalSign
from velum.mark import Mark, for_teacher, right, wrong


class _Same(Enum):
    YES = auto()
    NO = auto()
    TURNED = auto()
    """The same but for the direction of an inequality."""
    OPEN = auto()
    """The same but for whether the end itself belongs to an inequality."""
    UNKNOWN = auto()


_DIFFERENCES = {_Same.TURNED: reasons.OTHER_DIRECTION, _Same.OPEN: reasons.OTHER_END}


def compare_expressions(written: str, meant: str, rules: Expression, decimal: DecimalSign) -> Mark | None:
    """Mark one answer against one right expression; None when the key itself is none."""
    keys, answers = read(meant, decimal), read(written, decimal)
    if not keys:
        return None
    if not answers or _has_a_word(written, meant):
        return wrong(reasons.NOT_AN_EXPRESSION)
    if len(keys) == len(answers) == 1 and bool(keys[0].relations) != bool(answers[0].relations):
        if value := _value_alone(keys[0], answers[0]):
            keys = (value,)
        else:
            return wrong(reasons.RELATION_MISSING if keys[0].relations else reasons.EXPRESSION_ASKED)
    answers = _in_the_keys_case(answers, keys)
    said = _all_same(keys, answers)
    relation = bool(keys[0].relations)
    if said is _Same.YES:
        # Forms of different shapes have no order, so they are counted and not sorted.
        if rules.same_form and Counter(map(form_of, keys)) != Counter(map(form_of, answers)):
            return wrong(reasons.OTHER_FORM)
        return right(reasons.SAME_RELATION if relation else reasons.SAME_EXPRESSION)
    if said is _Same.UNKNOWN:
        return for_teacher(reasons.CANNOT_TELL)
    if said in _DIFFERENCES:
        return wrong(_DIFFERENCES[said])
    if "/" in written + meant and _same_in_some_reading(keys, answers):
        return for_teacher(reasons.TWO_READINGS)
    return wrong(reasons.OTHER_RELATION if relation else reasons.OTHER_EXPRESSION)


def _in_the_keys_case(answers: tuple[Statement, ...], keys: tuple[Statement, ...]) -> tuple[Statement, ...]:
    """The answers with capital and small letters as the key has them, for telephones write a capital by themselves.

    A letter that the key has both ways stays as it is.
    """
    wanted, given = _letters_of(keys), _letters_of(answers)
    names = {name: name.swapcase() for name in given - wanted if name.swapcase() in wanted - given}
    if not names:
        return answers
    return tuple(
        Statement(tuple(renamed(side, names) for side in answer.sides), answer.relations) for answer in answers
    )


def _letters_of(statements: tuple[Statement, ...]) -> set[str]:
    return {name for statement in statements for side in statement.sides for name in letters(side)}


def _value_alone(key: Statement, answer: Statement) -> Statement | None:
    """The side of a solved equation that is its value, where the answer says no more than that."""
    if key.relations == ("=",) and not answer.relations:
        for side, other in (key.sides, key.sides[::-1]):
            if len(letters(side)) == 1 and not letters(other) - letters(answer.sides[0]):
                return Statement((other,))
    return None


def _same_in_some_reading(keys: tuple[Statement, ...], answers: tuple[Statement, ...]) -> bool:
    return any(_all_same(one, other) is _Same.YES for one in _readings(keys) for other in _readings(answers))


def _readings(statements: tuple[Statement, ...]) -> list[tuple[Statement, ...]]:
    """The statements as they were read, and with what stands behind a stroke read the other way, if there is one."""
    other = tuple(
        Statement(tuple(map(bound_to_the_left, statement.sides)), statement.relations) for statement in statements
    )
    return [statements] if other == statements else [statements, other]


def _all_same(keys: Sequence[Statement], answers: Sequence[Statement]) -> _Same:
    """Whether each answer says what one of the keys says; being the same is such that the first that fits will do."""
    if len(keys) == len(answers) == 1:
        return _same(keys[0], answers[0])
    left = list(answers)
    worst = _Same.YES
    for key in keys:
        said = [_same(key, answer) for answer in left]
        if _Same.YES in said:
            left.pop(said.index(_Same.YES))
        elif _Same.UNKNOWN in said:
            worst = _Same.UNKNOWN
        else:
            return _Same.NO
    return worst if len(keys) == len(answers) else _Same.NO


def _same(key: Statement, answer: Statement) -> _Same:
    if not key.relations or not answer.relations:
        return _equal(key.sides[0], answer.sides[0]) if key.relations == answer.relations else _Same.NO
    if len(key.relations) != len(answer.relations):
        return _Same.NO
    if len(key.relations) == 1:
        return _same_relation(_nothing(key, 0), _nothing(answer, 0))
    # A chain may be read from either end.
    wanted = [_nothing(key, place) for place in range(len(key.relations))]
    given = [_nothing(answer, place) for place in range(len(answer.relations))]
    for order in (given, given[::-1]):
        said = {_same_relation(one, other) for one, other in zip(wanted, order, strict=True)}
        if said == {_Same.YES}:
            return _Same.YES
    return _Same.NO


def _nothing(statement: Statement, place: int) -> tuple[str, Node]:
    """A relation with nothing on its right: ``a < b`` is ``b - a > 0``."""
    left, right, relation = statement.sides[place], statement.sides[place + 1], statement.relations[place]
    if relation in "<≤":
        left, right, relation = right, left, {"<": ">", "≤": "≥"}[relation]
    return relation, Sum((left, negative(right)))


def _same_relation(key: tuple[str, Node], answer: tuple[str, Node]) -> _Same:
    """Two relations say the same when what is compared with nothing is a multiple of the other's."""
    (wanted, one), (given, other) = key, answer
    if wanted != given:
        end_differs = {wanted, given} == {">", "≥"} and _same_relation((given, one), answer) is _Same.YES
        return _Same.OPEN if end_differs else _Same.NO

    def multiple(values: Iterator[tuple[Exact, Exact]]) -> _Same:
        factor: Exact | None = None
        for mine, yours in values:
            if bool(mine) != bool(yours):
                return _Same.NO
            if not mine:
                continue
            if factor not in (None, Fraction(mine, yours)):
                return _Same.NO
            factor = Fraction(mine, yours)
        return _Same.TURNED if wanted in ">≥" and factor is not None and factor < 0 else _Same.YES

    def nearly_multiple(values: Sequence[tuple[complex, complex]]) -> _Same:
        if any(not yours for _, yours in values):
            return _Same.UNKNOWN
        factors = [mine / yours for mine, yours in values]
        said = {_near(factor, factors[0]) for factor in factors}
        if said != {_Same.YES} or not factors[0]:
            return _Same.NO if _Same.NO in said else _Same.UNKNOWN
        return _Same.TURNED if wanted in ">≥" and factors[0].real < 0 else _Same.YES

    return _at_points(one, other, multiple, nearly_multiple)


def _equal(one: Node, other: Node) -> _Same:
    def equal(values: Iterator[tuple[Exact, Exact]]) -> _Same:
        return _Same.YES if all(mine == yours for mine, yours in values) else _Same.NO

    def nearly_equal(values: Sequence[tuple[complex, complex]]) -> _Same:
        said = _Same.YES
        for mine, yours in values:
            match _near(mine, yours):
                case _Same.NO:
                    return _Same.NO
                case _Same.UNKNOWN:
                    said = _Same.UNKNOWN
        return said

    return _at_points(one, other, equal, nearly_equal)


def _near(one: complex, other: complex) -> _Same:
    apart = abs(one - other) / max(1.0, abs(one), abs(other))
    return _Same.YES if apart < NEAR else _Same.NO if apart > NEARLY else _Same.UNKNOWN


def _at_points(
    one: Node,
    other: Node,
    exact: Callable[[Iterator[tuple[Exact, Exact]]], _Same],
    rough: Callable[[Sequence[tuple[complex, complex]]], _Same],
) -> _Same:
    """What is said of the values of both, exactly if they have exact ones, else roughly."""
    names = tuple(sorted(letters(one) | letters(other)))
    try:
        values = _exact_values(one, other, names)
        # At least one is needed: of none, everything could be said.
        return exact(chain([next(values)], values))
    except (StopIteration, Inexact):
        return _roughly(one, other, names, rough)


def _exact_values(one: Node, other: Node, names: tuple[str, ...]) -> Iterator[tuple[Exact, Exact]]:
    """Both values, point by point, where both have one. Raises Inexact."""
    both = zip(exact_values(one, names), exact_values(other, names), strict=True)
    return ((mine, yours) for mine, yours in both if mine is not None and yours is not None)


def _roughly(
    one: Node, other: Node, names: tuple[str, ...], rough: Callable[[Sequence[tuple[complex, complex]]], _Same]
) -> _Same:
    """Small positive numbers, then their negatives too: √(x²) is x for the one and not for the other."""
    said = []
    for sign in (1, -1):
        both = zip(rough_values(one, names, sign), rough_values(other, names, sign), strict=True)
        values = [(mine, yours) for mine, yours in both if mine is not None and yours is not None]
        if values:
            said.append(rough(values))
        if not names:
            break
    if not said or _Same.UNKNOWN in said:
        return _Same.UNKNOWN
    return said[0] if len(set(said)) == 1 else _Same.UNKNOWN


_LETTERS_TOGETHER = re.compile(r"[^\W\d_]{3,}")
_FUNCTION = re.compile(r"arc(?:sin|cos|tan)|sin|cos|tan|sqrt|cbrt|exp|ln|log|lg|abs|pi")
_NAME = re.compile(r"[^\W\d_]\d|^[^\W\d_]+ ?\d+$|\d ?x ?\d")
"""Such as C4, which names a place on a map or a key of a piano, or 3 x 4, where x is a sign and no letter."""
_TELLING = re.compile(r"[\d=<>≤≥^²³√¼-¾]|(?:sin|cos|tan|sqrt|ln|log|lg|exp)\(")


def _has_a_word(written: str, meant: str) -> bool:
    """Whether letters stand together of which the key does not know all: "five" is a word, "abc" may be a product."""
    return any(not set(run) <= set(meant) for run in _LETTERS_TOGETHER.findall(_FUNCTION.sub(" ", written)))


def looks_like_expression(text: str) -> bool:
    """Whether a key is one by its looks: letters one by one, with a number, a power or a relation."""
    if (
        len(text) > LONGEST
        or _NAME.search(text)
        or _LETTERS_TOGETHER.search(_FUNCTION.sub("", text))
        or not _TELLING.search(text)
    ):
        return False
    statements = read(text, ".")
    return bool(statements) and any(letters(side) for statement in statements for side in statement.sides)
