"""What the teachers of the sample world have laid on their papers: boxes in points, and the right answers."""

from dataclasses import dataclass

from velum.document.document import Document
from velum.document.edits import Edit, PlaceField, SetKey
from velum.geometry.box import Box
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey


@dataclass(frozen=True)
class Laid:
    """An answer box on a page (from 0). Without a key it waits for the teacher."""

    page: int
    x: float
    y: float
    width: float
    height: float
    key: str | None = None
    points: float = 1


def _cell(row: int, column: int, key: str) -> Laid:
    return Laid(0, 148 + (column - 1) * 100, 173 + row * 28, 98, 26, key)


TIDE_TABLE = (
    _cell(2, 3, "13:10"),
    _cell(3, 1, "07:50"),
    _cell(3, 4, "0.4"),
    _cell(4, 2, "4.8"),
    _cell(5, 4, "0"),
    Laid(0, 420, 412, 127, 21, "4.2"),
    Laid(0, 420, 456, 127, 21, "6:10"),
    Laid(0, 420, 500, 127, 21, "Friday"),
    Laid(0, 420, 544, 127, 21, "0.8"),
    Laid(0, 68, 632, 479, 80, None, 3),
)

KEEPERS_LOG = (
    Laid(1, 330, 126, 217, 21, "Merry Anne"),
    Laid(1, 330, 160, 217, 21, "gannet"),
    Laid(1, 330, 194, 217, 21, "the lid of a biscuit tin"),
    Laid(1, 330, 228, 217, 21, "the harbour master"),
    Laid(1, 66, 338, 481, 106, None, 3),
    Laid(1, 66, 508, 481, 106, None, 3),
    Laid(1, 330, 677, 217, 21, "dusk"),
    Laid(2, 70, 190, 352, 98, None, 1),
    Laid(2, 441, 241, 105, 24, "42"),
    Laid(2, 70, 364, 352, 98, None, 1),
    Laid(2, 441, 415, 105, 24, "240", 2),
    Laid(2, 387, 577, 159, 26, "42"),
    Laid(2, 387, 605, 159, 26, "36"),
    Laid(2, 227, 633, 158, 26, "6"),
    Laid(2, 440, 715, 107, 21),
)


def edits(worksheet: Document, boxes: tuple[Laid, ...]) -> list[Edit]:
    """The edits that lay the boxes on a worksheet and set their keys."""
    made: list[Edit] = []
    for number, laid in enumerate(boxes):
        field_id = f"box{number:03}"
        box = Box(x=laid.x, y=laid.y, width=laid.width, height=laid.height)
        made.append(
            PlaceField(
                field=AnswerBox(
                    id=field_id,
                    page=worksheet.pages[laid.page].id,
                    box=box,
                    points=laid.points,
                    lines="several" if laid.height >= 40 else "one",
                )
            )
        )
        if laid.key:
            made.append(SetKey(field_id=field_id, key=AnswerBoxKey(text=laid.key)))
    return made
