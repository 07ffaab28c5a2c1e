"""Points, intervals and lines as teachers write them down, to be set on a scale or a grid.

>>> [(int(at.across), int(at.up)) for _, at in read_points("(2, 3) and (4, 1)", coordinates=True)]
[(2, 3), (4, 1)]
>>> [(letter, float(at.across)) for letter, at in read_points("A 2.5; B 4", coordinates=False)]
[('A', 2.5), ('B', 4.0)]
"""

import re
from fractions import Fraction

from velum.answers.algebra.reading import Statement, read
from velum.answers.algebra.tree import letters
from velum.answers.algebra.values import Inexact, Unknown, exactly
from velum.answers.intervals import Interval, read_interval
from velum.answers.number import DecimalSign, read_number
from velum.answers.paired import read_paired
from velum.answers.plotted import At, Frame

_LONGEST = 400
_NAMED_PAIR = re.compile(r"(?:\b([A-L])\s*[:=]?\s*)?\(([^()]*)\)")
_BETWEEN_POINTS = re.compile(r"\s*(?:;|\n|\band\b|,(?=\s))\s*")
_BETWEEN_INTERVALS = re.compile(r"\s*(?:∪|\n|\bor\b|\bunion\b)\s*")
_NAMED = re.compile(r"(?:([A-L])\s*[:=]?\s*(?=[-−(\d]))?(.+)", re.DOTALL)
_SIGNS: tuple[DecimalSign, DecimalSign] = (".", ",")


def read_points(text: str, *, coordinates: bool) -> list[tuple[str, At]]:
    """Points and their letters, if any, in the order in which they are written; empty: they cannot be read."""
    if len(text) > _LONGEST:
        return []
    if coordinates:
        if re.sub(r"[;,.\s]|\band\b", "", _NAMED_PAIR.sub("", text)):
            return []
        found = [(letter, _pair(inside)) for letter, inside in _NAMED_PAIR.findall(text)]
    else:
        parts = [part for part in _BETWEEN_POINTS.split(text.strip()) if part]
        named = [match for part in parts if (match := _NAMED.fullmatch(part))]
        found = [(match[1] or "", _number(match[2])) for match in named]
    points = [(letter, at) for letter, at in found if at is not None]
    return points if len(points) == len(found) else []


def _pair(inside: str) -> At | None:
    pairs = (read_paired(f"({inside})", sign) for sign in _SIGNS)
    return next((At(pair[0], pair[1]) for pair in pairs if len(pair) == 2), None)


def _number(text: str) -> At | None:
    read_in = (read_number(text, sign) for sign in _SIGNS)
    return next((At(number.sure) for number in read_in if number and number.sure is not None), None)


def read_intervals(text: str) -> list[Interval]:
    """Intervals in brackets, in signs or in words, with "or" between; empty: they cannot be read."""
    if whole := _interval(text):
        return [whole]
    parts = [part for part in _BETWEEN_INTERVALS.split(text.strip()) if part] if len(text) <= _LONGEST else []
    found = [_interval(part) for part in parts]
    intervals = [each for each in found if each is not None]
    return intervals if len(intervals) == len(found) else []


def _interval(text: str) -> Interval | None:
    return read_interval(text, ".") or read_interval(text, ",")


def read_line(text: str, frame: Frame) -> tuple[At, At] | None:
    """Two points of a straight line: given themselves, or by its equation in x and y; None: it is none."""
    points = read_points(text, coordinates=True)
    if len(points) == 2:
        (_, one), (_, other) = points
        return (one, other) if one != other else None
    for sign in _SIGNS:
        said = read(text, sign) if len(text) <= _LONGEST else ()
        if len(said) == 1 and said[0].relations == ("=",) and (line := _of_equation(said[0], frame)):
            return line
    return None


def _of_equation(said: Statement, frame: Frame) -> tuple[At, At] | None:
    """Of what is nothing on the line, a·x + b·y + c: three values tell a, b and c, two more whether it is straight."""
    left, right = said.sides
    if not letters(left) | letters(right) <= {"x", "y"}:
        return None

    def difference(x: int, y: int) -> Fraction:
        at = {"x": x, "y": y}
        return Fraction(exactly(left, at)) - Fraction(exactly(right, at))

    try:
        c = difference(0, 0)
        a, b = difference(1, 0) - c, difference(0, 1) - c
        straight = all(difference(x, y) == a * x + b * y + c for x, y in ((7, -5), (-3, 11), (2, 2)))
    except (Inexact, Unknown, ZeroDivisionError):
        return None
    if not straight or (not a and not b):
        return None
    if b:
        one, other = (At(x, -(a * x + c) / b) for x in (frame.left, frame.right))
    else:
        one, other = (At(-c / a, y) for y in (frame.bottom, frame.top))
    return one, other
