"""Help on a field or on one of its questions: students see that there is some, and what it says once they ask for it.

That it was asked for is on record, and may cost a share of the points, as the teacher says.
"""

from collections.abc import Iterable
from typing import Annotated, Literal, NamedTuple, TypeAlias

from pydantic import AfterValidator, Discriminator, Field, StringConstraints

from velum.fixtures.picture import Alternative
from velum.instructions import Explained
from velum.kinds.part import PartId
from velum.links import Address
from velum.model import Id, Model, NoNul, Sha256, each_named_once

MOST_HELP = 30
"""Helps of a field."""

Share = Annotated[int, Field(ge=0, le=100)]
"""Hundredths."""

Said = Annotated[str, StringConstraints(strip_whitespace=True, max_length=500), NoNul]


class HelpBase(Model):
    """A help. ``part`` names the question that it is about; None: all of the field."""

    id: Id
    kind: str
    part: PartId | None = None
    cost: Share = 0
    """What it takes from the points of what it is about."""

    def is_about(self, part: str) -> bool:
        return self.part is None or self.part == part


class HintHelp(HelpBase):
    kind: Literal["hint"] = "hint"
    paragraphs: Explained = ()


class ExampleHelp(HelpBase):
    """A worked example, of which a student uncovers one step after the other: each paragraph is one."""

    kind: Literal["example"] = "example"
    paragraphs: Explained = ()


class LinkHelp(HelpBase):
    """A page of the web, which opens outside the worksheet."""

    kind: Literal["link"] = "link"
    address: Address
    label: Said = ""


class SoundHelp(HelpBase):
    kind: Literal["sound"] = "sound"
    sound: Sha256
    words: Said = ""
    """What it says, for those who do not hear it."""


class PictureHelp(HelpBase):
    kind: Literal["picture"] = "picture"
    picture: Sha256
    alternative: Alternative


Help: TypeAlias = Annotated[HintHelp | ExampleHelp | LinkHelp | SoundHelp | PictureHelp, Discriminator("kind")]
HelpKind = Literal["hint", "example", "link", "sound", "picture"]


Helps = Annotated[tuple[Help, ...], Field(max_length=MOST_HELP), AfterValidator(each_named_once)]


class HelpRef(NamedTuple):
    """A help of a worksheet: its field, and its id there."""

    field: str
    help: str


class HelpOffer(Model):
    """What students see of a help before they ask for it."""

    id: Id
    kind: HelpKind
    part: PartId | None
    cost: Share


def offers(helps: Iterable[Help]) -> tuple[HelpOffer, ...]:
    """What students see of helps, in their order."""
    return tuple(HelpOffer(id=help.id, kind=help.kind, part=help.part, cost=help.cost) for help in helps)
