"""Where worksheets may lead: to the sites that the school allows, and nowhere else."""

from django.conf import settings

from server.entrance.errors import Refused
from velum.links import is_on, site_of


def is_allowed(address: str) -> bool:
    """Whether students may be led to an address."""
    return is_on(address, settings.LINK_SITES)


def check(address: str) -> None:
    """Raises Refused for an address that may not be led to."""
    if not is_allowed(address):
        raise Refused(
            "link.site_not_allowed",
            "Worksheets of your school do not lead to {site}. Whoever runs Velum can allow it.",
            {"site": site_of(address)},
        )
