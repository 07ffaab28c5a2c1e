"""Whether a written answer says the same as a right one, and why.

When both are plain numbers they are compared by value, otherwise as words.
"""

from fractions import Fraction
from functools import lru_cache

from velum.answers.number import read_number
from velum.answers.text import NormalText, normalise
from velum.marking.mark import Mark, Reason, blank, right, wrong

SAME_WORDS = Reason("same_words", "says the same")
SAME_VALUE = Reason("same_value", "equal in value")
OTHER_WORDS = Reason("other_words", "not the words of the key")
OTHER_VALUE = Reason("other_value", "another number")
NOT_A_NUMBER = Reason("not_a_number", "not a number on its own")


def compare(written: str, meant: str) -> Mark:
    """Mark one written answer against one right answer."""
    if not written.strip():
        return blank()
    meant_words, meant_value = _prepared(meant)
    if normalise(written) == meant_words:
        return right(SAME_WORDS)
    if meant_value is None:
        return wrong(OTHER_WORDS)
    written_value = read_number(written)
    if written_value is None:
        return wrong(NOT_A_NUMBER)
    return right(SAME_VALUE) if written_value == meant_value else wrong(OTHER_VALUE)


@lru_cache(maxsize=4_096)
def _prepared(meant: str) -> tuple[NormalText, Fraction | None]:
    """A right answer as words and as a number: a class is marked against the same few."""
    return normalise(meant), read_number(meant)
