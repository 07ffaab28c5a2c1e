"""The marks of what was laid: of each slot, or of a set as a whole.

Alike pieces are interchangeable. A right piece in its place counts; one in a wrong place counts against it only if the
teacher says so, and never below nothing. Of several right arrangements the one counts that the answer is nearest to.
"""

from collections import Counter
from collections.abc import Hashable, Iterable, Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import combinations

from velum.answers.settings import AnswerSettings
from velum.kinds.part import WHOLE
from velum.kinds.pieces.field import Pieces
from velum.kinds.pieces.key import Arrangement, Belongs, PiecesKey, without_key
from velum.kinds.pieces.laid import PieceLaid, PiecesAnswer, in_slots
from velum.kinds.pieces.piece import alike, piece_named
from velum.mark import NO_KEY, Mark, for_teacher, partly, right, wrong
from velum.sentence import Sentence

IN_PLACE = Sentence("pieces.in_place", "where it belongs")
ALL_IN_PLACE = Sentence("pieces.all_in_place", "all where they belong")
ELSEWHERE = Sentence("pieces.elsewhere", "not what belongs there")
OTHER_ORDER = Sentence("pieces.other_order", "in another order")
NOT_ALL = Sentence("pieces.not_all", "not all are where they belong")


def in_place(count: int, wanted: int) -> Sentence:
    return Sentence.counted(
        "pieces.some",
        "{count} of {wanted} is where it belongs",
        "{count} of {wanted} are where they belong",
        count,
        {"wanted": wanted},
    )


def in_order(count: int, wanted: int) -> Sentence:
    return Sentence.counted(
        "pieces.pairs",
        "{count} of {wanted} pairs stands in the right order",
        "{count} of {wanted} pairs stand in the right order",
        count,
        {"wanted": wanted},
    )


def number_laid(count: int, wanted: int) -> Sentence:
    return Sentence.counted(
        "pieces.count",
        "{count} piece, where {wanted} belong",
        "{count} pieces, where {wanted} belong",
        count,
        {"wanted": wanted},
    )


@dataclass(frozen=True, slots=True)
class Held:
    """A piece in a slot: what it is, and where in the slot."""

    what: Hashable
    laid: PieceLaid


@dataclass(frozen=True, slots=True)
class Outcome:
    """How many pieces of those wanted are right, and how many are there that should not be."""

    good: int = 0
    wanted: int = 0
    stray: int = 0
    laid: int = 0
    moved: bool = False
    """Whether they are the right ones in another order."""

    def and_also(self, other: "Outcome") -> "Outcome":
        return Outcome(
            self.good + other.good,
            self.wanted + other.wanted,
            self.stray + other.stray,
            self.laid + other.laid,
            self.moved or other.moved,
        )

    def share(self, *, wrong_counts: bool) -> Fraction:
        against = self.stray if wrong_counts else 0
        if not self.wanted:
            return Fraction(int(not self.stray))  # nothing belongs here
        return Fraction(max(0, self.good - against), self.wanted)


def judge(field: Pieces, key: PiecesKey, answer: PiecesAnswer, settings: AnswerSettings) -> dict[str, Mark]:
    """The mark of each part in which something lies."""
    slots = _contents(field, answer)
    told = [_told(field, arrangement, slots) for arrangement in key.arrangements]
    best = max(range(len(told)), key=lambda at: _worth(field, told[at]))
    if field.together or not field.slots:
        whole = Outcome()
        for outcome in told[best].values():
            whole = whole.and_also(outcome)
        return {WHOLE: _of_set(field, key.arrangements[best], slots, whole)}
    unsaid = set(without_key(field, key))
    rules = {slot: _rules(key.arrangements[best], slot) for slot in slots}
    return {
        slot: for_teacher(NO_KEY) if slot in unsaid else _mark(field, told[best][slot], rules[slot]) for slot in slots
    }


def _contents(field: Pieces, answer: PiecesAnswer) -> dict[str, list[Held]]:
    return {
        slot: [Held(alike(piece), laid) for name, laid in held if (piece := piece_named(field.pieces, name))]
        for slot, held in in_slots(field, answer).items()
    }


def _worth(field: Pieces, told: dict[str, Outcome]) -> tuple[Fraction, int]:
    shares = (outcome.share(wrong_counts=field.wrong_counts) for outcome in told.values())
    return sum(shares, Fraction(0)), -sum(outcome.stray for outcome in told.values())


def _rules(arrangement: Arrangement, slot: str) -> list[Belongs]:
    return [belongs for belongs in arrangement if belongs.slot == slot]


def _told(field: Pieces, arrangement: Arrangement, slots: dict[str, list[Held]]) -> dict[str, Outcome]:
    """What is to be said of each slot, by one arrangement."""
    counts = {slot: len(held) for slot, held in slots.items()}
    said = {belongs.slot for belongs in arrangement}
    told = {}
    for slot in [*dict.fromkeys([*slots, *(slot.id for slot in field.slots if slot.id in said)])]:
        held, outcome = slots.get(slot, []), Outcome()
        rules = _rules(arrangement, slot)
        by_region, outside = _by_region(field, rules, held)
        for place, belongs in enumerate(rules):
            inside = by_region[place] if belongs.region else held
            outcome = outcome.and_also(_by_rule(field, belongs, [each.what for each in inside], counts))
        if by_region or not rules:
            outcome = outcome.and_also(Outcome(stray=len(outside), laid=len(outside)))
        told[slot] = outcome
    return told


def _by_region(
    field: Pieces, rules: Sequence[Belongs], held: Sequence[Held]
) -> tuple[dict[int, list[Held]], list[Held]]:
    """Each piece of a slot in one of the regions that it lies in, and those that lie in none.

    Regions may overlap: a piece stands in one that still wants it, else in the first. Regions by their rule's place.
    """
    inside: dict[int, list[Held]] = {place: [] for place, rule in enumerate(rules) if rule.region}
    wanted = {place: Counter(_kinds(field, rules[place])) for place in inside}
    outside: list[Held] = []
    for each in held:
        holding = [place for place in inside if (area := rules[place].region) and area.holds(each.laid.x, each.laid.y)]
        wanting = [place for place in holding if wanted[place][each.what] > 0]
        if wanting:
            wanted[wanting[0]][each.what] -= 1
        (inside[(wanting or holding)[0]] if holding else outside).append(each)
    return inside, outside


def _kinds(field: Pieces, belongs: Belongs) -> list[Hashable]:
    """What the pieces are that belong somewhere, as far as they are still there."""
    kinds = {piece.id: alike(piece) for piece in field.pieces}
    return [kinds[name] for name in belongs.pieces if name in kinds]


def _by_rule(field: Pieces, belongs: Belongs, there: Sequence[Hashable], counts: dict[str, int]) -> Outcome:
    wanted = _kinds(field, belongs)
    match belongs.asks:
        case "count":
            return _number(len(there), belongs.count)
        case "as_many":
            other = counts.get(belongs.like or "", 0)
            return Outcome(int(len(there) == other > 0), 1, 0, len(there))
        case "only":
            fitting = sum(what in wanted for what in there)
            return Outcome(int(fitting > 0), 1, len(there) - fitting, len(there))
        case _:
            return _these(field, belongs, wanted, there)


def _number(there: int, wanted: int) -> Outcome:
    return Outcome(int(there == wanted), 1, 0, there)


def _these(field: Pieces, belongs: Belongs, wanted: Sequence[Hashable], there: Sequence[Hashable]) -> Outcome:
    common = (Counter(wanted) & Counter(there)).total()
    stray = 0 if belongs.asks == "at_least" else len(there) - common
    # Who puts down a whole stack where three belong has not counted them.
    over = sum((Counter(there) - Counter(wanted))[what] for what in set(wanted)) if belongs.asks == "these" else 0
    good = max(0, common - over)
    if field.order_counts and len(wanted) > 1:
        in_turn = sum(one == other for one, other in zip(wanted, there, strict=False))
        return Outcome(max(0, in_turn - over), len(wanted), stray, len(there), good == len(wanted) > in_turn)
    return Outcome(good, len(wanted), stray, len(there))


def _mark(field: Pieces, outcome: Outcome, rules: Sequence[Belongs]) -> Mark:
    """The mark of a slot that is a question of its own."""
    share = outcome.share(wrong_counts=field.wrong_counts)
    numbers = [rule for rule in rules if rule.asks == "count"]
    if share == 1:
        return right(IN_PLACE if outcome.laid == 1 else ALL_IN_PLACE)
    if outcome.moved:
        reason = OTHER_ORDER
    elif len(rules) == len(numbers) == 1:
        reason = number_laid(outcome.laid, numbers[0].count)
    elif outcome.wanted > 1:
        reason = in_place(outcome.good, outcome.wanted)
    else:
        reason = ELSEWHERE
    return partly(share, reason) if share and field.part_marks else wrong(reason)


def _of_set(field: Pieces, arrangement: Arrangement, slots: dict[str, list[Held]], outcome: Outcome) -> Mark:
    """The mark of a set that is one question."""
    if field.counted == "pairs":
        good, wanted = _pairs(field, arrangement, slots)
        share, reason = Fraction(good, max(1, wanted)), in_order(good, wanted)
    else:
        share = outcome.share(wrong_counts=field.wrong_counts)
        reason = in_place(outcome.good, outcome.wanted) if outcome.wanted else ELSEWHERE
    if share == 1:
        return right(ALL_IN_PLACE)
    if field.counted == "all":
        return wrong(NOT_ALL)
    return partly(share, reason) if share else wrong(reason)


def _pairs(field: Pieces, arrangement: Arrangement, slots: dict[str, list[Held]]) -> tuple[int, int]:
    """How many pairs of pieces stand in the order of the arrangement, of how many."""
    wanted = _numbered(
        what for slot in field.slots for rule in _rules(arrangement, slot.id) for what in _kinds(field, rule)
    )
    there = _numbered(held.what for slot in field.slots for held in slots.get(slot.id, ()))
    at = {what: place for place, what in enumerate(there)}
    good = sum(one in at and other in at and at[one] < at[other] for one, other in combinations(wanted, 2))
    return good, len(wanted) * (len(wanted) - 1) // 2


def _numbered(pieces: Iterable[Hashable]) -> list[tuple[Hashable, int]]:
    """Alike pieces told apart by how many came before."""
    seen: Counter[Hashable] = Counter()
    numbered = []
    for what in pieces:
        numbered.append((what, seen[what]))
        seen[what] += 1
    return numbered
