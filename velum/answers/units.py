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
_SPELLED_PREFIXED |= {"watt": "W", "volt": "V", "joule": "J", "newton": "N", "ampere": "A", "ohm": "Ω", "pascal": "Pa"}

_YARD, _POUND = Fraction(9144, 10_000), Fraction(45_359_237, 10**8)
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
    "€": ("money in euros", 1),
    "eur": ("money in euros", 1),
    "euro": ("money in euros", 1),
    "£": ("money in pounds", 1),
    "gbp": ("money in pounds", 1),
    "p": ("money in pounds", Fraction(1, 100)),
    "pence": ("money in pounds", Fraction(1, 100)),
    "$": ("money in dollars", 1),
    "usd": ("money in dollars", 1),
    "dollar": ("money in dollars", 1),
    "¢": ("money in dollars", Fraction(1, 100)),
    "ct": ("money in euros", Fraction(1, 100)),
    "cent": ("money in cents", 1),
    "¥": ("money in yen", 1),
}
_CELSIUS = Unit("temperature", Fraction(1), Fraction(27315, 100))
_FAHRENHEIT = Unit("temperature", Fraction(5, 9), Fraction(45967, 180))
_DEGREES = {"°c": _CELSIUS, "celsius": _CELSIUS, "℃": _CELSIUS, "°f": _FAHRENHEIT, "fahrenheit": _FAHRENHEIT}
_DEGREES |= {"degrees celsius": _CELSIUS, "degrees fahrenheit": _FAHRENHEIT, "℉": _FAHRENHEIT}

MONEY_BEFORE = "€£$¥"
"""Signs of money that are also written before the number."""

_POWERED = {("length", 2): "area", ("length", 3): "volume"}
_QUOTIENTS = {("length", "time"): "speed"}
_POWER = re.compile(r"(.*?)\^?([23])")
_WORDED = {"square ": 2, "sq ": 2, "cubic ": 3, "cu ": 3}
_LONGEST = 40


def read_unit(written: str) -> Unit | None:
    """The unit of that name, or None."""
    text = " ".join(written.split())
    if not text or len(text) > _LONGEST:
        return None
    if found := _DEGREES.get(text.lower().replace("° ", "°")):
        return found
    for bar in ("/", " per "):
        if text.count(bar) == 1:
            above, below = (_powered(part.strip()) for part in text.split(bar))
            if above is None or below is None:
                return None
            kind = _QUOTIENTS.get((above.kind, below.kind), f"{above.kind} per {below.kind}")
            return Unit(kind, above.size / below.size)
    return _powered(text)


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
