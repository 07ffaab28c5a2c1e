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


def normalise(written: str, *, keep_case: bool = False, keep_stop: bool = False) -> NormalText:
    """Take away what does not count. A text that is nothing but a stop stays as it is."""
    text = written if written.isascii() else _plain(written)
    text = " ".join((text if keep_case else text.casefold()).split())
    if not keep_case and not text.isascii():
        # The dot of a folded capital İ, and what folding has taken apart.
        text = unicodedata.normalize("NFC", text.replace("i\u0307", "i"))
    text = _SPACED.sub(lambda found: found[0].strip(), text)
    return NormalText(text if keep_stop else _without_stop(text) or text)


def _without_stop(text: str) -> str:
    end = len(text)
    # 5! is a number.
    while end and text[end - 1] in _STOPS and not (text[end - 1] == "!" and text[end - 2 : end - 1].isdigit()):
        end -= 1
    return text[:end]


class _Plain(dict[int, str]):
    """What each letter is written as plainly; found out once for each, for a long answer holds the same few."""

    def __missing__(self, code: int) -> str:
        letter = chr(code)
        plain = "" if _is_unseen(letter) else _drawn_plainly(letter).translate(_SIGNS)
        if len(self) < _MOST_LETTERS:
            self[code] = plain
        return plain


_MOST_LETTERS = 20_000
_PLAIN = _Plain()


def _plain(written: str) -> str:
    return unicodedata.normalize("NFC", written).translate(_PLAIN)


def _is_unseen(letter: str) -> bool:
    return unicodedata.category(letter) == "Cf" or "\ufe00" <= letter <= "\ufe0f"


def _drawn_plainly(letter: str) -> str:
    if unicodedata.decomposition(letter).startswith(_DRAWN_OTHERWISE + _DRAWN_IN_A_WORD):
        return unicodedata.normalize("NFKC", letter)
    return letter


def without_accents(text: str) -> str:
    """The text with its letters' marks taken off, in scripts where letters are written without them too.

    Latin, Greek and Cyrillic; in others, such as Devanagari, a mark is a vowel.
    """
    if text.isascii():
        return text
    apart = unicodedata.normalize("NFD", text)
    kept: list[str] = []
    base = ""
    for letter in apart:
        if not unicodedata.combining(letter):
            base = letter
        elif unicodedata.name(base or " ", "").startswith(("LATIN", "GREEK", "CYRILLIC")):
            continue
        kept.append(letter)
    return unicodedata.normalize("NFC", "".join(kept))
