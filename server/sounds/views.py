from django.contrib.auth.decorators import login_required
from django.http import HttpRequest, HttpResponseBase
from django.views.decorators.http import require_safe

from server.accounts.teacher import teacher_of
from server.files.send import send_part_disarmed
from server.sounds.flows.keep import own_sound


@login_required
@require_safe
def sound(request: HttpRequest, sha256: str) -> HttpResponseBase:
    """A sound of the signed-in teacher's."""
    kept = own_sound(teacher_of(request), sha256)
    return send_part_disarmed(request, kept.name, kept.media_type)
