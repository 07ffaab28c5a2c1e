"""The work done in the drawing processes. Knows of files and of the core, not of Django."""

import fcntl
import resource
from collections.abc import Iterator, Mapping, Sequence
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path

from PIL import Image

from server.files.whole import written_whole
from velum.document.found_places import find_on
from velum.document.page import Page
from velum.fixtures.covers import Cover
from velum.fixtures.paint_over import painted_over
from velum.geometry.box import Box
from velum.paper.compare_prints import SCALE, compare_prints
from velum.paper.look import Look
from velum.paper.pdf import unlocked
from velum.paper.read import Contents, open_page, read_contents
from velum.paper.render import draw as draw_page
from velum.paper.render import render_page
from velum.paper.reprint import Reprint
from velum.paper.survey import PageText, Survey, read_text, survey
from velum.pictures.prepare import prepare
from velum.pictures.prepared import Prepared
from velum.rosters.oneroster import is_packed_oneroster, read_packed
from velum.rosters.roster import Roster
from velum.rosters.spreadsheet import read_spreadsheet


def limit_memory(most_bytes: int) -> None:
    """Run first in each process: whoever takes more memory dies of it, alone."""
    resource.setrlimit(resource.RLIMIT_AS, (most_bytes, most_bytes))


def read(source: Path) -> Contents:
    """What a file holds. Raises PaperRefused."""
    return read_contents(source.read_bytes())


def unlock(source: Path, password: str) -> None:
    """Replace a locked PDF by the same without its lock. Raises PaperRefused."""
    source.write_bytes(unlocked(source.read_bytes(), password))


@dataclass(frozen=True)
class Covered:
    """What is painted over on a page ``width`` points wide.

    ``pictures`` are the files of those that cover something.
    """

    covers: tuple[Cover, ...]
    width: float
    pictures: Mapping[str, Path]

    def paint(self, picture: Image.Image) -> Image.Image:
        return painted_over(
            picture, self.covers, self.width, {name: path.read_bytes() for name, path in self.pictures.items()}
        )


def draw(
    source: Path, number: int, look: Look, pictures: Sequence[tuple[int, Path]], covered: Covered | None = None
) -> None:
    """Draw a page in several widths (pixels, widest first); each picture comes whole or not at all.

    Does nothing when all are there, or when another process is drawing them. Raises PaperRefused.
    """
    with _alone([place for _, place in pictures]) as missing:
        if missing:
            widths = [width for width, _ in pictures]
            drawn = render_page(source.read_bytes(), number, widths, look, covered.paint if covered else None)
            for data, (_, place) in zip(drawn, pictures, strict=True):
                _put(place, data)


def survey_page(source: Path, number: int, place: Path) -> None:
    """Survey a page and keep what was found out. Raises PaperRefused."""
    with _alone([place]) as missing:
        if missing:
            _put(place, survey(source.read_bytes(), number).model_dump_json().encode())


def read_page(source: Path, number: int, surveyed: Path, place: Path) -> None:
    """Read the text of a page and keep it; ``surveyed`` is what was found out about it. Raises PaperRefused."""
    with _alone([place]) as missing:
        if missing:
            proposal = Survey.model_validate_json(surveyed.read_bytes()).proposal if surveyed.exists() else None
            _put(place, read_text(source.read_bytes(), number, proposal).model_dump_json().encode())


def find_places(source: Path, page: Page, text: Path, place: Path) -> None:
    """Find where students answer on a page as it is shown, and keep it; ``text`` is its text. Raises PaperRefused."""
    with _alone([place]) as missing:
        if missing:
            lines = PageText.model_validate_json(text.read_bytes()).lines if text.exists() else ()
            with open_page(source.read_bytes(), page.number) as opened:
                _put(place, find_on(opened, page, lines).model_dump_json().encode())


Paper = tuple[Path, int, Look]
"""A page of a file, and how it is shown."""


def compare_papers(old: Paper, new: Paper, places: Sequence[Box]) -> Reprint:
    """Compare two printings of a page at these places. Raises PaperRefused."""
    pictures = []
    for source, number, look in (old, new):
        with open_page(source.read_bytes(), number) as page:
            sides = (look.flat or page.size).width, (look.flat or page.size).height
            across = sides[0] if look.turn in (0, 180) else sides[1]
            pictures.append(draw_page(page, round(across * SCALE), look))
    return compare_prints(pictures[0], pictures[1], places)


def prepare_picture(source: Path) -> Prepared:
    """Make a picture that can be laid on a page of a file. Raises PictureRefused."""
    return prepare(source.read_bytes())


def read_roster(data: bytes) -> tuple[Roster, ...]:
    """The rosters of a spreadsheet, or of a packed OneRoster folder. Raises RosterRefused."""
    return read_packed(data) if is_packed_oneroster(data) else read_spreadsheet(data)


@contextmanager
def _alone(places: Sequence[Path]) -> Iterator[bool]:
    """Whether files are missing and no other process is making them; none begins before this one is done."""
    places[0].parent.mkdir(parents=True, exist_ok=True)
    with open(places[0].with_suffix(".lock"), "wb") as lock:
        try:
            fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except BlockingIOError:
            yield False
        else:
            yield not all(place.exists() for place in places)


def _put(place: Path, data: bytes) -> None:
    with written_whole(place) as out:
        out.write(data)
