"""The document of a handout: what its students work on, with the key that counts."""

from server.handouts.models import Handout
from server.worksheets.flows.freeze import read_edition, read_edition_with_key_of
from velum.document.worksheet import Worksheet


def document_of(handout: Handout) -> Worksheet:
    """What students work on, as it was when it was handed out; its key may have been changed since."""
    if handout.key_edition_id is None:
        return read_edition(handout.edition_id)
    return read_edition_with_key_of(handout.edition_id, handout.key_edition_id)


def key_of(handout: Handout) -> str:
    """Names what marks depend on besides answers and tries: the key, and what a try costs."""
    return f"{handout.key_edition_id or handout.edition_id}/{handout.try_cost}"
