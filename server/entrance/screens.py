"""A screen: an empty page that a Svelte entry fills, with the data it begins with."""

from collections.abc import Iterable, Sequence
from typing import Any

from django.http import HttpRequest, HttpResponse
from django.middleware.csrf import get_token
from django.shortcuts import render
from django.utils.translation import get_language
from pydantic import BaseModel


def screen(
    request: HttpRequest,
    name: str,
    title: str,
    data: BaseModel | dict[str, Any],
    *,
    picture: str = "",
    modules: Iterable[str] = (),
    assets: Sequence[str] = (),
) -> HttpResponse:
    """Show the screen whose entry is ``web/src/screens/<name>/main.ts``.

    ``picture`` is the address of a picture that the screen will show first, and ``modules`` are those of scripts that
    it will load, so that they are asked for at once. ``assets`` are those of what it may load later, for a screen that
    is kept on its device.
    The page is never kept by the browser: going back must show what is true now.
    """
    begin = data.model_dump(mode="json") if isinstance(data, BaseModel) else data
    response = render(
        request,
        "screen.html",
        {
            "entry": f"src/screens/{name}/main.ts",
            "title": title,
            "picture": picture,
            "modules": modules,
            "words": f"src/words/{name}/{get_language()}.js",
            "begin": {"csrf": get_token(request), "data": begin, "assets": list(assets)},
        },
    )
    response["Cache-Control"] = "no-store"
    return response
