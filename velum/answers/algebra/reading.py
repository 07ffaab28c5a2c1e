"""Reading expressions, equations and inequalities.

>>> read("2x + 3", ".")[0].sides[0] == read("2·x+3", ".")[0].sides[0]
False
>>> [statement.relations for statement in read("1 < x ≤ 3", ".")]
[('<', '≤')]
"""

import re
import unicodedata
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from pathlib import Path

from lark import Lark, Token, Transformer, v_args
from lark.exceptions import LarkError

from velum.answers.algebra.spoken import in_signs
from velum.answers.algebra.tree import Call, Letter, Node, Num, Power, Product, Quotient, Sum, negative
from velum.answers.number import DecimalSign
from velum.answers.signs import plain_signs

LONGEST = 120
"""Letters: whoever writes a longer one writes something else."""

_MOST_STATEMENTS = 8
_SUBSCRIPTS = str.maketrans({chr(0x2080 + digit): f"_{digit}" for digit in range(10)})
_VULGAR = re.compile("[¼-¾⅐-⅞]")
_ALTERNATIVES = re.compile(r";| or | and |\n")
_SIDE_BY_SIDE = re.compile(r"(?<=[^\s=<>;,])(?<!\bor)(?<!\band) +(?=[^\W\d_](?:_\w)? ?=)")
"""Where one equation ends and another begins with nothing between: x=2 x=-3. Not behind "or"."""

_COMMA = re.compile(r", ?")
_RELATIONS = {"<=": "≤", ">=": "≥"}


@dataclass(frozen=True, slots=True)
class Statement:
    """An expression alone (one side, no relation), or sides with the relations between them: ``1 < x ≤ 3``."""

    sides: tuple[Node, ...]
    relations: tuple[str, ...] = ()


@lru_cache(maxsize=8_192)
def read(written: str, decimal: DecimalSign) -> tuple[Statement, ...]:
    """What is said, one after the other: ``x = 2 or x = -3`` says two things. Empty: it cannot be read."""
    if len(written) > LONGEST:
        return ()
    text = plain_signs(in_signs(_VULGAR.sub(_in_brackets, written.translate(_SUBSCRIPTS))))
    text = text.rstrip(".") if decimal == "," else text.removesuffix(".")
    parts = _ALTERNATIVES.split(_SIDE_BY_SIDE.sub("; ", text) if text.count("=") > 1 else text)
    if decimal == ".":
        parts = [piece for part in parts for piece in _COMMA.split(part)]
    else:
        parts = [part.replace(",", ".") for part in parts]
    both = [sign for part in parts for sign in _with_both_signs(part)]
    if len(both) > _MOST_STATEMENTS:
        return ()
    try:
        return tuple(GRAMMAR.parse(part.strip()) for part in both)  # type: ignore[misc]
    except LarkError:
        return ()


def _in_brackets(found: re.Match[str]) -> str:
    return "(" + unicodedata.normalize("NFKC", found[0]).replace("\N{FRACTION SLASH}", "/") + ")"


def _with_both_signs(part: str) -> list[str]:
    return [part.replace("±", sign) for sign in "+-"] if part.count("±") == 1 else [part]


@v_args(inline=True)
class _Build(Transformer[Token, Statement]):
    """Builds the tree while the text is read."""

    def start(self, *parts: Node | Token) -> Statement:
        relations = tuple(_RELATIONS.get(str(part), str(part)) for part in parts[1::2])
        return Statement(tuple(parts[::2]), relations)  # type: ignore[arg-type]

    def number(self, digits: Token) -> Node:
        return Num(Fraction(digits) if "." in digits else int(digits))

    def letter(self, name: Token) -> Node:
        return Letter("π" if name == "pi" else str(name).replace("{", "").replace("}", ""))

    def negated(self, node: Node) -> Node:
        return negative(node)

    def same(self, node: Node) -> Node:
        return node

    def plus(self, one: Node, other: Node) -> Node:
        return Sum((*(one.terms if isinstance(one, Sum) else (one,)), other))

    def minus(self, one: Node, other: Node) -> Node:
        return self.plus(one, negative(other))

    def times(self, one: Node, other: Node) -> Node:
        return Product((*(one.factors if isinstance(one, Product) else (one,)), other))

    def joined(self, one: Node, other: Node) -> Node:
        factors = one.factors if isinstance(one, Product) and one.joined else (one,)
        return Product((*factors, other), joined=True)

    def over(self, one: Node, other: Node) -> Node:
        return Quotient(one, other)

    def power(self, base: Node, exponent: Node) -> Node:
        return Power(base, exponent)

    def bars(self, inside: Node) -> Node:
        return Call("abs", inside)

    def root(self, inside: Node) -> Node:
        return Call("sqrt", inside)

    def call(self, name: Token, argument: Node) -> Node:
        function, _, power = name.rstrip("(").partition("^")
        called = Call(function, argument)
        return Power(called, Num(int(power))) if power else called


GRAMMAR = Lark(
    (Path(__file__).parent / "grammar.lark").read_text(encoding="utf-8"),
    parser="lalr",
    lexer="basic",  # the words mean the same everywhere, and this one is nearly twice as fast
    transformer=_Build(),
)
