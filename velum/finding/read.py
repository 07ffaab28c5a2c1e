"""Reading what is printed on a page, as it is shown, to find places on it."""

import re
from collections.abc import Callable, Iterable, Iterator

import numpy as np
from PIL import Image

from velum.finding.columns import Columns, columns_of
from velum.finding.find import find_places
from velum.finding.found import Found
from velum.finding.guides import Guides, guides_of
from velum.finding.printed import CIRCLE, SCALE, UNREAD, Grey, Printed, Token
from velum.finding.rect import around, rect_of
from velum.finding.ruling import find_ruling
from velum.finding.word_banks import WordBank, word_banks
from velum.geometry.box import Box
from velum.model import Model
from velum.paper.look import AS_IT_IS, Look
from velum.paper.page_size import PageSize
from velum.paper.pdf import PdfPage
from velum.paper.render import draw
from velum.paper.text import Line
from velum.paper.unread import unread
from velum.paper.unruled import rules_apart

_MOST_PIXELS = 6_000_000
_LINES = "_-—–.…|=~[]'’‘`\""
"""What lines are read as."""

_BLANK_BEHIND = re.compile(r"[_\-—–.…=~]{2,}$")

_BOX = re.compile(r"[\[\]{}|ODQLJCU_©®□☐○◯]{1,3}")
"""What boxes and circles to be ticked are read as."""

_GLUED = re.compile(r"[(\[]?(?:\d{1,2}|[a-z]|[ivx]{2,4})(?:[)\]](?=[^.,;:)\]])|\.(?=[^\W\d_]{2}))")
"""A label with nothing between it and the word that it stands before."""

_LETTER = 0.62
"""The width of a letter, as a share of the height of its word."""

Shown = Callable[[Box], Box | None]
"""Where something of the file's page is seen on the page as shown; None: not on it."""


class Reading(Model):
    """Where students answer on a page as it is shown, and what is printed around: words in banks, and columns to be
    joined.
    """

    places: tuple[Found, ...] = ()
    guides: Guides = Guides()
    banks: tuple[WordBank, ...] = ()
    columns: tuple[Columns, ...] = ()


def reading_of_print(
    page: PdfPage, size: PageSize | None = None, look: Look = AS_IT_IS, shown: Shown = lambda box: box
) -> Reading:
    """Read a page that is print; nothing where it is too large to be looked at. ``size`` is that as shown."""
    size = size or page.size
    if size.width * size.height * SCALE**2 > _MOST_PIXELS:
        return Reading()
    tokens = []
    for word in page.words():
        letters = [place for letter in word.letters if (place := shown(letter))]
        if len(letters) == len(word.letters):
            rects = tuple(map(rect_of, letters))
            tokens.append(Token(word.text, around(rects), rects))
    with page.without_words():
        grey = np.asarray(_at_scale(draw(page, round(size.width * SCALE), look), size)).copy()
    for illustration in page.illustrations():
        if place := shown(illustration):
            left, top = max(0, int(place.x * SCALE)), max(0, int(place.y * SCALE))
            grey[top : int(place.bottom * SCALE) + 1, left : int((place.x + place.width) * SCALE) + 1] = 255
    return _reading(Printed(size.width, size.height, tuple(tokens), grey))


def reading_of_picture(picture: Image.Image, lines: Iterable[Line], size: PageSize) -> Reading:
    """Read a page that is a picture, as it is shown; ``lines`` are those that were read off it."""
    tokens = tuple(_as_high_as_print(lines))
    grey = np.asarray(_at_scale(picture, size))
    # What was read into lines and boxes is found as lines and boxes.
    words = tuple(part for token in tokens if (read := _without_lines(token)) for part in _apart(read))
    scale = picture.width / size.width
    clean, ticked = rules_apart(picture, scale)
    circles = [Token(CIRCLE, rect_of(box)) for box in ticked]
    words = tuple(word for word in words if not any(circle.rect.holds(word.rect) for circle in circles))
    others = unread(clean, scale, [token.rect.box for token in tokens])
    words += (*circles, *(Token(UNREAD, rect_of(box)) for box in others))
    return _reading(Printed(size.width, size.height, words, _wiped(grey, words), photographed=True))


def _reading(printed: Printed) -> Reading:
    ruling = find_ruling(printed.grey, photographed=printed.photographed)
    places = find_places(printed, ruling)
    cells = [rect_of(place.box) for place in places if place.sort == "cell"]
    blanks = [rect_of(place.box) for place in places if place.sort in ("line", "lines", "gap", "box")]
    spots = [rect_of(spot) for place in places for spot in place.spots]
    return Reading(
        places=tuple(places),
        guides=guides_of(printed, ruling, places),
        banks=tuple(word_banks(printed, ruling, blanks, cells)),
        columns=tuple(columns_of(printed, ruling, [*blanks, *cells, *spots])),
    )


def _as_high_as_print(lines: Iterable[Line]) -> Iterator[Token]:
    """The words of lines, each as high as its line: what was read off a picture is as high as its own letters are."""
    rows = [[Token(word.text, rect_of(word.box)) for word in line.words if word.seen] for line in lines]
    bands = [around(token.rect for token in row) if row else None for row in rows]
    heights = sorted(band.height for band in bands if band)
    usual = heights[len(heights) // 2] if heights else 0.0
    for row in rows:
        for token in row:
            # Words of one line that stand far apart may be of two rows.
            beside = [other.rect for other in row if other.rect.down(token.rect) > 0.3 * token.rect.height]
            top, bottom = min(rect.y for rect in beside), max(rect.bottom for rect in beside)
            if bottom - top > 1.6 * usual:
                top, bottom = token.rect.y, token.rect.bottom
            lack = max(0.0, min(usual, 1.5 * (bottom - top)) - (bottom - top))
            yield Token(token.text, token.rect._replace(y=top - 0.6 * lack, bottom=bottom + 0.4 * lack))


def _without_lines(token: Token) -> Token | None:
    """A word without the blank that was read with it, "the____"; None: it is no word."""
    if _BOX.fullmatch(token.text):
        return None
    if not token.text.strip(_LINES):
        return None
    text = _BLANK_BEHIND.sub("", token.text)
    if text == token.text or not text:
        return token
    # How many dots or dashes were read says little of how long they are: letters are about so wide.
    right = min(token.rect.right, token.rect.x + _LETTER * token.rect.height * len(text))
    return Token(text, token.rect._replace(right=right))


def _apart(token: Token) -> Iterator[Token]:
    """A word, and before it the label that was read as one with it: "a)12+7="."""
    glued = _GLUED.match(token.text)
    if not glued:
        yield token
        return
    start = glued.end()
    yield Token(token.text[:start], token.part(0, start))
    yield Token(token.text[start:], token.part(start, len(token.text)))


def _at_scale(picture: Image.Image, size: PageSize) -> Image.Image:
    return picture.convert("L").resize((round(size.width * SCALE), round(size.height * SCALE)), Image.Resampling.BOX)


def _wiped(grey: Grey, words: Iterable[Token]) -> Grey:
    """A picture whose words are painted over in the colour of the paper around them."""
    clean = grey.copy()
    for word in words:
        left, top = max(0, int(word.rect.x * SCALE) - 1), max(0, int(word.rect.y * SCALE) - 1)
        part = clean[top : int(word.rect.bottom * SCALE) + 2, left : int(word.rect.right * SCALE) + 2]
        if part.size:
            part[:] = np.percentile(part, 90)
    return clean
