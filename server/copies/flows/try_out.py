"""Trying a worksheet out: its teacher is a student of it, alone, and nothing of that counts anywhere."""

import uuid
from datetime import datetime

from django.db import transaction
from django.utils.translation import gettext

from server.accounts.models import User
from server.copies.flows.join import join
from server.copies.models import Answer, Copy
from server.handouts.flows.hand_out import ANYBODY, hand_out_to
from server.worksheets.flows.find import find_worksheet
from server.worksheets.models import Worksheet

_SETTINGS = {"may_check": True}


@transaction.atomic
def try_out(owner: User, worksheet_id: uuid.UUID, now: datetime, *, anew: bool) -> Copy:
    """A copy of a worksheet as it is now, to try it with: the one of before, unless it is begun ``anew``.

    When the worksheet was changed since, what was written goes into a copy of what it is now; one that was handed in
    stays as it is. Raises Missing, and DocumentUnreadable for a worksheet that cannot be read.
    """
    found = find_worksheet(owner, worksheet_id)
    # Two tabs that begin at once would else each leave a trial behind.
    worksheet = Worksheet.objects.select_for_update(no_key=True).get(pk=found.pk)
    before = None if anew else _trial_of(worksheet)
    if before and (before.handed_in_at is not None or before.handout.edition.revision == worksheet.revision):
        return before
    old = [handout.pk for handout in worksheet.handouts.filter(trial=True)]
    (handout,) = hand_out_to(owner, worksheet.pk, [ANYBODY], (before and _settings_of(before)) or _SETTINGS, trial=True)
    copy = join(handout, gettext("A student"), now)
    if before:
        _write_again(before, copy)
    worksheet.handouts.filter(pk__in=old).delete()
    # Nothing but the trial has frozen it so.
    worksheet.editions.filter(handouts=None).delete()
    return copy


def _trial_of(worksheet: Worksheet) -> Copy | None:
    copies = Copy.objects.filter(handout__worksheet=worksheet, handout__trial=True)
    return copies.select_related("handout__edition").order_by("-joined_at").first()


def _settings_of(copy: Copy) -> dict[str, object]:
    """What was settled for a trial stays so."""
    names = ("may_check", "tries_allowed", "try_cost", "shows_reasons", "shows_hints")
    return {name: getattr(copy.handout, name) for name in names}


def _write_again(before: Copy, copy: Copy) -> None:
    """Put the answers of a copy into another. Files that they speak of are kept for it too."""
    Answer.objects.bulk_create(
        Answer(
            copy=copy,
            field_id=answer.field_id,
            entry=answer.entry,
            revision=answer.revision,
            value=answer.value,
            typed_at=answer.typed_at,
            device=answer.device,
        )
        for answer in before.answers.all()
    )
    before.files.update(copy=copy)
    copy.saved_at, copy.saves = before.saved_at, 1
    copy.save(update_fields=["saved_at", "saves"])
