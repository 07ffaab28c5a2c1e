"""A set of pieces, the tray where they wait, and the slots where they belong."""

from collections.abc import Callable
from typing import Annotated, Literal, Self

from pydantic import AfterValidator, model_validator
from pydantic import Field as Limits

from velum.geometry.box import Box
from velum.kinds.kind import FieldBase, PromptBase
from velum.kinds.part import PLAIN, WHOLE, Part, Settled
from velum.kinds.pieces.piece import MOST_PIECES, Piece
from velum.kinds.pieces.slot import MOST_SLOTS, Slot
from velum.model import Id, each_named_once
from velum.placed import Place

PieceList = Annotated[tuple[Piece, ...], Limits(min_length=1, max_length=MOST_PIECES), AfterValidator(each_named_once)]
SlotList = Annotated[tuple[Slot, ...], Limits(max_length=MOST_SLOTS), AfterValidator(each_named_once)]

Tray = Literal["page", "beside"]
"""Where pieces wait: in the field's box on its page, or beside the pages, always in view."""

Counted = Literal["each", "all", "pairs"]
"""How a set that is one question is marked: each piece, all or nothing, or the pairs that stand in the right order."""


class Pieces(FieldBase):
    kind: Literal["pieces"] = "pieces"
    pieces: PieceList
    slots: SlotList = ()
    settled: dict[Id, Settled] = {}
    """What was settled about slots, by their ids."""
    tray: Tray = "page"
    shuffled: bool = True
    """Whether pieces wait in an order of their own for each student."""
    together: bool = False
    """Whether the set is one question; else each slot is one."""
    counted: Counted = "each"
    part_marks: bool = True
    wrong_counts: bool = False
    """Whether pieces in wrong slots count against right ones, never below nothing."""
    order_counts: bool = False
    """Whether the order of the pieces in a slot counts."""

    @model_validator(mode="after")
    def _overlaps_are_of_slots(self) -> Self:
        whole = {slot.id for slot in self.slots if slot.overlap is None}
        for slot in self.slots:
            if slot.overlap and not set(slot.overlap) <= whole:
                raise ValueError("has an overlap of slots that are not there")
        return self

    @property
    def places(self) -> tuple[Place, ...]:
        return (Place(self.page, self.box), *(Place(slot.page, slot.box, slot.id) for slot in self.slots))

    def moved(self, move: Callable[[Place], Box]) -> Self:
        slots = tuple(slot.changed(box=move(Place(slot.page, slot.box, slot.id))) for slot in self.slots)
        return self.changed(box=move(Place(self.page, self.box)), slots=slots)

    @property
    def parts(self) -> tuple[Part, ...]:
        if self.together or not self.slots:
            return (Part(WHOLE, self.points, self.name, self.number, self.hint),)
        return tuple(self.settled.get(slot.id, PLAIN).part(slot.id, slot.name, slot.id) for slot in self.slots)


class PiecesPrompt(PromptBase):
    kind: Literal["pieces"] = "pieces"
    pieces: PieceList
    slots: SlotList
    tray: Tray
    shuffled: bool
