"""Errors that a browser is told, each with a stable code, a sentence and an HTTP status."""

from typing import Any

from django.http import HttpRequest, HttpResponse
from ninja import NinjaAPI, Schema
from ninja.errors import AuthenticationError, HttpError, ValidationError

from velum.errors import VelumError


class ErrorOut(Schema):
    """``code`` never changes, ``message`` is for people."""

    code: str
    message: str


class Refused(VelumError):
    """A request that is understood and not done."""

    status = 422


class Missing(Refused):
    """Something that is not there, or not for this person: the two look the same from outside."""

    status = 404


class Conflict(Refused):
    """Something that has changed meanwhile."""

    status = 409


class TooLarge(Refused):
    status = 413


class TooMany(Refused):
    status = 429


class Busy(Refused):
    status = 503


def answer_errors(api: NinjaAPI) -> None:
    """Give an API the one way of answering errors."""

    def respond(request: HttpRequest, code: str, message: str, status: int) -> HttpResponse:
        return api.create_response(request, {"code": code, "message": message}, status=status)

    @api.exception_handler(VelumError)
    def refused(request: HttpRequest, error: VelumError) -> HttpResponse:
        return respond(request, error.code, error.message, getattr(error, "status", 422))

    @api.exception_handler(ValidationError)
    def invalid(request: HttpRequest, error: ValidationError) -> HttpResponse:
        where = _place(error.errors[0]) if error.errors else "the request"
        return respond(
            request, "request.invalid", f"This could not be read ({where}). What was saved before is kept.", 422
        )

    @api.exception_handler(HttpError)
    def unreadable(request: HttpRequest, error: HttpError) -> HttpResponse:
        if error.status_code == 403:
            return respond(
                request, "request.forged", "This page is too old. Load it again; what was saved is kept.", 403
            )
        return respond(
            request, "request.unreadable", "This could not be read. What was saved before is kept.", error.status_code
        )

    @api.exception_handler(AuthenticationError)
    def signed_out(request: HttpRequest, error: AuthenticationError) -> HttpResponse:
        return respond(request, "session.signed_out", "You are signed out. Sign in again; what was saved is kept.", 401)


def _place(fault: dict[str, Any]) -> str:
    return ".".join(str(part) for part in fault.get("loc", ()))[:200]
