"""The day's work at the lighthouse, to be put in order."""

from demo.papers.pen import BOLD, Pen

TITLE = "The day's work at the lighthouse"

WORK = (
    "At dusk the lamp is lit.",
    "In the morning the lamp is put out and left to cool.",
    "Every two hours of the night the wick is trimmed.",
    "At noon the oil is carried up the stairs.",
    "When the lamp is cold the lens is cleaned.",
)
ORDER = (1, 4, 3, 0, 2)
"""The places of the work from the morning on."""


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "1.", 13, BOLD)
    pen.text(70, 116, "Number the work of a day and a night, from the morning on.", 13)
    for row, work in enumerate(WORK):
        pen.box(70, 146 + 44 * row, 24, 24)
        pen.text(108, 163 + 44 * row, work, 12.5)
    return pen.done()
