"""Asking colleagues to teach a class too."""

import secrets
import uuid
from datetime import datetime, timedelta

from django.core.exceptions import ValidationError
from django.core.mail import send_mail
from django.core.validators import validate_email
from django.db import transaction
from django.db.models import QuerySet
from django.utils.translation import gettext

from server.accounts.models import User
from server.classes.flows.find import find_class
from server.classes.models import Class, Invitation, Teaching
from server.entrance.errors import Busy, Conflict, Missing, Refused
from server.may import Right, Role
from velum.outside_text import one_line
from velum.sentence import Sentence

VALID = timedelta(days=30)
MOST = 50
"""Teachers and invitations of one class."""

_NONE = Sentence("invitation.missing", "This invitation is not valid any more. Ask your colleague for a new one.")


def invite(teacher: User, class_id: uuid.UUID, email: str, role: Role, now: datetime) -> Invitation:
    """An invitation, which is to be sent. To ask the same address again renews it. Raises Missing and Refused."""
    of_class = find_class(teacher, class_id, Right.OWN)
    email = User.objects.normalize_email(email.strip()).lower()
    try:
        validate_email(email)
    except ValidationError:
        raise Refused("invitation.no_address", "This is no e-mail address. Look at it again.") from None
    if of_class.teachings.filter(teacher__email__iexact=email).exists():
        raise Refused("invitation.teaches_already", "{email} teaches this class already.", {"email": email})
    if of_class.teachings.count() + of_class.invitations.count() >= MOST:
        raise Refused("invitation.too_many", "A class has at most {most} teachers.", {"most": MOST})
    values = {"role": role, "token": secrets.token_urlsafe(24), "by": teacher, "at": now}
    return Invitation.objects.update_or_create(of_class=of_class, email=email, defaults=values)[0]


def send(invitation: Invitation, link: str) -> None:
    """Send an invitation by mail. Raises Busy when that fails; the invitation stands."""
    filled = {"name": invitation.of_class.name, "by": invitation.by.email, "link": link}
    subject = gettext("You are asked to teach %(name)s too") % filled
    body = gettext(
        "%(by)s asks you to teach the class %(name)s too.\n\nOpen this to say yes, within 30 days:\n%(link)s\n\n"
        "If you do not know what this is about, do nothing."
    )
    try:
        send_mail(subject, body % filled, None, [invitation.email])
    except OSError as problem:  # smtplib's errors are some of these
        raise Busy(
            "invitation.not_sent", "The mail could not be sent just now. The invitation is kept: send it again."
        ) from problem


def find_invitation(token: str, now: datetime) -> Invitation:
    """The invitation of a link. Raises Missing."""
    invitation = _valid(now).filter(token=one_line(token)[:40]).first()
    if invitation is None:
        raise Missing.of(_NONE)
    return invitation


def invitations_for(teacher: User, now: datetime) -> list[Invitation]:
    """What a teacher is asked."""
    return list(_valid(now).filter(email=teacher.email.lower()).order_by("-at"))


def _valid(now: datetime) -> "QuerySet[Invitation]":
    rows = Invitation.objects.select_related("of_class", "by")
    return rows.filter(at__gt=now - VALID, of_class__archived_at=None)


@transaction.atomic
def accept(teacher: User, token: str, now: datetime) -> Class:
    """Teach the class that one is asked to. Raises Missing, and Refused for somebody else or of another school."""
    invitation = find_invitation(token, now)
    if invitation.email != teacher.email.lower():
        raise Refused(
            "invitation.somebody_elses",
            "This invitation is for {email}, and you are signed in as {other}. Sign in with the other address.",
            {"email": invitation.email, "other": teacher.email},
        )
    of_class = invitation.of_class
    _join_school(teacher, of_class)
    Teaching.objects.get_or_create(of_class=of_class, teacher=teacher, defaults={"role": invitation.role})
    invitation.delete()
    return of_class


def withdraw(teacher: User, class_id: uuid.UUID, email: str) -> Class:
    """Take an invitation back, or have a colleague teach a class no more. Raises Missing, and Conflict for oneself."""
    of_class = find_class(teacher, class_id, Right.OWN)
    email = one_line(email).lower()
    if email == teacher.email.lower():
        raise Conflict("class.your_own", "You own this class. Archive it when you do not teach it any more.")
    of_class.invitations.filter(email=email).delete()
    of_class.teachings.filter(teacher__email__iexact=email).delete()
    return of_class


def _join_school(teacher: User, of_class: Class) -> None:
    """Have a teacher be of a class's school. Who is the only teacher of theirs brings its classes along."""
    old = User.objects.select_for_update().get(pk=teacher.pk).school
    if old.pk == of_class.school_id:
        return
    if old.teachers.exclude(pk=teacher.pk).exists():
        raise Refused(
            "invitation.another_school",
            "You teach at another school here. Make an account with another address to teach at this one too.",
        )
    old.classes.update(school=of_class.school_id)
    old.students.update(school=of_class.school_id)
    old.teachers.update(school=of_class.school_id)
    old.delete()
