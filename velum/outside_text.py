"""Text that comes from outside, as it may be kept and shown.

What cannot be seen and changes what is seen is taken out: control characters, characters that turn the direction of
what follows (UAX #9: embeddings, overrides, isolates and marks), characters without width, and fillers that look like
nothing. Joiners are kept where they join: Persian writes with U+200C, many emoji and Indic words with U+200D.
"""

from unicodedata import category

JOINERS = "\u200c\u200d"
_FILLERS = "\u115f\u1160\u3164\uffa0\u2800"
"""Hangul's fillers and the blank of braille, which count as letters and signs."""


def one_line(text: str) -> str:
    """Text in one line: words with one space between them."""
    return " ".join(_seen(text).split())


def lines(text: str) -> str:
    """Text in lines, none of them empty at the beginning or the end, and never two empty ones together."""
    kept: list[str] = []
    for line in (one_line(line) for line in text.splitlines()):
        if line or (kept and kept[-1]):
            kept.append(line)
    return "\n".join(kept).strip()


def _seen(text: str) -> str:
    """The text without what is not seen."""
    without = "".join(_kept(letter) for letter in text)
    return "".join(
        letter
        for place, letter in enumerate(without)
        if letter not in JOINERS or (_joins(without[:place][-1:]) and _joins(without[place + 1 : place + 2]))
    )


def _kept(letter: str) -> str:
    match category(letter):
        case "Cc" | "Zl" | "Zp":
            return " "
        case "Cs" | "Cn" | "Co":
            return ""
        case "Cf":
            return letter if letter in JOINERS else ""
    return "" if letter in _FILLERS else letter


def _joins(letter: str) -> bool:
    """Whether a joiner may stand beside it: a letter, a mark, a picture."""
    return bool(letter) and (category(letter)[0] in "LM" or category(letter) in ("So", "Sk"))
