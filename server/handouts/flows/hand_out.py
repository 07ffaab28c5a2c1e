"""Handing a worksheet out."""

import uuid
from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from django.db import transaction

from server import may
from server.accounts.models import User
from server.classes.flows.find import find_class, students_in
from server.classes.models import Student
from server.entrance.codes import new_code
from server.entrance.errors import Refused
from server.handouts.flows.settings import apply_settings
from server.handouts.models import Handout, KeySet
from server.may import Right
from server.worksheets import documents, pictures
from server.worksheets.flows.find import find_worksheet
from server.worksheets.flows.freeze import freeze
from velum.document.key_set import key_set_of
from velum.document.reading import write_key_set
from velum.sentence import Sentence

_NO_HANDOUT = Sentence("handout.missing", "There is no such handout of yours.")


@dataclass(frozen=True)
class To:
    """Whom a handout is for: a class, or those of its ``students`` who are named; None: anybody with the code."""

    of_class: uuid.UUID | None = None
    students: Collection[uuid.UUID] = ()


ANYBODY = To()


def hand_out(owner: User, worksheet_id: uuid.UUID) -> Handout:
    """A new handout of a worksheet as it is now, to anybody with the code. Raises as ``hand_out_to``."""
    return hand_out_to(owner, worksheet_id, [ANYBODY], {})[0]


@transaction.atomic
def hand_out_to(
    owner: User, worksheet_id: uuid.UUID, to: Sequence[To], settings: Mapping[str, Any], *, trial: bool = False
) -> list[Handout]:
    """A handout of a worksheet as it is now for each of these, all or none of them.

    Raises Missing, Refused for settings or students that do not go together with it, and DocumentUnreadable for a
    worksheet that cannot be read.
    """
    if not to:
        raise Refused("handout.nobody", "Choose to whom it is handed out: a class, some students, or anybody.")
    worksheet = find_worksheet(owner, worksheet_id)
    document = documents.read(worksheet)
    transaction.on_commit(lambda: pictures.begin_covered(document))
    edition, keys = freeze(worksheet), write_key_set(key_set_of(document))
    made = []
    for each in to:
        handout = Handout(
            worksheet=worksheet, edition=edition, code=_new_code(), guests=each.of_class is None, trial=trial
        )
        apply_settings(handout, settings)
        named = _audience(owner, handout, each)
        handout.save()
        handout.recipients.set(named)
        KeySet.objects.create(handout=handout, place=0, value=keys, by=owner, why="handed_out")
        made.append(handout)
    return made


def _audience(owner: User, handout: Handout, to: To) -> list[Student]:
    """Set the class of a handout that is for one. The students of it that it names. Raises Missing and Refused."""
    if to.of_class is None:
        return []
    handout.to_class = find_class(owner, to.of_class, Right.MARK)
    if handout.to_class.archived_at:
        raise Refused("class.archived", "This class is archived: nothing is handed out to it any more.")
    named = set(to.students)
    students = [student for student in students_in(handout.to_class) if student.pk in named] if named else []
    if len(students) < len(named):
        raise Refused("handout.not_in_class", "Somebody you chose is not in this class any more. Choose again.")
    return students


def _new_code() -> str:
    code = new_code()
    while Handout.objects.filter(code=code).exists():
        code = new_code()
    return code


def find_handout(teacher: User, handout_id: uuid.UUID, right: Right) -> Handout:
    """A handout that a teacher may do this with. Raises Missing."""
    # Documents are large, and a teacher's page asks all the time whether anything happened.
    found = Handout.objects.select_related("worksheet", "edition", "to_class")
    found = found.defer("worksheet__document", "edition__document")
    return may.get(found.filter(may.handout_of(teacher, right)), handout_id, _NO_HANDOUT)


def right_to(teacher: User, handout: Handout) -> Right:
    """The most that a teacher who sees a handout may do with it."""
    rows = Handout.objects.filter(pk=handout.pk)
    return next(
        (right for right in (Right.OWN, Right.MARK) if rows.filter(may.handout_of(teacher, right)).exists()), Right.LOOK
    )
