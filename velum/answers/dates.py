"""Dates and years, in the usual orders, with the names of months in many languages.

The order of day and month differs from country to country, so where both could be either, a date in digits has two
readings.

>>> read_date("14 March 1879") == read_date("March 14th, 1879") == read_date("1879-03-14") == read_date("3/14/1879")
True
>>> len(read_date("4/7/1776"))
2
>>> read_date("44 BC") == read_date("44 B.C.E."), read_date("1066") == read_date("AD 1066")
(True, True)
"""

import re
from dataclasses import dataclass
from datetime import date
from functools import lru_cache

from velum.answers import reasons
from velum.answers.calendar_names import day_named, month_named
from velum.answers.number_words import read_ordinal
from velum.answers.signs import plain_signs
from velum.mark import Mark, for_teacher, right, wrong

LONGEST = 60
_ERA = re.compile(r"(?<![a-z])(?:(a\.? ?d\.?|c\.? ?e\.?)|(b\.? ?c\.?(?: ?e\.?)?))(?![a-z])", re.IGNORECASE)
_AROUND = re.compile(r"^(?:(?:in|on|at|the|of|it|was|is|year|since)[ ,]+)+|,", re.IGNORECASE)
_OF = re.compile(r" (?:of|de|the) ")
_DIGITS = re.compile(r"(\d{1,4})(?P<sign>[./-])(\d{1,2})(?P=sign) ?(\d{1,4})")
_DAY_OF_WEEK = re.compile(r"(?:on )?([^\W\d_]{2,})\.?,?(?: the)? (?=.*\d)", re.IGNORECASE)
_DAY_FIRST = re.compile(r"(?P<day>[^ ]+(?: [^ \d]+)??)[ .]+(?P<month>[^\W\d_]+)\.?(?: (?P<year>\d{1,4}))?")
_MONTH_FIRST = re.compile(r"(?P<month>[^\W\d_]+)\.? (?P<day>\d{1,2}(?:st|nd|rd|th)?|[^\W\d_]+)(?: (?P<year>\d{1,4}))?")
_MONTH = re.compile(r"(?P<month>[^\W\d_]+)\.? (?P<year>\d{3,4})")


@dataclass(frozen=True, slots=True)
class Date:
    """A day, or as much of one as is said: None is not said. Years before Christ are negative."""

    year: int | None
    month: int | None = None
    day: int | None = None

    def holds(self, other: "Date") -> bool:
        """Whether all that another says is said here too."""
        mine = (self.year, self.month, self.day)
        return all(
            theirs in (None, own) for own, theirs in zip(mine, (other.year, other.month, other.day), strict=True)
        )


@lru_cache(maxsize=4_096)
def read_date(written: str) -> frozenset[Date]:
    """What a date may mean; empty: it is none. A year alone is one of three or four digits, or has an era."""
    if len(written) > LONGEST:
        return frozenset()
    text = _AROUND.sub(" ", _without_day_of_week(plain_signs(written).strip())[1]).rstrip(".")
    era = _ERA.search(text)
    text = " ".join((text[: era.start()] + " " + text[era.end() :] if era else text).split())
    found = _year(text, era is not None) or _in_digits(text) or _in_words(_OF.sub(" ", text))
    sign = -1 if era and era[2] else 1
    return frozenset(
        Date(each.year * sign if each.year is not None else None, each.month, each.day)
        for each in found
        if _exists(each)
    )


def _without_day_of_week(text: str) -> tuple[int | None, str]:
    """The day of the week that stands before a date, and the date without it."""
    found = _DAY_OF_WEEK.match(text)
    day = day_named(found[1]) if found else None
    return (None, text) if found is None or day is None else (day, text[found.end() :])


def _year(text: str, has_era: bool) -> list[Date]:
    return [Date(int(text))] if re.fullmatch(r"\d{1,4}" if has_era else r"\d{3,4}", text) else []


def _in_digits(text: str) -> list[Date]:
    found = _DIGITS.fullmatch(text)
    if not found:
        return []
    one, two, three = found[1], found[3], found[4]
    if len(one) >= 3:
        return [Date(int(one), int(two), int(three))] if len(three) <= 2 else []
    years = [int(three)] if len(three) >= 3 else [1900 + int(three), 2000 + int(three)]
    # With full stops the day comes first, wherever dates are written so.
    orders = {(int(one), int(two))} if found["sign"] == "." else {(int(one), int(two)), (int(two), int(one))}
    return [Date(year, month, day) for year in years for day, month in orders]


def _in_words(text: str) -> list[Date]:
    for pattern in (_DAY_FIRST, _MONTH_FIRST, _MONTH):
        found = pattern.fullmatch(text)
        month = month_named(found["month"]) if found else None
        if not found or month is None:
            continue
        said = found.groupdict()
        day = _day(said["day"]) if "day" in said else None
        if "day" in said and day is None:
            continue
        return [Date(int(said["year"]) if said["year"] else None, month, day)]
    return []


def _day(text: str) -> int | None:
    if re.fullmatch(r"\d{1,2}\.?", text):
        return int(text.rstrip("."))
    return read_ordinal(text)


def _exists(each: Date) -> bool:
    """Whether the calendar has such a day, in a leap year if no other."""
    try:
        date(2000, each.month or 1, each.day or 1)
    except ValueError:
        return False
    return True


def looks_like_date(text: str) -> bool:
    """Whether a key is a date by its looks: a day, or a month with a year, or a year with its era."""
    found = read_date(text)
    return bool(found) and (any(each.month for each in found) or bool(_ERA.search(text)))


def unclear_dates(written: str) -> list[str]:
    """The days that a date may mean where there are several, as in 4/7/1776: year, month, day."""
    found = read_date(written)
    return (
        sorted(f"{each.year:04}-{each.month:02}-{each.day:02}" for each in found if each.day) if len(found) > 1 else []
    )


def compare_dates(written: str, meant: str) -> Mark | None:
    """Mark one answer against one right date; None when the key itself is no date."""
    keys, answers = read_date(meant), read_date(written)
    if not keys:
        return None
    if not answers and (bare := re.fullmatch(r"\D{0,12}?(\d{1,4})", written.strip())) and not _ERA.search(written):
        answers = frozenset({Date(int(bare[1]))})
    if not answers and day_named(written) is not None and day_named(written) == _without_day_of_week(meant.strip())[0]:
        return for_teacher(reasons.PART_OF_DATE)
    if not answers:
        numbers = {int(digits) for digits in re.findall(r"\d{1,4}", written)}
        has_both = any(each.day and {each.day, each.month} <= numbers for each in keys)
        return for_teacher(reasons.PART_OF_DATE) if has_both else wrong(reasons.NOT_A_DATE)
    said, asked = (_without_day_of_week(text.strip())[0] for text in (written, meant))
    if None not in (said, asked) and said != asked:
        return wrong(reasons.OTHER_DATE)
    if answers & keys:
        return right(reasons.SAME_DATE) if answers == keys or len(answers) == 1 else for_teacher(reasons.DAY_OR_MONTH)
    if any(key.holds(answer) or answer.holds(key) for key in keys for answer in answers):
        return for_teacher(reasons.PART_OF_DATE)
    if any(_of_other_era(key) == answer for key in keys for answer in answers):
        return wrong(reasons.OTHER_ERA) if _ERA.search(written) else for_teacher(reasons.ERA_MISSING)
    return wrong(reasons.OTHER_DATE)


def _of_other_era(each: Date) -> Date:
    return Date(None if each.year is None else -each.year, each.month, each.day)


def era_of(written: str) -> int:
    """1 where years after Christ are said, -1 where those before are, 0 where neither is."""
    found = _ERA.search(written)
    return 0 if found is None else -1 if found[2] else 1
