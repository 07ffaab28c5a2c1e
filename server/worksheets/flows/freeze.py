"""Freezing a worksheet as an edition."""

from functools import lru_cache

from server.worksheets.models import Edition, Worksheet
from velum.document.reading import read_worksheet
from velum.document.worksheet import Worksheet as Document


def freeze(worksheet: Worksheet) -> Edition:
    """The edition of a worksheet as it is now."""
    return Edition.objects.get_or_create(
        worksheet=worksheet, revision=worksheet.revision, defaults={"document": worksheet.document}
    )[0]


@lru_cache(maxsize=256)
def read_edition(edition_id: int) -> Document:
    """The document of an edition. Editions never change, so they are remembered."""
    return read_worksheet(Edition.objects.get(pk=edition_id).document)
