"""What is found out about a page once it was brought in: how sharp it is, what would make it better, its text."""

from typing import Literal

from velum.geometry.projection import onto
from velum.geometry.turn import Turn, back, turned_box
from velum.model import Model
from velum.paper.look import Flat, Look
from velum.paper.ocr import DOTS, can_read, read_print
from velum.paper.proposal import Proposal, propose
from velum.paper.read import SourcePage, open_page
from velum.paper.render import draw
from velum.paper.text import Line


class Survey(Model):
    """``dots`` is the pixels an inch that a picture has; None: the page is drawn as sharp as it is asked for."""

    dots: float | None = None
    proposal: Proposal | None = None


class PageText(Model):
    """The lines stood in the file ("layer"), were read off a picture ("ocr"), or could not be read ("nobody")."""

    lines: tuple[Line, ...] = ()
    read_by: Literal["layer", "ocr", "nobody"] = "nobody"


def survey(data: bytes, number: int) -> Survey:
    """Look page ``number`` (from 0) of a file over. Raises PaperRefused when it cannot be drawn."""
    with open_page(data, number) as page:
        if page.resolution is None:
            return Survey()
        return Survey(dots=round(page.resolution * 72, 1), proposal=propose(page))


def read_text(data: bytes, number: int, proposal: Proposal | None) -> PageText:
    """The text of page ``number`` (from 0) of a file, read off its picture where the file holds none.

    Raises PaperRefused when it cannot be drawn.
    """
    with open_page(data, number) as page:
        lines = page.lines()
        if lines:
            return PageText(lines=tuple(lines), read_by="layer")
        if not can_read():
            return PageText()
        return PageText(lines=_read(page, proposal), read_by="ocr")


def _read(page: SourcePage, proposal: Proposal | None) -> tuple[Line, ...]:
    """Read a page off its picture, made as good as it can be, and say where the lines stand on the page as it is."""
    corners = proposal and proposal.corners
    width, height = (proposal.width, proposal.height) if proposal and corners else (page.size.width, page.size.height)
    flat = Flat(corners=corners, width=width, height=height) if corners else None
    turn: Turn = proposal.turn if proposal else 0
    across, down = (width, height) if turn in (0, 180) else (height, width)
    look = Look(turn=turn, whiten=proposal is not None, flat=flat)
    picture = draw(page, round(across * DOTS / 72), look)
    lines = []
    for line in read_print(picture, picture.width / across):
        words = []
        for word in line.words:
            upright = turned_box(word.box, back(turn), across, down)
            box = onto(corners, width, height).box(upright) if corners else upright
            words.append(word.changed(box=box))
        lines.append(Line(words=tuple(words)))
    return tuple(lines)
