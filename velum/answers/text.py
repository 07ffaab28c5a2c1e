"""Words: what does not count when two of them are compared.

What a keyboard, a word processor or a hurry puts in does not count: case, the length of spaces, characters that are not
seen, a stop at the end, which sort of quotation mark or dash was typed, letters drawn as one, the form in which Unicode
writes a letter. Letters, accents, the order of words and punctuation within do. Folding of case: Unicode 3.13; forms:
Unicode Standard Annex 15; characters that are not seen: general category Cf, and the variation selectors.

>>> normalise("  Rock   POOL. ") == normalise("rock pool")
True
>>> normalise("the ﬁsherman’s hut – low") == normalise("The fisherman's hut-low")
True
>>> normalise("sole") == normalise("solé")
False
>>> normalise("5!") == normalise("5")
False
"""

import re
import unicodedata
from typing import NewType

NormalText = NewType("NormalText", str)
"""A text that went through :func:`normalise`; only such texts may be compared."""

_QUOTES = dict.fromkeys("‘’‚‛‹›`´ʼʹ′", "'") | dict.fromkeys("“”„‟«»″", '"')
_DASHES = dict.fromkeys("‐‑‒–—―−﹘﹣－", "-")
_SIGNS = str.maketrans(_QUOTES | _DASHES)

_DRAWN_OTHERWISE = ("<compat>", "<font>", "<noBreak>", "<wide>", "<narrow>", "<small>", "<vertical>")
_DRAWN_IN_A_WORD = ("<initial>", "<medial>", "<final>", "<isolated>")
"""Decompositions that are the same letters, drawn otherwise. Raised, lowered, circled ones and fractions say more."""

_STOPS = frozenset(".,;:?!…。！？،؛؟। ")
_SPACED = re.compile(r" ?- ?| (?=[,.;:!?])")


def normalise(written: str) -> NormalText:
    """Take away what does not count. A text that is nothing but a stop stays as it is."""
    text = written if written.isascii() else _plain(written)
    text = " ".join(text.casefold().split())
    if not text.isascii():
        # The dot of a folded capital İ, and what folding has taken apart.
        text = unicodedata.normalize("NFC", text.replace("i\u0307", "i"))
    text = _SPACED.sub(lambda found: found[0].strip(), text)
    return NormalText(_without_stop(text) or text)


def _without_stop(text: str) -> str:
    end = len(text)
    # 5! is a number.
    while end and text[end - 1] in _STOPS and not (text[end - 1] == "!" and text[end - 2 : end - 1].isdigit()):
        end -= 1
    return text[:end]


def _plain(written: str) -> str:
    seen = (letter for letter in unicodedata.normalize("NFC", written) if not _is_unseen(letter))
    return "".join(_drawn_plainly(letter) for letter in seen).translate(_SIGNS)


def _is_unseen(letter: str) -> bool:
    return unicodedata.category(letter) == "Cf" or "\ufe00" <= letter <= "\ufe0f"


def _drawn_plainly(letter: str) -> str:
    if unicodedata.decomposition(letter).startswith(_DRAWN_OTHERWISE + _DRAWN_IN_A_WORD):
        return unicodedata.normalize("NFKC", letter)
    return letter
