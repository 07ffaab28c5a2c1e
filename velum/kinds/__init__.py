"""The field kinds: an explicit list, and the types that any of them may be.

A new kind is a module beside this one, a line in ``KINDS``, and its types in the four unions below.
"""

from typing import Annotated, Any, TypeAlias

from pydantic import Discriminator

from velum.kinds.answer_box import ANSWER_BOX, AnswerBox, AnswerBoxAnswer, AnswerBoxKey, AnswerBoxPrompt
from velum.kinds.choice import CHOICE, Choice, ChoiceAnswer, ChoiceKey, ChoicePrompt
from velum.kinds.kind import Kind
from velum.kinds.tick_places import (
    TICK_PLACES,
    TickPlaces,
    TickPlacesAnswer,
    TickPlacesKey,
    TickPlacesPrompt,
)

_BY_KIND = Discriminator("kind")
Field: TypeAlias = Annotated[AnswerBox | Choice | TickPlaces, _BY_KIND]
Key: TypeAlias = Annotated[AnswerBoxKey | ChoiceKey | TickPlacesKey, _BY_KIND]
Prompt: TypeAlias = Annotated[AnswerBoxPrompt | ChoicePrompt | TickPlacesPrompt, _BY_KIND]
Answer: TypeAlias = Annotated[AnswerBoxAnswer | ChoiceAnswer | TickPlacesAnswer, _BY_KIND]

AnyKind: TypeAlias = Kind[Any, Any, Any, Any]


def registry(*kinds: AnyKind) -> dict[str, AnyKind]:
    """The kinds by name. A name given twice is refused at start."""
    by_name = {kind.name: kind for kind in kinds}
    if len(by_name) != len(kinds):
        raise ValueError("two field kinds have the same name")
    return by_name


KINDS = registry(ANSWER_BOX, CHOICE, TICK_PLACES)


def kind_of(value: Field | Key | Prompt | Answer) -> AnyKind:
    """The kind of a field, a key, a prompt or an answer."""
    return KINDS[value.kind]
