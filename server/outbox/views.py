from django.http import HttpRequest, HttpResponse
from django.shortcuts import render

from server.outbox.models import Mail


def outbox(request: HttpRequest) -> HttpResponse:
    """The mails of the demo, newest first."""
    return render(request, "outbox.html", {"mails": Mail.objects.all()[:50]})
