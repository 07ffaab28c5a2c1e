from django.contrib.auth.decorators import login_required
from django.core.files.storage import default_storage
from django.http import FileResponse, Http404, HttpRequest, HttpResponseBase
from django.views.decorators.http import require_safe

from server.accounts.models import User
from server.config.errors import Missing
from server.pictures.flows.keep import own_picture
from server.pictures.models import Picture


@login_required
@require_safe
def picture(request: HttpRequest, sha256: str) -> HttpResponseBase:
    """A picture of the signed-in teacher's."""
    assert isinstance(request.user, User)
    try:
        return send_picture(own_picture(request.user, sha256))
    except Missing as missing:
        raise Http404(missing.message) from missing


def send_picture(kept: Picture) -> HttpResponseBase:
    """A picture, disarmed: opened by itself it runs nothing, fetches nothing, and is of no origin."""
    response = FileResponse(default_storage.open(kept.name), content_type=kept.media_type)
    response["Cache-Control"] = "private, max-age=604800, immutable"  # its address names its content
    response["Content-Security-Policy"] = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox"
    response["X-Content-Type-Options"] = "nosniff"
    return response
