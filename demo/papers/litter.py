"""Litter count on the beach: what was found, piled up on a graph."""

from demo.papers.pen import BOLD, Pen

TITLE = "Litter count on the beach"

FOUND = {"bottles": 4, "cans": 2, "bags": 3}
BOTTOM, HEIGHT, WIDTH = 600.0, 320.0, 96.0


def left_of(column: int) -> float:
    """Points from the left of the page to a column of the graph."""
    return 130.0 + 130.0 * column


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "1.", 13, BOLD)
    said = ", ".join(f"{count} {what}" for what, count in FOUND.items())
    pen.text(70, 116, f"On Saturday the Kestrels found {said}.", 13)
    pen.text(70, 138, "Pile them up: one piece for each thing that was found.", 13)
    pen.rule(110, BOTTOM, 540, BOTTOM, 1.2)
    pen.rule(110, BOTTOM, 110, BOTTOM - HEIGHT - 20, 1.2)
    for number in range(1, 9):
        y = BOTTOM - number * HEIGHT / 8
        pen.rule(106, y, 540, y, 0.3)
        pen.text(92, y + 4, str(number), 11)
    for column, what in enumerate(FOUND):
        pen.text(left_of(column) + 26, BOTTOM + 20, what, 12)
    return pen.done()
