"""Marking a handout by the key that its worksheet has now."""

import uuid
from dataclasses import dataclass

from server.accounts.models import User
from server.copies.flows.mark_again import mark_again
from server.handouts.flows.correct import correct
from server.handouts.flows.documents import document_of, marked_by
from server.handouts.flows.hand_out import find_handout
from server.handouts.models import Handout
from server.may import Right
from server.worksheets import documents
from velum.document.key_set import KeySet, key_set_of, other_keys, renewed
from velum.document.reading import DocumentUnreadable
from velum.kinds import kind_of
from velum.sentence import Sentence


@dataclass(frozen=True)
class NewKey:
    """What the newest key would change: the fields whose right answer is another, and those of them whose key names
    something that the students' sheet does not have.
    """

    changed: list[str]
    doubtful: dict[str, Sentence]


def preview(handout: Handout) -> NewKey:
    """What using the newest key would mean. Raises DocumentUnreadable."""
    fields, before = {field.id: field for field in document_of(handout).fields}, marked_by(handout).keys
    newest = _newest(handout, before)
    changed = other_keys(before, newest, fields)
    doubts = {
        name: kind_of(fields[name]).doubt(fields[name], newest.keys[name], newest.settings)
        for name in changed
        if name in newest.keys
    }
    return NewKey(changed, {name: doubt for name, doubt in doubts.items() if doubt})


def use_newest_key(owner: User, handout_id: uuid.UUID) -> int:
    """Mark all that was and will be handed in by the newest key; returns how many marks are others now.

    The sheet of the students stays as it is, and so does what the teacher decided. Raises Missing and
    DocumentUnreadable.
    """
    handout = find_handout(owner, handout_id, Right.OWN)
    correct(handout, owner, "newest_key", lambda before: _newest(handout, before))
    return mark_again(handout)


def key_is_newest(handout: Handout, before: KeySet) -> bool:
    """Whether the worksheet would mark as the handout does by these keys."""
    if before == key_set_of(document_of(handout)) and handout.worksheet.revision == handout.edition.revision:
        return True
    try:
        newest = _newest(handout, before)
    except DocumentUnreadable:
        return True  # there is no newer one that could be used
    return (newest.keys, newest.settings) == (before.keys, before.settings)


def _newest(handout: Handout, before: KeySet) -> KeySet:
    return renewed(before, document_of(handout), documents.read(handout.worksheet))
