"""Question numbers: those that the teacher set, and the ones that follow from them in the order of reading.

A part without a number of its own goes on from the one before it: after 3 comes 4, after 3a comes 3b, after B2 comes
B3, after 2(i) comes 2(ii). So a run of sub-parts takes one number at its start, and one after its end.

>>> numbers(["", "", "3a", "", "4", ""])
['1', '2', '3a', '3b', '4', '5']
"""

import re
from collections.abc import Iterable

from velum.kinds.kind import FieldBase
from velum.kinds.part import PartRef

_LAST = re.compile(r"(.*?)(\d+|(?<![^\W\d_])[a-z]{1,4}|(?<![^\W\d_])[A-Z])(\W*)", re.DOTALL)
"""What stands before the part that counts on, that part, and what closes it."""

_ROMAN = ("", "i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x", "xi", "xii", "xiii", "xiv", "xv", "xvi")


def numbers_of(fields: Iterable[FieldBase]) -> dict[PartRef, str]:
    """The number of each part of the fields, which stand in the order of reading.

    Working-out has that of what it is for, with a sign for each place: 3, 3+, 3++. The next goes on from 3.
    """
    fields = list(fields)
    asked = {field.id: _refs(field) for field in fields if field.working_for is None and field.parts}
    own = {PartRef(field.id, part.id): part.number for field in fields for part in field.parts}
    counted = [ref for field in fields if field.working_for not in asked for ref in _refs(field)]
    found = dict(zip(counted, numbers(own[ref] for ref in counted), strict=True))
    for field in fields:
        for ref in _refs(field) if field.working_for in asked else ():
            number = found[asked[field.working_for or ""][0]] + _MORE
            while number in found.values():
                number += _MORE
            found[ref] = own[ref] or number
    return {ref: found[ref] for ref in own}


_MORE = "+"


def _refs(field: FieldBase) -> list[PartRef]:
    return [PartRef(field.id, part.id) for part in field.parts]


def numbers(own: Iterable[str]) -> list[str]:
    """Each part's number; ``own`` has what the teacher set, empty where nothing is."""
    found: list[str] = []
    roman = False
    for number in own:
        if number:
            # "i" begins Roman numerals where the teacher writes it, and is the ninth letter where it was counted to.
            roman = _counting(number) == "i" or (roman and _counting(number) in _ROMAN)
        found.append(number or (_following(found[-1], roman) if found else "1"))
    return found


def _counting(number: str) -> str:
    match = _LAST.fullmatch(number)
    return match[2] if match else ""


def _following(number: str, roman: bool) -> str:
    match = _LAST.fullmatch(number)
    if match is None:
        return f"{number} 2"
    before, last, after = match.groups()
    if last.isdigit():
        return f"{before}{int(last) + 1}{after}"
    if roman and last in _ROMAN[:-1]:
        return f"{before}{_ROMAN[_ROMAN.index(last) + 1]}{after}"
    if len(last) > 1 or last in "zZ":
        return f"{number} 2"
    return f"{before}{chr(ord(last) + 1)}{after}"
