"""Pages drawn line by line. What is drawn says itself where students answer."""

from reportlab.lib.pagesizes import A4
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas


class Drawn:
    def __init__(self, out, title):
        self.canvas, self.labels = Canvas(out, pagesize=A4, invariant=True), []
        self.canvas.setFont("Helvetica-Bold", 18)
        self.text(20, 25, title)
        self.canvas.setFont("Helvetica", 11)

    def text(self, x, y, words):
        self.canvas.drawString(x * mm, A4[1] - y * mm, words)

    def rule(self, x, y, right, width=0.5, dash=None, grey=0):
        self.canvas.setLineWidth(width)
        self.canvas.setStrokeGray(grey)
        self.canvas.setDash(*(dash or ([], 0)))
        self.canvas.line(x * mm, A4[1] - y * mm, right * mm, A4[1] - y * mm)

    def box(self, x, y, width, height, grey=0):
        self.canvas.setStrokeGray(grey)
        self.canvas.setDash()
        self.canvas.rect(x * mm, A4[1] - (y + height) * mm, width * mm, height * mm)

    def place(self, number, x, y, width, height, sort="write", spots=()):
        self.labels.append(
            {
                "sort": sort,
                "number": number,
                "box": [x * mm, y * mm, width * mm, height * mm],
                "spots": [[v * mm for v in spot] for spot in spots],
            }
        )


def ruled(out):
    page = Drawn(out, "Describe")
    for n, (words, count) in enumerate(
        (("What do you see from the tower?", 3), ("What do you hear?", 2), ("What do you smell?", 4)), 1
    ):
        top = 20 + 70 * (n - 1) + 20
        page.text(20, top, f"{n}. {words}")
        for line in range(count):
            page.rule(20, top + 10 + 9 * line, 190)
        page.place(str(n), 20, top + 1.5, 170, 8.5 + 9 * (count - 1))
    return page


def horizontal_table(out):
    page = Drawn(out, "Catch of the week")
    for column, words in enumerate(("Day", "Cod", "Crab")):
        page.text(22 + 55 * column, 46, words)
    for row, day in enumerate(("Monday", "Tuesday", "Wednesday", "Thursday")):
        page.text(22, 58 + 12 * row, day)
        page.text(77 if row % 2 else 132, 58 + 12 * row, str(7 + row))
        page.place("", 132 - 10 if row % 2 else 77 - 10, 50 + 12 * row, 55, 12)
    for row in range(6):
        page.rule(20, 38 + 12 * row, 190)
    return page


def diagram(out):
    page = Drawn(out, "Name the parts")
    page.canvas.ellipse(70 * mm, A4[1] - 150 * mm, 130 * mm, A4[1] - 70 * mm)
    for n, (x, y, side) in enumerate(((90, 80, -1), (110, 90, 1), (85, 120, -1), (115, 135, 1)), 1):
        end = 60 if side < 0 else 140
        page.canvas.line(x * mm, A4[1] - y * mm, end * mm, A4[1] - y * mm)
        left = 20 if side < 0 else 140
        page.box(left, y - 5, 40, 10)
        page.place("", left, y - 5, 40, 10)
    return page


def dotted_lines(out):
    page = Drawn(out, "At the harbour")
    for n, words in enumerate(("The harbour master is", "The pilot boat leaves at", "Ropes are kept in"), 1):
        page.text(20, 30 + 15 * n, f"{n}. {words}")
        page.rule(75, 31 + 15 * n, 170, 0.8, ([0.8, 2], 0))
        page.place(str(n), 75, 31 + 15 * n - 6, 95, 6.5)
    return page


def comb(out):
    """Boxes for one letter each are one word."""
    page = Drawn(out, "Sums in columns")
    for n in range(6):
        x, y = 25 + 60 * (n % 3), 45 + 60 * (n // 3)
        page.text(x, y, f"{chr(97 + n)})")
        page.text(x + 18, y, str(124 + 37 * n))
        page.text(x + 12, y + 7, f"+ {211 + 13 * n}")
        page.rule(x + 10, y + 9, x + 34, 0.8)
        page.box(x + 10, y + 11, 24, 9)
        page.place(chr(97 + n), x + 10, y + 11, 24, 9)
    return page


def options_in_boxes(out):
    page = Drawn(out, "Which sea creature?")
    for n, (words, offered) in enumerate(
        (("It has ten legs.", ("crab", "cod", "kelp")), ("It has a shell.", ("gull", "limpet", "eel"))), 1
    ):
        y = 20 + 30 * n
        page.text(20, y, f"{n}. {words}")
        spots = []
        for place, word in enumerate(offered):
            page.box(30 + 45 * place, y + 6, 4, 4)
            page.text(36 + 45 * place, y + 9.3, word)
            spots.append((30 + 45 * place, y + 6, 4, 4))
        page.place(str(n), 30, y + 6, 94, 4, "spots", spots)
    return page


def labelled_drawing(out):
    """Pointers that run aslant, to a line at the end of each."""
    page = Drawn(out, "The lamp room")
    page.canvas.roundRect(75 * mm, A4[1] - 160 * mm, 60 * mm, 90 * mm, 8)
    page.canvas.circle(105 * mm, A4[1] - 110 * mm, 18 * mm)
    for n, (x, y, end, at) in enumerate(
        ((85, 80, 60, 65), (100, 110, 60, 118), (125, 90, 150, 72), (110, 150, 150, 165)), 1
    ):
        page.canvas.line(x * mm, A4[1] - y * mm, end * mm, A4[1] - at * mm)
        left = 20 if end < x else 150
        page.text(left if end < x else 150, at - 1, f"{n}.")
        page.rule(left + 7, at, left + 40)
        page.place(str(n), left + 7, at - 6.5, 33, 6.5)
    return page


def letter_boxes(out):
    """A crossword's row is one word; here each answer has one long box."""
    page = Drawn(out, "Words in boxes")
    for n, words in enumerate(("a bird of the sea", "it lights the way", "it turns the boat", "it holds the boat"), 1):
        page.text(20, 26 + 18 * n, f"{n}. {words}")
        page.box(90, 19 + 18 * n, 80, 10)
        page.place(str(n), 90, 19 + 18 * n, 80, 10)
    return page


def grey_lines(out):
    page = Drawn(out, "My log")
    for n, words in enumerate(("The weather this morning:", "What I saw:", "What I did not expect:"), 1):
        top = 40 + 60 * (n - 1)
        page.text(20, top, words)
        for line in range(4):
            page.rule(20, top + 11 + 10 * line, 190, 0.4, None, 0.6)
        page.place("", 20, top + 2, 170, 39)
    return page


def develop():
    yield "ruled", ruled
    yield "options_in_boxes", options_in_boxes
    yield "dotted_lines", dotted_lines
    yield "horizontal_table", horizontal_table
    yield "diagram", diagram
    yield "sums_in_columns", comb


def report():
    yield "labelled_drawing", labelled_drawing
    yield "letter_boxes", letter_boxes
    yield "grey_lines", grey_lines
