"""Whether a long text holds a phrase: its words one after the other, whatever stands around them.

What is said to be not so ("it is not a gannet"), spelt otherwise or taken apart is neither there nor missing for sure.

>>> text = LongText("The gannet cracked the lowest pane. No boat came.")
>>> text.holds("lowest pane"), text.holds("a boat"), text.holds("lowest panes"), text.holds("harbour")
(<Held.THERE: 'there'>, <Held.PERHAPS: 'perhaps'>, <Held.PERHAPS: 'perhaps'>, <Held.MISSING: 'missing'>)
"""

import enum
import re
from collections.abc import Sequence
from functools import cache, lru_cache

from velum.answers.near_words import nearly
from velum.answers.text import normalise
from velum.answers.wrapping import doubts

_WORD = re.compile(r"[^\W_]+(?:['.,-][^\W_]+)*")
_SENTENCE = re.compile(r"(?<=[.!?;])\s+|\n+")
_ARTICLES = frozenset(("a", "an", "the"))
_BEFORE = 4
"""Words before a phrase in which a "not" speaks of it."""


class Held(enum.Enum):
    THERE = "there"
    PERHAPS = "perhaps"
    MISSING = "missing"


class LongText:
    """A text that phrases are looked for in."""

    def __init__(self, written: str) -> None:
        self._sentences = [words for part in _SENTENCE.split(written) if (words := _words(part))]
        self._there = frozenset(word for words in self._sentences for word in words)

    def holds(self, phrase: str) -> Held:
        """Whether it holds the words of a phrase, in their order and side by side; articles do not count."""
        wanted = _words(phrase)
        if not wanted:
            return Held.MISSING
        near = [self._near(word) for word in wanted]
        if not all(near):
            return Held.MISSING
        found = Held.MISSING
        for words in self._sentences:
            for at in range(len(words) - len(wanted) + 1):
                here = words[at : at + len(wanted)]
                if all(word in among for word, among in zip(here, near, strict=True)):
                    denied = doubts(" ".join(words[max(0, at - _BEFORE) : at]))
                    if here == wanted and not denied:
                        return Held.THERE
                    found = Held.PERHAPS
            if found is Held.MISSING and len(wanted) > 1 and all(among & set(words) for among in near):
                found = Held.PERHAPS
        return found

    @cache  # noqa: B019 (a text lives as long as one judgement)
    def _near(self, word: str) -> frozenset[str]:
        """The words of the text that are this one, or near it."""
        return frozenset(other for other in self._there if other == word or nearly(other, word))


def _words(text: str) -> list[str]:
    return [word for word in _WORD.findall(normalise(text)) if word not in _ARTICLES]


@lru_cache(maxsize=64)
def long_text(written: str) -> LongText:
    """The text, read once for all phrases that are looked for in it."""
    return LongText(written)


def steps_of_holding(written: str, phrases: Sequence[str]) -> int:
    """How much work looking for phrases may take at most, in hundredths of a millisecond."""
    words = written.count(" ") + written.count("\n") + 1
    return 10 + words // 2 + sum(words * (1 + phrase.count(" ")) for phrase in phrases) // 2
