"""Sound box: a recording that students make, or a sound that they bring. It waits for the teacher."""

from typing import Annotated, Literal

from pydantic import Field as Limits

from velum.geometry.box import Box
from velum.kinds.kind import AnswerBase, FieldBase, KeyBase, Kind, PromptBase
from velum.model import Sha256

Seconds = Annotated[int, Limits(ge=5, le=1_200)]


class SoundBox(FieldBase):
    kind: Literal["sound_box"] = "sound_box"
    most_seconds: Seconds = 60
    """How long a recording may be."""


class SoundBoxPrompt(PromptBase):
    kind: Literal["sound_box"] = "sound_box"
    most_seconds: Seconds


class SoundBoxAnswer(AnswerBase):
    kind: Literal["sound_box"] = "sound_box"
    version: Literal[1] = 1
    sound: Sha256 | None = None


SOUND_BOX: Kind[SoundBox, KeyBase, SoundBoxPrompt, SoundBoxAnswer] = Kind(
    name="sound_box",
    label="Sound box",
    field=SoundBox,
    key=None,
    prompt_type=SoundBoxPrompt,
    answer=SoundBoxAnswer,
    is_blank=lambda answer: answer.sound is None,
    smallest_target=lambda field: (field.box.width, field.box.height),
    takes="sound",
    files=lambda answer: [answer.sound] if answer.sound else [],
    example=(
        SoundBox(id="voice001", page="page1", box=Box(x=72, y=400, width=200, height=44)),
        None,
        SoundBoxAnswer(sound="7" * 64),
    ),
)
