"""Joins: lines that students draw from dot to dot, from what is printed here to what belongs to it there."""

import re
from collections.abc import Mapping
from fractions import Fraction
from typing import Annotated, Literal

from pydantic import AfterValidator, StringConstraints
from pydantic import Field as Limits

from velum.answers.settings import AnswerSettings
from velum.answers.text import normalise
from velum.geometry.box import Box
from velum.geometry.share import Share
from velum.geometry.turn import Turn, turned_share
from velum.kinds.kind import AnswerBase, AnswerRefused, Entries, FieldBase, KeyBase, Kind, PromptBase, alone
from velum.kinds.part import Name
from velum.mark import Mark, partly, right, wrong
from velum.model import Id, Model, each_named_once
from velum.sentence import Sentence

MOST_DOTS, MOST_LINES = 80, 400

RIGHT = Sentence("joins.right", "the right lines, and no others")
OTHER = Sentence("joins.other", "other lines than the right ones")
GONE = Sentence("doubt.dot_gone", "A dot that the key names is no longer there.")

DOT_SIZE = 18.0
"""Points that a dot is wide and high, to be pressed."""

DotId = Annotated[Id, StringConstraints(max_length=14)]


def right_lines(count: int, wanted: int, more: int) -> Sentence:
    """How many lines are right, of how many; and how many are drawn besides."""
    said = Sentence.counted(
        "joins.some",
        "{count} of {wanted} lines is right",
        "{count} of {wanted} lines are right",
        count,
        {"wanted": wanted},
    )
    if not more:
        return said
    return said.and_also(Sentence.counted("joins.more", "{count} more is not", "{count} more are not", more))


class Dot(Model):
    """A dot beside what is printed. ``x`` and ``y`` are shares of the field's box.

    A line goes from a dot of one ``side`` to one of the other; from one without a side to any.
    """

    id: DotId
    x: Share
    y: Share
    side: Literal["", "start", "end"] = ""
    name: Name = ""
    """What is printed there, for those who do not see it."""


Dots = Annotated[tuple[Dot, ...], Limits(min_length=2, max_length=MOST_DOTS), AfterValidator(each_named_once)]


class Join(Model):
    """A line between two dots; which of them is named first says nothing."""

    a: DotId
    b: DotId

    @property
    def ends(self) -> frozenset[str]:
        return frozenset((self.a, self.b))


class Joins(FieldBase):
    kind: Literal["joins"] = "joins"
    dots: Dots
    one_each: bool = True
    """Whether one line at most ends at each dot."""
    curved: bool = False
    coloured: bool = False
    """Whether lines are told apart by colours, and by how they are dashed."""
    part_marks: bool = True

    def turned(self, page: str, by: Turn, width: float, height: float) -> "Joins":
        """The dots turn with the box that they are shares of."""
        turned = super().turned(page, by, width, height)
        if not self.lies_on(page):
            return turned
        places = ((dot, turned_share(dot.x, dot.y, by)) for dot in self.dots)
        return turned.changed(dots=tuple(dot.changed(x=x, y=y) for dot, (x, y) in places))


class JoinsKey(KeyBase):
    kind: Literal["joins"] = "joins"
    lines: Annotated[tuple[Join, ...], Limits(min_length=1, max_length=MOST_LINES)]


class JoinsPrompt(PromptBase):
    kind: Literal["joins"] = "joins"
    dots: Dots
    one_each: bool
    curved: bool
    coloured: bool


class LineDrawn(AnswerBase):
    """Whether a line is drawn; its name says between which dots."""

    kind: Literal["joins"] = "joins"
    version: Literal[1] = 1
    drawn: bool = True


class JoinsAnswer(AnswerBase):
    """The lines, in the order in which they were drawn."""

    kind: Literal["joins"] = "joins"
    version: Literal[1] = 1
    lines: Annotated[tuple[Join, ...], Limits(max_length=MOST_LINES)] = ()


def line_name(field: Joins, line: Join) -> str:
    """The name under which a line is saved, whichever of its dots came first."""
    places = {dot.id: place for place, dot in enumerate(field.dots)}
    a, b = sorted(line.ends, key=lambda name: places.get(name, -1))
    return f"{a}to{b}"


def line_named(field: Joins, name: str) -> Join | None:
    """The line that a name is of; None: it is not between two dots of this field, in their order."""
    places = {dot.id: place for place, dot in enumerate(field.dots)}
    for found in re.finditer("to", name):
        a, b = name[: found.start()], name[found.end() :]
        if a in places and b in places and places[a] < places[b]:
            return Join(a=a, b=b)
    return None


def _check(field: Joins, line: Join) -> None:
    sides = {dot.id: dot.side for dot in field.dots}
    if len(line.ends) < 2 or not line.ends <= sides.keys():
        raise AnswerRefused("answer.no_dot", "A dot of this line is not on the sheet any more. All others are kept.")
    if sides[line.a] and sides[line.a] == sides[line.b]:
        raise AnswerRefused("answer.same_side", "Both dots of this line are on the same side. All others are kept.")


def _check_entry(field: Joins, name: str, entry: LineDrawn) -> None:
    line = line_named(field, name)
    if line is None:
        raise AnswerRefused("answer.no_dot", "A dot of this line is not on the sheet any more. All others are kept.")
    _check(field, line)


def _check_answer(field: Joins, answer: JoinsAnswer) -> None:
    for line in answer.lines:
        _check(field, line)


def _together(field: Joins, entries: Mapping[str, LineDrawn]) -> JoinsAnswer:
    """The lines that stand. Where one line ends at each dot, the one that was drawn last does."""
    lines: list[Join] = []
    taken: set[str] = set()
    for name, entry in reversed(list(entries.items())):
        line = line_named(field, name)
        if line is None or not entry.drawn or (field.one_each and line.ends & taken):
            continue
        taken |= line.ends
        lines.append(line)
    return JoinsAnswer(lines=tuple(reversed(lines)))


def _judge(field: Joins, key: JoinsKey, answer: JoinsAnswer, settings: AnswerSettings) -> Mark:
    wanted, drawn = {line.ends for line in key.lines}, {line.ends for line in answer.lines}
    good, more = len(wanted & drawn), len(drawn - wanted)
    if drawn == wanted:
        return right(RIGHT)
    # Who joins all with all has not chosen: wrong lines count against right ones.
    share = Fraction(max(0, good - more), len(wanted)) if field.part_marks else Fraction(0)
    return partly(share, right_lines(good, len(wanted), more)) if share else wrong(OTHER)


_PAIR = re.compile(r"\s*(.+?)\s*(?:->|→|=|:|–|—|-|/)\s*(.+?)\s*")
_NUMBERED = re.compile(r"\s*(\d{1,2})\s*[-:=→.)]?\s*([a-zA-Z])\s*")


def _key_from_text(field: Joins, part: str, text: str, key: JoinsKey | None) -> JoinsKey | None:
    """Lines as they are written down: "tern - nest; seal - rock", or by place, "1B 2A"."""
    if not text.strip():
        return None
    starts = [dot for dot in field.dots if dot.side != "end"]
    ends = [dot for dot in field.dots if dot.side == "end"]
    by_place = [found.groups() for found in re.finditer(_NUMBERED, text)]
    if by_place and not _NUMBERED.sub("", re.sub(r"[,;\s]", "", text)):
        places = [(int(number) - 1, ord(letter.lower()) - ord("a")) for number, letter in by_place]
        if all(0 <= one < len(starts) and 0 <= other < len(ends) for one, other in places):
            return JoinsKey(lines=tuple(Join(a=starts[one].id, b=ends[other].id) for one, other in places))
    lines = []
    for said in re.split(r"[,;\n]", text):
        pair = _PAIR.fullmatch(said)
        dots = [_called(field, name) for name in pair.groups()] if pair else []
        if len(dots) < 2 or dots[0] is None or dots[1] is None or dots[0] is dots[1]:
            return None
        lines.append(Join(a=dots[0].id, b=dots[1].id))
    return JoinsKey(lines=tuple(lines))


def _called(field: Joins, name: str) -> Dot | None:
    return next((dot for dot in field.dots if dot.name and normalise(dot.name) == normalise(name)), None)


def _doubt(field: Joins, key: JoinsKey, settings: AnswerSettings) -> Sentence | None:
    there = {dot.id for dot in field.dots}
    return None if all(line.ends <= there for line in key.lines) else GONE


_TERN, _NEST, _SEAL, _ROCK = "tern", "nest", "seal", "rock"

JOINS = Kind(
    name="joins",
    label="Join dots",
    field=Joins,
    key=JoinsKey,
    prompt_type=JoinsPrompt,
    answer=JoinsAnswer,
    is_blank=lambda answer: not answer.lines,
    judge=alone(_judge),
    key_from_text=_key_from_text,
    doubt=_doubt,
    smallest_target=lambda field: (DOT_SIZE, DOT_SIZE),
    steps_of_judging=lambda key, answer: 2 + (len(key.lines) + len(answer.lines)) // 4,
    entries=Entries(
        entry=LineDrawn,
        together=_together,
        apart=lambda answer: {f"{line.a}to{line.b}": LineDrawn() for line in answer.lines},
        most=MOST_LINES,
        check=_check_entry,
    ),
    check_answer=_check_answer,
    example=(
        Joins(
            id="homes1",
            page="page1",
            box=Box(x=72, y=300, width=300, height=120),
            dots=(
                Dot(id=_TERN, x=0.1, y=0.2, side="start", name="tern"),
                Dot(id=_SEAL, x=0.1, y=0.8, side="start", name="seal"),
                Dot(id=_ROCK, x=0.9, y=0.2, side="end", name="rock"),
                Dot(id=_NEST, x=0.9, y=0.8, side="end", name="nest"),
            ),
        ),
        JoinsKey(lines=(Join(a=_TERN, b=_NEST), Join(a=_SEAL, b=_ROCK))),
        JoinsAnswer(lines=(Join(a=_TERN, b=_NEST), Join(a=_SEAL, b=_ROCK))),
    ),
)
