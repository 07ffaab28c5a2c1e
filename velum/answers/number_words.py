"""Numbers written in English words.

>>> read_words("two hundred and five thousand and twelve")
Fraction(205012, 1)
>>> read_words("three quarters")
Fraction(3, 4)
>>> read_words("hundred two hundred") is None
True
"""

import re
from fractions import Fraction

_SMALL = [
    "zero",
    "one",
    "two",
    "three",
    "four",
    "five",
    "six",
    "seven",
    "eight",
    "nine",
    "ten",
    "eleven",
    "twelve",
    "thirteen",
    "fourteen",
    "fifteen",
    "sixteen",
    "seventeen",
    "eighteen",
    "nineteen",
]
_UNITS = {word: value for value, word in enumerate(_SMALL)} | {"nought": 0, "nil": 0}
_TENS = {
    word: 10 * value
    for value, word in enumerate(
        ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"], start=2
    )
}
_SCALES = {"thousand": 10**3, "million": 10**6, "billion": 10**9}
_PARTS = {"half": 2, "halves": 2, "third": 3, "quarter": 4, "fifth": 5, "sixth": 6, "seventh": 7, "eighth": 8}
_PARTS |= {"ninth": 9, "tenth": 10, "hundredth": 100}
_FIRST = {*_UNITS, *_TENS, *_SCALES, *_PARTS, "a", "an", "hundred", "minus", "negative"}
_LONGEST = 24


def read_words(written: str) -> Fraction | None:
    """The value of a number in words, or None when it is something else."""
    words = written.casefold().replace("-", " ").split()
    if not words or len(words) > _LONGEST:
        return None
    if words[0] in ("minus", "negative"):
        value = read_words(" ".join(words[1:])) if words[1:2] not in (["minus"], ["negative"]) else None
        return None if value is None else -value
    return _mixed(words)


def begins_number(text: str) -> bool:
    """Whether the first word may begin a number in words."""
    return re.split("[ -]", text, maxsplit=1)[0].casefold() in _FIRST


def _mixed(words: list[str]) -> Fraction | None:
    part = _PARTS.get(words[-1]) or (_PARTS.get(words[-1].removesuffix("s")) if words[-1].endswith("s") else None)
    if part is None:
        whole = _whole(words)
        return None if whole is None else Fraction(whole)
    before = words[:-1]
    if "and" in before:
        cut = len(before) - 1 - before[::-1].index("and")
        whole, count = _whole(before[:cut]), _count(before[cut + 1 :])
        return None if whole is None or count is None else whole + Fraction(count, part)
    count = _count(before)
    return None if count is None else Fraction(count, part)


def _count(words: list[str]) -> int | None:
    return 1 if words in ([], ["a"], ["an"], ["one"]) else _whole(words)


def _whole(words: list[str]) -> int | None:
    """A whole number: groups below a thousand, each larger scale only before the smaller ones."""
    total, last_scale = 0, 10**12
    group: list[str] = []
    for word in words:
        if word in _SCALES:
            value = _group(group)
            if not value or _SCALES[word] >= last_scale:
                return None
            total, last_scale, group = total + value * _SCALES[word], _SCALES[word], []
        else:
            group.append(word)
    if not group:
        return total if total else None
    value = _group(group[1:] if group[0] == "and" and total else group)
    return None if value is None or (total and not value) else total + value


def _group(words: list[str]) -> int | None:
    """A number below a thousand."""
    if "hundred" in words:
        at = words.index("hundred")
        hundreds = 1 if words[:at] in ([], ["a"]) else _UNITS.get(words[0], 0) if at == 1 else 0
        rest = words[at + 1 :]
        if rest[:1] == ["and"]:
            rest = rest[1:] or ["?"]
        below = _below_hundred(rest) if rest else 0
        return None if not 1 <= hundreds <= 9 or below is None or (rest and not below) else hundreds * 100 + below
    return _below_hundred(words)


def _below_hundred(words: list[str]) -> int | None:
    match words:
        case [word]:
            return _UNITS.get(word, _TENS.get(word))
        case [tens, unit] if tens in _TENS and 1 <= _UNITS.get(unit, 0) <= 9:
            return _TENS[tens] + _UNITS[unit]
        case _:
            return None
