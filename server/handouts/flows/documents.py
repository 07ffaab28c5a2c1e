"""What belongs to a handout: the document that its students work on, and the keys that they are marked by."""

import logging
from dataclasses import dataclass
from functools import lru_cache

from server.handouts.models import Handout, KeySet
from server.worksheets.flows.freeze import read_edition
from velum.document.document import Document
from velum.document.key_set import KeySet as Keys
from velum.document.reading import DocumentUnreadable, read_key_set

_log = logging.getLogger(__name__)


def document_of(handout: Handout) -> Document:
    """What students work on, as it was when it was handed out. Raises DocumentUnreadable."""
    return read_edition(handout.edition_id)


@dataclass(frozen=True)
class MarkedBy:
    """What the copies of a handout are marked by, and the name of it that stored marks bear.

    The name stands for all that marks depend on besides answers and tries: the keys, and what a try costs.
    """

    keys: Keys
    name: str


def marked_by(handout: Handout) -> MarkedBy:
    """What counts now. It is asked for each time: another process may have added keys. Raises DocumentUnreadable."""
    newest = newest_key_set(handout)
    return MarkedBy(read_keys(newest.pk), f"keys {newest.pk}/{handout.try_cost}")


def newest_key_set(handout: Handout) -> KeySet:
    """The row of the keys that count."""
    return handout.key_sets.defer("value").order_by("-place")[0]


@lru_cache(maxsize=256)
def read_keys(key_set_id: int) -> Keys:
    """The keys of a row. They never change, so they are remembered. Raises DocumentUnreadable."""
    try:
        return read_key_set(KeySet.objects.get(pk=key_set_id).value)
    except DocumentUnreadable as problem:
        _log.error("Key set %s cannot be read: %s %s", key_set_id, problem.code, problem.why)
        raise
