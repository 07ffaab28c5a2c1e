"""Reading a tide table: times and numbers in table cells; one page with a text layer."""

from demo.papers.pen import BOLD, Pen

TITLE = "Reading a tide table"


def draw() -> bytes:
    """The paper as a PDF."""
    pen = Pen(TITLE)
    pen.heading(TITLE)
    pen.lines_of_text(
        48,
        106,
        [
            "At Gullhaven the sea comes in and goes out twice a day. The harbour office writes down when the",
            "water is highest and lowest, and how deep it is at the harbour steps.",
        ],
    )
    pen.text(48, 158, "A.", 13, BOLD)
    pen.text(68, 158, "Some numbers were washed off the board. Fill in the empty cells.", 13)
    pen.table(
        48,
        172,
        [99, 100, 100, 100, 100],
        [28] * 6,
        {
            (0, 0): "Day",
            (0, 1): "High tide",
            (0, 2): "Depth (m)",
            (0, 3): "Low tide",
            (0, 4): "Depth (m)",
            (1, 0): "Monday",
            (1, 1): "06:10",
            (1, 2): "4.2",
            (1, 3): "12:20",
            (1, 4): "0.8",
            (2, 0): "Tuesday",
            (2, 1): "07:00",
            (2, 2): "4.4",
            (2, 4): "0.6",
            (3, 0): "Wednesday",
            (3, 2): "4.6",
            (3, 3): "14:00",
            (4, 0): "Thursday",
            (4, 1): "08:40",
            (4, 3): "14:50",
            (4, 4): "0.2",
            (5, 0): "Friday",
            (5, 1): "09:30",
            (5, 2): "5.0",
            (5, 3): "15:40",
        },
    )
    pen.text(
        68,
        362,
        "Each day the tide is 50 minutes later. Each day high water is 0.2 m deeper and low water 0.2 m lower.",
        10.5,
    )
    pen.text(48, 398, "B.", 13, BOLD)
    pen.text(68, 398, "Use the table to answer.", 13)
    questions = [
        "How deep is the water at high tide on Monday? (m)",
        "How long is it from high to low tide on Monday? (h:min)",
        "On which day is the low water lowest?",
        "How much deeper is high water on Friday than on Monday? (m)",
    ]
    for i, question in enumerate(questions):
        y = 430 + i * 44
        pen.text(68, y, f"{i + 1}.  {question}", 12)
        pen.rule(420, y + 3, 547, y + 3, 0.7)
    pen.text(48, 622, "C.", 13, BOLD)
    pen.text(68, 622, "The Petrel needs 3 m of water. When would you sail on Thursday, and why?", 13)
    for y in (652, 680, 708):
        pen.rule(68, y, 547, y, 0.7)
    pen.curve(
        [
            (48, 772),
            (90, 752),
            (120, 792),
            (165, 772),
            (210, 752),
            (240, 792),
            (285, 772),
            (330, 752),
            (360, 792),
            (405, 772),
            (450, 752),
            (480, 792),
            (547, 768),
        ]
    )
    return pen.done()
