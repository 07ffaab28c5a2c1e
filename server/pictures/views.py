from django.contrib.auth.decorators import login_required
from django.http import HttpRequest, HttpResponseBase
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.files.send import send_disarmed
from server.pictures.flows.keep import own_picture


@login_required
@require_safe
def picture(request: HttpRequest, sha256: str) -> HttpResponseBase:
    """A picture of the signed-in teacher's."""
    kept = own_picture(teacher_of(request), sha256)
    return send_disarmed(kept.name, kept.media_type)
