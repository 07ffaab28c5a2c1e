"""Pieces: words, numbers, pictures and rings that students move from a tray into slots, or lay on the page."""

from velum.geometry.box import Box
from velum.kinds.kind import Entries, Kind
from velum.kinds.part import WHOLE, Settled
from velum.kinds.pieces.field import Pieces, PiecesPrompt
from velum.kinds.pieces.judging import judge
from velum.kinds.pieces.key import Belongs, PiecesKey, accepting, doubt, key_from_text, without_key
from velum.kinds.pieces.laid import (
    MOST_LAID,
    Move,
    PieceLaid,
    PiecesAnswer,
    check_answer,
    check_entry,
    in_slots,
    together,
)
from velum.kinds.pieces.piece import Piece
from velum.kinds.pieces.slot import Slot

_PIECE_HEIGHT = 18.0
"""Points of a piece that is as large as its words."""


def _answered(field: Pieces, answer: PiecesAnswer) -> list[str]:
    held = in_slots(field, answer)
    return [part.id for part in field.parts if held and part.id in (WHOLE, *held)]


def _smallest_target(field: Pieces) -> tuple[float, float]:
    sides = [(slot.box.width, slot.box.height) for slot in field.slots]
    sides += [(piece.width or _PIECE_HEIGHT, piece.height or _PIECE_HEIGHT) for piece in field.pieces]
    return min(width for width, _ in sides), min(height for _, height in sides)


_EBB, _FLOOD = "ebb01", "flood01"
_FIRST, _SECOND = "slot1", "slot2"

PIECES = Kind(
    name="pieces",
    label="Pieces",
    field=Pieces,
    key=PiecesKey,
    prompt_type=PiecesPrompt,
    answer=PiecesAnswer,
    is_blank=lambda answer: not any(move.laid.slot for move in answer.moves),
    judge=judge,
    answered=_answered,
    without_key=without_key,
    key_from_text=key_from_text,
    accepting=accepting,
    doubt=lambda field, key, settings: doubt(field, key),
    smallest_target=_smallest_target,
    pictures=lambda field: [piece.picture for piece in field.pieces if piece.picture],
    steps_of_judging=lambda key, answer: 2 + len(key.arrangements) * (2 + len(answer.moves)),
    entries=Entries(
        entry=PieceLaid,
        together=together,
        apart=lambda answer: {move.piece: move.laid for move in answer.moves},
        most=MOST_LAID,
        check=check_entry,
    ),
    check_answer=check_answer,
    example=(
        Pieces(
            id="tides1",
            page="page1",
            box=Box(x=72, y=600, width=300, height=40),
            pieces=(Piece(id=_EBB, words="ebb"), Piece(id=_FLOOD, words="flood"), Piece(id="gale01", words="gale")),
            slots=(
                Slot(id=_FIRST, page="page1", box=Box(x=80, y=300, width=90, height=24), name="The sea goes out"),
                Slot(id=_SECOND, page="page2", box=Box(x=80, y=120, width=90, height=24), name="The sea comes in"),
            ),
            settled={_SECOND: Settled(points=2, hint="It is high at its end.")},
        ),
        PiecesKey(
            arrangements=((Belongs(slot=_FIRST, pieces=(_EBB,)), Belongs(slot=_SECOND, pieces=(_FLOOD,))),),
        ),
        PiecesAnswer(
            moves=(
                Move(piece=_EBB, laid=PieceLaid(slot=_FIRST)),
                Move(piece=_FLOOD, laid=PieceLaid(slot=_SECOND)),
            )
        ),
    ),
)
