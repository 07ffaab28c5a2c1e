"""The words of English: what is one of them is no slip of another one.

>>> is_word("smile"), is_word("simle")
(True, False)
"""

from functools import lru_cache

from simplemma import is_known, lemmatize

_ENGLISH = "en"


@lru_cache(maxsize=8_192)
def is_word(text: str) -> bool:
    """Whether a word, in small letters, is one of English."""
    return bool(is_known(text, _ENGLISH))


def is_form_of(one: str, other: str) -> bool:
    """Whether two words, in small letters, are forms of the same one: goes and went, mouse and mice."""
    return is_word(one) and is_word(other) and _lemma(one) == _lemma(other)


@lru_cache(maxsize=8_192)
def _lemma(word: str) -> str:
    return str(lemmatize(word, _ENGLISH))
