from allauth.account.adapter import DefaultAccountAdapter
from django.conf import settings
from django.http import HttpRequest


class TeacherAdapter(DefaultAccountAdapter):  # type: ignore[misc]  # allauth ships no types
    """Lets a school close the sign-up once its teachers are in."""

    def is_open_for_signup(self, request: HttpRequest) -> bool:
        return bool(settings.SIGNUP_OPEN)
