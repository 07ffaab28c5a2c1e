"""Errors that a browser is told, each with a stable code, a sentence and an HTTP status."""

import logging
from collections.abc import Callable, Sequence
from typing import Any, Self

from django.db import OperationalError
from django.http import HttpRequest, HttpResponse
from django.http.response import HttpResponseBase
from django.shortcuts import render
from django.views.defaults import page_not_found
from ninja import NinjaAPI, Schema
from ninja.errors import AuthenticationError, HttpError, ValidationError

from server.words.say import say
from velum.errors import VelumError
from velum.sentence import Sentence

_log = logging.getLogger(__name__)

BUSY = Sentence("server.busy", "The server is busy just now. What was saved before is kept; try again in a moment.")

_FORGED = Sentence("request.forged", "This page is too old. Load it again; what was saved is kept.")
_UNREADABLE = Sentence("request.unreadable", "This could not be read. What was saved before is kept.")
_SIGNED_OUT = Sentence("session.signed_out", "You are signed out. Sign in again; what was saved is kept.")
_FAILED = Sentence("server.failed", "The server could not do this. What was saved before is kept.")

MOST_FAULTS = 100
"""Faults of a request that are told; nobody mends more at a time."""


class FaultOut(Schema):
    """``code`` never changes, ``message`` is for people; ``path`` says which part of the request it is about."""

    code: str
    message: str
    path: list[str | int] = []

    @classmethod
    def of(cls, sentence: Sentence, path: Sequence[str | int] = ()) -> Self:
        return cls(code=sentence.code, message=say(sentence), path=list(path))


class ErrorOut(FaultOut):
    """What is told of a request that was not done: of its first fault, and then all of its ``faults``, this one too."""

    faults: list[FaultOut] = []


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

    def respond_all(request: HttpRequest, faults: Sequence[FaultOut], status: int) -> HttpResponse:
        told = [fault.model_dump() for fault in faults[:MOST_FAULTS]]
        return api.create_response(request, {**told[0], "faults": told}, status=status)

    def respond(request: HttpRequest, sentence: Sentence, status: int) -> HttpResponse:
        return respond_all(request, [FaultOut.of(sentence)], status)

    @api.exception_handler(VelumError)
    def refused(request: HttpRequest, error: VelumError) -> HttpResponse:
        faults = [FaultOut.of(each.sentence, each.path) for each in (error, *error.others)]
        return respond_all(request, faults, getattr(error, "status", 422))

    @api.exception_handler(ValidationError)
    def invalid(request: HttpRequest, error: ValidationError) -> HttpResponse:
        faults = [FaultOut.of(_fault(fault), _path(fault)) for fault in error.errors or [{}]]
        return respond_all(request, faults, 422)

    @api.exception_handler(HttpError)
    def unreadable(request: HttpRequest, error: HttpError) -> HttpResponse:
        if error.status_code == 403:
            return respond(request, _FORGED, 403)
        return respond(request, _UNREADABLE, error.status_code)

    @api.exception_handler(AuthenticationError)
    def signed_out(request: HttpRequest, error: AuthenticationError) -> HttpResponse:
        return respond(request, _SIGNED_OUT, 401)

    @api.exception_handler(OperationalError)
    def busy(request: HttpRequest, error: OperationalError) -> HttpResponse:
        _log.warning("The database was busy: %s", error)
        return respond(request, BUSY, 503)

    @api.exception_handler(Exception)
    def failed(request: HttpRequest, error: Exception) -> HttpResponse:
        _log.exception("A request failed: %s %s", request.method, request.path)
        return respond(request, _FAILED, 500)


class SayErrors:
    """What a page's view is refused is told as a page; what an API is refused, the API tells itself."""

    def __init__(self, get_response: Callable[[HttpRequest], HttpResponseBase]) -> None:
        self._get_response = get_response

    def __call__(self, request: HttpRequest) -> HttpResponseBase:
        return self._get_response(request)

    def process_exception(self, request: HttpRequest, error: Exception) -> HttpResponse | None:
        if isinstance(error, Missing):
            return page_not_found(request, error)
        if isinstance(error, VelumError):
            status, sentence = getattr(error, "status", 422), error.sentence
        elif isinstance(error, OperationalError):
            _log.warning("The database was busy: %s", error)
            status, sentence = 503, BUSY
        else:
            return None
        return render(request, "error.html", {"message": say(sentence)}, status=status)


def _path(fault: dict[str, Any]) -> list[str | int]:
    """Where in a request's body a fault lies, from the outside in."""
    return [part if isinstance(part, int) else str(part)[:100] for part in fault.get("loc", ())[2:12]]


def _fault(fault: dict[str, Any]) -> Sentence:
    """What is wrong with a part of a request: too much of it is said in numbers, anything else by its name."""
    named = [part for part in fault.get("loc", ()) if isinstance(part, str)]
    name = named[-1].replace("_", " ")[:60] if named else "request"
    limits = fault.get("ctx", {})
    match fault.get("type"):
        case "string_too_long":
            return Sentence.counted(
                "request.invalid",
                "The {name} is too long: at most {count} letter. What was saved before is kept.",
                "The {name} is too long: at most {count} letters. What was saved before is kept.",
                limits["max_length"],
                {"name": name},
            )
        case "too_long":
            return Sentence(
                "request.invalid",
                "There is too much of {name}: at most {most}. What was saved before is kept.",
                {"name": name, "most": limits["max_length"]},
            )
        case _:
            return Sentence(
                "request.invalid", "The {name} could not be read. What was saved before is kept.", {"name": name}
            )
