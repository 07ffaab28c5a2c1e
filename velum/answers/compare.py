"""Whether a written answer says the same as one of the right ones, and why."""

import re
from collections.abc import Sequence
from functools import lru_cache

from velum.answers import reasons
from velum.answers.algebra.compare import compare_expressions, looks_like_expression
from velum.answers.chemistry import compare_formulas, looks_like_formula
from velum.answers.comparison import Comparison, Expression, Formula, Number, Ratio, Time, Words
from velum.answers.number import DecimalSign
from velum.answers.quantity import read_quantity
from velum.answers.text import NormalText, normalise
from velum.answers.times import compare_ratios, compare_times, read_ratio, read_time
from velum.answers.values import compare_values
from velum.answers.words import compare_words
from velum.mark import Mark, Verdict, best, blank, for_teacher, right

LONGEST = 1_500
"""Letters: a page. What is longer, no machine compares in a moment, and a teacher reads it anyhow."""

_PLAIN_WORDS = Words()
_TELLING = re.compile(r"[\d=<>≤≥^²³√¼-¾⅐-⅞+*/:()]")
"""What a number, a time, a formula or an expression has, and a word has not."""
_LETTER = re.compile(r"[^\W\d_]")


def compare_written(
    written: str, accepted: Sequence[str], comparison: Comparison | None = None, decimal: DecimalSign = "."
) -> Mark:
    """The best mark of an answer against several right ones; by what is guessed from each where it is not set.

    What is clear wins: an answer that is right by one key is right, though another could not tell. ``decimal`` is the
    worksheet's sign before decimals.
    """
    if not written.strip():
        return blank()
    marks = [_compare(written, meant, comparison or guess(meant, decimal), decimal) for meant in accepted]
    return marks[0] if len(marks) == 1 else best(marks)


def steps_of_reading(written: str) -> int:
    """How much work reading an answer may take at most, in hundredths of a millisecond."""
    if len(written) > LONGEST or not _TELLING.search(written):
        return 1
    return 30 if _LETTER.search(written) else 10


def steps_of_comparing(written: str, meant: str, comparison: Comparison | None) -> int:
    """How much work comparing an answer with a right one may take at most once both were read.

    By the looks of the key where it is not said by what is compared: to guess it would be work itself.
    """
    letters = len(written) + len(meant)
    match comparison:
        case _ if max(len(written), len(meant)) > LONGEST:
            return 5
        case Words(contains=True, slips=True):
            return 1 + len(written) * len(meant) // 1_500
        case Words(numbers_by_value=True):
            return 1 + letters // 2
        case Words(slips=True):
            return 1 + letters // 50
        case Words():
            return 1 + letters // 200
        case _:
            return 4 if _TELLING.search(meant) else 1 + letters // 200


@lru_cache(maxsize=8_192)
def guess(meant: str, decimal: DecimalSign = ".") -> Comparison:
    """By what an answer like this is compared: a number is one by its value, all else by its words."""
    text = meant.strip()
    if ":" in text and read_time(text) and len(text.partition(":")[2].strip()) >= 2:
        return Time()
    if ":" in text and read_ratio(text):
        return Ratio()
    if text[-1:] in ("m", "M", ".") and text[:1].isdigit() and read_time(text) and read_quantity(text) is None:
        return Time()
    if looks_like_formula(text):
        return Formula()
    quantity = read_quantity(text, decimal)
    if quantity and quantity.number.sure is not None and not quantity.unknown and _has_digit(text):
        return Number()
    if looks_like_expression(text):
        return Expression()
    return Words()


def _has_digit(text: str) -> bool:
    return any(letter.isnumeric() for letter in text)


def _compare(written: str, meant: str, comparison: Comparison, decimal: DecimalSign) -> Mark:
    if max(len(written), len(meant)) > LONGEST:
        return right(reasons.SAME_WORDS) if written.split() == meant.split() else for_teacher(reasons.TOO_LONG)
    match comparison:
        case Words():
            return compare_words(written, meant, comparison, decimal)
        case Number():
            mark = compare_values(written, meant, comparison, decimal)
        case Time():
            mark = compare_times(written, meant)
        case Ratio():
            mark = compare_ratios(written, meant, comparison)
        case Formula():
            mark = compare_formulas(written, meant, comparison)
        case Expression():
            mark = compare_expressions(written, meant, comparison, decimal)
    if mark is None:
        # The key itself is not of that kind.
        return compare_words(written, meant, _PLAIN_WORDS)
    if mark.verdict is not Verdict.RIGHT and normalise(written, keep_case=True) == _to_the_letter(meant):
        return right(reasons.SAME_WORDS)  # whatever the comparison, the key itself is right
    return mark


@lru_cache(maxsize=8_192)
def _to_the_letter(meant: str) -> NormalText:
    return normalise(meant, keep_case=True)
