"""The size of a page, and why a file cannot become pages."""

from dataclasses import dataclass

from velum.errors import VelumError

MOST_PAGES = 2_000
SMALLEST_SIDE, LARGEST_SIDE = 9.0, 14_400.0
"""Points: from 3 mm up to the largest page that PDF 1.7 (ISO 32000-1, annex C.2) allows."""


class PaperRefused(VelumError):
    """A file that cannot become pages."""


@dataclass(frozen=True, slots=True)
class PageSize:
    """A page as shown, turned and cropped, in points."""

    width: float
    height: float


def check_count(count: int) -> None:
    """Raises PaperRefused for more pages than a worksheet can take."""
    if count > MOST_PAGES:
        raise PaperRefused.counted(
            "paper.too_many_pages",
            "This file has {count} page; a worksheet can take {most}.",
            "This file has {count} pages; a worksheet can take {most}.",
            count,
            {"most": MOST_PAGES},
        )


def page_size(width: float, height: float, number: int) -> PageSize:
    """The size of page ``number`` (from 0). Raises PaperRefused for one that no paper has."""
    if not all(SMALLEST_SIDE <= side <= LARGEST_SIDE for side in (width, height)):
        raise PaperRefused(
            "paper.page_size", "Page {page} of this file has a size that no paper has.", {"page": number + 1}
        )
    return PageSize(round(width, 3), round(height, 3))
