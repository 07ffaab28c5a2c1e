"""Which pieces belong where. A teacher lays them as a student would; several arrangements may be right."""

import re
from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field as Limits

from velum.kinds.kind import KeyBase
from velum.kinds.pieces.field import Pieces
from velum.kinds.pieces.laid import PiecesAnswer, in_slots
from velum.kinds.pieces.piece import Piece, piece_named, plain
from velum.kinds.pieces.slot import MOST_SLOTS, Region
from velum.model import Id, Model
from velum.sentence import Sentence

MOST_ARRANGEMENTS = 20

Asks = Literal["these", "only", "at_least", "count", "as_many"]
"""These and no others; any number of these; these and perhaps more; so many, whichever; as many as another slot."""

_GONE = Sentence("doubt.piece_gone", "A piece or a slot that the key names is no longer there.")
_TOO_MANY = Sentence("doubt.slot_too_small", "More pieces belong in a slot than it holds.")


class Belongs(Model):
    """What belongs in a slot, or in a region of a loose one. A piece of a stack is named once for each copy."""

    slot: Id
    pieces: Annotated[tuple[Id, ...], Limits(max_length=200)] = ()
    asks: Asks = "these"
    count: Annotated[int, Limits(ge=0, le=200)] = 0
    """How many, where the number is asked for."""
    like: Id | None = None
    """The slot that has to hold as many."""
    region: Region | None = None


Arrangement = Annotated[tuple[Belongs, ...], Limits(max_length=2 * MOST_SLOTS)]


class PiecesKey(KeyBase):
    """Each arrangement is right."""

    kind: Literal["pieces"] = "pieces"
    arrangements: Annotated[tuple[Arrangement, ...], Limits(min_length=1, max_length=MOST_ARRANGEMENTS)]


def without_key(field: Pieces, key: PiecesKey) -> list[str]:
    """The parts of which no arrangement says anything."""
    said = {belongs.slot for arrangement in key.arrangements for belongs in arrangement}
    if field.together or not field.slots:
        return [] if said else [part.id for part in field.parts]
    return [slot.id for slot in field.slots if slot.id not in said]


def doubt(field: Pieces, key: PiecesKey) -> Sentence | None:
    """Why the key may not be what the teacher meant."""
    pieces = {piece.id for piece in field.pieces}
    slots = {slot.id: slot for slot in field.slots}
    for belongs in (belongs for arrangement in key.arrangements for belongs in arrangement):
        named = {belongs.slot, *({belongs.like} if belongs.like else ())}
        if not set(belongs.pieces) <= pieces or not named <= set(slots):
            return _GONE
        most = slots[belongs.slot].most
        wanted = belongs.count if belongs.asks == "count" else len(belongs.pieces)
        if belongs.asks != "only" and most is not None and wanted > most:
            return _TOO_MANY
    return None


def key_from_text(field: Pieces, part: str, text: str, key: PiecesKey | None) -> PiecesKey | None:
    """The key that words make: for a slot the pieces that say them, for a whole set a piece for each slot in turn."""
    said = [word for word in re.split(r"\s*[;,\n]\s*", text.strip()) if word]
    pieces = [piece for word in said if (piece := _saying(field.pieces, word))]
    if not said or len(pieces) < len(said):
        return None
    if part:
        made = [Belongs(slot=part, pieces=tuple(piece.id for piece in pieces))]
    else:
        made = [Belongs(slot=slot.id, pieces=(piece.id,)) for slot, piece in zip(field.slots, pieces, strict=False)]
    there = {belongs.slot for belongs in made}
    before = key.arrangements[0] if key else ()
    return PiecesKey(arrangements=((*(each for each in before if each.slot not in there), *made),)) if made else None


def _saying(pieces: Sequence[Piece], word: str) -> Piece | None:
    return next((piece for piece in pieces if plain(piece.words) == plain(word)), None)


def accepting(field: Pieces, part: str, key: PiecesKey, answer: PiecesAnswer) -> PiecesKey | None:
    """The key by which what was laid in a part is right too."""
    laid = {
        slot: tuple(piece.id for name, _ in held if (piece := piece_named(field.pieces, name)))
        for slot, held in in_slots(field, answer).items()
    }
    wanted = [slot.id for slot in field.slots if slot.id in laid and part in ("", slot.id)]
    if not wanted or len(key.arrangements) == MOST_ARRANGEMENTS:
        return None
    others = [each for each in key.arrangements[0] if part and each.slot != part]
    made = (*others, *(Belongs(slot=slot, pieces=laid[slot]) for slot in wanted))
    return key.changed(arrangements=(*key.arrangements, made))
