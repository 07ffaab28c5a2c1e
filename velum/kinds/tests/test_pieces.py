import unittest
from collections.abc import Mapping
from fractions import Fraction
from typing import Any

from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from velum.geometry.box import Box
from velum.kinds.kind import AnswerRefused
from velum.kinds.part import WHOLE
from velum.kinds.pieces import PIECES
from velum.kinds.pieces.field import Pieces
from velum.kinds.pieces.key import Belongs, PiecesKey
from velum.kinds.pieces.laid import Move, PieceLaid, PiecesAnswer, in_slots
from velum.kinds.pieces.piece import MOST_COPIES, Piece, copies_of, piece_named
from velum.kinds.pieces.slot import Region, Slot
from velum.mark import Mark, Verdict

BOX = Box(x=10, y=10, width=100, height=40)
R, P, W, B, T = Verdict.RIGHT, Verdict.PARTLY, Verdict.WRONG, Verdict.BLANK, Verdict.TEACHER


def a_set(pieces: str, slots: Mapping[str, Any], **settings: Any) -> Pieces:
    """Pieces of these words, whose ids are their words; slots by their ids, with what is unusual of each."""
    made = tuple(Piece(id=word, words=word) for word in pieces.split())
    laid = tuple(Slot(id=name, page="page1", box=BOX).changed(**unusual) for name, unusual in slots.items())
    return Pieces(id="set01", page="page1", box=BOX, pieces=made, slots=laid, **settings)


def key(*arrangements: Mapping[str, str]) -> PiecesKey:
    """Arrangements of pieces, by their slots."""
    return PiecesKey(
        arrangements=tuple(
            tuple(Belongs(slot=slot, pieces=tuple(pieces.split())) for slot, pieces in each.items())
            for each in arrangements
        )
    )


def laid(**slots: str) -> PiecesAnswer:
    """An answer: the pieces in each slot, in their order."""
    return PiecesAnswer(
        moves=tuple(
            Move(piece=name, laid=PieceLaid(slot=slot, rank=rank))
            for slot, pieces in slots.items()
            for rank, name in enumerate(pieces.split())
        )
    )


def told(marks: Mapping[str, Mark]) -> dict[str, tuple[Verdict, Fraction]]:
    return {part: (mark.verdict, mark.share) for part, mark in marks.items()}


ONE_EACH = a_set("crab whelk limpet", {"pool": {}, "rock": {}})
MANY = {"most": None}


class SlotsOfTheirOwn(unittest.TestCase):
    def test_each_slot_has_a_mark_of_its_own(self) -> None:
        wanted = key({"pool": "crab", "rock": "limpet"})
        marks = PIECES.marks(ONE_EACH, wanted, laid(pool="crab", rock="whelk"))
        self.assertEqual(told(marks), {"pool": (R, 1), "rock": (W, 0)})
        self.assertEqual(told(PIECES.marks(ONE_EACH, wanted, laid(pool="crab")))["rock"], (B, 0))

    def test_alike_pieces_stand_for_each_other(self) -> None:
        twins = Pieces(
            id="set01",
            page="page1",
            box=BOX,
            pieces=(Piece(id="sea1", words="the sea"), Piece(id="sea2", words="The  Sea")),
            slots=ONE_EACH.slots,
        )
        wanted = key({"pool": "sea1", "rock": "sea2"})
        self.assertEqual(
            {mark.verdict for mark in PIECES.marks(twins, wanted, laid(pool="sea2", rock="sea1")).values()}, {R}
        )

    def test_a_slot_for_several_gives_part_marks(self) -> None:
        field = a_set("crab whelk limpet gull", {"pool": MANY})
        wanted = key({"pool": "crab whelk"})
        self.assertEqual(told(PIECES.marks(field, wanted, laid(pool="whelk")))["pool"], (P, Fraction(1, 2)))
        self.assertEqual(told(PIECES.marks(field, wanted, laid(pool="crab gull")))["pool"], (P, Fraction(1, 2)))
        self.assertEqual(told(PIECES.marks(field, wanted, laid(pool="crab whelk gull")))["pool"], (R, 1))
        strict = field.changed(wrong_counts=True)
        self.assertEqual(told(PIECES.marks(strict, wanted, laid(pool="crab whelk gull")))["pool"], (P, Fraction(1, 2)))
        self.assertEqual(told(PIECES.marks(strict, wanted, laid(pool="gull limpet")))["pool"], (W, 0))
        whole = field.changed(part_marks=False)
        self.assertEqual(told(PIECES.marks(whole, wanted, laid(pool="crab")))["pool"], (W, 0))

    def test_the_order_in_a_slot_counts_if_the_teacher_says_so(self) -> None:
        field = a_set("ebbs flood", {"pool": MANY})
        wanted, turned = key({"pool": "ebbs flood"}), laid(pool="flood ebbs")
        self.assertEqual(PIECES.marks(field, wanted, turned)["pool"].verdict, R)
        mark = PIECES.marks(field.changed(order_counts=True), wanted, turned)["pool"]
        self.assertEqual((mark.verdict, mark.reason.code), (W, "pieces.other_order"))

    def test_of_several_arrangements_the_nearest_counts_for_all_slots(self) -> None:
        wanted = key({"pool": "crab", "rock": "limpet"}, {"pool": "limpet", "rock": "crab"})
        for answer in (laid(pool="crab", rock="limpet"), laid(pool="limpet", rock="crab")):
            self.assertEqual({mark.verdict for mark in PIECES.marks(ONE_EACH, wanted, answer).values()}, {R})
        mixed = PIECES.marks(ONE_EACH, wanted, laid(pool="crab", rock="whelk"))
        self.assertEqual([mark.verdict for mark in mixed.values()], [R, W])

    def test_what_nothing_is_said_of_waits_for_the_teacher(self) -> None:
        marks = PIECES.marks(ONE_EACH, key({"pool": "crab"}), laid(pool="crab", rock="whelk"))
        self.assertEqual([mark.verdict for mark in marks.values()], [R, T])

    def test_where_nothing_belongs_a_piece_is_wrong(self) -> None:
        marks = PIECES.marks(ONE_EACH, key({"pool": "crab", "rock": ""}), laid(pool="crab", rock="whelk"))
        self.assertEqual([mark.verdict for mark in marks.values()], [R, W])


class Counting(unittest.TestCase):
    def setUp(self) -> None:
        stack = Piece(id="bottle", words="bottle", copies=None)
        bars = tuple(Slot(id=name, page="page1", box=BOX, most=None) for name in ("bar1", "bar2"))
        cans = Piece(id="cans", words="can", copies=3)
        self.field = Pieces(id="set01", page="page1", box=BOX, pieces=(stack, cans), slots=bars)

    def bottles(self, first: int, second: int = 0) -> PiecesAnswer:
        names = list(copies_of(self.field.pieces[0]))
        return laid(bar1=" ".join(names[:first]), bar2=" ".join(names[first : first + second]))

    def verdicts(self, belongs: Belongs, answer: PiecesAnswer) -> Verdict:
        return PIECES.marks(self.field, PiecesKey(arrangements=((belongs,),)), answer)["bar1"].verdict

    def test_so_many_of_a_stack(self) -> None:
        three = Belongs(slot="bar1", pieces=("bottle",) * 3)
        self.assertEqual([self.verdicts(three, self.bottles(count)) for count in (3, 2, 4, 6, 0)], [R, P, P, W, B])

    def test_a_number_whichever_they_are(self) -> None:
        two = Belongs(slot="bar1", asks="count", count=2)
        self.assertEqual(self.verdicts(two, laid(bar1="bottlec1 cansc2")), R)
        mark = PIECES.marks(self.field, PiecesKey(arrangements=((two,),)), self.bottles(3))["bar1"]
        self.assertEqual((mark.verdict, mark.reason.words), (W, "3 pieces, where 2 belong"))

    def test_certain_pieces_in_any_number(self) -> None:
        only = Belongs(slot="bar1", asks="only", pieces=("bottle",))
        self.assertEqual(self.verdicts(only, self.bottles(7)), R)
        self.assertEqual(self.verdicts(only, laid(bar1="cansc1")), W)

    def test_at_least_these(self) -> None:
        two = Belongs(slot="bar1", asks="at_least", pieces=("bottle", "bottle"))
        self.assertEqual([self.verdicts(two, self.bottles(count)) for count in (1, 2, 5)], [P, R, R])

    def test_as_many_as_in_another_slot(self) -> None:
        same = Belongs(slot="bar1", asks="as_many", like="bar2")
        self.assertEqual(self.verdicts(same, self.bottles(4, 4)), R)
        self.assertEqual(self.verdicts(same, self.bottles(4, 3)), W)

    def test_copies_have_names_of_their_own(self) -> None:
        self.assertEqual(list(copies_of(self.field.pieces[1])), ["cansc1", "cansc2", "cansc3"])
        self.assertEqual(len(list(copies_of(self.field.pieces[0]))), MOST_COPIES)
        for piece in self.field.pieces:
            for name in copies_of(piece):
                self.assertIs(piece_named(self.field.pieces, name), piece)
        for name in ("cansc4", "cansc0", "cansc01", "cans", "bottlec201", "bottlec", "cansc²", ""):
            self.assertIsNone(piece_named(self.field.pieces, name), name)


class Sets(unittest.TestCase):
    ORDER = a_set("dawn noon dusk night", {f"slot{i}": {} for i in range(4)}, together=True)
    DAY = key({"slot0": "dawn", "slot1": "noon", "slot2": "dusk", "slot3": "night"})

    def mark(self, answer: PiecesAnswer, **settings: Any) -> tuple[Verdict, Fraction]:
        return told(PIECES.marks(self.ORDER.changed(**settings), self.DAY, answer))[WHOLE]

    def test_a_set_is_one_question_with_part_marks(self) -> None:
        self.assertEqual(self.mark(laid(slot0="dawn", slot1="noon", slot2="dusk", slot3="night")), (R, 1))
        self.assertEqual(self.mark(laid(slot0="dawn", slot1="dusk", slot2="noon")), (P, Fraction(1, 4)))
        self.assertEqual(self.mark(laid(slot0="dawn", slot1="dusk"), wrong_counts=True), (W, 0))

    def test_all_or_nothing(self) -> None:
        self.assertEqual(
            self.mark(laid(slot0="dawn", slot1="noon", slot2="night", slot3="dusk"), counted="all"), (W, 0)
        )
        done = laid(slot0="dawn", slot1="noon", slot2="dusk", slot3="night")
        self.assertEqual(self.mark(done, counted="all"), (R, 1))

    def test_pairs_in_the_right_order(self) -> None:
        late = laid(slot0="noon", slot1="dusk", slot2="night", slot3="dawn")
        self.assertEqual(self.mark(late, counted="pairs"), (P, Fraction(3, 6)))
        self.assertEqual(
            self.mark(laid(slot0="night", slot1="dusk", slot2="noon", slot3="dawn"), counted="pairs"), (W, 0)
        )

    def test_regions_of_a_loose_slot_are_known_to_the_key_alone(self) -> None:
        sea = Region(x=0, y=0.5, width=1, height=0.5)
        disc = Region(x=0, y=0, width=0.5, height=0.5, shape="ellipse")
        field = a_set("gull whale", {"shore": {"loose": True, "most": None}}, together=True)
        wanted = PiecesKey(
            arrangements=(
                (
                    Belongs(slot="shore", pieces=("whale",), region=sea),
                    Belongs(slot="shore", pieces=("gull",), region=disc),
                ),
            )
        )

        def at(gull: tuple[float, float], whale: tuple[float, float]) -> Fraction:
            pieces = {"gull": gull, "whale": whale}
            moves = (Move(piece=n, laid=PieceLaid(slot="shore", x=x, y=y)) for n, (x, y) in pieces.items())
            answer = PiecesAnswer(moves=tuple(moves))
            return PIECES.marks(field, wanted, answer)[WHOLE].share

        self.assertEqual(at((0.25, 0.25), (0.5, 0.9)), 1)
        self.assertEqual(at((0.02, 0.02), (0.5, 0.9)), Fraction(1, 2))  # beside the disc, in its corner
        self.assertEqual(at((0.9, 0.9), (0.9, 0.1)), 0)

    def test_a_piece_in_two_regions_stands_in_the_one_that_wants_it(self) -> None:
        left = Region(x=0, y=0, width=0.7, height=1)
        right = Region(x=0.3, y=0, width=0.7, height=1)
        field = a_set("gull whale crab", {"shore": {"loose": True, "most": None}}, together=True, wrong_counts=True)
        wanted = PiecesKey(
            arrangements=(
                (
                    Belongs(slot="shore", pieces=("gull",), region=left),
                    Belongs(slot="shore", pieces=("whale",), region=right),
                ),
            )
        )

        def share(**places: float) -> Fraction:
            moves = (Move(piece=name, laid=PieceLaid(slot="shore", x=x)) for name, x in places.items())
            return PIECES.marks(field, wanted, PiecesAnswer(moves=tuple(moves)))[WHOLE].share

        self.assertEqual(share(gull=0.5, whale=0.5), 1)
        self.assertEqual(share(whale=0.5, gull=0.5), 1)
        self.assertEqual(share(gull=0.5, whale=0.5, crab=0.5), Fraction(1, 2))  # one too many, counted once
        self.assertEqual(share(gull=0.9, whale=0.1), 0)


class Moves(unittest.TestCase):
    def refused(self, name: str, data: Any) -> str:
        with self.assertRaises(AnswerRefused) as caught:
            PIECES.read_entry(ONE_EACH, name, {"kind": "pieces", "version": 1, **data})
        return caught.exception.code

    def test_what_is_not_there_is_refused_by_its_name(self) -> None:
        self.assertEqual(self.refused("octopus", {"slot": "pool"}), "answer.no_piece")
        self.assertEqual(self.refused("crab", {"slot": "cave"}), "answer.no_slot")
        self.assertEqual(self.refused("crab", {"slot": "pool", "turn": 90}), "answer.fixed_piece")
        self.assertEqual(self.refused("crab", {"slot": "pool", "size": 2}), "answer.fixed_piece")
        for odd in ({"x": -0.1}, {"x": 1.2}, {"y": "left"}, {"y": float("nan")}, {"rank": float("inf")}, {"turn": 360}):
            self.assertEqual(self.refused("crab", {"slot": "pool", **odd}), "answer.refused", odd)

    def test_an_answer_that_names_a_piece_twice_or_fills_a_slot_too_full_is_refused(self) -> None:
        for answer, code in (
            (laid(pool="crab", rock="crab"), "answer.piece_twice"),
            (laid(pool="crab whelk"), "answer.slot_full"),
        ):
            with self.assertRaises(AnswerRefused) as caught:
                PIECES.read_answer(ONE_EACH, answer.model_dump(mode="json"))
            self.assertEqual(caught.exception.code, code)

    def test_a_piece_put_where_another_lies_sends_it_back(self) -> None:
        moves = {"crab": PieceLaid(slot="pool"), "whelk": PieceLaid(slot="pool")}
        answer = PIECES.read_entries(ONE_EACH, {name: move.model_dump(mode="json") for name, move in moves.items()})
        self.assertEqual([name for name, _ in in_slots(ONE_EACH, answer)["pool"]], ["whelk"])

    @given(
        st.lists(
            st.tuples(st.sampled_from(["crab", "whelk", "limpet"]), st.sampled_from(["pool", "rock", ""])), max_size=12
        )
    )
    def test_however_pieces_are_moved_each_is_in_one_place_and_no_slot_is_too_full(
        self, moves: list[tuple[str, str]]
    ) -> None:
        entries: dict[str, PieceLaid] = {}
        for name, slot in moves:
            entries.pop(name, None)
            entries[name] = PieceLaid(slot=slot)
        answer = PIECES.entries.together(ONE_EACH, entries) if PIECES.entries else PiecesAnswer()
        self.assertEqual(PIECES.read_answer(ONE_EACH, answer.model_dump(mode="json")), answer)
        if moves and moves[-1][1]:
            self.assertIn(moves[-1][0], [name for name, _ in in_slots(ONE_EACH, answer)[moves[-1][1]]])


class Keys(unittest.TestCase):
    def test_a_pasted_line_fills_the_slots_of_a_set_in_turn(self) -> None:
        made = PIECES.key_from_text(Sets.ORDER, WHOLE, "dawn, noon; dusk, NIGHT", None)
        self.assertEqual(made, Sets.DAY)
        self.assertIsNone(PIECES.key_from_text(Sets.ORDER, WHOLE, "dawn, midnight", None))

    def test_a_slots_key_leaves_the_others_alone(self) -> None:
        made = PIECES.key_from_text(ONE_EACH, "rock", "limpet", key({"pool": "crab", "rock": "whelk"}))
        self.assertEqual(made, key({"pool": "crab", "rock": "limpet"}))

    def test_what_a_key_names_has_to_be_there_and_to_have_room(self) -> None:
        for wanted, code in (
            (key({"pool": "octopus"}), "doubt.piece_gone"),
            (key({"cave": "crab"}), "doubt.piece_gone"),
            (key({"pool": "crab whelk"}), "doubt.slot_too_small"),
        ):
            doubt = PIECES.doubt(ONE_EACH, wanted, None)  # type: ignore[arg-type]
            self.assertEqual(doubt and doubt.code, code)

    def test_what_somebody_laid_is_right_too(self) -> None:
        wanted = key({"pool": "crab", "rock": "limpet"})
        answer = laid(pool="whelk", rock="limpet")
        accepted = PIECES.accepting(ONE_EACH, "pool", wanted, answer)
        self.assertEqual([mark.verdict for mark in PIECES.marks(ONE_EACH, accepted, answer).values()], [R, R])

    def test_a_piece_without_words_cannot_be(self) -> None:
        with self.assertRaises(ValidationError):
            Piece(id="blank", picture="0" * 64)
        self.assertEqual(Piece(id="ring1", look="ring").words, "")

    def test_an_overlap_is_of_two_slots(self) -> None:
        with self.assertRaises(ValidationError):
            a_set("crab", {"both": {"overlap": ("pool", "rock")}, "pool": {}})
