"""Answer table: a grid of cells over a printed table or a laid one. Each cell to fill in is a question of its own."""

from itertools import pairwise
from typing import Annotated, Literal, Self

from pydantic import AfterValidator, model_validator
from pydantic import Field as Limits

from velum.geometry.box import Box
from velum.geometry.share import Share
from velum.geometry.turn import Turn
from velum.kinds import written_parts
from velum.kinds.kind import FieldBase, Kind, PromptBase
from velum.kinds.part import PLAIN, Name, Part, Settled
from velum.kinds.written_parts import MOST_PARTS, PartRight, PartsKey, TextEntry, TextsAnswer
from velum.model import Id, Model, each_named_once

MOST_LINES = 40
NARROWEST = 0.004
"""The share of a table that a row or a column has at least."""


def _rising(edges: tuple[float, ...]) -> tuple[float, ...]:
    if any(after - before < NARROWEST for before, after in pairwise((0.0, *edges, 1.0))):
        raise ValueError("has edges that do not rise")
    return edges


Edges = Annotated[tuple[Share, ...], Limits(max_length=MOST_LINES - 1), AfterValidator(_rising)]
"""Where rows or columns meet, in shares of the table, from the top or the left."""


class Cell(Model):
    """A cell that is filled in, by its row and column from 0."""

    id: Id
    row: Annotated[int, Limits(ge=0, lt=MOST_LINES)]
    column: Annotated[int, Limits(ge=0, lt=MOST_LINES)]
    name: Name = ""
    """What is asked there, for those who do not see it: "Low tide, Friday"."""


CellList = Annotated[tuple[Cell, ...], Limits(min_length=1, max_length=MOST_PARTS), AfterValidator(each_named_once)]


class AnswerTable(FieldBase):
    kind: Literal["answer_table"] = "answer_table"
    columns: Edges = ()
    rows: Edges = ()
    cells: CellList
    settled: dict[Id, Settled] = {}
    """What was settled about cells, by their ids."""

    @model_validator(mode="after")
    def _cells_are_in_it(self) -> Self:
        places = [(cell.row, cell.column) for cell in self.cells]
        if any(row > len(self.rows) or column > len(self.columns) for row, column in places):
            raise ValueError("has a cell beyond its rows and columns")
        if len(set(places)) < len(places):
            raise ValueError("has two cells in one place")
        return self

    @property
    def parts(self) -> tuple[Part, ...]:
        in_order = sorted(self.cells, key=lambda cell: (cell.row, cell.column))
        return tuple(self.settled.get(cell.id, PLAIN).part(cell.id, cell.name) for cell in in_order)

    def turned(self, page: str, by: Turn, width: float, height: float) -> Self:
        """Rows become columns, as the table turns with its page."""
        turned = super().turned(page, by, width, height)
        if not self.lies_on(page) or by == 0:
            return turned
        last_row, last_column = len(self.rows), len(self.columns)
        match by:
            case 90:
                columns, rows = _back(self.rows), self.columns
                places = [(cell.column, last_row - cell.row) for cell in self.cells]
            case 180:
                columns, rows = _back(self.columns), _back(self.rows)
                places = [(last_row - cell.row, last_column - cell.column) for cell in self.cells]
            case _:
                columns, rows = self.rows, _back(self.columns)
                places = [(last_column - cell.column, cell.row) for cell in self.cells]
        placed = zip(self.cells, places, strict=True)
        cells = tuple(cell.changed(row=row, column=column) for cell, (row, column) in placed)
        return turned.changed(columns=columns, rows=rows, cells=cells)


def _back(edges: tuple[float, ...]) -> tuple[float, ...]:
    """Edges as they lie from the other side."""
    return tuple(1 - edge for edge in reversed(edges))


class AnswerTableKey(PartsKey):
    kind: Literal["answer_table"] = "answer_table"


class AnswerTablePrompt(PromptBase):
    kind: Literal["answer_table"] = "answer_table"
    columns: Edges
    rows: Edges
    cells: CellList


class AnswerTableEntry(TextEntry):
    kind: Literal["answer_table"] = "answer_table"
    version: Literal[1] = 1


class AnswerTableAnswer(TextsAnswer):
    kind: Literal["answer_table"] = "answer_table"
    version: Literal[1] = 1


def smallest_cell(field: AnswerTable) -> tuple[float, float]:
    """Width and height of the smallest cell that is filled in, in points."""
    across = [after - before for before, after in pairwise((0.0, *field.columns, 1.0))]
    down = [after - before for before, after in pairwise((0.0, *field.rows, 1.0))]
    return (
        field.box.width * min(across[cell.column] for cell in field.cells),
        field.box.height * min(down[cell.row] for cell in field.cells),
    )


_HIGH, _LOW = "cell01", "cell02"

ANSWER_TABLE = Kind(
    name="answer_table",
    label="Answer table",
    field=AnswerTable,
    key=AnswerTableKey,
    prompt_type=AnswerTablePrompt,
    answer=AnswerTableAnswer,
    is_blank=written_parts.is_blank,
    judge=written_parts.judge_each,
    answered=written_parts.answered,
    without_key=written_parts.without_key,
    key_from_text=written_parts.key_from_text(AnswerTableKey),
    accepting=written_parts.accepting,
    doubt=lambda field, key, settings: written_parts.doubt(field, key),
    smallest_target=smallest_cell,
    steps_of_reading=written_parts.steps_of_reading_all,
    steps_of_judging=written_parts.steps_of_judging_all,
    entries=written_parts.entries_of(AnswerTable, AnswerTableEntry, AnswerTableAnswer),
    check_answer=written_parts.check_answer,
    example=(
        AnswerTable(
            id="table001",
            page="page1",
            box=Box(x=72, y=400, width=300, height=60),
            columns=(0.5,),
            rows=(0.4,),
            cells=(
                Cell(id=_HIGH, row=1, column=0, name="High tide"),
                Cell(id=_LOW, row=1, column=1, name="Low tide"),
            ),
            settled={_LOW: Settled(points=2, hint="In the morning.")},
        ),
        AnswerTableKey(right=(PartRight(part=_HIGH, text="4.8 m"), PartRight(part=_LOW, text="07:50"))),
        AnswerTableAnswer(texts=((_HIGH, "4.8 m"), (_LOW, "7:50"))),
    ),
)
