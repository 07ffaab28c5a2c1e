"""A document camera that is not there: it stands in for a real one in the demo and in tests.

It shows the pictures in the data's folder ``camera``, one after the other, as if somebody laid the next sheet under it.
"""

import time

from django.conf import settings
from django.http import FileResponse, Http404, HttpRequest, HttpResponseBase
from django.views.decorators.http import require_safe

_SECONDS_A_SHEET = 6


@require_safe
def frame(request: HttpRequest) -> HttpResponseBase:
    """What the camera sees now."""
    sheets = sorted((settings.DATA / "camera").glob("*.jpg"))
    if not sheets:
        raise Http404("Nothing lies under the camera.")
    sheet = sheets[int(time.time() / _SECONDS_A_SHEET) % len(sheets)]
    return FileResponse(sheet.open("rb"), content_type="image/jpeg", headers={"Cache-Control": "no-store"})
