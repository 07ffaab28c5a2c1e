"""What a teacher is shown of a key: what else might count, and answers that are, and are not, accepted with it."""

import re
from collections.abc import Iterable

from velum.answers.compare import guess
from velum.answers.comparison import Comparison, Expression, Formula, Number, Ratio, Time, Words
from velum.answers.currencies import read_currency
from velum.answers.quantity import read_quantity

MOST = 6

_TWO_WORDS = re.compile(r"(?!(?:the|an?|in|on|at|to|of|by)[ -])[^\W\d]+[ -][^\W\d]+", re.IGNORECASE)
_LOWERED = str.maketrans("0123456789", "₀₁₂₃₄₅₆₇₈₉")
_SPELLINGS = (
    (r"(\w{3})our\b", r"\1or"),
    (r"(\w{3})or\b", r"\1our"),
    (r"(\w{3})tre\b", r"\1ter"),
    (r"(\w{2})is(e|es|ed|ing|ation)\b", r"\1iz\2"),
    (r"(\w{2})iz(e|es|ed|ing|ation)\b", r"\1is\2"),
    (r"(\w{2})yse\b", r"\1yze"),
    (r"(\w)ll(ed|ing|er)\b", r"\1l\2"),
    (r"(\w)ogue\b", r"\1og"),
    (r"\bgrey\b", "gray"),
    (r"\bgray\b", "grey"),
    (r"ae", "e"),
)
"""Ways in which British and American spelling differ. They are only proposed: a rule cannot know every word."""


def proposals(meant: str) -> list[str]:
    """Other spellings of a right answer, for the teacher to accept or not."""
    text = meant.strip()
    if not text or len(text) > 200 or not isinstance(guess(text), Words):
        return []
    found = [re.sub(pattern, other, text) for pattern, other in _SPELLINGS]
    if _TWO_WORDS.fullmatch(text):
        one, two = re.split("[ -]", text)
        found += [f"{one} {two}", f"{one}-{two}", f"{one}{two}"]
    if "&" in text:
        found.append(text.replace("&", "and"))
    return _several(found, text)


def examples(meant: str, comparison: Comparison) -> list[str]:
    """Answers as students write them, right ones and wrong ones, to be tried with the key."""
    text = meant.strip()
    match comparison:
        case Words():
            found = [text.upper(), f"  {text}.", f"the {text}", _slipped(text), _without_last_word(text)]
        case Number():
            found = list(_number_examples(text))
        case Time():
            found = [text.replace(":", "."), text.replace(":", ""), f"{text} am", f"{text} pm"]
        case Formula():
            found = [text.lower(), text.replace("O", "0"), text.translate(_LOWERED), text.replace("2", "3")]
        case Ratio():
            found = [text.replace(":", " : "), text.replace(":", " to "), ":".join(reversed(text.split(":")))]
        case Expression():
            with_signs = re.sub(r"(\d) ?([a-z(])", r"\1·\2", text)
            found = [
                with_signs,
                text.replace("*", ""),
                text.replace("+", "-", 1),
                f"{text} + 1",
                *_sides_exchanged(text),
            ]
    return _several(found, text)


def _sides_exchanged(text: str) -> Iterable[str]:
    left, equals, right = text.partition("=")
    if equals:
        yield f"{right.strip()} = {left.strip()}"


def _number_examples(text: str) -> Iterable[str]:
    quantity = read_quantity(text)
    if quantity is None or quantity.number.sure is None:
        return
    value = quantity.number.sure
    if not text[0].isalnum() and read_currency(text[0]):
        yield f"{text[1:].strip()} {text[0]}"
        yield text[1:].strip()
        return
    whole = value.denominator == 1 and abs(value) < 10**15
    unit = text[len(text.rstrip("°€£$¥%²³abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZµΩ/ ")) :]
    if whole and abs(value) >= 1000:
        yield f"{int(value):,}{unit}"
        yield f"{int(value):,}{unit}".replace(",", " ")
        yield f"{int(value):,}{unit}".replace(",", ".")
    elif whole:
        yield f"{int(value)}.0{unit}"
    if not whole and "/" not in text and unit != "%":
        yield f"{float(value):g}".replace(".", ",") + unit
        yield f"{value.numerator}/{value.denominator}{unit}"
    if unit.strip():
        yield text[: len(text) - len(unit)]
    if value.denominator < 10**6:
        yield f"{int(value) + 1}{unit}"


def _slipped(text: str) -> str:
    """The text with two letters exchanged in its longest word."""
    word = max(re.findall(r"\w+", text), key=len, default="")
    if len(word) < 2:
        return text
    middle = len(word) // 2
    return text.replace(word, word[: middle - 1] + word[middle] + word[middle - 1] + word[middle + 1 :], 1)


def _without_last_word(text: str) -> str:
    return text.rpartition(" ")[0]


def _several(found: Iterable[str], but: str) -> list[str]:
    return [each for each in dict.fromkeys(found) if each.strip() and each != but][:MOST]
