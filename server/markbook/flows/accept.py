"""Accepting an answer that was right after all: once, for everybody who gave it."""

import uuid

from server.accounts.models import User
from server.copies.flows.mark_again import mark_again
from server.copies.flows.read import read_answers
from server.entrance.errors import Missing, Refused
from server.handouts.flows.correct import correct
from server.handouts.flows.documents import document_of
from server.markbook.flows.overrule import find_copy_of_teacher
from server.may import Right
from velum.document.key_set import KeySet
from velum.kinds import kind_of
from velum.kinds.part import PartRef
from velum.marking.unit import Unreadable


def accept_answer(teacher: User, copy_id: uuid.UUID, ref: PartRef) -> int:
    """Count what this copy answers as right from now on; returns how many marks of its handout are others now.

    The worksheet stays as it is, and so does what the teacher decided. Raises Missing, and Refused for an answer that
    cannot be a key, such as a blank one.
    """
    copy = find_copy_of_teacher(teacher, copy_id, Right.MARK)
    document = document_of(copy.handout)
    field = document.field(ref.field)
    if field is None or all(part.id != ref.part for part in field.parts):
        raise Missing("field.missing", "This worksheet has no such field.")
    answer = read_answers(document, copy.answers.filter(field_id=ref.field)).get(ref.field)
    kind = kind_of(field)

    def with_answer(keys: KeySet) -> KeySet:
        before = keys.keys.get(ref.field)
        after = None
        if before is not None and answer is not None and not isinstance(answer, Unreadable):
            after = kind.accepting(field, ref.part, before, answer)
        if after is None:
            raise Refused("accept.no_key", "This answer cannot become one of the right ones. Decide its mark instead.")
        return keys.with_key(ref.field, after)

    correct(copy.handout, teacher, "accepted", with_answer)
    return mark_again(copy.handout)
