"""A letter home from the lighthouse: a passage with gaps, a letter, and reading aloud."""

from demo.papers.pen import BOLD, Pen

TITLE = "A letter home in the fog"

PASSAGE = "The fog came in the morning and stayed until [noon]. I rang the [bell] once a minute, [four] hours long."
"""What the teacher types, with the gaps in brackets."""


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.text(48, 116, "1.", 13, BOLD)
    pen.text(70, 116, "Read the entry of 5 November again, and fill in what the keeper wrote home.", 13)
    pen.text(48, 300, "2.", 13, BOLD)
    pen.text(70, 300, "Go on with the letter. What did the keeper hear, and who came? (30 to 120 words)", 13)
    pen.text(48, 632, "3.", 13, BOLD)
    pen.text(70, 632, "Read your letter aloud, as the keeper's daughter would.", 13)
    return pen.done()
