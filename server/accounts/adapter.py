from typing import Any

from allauth.account.adapter import DefaultAccountAdapter
from django.conf import settings
from django.db import transaction
from django.http import HttpRequest

from server.accounts.models import School, User

INVITED = "invited"
"""In the session of somebody who has come by an invitation: they may make an account wherever nobody else may."""


class TeacherAdapter(DefaultAccountAdapter):  # type: ignore[misc]  # allauth ships no types
    """Lets a school close the sign-up once its teachers are in; whoever signs up has a school of their own at first."""

    def is_open_for_signup(self, request: HttpRequest) -> bool:
        return bool(settings.SIGNUP_OPEN) or INVITED in request.session

    @transaction.atomic
    def save_user(self, request: HttpRequest, user: User, form: Any, commit: bool = True) -> User:
        if user.school_id is None:
            user.school = School.objects.create()
        saved: User = super().save_user(request, user, form, commit)
        return saved
