"""Whether an answer has the words of the key, as far as they count.

Slips are counted as F. Damerau did (1964): a letter too many, too few, another one, or two neighbours exchanged.

>>> distance("harbour", "habrour", 2)
1
>>> distance("sea", "tea", 0) is None
True
"""

import re
from collections.abc import Collection
from functools import lru_cache

from rapidfuzz.distance import OSA
from rapidfuzz.process import extractOne

from velum.answers import reasons
from velum.answers.comparison import Words
from velum.answers.number import DecimalSign, read_number
from velum.answers.part_marks import of_list, of_words, word_by_word
from velum.answers.text import normalise, without_accents
from velum.answers.wrapping import doubts
from velum.mark import Mark, for_teacher, right, wrong
from velum.sentence import Sentence

_ARTICLE = re.compile(r"^(?:the|an?) (?=.)", re.IGNORECASE)
_LONGEST_WITH_SLIPS = 400
_NUMBER = re.compile(r"(?<![\w.,])[-−]?\d[\d.,'’]*(?:(?: \d{3})+(?!\d))?(?:/\d+)?(?<![.,])")
_WORD = re.compile(r"[^\W_]+(?:['-][^\W_]+)*")


def compare_words(written: str, meant: str, rules: Words, decimal: DecimalSign = ".") -> Mark:
    """Mark one answer against one right answer. ``decimal`` is the worksheet's sign before decimals."""
    if rules.contains:
        return _held(written, meant, rules, decimal)
    answer, key = _counted(written, rules, decimal), _counted_key(meant, rules, decimal)
    if answer == key:
        return right(reasons.SAME_WORDS)
    if rules.parts == "words":
        return word_by_word(answer, key, keep_case=rules.case_counts)
    if rules.parts == "each" and (of_parts := of_list(answer, key)):
        return of_parts
    if rules.slips:
        if max(len(answer), len(key)) > _LONGEST_WITH_SLIPS:
            return for_teacher(reasons.TOO_LONG)
        if count := _slips(answer, key):
            return right(reasons.slips(count))
    return wrong(_difference(answer, key, rules))


def _counted(text: str, rules: Words, decimal: DecimalSign) -> str:
    counted: str = normalise(text, keep_case=rules.case_counts, keep_stop=rules.punctuation_counts)
    if rules.accents_ignored:
        counted = without_accents(counted)
    if rules.numbers_by_value:
        counted = _NUMBER.sub(lambda found: _by_value(found[0], decimal), counted)
    return _ARTICLE.sub("", counted) if rules.articles_ignored else counted


@lru_cache(maxsize=8_192)
def _counted_key(meant: str, rules: Words, decimal: DecimalSign) -> str:
    """A right answer as it counts: a class is marked against the same few."""
    return _counted(meant, rules, decimal)


def _by_value(written: str, decimal: DecimalSign) -> str:
    """A number among words as its value, where that is clear."""
    reading = read_number(written, decimal)
    return str(reading.sure) if reading and reading.sure is not None else written


def allowed_slips(word: str) -> int:
    """How many letters may differ: short words are exact, for one letter makes another word of them."""
    return 0 if len(word) < 5 else 1 if len(word) < 9 else 2


def _slips(answer: str, key: str) -> int:
    """The slips in an answer that has the key's words, slips apart; 0 when it has not."""
    given, wanted = answer.split(), key.split()
    if len(given) != len(wanted):
        return 0
    total = 0
    for one, other in zip(given, wanted, strict=True):
        count = distance(one, other, allowed_slips(other))
        if count is None:
            return 0
        total += count
    return total


def distance(one: str, other: str, most: int) -> int | None:
    """How many slips are between two words, or None when they are more than ``most``."""
    if abs(len(one) - len(other)) > most:
        return None
    count: int = OSA.distance(one, other, score_cutoff=most)
    return count if count <= most else None


def _held(written: str, meant: str, rules: Words, decimal: DecimalSign) -> Mark:
    given = _WORD.findall(_counted(written, rules, decimal))
    wanted = _WORD.findall(_counted(meant, rules, decimal))
    if not wanted:
        return compare_words(written, meant, rules.changed(contains=False), decimal)
    if len(given) > _LONGEST_WITH_SLIPS and rules.slips:
        return for_teacher(reasons.TOO_LONG)
    there = set(given)

    def has(word: str) -> bool:
        return word in there or (rules.slips and _is_nearly_among(word, there))

    held = sum(map(has, wanted))
    if held == len(wanted):
        # "It is not the moon" holds the moon.
        doubtful = doubts(written) and not doubts(meant)
        return for_teacher(reasons.WORDS_AND_DOUBT) if doubtful else right(reasons.HOLDS_WORDS)
    return of_words(held, len(wanted)) if held and rules.parts == "each" else wrong(reasons.WORDS_MISSING)


def _is_nearly_among(word: str, there: Collection[str]) -> bool:
    most = allowed_slips(word)
    return most > 0 and extractOne(word, there, scorer=OSA.distance, score_cutoff=most) is not None


def _difference(answer: str, key: str, rules: Words) -> Sentence:
    if rules.case_counts and answer.casefold() == key.casefold():
        return reasons.OTHER_CASE
    if not rules.accents_ignored and without_accents(answer) == without_accents(key):
        return reasons.OTHER_ACCENTS
    if rules.punctuation_counts and normalise(answer) == normalise(key):
        return reasons.OTHER_STOP
    return reasons.OTHER_WORDS
