"""Rock-pool creatures: names from a word bank, and creatures sorted by the zone that they live in."""

from demo.papers.pen import BOLD, Pen

TITLE = "Rock-pool creatures"

WORDS = ("barnacles", "limpet", "shore crab", "bladder wrack", "starfish")
CLUES = (
    "It clings to one place, and comes back to it.",
    "It walks sideways and hides under stones.",
    "It has five arms and a mouth below.",
    "They wave their feet in the water to eat.",
)
ZONES = ("Splash zone", "Between the tides", "Always under water")


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "A.", 13, BOLD)
    pen.text(70, 116, "Who is it? Put a name from the bank beside each sentence.", 13)
    pen.box(70, 134, 477, 46)
    pen.text(78, 162, "      ".join(WORDS), 12)
    for row, clue in enumerate(CLUES):
        y = 216 + 40 * row
        pen.text(70, y, f"{row + 1}.  {clue}", 12)
        pen.rule(390, y + 4, 547, y + 4)
    pen.text(48, 398, "B.", 13, BOLD)
    pen.text(70, 398, "Where do they live? Lay each creature in its zone.", 13)
    for zone, name in enumerate(ZONES):
        top = 420 + 104 * zone
        pen.box(70, top, 330, 104, grey=0.98 - 0.05 * zone)
        pen.text(80, top + 20, name, 12, BOLD)
    return pen.done()
