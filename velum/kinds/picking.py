"""What the kinds share whose students pick from options, each of which has an id within its field."""

from collections.abc import Collection, Iterable
from typing import Annotated, Literal

from pydantic import AfterValidator, Field

from velum.kinds.kind import AnswerBase, AnswerRefused, Json, KeyBase
from velum.model import HasId, Id
from velum.sentence import Sentence

MOST_OPTIONS = 26
"""As many as there are letters to name them."""


Sign = Literal["tick", "cross", "ring"]
"""What is put on the paper where a student presses."""


def _each_once(picked: tuple[str, ...]) -> tuple[str, ...]:
    return tuple(sorted(set(picked)))


Picked = Annotated[tuple[Id, ...], Field(max_length=MOST_OPTIONS), AfterValidator(_each_once)]
"""Options by their ids."""


class TickedKey(KeyBase):
    """Which options are right; at least one."""

    picked: Annotated[Picked, Field(min_length=1)]


class TickedAnswer(AnswerBase):
    """Which options were picked."""

    picked: Picked


def ids_of(options: Iterable[HasId]) -> list[str]:
    """The ids of options, in their order."""
    return [option.id for option in options]


def id_of_place(place: int) -> str:
    """The id of the option at a place from 0, where nothing else has given it one."""
    return f"opt{place:02}"


_GONE = Sentence("doubt.gone", "An option that was right is no longer there.")


def gone_options(picked: Collection[str], there: Collection[str]) -> Sentence | None:
    """What is doubtful of a key that names options that are not among those ``there``."""
    return None if set(picked) <= set(there) else _GONE


def check_picked(picked: Collection[str], there: Collection[str]) -> None:
    """Raises AnswerRefused when an answer picks what is not ``there``."""
    if not set(picked) <= set(there):
        raise AnswerRefused(
            "answer.no_option", "This option is no longer part of the question. What was saved before is kept."
        )


def picks_by_id(data: Json) -> Json:
    """A key of a document up to version 2, which named options by their places from 0."""
    return data | {"picked": [id_of_place(place) for place in data["picked"]]}


def answer_by_id(data: Json, there: Collection[str]) -> Json:
    """An answer of version 1, which named options by their places from 0; what is not ``there`` was never offered."""
    picked = [id_of_place(place) for place in data["picked"]]
    return data | {"version": 2, "picked": [option for option in picked if option in there]}
