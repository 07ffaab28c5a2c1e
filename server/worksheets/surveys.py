"""What is found out about pages after they were brought in, kept beside their pictures and made again at any time."""

from collections.abc import Iterable
from pathlib import Path

from pydantic import ValidationError

from server.drawing import jobs, queue
from server.worksheets.models import SourceFile
from server.worksheets.pictures import Covers, folder_of
from server.worksheets.sources import local_path
from velum.document.page import Page
from velum.document.page_text import seen_lines, shown_lines
from velum.finding.read import Reading
from velum.paper.survey import PageText, Survey
from velum.paper.text import Line

TEXT, EARLIER = 5, 4
"""The versions of the texts that this release reads, and that the one before it has read."""

FOUND = 5
"""The version of what is found on pages: what an earlier one has found is looked for again."""


def begin(pages: Iterable[Page]) -> None:
    """Begin to look over and to read the pages of which nothing is known, after all that is drawn."""
    pages = [page for page in pages if not is_done(page)]
    sources = SourceFile.objects.in_bulk({page.source for page in pages})
    for page in pages:
        if page.source not in sources:
            continue
        source, surveyed, text = local_path(sources[page.source]), _survey_place(page), _text_place(page)
        queue.begin(surveyed, jobs.survey_page, source, page.number, surveyed, slow=True)
        queue.begin(text, jobs.read_page, source, page.number, surveyed, text, slow=True)
        found = _found_place(page)
        queue.begin(found, jobs.find_places, source, page, text, found, slow=True)


def is_done(page: Page) -> bool:
    """Whether nothing more is to be found out about a page."""
    return all(place.exists() or queue.failed_lately(place) for place in _places(page))


def reading_of(page: Page) -> Reading | None:
    """Where students answer on a page as it is shown, and what is printed around; None: it is not known yet."""
    known = known_reading(page)
    if known is None:
        if queue.failed_lately(_found_place(page)):
            return Reading()
        begin([page])
    return known


def known_reading(page: Page) -> Reading | None:
    """The same, as far as it is known: nothing is begun for it."""
    try:
        return Reading.model_validate_json(_found_place(page).read_bytes())
    except (FileNotFoundError, ValidationError):
        return None


def survey_of(page: Page) -> Survey | None:
    """What was found out about a page; None: not yet."""
    try:
        return Survey.model_validate_json(_survey_place(page).read_bytes())
    except (FileNotFoundError, ValidationError):
        return None


def text_of(page: Page) -> str:
    """What the file holds of a page as it is shown, line by line, for its teacher, who may know what is hidden too."""
    return "\n".join(line.text for line in shown_lines(page, _lines(page)))


def seen_lines_of(page: Page, covers: Covers) -> list[Line]:
    """What can be seen and read on a page, for those who listen to it."""
    return seen_lines(page, _lines(page), covers)


def _lines(page: Page) -> tuple[Line, ...]:
    """The lines of a page; none as long as they are not known.

    What is not known, because its file is gone with a folder that is never backed up for instance, is read again. As
    long as that takes, what an earlier release has read is better than nothing.
    """
    try:
        return PageText.model_validate_json(_text_place(page).read_bytes()).lines
    except (FileNotFoundError, ValidationError):
        begin([page])
    try:
        return PageText.model_validate_json(_text_place(page, EARLIER).read_bytes()).lines
    except (FileNotFoundError, ValidationError):
        return ()


def _survey_place(page: Page) -> Path:
    return folder_of(page) / f"{page.number}-survey-2.json"


def _text_place(page: Page, version: int = TEXT) -> Path:
    return folder_of(page) / f"{page.number}-text-{version}.json"


def _found_place(page: Page) -> Path:
    return folder_of(page) / f"{page.number}-found-{FOUND}-{page.look}.json"


def _places(page: Page) -> tuple[Path, ...]:
    return _survey_place(page), _text_place(page), _found_place(page)
