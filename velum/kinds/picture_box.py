"""Picture box: a photo or a picture that students put there, turned, moved and labelled. It waits for the teacher."""

from typing import Annotated, Literal

from pydantic import Field as Limits
from pydantic import StringConstraints

from velum.geometry.box import Box
from velum.geometry.share import Share
from velum.geometry.turn import Turn
from velum.kinds.kind import AnswerBase, FieldBase, KeyBase, Kind, PromptBase
from velum.model import Model, NoNul, Sha256

Says = Annotated[str, StringConstraints(max_length=500), NoNul]
LabelText = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=100), NoNul]
MOST_LABELS = 30


class Label(Model):
    """Words at a point of the picture, in shares of it as it came."""

    x: Share
    y: Share
    text: LabelText


class PictureBox(FieldBase):
    kind: Literal["picture_box"] = "picture_box"


class PictureBoxPrompt(PromptBase):
    kind: Literal["picture_box"] = "picture_box"


class PictureBoxAnswer(AnswerBase):
    kind: Literal["picture_box"] = "picture_box"
    version: Literal[1] = 1
    picture: Sha256 | None = None
    says: Says = ""
    """What is seen on it, for those who do not see it."""
    turn: Turn = 0
    """Degrees clockwise."""
    zoom: Annotated[float, Limits(ge=1, le=8)] = 1
    """1: all of it is seen in the box."""
    x: Share = 0.5
    y: Share = 0.5
    """The point that lies in the middle of the box, in shares of the picture as it is turned."""
    labels: Annotated[tuple[Label, ...], Limits(max_length=MOST_LABELS)] = ()


PICTURE_BOX: Kind[PictureBox, KeyBase, PictureBoxPrompt, PictureBoxAnswer] = Kind(
    name="picture_box",
    label="Picture box",
    field=PictureBox,
    key=None,
    prompt_type=PictureBoxPrompt,
    answer=PictureBoxAnswer,
    is_blank=lambda answer: answer.picture is None,
    smallest_target=lambda field: (field.box.width, field.box.height),
    takes="picture",
    files=lambda answer: [answer.picture] if answer.picture else [],
    example=(
        PictureBox(id="photo001", page="page1", box=Box(x=72, y=400, width=200, height=150)),
        None,
        PictureBoxAnswer(picture="5" * 64, says="a whelk", turn=90, labels=(Label(x=0.5, y=0.25, text="the lip"),)),
    ),
)
