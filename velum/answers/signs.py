"""Signs that are written in many ways, brought to one: digits, spaces, minus, times, the bar of a fraction.

Digits: Unicode general category Nd, whatever the script. Vulgar fractions and superscripts: Unicode's.

>>> plain_signs("−١٢ ½ × 10³")
'-12 1/2*10^3'
"""

import re
import unicodedata

DECIMAL, THOUSANDS = "\N{ARABIC DECIMAL SEPARATOR}", "\N{ARABIC THOUSANDS SEPARATOR}"
"""Signs that say which of the two they are."""

_MINUS = "−–‐‑‒﹣－"
_TIMES = "×·⋅∙✕*"
_BARS = "⁄∕／"
_COLONS = "∶：﹕"
_APOSTROPHES = "’ʼ′`´"
_SUPERSCRIPTS = {"⁰": "0", "¹": "1", "²": "2", "³": "3", "⁴": "4", "⁵": "5", "⁶": "6", "⁷": "7", "⁸": "8", "⁹": "9"}
_SPACED = re.compile(r" ?([*^/]) ?")
_PERCENT = re.compile(
    r" ?(?:per ?cent|percent|pct|pc|prozent|procent|pour ?cent|por ?ciento|por ?cento)\b\.?", re.IGNORECASE
)
_MINUS_WORD = re.compile(r"^(?:minus|negative) (?=[\d.])", re.IGNORECASE)
_TO_THE_POWER = re.compile(r"(?<=\d) ?to the (?:power (?:of )?)?(-?\d{1,3})(?:st|nd|rd|th)?\b")
_BELOW_ZERO = re.compile(r"^(\d.*) below (?:zero|freezing)$")
_RAISED = re.compile("[⁺⁻]?[⁰¹²³⁴-⁹]+")


def plain_signs(written: str) -> str:
    """The text with one sign for each meaning, one space between parts, and nothing that is not seen."""
    text = written if written.isascii() else "".join(_plain(letter) for letter in _RAISED.sub(_power, written))
    text = " ".join(text.split())
    if "p" in text or "P" in text:
        text = _PERCENT.sub("%", text)
    if text[:1] in ("m", "M", "n", "N"):
        text = _MINUS_WORD.sub("-", text)
    if " to the " in text:
        text = _TO_THE_POWER.sub(r"^\1", text.replace("minus ", "-"))
    if text.endswith((" below zero", " below freezing")):
        text = _BELOW_ZERO.sub(r"-\1", text)
    if "*" in text or "^" in text or "/" in text:
        text = _SPACED.sub(r"\1", text.replace("**", "^"))
    return text


def _power(found: re.Match[str]) -> str:
    digits = "".join(_SUPERSCRIPTS.get(letter, "-" if letter == "⁻" else "") for letter in found[0])
    return f"^{digits}"


def _plain(letter: str) -> str:
    if letter.isascii() or letter in (DECIMAL, THOUSANDS):
        return letter
    for signs, meaning in ((_MINUS, "-"), (_TIMES, "*"), (_BARS, "/"), (_APOSTROPHES, "'"), (_COLONS, ":")):
        if letter in signs:
            return meaning
    category = unicodedata.category(letter)
    if category == "Nd":
        return str(unicodedata.digit(letter))
    if category == "Zs":
        return " "
    if category == "Cf":
        return ""
    if category == "No" and unicodedata.decomposition(letter).startswith("<fraction>"):
        return " " + unicodedata.normalize("NFKC", letter).replace("\N{FRACTION SLASH}", "/")
    if unicodedata.decomposition(letter).startswith(("<wide>", "<small>")):
        return unicodedata.normalize("NFKC", letter)
    return letter
