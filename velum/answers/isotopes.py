"""Isotopes: a symbol or the name of an element with its number of mass, before it or behind.

How isotopes are written: IUPAC,
Nomenclature of Inorganic Chemistry (2005), IR-3.3.

>>> read_isotope("¹⁴C") == read_isotope("C-14") == read_isotope("carbon 14") == read_isotope("^14_6C")
True
>>> is_isotope("¹⁴C"), is_isotope("14C"), is_isotope("carbon-14"), is_isotope("flight 14")
(True, False, True, False)
"""

import re

from velum.answers import reasons
from velum.answers.elements import element_called
from velum.mark import Mark, for_teacher, right, wrong

_LONGEST = 40
_RAISED = str.maketrans("⁰¹²³⁴⁵⁶⁷⁸⁹", "0123456789")
_LOWERED = str.maketrans("₀₁₂₃₄₅₆₇₈₉", "0123456789")
_BEFORE = re.compile(r"\^?\{?(\d{1,3})\}?(?: ?[_/]\{?(\d{1,3})\}?)?[ -]?([A-Za-z]+)")
_BELOW_FIRST = re.compile(r"_\{?(\d{1,3})\}?\^\{?(\d{1,3})\}?([A-Za-z]+)")
_BEHIND = re.compile(r"([A-Za-z]+)[ -]?\^?\{?(\d{1,3})\}?")

Isotope = tuple[str, int]
"""The symbol, and the number of mass."""


def read_isotope(written: str) -> Isotope | None:
    """The isotope that is written in one of the usual ways, or None."""
    if len(written) > _LONGEST:
        return None
    text = _plain(written)
    if found := _BELOW_FIRST.fullmatch(text):
        name, mass, number = found[3], found[2], found[1]
    elif found := _BEFORE.fullmatch(text):
        name, mass, number = found[3], found[1], found[2] or ""
    elif found := _BEHIND.fullmatch(text):
        name, mass, number = found[1], found[2], ""
    else:
        return None
    element = element_called(name)
    if element is None:
        return None
    symbol, protons = element
    # So many neutrons no nucleus has.
    if not protons <= int(mass) <= 3 * protons + 2 or (number and int(number) != protons):
        return None
    return symbol, int(mass)


def is_isotope(meant: str) -> bool:
    """Whether a key is an isotope, and not a number with a letter behind it."""
    if len(meant) > _LONGEST or read_isotope(meant) is None:
        return False
    text = _plain(meant)
    return text.startswith(("^", "_")) or bool(re.fullmatch(r"[A-Z][a-z]?-\d{1,3}|[A-Za-z]{3,}[ -]\d{1,3}", text))


def compare_isotopes(written: str, meant: str) -> Mark | None:
    """Mark an answer against an isotope; None when the key is none, or the answer is words."""
    if not is_isotope(meant):
        return None
    key, answer = read_isotope(meant), read_isotope(written)
    assert key is not None
    if answer == key:
        return right(reasons.SAME_ISOTOPE)
    if answer is not None:
        return wrong(reasons.OTHER_ISOTOPE)
    bare = written.strip()
    if (element := element_called(bare)) and element[0] == key[0]:
        return for_teacher(reasons.MASS_MISSING)
    if bare.upper() != bare and read_isotope(bare.upper()) == key:
        return for_teacher(reasons.OTHER_CAPITALS)
    return None


def _plain(written: str) -> str:
    text = written.strip().replace("<sup>", "^{").replace("<sub>", "_{").replace("</sup>", "}").replace("</sub>", "}")
    text = re.sub("[⁰¹²³⁴⁵⁶⁷⁸⁹]+", lambda found: "^" + found[0].translate(_RAISED), text)
    text = re.sub("[₀₁₂₃₄₅₆₇₈₉]+", lambda found: "_" + found[0].translate(_LOWERED), text)
    return re.sub(r"[‐‑‒–—−]", "-", text)
