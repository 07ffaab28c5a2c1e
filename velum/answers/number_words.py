"""Numbers written in words: English ones here, those of other languages by text2num.

>>> read_words("two hundred and five thousand and twelve")
Fraction(205012, 1)
>>> read_words("three quarters")
Fraction(3, 4)
>>> read_words("six point five"), read_ordinal("twenty-first"), read_ordinal("3rd")
(Fraction(13, 2), 21, 3)
>>> read_words("hundred two hundred") is None
True
"""

import re
from fractions import Fraction
from functools import lru_cache

from text_to_num import text2num

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
_UNITS = {word: value for value, word in enumerate(_SMALL)} | {"nought": 0, "nil": 0, "nothing": 0, "none": 0}
_TENS = {
    word: 10 * value
    for value, word in enumerate(
        ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"], start=2
    )
}
_SCALES = {"thousand": 10**3, "million": 10**6, "billion": 10**9}
_PARTS = {
    "half": 2,
    "halves": 2,
    "third": 3,
    "quarter": 4,
    "fourth": 4,
    "fifth": 5,
    "sixth": 6,
    "seventh": 7,
    "eighth": 8,
}
_PARTS |= {"ninth": 9, "tenth": 10, "hundredth": 100}
_FIRST = {*_UNITS, *_TENS, *_SCALES, *_PARTS, "a", "an", "hundred", "dozen", "minus", "negative"}
_LONGEST, _LONGEST_ABROAD = 24, 60
"""Words of a number, and letters of one in another language."""

_LETTERS = re.compile(r"[^\W\d_]+(?:[ -][^\W\d_]+)*")


_ORDINAL_ENDINGS = (
    ("first", 1),
    ("second", 2),
    ("third", 3),
    ("fifth", 5),
    ("eighth", 8),
    ("ninth", 9),
    ("twelfth", 12),
)


def read_ordinal(written: str) -> int | None:
    """The place that an ordinal says, in digits or in words: 3 for "3rd" and "third"; None: it is none."""
    text = written.casefold().replace("-", " ").strip(" .")
    if found := re.fullmatch(r"(\d{1,9}) ?(?:st|nd|rd|th|º|ª)", text):
        return int(found[1])
    *before, last = text.split() or [""]
    for ending, place in _ORDINAL_ENDINGS:
        if last == ending:
            return _place(before, place)
    if last.endswith("tieth") and (tens := _TENS.get(last.removesuffix("ieth") + "y")):
        return _place(before, tens)
    if last.endswith("th") and (value := _UNITS.get(last.removesuffix("th"))):
        return _place(before, value)
    if last in ("hundredth", "thousandth", "millionth"):
        value_ = read_words(" ".join([*before, last.removesuffix("th")]))
        return None if value_ is None else int(value_)
    return None


def _place(before: list[str], last: int) -> int | None:
    if not before:
        return last
    whole = _whole(before[:-1] if before[-1] == "and" else before)
    return None if whole is None or last >= 100 or (whole % 100 and (whole % 10 or last > 9)) else whole + last


def read_words(written: str) -> Fraction | None:
    """The value of a number in words, or None when it is something else."""
    words = written.casefold().replace("-", " ").split()
    if not words or len(words) > _LONGEST:
        return None
    if words[0] in ("minus", "negative"):
        value = read_words(" ".join(words[1:])) if words[1:2] not in (["minus"], ["negative"]) else None
        return None if value is None else -value
    if "point" in words:
        return _with_decimals(words)
    return _dozens(words) if words[-1] == "dozen" else _mixed(words)


def _with_decimals(words: list[str]) -> Fraction | None:
    """Such as six point two five."""
    at = words.index("point")
    digits = [_UNITS.get(word, 10) for word in words[at + 1 :]]
    whole = _whole(words[:at]) if at else 0
    if whole is None or not digits or max(digits) > 9:
        return None
    return whole + Fraction(int("".join(map(str, digits))), 10 ** len(digits))


def _dozens(words: list[str]) -> Fraction | None:
    before = words[:-1]
    count = Fraction(1, 2) if before == ["half", "a"] else Fraction(_count(before) or 0)
    return count * 12 or None


@lru_cache(maxsize=4_096)
def read_words_abroad(written: str) -> Fraction | None:
    """The value of a number in words of another language than English, or None."""
    text = written.strip().casefold()
    if not 2 < len(text) <= _LONGEST_ABROAD or not _LETTERS.fullmatch(text):
        return None
    for language in ("de", "fr", "es", "it", "pt", "nl"):
        try:
            return Fraction(text2num(text, language))
        except ValueError:
            continue
    return None


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
            value = 1 if group in (["a"], ["an"]) else _group(group)
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
