"""What every template may ask for."""

from django.conf import settings
from django.http import HttpRequest


def demo(request: HttpRequest) -> dict[str, bool]:
    return {"demo": settings.DEMO}
