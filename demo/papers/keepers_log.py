"""The lighthouse keeper's log: three pages of reading, long answers and working-out."""

from demo.papers.pen import BOLD, ITALIC, Pen

TITLE = "The lighthouse keeper's log"

_ENTRIES = [
    (
        "3 November.",
        [
            "Wind from the north-west all day, force 7 by dusk. Lit the lamp at ten to five. The oil stood at",
            "48 litres. Two herring boats, the Skua and the Merry Anne, ran for the harbour before dark.",
        ],
    ),
    (
        "4 November.",
        [
            "No sleep. A gannet struck the glass at three and cracked the lowest pane; I have boarded it with",
            "the lid of a biscuit tin. Trimmed the wick every two hours. The lamp burned 14 hours and took",
            "6 litres of oil. The supply boat did not come.",
        ],
    ),
    (
        "5 November.",
        [
            "Calm, and fog so thick that the rail of the gallery was gone. Rang the bell once a minute from",
            "eight in the morning until noon. Heard oars about eleven and shouted; a voice shouted back. It",
            "was the harbour master with bread, post and a new pane. He had rowed by the sound of my bell.",
        ],
    ),
    (
        "6 November.",
        [
            "Clear. Put in the pane. Counted the oil: 30 litres. My daughter's letter says that from her bed",
            "she can see the light turn, and counts it to fall asleep. I shall not write to her about the tin.",
        ],
    ),
]


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    _reading(pen)
    pen.new_page()
    _long_answers(pen)
    pen.new_page()
    _working_out(pen)
    return pen.done()


def _reading(pen: Pen) -> None:
    pen.heading(TITLE, "1 of 3")
    pen.text(48, 108, "Read these pages from the log of Gull Rock light. Then turn over.", 13, ITALIC)
    y = 144.0
    for day, lines in _ENTRIES:
        pen.text(48, y, day, 13, BOLD)
        y = pen.lines_of_text(48, y + 20, lines, 12.5, 19) + 14
    pen.curve([(60, 770), (120, 680), (250, 680), (310, 770), (240, 780), (150, 780), (60, 770)], grey=0.92)
    pen.box(160, 560, 44, 150, grey=1)
    pen.box(154, 540, 56, 22, grey=0.85)
    pen.box(166, 520, 32, 20, grey=1)
    pen.curve([(160, 520), (166, 500), (198, 500), (204, 520)])
    for y in (590, 630, 670):
        pen.box(160, y, 44, 18, grey=0.7)
    pen.rule(210, 528, 520, 490, 0.5)
    pen.rule(210, 534, 520, 570, 0.5)


def _long_answers(pen: Pen) -> None:
    pen.heading(TITLE, "2 of 3")
    pen.text(48, 112, "Find it in the log", 14, BOLD)
    short = [
        "What was the name of the second herring boat?",
        "Which bird cracked the pane?",
        "What did the keeper use to board up the hole?",
        "Who came through the fog?",
    ]
    for i, question in enumerate(short):
        y = 144 + i * 34
        pen.text(48, y, f"{i + 1}.  {question}", 12.5)
        pen.rule(330, y + 3, 547, y + 3, 0.7)
    pen.text(48, 304, "In your own words", 14, BOLD)
    pen.text(48, 330, "5.  Why did the keeper ring the bell, and what came of it?", 12.5)
    pen.text(48, 500, "6.  Why will the keeper not tell his daughter about the tin?", 12.5)
    for top in (358, 528):
        for i in range(4):
            pen.rule(66, top + i * 28, 547, top + i * 28, 0.6)
    pen.text(48, 668, '7.  Find one word in the log that means "not late, not early: evening, when light goes".', 12.5)
    pen.rule(330, 698, 547, 698, 0.7)


def _working_out(pen: Pen) -> None:
    pen.heading(TITLE, "3 of 3")
    pen.text(48, 112, "Work it out", 14, BOLD)
    pen.text(
        48, 140, "8.  On the night of 3 November the lamp burned 14 hours and took 6 litres. How many litres", 12.5
    )
    pen.text(66, 157, "were left in the morning?", 12.5)
    pen.box(66, 172, 360, 120)
    pen.text(74, 188, "working", 9, ITALIC)
    pen.text(440, 282, "litres", 12)
    pen.box(440, 240, 107, 26)
    pen.text(48, 330, "9.  How many times did the bell ring on 5 November? Count the first minute, not the last.", 12.5)
    pen.box(66, 346, 360, 120)
    pen.text(74, 362, "working", 9, ITALIC)
    pen.text(440, 456, "times", 12)
    pen.box(440, 414, 107, 26)
    pen.text(48, 504, "10.  Fill in the oil book. Each night takes the same amount.", 12.5)
    pen.table(
        66,
        520,
        [160, 160, 161],
        [28] * 5,
        {
            (0, 0): "Morning of",
            (0, 1): "Oil used (litres)",
            (0, 2): "Oil left (litres)",
            (1, 0): "3 November",
            (1, 1): "-",
            (1, 2): "48",
            (2, 0): "4 November",
            (2, 1): "6",
            (3, 0): "5 November",
            (3, 1): "6",
            (4, 0): "6 November",
            (4, 2): "30",
        },
    )
    pen.text(48, 710, "11.  With 30 litres left and 6 litres a night, for how many nights is there oil?", 12.5)
    pen.rule(440, 736, 547, 736, 0.7)
