"""Reading what is printed on a page of a file, to find places on it."""

from collections.abc import Iterable

import numpy as np
from PIL import Image

from velum.finding.find import find_places
from velum.finding.found import Found
from velum.finding.printed import SCALE, Grey, Printed, Token
from velum.finding.rect import rect_of
from velum.paper.page_size import PageSize
from velum.paper.pdf import PdfPage
from velum.paper.text import Line

_MOST_PIXELS = 6_000_000
_LINES = "_-—–.…|=~[]"
"""What lines are read as."""


def read_places(page: PdfPage) -> list[Found]:
    """The places of a page that holds text; none where it is too large to be looked at."""
    if page.size.width * page.size.height * SCALE**2 > _MOST_PIXELS:
        return []
    bare = page.bare(SCALE)
    tokens = tuple(
        Token(word.text, rect_of(word.box), tuple(rect_of(letter) for letter in word.letters)) for word in bare.words
    )
    return find_places(Printed(page.size.width, page.size.height, tokens, bare.grey))


def read_places_of_picture(picture: Image.Image, lines: Iterable[Line], size: PageSize) -> list[Found]:
    """The places of a page that is a picture, as it is shown; ``lines`` are those that were read off it."""
    tokens = tuple(Token(word.text, rect_of(word.box)) for line in lines for word in line.words if word.seen)
    across, down = round(size.width * SCALE), round(size.height * SCALE)
    grey = np.asarray(picture.convert("L").resize((across, down), Image.Resampling.BOX))
    return find_places(Printed(size.width, size.height, _words(tokens), _wiped(grey, tokens), photographed=True))


def _words(tokens: Iterable[Token]) -> tuple[Token, ...]:
    """Without what was read into lines: they are found as lines."""
    return tuple(token for token in tokens if token.text.strip(_LINES))


def _wiped(grey: Grey, tokens: Iterable[Token]) -> Grey:
    """A picture whose words are painted over in the colour of the paper around them, but for those that are lines."""
    clean = grey.copy()
    for token in tokens:
        if not token.text.strip(_LINES):
            continue
        left, top = max(0, int(token.rect.x * SCALE) - 1), max(0, int(token.rect.y * SCALE) - 1)
        part = clean[top : int(token.rect.bottom * SCALE) + 2, left : int(token.rect.right * SCALE) + 2]
        if part.size:
            part[:] = np.percentile(part, 90)
    return clean
