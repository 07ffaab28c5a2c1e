"""What teachers send about handouts."""

import uuid
from typing import Annotated

from pydantic import AfterValidator, AwareDatetime, Field

from server.entrance.schemas import Incoming
from velum.outside_text import lines
from velum.rosters.roster import MOST_STUDENTS

MOST_MINUTES = 10_000
"""A week, and a little."""
MOST_CLASSES = 50
"""To which a worksheet is handed out at once."""


class HandoutSettings(Incoming):
    """A setting that is left out stays as it is. ``try_cost`` is in hundredths of a field's points."""

    message: Annotated[str, Field(max_length=1_000), AfterValidator(lines)] = ""
    open: bool = True
    opens_at: AwareDatetime | None = None
    due_at: AwareDatetime | None = None
    takes_late: bool = True
    closes_at: AwareDatetime | None = None
    minutes: Annotated[int, Field(ge=1, le=MOST_MINUTES)] | None = None
    may_check: bool = False
    tries_allowed: Annotated[int, Field(ge=1, le=100)] | None = None
    try_cost: Annotated[int, Field(ge=0, le=100)] = 0
    shows_reasons: bool = False
    shows_hints: bool = True


class ToClassIn(Incoming):
    """A class, or those of its ``students`` who are named."""

    of_class: uuid.UUID
    students: Annotated[list[uuid.UUID], Field(min_length=1, max_length=MOST_STUDENTS)] | None = None


class HandOutIn(Incoming):
    """To whom a worksheet is handed out: a handout is made for each class, and one for ``guests``."""

    classes: Annotated[list[ToClassIn], Field(max_length=MOST_CLASSES)] = []
    guests: bool = False
    settings: HandoutSettings = HandoutSettings()
