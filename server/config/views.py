from django.http import HttpRequest, HttpResponse
from django.shortcuts import redirect, render

from server.classes.cookies import signed_in


def welcome(request: HttpRequest) -> HttpResponse:
    """The front door: a code for students, a way in for teachers."""
    if request.user.is_authenticated:
        return redirect("desk")
    return render(request, "welcome.html", {"student": signed_in(request)})
