"""Numbers that belong together: coordinates such as (3, 4), a quotient with its remainder, 3 r 2, and the sides of
something, 4 cm by 3 cm.

>>> read_paired("(3; 4)", ".") == read_paired("x = 3, y = 4", ".") == read_paired("3,4", ".")
True
>>> read_remainder("3 remainder 2"), read_remainder("3R2"), read_remainder("3")
((3, 2), (3, 2), None)
"""

import re
from fractions import Fraction

from velum.answers import reasons
from velum.answers.number import DecimalSign, read_number
from velum.answers.quantity import Quantity, read_quantity
from velum.mark import Mark, for_teacher, right, wrong

_LONGEST = 80
_KEY = re.compile(r"\(([^()]*[,;|][^()]*)\)")
_COMPONENT = re.compile(r"([-+−]? ?)(\d+(?:[.,]\d+)?)? ?([ijk])")
_VECTOR = re.compile(r"(?:[-+−]? ?\d*(?:[.,]\d+)? ?i) ?[-+−] ?\d*(?:[.,]\d+)? ?j(?: ?[-+−] ?\d*(?:[.,]\d+)? ?k)?")
_REMAINDER = re.compile(r"(-?\d{1,12}),? ?(?:r|rem|remainder|rest)\.? ?(?:of ?)?(\d{1,12})", re.IGNORECASE)
_MORE = re.compile(r"\s*\d+(?:\s*[.,]\d|\s+\D*\d|\s*[½¼¾⅓⅔⅕])")
_BY = re.compile(r" by |(?<=[\w. ])[x×*](?=[ \d])")
_PARTS = re.compile(r"\s*[,;|]\s*|\s+and\s+")
_NAME = re.compile(r"^\s*[a-zA-Z]\s*=\s*")

Numbers = tuple[Fraction, ...]


def read_paired(written: str, decimal: DecimalSign) -> Numbers:
    """The numbers of coordinates, two or three; empty: none. A comma parts them where it is not the decimal sign."""
    text = written.strip()
    if len(text) > _LONGEST:
        return ()
    if text.startswith("(") and text.endswith(")"):
        text = text[1:-1]
    parts = re.split(r"\s*[;|]\s*", text) if decimal == "," or re.search("[;|]", text) else _PARTS.split(text)
    if len(parts) == 1:
        parts = text.split()
    numbers = [read_number(_NAME.sub("", part), decimal) for part in parts]
    values = [number.sure for number in numbers if number and number.sure is not None]
    return tuple(values) if 2 <= len(values) == len(parts) <= 3 else ()


def read_remainder(written: str) -> tuple[int, int] | None:
    """The quotient and the remainder, or None."""
    found = _REMAINDER.fullmatch(written.strip().rstrip("."))
    return (int(found[1]), int(found[2])) if found else None


def is_vector(meant: str) -> bool:
    """Whether a key is a vector in unit vectors."""
    return _VECTOR.fullmatch(meant.strip()) is not None


def compare_vectors(written: str, meant: str, decimal: DecimalSign) -> Mark | None:
    """Mark components in brackets, (3, -2), against a vector in unit vectors, 3i - 2j; None: it is not that."""
    if not is_vector(meant) or not (answer := read_paired(written, decimal)):
        return None
    found = {name: sign + (size or "1") for sign, size, name in _COMPONENT.findall(meant)}
    key = [read_number(found.get(name, "0").replace(" ", ""), decimal) for name in "ijk"[: len(answer)]]
    same = len(found) <= len(answer) and [each and each.sure for each in key] == list(answer)
    return for_teacher(reasons.FORM_LOOK) if same else wrong(reasons.OTHER_VALUE)


def _sides(text: str, decimal: DecimalSign) -> list[Quantity]:
    """The sides of something, in an order of their own; a unit behind the last one is all others' too. Empty: none."""
    parts = _BY.split(text.strip())
    sides = [read_quantity(part.strip(), decimal) for part in parts] if 2 <= len(parts) <= 3 else []
    known = [side for side in sides if side and side.number.sure is not None and not side.unknown]
    if len(known) < max(2, len(parts)):
        return []
    last = known[-1].unit
    return [side if side.unit else Quantity(side.number, last) for side in known]


def _key_sides(meant: str, decimal: DecimalSign) -> list[Quantity]:
    """The sides that a key says, with "by" between them or a unit of length behind each."""
    sides = _sides(meant, decimal)
    lengths = bool(sides) and all(side.unit and side.unit.kind == "length" for side in sides)
    said = " by " in meant or all(any(map(str.isalpha, part)) for part in _BY.split(meant))
    return sides if lengths and said else []


def _compare_sides(written: str, key: list[Quantity], decimal: DecimalSign) -> Mark:
    answer = _sides(written, decimal)

    def sizes(sides: list[Quantity], *, bare: bool = False) -> list[tuple[str, Fraction]]:
        return sorted(
            (side.unit.kind, side.number.sure * side.unit.size) if side.unit and not bare else ("", side.number.sure)
            for side in sides
            if side.number.sure is not None
        )

    if sizes(answer) == sizes(key):
        return right(reasons.SAME_VALUE)
    if answer and answer[-1].unit is None and sizes(answer, bare=True) == sizes(key, bare=True):
        return for_teacher(reasons.UNIT_LEFT_OUT)
    return wrong(reasons.OTHER_VALUE)


def compare_paired(written: str, meant: str, decimal: DecimalSign) -> Mark | None:
    """Mark one answer against coordinates or a remainder; None when the key is neither."""
    if (remainder := read_remainder(meant)) is not None:
        said = read_remainder(written)
        if said is None and re.findall(r"\d+", written)[:1] == [str(remainder[0])] and _MORE.match(written):
            return for_teacher(reasons.REMAINDER_UNSAID)  # 5.4, 5 2/5, 5 and 2 over: of what was divided, only it knows
        return right(reasons.SAME_VALUE) if said == remainder else wrong(reasons.OTHER_VALUE)
    if sides := _key_sides(meant, decimal):
        return _compare_sides(written, sides, decimal)
    if not _KEY.fullmatch(meant.strip()) or not (key := read_paired(meant, decimal)):
        return None
    answer = read_paired(written, decimal)
    return right(reasons.SAME_VALUE) if answer == key else wrong(reasons.OTHER_VALUE)
