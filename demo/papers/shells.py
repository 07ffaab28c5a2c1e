"""Shells and chalk: a table of amounts, working-out, a photo of what was done, and formulas."""

from demo.papers.pen import BOLD, Pen

TITLE = "Shells and chalk"

HEAD = ("In the jar", "Before (g)", "After (g)", "Gas (g)")
ROWS = (("chalk", "2.40", "1.95"), ("mussel shell", "2.60", "1.90"), ("whelk shell", "1.80", "1.25"))
LOST = ("0.45", "0.70", "0.55")
FORMULAS = (("calcium carbonate, which shells are made of:", "CaCO3"), ("the gas that went off:", "CO2"))
FORMULA_LINES = (740.0, 768.0)
LEFT, TOP, ROW, WIDTHS = 70.0, 150.0, 28.0, (150.0, 100.0, 100.0, 127.0)


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "1.", 13, BOLD)
    pen.text(70, 116, "Chalk and shells were laid in vinegar. How much gas went off?", 13)
    words = {(0, column): head for column, head in enumerate(HEAD)}
    words |= {(row + 1, column): word for row, cells in enumerate(ROWS) for column, word in enumerate(cells)}
    pen.table(LEFT, TOP, list(WIDTHS), [ROW] * (len(ROWS) + 1), words)
    pen.text(70, 292, "Show how you worked out the last one.", 12)
    pen.text(48, 444, "2.", 13, BOLD)
    pen.text(70, 444, "Take a photo of your jar, or of a shell, and label what you see.", 13)
    pen.text(48, 716, "3.", 13, BOLD)
    pen.text(70, 716, "Write the formula of", 13)
    for line, (asked, _) in zip(FORMULA_LINES, FORMULAS, strict=True):
        pen.text(90, line, asked, 12)
    return pen.done()
