"""Tides on a line: heights on a number line, hours when the causeway is dry, a graph of a filling tank."""

from demo.papers.pen import BOLD, Pen

TITLE = "Tides on a line"

LEFT, RIGHT = 80.0, 520.0
HEIGHTS, HOURS = 196.0, 352.0
"""How far below the top of the page its two number lines lie."""
GRID_LEFT, GRID_TOP, CELL, CELLS = 110.0, 440.0, 28.0, 10


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "1.", 13, BOLD)
    pen.text(70, 116, "On Monday high water stood at 4.5 m and at 5.25 m. Mark both heights.", 13)
    _number_line(pen, HEIGHTS, [f"{metre} m" for metre in range(7)], between=4)
    pen.text(48, 250, "2.", 13, BOLD)
    pen.lines_of_text(
        70,
        250,
        [
            "The causeway is under water from 3 in the morning on. At 9 it is dry again, and may be walked on",
            "from that very hour. It is closed at 14. Show when it is open: draw the stretch, with its ends.",
        ],
    )
    _number_line(pen, HOURS, [f"{hour}" for hour in range(0, 25, 2)], between=2)
    pen.text(48, 416, "3.", 13, BOLD)
    pen.text(70, 416, "The tank holds 1 litre. The rain adds 2 litres an hour. Draw the line.", 13)
    side = CELL * CELLS
    for place in range(CELLS + 1):
        x, y = GRID_LEFT + place * CELL, GRID_TOP + place * CELL
        pen.rule(x, GRID_TOP, x, GRID_TOP + side, 0.4 if place else 1.2)
        pen.rule(GRID_LEFT, y, GRID_LEFT + side, y, 1.2 if place == CELLS else 0.4)
        pen.text(x - 4, GRID_TOP + side + 16, str(place), 10)
        pen.text(GRID_LEFT - 18, y + 4, str(CELLS - place), 10)
    pen.text(GRID_LEFT + side + 12, GRID_TOP + side + 4, "hours", 11)
    pen.text(GRID_LEFT - 20, GRID_TOP - 12, "litres", 11)
    return pen.done()


def _number_line(pen: Pen, y: float, words: list[str], between: int) -> None:
    pen.rule(LEFT - 16, y, RIGHT + 16, y, 1.2)
    apart = (RIGHT - LEFT) / (len(words) - 1)
    for place in range((len(words) - 1) * between + 1):
        x = LEFT + place * apart / between
        tall = 7 if place % between == 0 else 4
        pen.rule(x, y - tall, x, y + tall, 0.8)
    for place, word in enumerate(words):
        pen.text(LEFT + place * apart - 2.8 * len(word), y + 24, word, 11)
