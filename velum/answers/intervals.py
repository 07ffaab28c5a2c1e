"""Intervals of numbers, in brackets or as inequalities, in signs or in words.

Square brackets hold their end, round ones and those turned outwards do not: ISO 80000-2, 2-7.7 to 2-7.10.

>>> read_interval("[2, 7)", ".") == read_interval("2 ≤ x < 7", ".") == read_interval("[2; 7[", ",")
True
>>> read_interval("at least 4", ".") == read_interval("[4, ∞)", ".")
True
"""

import re
from dataclasses import dataclass
from fractions import Fraction

from velum.answers import reasons
from velum.answers.number import DecimalSign, read_number
from velum.answers.signs import plain_signs
from velum.mark import Mark, for_teacher, right, wrong

_LONGEST = 80

_BRACKETS = re.compile(
    r"(?:[a-z] ?(?:∈|in|is in|element of) ?)?([\[\](])([^\[\]();,|]+)([;,|])([^\[\]();|]+)([\[\])])", re.IGNORECASE
)
_CHAIN = re.compile(r"([^<>]+?) ?(<=|>=|<|>) ?([a-z]) ?(<=|>=|<|>) ?([^<>]+)", re.IGNORECASE)
_BOTH_SIDES = re.compile(r"([a-z]) ?(<=|>=|<|>) ?([^<>]+?),? (?:and|&|,) ?\1 ?(<=|>=|<|>) ?([^<>]+)", re.IGNORECASE)
_ONE_SIDE = re.compile(r"(?:([a-z]) ?)?(<=|>=|<|>) ?([^<>]+)|([^<>]+?) ?(<=|>=|<|>) ?([a-z])", re.IGNORECASE)
_IN_WORDS = (
    (re.compile(r"(?:more|greater|larger|bigger|higher|over|above) ?(?:than)? (.+)"), ">"),
    (re.compile(r"(?:less|smaller|fewer|lower|under|below) ?(?:than)? (.+)"), "<"),
    (re.compile(r"(?:at least|not less than|no less than|not under|from) (.+?)(?: (?:up|upwards|on))?"), ">="),
    (re.compile(r"(.+?) (?:or more|or over|or above|and over|and above|and more)"), ">="),
    (re.compile(r"(?:at most|not more than|no more than|up to|not over) (.+)"), "<="),
    (re.compile(r"(.+?) (?:or less|or fewer|or under|or below)"), "<="),
)
_BETWEEN = re.compile(r"between (.+?) and (.+)")
_SUBJECT = re.compile(r"^(?:[a-z] |it |the (?:number|value) )?(?:is |are |must be |has to be )?", re.IGNORECASE)
_ENDLESS = ("∞", "inf", "infinity", "oo")
_INFINITE = {sign + name: -1 if sign == "-" else 1 for name in _ENDLESS for sign in ("", "+", "-")}
_TURNED = {"<": ">", ">": "<", "<=": ">=", ">=": "<="}


@dataclass(frozen=True, slots=True)
class Interval:
    """``None``: without an end. Whether the end itself belongs to it is told of both."""

    low: Fraction | None
    low_belongs: bool
    high: Fraction | None
    high_belongs: bool

    @property
    def ends(self) -> tuple[Fraction | None, Fraction | None]:
        return self.low, self.high


def read_interval(written: str, decimal: DecimalSign) -> Interval | None:
    """The interval that is written, or None."""
    if len(written) > _LONGEST:
        return None
    text = _plain(written)
    return _in_brackets(text, decimal) or _in_signs(text, decimal) or _in_words(text, decimal)


def _plain(written: str) -> str:
    return plain_signs(written).strip().rstrip(".").replace("≤", "<=").replace("≥", ">=")


def compare_intervals(written: str, meant: str, decimal: DecimalSign) -> Mark | None:
    """Mark an answer against an interval, where one of both is in brackets or in words; None: it is not that.

    Two inequalities are compared as algebra: there, letters and unsolved ones count too.
    """
    key = read_interval(meant, decimal)
    if key is None or not (is_in_brackets(meant) or _has_sign(meant)):
        return None
    answer = read_interval(written, decimal)
    two_sided = _BOTH_SIDES.fullmatch(_plain(meant)) is not None
    if _has_sign(meant) and _has_sign(written) and not two_sided:
        return None
    if answer is None:
        if two_sided and _BOTH_SIDES.fullmatch(_plain(written)):
            return wrong(reasons.OTHER_INTERVAL)  # one that holds nothing
        if between := _between(written, decimal):
            return for_teacher(reasons.ENDS_UNSAID) if between == key.ends else wrong(reasons.OTHER_INTERVAL)
        return None
    if answer == key:
        return right(reasons.SAME_INTERVAL)
    return wrong(reasons.OTHER_END if answer.ends == key.ends else reasons.OTHER_INTERVAL)


def is_in_brackets(meant: str) -> bool:
    """Whether a key is an interval in brackets, and not coordinates: one of them is square, or it has no end."""
    text = plain_signs(meant).strip()
    found = _BRACKETS.fullmatch(text)
    return bool(found and ("[" in text or "]" in text or "∞" in text or "inf" in text.casefold()))


def _has_sign(text: str) -> bool:
    return any(sign in text for sign in "<>≤≥⩽⩾")


def _in_brackets(text: str, decimal: DecimalSign) -> Interval | None:
    found = _BRACKETS.fullmatch(text)
    if not found or (decimal == "," and found[3] == "," and ";" not in text and "," in found[4]):
        return None
    low, high = _end(found[2], decimal), _end(found[4], decimal)
    if low is None or high is None or _is_endless(low, 1) or _is_endless(high, -1):
        return None
    return _interval(low, found[1] == "[", high, found[5] == "]")


def _in_signs(text: str, decimal: DecimalSign) -> Interval | None:
    if found := _CHAIN.fullmatch(text):
        first, second = _TURNED[found[2]], found[4]
        limits = ((first, _end(found[1], decimal)), (second, _end(found[5], decimal)))
    elif found := _BOTH_SIDES.fullmatch(text):
        limits = ((found[2], _end(found[3], decimal)), (found[4], _end(found[5], decimal)))
    elif found := _ONE_SIDE.fullmatch(text):
        sign, end = (found[2], found[3]) if found[2] else (_TURNED[found[5]], found[4])
        return _limited(((sign, _end(end, decimal)),))
    else:
        return None
    return _limited(limits)


def _in_words(text: str, decimal: DecimalSign) -> Interval | None:
    said = _SUBJECT.sub("", text.casefold())
    for pattern, sign in _IN_WORDS:
        if found := pattern.fullmatch(said):
            return _limited(((sign, _end(found[1], decimal)),))
    return None


def _between(written: str, decimal: DecimalSign) -> tuple[Fraction | None, Fraction | None] | None:
    """The ends of "between 2 and 7", which does not say whether they belong to it."""
    found = _BETWEEN.fullmatch(_SUBJECT.sub("", plain_signs(written).casefold().rstrip(".")))
    ends = [_end(part, decimal) for part in found.groups()] if found else []
    numbers = [end for end in ends if isinstance(end, Fraction)]
    return (numbers[0], numbers[1]) if len(numbers) == 2 else None


def _limited(limits: tuple[tuple[str, "Fraction | int | None"], ...]) -> Interval | None:
    low: Fraction | int = -1
    high: Fraction | int = 1
    belongs = {"low": False, "high": False}
    for sign, end in limits:
        if not isinstance(end, Fraction):
            return None
        if sign.startswith(">"):
            low, belongs["low"] = end, sign == ">="
        else:
            high, belongs["high"] = end, sign == "<="
    if len(limits) == 2 and (_is_endless(low, -1) or _is_endless(high, 1)):
        return None
    return _interval(low, belongs["low"], high, belongs["high"])


def _interval(low: Fraction | int, low_belongs: bool, high: Fraction | int, high_belongs: bool) -> Interval | None:
    """The interval between two ends; an end of type int is infinite, and belongs to nothing."""
    finite_low = low if isinstance(low, Fraction) else None
    finite_high = high if isinstance(high, Fraction) else None
    if finite_low is not None and finite_high is not None and finite_low > finite_high:
        return None
    return Interval(
        finite_low, low_belongs and finite_low is not None, finite_high, high_belongs and finite_high is not None
    )


def _is_endless(end: Fraction | int, side: int) -> bool:
    """Whether it is no end to this side, and not the number that stands for it."""
    return not isinstance(end, Fraction) and end == side


def _end(text: str, decimal: DecimalSign) -> Fraction | int | None:
    """A number; 1 or -1, as an int, for no end above or below; None: neither."""
    text = text.strip()
    if (infinite := _INFINITE.get(text.casefold().replace(" ", ""))) is not None:
        return infinite
    number = read_number(text, decimal)
    return None if number is None else number.sure
