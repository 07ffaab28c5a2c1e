"""Points on a scale: students set points or intervals on a number line, or points or a line on a coordinate grid.

The scale is printed, or a fixture; two places at which its values are known tell all others. What is answered are
values, not places: they stay what they are when the scale is moved or turned.
"""

from fractions import Fraction
from typing import Annotated, Literal, Self

from pydantic import AfterValidator, model_validator
from pydantic import Field as Limits

from velum.answers import plotted
from velum.answers.intervals import Interval
from velum.answers.plotted import At, Frame, Off, is_on_a_step, points_of_steps
from velum.answers.settings import AnswerSettings
from velum.answers.written_plot import read_intervals, read_line, read_points
from velum.geometry.box import Box
from velum.geometry.share import Share
from velum.geometry.turn import Turn, turned_share
from velum.kinds.kind import AnswerBase, AnswerRefused, FieldBase, KeyBase, Kind, PromptBase, alone
from velum.kinds.part import WHOLE
from velum.mark import NO_KEY, Mark, Verdict, for_teacher, wrong
from velum.model import Model
from velum.sentence import Sentence

MOST_SET = 12
"""Points, or intervals, of an answer."""
LETTERS = "ABCDEFGHIJKL"
"""By which points are told apart, in their order."""
POINT_SIZE = 24.0
"""Points that the place of a point is wide and high where it is taken hold of."""

Value = Annotated[float, Limits(ge=-1_000_000_000, le=1_000_000_000)]

OTHER_QUESTION = Sentence("doubt.plot_other", "What is right was set for another question than is asked now.")
NOT_ON_A_STEP = Sentence("doubt.plot_step", "What is right lies between the steps on which students set points.")
MORE_THAN_ASKED = Sentence("doubt.plot_more", "More is right than students may set.")


class Known(Model):
    """A place in the field's box, in shares of it, at which the value is known."""

    x: Share
    y: Share
    value: Value


class Scale(Model):
    """How values lie: evenly, along the line through two known places. What is set falls on multiples of a step."""

    first: Known
    last: Known
    step: Annotated[float, Limits(ge=0.000001, le=1_000_000_000)] = 1

    @model_validator(mode="after")
    def _tells_values(self) -> Self:
        first, last = self.first, self.last
        if first.value == last.value or (first.x, first.y) == (last.x, last.y):
            raise ValueError("needs two places with two values")
        return self

    def turned(self, by: Turn) -> "Scale":
        """The same after the box was turned with its page."""
        return self.changed(first=_turned(self.first, by), last=_turned(self.last, by))


def _turned(known: Known, by: Turn) -> Known:
    x, y = turned_share(known.x, known.y, by)
    return known.changed(x=x, y=y)


Asked = Literal["points", "intervals", "line"]
"""What is set: points; intervals of a number line; two points that a straight line of a grid goes through."""


class Plot(FieldBase):
    kind: Literal["plot"] = "plot"
    across: Scale
    up: Scale | None = None
    """None: a number line."""
    asked: Asked = "points"
    most: Annotated[int, Limits(ge=1, le=MOST_SET)] = 1
    """How many may be set; of a line always two points."""
    lettered: bool = False
    """Whether points are told apart by letters, A, B, C."""
    part_marks: bool = True
    read_out: bool = True
    """Whether students see the values of what they set; those who listen are always told."""

    @model_validator(mode="after")
    def _fits_its_scale(self) -> Self:
        if self.asked == "line" and self.up is None:
            raise ValueError("has no grid for a line")
        if self.asked == "intervals" and self.up is not None:
            raise ValueError("has no number line for intervals")
        return self

    def turned(self, page: str, by: Turn, width: float, height: float) -> "Plot":
        """The scales turn with the box that they lie in."""
        turned = super().turned(page, by, width, height)
        if not self.lies_on(page):
            return turned
        return turned.changed(across=self.across.turned(by), up=self.up and self.up.turned(by))


class PlotPoint(Model):
    across: Value
    up: Value | None = None
    """None: on a number line."""
    letter: Annotated[str, Limits(pattern=r"^[A-L]?$")] = ""


class PlotInterval(Model):
    """From where to where; None: it runs on. Whether the end itself belongs to it is told of both."""

    low: Value | None = None
    low_belongs: bool = True
    high: Value | None = None
    high_belongs: bool = True


def _lettered_once(points: tuple[PlotPoint, ...]) -> tuple[PlotPoint, ...]:
    letters = [point.letter for point in points if point.letter]
    if len(set(letters)) < len(letters):
        raise ValueError("has a letter twice")
    return points


SetPoints = Annotated[tuple[PlotPoint, ...], Limits(max_length=MOST_SET), AfterValidator(_lettered_once)]
SetIntervals = Annotated[tuple[PlotInterval, ...], Limits(max_length=MOST_SET)]


class PlotKey(KeyBase):
    kind: Literal["plot"] = "plot"
    placed: SetPoints = ()
    intervals: SetIntervals = ()
    off: Annotated[float, Limits(ge=0, le=100)] = 0
    """Steps by which values may be off."""

    @model_validator(mode="after")
    def _says_something(self) -> Self:
        if not self.placed and not self.intervals:
            raise ValueError("says nothing")
        return self


class PlotPrompt(PromptBase):
    kind: Literal["plot"] = "plot"
    across: Scale
    up: Scale | None = None
    asked: Asked
    most: int
    lettered: bool
    read_out: bool


class PlotAnswer(AnswerBase):
    kind: Literal["plot"] = "plot"
    version: Literal[1] = 1
    placed: SetPoints = ()
    intervals: SetIntervals = ()


def _exact(value: float) -> Fraction:
    """What was meant by a value that a browser reckoned: its shortest decimal."""
    return Fraction(str(value))


def _at(point: PlotPoint) -> At:
    return At(_exact(point.across), _exact(point.up or 0))


def _interval(each: PlotInterval) -> Interval:
    low, high = (None if end is None else _exact(end) for end in (each.low, each.high))
    if low is not None and high is not None and low > high:
        return Interval(high, each.high_belongs, low, each.low_belongs)
    return Interval(low, each.low_belongs and low is not None, high, each.high_belongs and high is not None)


_ROUNDING = Fraction(1, 1_000_000)
"""Of a step: what two machines may reckon differently is no difference."""


def _off(field: Plot, key: PlotKey) -> Off:
    steps = max(_exact(key.off), _ROUNDING)
    return Off(steps * _exact(field.across.step), steps * _exact(field.up.step) if field.up else Fraction(0))


def _frame(field: Plot) -> Frame:
    """From where to where the known values run, which is where the teacher sees the grid."""
    across, up = field.across, field.up
    left, right = sorted(_exact(known.value) for known in (across.first, across.last))
    bottom, top = sorted(_exact(known.value) for known in (up.first, up.last)) if up else (Fraction(0), Fraction(0))
    return Frame(left, right, bottom, top)


def _has_key(field: Plot, key: PlotKey) -> bool:
    """Whether a key speaks of what is asked."""
    match field.asked:
        case "points":
            return bool(key.placed) and not (field.lettered and any(not point.letter for point in key.placed))
        case "intervals":
            return bool(key.intervals)
        case "line":
            return len({_at(point) for point in key.placed}) == 2


def _judge(field: Plot, key: PlotKey, answer: PlotAnswer, settings: AnswerSettings) -> Mark:
    if not _has_key(field, key):
        return for_teacher(NO_KEY)
    mark = _compared(field, key, answer)
    return wrong(mark.reason) if mark.verdict is Verdict.PARTLY and not field.part_marks else mark


def _compared(field: Plot, key: PlotKey, answer: PlotAnswer) -> Mark:
    off = _off(field, key)
    match field.asked:
        case "intervals":
            given, wanted = ([_interval(each) for each in of.intervals] for of in (answer, key))
            return plotted.compare_all_intervals(given, wanted, off.across)
        case "line":
            one, other = _places(key.placed)
            return plotted.compare_lines(_places(answer.placed), (one, other), off, _frame(field))
        case "points" if field.lettered:
            return plotted.compare_named(_by_letter(answer.placed), _by_letter(key.placed), off)
        case "points":
            return plotted.compare_points(_places(answer.placed), _places(key.placed), off)


def _places(points: SetPoints) -> list[At]:
    return [_at(point) for point in points]


def _by_letter(points: SetPoints) -> dict[str, At]:
    return {point.letter: _at(point) for point in points}


def _key_from_text(field: Plot, part: str, text: str, key: PlotKey | None) -> PlotKey | None:
    """Values as teachers write them: 2.5; 4 or (2, 3) and (4, 1), intervals as usual, a line by its equation."""
    off = key.off if key else 0.0
    match field.asked:
        case "intervals":
            found = read_intervals(text)[:MOST_SET]
            return PlotKey(intervals=tuple(_kept(each) for each in found), off=off) if found else None
        case "line":
            line = read_line(text, _frame(field))
            return PlotKey(placed=tuple(_point(field, at) for at in line), off=off) if line else None
        case "points":
            written = read_points(text, coordinates=field.up is not None)[:MOST_SET]
            points = tuple(_point(field, at, letter) for letter, at in _with_letters(field, written))
            return PlotKey(placed=points, off=off) if points else None


def _with_letters(field: Plot, written: list[tuple[str, At]]) -> list[tuple[str, At]]:
    """Points with the letters that are written, or else one after the other; none where letters do not matter."""
    if not field.lettered:
        return [("", at) for _, at in written]
    if len({letter for letter, _ in written if letter}) == len(written):
        return sorted(written, key=lambda named: named[0])
    return [(letter, at) for letter, (_, at) in zip(LETTERS, written, strict=False)]


def _point(field: Plot, at: At, letter: str = "") -> PlotPoint:
    return PlotPoint(across=float(at.across), up=float(at.up) if field.up else None, letter=letter)


def _kept(each: Interval) -> PlotInterval:
    low, high = (None if end is None else float(end) for end in each.ends)
    return PlotInterval(low=low, low_belongs=each.low_belongs, high=high, high_belongs=each.high_belongs)


def _doubt(field: Plot, key: PlotKey, settings: AnswerSettings) -> Sentence | None:
    if not _has_key(field, key):
        return OTHER_QUESTION
    if field.asked != "line" and len(key.placed or key.intervals) > field.most:
        return MORE_THAN_ASKED
    return None if _can_be_set(field, key) else NOT_ON_A_STEP


def _can_be_set(field: Plot, key: PlotKey) -> bool:
    """Whether what is right is near enough to where students can set it."""
    off = _off(field, key)
    step = At(_exact(field.across.step), _exact(field.up.step) if field.up else Fraction(1))
    if field.asked == "intervals":
        ends = [end for each in key.intervals for end in _interval(each).ends if end is not None]
        return all(is_on_a_step(end, step.across, off.across) for end in ends)
    points = _places(key.placed)
    if field.asked == "line":
        return points_of_steps((points[0], points[1]), step, off, _frame(field)) >= 2
    return all(
        is_on_a_step(at.across, step.across, off.across) and is_on_a_step(at.up, step.up, off.up) for at in points
    )


def _check_answer(field: Plot, answer: PlotAnswer) -> None:
    most = 2 if field.asked == "line" else field.most
    other = answer.placed if field.asked == "intervals" else answer.intervals
    of_a_grid = [point.up is not None for point in answer.placed]
    if (
        other
        or max(len(answer.placed), len(answer.intervals)) > most
        or any(grid != (field.up is not None) for grid in of_a_grid)
    ):
        raise AnswerRefused("answer.not_on_scale", "This is not what can be set here. What was saved before is kept.")


PLOT = Kind(
    name="plot",
    label="Points on a scale",
    field=Plot,
    key=PlotKey,
    prompt_type=PlotPrompt,
    answer=PlotAnswer,
    is_blank=lambda answer: not answer.placed and not answer.intervals,
    judge=alone(_judge),
    without_key=lambda field, key: () if _has_key(field, key) else (WHOLE,),
    key_from_text=_key_from_text,
    doubt=_doubt,
    smallest_target=lambda field: (POINT_SIZE, POINT_SIZE),
    steps_of_judging=lambda key, answer: 4 + max(len(key.placed) + len(key.intervals), len(answer.placed)) ** 2,
    check_answer=_check_answer,
    example=(
        Plot(
            id="tides001",
            page="page1",
            box=Box(x=72, y=500, width=420, height=40),
            across=Scale(first=Known(x=0.05, y=0.5, value=0), last=Known(x=0.95, y=0.5, value=12), step=0.5),
            most=2,
        ),
        PlotKey(placed=(PlotPoint(across=4.5), PlotPoint(across=10.5))),
        PlotAnswer(placed=(PlotPoint(across=10.5), PlotPoint(across=4.5))),
    ),
)
