"""What teachers are shown of handouts."""

import uuid
from datetime import datetime

from django.http import HttpRequest
from django.urls import reverse
from ninja import Schema

from server.handouts.codes import shown
from server.handouts.models import Handout


class HandoutOut(Schema):
    """``link`` is the whole address that students open, ``code`` what they type instead."""

    id: uuid.UUID
    worksheet: uuid.UUID
    title: str
    code: str
    link: str
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


def handout_out(request: HttpRequest, handout: Handout) -> HandoutOut:
    return HandoutOut(
        id=handout.pk,
        worksheet=handout.worksheet.pk,
        title=handout.edition.title,
        code=shown(handout.code),
        link=request.build_absolute_uri(reverse("join_with_code", args=[handout.code])),
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
