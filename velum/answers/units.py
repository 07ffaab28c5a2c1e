"""Units that schools measure in, and what each is in the unit of its kind.

SI: The International System of Units, 9th edition (prefixes: table 7; units used beside it: table 8). Imperial units:
exact by the International Yard and Pound agreement of 1959. Money is of as many kinds as there are currencies.

>>> read_unit("km/h").kind == read_unit("m/s").kind
True
>>> read_unit("cm").size
Fraction(1, 100)
"""

import re
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache

from velum.answers.currencies import hundredths_of, may_mean, read_currency


@dataclass(frozen=True, slots=True)
class Unit:
    """``size`` is in the base unit of ``kind``; ``zero`` is where its scale begins, in base units."""

    kind: str
    size: Fraction
    zero: Fraction = Fraction(0)


_PREFIXES: dict[str, int | Fraction] = {"k": 10**3, "h": 100, "da": 10, "M": 10**6, "G": 10**9, "T": 10**12}
_PREFIXES |= {"d": Fraction(1, 10), "c": Fraction(1, 100), "m": Fraction(1, 1000), "n": Fraction(1, 10**9)}
_PREFIXES |= dict.fromkeys(("µ", "μ", "u"), Fraction(1, 10**6))
_LONG_PREFIXES: dict[str, int | Fraction] = {"kilo": 10**3, "hecto": 100, "deca": 10, "mega": 10**6, "giga": 10**9}
_LONG_PREFIXES |= {"deci": Fraction(1, 10), "centi": Fraction(1, 100)}
_LONG_PREFIXES |= {"milli": Fraction(1, 1000), "micro": Fraction(1, 10**6)}

_PREFIXED: dict[str, tuple[str, int | Fraction]] = {
    "m": ("length", 1),
    "g": ("mass", Fraction(1, 1000)),
    "s": ("time", 1),
    "l": ("volume", Fraction(1, 1000)),
    "L": ("volume", Fraction(1, 1000)),
    "A": ("electric current", 1),
    "V": ("voltage", 1),
    "W": ("power", 1),
    "J": ("energy", 1),
    "Wh": ("energy", 3600),
    "N": ("force", 1),
    "Pa": ("pressure", 1),
    "Hz": ("frequency", 1),
    "Ω": ("resistance", 1),
    "C": ("charge", 1),
    "mol": ("amount of substance", 1),
    "cal": ("energy", Fraction(4184, 1000)),
    "bar": ("pressure", 100_000),
    "B": ("data", 8),
    "bit": ("data", 1),
}
_SPELLED_PREFIXED = {"metre": "m", "meter": "m", "gram": "g", "gramme": "g", "litre": "l", "liter": "l", "second": "s"}
_SPELLED_PREFIXED |= {
    "watt": "W",
    "volt": "V",
    "joule": "J",
    "newton": "N",
    "ampere": "A",
    "ohm": "Ω",
    "pascal": "Pa",
    "hertz": "Hz",
    "byte": "B",
    "bit": "bit",
}

_YARD, _POUND = Fraction(9144, 10_000), Fraction(45_359_237, 10**8)
_PINT = Fraction(56_826_125, 100_000_000_000)
"""Cubic metres, of the imperial pint: Weights and Measures Act 1985, schedule 1."""
_OTHERS: dict[str, tuple[str, int | Fraction]] = {
    "min": ("time", 60),
    "minute": ("time", 60),
    "h": ("time", 3600),
    "hr": ("time", 3600),
    "hour": ("time", 3600),
    "sec": ("time", 1),
    "day": ("time", 86_400),
    "d": ("time", 86_400),
    "week": ("time", 604_800),
    "t": ("mass", 1000),
    "tonne": ("mass", 1000),
    "mole": ("amount of substance", 1),
    "ha": ("area", 10_000),
    "hectare": ("area", 10_000),
    "in": ("length", _YARD / 36),
    "inch": ("length", _YARD / 36),
    "inches": ("length", _YARD / 36),
    "ft": ("length", _YARD / 3),
    "foot": ("length", _YARD / 3),
    "feet": ("length", _YARD / 3),
    "yd": ("length", _YARD),
    "yard": ("length", _YARD),
    "mi": ("length", 1760 * _YARD),
    "mile": ("length", 1760 * _YARD),
    "ltr": ("volume", Fraction(1, 1000)),
    "pint": ("volume", _PINT),
    "quart": ("volume", 2 * _PINT),
    "gallon": ("volume", 8 * _PINT),
    "oz": ("mass", _POUND / 16),
    "ounce": ("mass", _POUND / 16),
    "lb": ("mass", _POUND),
    "lbs": ("mass", _POUND),
    "pound": ("mass", _POUND),
    "kn": ("speed", Fraction(1852, 3600)),
    "knot": ("speed", Fraction(1852, 3600)),
    "mph": ("speed", 1760 * _YARD / 3600),
    "kph": ("speed", Fraction(1000, 3600)),
    "K": ("temperature", 1),
    "°": ("angle", 1),
    "degree": ("angle", 1),
    "deg": ("angle", 1),
    "kilo": ("mass", 1),
    "kmh": ("speed", Fraction(1000, 3600)),
    "amp": ("electric current", 1),
}
_CELSIUS = Unit("temperature", Fraction(1), Fraction(27315, 100))
_FAHRENHEIT = Unit("temperature", Fraction(5, 9), Fraction(45967, 180))
_DEGREES = {"°c": _CELSIUS, "celsius": _CELSIUS, "℃": _CELSIUS, "°f": _FAHRENHEIT, "fahrenheit": _FAHRENHEIT}
_DEGREES |= {
    f"{name} {scale}": unit
    for name in ("degrees", "degree", "deg")
    for scale, unit in (("c", _CELSIUS), ("f", _FAHRENHEIT))
}
_DEGREES |= {"degrees celsius": _CELSIUS, "degrees fahrenheit": _FAHRENHEIT, "℉": _FAHRENHEIT}

MONEY = "money "
"""What kinds of money begin with; behind it stands the currency's code, or nothing for hundredths of any."""

_NEGATIVE = re.compile(r"^([^\W\d_]{1,3}?)[ ·*.]?([^\W\d_]{1,2})\^?\(?-([123])\)?$")
"""A unit divided by another, written with a negative power: m s^-2."""

_EACH = re.compile(r"(?<=s|m|g) (?:an?|each|every) (?=hour|minute|second|day|week|kilo|gram|litre|liter|metre|meter)")
"""As rates are said: miles an hour."""

_RAISED_IN_WORDS = re.compile(r"(.+) (squared|cubed)")
_SHORT_PLURAL = re.compile(r"(?:[kcm]?m|k?g|m?l|h|hr|min|sec)s")
_POWERED = {("length", 2): "area", ("length", 3): "volume"}
_EACH_TIME_AGAIN = re.compile(r"(?:/| per )(s|sec|second|h|min)(?:/| per )\1$")
"""As acceleration is said: m/s/s."""
_QUOTIENTS = {("length", "time"): "speed", ("force", "mass"): "acceleration"}
_QUOTIENTS |= {("length", "time to the power of 2"): "acceleration"}
_POWER = re.compile(r"(.*?)\^?([23])")
_WORDED = {"square ": 2, "sq ": 2, "cubic ": 3, "cu ": 3}
_LONGEST = 40


@lru_cache(maxsize=4_096)
def read_unit(written: str) -> Unit | None:
    """The unit of that name, or None."""
    text = as_rate(_NEGATIVE.sub(_below, " ".join(written.split())))
    if not text or len(text) > _LONGEST:
        return None
    if found := _DEGREES.get(text.lower().replace("° ", "°")):
        return found
    text = _EACH_TIME_AGAIN.sub(r"/\1^2", text.replace("/hr", "/h"))
    for bar in ("/", " per "):
        if text.count(bar) == 1:
            above, below = (_raised(part.strip()) for part in text.split(bar))
            if above is None or below is None:
                return None
            kind = _QUOTIENTS.get((above.kind, below.kind), f"{above.kind} per {below.kind}")
            return Unit(kind, above.size / below.size)
    return _raised(text) or _money(text)


def _raised(text: str) -> Unit | None:
    """A unit by itself, to a power that may be said in words."""
    if raised := _RAISED_IN_WORDS.fullmatch(text):
        return _to_the(_single(raised[1]), 2 if raised[2] == "squared" else 3)
    return _powered(text)


def as_rate(text: str) -> str:
    """A rate with its "per" said: miles per hour for miles an hour."""
    return _EACH.sub(" per ", text)


def _money(text: str) -> Unit | None:
    if (code := read_currency(text)) is not None:
        return Unit(MONEY + code, Fraction(1))
    code = hundredths_of(text)
    return None if code is None else Unit(MONEY + code, Fraction(1, 100))


def read_unit_loosely(written: str, like: str) -> Unit | None:
    """The unit that was meant where another was asked for, whose name is ``like``: in other capitals, or shortened.

    None where what is written is a unit of its own as it stands, but for its capitals.
    """
    if written.casefold() == like.casefold():
        return read_unit(like)
    if written in ("C", "F") and (asked := read_unit(like)) and asked.kind == "temperature":
        return _CELSIUS if written == "C" else _FAHRENHEIT
    asked = read_unit(like)
    if asked and asked.kind.startswith(MONEY):
        code = asked.kind.removeprefix(MONEY)
        if may_mean(written, code):
            return Unit(asked.kind, Fraction(1))
        return Unit(asked.kind, Fraction(1, 100)) if hundredths_of(written) in ("", code) else None
    if read_unit(written) is None:
        for text in (written.lower(), written.upper(), written.capitalize(), _with_capitals_of(written, like)):
            if unit := read_unit(text):
                return unit
    return None


def _with_capitals_of(written: str, like: str) -> str:
    """The same letters, in capitals where another text has them."""
    capitals = {letter.lower(): letter for letter in like if letter.isupper()}
    return "".join(capitals.get(letter.lower(), letter.lower()) for letter in written)


def is_part_of(written: str, whole: str) -> bool:
    """Whether a unit is the beginning of another one: cm of cm², km of km/h, a degree of a degree Celsius."""
    part, all_ = (re.sub(r"degrees?|deg", "°", text.strip()).casefold() for text in (written, whole))
    return bool(part) and part != all_ and all_.startswith(part) and all_[len(part) :][:1] in "²³^23/ ·*c⁻"


def _below(found: re.Match[str]) -> str:
    return f"{found[1]}/{found[2]}{'' if found[3] == '1' else found[3]}"


def _powered(text: str) -> Unit | None:
    for word, power in _WORDED.items():
        if text.lower().startswith(word):
            return _to_the(_single(text[len(word) :]), power)
    if plain := _single(text):
        return plain
    found = _POWER.fullmatch(text)
    return _to_the(_single(found[1]), int(found[2])) if found else None


def _to_the(unit: Unit | None, power: int) -> Unit | None:
    if unit is None or unit.zero:
        return None
    return Unit(_POWERED.get((unit.kind, power), f"{unit.kind} to the power of {power}"), unit.size**power)


def _single(text: str) -> Unit | None:
    if "." in text and len(text) <= 6:
        text = text.replace(".", "")
    if _SHORT_PLURAL.fullmatch(text) and text not in ("ms", "ls", "gs"):
        text = text.removesuffix("s")
    if text in _PREFIXED:
        return _unit(_PREFIXED[text])
    for length in (2, 1):
        prefix, rest = text[:length], text[length:]
        if prefix in _PREFIXES and rest in _PREFIXED:
            return _unit(_PREFIXED[rest], _PREFIXES[prefix])
    if text in _OTHERS:
        return _unit(_OTHERS[text])
    return _spelled(text.lower())


def _spelled(text: str) -> Unit | None:
    for word in (text, text.removesuffix("s")):
        if word in _OTHERS:
            return _unit(_OTHERS[word])
        for prefix, factor in {"": 1, **_LONG_PREFIXES}.items():
            base = _SPELLED_PREFIXED.get(word.removeprefix(prefix)) if word.startswith(prefix) else None
            if base:
                return _unit(_PREFIXED[base], factor)
    return None


def _unit(base: tuple[str, int | Fraction], factor: int | Fraction = 1) -> Unit:
    return Unit(base[0], Fraction(base[1]) * factor)
