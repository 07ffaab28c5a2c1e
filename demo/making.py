"""Worksheets of the sample world on which students make things: passages, letters, tables, ink, photos, recordings."""

import re
from collections.abc import Callable, Iterable
from types import ModuleType

from demo import explaining
from demo.moving import Draw, Keyed
from demo.papers import fog_letter, shells, tide_line
from velum.document.document import Document
from velum.geometry.box import Box
from velum.kinds.answer_box import AnswerBox, AnswerBoxKey
from velum.kinds.answer_table import AnswerTable, AnswerTableKey, Cell
from velum.kinds.free_note import FreeNote
from velum.kinds.gaps import Gap, Gaps, GapsKey, Stretch
from velum.kinds.ink import Ink
from velum.kinds.long_text import LongText, LongTextKey, Wanted
from velum.kinds.part import Settled
from velum.kinds.picture_box import PictureBox
from velum.kinds.plot import Known, Plot, PlotInterval, PlotKey, PlotPoint, Scale
from velum.kinds.sound_box import SoundBox
from velum.kinds.written_parts import PartRight


def papers() -> Iterable[tuple[ModuleType, Callable[[Document, Draw], list[Keyed]]]]:
    """The papers, and what their teacher laid on them."""
    return (fog_letter, _fog_letter), (shells, _shells), (tide_line, _tide_line)


def _fog_letter(document: Document, draw: Draw) -> list[Keyed]:
    page = document.pages[0].id
    words = re.split(r"[][]", fog_letter.PASSAGE)
    names = [f"gap{place}" for place in range(len(words) // 2)]
    passage = Gaps(
        id="passage1",
        page=page,
        box=Box(x=70, y=130, width=477, height=130),
        passage=tuple(
            Stretch(gap=names[place // 2]) if place % 2 else Stretch(text=text) for place, text in enumerate(words)
        ),
        gaps=tuple(Gap(id=name, fill="bank") for name in names),
        bank=(*words[1::2], "oil", "dusk", "two"),
    )
    right = tuple(PartRight(part=name, text=text) for name, text in zip(names, words[1::2], strict=True))
    letter = LongText(
        id="letter1",
        page=page,
        box=Box(x=70, y=314, width=477, height=280),
        points=6,
        spelling="en-GB",
        least_words=30,
        most_words=120,
        name="The letter home",
    )
    told = LongTextKey(
        wanted=tuple(
            Wanted(phrases=phrases)
            for phrases in (("oars",), ("harbour master",), ("bread", "post", "new pane"), ("sound of my bell", "bell"))
        )
    )
    aloud = SoundBox(
        id="aloud1", page=page, box=Box(x=70, y=648, width=360, height=44), points=2, name="The letter, read aloud"
    )
    return [(passage, GapsKey(right=right)), (letter, told), (aloud, None)]


def _shells(document: Document, draw: Draw) -> list[Keyed]:
    page = document.pages[0].id
    rows = len(shells.ROWS)
    lost = AnswerTable(
        id="lost1",
        skills=("amounts1",),
        settled={"lost0": Settled(number="1a")},
        page=page,
        box=Box(
            x=shells.LEFT + sum(shells.WIDTHS[:3]),
            y=shells.TOP + shells.ROW,
            width=shells.WIDTHS[3],
            height=rows * shells.ROW,
        ),
        rows=tuple((row + 1) / rows for row in range(rows - 1)),
        cells=tuple(
            Cell(id=f"lost{row}", row=row, column=0, name=f"Gas from {cells[0]} (g)")
            for row, cells in enumerate(shells.ROWS)
        ),
    )
    right = tuple(PartRight(part=f"lost{row}", text=text) for row, text in enumerate(shells.LOST))
    working = Ink(
        id="working1",
        page=page,
        box=Box(x=70, y=302, width=477, height=112),
        points=0,
        name="Working-out",
        working_for="lost1",
    )
    photo = PictureBox(
        id="photo1",
        page=page,
        box=Box(x=70, y=458, width=300, height=220),
        points=3,
        number="2",
        name="A photo with labels",
    )
    formulas: list[Keyed] = [
        (
            AnswerBox(
                id=f"formula{place}",
                page=page,
                box=Box(x=360, y=line - 15, width=187, height=22),
                number="3a" if place == 0 else "",
                signs="chemistry",
                name=words.rstrip(":").capitalize(),
                help=explaining.FORMULA_HELP if place == 0 else (),
                skills=("formulas1",),
            ),
            AnswerBoxKey(text=formula),
        )
        for place, (line, (words, formula)) in enumerate(zip(shells.FORMULA_LINES, shells.FORMULAS, strict=True))
    ]
    return [(lost, AnswerTableKey(right=right)), (working, None), (photo, None), *formulas]


def _tide_line(document: Document, draw: Draw) -> list[Keyed]:
    page = document.pages[0].id
    side = tide_line.CELL * tide_line.CELLS
    edge = 14.0  # around what is printed, so that its ends can be pressed too
    heights = Plot(
        id="heights1",
        page=page,
        box=_around_line(tide_line.HEIGHTS),
        points=2,
        across=_scale(6, 0.25),
        most=2,
        name="Two heights of high water",
    )
    hours = Plot(
        id="hours1",
        page=page,
        box=_around_line(tide_line.HOURS),
        points=2,
        across=_scale(24, 1),
        asked="intervals",
        name="When the causeway is open",
    )
    corner = edge / (side + 2 * edge)
    tank = Plot(
        id="tank1",
        page=page,
        box=Box(
            x=tide_line.GRID_LEFT - edge,
            y=tide_line.GRID_TOP - edge,
            width=side + 2 * edge,
            height=side + 2 * edge,
        ),
        points=2,
        across=Scale(
            first=Known(x=corner, y=1 - corner, value=0), last=Known(x=1 - corner, y=1 - corner, value=tide_line.CELLS)
        ),
        up=Scale(first=Known(x=corner, y=1 - corner, value=0), last=Known(x=corner, y=corner, value=tide_line.CELLS)),
        asked="line",
        name="Litres in the tank",
    )
    puzzles = FreeNote(
        id="puzzles1",
        page=page,
        box=Box(x=0, y=0, width=document.pages[0].width, height=document.pages[0].height),
        points=0,
        name="Anything that puzzles you",
    )
    return [
        (heights, PlotKey(placed=(PlotPoint(across=4.5), PlotPoint(across=5.25)))),
        (hours, PlotKey(intervals=(PlotInterval(low=9, high=14, high_belongs=False),))),
        (tank, PlotKey(placed=(PlotPoint(across=0, up=1), PlotPoint(across=4, up=9)))),
        (puzzles, None),
    ]


_BESIDE = 12.0
"""Points that a field reaches beyond its number line: less than a step, so that nothing can be set there."""


def _around_line(y: float) -> Box:
    width = tide_line.RIGHT - tide_line.LEFT
    return Box(x=tide_line.LEFT - _BESIDE, y=y - 20, width=width + 2 * _BESIDE, height=40)


def _scale(last: float, step: float) -> Scale:
    share = _BESIDE / (tide_line.RIGHT - tide_line.LEFT + 2 * _BESIDE)
    return Scale(first=Known(x=share, y=0.5, value=0), last=Known(x=1 - share, y=0.5, value=last), step=step)
