"""How a field looks on its page."""

from typing import Annotated, Literal

from pydantic import Field

from velum.colour import Colour
from velum.model import Model

Border = Literal["thin", "bold", "below", "none"]
"""All around, or a line to write on."""

TextSize = Annotated[float, Field(ge=6, le=72)]
"""The size of letters in points."""


class Style(Model):
    """How fields look. The plainest is what fields had when nothing could be settled."""

    border: Border = "thin"
    fill: Colour | Literal["film", "none"] = "film"
    """Film is tinted as long as nothing is answered, and paper then."""
    see_through: bool = True
    """Whether what is printed shows through the fill."""
    size: TextSize | None = None
    """None: as large as fits."""
    colour: Colour | None = None
    """That of what is written; None: that of the film."""
    align: Literal["start", "centre", "end"] = "start"


USUAL = Style()

BOLD_AND_TINTED = Style(border="bold", fill="#ffe9b0", size=None)
PLAIN = Style(border="below", fill="none")
"""Styles that are ready to be taken: for young students, who have to see where to write, and for older ones."""
