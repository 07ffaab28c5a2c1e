"""The field kinds: an explicit list, and the types that any of them may be.

A new kind is a module beside this one, and a line in ``KINDS``.
"""

from typing import Annotated, Any, TypeAlias

from velum.kinds.answer_box import ANSWER_BOX
from velum.kinds.answer_table import ANSWER_TABLE
from velum.kinds.by_kind import ByKind
from velum.kinds.choice import CHOICE
from velum.kinds.free_note import FREE_NOTE
from velum.kinds.gaps import GAPS
from velum.kinds.ink import INK
from velum.kinds.joins import JOINS
from velum.kinds.kind import AnswerBase, FieldBase, KeyBase, Kind, PromptBase
from velum.kinds.long_text import LONG_TEXT
from velum.kinds.order import ORDER
from velum.kinds.picture_box import PICTURE_BOX
from velum.kinds.pieces import PIECES
from velum.kinds.plot import PLOT
from velum.kinds.sound_box import SOUND_BOX
from velum.kinds.tick_places import TICK_PLACES

AnyKind: TypeAlias = Kind[Any, Any, Any, Any]


def registry(*kinds: AnyKind) -> dict[str, AnyKind]:
    """The kinds by name. A name given twice is refused at start."""
    by_name = {kind.name: kind for kind in kinds}
    if len(by_name) != len(kinds):
        raise ValueError("two field kinds have the same name")
    return by_name


KINDS = registry(
    ANSWER_BOX,
    CHOICE,
    TICK_PLACES,
    PIECES,
    JOINS,
    ORDER,
    GAPS,
    LONG_TEXT,
    INK,
    PICTURE_BOX,
    SOUND_BOX,
    ANSWER_TABLE,
    PLOT,
    FREE_NOTE,
)


def _all() -> dict[str, AnyKind]:
    return KINDS


Field: TypeAlias = Annotated[FieldBase, ByKind(_all, lambda kind: kind.field)]
Key: TypeAlias = Annotated[KeyBase, ByKind(_all, lambda kind: kind.key)]
Prompt: TypeAlias = Annotated[PromptBase, ByKind(_all, lambda kind: kind.prompt_type)]
Answer: TypeAlias = Annotated[AnswerBase, ByKind(_all, lambda kind: kind.answer)]
Entry: TypeAlias = Annotated[AnswerBase, ByKind(_all, lambda kind: kind.entry)]
"""What is saved of an answer by itself: all of it, for most kinds."""


def kind_of(value: FieldBase | KeyBase | PromptBase | AnswerBase) -> AnyKind:
    """The kind of a field, a key, a prompt or an answer."""
    return KINDS[value.kind]
