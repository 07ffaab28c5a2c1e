"""Money: every currency of Unicode CLDR, by its sign, its code and its names.

A sign that several currencies share ($, £, kr) is that of none by itself but of the one that the key names; dollars,
pounds, francs and the like stand for any currency whose name ends so.

>>> read_currency("CHF") == read_currency("Swiss francs"), read_currency("Fr.") is None
(True, True)
>>> may_mean("francs", "CHF"), may_mean("$", "USD"), may_mean("euros", "CHF")
(True, True, False)
"""

import re
from functools import cache

from babel import Locale
from babel.numbers import get_currency_name, get_currency_symbol, get_territory_currencies

_LANGUAGES = ("en", "de", "fr", "es", "it", "pt", "nl", "pl", "da", "sv", "nb", "cs")
_CODE = re.compile("[A-Z]{3}")
_SIGNS = {
    "€": "EUR",
    "£": "GBP",
    "$": "USD",
    "¥": "JPY",
    "₹": "INR",
    "₽": "RUB",
    "₩": "KRW",
    "₪": "ILS",
    "₺": "TRY",
    "zł": "PLN",
}
"""What a sign means where nothing else is said."""

_HUNDREDTHS = {
    "p": "GBP",
    "pence": "GBP",
    "penny": "GBP",
    "ct": "EUR",
    "cts": "EUR",
    "¢": "USD",
    "cent": "",
    "cents": "",
}
"""Hundredths, and of which currency; empty: of any."""

_SHARED = dict.fromkeys(("SEK", "NOK", "DKK", "ISK"), "kr") | {"CHF": "fr sfr"}
"""Signs that are of one currency or another; only what is asked for tells which."""

_SHORT = {"quid": "GBP", "buck": "USD", "bucks": "USD"}


def read_currency(written: str) -> str | None:
    """The code of a currency by its sign, code or full name; None: it is none, or could be several."""
    text = written.strip()
    if _CODE.fullmatch(text):
        return text if text in _codes() else None
    return _SIGNS.get(text) or _by_name().get(text.casefold().rstrip("."))


def hundredths_of(written: str) -> str | None:
    """The currency whose hundredths are so called; empty: of any; None: nothing is."""
    return _HUNDREDTHS.get(written.strip().casefold().rstrip("."))


def may_mean(written: str, code: str) -> bool:
    """Whether a name or a sign may stand for a currency that was asked for: francs for Swiss francs."""
    text = written.strip().casefold().rstrip(".")
    return read_currency(written) == code or _SHORT.get(text) == code or text in _short_names(code)


@cache
def _codes() -> frozenset[str]:
    """Those that are money somewhere today."""
    territories = [str(territory) for territory in Locale("en").territories]
    return frozenset(
        code for territory in territories if len(territory) == 2 for code in get_territory_currencies(territory)
    )


@cache
def _by_name() -> dict[str, str]:
    names: dict[str, str] = {}
    for code in sorted(_codes()):
        for name in _names(code):
            names.setdefault(name, code)
    # The euro and the plain names of three others are what schools mean by them.
    names |= {
        "euro": "EUR",
        "euros": "EUR",
        "dollar": "USD",
        "dollars": "USD",
        "pound": "GBP",
        "pounds": "GBP",
        "yen": "JPY",
    }
    return names


@cache
def _names(code: str) -> frozenset[str]:
    names = (get_currency_name(code, count, language) for language in _LANGUAGES for count in (None, 1, 2))
    return frozenset(name.casefold() for name in names)


@cache
def _short_names(code: str) -> frozenset[str]:
    """The last words of a currency's names, and its sign."""
    signs = {get_currency_symbol(code, "en").casefold(), *_SHARED.get(code, "").split()}
    return frozenset(name.split()[-1] for name in _names(code) if name.split()) | signs | {sign[-1:] for sign in signs}
