"""What groups and choices earn. The tests hold the core to it, and docs/marking.md is made of it."""

from dataclasses import dataclass

from velum.mark import Verdict

R, P, W, T, B = Verdict.RIGHT, Verdict.PARTLY, Verdict.WRONG, Verdict.TEACHER, Verdict.BLANK


@dataclass(frozen=True)
class PoolCase:
    """The right answers of a group whose answers may stand in any order, what was written, and the verdicts."""

    says: str
    keys: tuple[str, ...]
    written: tuple[str, ...]
    verdicts: tuple[Verdict, ...]
    also: tuple[tuple[str, ...], ...] = ()
    """What else is right, box by box."""


POOLS = [
    PoolCase("in the boxes' own order", ("crab", "limpet", "goby"), ("crab", "limpet", "goby"), (R, R, R)),
    PoolCase("in another order", ("crab", "limpet", "goby"), ("goby", "crab", "limpet"), (R, R, R)),
    PoolCase("one that is not asked for", ("crab", "limpet", "goby"), ("goby", "gull", "crab"), (R, W, R)),
    PoolCase("the same twice counts once", ("crab", "limpet", "goby"), ("crab", "Crab.", "goby"), (R, W, R)),
    PoolCase("twice where it is asked for twice", ("2", "2", "5"), ("5", "2.0", "2"), (R, R, R)),
    PoolCase("three times where it is asked for twice", ("2", "2", "5"), ("2", "2", "2"), (R, R, W)),
    PoolCase("a box left blank", ("crab", "limpet", "goby"), ("", "goby", "limpet"), (B, R, R)),
    PoolCase(
        "the best way to share them, not the first",
        ("crab", "limpet"),
        ("shore crab", "crab"),
        (R, R),
        also=(("shore crab", "limpet"), ("crab",)),
    ),
    PoolCase(
        "the same twice, though two boxes accept it",
        ("crab", "limpet"),
        ("shellfish", "shellfish"),
        (R, W),
        also=(("shellfish",), ("shellfish",)),
    ),
    PoolCase(
        "name three of these: the same three times counts once",
        ("ebb", "ebb", "ebb"),
        ("ebb", "Ebb.", "ebb"),
        (R, W, W),
        also=(("flood", "slack"),) * 3,
    ),
    PoolCase(
        "name three of these: three of them",
        ("ebb", "ebb", "ebb"),
        ("slack", "ebb", "flood"),
        (R, R, R),
        also=(("flood", "slack"),) * 3,
    ),
    PoolCase(
        "name two of these: one answer in other spellings counts once",
        ("2", "2", "2"),
        ("2", "two", "5"),
        (R, W, R),
        also=(("3", "5"),) * 3,
    ),
    PoolCase(
        "name two of these: times too",
        ("19:00", "19:00"),
        ("19:00", "7 pm"),
        (R, W),
        also=(("08:00",),) * 2,
    ),
    PoolCase("what cannot be told is left to the teacher", ("1500", "7"), ("7", "1.500"), (R, T)),
]


@dataclass(frozen=True)
class PickCase:
    """Of five options: which are right, which were picked, and what it earns with part marks and without."""

    right: str
    picked: str
    part_marks: str
    all_or_nothing: str


PICKS = [
    PickCase("A C E", "A C E", "1", "1"),
    PickCase("A C E", "A C", "2/3", "0"),
    PickCase("A C E", "A B C", "1/3", "0"),
    PickCase("A C E", "A B D", "0", "0"),
    PickCase("A C E", "A B C D E", "1/3", "0"),
    PickCase("A", "A B C D E", "0", "0"),
]
