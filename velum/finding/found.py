"""What is found on a page."""

from typing import Literal, TypeAlias

from velum.geometry.box import Box
from velum.model import Model

Sort: TypeAlias = Literal["line", "lines", "box", "cell", "gap", "space", "options", "name"]
"""A blank on or in a line of print; several lines to write on; an empty box; an empty cell of a table; the gap behind a
sign or a label; the space under a question; options to tick; where a student writes the name, the class or the date.
"""


class Found(Model):
    """A place where students answer. ``spots`` are those of options, each to be ticked, with its letter or words."""

    sort: Sort
    box: Box
    number: str = ""
    """As it is printed beside it, with that of the question above it: "3b"."""
    asked: int | None = None
    """Which of the numbers of the page that is, from above: two questions may bear the same."""
    section: str = ""
    """The letter or the number of the section that the question stands in."""
    name: str = ""
    """For those who listen: the words beside it."""
    spots: tuple[Box, ...] = ()
    says: tuple[str, ...] = ()
    several: bool = False
    """Whether several lines are to be written."""
    confidence: float = 1.0
    """From 0 to 1."""
