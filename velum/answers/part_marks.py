"""Words of which each earns a share: the parts of a list, some words of several, and a sentence word by word.

>>> of_list("gull, goby", "goby, gull, limpet").share
Fraction(2, 3)
>>> word_by_word("the ship sails tonight", "The ship sailed tonight.").share
Fraction(3, 4)
"""

import re
from collections import Counter
from fractions import Fraction
from itertools import zip_longest

from rapidfuzz.distance import OSA, Levenshtein

from velum.answers import reasons
from velum.answers.same_words import items_of
from velum.answers.text import normalise
from velum.mark import Mark, for_teacher, partly, right, wrong
from velum.sentence import Sentence

_MOST_WORDS = 400
_WORD = re.compile(r"[^\W_]+(?:['’-][^\W_]+)*")
_SLIPS, _MOST_PAIRS = 2, 900
_TOLD = 6
"""Differences that are told; who has more has to be read anyhow."""


def of_list(written: str, meant: str) -> Mark | None:
    """Each part of a list earns its share, in any order; None where the key is no list.

    Parts that are not the key's take one each of those that are, so that writing down all there is earns nothing.
    """
    wanted, given = items_of(meant), items_of(written)
    if len(wanted) < 2:
        return None
    there = sum((Counter(wanted) & Counter(given)).values())
    if there < len(wanted) and _is_nearly_among(Counter(given) - Counter(wanted), Counter(wanted) - Counter(given)):
        return for_teacher(reasons.NEARLY)
    share = Fraction(max(0, there - max(0, len(given) - len(wanted))), len(wanted))
    return _of_share(share, reasons.some_of(there, len(wanted)))


def _is_nearly_among(given: Counter[str], wanted: Counter[str]) -> bool:
    """Whether a part is one of those that are missing, but for slips of spelling or its ending."""
    if len(given) * len(wanted) > _MOST_PAIRS:
        return False
    pairs = ((one, other) for one in given for other in wanted)
    return any(OSA.distance(one, other, score_cutoff=_SLIPS) <= min(_SLIPS, len(other) // 3) for one, other in pairs)


def of_words(there: int, wanted: int) -> Mark:
    """Some of several words that have to be in an answer."""
    return _of_share(Fraction(there, wanted), reasons.some_of(there, wanted))


def word_by_word(written: str, meant: str, *, keep_case: bool = False) -> Mark:
    """A sentence as in a dictation: each word that is another, too much or missing takes one from those that are right.

    Without capitals and stops, unless those count.
    """
    given, wanted = ([*_WORD.findall(normalise(text, keep_case=keep_case))] for text in (written, meant))
    if max(len(given), len(wanted)) > _MOST_WORDS:
        return for_teacher(reasons.TOO_LONG)
    if given == wanted:
        return right(reasons.SAME_WORDS)
    steps = Levenshtein.opcodes(given, wanted)
    differences: list[tuple[str, str]] = []
    wrong_words = 0
    for step in steps:
        if step.tag != "equal":
            here, there = given[step.src_start : step.src_end], wanted[step.dest_start : step.dest_end]
            wrong_words += max(len(here), len(there))
            differences += zip_longest(here, there, fillvalue="–")
    share = Fraction(max(0, len(wanted) - wrong_words), max(1, len(wanted)))
    return _of_share(share, reasons.differing(len(differences), differences[:_TOLD]))


def _of_share(share: Fraction, reason: Sentence) -> Mark:
    if share == 1:
        return right(reasons.SAME_WORDS)
    return partly(share, reason) if share else wrong(reason)
