"""An answer as its words: what is written together is taken apart, and each word brought to one form."""

import re
import unicodedata
from collections.abc import Sequence
from functools import lru_cache

from velum.answers.number_words import read_ordinal, read_words
from velum.answers.small_words import ARTICLES, BEFORE, BEHIND, ENGLISH_ARTICLES
from velum.answers.text import normalise, without_accents

_MARKS = "".join(chr(code) for code in range(0x300, 0xFFFF) if unicodedata.category(chr(code))[0] == "M")

_LETTER = rf"(?:[^\W_]|[{_MARKS}])"

_TOKEN = re.compile(rf"{_LETTER}+(?:['.]{_LETTER}+)*\+*")

_CONTRACTED = {"can't": "can not", "cannot": "can not", "won't": "will not", "shan't": "shall not"}

_ENDINGS = (("n't", " not"), ("'re", " are"), ("'ve", " have"), ("'ll", " will"), ("'m", " am"))

_IS = frozenset(["it", "he", "she", "that", "there", "what", "who", "where", "here", "how"])

_SPELLED = (("ä", "ae"), ("ö", "oe"), ("ü", "ue"), ("ß", "ss"), ("æ", "ae"), ("œ", "oe"))

_NUMERALS = "i ii iii iv v vi vii viii ix x xi xii xiii xiv xv xvi xvii xviii xix xx"

ROMANS = {numeral: str(number) for number, numeral in enumerate(_NUMERALS.split(), 1)}

ROMAN = re.compile("x{0,2}(?:ix|iv|v?i{0,3})")

_STROKES = {"ø": "o", "ł": "l", "đ": "d", "ı": "i", "æ": "ae", "œ": "oe", "ß": "ss", "ð": "d", "þ": "th", "ħ": "h"}


@lru_cache(maxsize=8_192)
def tokens_of(text: str, keep_case: bool) -> tuple[str, ...]:
    plain = normalise(text, keep_case=keep_case).replace("&", " and ")
    tokens: list[str] = []
    for token in _TOKEN.findall(plain):
        tokens += _expanded(token)
    return tuple(tokens)


def _expanded(token: str) -> list[str]:
    if token in _CONTRACTED:
        return _CONTRACTED[token].split()
    if "'" in token:
        for ending, meaning in _ENDINGS:
            if token.endswith(ending):
                return (token.removesuffix(ending) + meaning).split()
        before, _, after = token.partition("'")
        if after == "s" and before in _IS:
            return [before, "is"]
        if before in ("l", "d", "j", "qu", "n", "s", "t", "m"):
            return [before, after]
    if "." in token and len(token) > 3 and token.replace(".", "").isalpha() and max(map(len, token.split("."))) == 1:
        return [token.replace(".", "")]
    return [token]


def spelled_out(tokens: Sequence[str]) -> list[str]:
    """The words with numbers and ordinals in digits, and two dots on a letter as an e behind it."""
    start = 1 if len(tokens) > 1 and tokens[0] in ENGLISH_ARTICLES else 0
    return [as_number(_without_dots(token)) for token in tokens[start:]]


def _without_dots(token: str) -> str:
    if not token.isascii():
        for letter, letters in _SPELLED:
            token = token.replace(letter, letters)
    return token


@lru_cache(maxsize=4_096)
def as_number(token: str) -> str:
    if (place := read_ordinal(token)) is not None:
        return f"{place}."
    value = read_words(token) if token[:1].isalpha() else None
    return token if value is None else str(value)


def numbers_in(tokens: Sequence[str]) -> list[str]:
    return [token for token in spelled_out(tokens) if token[0].isdigit()]


def without_fillers(tokens: Sequence[str]) -> list[str]:
    """The words without those at both ends that say nothing; all of them, if they all say nothing."""
    start, end = 0, len(tokens)
    while start < end and tokens[start] in BEFORE:
        start += 1
    while end > start and tokens[end - 1] in BEHIND:
        end -= 1
    return list(tokens[start:end])


def without_lead(tokens: Sequence[str]) -> Sequence[str]:
    """The words without an article in front."""
    return tokens[1:] if len(tokens) > 1 and tokens[0] in ARTICLES else tokens


def bare(tokens: Sequence[str]) -> str:
    return together(without_lead(tokens))


def together(tokens: Sequence[str]) -> str:
    """Words written as one; numbers that stand beside each other stay two."""
    said = ""
    for token in tokens:
        said += f" {token}" if said[-1:].isdigit() and token[:1].isdigit() else token
    return said


def without_accents_at_all(text: str) -> str:
    """Letters without what stands above, below or through them, in Latin, Greek and Cyrillic."""
    if text.isascii():
        return text
    plain = without_accents(text)
    return "".join(_STROKES.get(letter, letter) for letter in unicodedata.normalize("NFC", plain))
