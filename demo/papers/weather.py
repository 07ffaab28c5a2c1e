"""Weather instruments: each joined to what it measures, and a ring on the answer."""

from demo.papers.pen import BOLD, Pen

TITLE = "Weather instruments"

INSTRUMENTS = ("barometer", "rain gauge", "anemometer", "thermometer")
MEASURED = ("how fast the wind blows", "how warm the air is", "how heavy the air is", "how much rain fell")
RIGHT = (2, 3, 0, 1)
"""What each instrument measures, by its place."""

WINDS = ("2", "5", "8", "11")


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "1.", 13, BOLD)
    pen.text(70, 116, "Join each instrument to what it measures.", 13)
    for row, (left, right) in enumerate(zip(INSTRUMENTS, MEASURED, strict=True)):
        pen.text(70, 160 + 44 * row, left, 12)
        pen.text(330, 160 + 44 * row, right, 12)
    pen.text(48, 370, "2.", 13, BOLD)
    pen.text(70, 370, "The sea heaps up and foam begins to blow in streaks. Lay the ring on the force of the wind.", 12)
    for place, wind in enumerate(WINDS):
        pen.text(120 + 100 * place, 416, wind, 16, BOLD)
    return pen.done()
