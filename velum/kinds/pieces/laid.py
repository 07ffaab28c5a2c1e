"""Where students laid pieces. Each piece is saved by itself, so it is in one place, whoever moved it last."""

from collections import Counter
from collections.abc import Mapping
from typing import Annotated, Literal

from pydantic import Field as Limits
from pydantic import StringConstraints

from velum.geometry.share import Share
from velum.kinds.kind import AnswerBase, AnswerRefused
from velum.kinds.pieces.field import Pieces
from velum.kinds.pieces.piece import piece_named
from velum.model import Id, Model

MOST_LAID = 1_000
"""Pieces and copies that an answer speaks of."""

Rank = Annotated[float, Limits(ge=-1e6, le=1e6)]


class PieceLaid(AnswerBase):
    """The slot that a piece lies in; empty: it is back where it waits.

    ``x`` and ``y`` are where its middle lies in a loose slot, in shares of the slot; ``rank`` orders the pieces of any
    other one. ``turn`` is in degrees, clockwise; ``size`` is how much larger it is than it was.
    """

    kind: Literal["pieces"] = "pieces"
    version: Literal[1] = 1
    slot: Id | Literal[""] = ""
    x: Share = 0.5
    y: Share = 0.5
    rank: Rank = 0
    turn: Annotated[int, Limits(ge=0, lt=360)] = 0
    size: Annotated[float, Limits(ge=0.25, le=4)] = 1


class Move(Model):
    """A piece, by its name or that of a copy, and where it was laid last."""

    piece: Annotated[str, StringConstraints(pattern=r"^[a-z0-9]{4,32}$")]
    laid: PieceLaid


class PiecesAnswer(AnswerBase):
    """The pieces that were moved, in the order in which they were moved last."""

    kind: Literal["pieces"] = "pieces"
    version: Literal[1] = 1
    moves: Annotated[tuple[Move, ...], Limits(max_length=MOST_LAID)] = ()


def together(field: Pieces, entries: Mapping[str, PieceLaid]) -> PiecesAnswer:
    """The answer that moves make. What more lies in a slot than it holds goes back: what came last, stays."""
    room = {slot.id: slot.most for slot in field.slots}
    held: Counter[str] = Counter()
    kept: list[Move] = []
    for name, laid in reversed(list(entries.items())):
        most = room.get(laid.slot)
        held[laid.slot] += 1
        if laid.slot not in room or (most is not None and held[laid.slot] > most):
            laid = laid.changed(slot="")
        kept.append(Move(piece=name, laid=laid))
    return PiecesAnswer(moves=tuple(reversed(kept)))


def check_entry(field: Pieces, name: str, entry: PieceLaid) -> None:
    """Raises AnswerRefused for a piece or a slot that is not there."""
    piece = piece_named(field.pieces, name)
    if piece is None:
        raise AnswerRefused("answer.no_piece", "This piece is not on the sheet any more. All others are kept.")
    if entry.slot and all(slot.id != entry.slot for slot in field.slots):
        raise AnswerRefused("answer.no_slot", "This slot is not on the sheet any more. The piece stays where it was.")
    if (entry.turn and not piece.turns) or (entry.size != 1 and not piece.resizes):
        raise AnswerRefused("answer.fixed_piece", "This piece cannot be turned or resized. It stays as it was.")


def check_answer(field: Pieces, answer: PiecesAnswer) -> None:
    """Raises AnswerRefused for pieces named twice, and as ``check_entry`` does."""
    if len({move.piece for move in answer.moves}) < len(answer.moves):
        raise AnswerRefused("answer.piece_twice", "A piece lies in two places. What was saved before is kept.")
    room = {slot.id: slot.most for slot in field.slots}
    held = Counter(move.laid.slot for move in answer.moves if move.laid.slot)
    for slot, count in held.items():
        most = room.get(slot)
        if most is not None and count > most:
            raise AnswerRefused("answer.slot_full", "A slot holds more than it can. What was saved before is kept.")
    for move in answer.moves:
        check_entry(field, move.piece, move.laid)


def in_slots(field: Pieces, answer: PiecesAnswer) -> dict[str, list[tuple[str, PieceLaid]]]:
    """What lies in each slot that holds something: pieces by name, in the order in which they stand."""
    found: dict[str, list[tuple[str, PieceLaid]]] = {}
    for move in answer.moves:
        if move.laid.slot:
            found.setdefault(move.laid.slot, []).append((move.piece, move.laid))
    loose = {slot.id for slot in field.slots if slot.loose}
    for slot, pieces in found.items():
        if slot not in loose:
            pieces.sort(key=lambda each: each[1].rank)
    return found
