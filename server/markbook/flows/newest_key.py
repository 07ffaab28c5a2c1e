"""Marking a handout by the key that its worksheet has now."""

import uuid
from dataclasses import dataclass

from server.accounts.models import User
from server.copies.flows.mark_again import mark_again
from server.handouts.flows.documents import document_of
from server.handouts.flows.hand_out import find
from server.handouts.models import Handout
from server.worksheets import documents
from server.worksheets.flows.freeze import freeze
from velum.document.keying import with_key_of
from velum.document.reading import DocumentUnreadable
from velum.document.worksheet import Worksheet
from velum.kinds import kind_of


@dataclass(frozen=True)
class NewKey:
    """What the newest key would change: the fields whose right answer is another, and those of them whose key names
    something that the students' sheet does not have.
    """

    changed: list[str]
    doubtful: dict[str, str]


def preview(owner: User, handout_id: uuid.UUID) -> NewKey:
    """What using the newest key would mean. Raises Missing and DocumentUnreadable."""
    handout = find(owner, handout_id)
    document, newest = document_of(handout), _with_newest_key(handout)
    changed = [
        field.id
        for field in document.fields
        if newest.keys.get(field.id) != document.keys.get(field.id) or newest.decimal != document.decimal
    ]
    doubts = {
        field.id: kind_of(field).doubt(field, newest.keys[field.id], newest.decimal)
        for field in document.fields
        if field.id in newest.keys
    }
    return NewKey(changed, {name: doubt for name, doubt in doubts.items() if doubt and name in changed})


def use_newest_key(owner: User, handout_id: uuid.UUID) -> int:
    """Mark all that was and will be handed in by the newest key; returns how many marks are others now.

    The sheet of the students stays as it is, and so does what the teacher decided. Raises Missing and
    DocumentUnreadable.
    """
    handout = find(owner, handout_id)
    documents.read(handout.worksheet)
    handout.key_edition = freeze(handout.worksheet)
    handout.save(update_fields=["key_edition"])
    return mark_again(handout)


def key_is_newest(handout: Handout) -> bool:
    """Whether the worksheet would mark as the handout does."""
    if handout.worksheet.revision == (handout.key_edition or handout.edition).revision:
        return True
    document = document_of(handout)
    try:
        newest = _with_newest_key(handout)
    except DocumentUnreadable:
        return True  # there is no newer one that could be used
    return (newest.keys, newest.decimal) == (document.keys, document.decimal)


def _with_newest_key(handout: Handout) -> Worksheet:
    return with_key_of(document_of(handout), documents.read(handout.worksheet))
