"""What teachers are shown of handouts."""

import uuid
from datetime import datetime

from django.http import HttpRequest
from django.urls import reverse
from ninja import Schema

from server.accounts.teacher import teacher_of
from server.entrance.codes import shown
from server.handouts.flows.hand_out import right_to
from server.handouts.models import Handout
from server.may import Right
from velum.shown_names import Names


class HandedToOut(Schema):
    """The class that a handout is to; ``some``: to how many of its students, None: to all."""

    id: uuid.UUID
    name: str
    some: int | None
    names: Names
    """How names are shown where others see them."""


class HandoutOut(Schema):
    """``link`` is the whole address that students open, ``code`` what they type instead."""

    id: uuid.UUID
    worksheet: uuid.UUID
    title: str
    code: str
    link: str
    right: Right
    """The most that the teacher who asks may do with it."""
    to_class: HandedToOut | None
    """None: to anybody with the code."""
    message: str
    open: bool
    opens_at: datetime | None
    due_at: datetime | None
    takes_late: bool
    closes_at: datetime | None
    minutes: int | None
    may_check: bool
    tries_allowed: int | None
    try_cost: int
    shows_reasons: bool
    shows_hints: bool
    created_at: datetime
    edition_is_newest: bool


def _handed_to(handout: Handout) -> HandedToOut | None:
    if handout.to_class is None:
        return None
    return HandedToOut(
        id=handout.to_class.pk,
        name=handout.to_class.name,
        some=handout.recipients.count() or None,
        names=Names(handout.to_class.names),
    )


def handout_out(request: HttpRequest, handout: Handout) -> HandoutOut:
    return HandoutOut(
        id=handout.pk,
        worksheet=handout.worksheet.pk,
        title=handout.edition.title,
        code=shown(handout.code),
        link=request.build_absolute_uri(reverse("join_with_code", args=[handout.code])),
        right=right_to(teacher_of(request), handout),
        to_class=_handed_to(handout),
        message=handout.message,
        open=handout.open,
        opens_at=handout.opens_at,
        due_at=handout.due_at,
        takes_late=handout.takes_late,
        closes_at=handout.closes_at,
        minutes=handout.minutes,
        may_check=handout.may_check,
        tries_allowed=handout.tries_allowed,
        try_cost=handout.try_cost,
        shows_reasons=handout.shows_reasons,
        shows_hints=handout.shows_hints,
        created_at=handout.created_at,
        edition_is_newest=handout.edition.revision == handout.worksheet.revision,
    )
