"""Whether an expression, an equation or an inequality says the same as the key's."""

import math
import re
from collections import Counter
from collections.abc import Callable, Iterator, Mapping, Sequence
from enum import Enum, auto
from fractions import Fraction
from itertools import chain

from velum.answers import reasons
from velum.answers.algebra.form import form_of
from velum.answers.algebra.reading import LONGEST, Statement, read
from velum.answers.algebra.spoken import in_signs
from velum.answers.algebra.tree import (
    Call,
    Letter,
    Node,
    Num,
    Power,
    Product,
    Quotient,
    Sum,
    bound_to_the_left,
    letters,
    negative,
    renamed,
)
from velum.answers.algebra.values import (
    NEAR,
    NEARLY,
    Exact,
    Inexact,
    Unknown,
    exact_values,
    exactly,
    rough_values,
    roughly,
)
from velum.answers.comparison import Expression
from velum.answers.number import DecimalSign, decimal_places
from velum.answers.signs import plain_signs
from velum.answers.units import read_unit
from velum.mark import Mark, for_teacher, right, wrong

_MOST_TIMES = 60
_EULER = Fraction(math.e)


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
    if not answers:
        answers = _read_raised(written, meant, decimal)
    if not answers and len(keys) == 1 and keys[0].relations and _RELATION_FIRST.match(written):
        said = _all_same(keys, read(f"{min(letters(keys[0].sides[0]), default='x')}{written}", decimal))
        return for_teacher(reasons.RELATION_LEFT_OUT) if said is _Same.YES else wrong(reasons.OTHER_RELATION)
    if not answers or _has_a_word(written, meant):
        return wrong(reasons.NOT_AN_EXPRESSION)
    answers = _each_with_its_letter(answers)
    if len(answers) > len(keys) == 1:
        keys = _link_by_link(keys[0])
    answers = _without_subscripts(_in_the_keys_case(answers, keys), keys)
    if bool(keys[0].relations) != bool(answers[0].relations):
        values = _values_alone(keys, answers)
        if values:
            keys = values
        elif keys[0].relations:
            if _some_side_is_said(keys, answers):
                return for_teacher(reasons.RELATION_LEFT_OUT)
            return wrong(reasons.RELATION_MISSING)
        elif (named := _named_value(answers)) is not None:
            answers = (named,)
        else:
            return wrong(reasons.EXPRESSION_ASKED)
    said = _all_same(keys, answers)
    relation = bool(keys[0].relations)
    if said is _Same.YES:
        # Forms of different shapes have no order, so they are counted and not sorted.
        if rules.same_form and Counter(map(form_of, keys)) != Counter(map(form_of, answers)):
            return wrong(reasons.OTHER_FORM)
        if _is_unsolved(keys, answers):
            return for_teacher(reasons.NOT_SOLVED)
        if not relation and rules.form != "any":
            if _is_in_form(keys[0].sides[0], answers[0].sides[0], rules.form):
                return right(reasons.SAME_EXPRESSION)
            return wrong(reasons.OTHER_FORM)
        if not relation and _is_of_another_form(keys[0].sides[0], answers[0].sides[0]):
            return for_teacher(reasons.FORM_LOOK)
        return right(reasons.SAME_RELATION if relation else reasons.SAME_EXPRESSION)
    if said is _Same.UNKNOWN:
        return for_teacher(reasons.CANNOT_TELL)
    if said in _DIFFERENCES:
        return wrong(_DIFFERENCES[said])
    if "/" in written + meant and _same_in_some_reading(keys, answers):
        return for_teacher(reasons.TWO_READINGS)
    if relation and _holds_for_all(keys, answers):
        return for_teacher(reasons.NOT_SOLVED)
    if len(answers) < len(keys) and relation and all(_is_among(answer, keys) for answer in answers):
        return for_teacher(reasons.SOLUTIONS_MISSING)
    if not relation and _is_rounded(keys[0].sides[0], answers[0].sides[0]):
        return for_teacher(reasons.ROUNDED)
    if not relation and len(keys) == len(answers) == 1 and "^" not in plain_signs(written):
        raised = _read_raised(written, meant, decimal)
        if raised and raised != answers and _all_same(keys, raised) is _Same.YES:
            return right(reasons.SAME_EXPRESSION)
    return wrong(reasons.OTHER_RELATION if relation else reasons.OTHER_EXPRESSION)


_RELATION_FIRST = re.compile(r"\s*[<>≤≥]")
_RAISED = re.compile(r"([^\W\d_])(\d)")
"""A digit behind a letter, where no digit can be raised."""


def _read_raised(written: str, meant: str, decimal: DecimalSign) -> tuple[Statement, ...]:
    """What an answer says with the digits behind its letters raised, x2 as x²; nothing where the key has no powers."""
    return read(_RAISED.sub(r"\1^\2", written), decimal) if "^" in plain_signs(meant) else ()


def _link_by_link(chain: Statement) -> tuple[Statement, ...]:
    """A chain of relations, 3 < x < 7, as one after the other: 3 < x and x < 7."""
    if len(chain.relations) < 2:
        return (chain,)
    return tuple(
        Statement(chain.sides[place : place + 2], (relation,)) for place, relation in enumerate(chain.relations)
    )


def _each_with_its_letter(answers: tuple[Statement, ...]) -> tuple[Statement, ...]:
    """x = 3 or -3 as x = 3 or x = -3."""
    first = answers[0]
    if first.relations != ("=",) or not isinstance(first.sides[0], Letter):
        return answers
    return tuple(
        answer if answer.relations else Statement((first.sides[0], *answer.sides), first.relations)
        for answer in answers
    )


def _without_subscripts(answers: tuple[Statement, ...], keys: tuple[Statement, ...]) -> tuple[Statement, ...]:
    """Solutions that were numbered, x₁ and x₂, where the key has no such letters."""
    wanted = _letters_of(keys)
    names = {name: name[0] for name in _letters_of(answers) - wanted if "_" in name and name[0] in wanted}
    if not names or any(name.partition("_")[2] and not name.partition("_")[2].isdigit() for name in names):
        return answers
    return _renamed(answers, names)


def _values_alone(keys: tuple[Statement, ...], answers: tuple[Statement, ...]) -> tuple[Statement, ...]:
    """The values of solved equations, where the answers say no more than values; empty: they say something else."""
    if any(answer.relations for answer in answers) or len({repr(key.sides[0]) for key in keys}) > 1:
        return ()
    values = [_value_alone(key, answer) for key in keys for answer in answers[:1]]
    if len(keys) > len(answers):
        # Fewer values than solutions: they are compared as solutions, to be told missing.
        return ()
    return tuple(value for value in values if value) if all(values) else ()


def _some_side_is_said(keys: tuple[Statement, ...], answers: tuple[Statement, ...]) -> bool:
    """Whether answers without a relation are sides of the key's: 2 for x = 2 or x = -3, 2x + 1 for y = 2x + 1."""
    sides = [Statement((side,)) for key in keys for side in key.sides]
    return all(any(_same(side, answer) is _Same.YES for side in sides) for answer in answers if not answer.relations)


def _named_value(answers: tuple[Statement, ...]) -> Statement | None:
    """What a letter is said to be, E = mc², where an expression was asked for."""
    if len(answers) == 1 and answers[0].relations == ("=",) and isinstance(answers[0].sides[0], Letter):
        return Statement((answers[0].sides[1],))
    return None


def _is_solved(statement: Statement) -> bool:
    """Whether a letter stands alone on one side, and none on the other."""
    pairs = (statement.sides, statement.sides[::-1])
    return len(statement.sides) == 2 and any(isinstance(one, Letter) and not letters(other) for one, other in pairs)


def _is_unsolved(keys: tuple[Statement, ...], answers: tuple[Statement, ...]) -> bool:
    """Whether the key is solved and the answer is not: 2x = 10 says the same as x = 5, and may be the question."""
    return all(key.relations and _is_solved(key) for key in keys) and not all(map(_is_solved, answers))


def _holds_for_all(keys: tuple[Statement, ...], answers: tuple[Statement, ...]) -> bool:
    """Whether several solutions were asked for, and the answer is an equation that each of them solves."""
    if len(keys) < 2 or len(answers) != 1 or answers[0].relations != ("=",) or not all(map(_is_solved, keys)):
        return False
    names = _letters_of(keys)
    if len(names) != 1 or _letters_of(answers) != names or _is_solved(answers[0]):
        return False
    (name,) = names
    try:
        for key in keys:
            value = key.sides[1] if isinstance(key.sides[0], Letter) else key.sides[0]
            at = {name: exactly(value, {})}
            if exactly(answers[0].sides[0], at) != exactly(answers[0].sides[1], at):
                return False
    except (Unknown, Inexact):
        return False
    # Every number solves 0 = 0.
    return _same(answers[0], Statement((Num(Fraction(0)), Num(Fraction(0))), ("=",))) is not _Same.YES


def _is_of_another_form(key: Node, answer: Node) -> bool:
    """Whether one is in factors and the other is not, or an answer could be drawn together further."""
    if _in_factors(key) != _in_factors(answer):
        return True
    if isinstance(key, Product) and (wanted := _whole_factors(key)) is not None:
        return _whole_factors(answer) != wanted
    return isinstance(answer, Sum) and bool(letters(answer)) and len(answer.terms) > len(getattr(key, "terms", (key,)))


def _is_in_form(key: Node, answer: Node, form: str) -> bool:
    """Whether an answer is as simple as the key, or has as many factors."""
    if form == "factorised":
        return _count_of_factors(answer) >= _count_of_factors(key)
    return _size(answer) <= _size(key)


def _count_of_factors(node: Node) -> int:
    """How many factors are multiplied, but for 1 and -1; a power counts as often."""
    match node:
        case Product(factors):
            return sum(map(_count_of_factors, factors))
        case Power(base, Num(times)) if times.denominator == 1 and 0 < times <= _MOST_TIMES:
            return int(times) * _count_of_factors(base)
        case _:
            return 0 if isinstance(node, Num) and abs(node.value) == 1 else 1


def _size(node: Node) -> int:
    """How many numbers and letters an expression is made of; a minus and a 1 before a letter do not count."""
    match node:
        case Num(value):
            return 0 if abs(value) == 1 else 1
        case Letter():
            return 1
        case Sum(terms):
            return sum(max(1, _size(term)) for term in terms)
        case Product(factors):
            return sum(map(_size, factors))
        case Quotient(above, below) | Power(above, below):
            return max(1, _size(above)) + _size(below)
        case Call(_, argument):
            return 1 + _size(argument)


def _whole_factors(node: Node) -> Counter[Exact] | None:
    """The whole numbers that are multiplied, a power as so many of them: 2³ × 3 has 2, 2, 2 and 3. None: others too."""
    match node:
        case Num(value) if value.denominator == 1:
            return Counter([value])
        case Power(Num(base), Num(times)) if base.denominator == times.denominator == 1 and 0 < times <= _MOST_TIMES:
            return Counter({base: int(times)})
        case Product(factors):
            found: Counter[Exact] = Counter()
            for factor in factors:
                each = _whole_factors(factor)
                if each is None:
                    return None
                found += each
            return found
        case _:
            return None


def _in_factors(node: Node) -> bool:
    match node:
        case Product(factors):
            return any(map(_in_factors, factors)) or any(isinstance(factor, Sum) for factor in factors)
        case Power(base, _):
            return isinstance(base, Sum)
        case _:
            return False


def _is_among(answer: Statement, keys: tuple[Statement, ...]) -> bool:
    return any(_same(key, answer) is _Same.YES for key in keys)


def _is_rounded(key: Node, answer: Node) -> bool:
    """Whether a decimal fraction is near a value that has none, such as 8.49 for 6√2."""
    if letters(key) - {"e"} or not isinstance(answer, Num) or answer.value.denominator == 1:
        return False
    places = decimal_places(answer.value) or 0
    if letters(key):
        try:
            return abs(roughly(key, {"e": _EULER}) - complex(answer.value)) < 10.0**-places
        except Unknown:
            return False
    try:
        exactly(key, {})
    except Unknown:
        return False
    except Inexact:
        pass
    else:
        return False
    try:
        near = abs(roughly(key, {}) - complex(answer.value)) < 10.0**-places
    except Unknown:
        return False
    return near and abs(answer.value) * 10**places >= 10


def _in_the_keys_case(answers: tuple[Statement, ...], keys: tuple[Statement, ...]) -> tuple[Statement, ...]:
    """The answers with capital and small letters as the key has them, for telephones write a capital by themselves.

    A letter that the key has both ways stays as it is.
    """
    wanted, given = _letters_of(keys), _letters_of(answers)
    names = {name: name.swapcase() for name in given - wanted if name.swapcase() in wanted - given}
    if not names:
        return answers
    return _renamed(answers, names)


def _renamed(statements: tuple[Statement, ...], names: Mapping[str, str]) -> tuple[Statement, ...]:
    return tuple(Statement(tuple(renamed(side, names) for side in one.sides), one.relations) for one in statements)


def _letters_of(statements: tuple[Statement, ...]) -> set[str]:
    return {name for statement in statements for side in statement.sides for name in letters(side)}


def _value_alone(key: Statement, answer: Statement) -> Statement | None:
    """The side of a solved equation that is its value, where the answer says no more than that."""
    if key.relations == ("=",) and not answer.relations:
        for side, other in (key.sides, key.sides[::-1]):
            if isinstance(side, Letter) and letters(side) and not letters(other):
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


_MEASURED = re.compile(r"\d ?(?:mm|cm|dm|km|kg|mg|ml|cl|dl)\b[^=]*\*")
"""Such as 4 cm × 3 cm: letters of units are none of algebra."""
_PRODUCT_OF_POWERS = re.compile(r"(?=.*\^)\d+(?:\^\d+)?(?: ?\* ?\d+(?:\^\d+)?)+")
"""Such as 2³ × 3."""
_LETTERS_TOGETHER = re.compile(r"[^\W\d_]{3,}")
_BETWEEN = re.compile(r"\b(?:and|or)\b")
_FUNCTION = re.compile(r"arc(?:sin|cos|tan)|sin|cos|tan|sqrt|cbrt|exp|ln|log|lg|abs|pi")
_NAME = re.compile(r"[^\W\d_]\d|^[^\W\d_]+ ?\d+$|^[A-Z]{2} ?\d|\d ?x ?\d")
"""Such as C4 or SK 345 678, which name a place on a map, or 3 x 4, where x is a sign and no letter."""
_TELLING = re.compile(r"[\d±=<>≤≥^²³√¼-¾π]|(?:sin|cos|tan|sqrt|ln|log|lg|exp)\(")


def _has_a_word(written: str, meant: str) -> bool:
    """Whether letters stand together of which the key does not know all: "five" is a word, "abc" may be a product."""
    said = _BETWEEN.sub(" ", _FUNCTION.sub(" ", in_signs(plain_signs(written))))
    return any(not set(run) <= set(meant) for run in _LETTERS_TOGETHER.findall(said))


_OF_A_LETTER = re.compile(r"-?(?:sin|cos|tan|ln|log)(?: [a-zθαβ]| ?\([a-zθαβ]\))")
"""A function of a letter."""


def looks_like_expression(text: str) -> bool:
    """Whether a key is one by its looks: letters one by one, with a number, a power or a relation."""
    text = plain_signs(text)
    if _OF_A_LETTER.fullmatch(text):
        return True
    if (
        len(text) > LONGEST
        or _NAME.search(text)
        or _LETTERS_TOGETHER.search(_FUNCTION.sub("", text))
        or not _TELLING.search(text)
        or _MEASURED.search(text)
    ):
        return False
    statements = read(text, ".")
    if not statements or read_unit(text):
        return False
    if _PRODUCT_OF_POWERS.fullmatch(text):
        return True
    return any(sign in text for sign in "√π±") or any(letters(side) for each in statements for side in each.sides)
