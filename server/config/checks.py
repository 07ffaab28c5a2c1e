"""What must be right before Velum starts. The ids are stable."""

from typing import Any

from django.conf import settings
from django.core.checks import CheckMessage, Error, Warning, register


@register()
def front_end_is_built(app_configs: Any, **kwargs: Any) -> list[CheckMessage]:
    if (settings.STATIC_ROOT / "manifest.json").exists():
        return []
    return [Error("The front end is not built.", hint="Run `make build`.", id="velum.E001")]


@register()
def data_has_a_place(app_configs: Any, **kwargs: Any) -> list[CheckMessage]:
    if settings.DATA.is_dir():
        return []
    return [Error(f"The folder for data, {settings.DATA}, is not there.", hint="Make it.", id="velum.E003")]


@register()
def demo_is_not_for_a_school(app_configs: Any, **kwargs: Any) -> list[CheckMessage]:
    if settings.DEMO and settings.HTTPS:
        return [
            Error(
                "The demo shows everybody's mail, so it must not serve a school.",
                hint="Unset VELUM_DEMO, or VELUM_HTTPS.",
                id="velum.E002",
            )
        ]
    return []


@register(deploy=True)
def mail_reaches_somebody(app_configs: Any, **kwargs: Any) -> list[CheckMessage]:
    if settings.EMAIL_BACKEND.endswith("console.EmailBackend"):
        return [
            Warning("Mail is only printed, so nobody can confirm an address.", hint="Set EMAIL_URL.", id="velum.W001")
        ]
    return []
