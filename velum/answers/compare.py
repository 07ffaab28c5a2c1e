"""Whether a written answer says the same as one of the right ones, and why.

The principle: what every fair teacher accepts is right; what none would accept is not right; what a fair teacher would
want to see goes to the teacher. That something cannot be read is never a reason for "not right" by itself: where the
right value, word or expression is found in an answer, with words or working around it, beside something else, in
another unit or another form, it is right if that is plain, and else the teacher looks. The tests hold it to tables of
what fair teachers decide (tests/tables/).
"""

import re
from collections.abc import Sequence
from functools import lru_cache

from velum.answers import reasons
from velum.answers.algebra.compare import compare_expressions, looks_like_expression
from velum.answers.calculations import compare_calculations, is_calculation
from velum.answers.chemistry import compare_formulas, looks_like_formula
from velum.answers.comparison import Comparison, Date, Expression, Formula, Number, Ratio, Time, Words
from velum.answers.dates import compare_dates, era_of, looks_like_date
from velum.answers.found_in import MOST_NUMBERS, MOST_WORDS, found_in
from velum.answers.intervals import compare_intervals, is_in_brackets, read_interval
from velum.answers.isotopes import compare_isotopes, is_isotope
from velum.answers.near_words import LONGEST as NEAR
from velum.answers.near_words import near_words
from velum.answers.notes import compare_notes
from velum.answers.number import DecimalSign
from velum.answers.number_words import read_ordinal
from velum.answers.paired import compare_paired, compare_vectors, is_vector
from velum.answers.quantity import read_quantity, value_and_unit
from velum.answers.reasons import other_kind
from velum.answers.text import NormalText, normalise
from velum.answers.times import compare_ratios, compare_stretches, compare_times, read_ratio, read_time, read_times
from velum.answers.values import CALLED, NAMED, compare_values
from velum.answers.words import compare_words
from velum.answers.wrapping import doubts, unwrapped
from velum.mark import Mark, Verdict, best, blank, for_teacher, right, wrong

LONGEST = 1_500
"""Letters: a page. What is longer, no machine compares in a moment, and a teacher reads it anyhow."""

_EACH_PART, _EACH_NUMBER, _SUM = 40, 13, 100
"""How much work it may be to look for the key in the parts of an answer that begin with one of its words, to look at
one of its numbers, and to work out a sum.
"""
_WORKED = re.compile(r"(?=.*[-+*/×÷·^!])[-\d\s.,()+*/×÷·^!x:=−]+")

_PLAIN_WORDS = Words()
_IN_NOTATIONS = (Words, Expression)
"""What is compared by these may be written in a notation of its own."""
_AS_SET = (reasons.NOT_LOWEST, reasons.NOT_ROUNDED, reasons.OTHER_FORM, reasons.CALLED_OTHERWISE)
"""What a teacher has set, or the student has said: nothing around the answer makes up for it."""

_UNREADABLE = (
    reasons.NOT_A_TIME,
    reasons.NOT_A_DATE,
    reasons.NOT_A_RATIO,
    reasons.NOT_A_FORMULA,
    reasons.NOT_AN_EQUATION,
    reasons.NOT_AN_EXPRESSION,
)
_TELLING = re.compile(r"[\d=<>≤≥^²³√¼-¾⅐-⅞+*/:()]")
"""What a number, a time, a formula or an expression has, and a word has not."""
_WITH_UNIT = re.compile(r"\s*-?[\d.,]+(?: \S|[^\W\d_]{2})")
"""A number with something behind it that may be a unit, and no letter of algebra: 12 N, 4cm."""

_BARE_NUMBER = re.compile(r"[-−\d.,\s]*")
_SAID_TIME = re.compile(r"\b(?:past|to|o'clock|half|noon|midday|midnight|uhr|heures?|horas?)\b", re.IGNORECASE)
_NOTE = re.compile(
    r"\s*[(\[](?:correct )?(?:to )?\d{1,2} ?(?:d\.? ?p\.?|s\.? ?f\.?|decimal places?|significant figures?"
    r"|sig\.? figs?\.?|marks?|points?)[)\]]\s*$",
    re.IGNORECASE,
)
_BASE_SIXTEEN = re.compile(r"(?=.*\d)(?=.*[A-F])(?:\d{1,2}[A-F]|\d[0-9A-F]{2,7}|[A-F]{2}[0-9A-F]{0,6})")
"""A number to the base of sixteen, which is no product: 3F."""
_SAYS_BASE = re.compile(r"^(?:0x|#)|[₀-₉]+$")

_HEXADECIMAL = re.compile(r"[0-9A-Fa-f]{1,8}")
_OF_A_LETTER = re.compile(r"\b(sin|cos|tan|ln|log)(?=[a-zθ]\b)")
_PI = re.compile(r"\bP[Ii]\b")
_CODE = re.compile(r"\w\s*\(\s*[\"'“”‘’]")
"""A call with a string in it: in a program every sign counts."""

_CALCULATED = re.compile(r"\b(?:plus|minus|times|divided|equals)\b", re.IGNORECASE)
_FUNCTION, _AS_Y = re.compile(r"^\s*[fgh]\s*\(x\)\s*=(?!=)"), re.compile(r"^\s*y\s*=(?!=)")
"""How a function of x may be called, whose value is y."""

_DIMENSIONS = re.compile(r"[1-4]-?D")
"""2D and 3D are no lengths of time, though D may be days."""
_HALF_OF_DAY = re.compile(r"\d ?[ap](?:m|\. ?m\.?)$", re.IGNORECASE)
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
    accepted = [without_note(meant) for meant in accepted]
    if comparison is None:
        marks = [_judge_by_looks(written, meant, decimal) for meant in accepted]
    else:
        marks = [_judge(written, meant, comparison, decimal) for meant in accepted]
    return marks[0] if len(marks) == 1 else best(marks)


def without_note(meant: str) -> str:
    """A key without what is noted behind it for who marks: "45.3 (1 d.p.)", "Paris [1 mark]"."""
    found = _NOTE.search(meant) if meant.rstrip()[-1:] in (")", "]") else None
    return meant[: found.start()] if found and found.start() else meant


def is_refused(
    written: str, refused: str, accepted: Sequence[str], comparison: Comparison | None, decimal: DecimalSign
) -> bool:
    """Whether an answer is one that is not accepted, though slips or a tolerance would let it pass.

    What is accepted as it stands is not refused for being equal: 1/2 where 2/4 is not accepted.
    """
    if not written.strip():
        return False
    if normalise(written) == normalise(refused):
        return True
    strict = _strict(comparison or guess(accepted[0], decimal))
    if _compare(written, refused, strict, decimal).verdict is not Verdict.RIGHT:
        return False
    return all(_compare(written, meant, strict, decimal).verdict is not Verdict.RIGHT for meant in accepted)


def _strict(comparison: Comparison) -> Comparison:
    match comparison:
        case Words():
            return comparison.changed(slips=False, contains=False)
        case Number():
            return comparison.changed(tolerance=None)
        case _:
            return comparison


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
    # Each word of an answer that is not the key's is looked for among those of the key.
    near = 1 + min(len(written), NEAR) * min(len(meant), NEAR) // 1_200
    match comparison:
        case _ if max(len(written), len(meant)) > LONGEST:
            return 5
        case Words(contains=True, slips=True):
            return 1 + len(written) * len(meant) // 1_500
        case Words(numbers_by_value=True):
            return 1 + letters // 2
        case Words(slips=True):
            return 1 + letters // 50 + near
        case Words():
            return 1 + letters // 200 + near
        case _ if comparison or _TELLING.search(meant) or _SAID_TIME.search(meant):
            parts = written.count(" ")
            within = _EACH_NUMBER * min(parts, MOST_NUMBERS) if parts >= MOST_WORDS else _EACH_PART * parts
            return 4 + within + (_SUM if _WORKED.fullmatch(written) else 0)
        case _:
            return 1 + letters // 200 + near


@lru_cache(maxsize=8_192)
def guess(meant: str, decimal: DecimalSign = ".") -> Comparison:
    """By what an answer like this is compared: a number is one by its value, all else by its words."""
    text = without_note(meant.strip())
    if _BASE_SIXTEEN.fullmatch(text):
        return Words()
    if ":" in text and read_time(text) and len(text.partition(":")[2].strip()) >= 2:
        return Time()
    if _DIMENSIONS.fullmatch(text):
        return Words()
    if _HALF_OF_DAY.search(text) and read_time(text):
        return Time()
    if read_ordinal(text) is not None:
        return Words()
    if read_times(text):
        return Time()
    if looks_like_date(text):
        return Date()
    if _SAID_TIME.search(text) and read_time(text):
        return Time()
    if compare_paired(text, text, decimal) or is_in_brackets(text) or is_isotope(text):
        return Words()
    if ":" in text and read_ratio(text):
        return Ratio()
    if text[-1:] in ("m", "M", ".") and text[:1].isdigit() and read_time(text) and read_quantity(text) is None:
        return Time()
    named = NAMED.sub("", text, count=1)
    if named != text and _WITH_UNIT.match(named) and (value := read_quantity(named, decimal)) and value.unit:
        return Number()
    if _called(text, decimal):
        return Number()
    if looks_like_formula(text):
        return Formula()
    quantity = read_quantity(text, decimal)
    if quantity and quantity.number.sure is not None and not quantity.unknown and _has_digit(text):
        return Number()
    if looks_like_expression(text):
        return Expression()
    return Words()


def _called(meant: str, decimal: DecimalSign) -> bool:
    """Whether a key is a number with what it is called before it."""
    value = CALLED.sub("", meant, count=1)
    quantity = read_quantity(value, decimal) if value != meant else None
    return quantity is not None and quantity.number.sure is not None and not quantity.unknown and _has_digit(value)


def second_guess(meant: str, decimal: DecimalSign = ".") -> Comparison | None:
    """By what else an answer like this could be compared; None: it can be read in one way, or as words alone."""
    text, first = meant.strip(), guess(meant, decimal)
    quantity = read_quantity(text, decimal)
    readings: list[tuple[bool, Comparison]] = [
        (":" in text and bool(read_time(text)), Time()),
        (":" in text and bool(read_ratio(text)), Ratio()),
        (looks_like_date(text), Date()),
        (bool(quantity and quantity.number.sure is not None and not quantity.unknown), Number()),
        (looks_like_formula(text), Formula()),
        (looks_like_expression(text), Expression()),
    ]
    others = [comparison for is_read, comparison in readings if is_read and comparison.by != first.by]
    return others[0] if others else None


def _has_digit(text: str) -> bool:
    return any(letter.isnumeric() for letter in text)


@lru_cache(maxsize=8_192)
def _judge_by_looks(written: str, meant: str, decimal: DecimalSign) -> Mark:
    """Remembered, for many of a class write the same."""
    return _judge(written, meant, guess(meant, decimal), decimal)


def _judge(written: str, meant: str, comparison: Comparison, decimal: DecimalSign) -> Mark:
    """The mark of the answer as it stands; if that is not right, as it is with less around it; else what is in it."""
    if isinstance(comparison, _IN_NOTATIONS) and _has_a_notation(meant, decimal):
        named = _of_a_notation(written, meant, comparison, decimal)
        if named is not None:
            return named
    mark = _compare(written, meant, comparison, decimal)
    if isinstance(comparison, Words) and _CODE.search(meant) and not comparison.contains:
        return _of_code(written, meant, mark)
    if mark.share and isinstance(comparison, Number) and era_of(written) < 0 and not era_of(meant):
        return for_teacher(reasons.ERA_OTHER)
    if mark.share or mark.reason is reasons.TOO_LONG or max(len(written), len(meant)) > LONGEST:
        return mark
    if isinstance(comparison, Words):
        return mark if mark.verdict is Verdict.TEACHER else _near(written, meant, comparison, decimal) or mark
    if mark.reason in _AS_SET or (mark.reason is reasons.OTHER_VALUE and _BARE_NUMBER.fullmatch(written)):
        return mark
    doubtful = doubts(written) and not doubts(meant)
    for less in unwrapped(written):
        other = _compare(less, meant, comparison, decimal)
        if other.share:
            return for_teacher(reasons.WORDS_AND_DOUBT) if doubtful else other
        if other.verdict is Verdict.TEACHER and mark.verdict is not Verdict.TEACHER:
            mark = other
    if not isinstance(comparison, Number) and mark.reason not in _UNREADABLE:
        return mark
    found = found_in(written, meant, comparison, decimal, _compare)
    return found if found and (found.share or mark.verdict is not Verdict.TEACHER) else mark


def _of_code(written: str, meant: str, as_words: Mark) -> Mark:
    """The mark of a piece of a program: right but for spaces and the sort of its quotes; as words alone, doubtful."""
    one, other = (re.sub(r"[\"'“”‘’]", "'", "".join(text.split())) for text in (written, meant))
    if one == other:
        return right(reasons.SAME_WORDS)
    return for_teacher(reasons.NEARLY) if as_words.share or one.casefold() == other.casefold() else as_words


@lru_cache(maxsize=8_192)
def _has_a_notation(meant: str, decimal: DecimalSign) -> bool:
    return (
        read_interval(meant, decimal) is not None
        or is_isotope(meant)
        or is_vector(meant)
        or value_and_unit(meant) is not None
    )


def _of_a_notation(written: str, meant: str, comparison: Comparison, decimal: DecimalSign) -> Mark | None:
    """The mark where key or answer is written in a notation of its own, which the kind of comparison does not know."""
    if isinstance(comparison, Words):
        if comparison.punctuation_counts or comparison.case_counts:
            return None
        return compare_intervals(written, meant, decimal) or compare_isotopes(written, meant)
    if isinstance(comparison, Expression):
        return (
            compare_intervals(written, meant, decimal)
            or compare_vectors(written, meant, decimal)
            or _with_units(written, meant, comparison, decimal)
        )
    return None


def _with_units(written: str, meant: str, rules: Expression, decimal: DecimalSign) -> Mark | None:
    """The mark of an exact value with its unit, 9π cm²; None: the key is none."""
    key = value_and_unit(meant)
    if key is None or key[1] is None:
        return None
    value, unit = value_and_unit(written) or (written, None)
    mark = compare_expressions(value, key[0], rules, decimal)
    if mark is None or mark.verdict is Verdict.WRONG or unit == key[1]:
        return mark
    if unit is None:
        return for_teacher(reasons.UNIT_LEFT_OUT)
    return wrong(reasons.OTHER_UNIT if unit.kind == key[1].kind else other_kind(key[1].kind, unit.kind))


def _near(written: str, meant: str, rules: Words, decimal: DecimalSign) -> Mark | None:
    """The mark of words that are not the key's, where they come near to it and the settings leave that open."""
    if rules.contains or rules.punctuation_counts or rules.parts == "words":
        return None
    if paired := compare_paired(written, meant, decimal) or compare_notes(written, meant):
        return paired
    if _WORKED.fullmatch(meant) and _CALCULATED.search(written):
        return for_teacher(reasons.NEARLY)
    if is_calculation(meant) and (calculated := compare_calculations(written, meant)):
        return calculated
    if rules.case_counts and normalise(written) == normalise(meant):
        return None
    if (digits := _of_base_sixteen(meant, written)) is not None:
        if normalise(_SAYS_BASE.sub("", written.strip())) == normalise(digits):
            return right(reasons.SAME_VALUE)
        return for_teacher(reasons.OTHER_FORM) if written.strip() == str(int(digits, 16)) else None
    return near_words(written, meant, keep_case=rules.case_counts)


def _of_base_sixteen(meant: str, written: str) -> str | None:
    """The digits of a key to the base of sixteen, as the answer may say; None: it is none."""
    text = meant.strip()
    digits = _SAYS_BASE.sub("", text)
    is_one = _BASE_SIXTEEN.fullmatch(digits) or (
        (text[:2] == "0x" or _SAYS_BASE.search(written.strip())) and _HEXADECIMAL.fullmatch(digits)
    )
    return digits if is_one else None


def _compare(written: str, meant: str, comparison: Comparison, decimal: DecimalSign) -> Mark:
    if max(len(written), len(meant)) > LONGEST:
        return right(reasons.SAME_WORDS) if written.split() == meant.split() else for_teacher(reasons.TOO_LONG)
    match comparison:
        case Words():
            return compare_words(written, meant, comparison, decimal)
        case Number():
            mark = compare_values(written, meant, comparison, decimal)
        case Time():
            mark = compare_stretches(written, meant) or compare_times(written, meant)
        case Date():
            mark = compare_dates(written, meant)
        case Ratio():
            mark = compare_ratios(written, meant, comparison)
        case Formula():
            mark = compare_formulas(written, meant, comparison)
        case Expression():
            written = _OF_A_LETTER.sub(r"\1 ", _PI.sub("π", written))
            if _AS_Y.match(meant):
                written = _FUNCTION.sub("y = ", written)
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
