"""Calculations and measurements that are compared as they are written: 7 × 8 = 56, 4 cm × 3 cm.

>>> compare_calculations("7x8=56", "7 × 8 = 56").verdict.value
'right'
>>> compare_calculations("4 by 3", "4 cm × 3 cm").verdict.value
'teacher'
>>> compare_calculations("56", "7 × 8 = 56") is None
True
"""

import re
from functools import lru_cache

from velum.answers import reasons
from velum.answers.signs import plain_signs
from velum.answers.text import normalise
from velum.mark import Mark, for_teacher, right

_LONGEST = 120
_TIMES = re.compile(r"(?<=[\w²³]) ?(?:[x*·]|\bby\b|\btimes\b) ?(?=[\d(])")
_OPERATION = re.compile(r"\d[a-z°%²³]*\s*[-+*/:=]\s*[\d(]")
_UNIT = re.compile(r"(?<=\d)[a-z°%]+[23²³]?")
_SIDES = re.compile("[*=]")


@lru_cache(maxsize=8_192)
def is_calculation(meant: str) -> bool:
    """Whether a key is numbers with signs of reckoning between them."""
    return len(meant) <= _LONGEST and "*" in _plain(meant) and _OPERATION.search(_plain(meant)) is not None


def compare_calculations(written: str, meant: str) -> Mark | None:
    """Mark an answer against a calculation, but for spaces and how signs are written; None: it says something else."""
    if len(written) > _LONGEST:
        return None
    answer, key = _plain(written), _plain(meant)
    if answer == key:
        return right(reasons.SAME_WORDS)
    if sorted(_SIDES.split(answer)) == sorted(_SIDES.split(key)):
        return for_teacher(reasons.OTHER_ORDER)
    if "*" in answer and _UNIT.sub("", answer) == _UNIT.sub("", key):
        return for_teacher(reasons.UNIT_LEFT_OUT)
    return None


def _plain(text: str) -> str:
    return _TIMES.sub("*", plain_signs(normalise(text))).replace(" ", "")
