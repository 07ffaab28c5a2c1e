"""Names of months and of days of the week, whole and shortened, in many languages: Unicode CLDR, as Babel has them.

>>> month_named("März") == month_named("Mar.") == 3, day_named("Mon") == day_named("Monday")
(True, True)
"""

import unicodedata
from collections.abc import Iterable
from functools import cache

from babel import Locale

_SHORTENED = ("en", "de", "fr", "es")
"""Languages whose shortened months are known; of others they are English words: "out" is October in Portuguese."""

_LANGUAGES = ("en", "de", "fr", "es", "it", "pt", "nl", "pl", "da", "sv", "nb", "cs", "ru", "uk", "el", "tr")


def month_named(name: str) -> int | None:
    """1 to 12, or None."""
    return _months().get(_plain(name))


def day_named(name: str) -> int | None:
    """0 for Monday to 6, or None."""
    return _days().get(_plain(name))


def _plain(name: str) -> str:
    return unicodedata.normalize("NFC", name.casefold().strip().rstrip("."))


@cache
def _months() -> dict[str, int]:
    return {"sept": 9, **_names("months", "abbreviated", _SHORTENED), **_names("months", "wide", _LANGUAGES)}


@cache
def _days() -> dict[str, int]:
    shortened = {"tues": 1, "thur": 3, "thurs": 3, **_names("days", "abbreviated", _SHORTENED[:1])}
    return shortened | _names("days", "wide", _LANGUAGES)


def _names(what: str, width: str, languages: Iterable[str]) -> dict[str, int]:
    """Where two languages call different ones the same, the first counts."""
    names: dict[str, int] = {}
    for language in languages:
        contexts = getattr(Locale(language), what)
        for context in ("format", "stand-alone"):
            for number, name in contexts[context][width].items():
                names.setdefault(_plain(name), number)
    return {name: number for name, number in names.items() if not name.isdigit() and len(name) > 1}
