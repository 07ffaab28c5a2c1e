"""Chemical formulas and equations, in whatever way their digits are raised and lowered.

Symbols of the elements: IUPAC, Periodic Table of the Elements (2022). How formulas are written: IUPAC, Nomenclature of
Inorganic Chemistry (2005), section IR-4. Charges stand behind their digit (2+); a keyboard without raised digits is no
fault, so ``SO42-`` is read as both of the things that it can be.

>>> read_formula("Ca(OH)₂") == read_formula("Ca(OH)_2") == read_formula("Ca(OH)<sub>2</sub>")
True
>>> read_formula("CO") == read_formula("Co")
False
"""

import re
from collections import Counter
from dataclasses import dataclass
from fractions import Fraction

from velum.answers import reasons
from velum.answers.comparison import Formula
from velum.mark import Mark, for_teacher, right, wrong
from velum.sentence import Sentence

LONGEST = 300
_DEEPEST = 6

_SYMBOLS = """
H He Li Be B C N O F Ne Na Mg Al Si P S Cl Ar K Ca Sc Ti V Cr Mn Fe Co Ni Cu Zn Ga Ge As Se Br Kr Rb Sr Y Zr Nb Mo Tc
Ru Rh Pd Ag Cd In Sn Sb Te I Xe Cs Ba La Ce Pr Nd Pm Sm Eu Gd Tb Dy Ho Er Tm Yb Lu Hf Ta W Re Os Ir Pt Au Hg Tl Pb Bi Po
At Rn Fr Ra Ac Th Pa U Np Pu Am Cm Bk Cf Es Fm Md No Lr Rf Db Sg Bh Hs Mt Ds Rg Cn Nh Fl Mc Lv Ts Og
"""
ELEMENTS = frozenset(_SYMBOLS.split())
_HALVES = {"½": "1/2", "¼": "1/4", "¾": "3/4", "⅓": "1/3", "⅔": "2/3"}
_LOWERED = str.maketrans("₀₁₂₃₄₅₆₇₈₉", "0123456789")
_RAISED = str.maketrans("⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻", "0123456789+-")
_ARROWS = re.compile(r"\s*(?:<=>|<-+>|<=+|⇌|⇄|↔|-+>|=+>|→|⟶|➝|=)\s*")
_BOTH_WAYS = re.compile(r"<=>|<-+>|⇌|⇄|↔")
_ONE_WAY = re.compile(r"[->→⟶➝⇌⇄↔]")
_STATE = re.compile(r"\s*\((s|l|g|aq)\)$", re.IGNORECASE)
_COUNTED = re.compile(r"(\d{1,3}(?:/\d{1,2})?)\s*(?=[A-Z(\[e])")
_CHARGE = re.compile(r"\^?\{?(\d{0,2})([+-])\}?$|\^?\{?([+-])(\d{1,2})\}?$|(\++|-+)$")

Part = tuple[object, int]
"""A symbol, or a bracket's own parts, and how often it is there."""


@dataclass(frozen=True, slots=True)
class Reading:
    """One formula: its parts in order, those of its water and the like, its charge, its state ("" when not told)."""

    parts: tuple[tuple[Part, ...], ...]
    charge: int = 0
    state: str = ""

    def atoms(self) -> Counter[str]:
        """How many of each element there are."""
        count: Counter[str] = Counter()
        for parts in self.parts:
            _add(count, parts, 1)
        return count


def _add(count: Counter[str], parts: tuple[Part, ...], times: int) -> None:
    for what, number in parts:
        if isinstance(what, str):
            count[what] += number * times
        else:
            assert isinstance(what, tuple)
            _add(count, what, number * times)


def plain_formula(written: str) -> str:
    """The formula with plain digits, those raised behind ``^``."""
    text = written.replace("<sup>", "^{").replace("<sub>", "{").replace("</sup>", "}").replace("</sub>", "}")
    text = re.sub(r"[⁰¹²³⁴⁵⁶⁷⁸⁹]*[⁺⁻]|[⁰¹²³⁴⁵⁶⁷⁸⁹]+", lambda found: "^" + found[0].translate(_RAISED), text)
    text = text.translate(_LOWERED).replace("−", "-").replace("–", "-").replace("﹢", "+")
    text = re.sub(r"\((\d?[+-])\)$", r"^\1", text.strip())
    for sign, fraction in _HALVES.items():
        text = text.replace(sign, fraction)
    text = re.sub(r"(?<!\^)_?\{(\d+)\}", r"\1", text)
    return text.replace("_", "").strip()


def read_formula(written: str) -> frozenset[Reading]:
    """What a formula may say; empty: no formula."""
    if len(written) > LONGEST:
        return frozenset()
    text = plain_formula(written)
    state = ""
    if found := _STATE.search(text):
        state, text = found[1].lower(), text[: found.start()]
    text = text.replace(" ", "")
    readings = set()
    for body, charge in _charges(text):
        parts = _hydrate(body)
        if parts:
            readings.add(Reading(parts, charge, state))
    return frozenset(readings)


def _charges(text: str) -> list[tuple[str, int]]:
    """The ways to part a formula from its charge."""
    found = _CHARGE.search(text)
    if not found:
        return [(text, 0)]
    body = text[: found.start()]
    if found[5]:
        return [(body, len(found[5]) * (1 if found[5][0] == "+" else -1))]
    digits, sign = (found[1], found[2]) if found[2] else (found[4], found[3])
    size = int(digits or 1)
    ways = [(body, size if sign == "+" else -size)]
    if found[2] and "^" not in found[0] and digits:
        # Without a raised digit it may be a count: NO3- has one charge, not three.
        one = 1 if sign == "+" else -1
        ways.append((body + digits, one))
        if len(digits) == 2:
            ways.append((body + digits[0], int(digits[1]) * one))
    return ways


def _hydrate(text: str) -> tuple[tuple[Part, ...], ...]:
    """The parts on both sides of a dot; those behind it may have a number in front."""
    found = []
    for i, piece in enumerate(re.split("[·.•*]", text)):
        times = 1
        if i and (counted := _COUNTED.match(piece)) and "/" not in counted[1]:
            times, piece = int(counted[1]), piece[counted.end() :]
        parts = _parts(piece)
        if not parts:
            return ()
        found.append(parts if times == 1 else ((parts, times),))
    return tuple(found)


def _parts(text: str, depth: int = 0) -> tuple[Part, ...]:
    found: list[Part] = []
    at = 0
    while at < len(text):
        if text[at] in "([":
            end = _closing(text, at)
            if end < 0 or depth == _DEEPEST:
                return ()
            what: object = _parts(text[at + 1 : end], depth + 1)
            at = end + 1
        else:
            symbol = next((text[at : at + size] for size in (2, 1) if text[at : at + size] in ELEMENTS), "")
            what, at = symbol, at + len(symbol)
        if not what:
            return ()
        digits = re.match(r"\d{0,3}", text[at:])
        assert digits
        at += digits.end()
        if digits[0].startswith("0"):
            return ()
        found.append((what, int(digits[0] or 1)))
    return tuple(found)


def _closing(text: str, at: int) -> int:
    open_brackets = 0
    for i in range(at, len(text)):
        open_brackets += (text[i] in "([") - (text[i] in ")]")
        if open_brackets == 0:
            return i
    return -1


Side = tuple[tuple[Fraction, frozenset[Reading]], ...]


def read_equation(written: str) -> tuple[Side, Side] | None:
    """Both sides of an equation: how many there are of what. None: no equation."""
    if len(written) > LONGEST:
        return None
    sides = _ARROWS.split(written.strip())
    if len(sides) != 2:
        return None
    left, right_side = _side(sides[0]), _side(sides[1])
    return (left, right_side) if left and right_side else None


def _side(text: str) -> Side:
    terms: list[tuple[Fraction, frozenset[Reading]]] = []
    # A plus that stands alone; one that touches what is before it is a charge, unless something touches it too.
    for piece in re.split(r"\s+\+\s+|\s+\+(?=[A-Z\d])|(?<=[a-zA-Z\d)\]])\+(?=\s*\d*[A-Z])", plain_formula(text)):
        piece, number = piece.strip(), Fraction(1)
        if counted := _COUNTED.match(piece):
            above, _, below = counted[1].partition("/")
            if below and int(below) == 0:
                return ()
            number, piece = Fraction(int(above), int(below or 1)), piece[counted.end() :]
        readings = frozenset({Reading(((("e", 1),),), -1)}) if piece in ("e-", "e^-") else read_formula(piece)
        if not readings or number == 0:
            return ()
        terms.append((number, readings))
    return tuple(terms)


def compare_formulas(written: str, meant: str, rules: Formula) -> Mark | None:
    """Mark one answer against one right formula or equation; None when the key itself is neither."""
    if equation := read_equation(meant):
        same_arrow = bool(_BOTH_WAYS.search(written)) == bool(_BOTH_WAYS.search(meant)) or not _ONE_WAY.search(written)
        return _compare_equations(written, equation, rules, same_arrow=same_arrow)
    key = _with_state(read_formula(meant), rules)
    if not key:
        return None
    answer = _with_state(read_formula(written), rules)
    if answer & key:
        return right(reasons.SAME_FORMULA)
    if slip := _slip(written, meant):
        return for_teacher(slip)
    if not answer:
        is_name = names(written, key) or _SUBSTANCE.search(written)
        return for_teacher(reasons.NAME_FOR_FORMULA) if is_name else wrong(reasons.NOT_A_FORMULA)
    return _difference(answer, key)


_SUBSTANCE = re.compile(r"[a-z]{3}(?: acid|anol|anone|anal|ane|ene|yne|ose)s?\W*$", re.IGNORECASE)
"""How a name ends that is not made of two elements' names: which substance it is, is not known here."""


def _with_state(readings: frozenset[Reading], rules: Formula) -> frozenset[Reading]:
    if rules.states == "asked":
        return readings
    return frozenset(Reading(reading.parts, reading.charge) for reading in readings)


def _difference(answer: frozenset[Reading], key: frozenset[Reading]) -> Mark:
    stateless = Formula()
    if _with_state(answer, stateless) & _with_state(key, stateless):
        return wrong(reasons.OTHER_STATE)
    if {reading.parts for reading in answer} & {reading.parts for reading in key}:
        missing = all(not reading.charge for reading in answer)
        return for_teacher(reasons.CHARGE_MISSING) if missing else wrong(reasons.OTHER_CHARGE)
    atoms = [(reading.atoms(), reading.charge) for reading in key]
    if any((reading.atoms(), reading.charge) in atoms for reading in answer):
        return for_teacher(reasons.SAME_ATOMS)
    if any(reading.atoms().keys() == count.keys() for reading in answer for count, _ in atoms):
        return wrong(reasons.OTHER_COUNT)
    return wrong(reasons.OTHER_FORMULA)


_BARE = str.maketrans("", "", " ^{}")
_ROOTS = {
    "H": ("hydr", "acid", "water", "methan", "ethan", "ammon"),
    "O": ("ox", "at", "it", "water", "hydr"),
    "C": ("carb", "methan", "ethan", "cyan"),
    "N": ("nitr", "ammon"),
    "S": ("sul",),
    "P": ("phos",),
    "Na": ("sodium", "salt"),
    "K": ("potassium",),
    "Cl": ("chlor", "salt"),
    "Fe": ("iron", "ferr"),
    "Cu": ("copper", "cupr"),
    "Ag": ("silver",),
    "Au": ("gold",),
    "Pb": ("lead", "plumb"),
    "Hg": ("mercury",),
    "Sn": ("tin",),
    "Mg": ("magnes",),
    "Ca": ("calc",),
    "Al": ("alumin",),
    "Zn": ("zinc",),
    "F": ("fluor",),
    "Br": ("brom",),
    "I": ("iod",),
    "Li": ("lith",),
    "Ba": ("barium",),
    "Mn": ("mangan",),
    "Cr": ("chrom",),
    "Si": ("silic",),
    "He": ("helium",),
    "Ne": ("neon",),
    "Ar": ("argon",),
}
"""What the names of substances have of their elements' names, in English."""


def names(written: str, formulas: frozenset[Reading]) -> bool:
    """Whether words may be the name of a substance that a formula says, "sodium chloride" for NaCl."""
    said = written.casefold()
    if not re.fullmatch(r"[^\W\d_]+(?:[ -][^\W\d_()]+){0,3}", said):
        return False
    return any(
        all(any(root in said for root in _ROOTS.get(symbol, (symbol.lower(),))) for symbol in each.atoms())
        for each in formulas
    )


def _slip(written: str, meant: str) -> Sentence | None:
    """What was mistaken while typing: a zero for the letter O, or small letters for capitals."""
    answer, key = plain_formula(written), plain_formula(meant)
    if "0" in answer and read_formula(answer.replace("0", "O")) & read_formula(meant):
        return reasons.ZERO_FOR_O
    if "^" in answer and read_formula(answer.replace("^", "")) & read_formula(meant):
        return reasons.RAISED_DIGIT
    return reasons.OTHER_CAPITALS if answer.translate(_BARE).casefold() == key.translate(_BARE).casefold() else None


def _compare_equations(written: str, key: tuple[Side, Side], rules: Formula, *, same_arrow: bool) -> Mark:
    answer = read_equation(written)
    if answer is None:
        in_words = re.findall(r"[^\W\d_]{4,}", written)
        as_equation = len(in_words) >= 2 and _ARROWS.search(written) is not None
        return for_teacher(reasons.NAME_FOR_FORMULA) if as_equation else wrong(reasons.NOT_AN_EQUATION)
    matched = [_ratio(mine, wanted, rules) for mine, wanted in zip(answer, key, strict=True)]
    if all(isinstance(ratio, Fraction) for ratio in matched) and matched[0] == matched[1]:
        if matched[0] == 1:
            return right(reasons.SAME_EQUATION) if same_arrow else for_teacher(reasons.OTHER_ARROW)
        return for_teacher(reasons.MULTIPLE_EQUATION)
    if all(ratio is not None for ratio in matched):
        return wrong(reasons.OTHER_BALANCE)
    swapped = [_ratio(mine, wanted, rules) for mine, wanted in zip(answer, reversed(key), strict=True)]
    return wrong(reasons.OTHER_WAY if all(ratio is not None for ratio in swapped) else reasons.OTHER_SUBSTANCES)


def _ratio(answer: Side, key: Side, rules: Formula) -> Fraction | bool | None:
    """How many times the key's numbers the answer has; False: the same substances in other numbers; None: others."""
    if len(answer) != len(key):
        return None
    left = list(key)
    ratios = set()
    for number, readings in answer:
        mine = _with_state(readings, rules)
        fitting = next((term for term in left if _with_state(term[1], rules) & mine), None)
        if fitting is None:
            return None
        left.remove(fitting)
        ratios.add(number / fitting[0])
    return ratios.pop() if len(ratios) == 1 else False


def looks_like_formula(text: str) -> bool:
    """Whether a key is a formula by its looks: symbols with digits, a charge or an arrow, or of several letters."""
    if len(text) > LONGEST:
        return False
    if read_equation(text):
        return True
    plain = plain_formula(text)
    symbols = re.findall(r"[A-Z][a-z]?", plain)
    if not symbols or not read_formula(text):
        return False
    if len(symbols) > 1:
        return bool(re.search(r"\d|[+-]$", plain) or (_COMPOUND.fullmatch(plain) and plain not in _WORDS))
    return bool(re.search(r"\d?[+-]$", plain)) or plain in _SYMBOLS_ALONE or plain in _ELEMENTAL


_COMPOUND = re.compile(r"(?=.*[a-z])(?:[A-Z][a-z]?\d*){2,6}")
_WORDS = frozenset(("NiCe", "OK", "CoCo"))
_ELEMENTAL = frozenset(("H2", "N2", "O2", "O3", "Cl2", "Br2", "I2", "S8"))
"""Molecules of one element. Others, such as B2 or F4, rather name a place."""
_SYMBOLS_ALONE = frozenset(
    [
        "Li",
        "Na",
        "Mg",
        "Al",
        "Cl",
        "Ca",
        "Cr",
        "Mn",
        "Fe",
        "Cu",
        "Zn",
        "Br",
        "Kr",
        "Ag",
        "Sn",
        "Ba",
        "Pt",
        "Au",
        "Hg",
        "Pb",
        "Rn",
    ]
)
"""Symbols that are no words; He, No, In, As, At and the like are, and single letters are options."""
