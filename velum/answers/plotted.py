"""What is set on a scale or a coordinate grid, compared with what is right: points, intervals, a straight line.

Values are compared within a tolerance of their own scale: half a step, say, where a reading between two lines is asked
for. Intervals are compared as what they hold together: from 1 to 2 and from 2 to 3 are from 1 to 3.
"""

from collections.abc import Callable, Mapping, Sequence
from fractions import Fraction
from typing import NamedTuple, TypeVar

from velum.answers.assignment import best_assignment
from velum.answers.intervals import Interval
from velum.mark import Mark, for_teacher, partly, right, wrong
from velum.sentence import Sentence

SET_RIGHT = Sentence("plot.right", "set where it belongs")
SET_ELSEWHERE = Sentence("plot.elsewhere", "set elsewhere")
SWAPPED = Sentence("plot.swapped", "across and up are the wrong way round")
OTHER_ENDS = Sentence("plot.ends", "the right stretch, but another end belongs to it")
SAME_LINE = Sentence("plot.same_line", "the same line")
OTHER_LINE = Sentence("plot.other_line", "another line")
ONE_POINT = Sentence("plot.one_point", "one point makes no line")
RUNS_AWAY = Sentence("plot.runs_away", "its two points lie on the line, but it leaves it farther out")


def some_right(there: int, wanted: int, too_many: int) -> Sentence:
    """``there`` of ``wanted`` are where they belong, and ``too_many`` are more than were asked for."""
    if too_many > 0:
        return Sentence.counted(
            "plot.some_and_more",
            "{there} of {wanted} where they belong, and {count} too many",
            "{there} of {wanted} where they belong, and {count} too many",
            too_many,
            {"there": there, "wanted": wanted},
        )
    return Sentence("plot.some", "{there} of {wanted} where they belong", {"there": there, "wanted": wanted})


class At(NamedTuple):
    """A point in values: of a number line, ``up`` is nothing."""

    across: Fraction
    up: Fraction = Fraction(0)

    def swapped(self) -> "At":
        return At(self.up, self.across)


class Off(NamedTuple):
    """How far a value may be off in each direction."""

    across: Fraction
    up: Fraction = Fraction(0)


def _is_near(one: At, other: At, off: Off) -> bool:
    return abs(one.across - other.across) <= off.across and abs(one.up - other.up) <= off.up


def compare_points(given: Sequence[At], wanted: Sequence[At], off: Off) -> Mark:
    """Points in any order; of those that are too many, each takes one from those that are right."""
    there = _paired(given, wanted, lambda one, other: int(_is_near(one, other, off)))
    if there < len(wanted) and all(one.across != one.up for one in given):
        turned = [point.swapped() for point in given]
        if _paired(turned, wanted, lambda one, other: int(_is_near(one, other, off))) == len(wanted) == len(given):
            return wrong(SWAPPED)
    return _of(there, len(given), len(wanted))


def compare_named(given: Mapping[str, At], wanted: Mapping[str, At], off: Off) -> Mark:
    """Points by their letters."""
    there = sum(name in given and _is_near(given[name], at, off) for name, at in wanted.items())
    turned = {name: at.swapped() for name, at in given.items()}
    if not there and all(name in turned and _is_near(turned[name], at, off) for name, at in wanted.items()):
        return wrong(SWAPPED)
    return _of(there, len(given), len(wanted))


def _of(there: int, given: int, wanted: int) -> Mark:
    too_many = max(0, given - wanted)
    if there == wanted and not too_many:
        return right(SET_RIGHT)
    share = Fraction(max(0, there - too_many), wanted)
    return partly(share, some_right(there, wanted, too_many)) if share else wrong(SET_ELSEWHERE)


T = TypeVar("T")


def _paired(given: Sequence[T], wanted: Sequence[T], worth: Callable[[T, T], int]) -> int:
    """What is given is worth at most, when each is paired with one that is wanted."""
    side = max(len(given), len(wanted))
    rows = [[worth(one, other) for other in wanted] + [0] * (side - len(wanted)) for one in given]
    table = rows + [[0] * side for _ in range(side - len(given))]
    return sum(row[column] for row, column in zip(table, best_assignment(table), strict=True))


def compare_all_intervals(given: Sequence[Interval], wanted: Sequence[Interval], off: Fraction) -> Mark:
    """What intervals hold together. One of which the right ends belong to it otherwise earns half of its share."""
    told, meant = united(given), united(wanted)
    if not meant:
        return right(SET_RIGHT) if not told else wrong(SET_ELSEWHERE)
    worth = _paired(told, meant, lambda one, other: _worth(one, other, off))
    too_many = max(0, len(told) - len(meant))
    share = Fraction(max(0, worth - 2 * too_many), 2 * len(meant))
    if share == 1:
        return right(SET_RIGHT)
    if not share:
        return wrong(SET_ELSEWHERE)
    if len(told) == len(meant) == 1:
        return partly(share, OTHER_ENDS)
    there = sum(any(_worth(one, other, off) == 2 for one in told) for other in meant)
    return partly(share, some_right(there, len(meant), too_many))


def _worth(one: Interval, other: Interval, off: Fraction) -> int:
    """2: the same; 1: its ends belong to it otherwise; 0: another."""
    for end, there in zip(one.ends, other.ends, strict=True):
        if (end is None) != (there is None) or (end is not None and there is not None and abs(end - there) > off):
            return 0
    return 2 if (one.low_belongs, one.high_belongs) == (other.low_belongs, other.high_belongs) else 1


def united(intervals: Sequence[Interval]) -> list[Interval]:
    """The fewest intervals that hold the same, from low to high. Those that hold nothing are left out."""
    left: list[Interval] = []
    for each in sorted((each for each in intervals if _holds_anything(each)), key=_by_low):
        if left and (joined := _joined(left[-1], each)):
            left[-1] = joined
        else:
            left.append(each)
    return left


def _holds_anything(each: Interval) -> bool:
    if each.low is None or each.high is None or each.low < each.high:
        return True
    return each.low == each.high and each.low_belongs and each.high_belongs


def _by_low(each: Interval) -> tuple[bool, Fraction, bool]:
    return each.low is not None, each.low or Fraction(0), not each.low_belongs


def _joined(one: Interval, other: Interval) -> Interval | None:
    """Both in one, where nothing lies between; ``other`` begins no earlier."""
    if one.high is not None and other.low is not None and not _meet(one.high, one.high_belongs, other):
        return None
    low_belongs = one.low_belongs or (one.low == other.low and other.low_belongs)
    if one.high is None or other.high is None:
        return Interval(one.low, low_belongs, None, False)
    if one.high == other.high:
        return Interval(one.low, low_belongs, one.high, one.high_belongs or other.high_belongs)
    last = max(one, other, key=lambda each: each.high or Fraction(0))
    return Interval(one.low, low_belongs, last.high, last.high_belongs)


def _meet(high: Fraction, belongs: bool, other: Interval) -> bool:
    """Whether nothing lies between an end and the interval behind it."""
    low = other.low or Fraction(0)
    return high > low or (high == low and (belongs or other.low_belongs))


class Frame(NamedTuple):
    """From where to where values run on a grid."""

    left: Fraction
    right: Fraction
    bottom: Fraction
    top: Fraction


def compare_lines(given: Sequence[At], wanted: tuple[At, At], off: Off, frame: Frame) -> Mark:
    """Straight lines, each through two points, by where they leave the grid, wherever their points were set."""
    if len(set(given)) < 2:
        return wrong(ONE_POINT)
    line = (given[0], given[1])
    ends = _ends(wanted, frame)
    if all(_lies_on(end, line, off) for end in ends):
        return right(SAME_LINE)
    # What was read off a grid may be off a little; a line through two points close to each other carries that far.
    if all(_lies_on(point, wanted, off) for point in line):
        return for_teacher(RUNS_AWAY)
    return wrong(OTHER_LINE)


def _lies_on(point: At, line: tuple[At, At], off: Off) -> bool:
    """Whether a line goes through a point, or past it as near as it may, across or up."""
    one, other = line
    across, up = other.across - one.across, other.up - one.up
    # Twice the area between them, which is nothing on the line.
    area = abs((point.across - one.across) * up - (point.up - one.up) * across)
    return area <= off.up * abs(across) or area <= off.across * abs(up) or area == 0


def _ends(line: tuple[At, At], frame: Frame) -> tuple[At, At]:
    """Where a line enters and leaves the grid; its own points, if it does not cross it."""
    one, other = line
    across, up = other.across - one.across, other.up - one.up
    at: list[At] = []
    if across:
        at += [At(x, one.up + (x - one.across) * up / across) for x in (frame.left, frame.right)]
    if up:
        at += [At(one.across + (y - one.up) * across / up, y) for y in (frame.bottom, frame.top)]
    inside = sorted({p for p in at if frame.left <= p.across <= frame.right and frame.bottom <= p.up <= frame.top})
    return (inside[0], inside[-1]) if len(inside) > 1 else line


def points_of_steps(line: tuple[At, At], step: At, off: Off, frame: Frame) -> int:
    """How many of the points that students can set lie on a line, as far as it is on the grid and up to 400 steps."""
    one, other = line
    across, up = other.across - one.across, other.up - one.up
    if not across:
        return _steps(frame.bottom, frame.top, step.up) if is_on_a_step(one.across, step.across, off.across) else 0
    count = 0
    first = -(-frame.left // step.across)
    for place in range(min(400, _steps(frame.left, frame.right, step.across))):
        x = (first + place) * step.across
        y = one.up + (x - one.across) * up / across
        count += frame.bottom <= y <= frame.top and is_on_a_step(y, step.up, off.up)
    return count


def _steps(low: Fraction, high: Fraction, step: Fraction) -> int:
    return int(high // step + (-low) // step) + 1


def is_on_a_step(value: Fraction, step: Fraction, off: Fraction) -> bool:
    """Whether a value is near enough to a multiple of a step."""
    return abs(value - round(value / step) * step) <= off
