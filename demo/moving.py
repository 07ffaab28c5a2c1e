"""Worksheets of the sample world whose answers are moved: banks, zones, lines, an order, a graph."""

from collections.abc import Callable, Iterable
from types import ModuleType

from demo.papers import days_work, litter, rock_pool, weather
from velum.document.document import Document
from velum.document.edits import Edit, PlaceField, Rename, SetKey
from velum.geometry.box import Box
from velum.kinds.joins import Dot, Join, Joins, JoinsKey
from velum.kinds.kind import FieldBase, KeyBase
from velum.kinds.order import Order, OrderKey, Step
from velum.kinds.pieces.field import Pieces
from velum.kinds.pieces.key import Belongs, PiecesKey
from velum.kinds.pieces.piece import Piece
from velum.kinds.pieces.slot import Slot

Keyed = tuple[FieldBase, KeyBase | None]
"""A field, and its key; what waits for the teacher has none."""
Draw = Callable[[str], str]
"""Keeps a picture of the library among the teacher's own, by its name; returns its SHA-256."""

_CREATURES = {"bird": 0, "crab": 1, "snail": 1, "fish": 2, "octopus": 2}
"""Creatures of the library, and the zone that each lives in."""


def papers() -> Iterable[tuple[ModuleType, Callable[[Document, Draw], list[Keyed]]]]:
    """The papers, and what their teacher laid on them."""
    return (rock_pool, _rock_pool), (weather, _weather), (days_work, _days_work), (litter, _litter)


def edits(document: Document, paper: ModuleType, laid: Iterable[Keyed]) -> list[Edit]:
    """The edits that lay fields on a worksheet and set their keys."""
    made: list[Edit] = [Rename(title=paper.TITLE)]
    for field, key in laid:
        made.append(PlaceField(field=field))
        if key:
            made.append(SetKey(field_id=field.id, key=key))
    return made


def _rock_pool(document: Document, draw: Draw) -> list[Keyed]:
    page = document.pages[0].id
    names = tuple(Piece(id=f"name{place}", words=words) for place, words in enumerate(rock_pool.WORDS))
    clues = tuple(
        Slot(id=f"clue{row}", page=page, box=Box(x=390, y=196 + 40 * row, width=157, height=24), name=clue)
        for row, clue in enumerate(rock_pool.CLUES)
    )
    bank = Pieces(
        id="names1", page=page, box=Box(x=70, y=134, width=477, height=46), pieces=names, slots=clues, shuffled=False
    )
    right = (1, 2, 4, 0)
    named = tuple(Belongs(slot=clue.id, pieces=(f"name{place}",)) for clue, place in zip(clues, right, strict=True))
    creatures = tuple(
        Piece(id=f"{name}1", words=name, picture=draw(name), look="bare", width=54, height=44) for name in _CREATURES
    )
    zones = tuple(
        Slot(
            id=f"zone{zone}",
            page=page,
            box=Box(x=70, y=420 + 104 * zone, width=330, height=104),
            name=name,
            most=None,
            loose=True,
            shown=False,
        )
        for zone, name in enumerate(rock_pool.ZONES)
    )
    sorted_ = Pieces(
        id="zones1",
        page=page,
        box=Box(x=412, y=420, width=136, height=312),
        points=5,
        pieces=creatures,
        slots=zones,
        together=True,
        wrong_counts=True,
        name="Creatures in their zones",
    )
    lives = tuple(
        Belongs(slot=zone.id, pieces=tuple(f"{name}1" for name, place in _CREATURES.items() if place == number))
        for number, zone in enumerate(zones)
    )
    return [(bank, PiecesKey(arrangements=(named,))), (sorted_, PiecesKey(arrangements=(lives,)))]


def _weather(document: Document, draw: Draw) -> list[Keyed]:
    page = document.pages[0].id
    rows = len(weather.INSTRUMENTS)
    dots = tuple(
        Dot(id=f"{side}{row}", x=x, y=(row + 0.5) / rows, side=side, name=words[row])
        for side, x, words in (("start", 0.05, weather.INSTRUMENTS), ("end", 0.95, weather.MEASURED))
        for row in range(rows)
    )  # fmt: skip
    joins = Joins(id="joins1", page=page, box=Box(x=150, y=134, width=176, height=44 * rows), points=4, dots=dots)
    lines = tuple(Join(a=f"start{row}", b=f"end{place}") for row, place in enumerate(weather.RIGHT))
    forces = tuple(
        Slot(
            id=f"force{place}",
            page=page,
            box=Box(x=106 + 100 * place, y=394, width=44, height=32),
            name=f"force {wind}",
            shown=False,
        )
        for place, wind in enumerate(weather.WINDS)
    )
    ring = Pieces(
        id="ring1",
        page=page,
        box=Box(x=70, y=440, width=60, height=40),
        pieces=(Piece(id="ring", words="ring", look="ring", width=40, height=28),),
        slots=forces,
        together=True,
        name="The force of the wind",
    )
    right = PiecesKey(arrangements=((Belongs(slot="force2", pieces=("ring",)),),))
    return [(joins, JoinsKey(lines=lines)), (ring, right)]


def _days_work(document: Document, draw: Draw) -> list[Keyed]:
    rows = len(days_work.WORK)
    steps = tuple(
        Step(id=f"work{row}", x=0.5, y=(row + 0.5) / rows, name=work) for row, work in enumerate(days_work.WORK)
    )
    box = Box(x=70, y=136, width=24, height=44 * rows)
    order = Order(id="order1", page=document.pages[0].id, box=box, points=5, steps=steps)
    return [(order, OrderKey(sequence=tuple(f"work{row}" for row in days_work.ORDER)))]


def _litter(document: Document, draw: Draw) -> list[Keyed]:
    page = document.pages[0].id
    stacks = tuple(Piece(id=f"{what}0", words=what.removesuffix("s"), copies=None) for what in litter.FOUND)
    bars = tuple(
        Slot(
            id=f"bar{column}",
            page=page,
            box=Box(
                x=litter.left_of(column),
                y=litter.BOTTOM - litter.HEIGHT,
                width=litter.WIDTH,
                height=litter.HEIGHT,
            ),
            name=what,
            most=None,
            counts=True,
        )
        for column, what in enumerate(litter.FOUND)
    )
    box = Box(x=110, y=660, width=430, height=46)
    field = Pieces(id="litter1", page=page, box=box, pieces=stacks, slots=bars, shuffled=False)
    piled = tuple(
        Belongs(slot=f"bar{column}", pieces=(f"{what}0",) * count)
        for column, (what, count) in enumerate(litter.FOUND.items())
    )
    return [(field, PiecesKey(arrangements=(piled,)))]
