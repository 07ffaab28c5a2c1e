"""Parts of fields: what is numbered, marked, tried and counted by itself, such as a cell of a table."""

from typing import Annotated, NamedTuple

from pydantic import StringConstraints

from velum.model import Model, NoNul
from velum.points import Points

Name = Annotated[str, StringConstraints(strip_whitespace=True, max_length=200), NoNul]
"""What a field is about, for those who listen: "Name of the boat"."""

QuestionNumber = Annotated[str, StringConstraints(strip_whitespace=True, max_length=12), NoNul]
Hint = Annotated[str, StringConstraints(strip_whitespace=True, max_length=300), NoNul]

PartId = Annotated[str, StringConstraints(pattern=r"^([a-z0-9]{4,32})?$")]
"""Names a part within its field; empty for a field that is one part."""

WHOLE = ""
"""The part of a field that is one."""


class PartRef(NamedTuple):
    """A part of a worksheet: its field, and its id there."""

    field: str
    part: str = WHOLE


class Part(NamedTuple):
    """What a field says of one of its parts."""

    id: str
    points: Points
    """Nothing: it collects opinions, which are not marked."""
    name: Name = ""
    number: QuestionNumber = ""
    """The question's number, where the teacher set it; otherwise it follows from the parts before."""
    hint: Hint = ""
    place: str = ""
    """Which of its field's places it lies at."""


class Settled(Model):
    """What the teacher settled about a part that is a question of its own."""

    points: Points = 1
    number: QuestionNumber = ""
    hint: Hint = ""

    def part(self, name: str, about: Name = "", place: str = "") -> Part:
        """The part of this id that it was settled about."""
        return Part(name, self.points, about, self.number, self.hint, place)


PLAIN = Settled()
"""A part of which nothing was settled."""
