"""Free notes: text that students lay anywhere on the page, or in a part of it, as on slips of paper."""

import re
from collections.abc import Mapping
from typing import Annotated, Literal

from pydantic import Field as Limits
from pydantic import StringConstraints

from velum.geometry.box import Box
from velum.kinds.kind import AnswerBase, AnswerRefused, Entries, FieldBase, KeyBase, Kind, PromptBase
from velum.model import Id, Model, NoNul

MOST_NOTES = 40
NARROWEST, WIDEST = 60.0, 400.0
"""Points that a note is wide."""

NoteColour = Literal["yellow", "blue", "rose", "green"]


class FreeNote(FieldBase):
    kind: Literal["free_note"] = "free_note"
    whole_page: bool = True
    """Whether notes may lie anywhere on its page, over what else is answered there."""


class FreeNotePrompt(PromptBase):
    kind: Literal["free_note"] = "free_note"
    whole_page: bool


class Note(AnswerBase):
    """A note, its top left corner in points of its page. Without words it was taken away."""

    kind: Literal["free_note"] = "free_note"
    version: Literal[1] = 1
    x: Annotated[float, Limits(ge=-10_000, le=20_000)] = 0
    y: Annotated[float, Limits(ge=-10_000, le=20_000)] = 0
    width: Annotated[float, Limits(ge=NARROWEST, le=WIDEST)] = 140
    colour: NoteColour = "yellow"
    text: Annotated[str, StringConstraints(max_length=2_000), NoNul] = ""


class Laid(Model):
    """A note and its name."""

    id: Id
    note: Note


class FreeNoteAnswer(AnswerBase):
    kind: Literal["free_note"] = "free_note"
    version: Literal[1] = 1
    notes: Annotated[tuple[Laid, ...], Limits(max_length=2 * MOST_NOTES)] = ()
    """The lowest first. Two devices that each lay as many as there may be keep all of them."""


def _together(field: FreeNote, entries: Mapping[str, Note]) -> FreeNoteAnswer:
    return FreeNoteAnswer(notes=tuple(Laid(id=name, note=note) for name, note in entries.items() if note.text.strip()))


def _check(field: FreeNote, name: str, note: Note) -> None:
    if not re.fullmatch(r"[a-z0-9]{4,32}", name):
        raise AnswerRefused("answer.no_note", "This note has no name. What was saved before is kept.")


FREE_NOTE: Kind[FreeNote, KeyBase, FreeNotePrompt, FreeNoteAnswer] = Kind(
    name="free_note",
    label="Free notes",
    field=FreeNote,
    key=None,
    prompt_type=FreeNotePrompt,
    answer=FreeNoteAnswer,
    is_blank=lambda answer: not answer.notes,
    smallest_target=lambda field: (field.box.width, field.box.height),
    steps_of_reading=lambda answer: 1 + len(answer.notes),
    entries=Entries(
        entry=Note,
        together=_together,
        apart=lambda answer: {laid.id: laid.note for laid in answer.notes},
        most=2 * MOST_NOTES,
        check=_check,
    ),
    example=(
        FreeNote(id="notes001", page="page1", box=Box(x=72, y=400, width=300, height=160), whole_page=False),
        None,
        FreeNoteAnswer(
            notes=(
                Laid(id="note0001", note=Note(x=90, y=420, text="The tin again!")),
                Laid(id="note0002", note=Note(x=200, y=460, width=100, colour="rose", text="Who came?")),
            )
        ),
    ),
)
