"""The right answer found within an answer that could not be read as a whole: in a sentence, behind its working.

It is right where that is plain: one number alone among words, or what stands behind the last equals sign. Else the
teacher looks: where other numbers stand beside it, where it is not worked out, where a no or an or is said.
"""

import re
from collections.abc import Callable, Iterator
from fractions import Fraction
from itertools import islice
from math import factorial

from velum.answers import reasons
from velum.answers.algebra.reading import read
from velum.answers.algebra.tree import letters
from velum.answers.algebra.values import Inexact, Unknown, exactly
from velum.answers.comparison import Comparison, Number
from velum.answers.number import DecimalSign
from velum.answers.quantity import Quantity, read_quantity
from velum.answers.signs import plain_signs
from velum.answers.word_tokens import ROMANS
from velum.answers.wrapping import doubts
from velum.mark import Mark, Verdict, for_teacher

Compare = Callable[[str, str, Comparison, DecimalSign], Mark]

MOST_WORDS, _MOST_TOGETHER = 12, 4
"""Words of an answer in which the right one is looked for, and how many of them it may have."""

MOST_NUMBERS, _LONGEST_SUM = 10, 60
_NUMBER = re.compile(r"(?<![\w.,])[€£$¥]?[-−]?(?:\d[\d.,'’/⁄]*(?:(?: \d{3})+(?!\d))?(?: \d+/\d+)?|[½¼¾⅓⅔⅕⅖⅛])")
_REASONED = re.compile(
    r"\b(?:more|less|greater|fewer|bigger|smaller|over|under|least|most|above|below|than|half|twice|times|plus|minus)\b",
    re.IGNORECASE,
)
"""Words that make another number of one."""

_LOOK_ALIKES = str.maketrans("OoIl", "0011")
_AMONG_DIGITS = re.compile(r"\d[OoIl]|[OoIl]\d")
_FACTORIAL = re.compile(r"(\d{1,2})!")
_WORKING = re.compile(r"[-+*/×÷·:x−^²³√]")


def found_in(written: str, meant: str, comparison: Comparison, decimal: DecimalSign, compare: Compare) -> Mark | None:
    """The mark of an answer in which the right one is found; None: it is not."""
    text = plain_signs(written)
    if isinstance(comparison, Number) and (mark := _behind_working(text, meant, comparison, decimal, compare)):
        return mark
    if isinstance(comparison, Number) and compare(_without_look_alikes(text), meant, comparison, decimal).share:
        return for_teacher(reasons.LOOK_ALIKE)
    if isinstance(comparison, Number):
        return _number_in(text, meant, comparison, decimal, compare)
    words = text.split()
    if not 1 < len(words) <= MOST_WORDS:
        return None
    for part in _parts(words):
        if compare(part, meant, comparison, decimal).verdict is Verdict.RIGHT:
            return for_teacher(reasons.FOUND_AMONG_OTHERS)
    return None


def _without_look_alikes(text: str) -> str:
    """A number with digits for letters that look like them, and for a Roman one."""
    if roman := ROMANS.get(text.casefold()):
        return roman
    return text.translate(_LOOK_ALIKES) if _AMONG_DIGITS.search(text) else text


def _behind_working(text: str, meant: str, rules: Number, decimal: DecimalSign, compare: Compare) -> Mark | None:
    """The mark of a calculation: of what stands behind its last equals sign, or of a sum that is not worked out."""
    *before, last = re.split(r"\s*(?:=|→|->)\s*", text)
    if before and last:
        mark = compare(last, meant, rules, decimal)
        if mark.verdict is Verdict.RIGHT and doubts(text):
            return for_teacher(reasons.WORDS_AND_DOUBT)
        if mark.share:
            worth, said = _worth(before[-1], decimal), read_quantity(last, decimal)
            if worth is not None and said and said.number.sure is not None and worth != said.number.sure:
                return for_teacher(reasons.WORKING_DIFFERS)
            return mark
        turned = compare(before[0], meant, rules, decimal)
        if turned.share and _worth(last, decimal) is not None and _WORKING.search(last):
            return turned  # 8 = 3 + 5
        return mark if mark.verdict is Verdict.TEACHER else None
    if _WORKING.search(text) or _FACTORIAL.fullmatch(text):
        key, worth = read_quantity(meant, decimal), _worth(text, decimal)
        if worth is not None and key and key.number.sure == worth:
            return for_teacher(reasons.NOT_WORKED_OUT)
    return None


def _worth(text: str, decimal: DecimalSign) -> Fraction | None:
    """What a sum comes to; None: it is none, or has letters."""
    if found := _FACTORIAL.fullmatch(text):
        return Fraction(factorial(int(found[1])))
    if len(text) > _LONGEST_SUM:
        return None
    sum_ = re.sub(r"(?<=\d) ?(?:x|×) ?(?=\d)", "*", text.replace("÷", "/").replace(":", "/"))
    statements = read(sum_, decimal)
    if len(statements) != 1 or statements[0].relations or letters(statements[0].sides[0]):
        return None
    try:
        return Fraction(exactly(statements[0].sides[0], {}))
    except (Inexact, Unknown):
        return None


def _number_in(text: str, meant: str, rules: Number, decimal: DecimalSign, compare: Compare) -> Mark | None:
    """The mark of a number among words."""
    if "=" in text:
        text = text.rsplit("=", 1)[1]
    found = list(islice(_quantities(text, decimal, percent="%" in meant), MOST_NUMBERS))
    marks = [compare(each, meant, rules, decimal) for each in found]
    if not any(mark.share or mark.verdict is Verdict.TEACHER for mark in marks):
        return None
    if (
        len(found) == 1
        and ("%" in meant or "%" not in text)
        and not doubts(text)
        and not _REASONED.search(text)
        and not _WORKING.search(text.replace("-", ""))
    ):
        return marks[0]
    return for_teacher(reasons.FOUND_AMONG_OTHERS)


def _quantities(text: str, decimal: DecimalSign, *, percent: bool) -> Iterator[str]:
    """The numbers in a text, each with the unit behind it where it is a known one, or with its ``percent`` sign."""
    for found in _NUMBER.finditer(text):
        number = found[0].rstrip(".,'")
        behind = text[found.start() + len(number) :].split()[:3]
        touching = text[found.start() + len(number) :][:1].strip() != ""
        options = [number + ("" if touching else " ") + " ".join(behind[: count + 1]) for count in range(len(behind))]
        if percent and text[found.start() + len(number) :].lstrip()[:1] == "%":
            yield f"{number}%"
            continue
        known = [option for option in options if _has_known_unit(read_quantity(option.rstrip(".,;!?"), decimal))]
        yield known[-1].rstrip(".,;!?") if known else number


def _has_known_unit(quantity: Quantity | None) -> bool:
    return quantity is not None and quantity.unit is not None


def _parts(words: list[str]) -> Iterator[str]:
    """Some of the words that stand together, the longest first."""
    for count in range(min(_MOST_TOGETHER, len(words) - 1), 0, -1):
        for start in range(len(words) - count + 1):
            yield " ".join(words[start : start + count]).strip(".,;!?")
