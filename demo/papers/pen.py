"""What the papers of the sample world share: a pen that draws with the page's top left as its origin."""

import io

from reportlab.lib.pagesizes import A4
from reportlab.pdfgen.canvas import Canvas

WIDTH, HEIGHT = A4
SERIF, BOLD, ITALIC = "Times-Roman", "Times-Bold", "Times-Italic"


class Pen:
    """Draws a paper; all lengths in points, y from the top of the page."""

    def __init__(self, title: str) -> None:
        self._file = io.BytesIO()
        self._canvas = Canvas(self._file, pagesize=A4, invariant=True)
        self._canvas.setTitle(title)
        self._canvas.setAuthor("Gullhaven School")

    def text(self, x: float, y: float, words: str, size: float = 12, font: str = SERIF) -> None:
        self._canvas.setFont(font, size)
        self._canvas.drawString(x, HEIGHT - y, words)

    def lines_of_text(self, x: float, y: float, lines: list[str], size: float = 12, leading: float = 17) -> float:
        """Several lines; returns the y of the line after the last."""
        for line in lines:
            self.text(x, y, line, size)
            y += leading
        return y

    def rule(self, x1: float, y1: float, x2: float, y2: float, width: float = 0.8) -> None:
        self._canvas.setLineWidth(width)
        self._canvas.line(x1, HEIGHT - y1, x2, HEIGHT - y2)

    def box(self, x: float, y: float, width: float, height: float, grey: float | None = None) -> None:
        self._canvas.setLineWidth(0.8)
        if grey is not None:
            self._canvas.setFillGray(grey)
        self._canvas.rect(x, HEIGHT - y - height, width, height, fill=0 if grey is None else 1)
        self._canvas.setFillGray(0)

    def curve(self, points: list[tuple[float, float]], width: float = 1.2, grey: float | None = None) -> None:
        """A smooth path: a start, then three points for each Bézier piece."""
        path = self._canvas.beginPath()
        flipped = [(x, HEIGHT - y) for x, y in points]
        path.moveTo(*flipped[0])
        for i in range(1, len(flipped), 3):
            path.curveTo(*flipped[i], *flipped[i + 1], *flipped[i + 2])
        self._canvas.setLineWidth(width)
        if grey is not None:
            self._canvas.setFillGray(grey)
        self._canvas.drawPath(path, stroke=1, fill=0 if grey is None else 1)
        self._canvas.setFillGray(0)

    def heading(self, title: str, page: str = "") -> None:
        """The head of a page: title, a line for the name, a rule."""
        self.text(48, 66, title, 22, BOLD)
        self.text(400, 66, "Name", 12)
        self.rule(432, 68, 547, 68, 0.6)
        self.rule(48, 80, 547, 80, 1.4)
        self.text(48, 818, "Gullhaven School", 9, ITALIC)
        if page:
            self.text(520, 818, page, 9)

    def table(
        self, x: float, y: float, widths: list[float], heights: list[float], cells: dict[tuple[int, int], str]
    ) -> None:
        """A ruled table; ``cells`` maps (row, column) to words; row 0 is the head."""
        right, bottom = x + sum(widths), y + sum(heights)
        self.box(x, y, sum(widths), heights[0], grey=0.93)
        top = y
        for row, height in enumerate([*heights, 0.0]):
            self.rule(x, top, right, top)
            left = x
            for column, width in enumerate(widths):
                words = cells.get((row, column))
                if words:
                    self.text(left + 8, top + height / 2 + 4, words, 12, BOLD if row == 0 else SERIF)
                left += width
            top += height
        left = x
        for width in [*widths, 0.0]:
            self.rule(left, y, left, bottom)
            left += width

    def new_page(self) -> None:
        self._canvas.showPage()

    def done(self) -> bytes:
        """The finished PDF."""
        self._canvas.save()
        return self._file.getvalue()
