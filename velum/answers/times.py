"""Times of day and ratios.

>>> read_time("2.30 p.m.")
[870]
>>> read_time("2:30")
[150, 870]
>>> read_ratio("6 : 8") == (6, 8)
True
"""

import re
from fractions import Fraction
from math import gcd

from velum.answers import reasons
from velum.answers.comparison import Ratio
from velum.answers.number import read_number
from velum.answers.number_words import read_words
from velum.answers.quantity import read_quantity
from velum.answers.signs import plain_signs
from velum.mark import Mark, Verdict, for_teacher, right, wrong

_LONGEST = 40
_LONGEST_RATIO = 120
_NOON = 720
_NAMED = {"noon": _NOON, "midday": _NOON, "midnight": 0}
_PARTS_OF_DAY = {
    "in the morning": (0, _NOON),
    "in the afternoon": (_NOON, 19 * 60),
    "in the evening": (16 * 60, 2 * _NOON),
    "at night": (18 * 60, 6 * 60),
    "am": (0, _NOON),
    "pm": (_NOON, 2 * _NOON),
    "a.m": (0, _NOON),
    "p.m": (_NOON, 2 * _NOON),
}
_PART_OF_DAY = re.compile(rf" ({'|'.join(map(re.escape, _PARTS_OF_DAY))})$")
_HALF = re.compile(r"\d ?[ap]\.? ?m\b|\b(?:morning|afternoon|evening|night)\b", re.IGNORECASE)
_PAST = re.compile(r"(.+?) (past|after|to|before) (.+)")
_TIME = re.compile(
    r"(\d{1,2})(?:(?: ?[:.h] ?| (?=\d\d ?[ap]))(\d{2}))?"
    r"(?: ?(?:h|hrs?|o'clock|uhr|heures?|horas?))?(?: ?([ap])\.? ?m\.?)?"
    r"|(\d{2})(\d{2})(?: ?h(?:rs)?)?",
    re.IGNORECASE,
)


def read_time(written: str) -> list[int]:
    """The minutes after midnight that a time of day may mean. Empty: no time.

    Two when the day's half is not said; the first is what is meant if it is written with 24 hours.
    """
    text = plain_signs(written[: _LONGEST + 1])
    if len(text) > _LONGEST:
        return []
    found = _TIME.fullmatch(text)
    if not found:
        return _read_words(text.casefold().rstrip("."))
    hour, minute = int(found[1] or found[4]), int(found[2] or found[5] or 0)
    if hour > 24 or minute > 59 or (hour == 24 and minute):
        return []
    if half := found[3]:
        if not 1 <= hour <= 12:
            return []
        return [hour % 12 * 60 + minute + (_NOON if half in "pP" else 0)]
    at = hour % 24 * 60 + minute
    # 02:30 is said of the night; 2:30 of both.
    clear = found[4] or text[0] == "0" or hour == 0 or hour > 12
    return [at] if clear else [at, (at + _NOON) % (2 * _NOON)]


def _read_words(text: str) -> list[int]:
    """A time as it is said: "half past seven in the evening", "twenty to ten", "six fifteen"."""
    if text.removeprefix("12 ").removeprefix("twelve ") in _NAMED:
        return [_NAMED[text.removeprefix("12 ").removeprefix("twelve ")]]
    part = _PART_OF_DAY.search(text)
    if part:
        text = text[: part.start()]
    at = _minutes(text.removesuffix(" o'clock").strip())
    if at is None:
        return []
    both = [at % (2 * _NOON), (at + _NOON) % (2 * _NOON)]
    if part is None:
        return both
    return [time for time in sorted(set(both)) if _is_in_part(time, part[1])]


def _minutes(text: str) -> int | None:
    """Minutes after midnight of a time in words, in the first half of the day."""
    if found := _PAST.fullmatch(text):
        minutes, hour = _spoken_minutes(found[1]), _hour(found[3])
        if minutes is None or hour is None:
            return None
        return ((hour % 12) * 60 + (minutes if found[2] in ("past", "after") else -minutes)) % _NOON
    if text.startswith("half "):
        hour = _hour(text.removeprefix("half "))
        return None if hour is None else hour % 12 * 60 + 30
    words = text.split()
    if len(words) >= 2 and (hour := _hour(words[0])) is not None:
        minutes = _spoken_minutes(" ".join(words[1:]))
        return None if minutes is None or minutes < 10 else hour % 12 * 60 + minutes
    hour = _hour(text) if not text.isdecimal() else None
    return None if hour is None else hour % 12 * 60


def _hour(text: str) -> int | None:
    if found := re.fullmatch(r"(\d{1,2})(?::00)?", text):
        return int(found[1]) if int(found[1]) <= 12 else None
    value = read_words(text)
    return int(value) if value is not None and value.denominator == 1 and 1 <= value <= 12 else None


def _spoken_minutes(text: str) -> int | None:
    text = text.removesuffix(" minutes").removesuffix(" mins").removeprefix("a ")
    if text in ("half", "quarter"):
        return 30 if text == "half" else 15
    if text.isdecimal():
        return int(text) if len(text) <= 2 and int(text) < 60 else None
    value = read_words(text)
    return int(value) if value is not None and value.denominator == 1 and 1 <= value < 60 else None


def _is_in_part(time: int, part: str) -> bool:
    first, last = _PARTS_OF_DAY[part]
    return first <= time < last if first < last else time >= first or time < last


def _length(written: str) -> Fraction | None:
    """The minutes of a length of time, such as 6 hours 10."""
    quantity = read_quantity(written)
    if quantity is None or quantity.unit is None or quantity.unit.kind != "time" or quantity.number.sure is None:
        return None
    return quantity.number.sure * quantity.unit.size / 60


def compare_times(written: str, meant: str) -> Mark | None:
    """Mark one answer against one right time; None when the key itself is no time."""
    keys, answers = read_time(meant), read_time(written)
    if not keys:
        return None
    if not answers:
        length = _length(written)
        return for_teacher(reasons.LENGTH_OF_TIME) if length in keys else wrong(reasons.NOT_A_TIME)
    return _of_times(answers, keys, meant)


def _of_times(answers: list[int], keys: list[int], meant: str) -> Mark:
    if answers == keys or (answers[0] == keys[0] and (len(answers) == 1 or not _HALF.search(meant))):
        return right(reasons.SAME_TIME)
    return for_teacher(reasons.HALF_OF_DAY) if set(answers) & set(keys) else wrong(reasons.OTHER_TIME)


def read_times(written: str) -> tuple[list[int], list[int]] | None:
    """From when till when: the minutes after midnight that each end may mean, as of one time of day; None: no such.

    Of both, one has to look like a time: 9-17 is a subtraction.
    """
    text = plain_signs(written[: 2 * _LONGEST + 1]).casefold().strip().rstrip(".")
    parts = _FROM_TO.split(_FROM.sub("", text), maxsplit=1)
    if len(text) > 2 * _LONGEST or len(parts) != 2:
        return None
    start, end = (read_time(part.strip()) for part in parts)
    if not start or not end:
        return None
    # 9 to 10:30 am is of the morning; so may be 9 to 5 pm, which is not.
    return (start, end) if any(map(_LOOKS.search, parts)) else None


_FROM = re.compile(r"^(?:from|between) ")
_FROM_TO = re.compile(r" ?(?:-|\bto\b|\buntil\b|\btill\b|\band\b) ?")
_LOOKS = re.compile(r"\d ?[:.h] ?\d|\d ?[ap]\.? ?m\b|past|quarter|o'clock|noon|midday|midnight")


def compare_stretches(written: str, meant: str) -> Mark | None:
    """Mark one answer against a time from when till when; None when the key is none."""
    key = read_times(meant)
    if key is None:
        return None
    answer = read_times(written) or _bare_times(written)
    if answer is None:
        return None
    if any(len(end) == 1 and end[0] >= 13 * 60 for end in answer) and not _HALF.search(plain_signs(written)):
        answer = (answer[0][:1], answer[1][:1])  # with 24 hours at one end, so at both
    marks = [_of_times(mine, wanted, meant) for mine, wanted in zip(answer, key, strict=True)]
    if all(mark.verdict is Verdict.RIGHT for mark in marks):
        return right(reasons.SAME_TIMES)
    return next((mark for mark in marks if mark.verdict is Verdict.WRONG), for_teacher(reasons.HALF_OF_DAY))


def _bare_times(written: str) -> tuple[list[int], list[int]] | None:
    """Hours alone, 9-5, where a time from when till when was asked for."""
    found = re.fullmatch(r"(?:from )?(\d{1,2})(?: ?- ?| to | till | until )(\d{1,2})", plain_signs(written).casefold())
    ends = [read_time(hour) for hour in found.groups()] if found else []
    return (ends[0], ends[1]) if len(ends) == 2 and all(ends) else None


def read_ratio(written: str) -> tuple[Fraction, ...]:
    """The parts of a ratio of two to six numbers; empty: no ratio."""
    if len(written) > _LONGEST_RATIO:
        return ()
    parts = [read_number(part) for part in plain_signs(written).replace(" to ", ":").split(":")]
    values = [part.sure for part in parts if part and part.sure is not None and part.sure >= 0]
    return tuple(values) if 2 <= len(values) == len(parts) <= 6 and any(values) else ()


_BETWEEN_NUMBERS = re.compile(r"(?<=\d) ?(?:[-/–]|\band\b|\bin\b|,) ?(?=\d)")
"""What stands between the numbers of a ratio that is not written as one."""


def _is_quotient(written: str, ratio: tuple[Fraction, ...]) -> bool:
    """Whether a number is what a ratio of two comes to: 0.75 for 3 : 4."""
    number = read_number(written)
    return bool(number and len(ratio) == 2 and ratio[1] and number.sure == ratio[0] / ratio[1])


def compare_ratios(written: str, meant: str, rules: Ratio) -> Mark | None:
    """Mark one answer against one right ratio; None when the key itself is no ratio."""
    key, answer = read_ratio(meant), read_ratio(written)
    if not key:
        return None
    if not answer:
        other = read_ratio(_BETWEEN_NUMBERS.sub(":", written))
        same = len(other) == len(key) and all(a * sum(key) == k * sum(other) for a, k in zip(other, key, strict=True))
        return (
            for_teacher(reasons.RATIO_OTHERWISE) if same or _is_quotient(written, key) else wrong(reasons.NOT_A_RATIO)
        )
    if len(key) != len(answer) or any(a * sum(key) != k * sum(answer) for a, k in zip(answer, key, strict=True)):
        return wrong(reasons.OTHER_RATIO)
    if rules.lowest_terms and (any(a.denominator != 1 for a in answer) or gcd(*map(int, answer)) != 1):
        return wrong(reasons.NOT_LOWEST)
    return right(reasons.SAME_RATIO)
