"""Addresses that lead out of a worksheet: which are safe to be pressed, and on which sites they are."""

from collections.abc import Iterable
from typing import Annotated

from pydantic import AfterValidator, HttpUrl, StringConstraints, TypeAdapter

LONGEST = 2_000
_URL = TypeAdapter(HttpUrl)


def _safe(text: str) -> str:
    """The address, as a browser would write it. Raises ValueError."""
    url = _URL.validate_python(text)
    if url.username or url.password:
        raise ValueError("says who signs in")  # and so looks as if it led to another site
    return str(url)


Address = Annotated[str, StringConstraints(strip_whitespace=True, max_length=LONGEST), AfterValidator(_safe)]
"""An address of the web (``http`` or ``https``), with no name or password in it."""


def site_of(address: str) -> str:
    """The host that an address leads to, as it is looked up: letters of other scripts in Punycode (RFC 5891).

    >>> site_of("https://tides.gullhaven.example/north")
    'tides.gullhaven.example'
    """
    return _URL.validate_python(address).host or ""


def is_on(address: str, sites: Iterable[str]) -> bool:
    """Whether an address leads to one of these sites, or to a part of one.

    >>> is_on("https://tides.gullhaven.example/", ["gullhaven.example"])
    True
    >>> is_on("https://gullhaven.example.elsewhere.example/", ["gullhaven.example"])
    False
    """
    host = site_of(address).rstrip(".")
    return any(host == site or host.endswith(f".{site}") for site in map(_plain, sites) if site)


def _plain(site: str) -> str:
    return site.strip(". ").lower()
